package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.measure.Quantity;
import roughcut.measure.Value;
import roughcut.measure.ValueKey;
import roughcut.record.Build;
import roughcut.start.InstrumentKind;
import roughcut.start.NewInstrument;

/** The keys of the rooms name each number once, and only numbers that are told somewhere. */
class KeysTest {
  /**
   * Told only of what none of these instruments has: a curved insert, a machine with two stops,
   * strings that were read at set-up.
   */
  private static final Set<String> ELSEWHERE =
      Set.of(
          "joint.chord",
          "rod.adjuster.cutter",
          "setup.action-12.turns",
          "setup.action-12-bass.turns",
          "setup.nut-to-file",
          "setup.relief-over",
          "slot.second");

  private static List<ValueKey> keys() throws IllegalAccessException {
    List<ValueKey> keys = new ArrayList<>();
    for (JavaClass type :
        new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("roughcut")) {
      if (!type.getSimpleName().endsWith("Keys")) {
        continue;
      }
      for (JavaField field : type.getFields()) {
        if (field.getRawType().isEquivalentTo(ValueKey.class)) {
          keys.add((ValueKey) field.reflect().get(null));
        }
      }
    }
    return keys;
  }

  @Test
  void everyNumberIsNamedOnce() throws IllegalAccessException {
    List<ValueKey> keys = keys();
    assertThat(keys).hasSizeGreaterThan(200);
    assertThat(keys.stream().map(ValueKey::id)).doesNotHaveDuplicates();
    assertThat(keys).allSatisfy(k -> assertThat(k.label().toString()).as(k.id()).isNotBlank());
    Set<String> decided = new HashSet<>();
    Decisions.all().stream().map(Decision::id).forEach(decided::add);
    assertThat(keys.stream().map(ValueKey::id).filter(decided::contains))
        .as("what is decided has its key already: NumberDecision.key()")
        .isEmpty();
  }

  /** A key that nothing is told under is a leftover; one told in another unit would be two. */
  @Test
  void everyKeyIsToldInSomeInstrumentAndMeansOneThing() throws IllegalAccessException {
    Map<String, Quantity> told = new HashMap<>();
    List<Build> builds = new ArrayList<>(Constructions.all());
    builds.add(NewInstrument.usual("Siskin", InstrumentKind.TWELVE_STRINGS).build());
    for (Build build : builds) {
      Set<Value> seen = java.util.Collections.newSetFromMap(new IdentityHashMap<>());
      for (Value value : Plan.of(build, Demo.shop()).values().values()) {
        walk(value, seen);
      }
      for (Value value : seen) {
        told.putIfAbsent(value.id(), value.quantity());
      }
    }
    Set<String> never = new TreeSet<>();
    for (ValueKey key : keys()) {
      Quantity quantity = told.get(key.id());
      if (quantity == null) {
        never.add(key.id());
      } else {
        assertThat(quantity).as(key.id()).isEqualTo(key.quantity());
      }
    }
    assertThat(never).isEqualTo(new TreeSet<>(ELSEWHERE));
  }

  private static void walk(Value value, Set<Value> seen) {
    if (seen.add(value)) {
      value.dependsOn().forEach(v -> walk(v, seen));
    }
  }
}

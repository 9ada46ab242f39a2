package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.Field;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.blank.BlankKeys;
import roughcut.demo.Demo;
import roughcut.design.OperationId;
import roughcut.finding.Chapter;
import roughcut.fretboard.FretboardKeys;
import roughcut.layout.LayoutKeys;
import roughcut.measure.Text;
import roughcut.measure.ValueRow;
import roughcut.neck.NeckKeys;
import roughcut.part.PartId;
import roughcut.plan.Constructions;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.rout.RoutKeys;
import roughcut.strings.StringKeys;
import roughcut.wild.RandomBuilds;

/** An order of work has no holes: what it is bound behind is in it, what it sets is told. */
class CompleteRouteTest {
  /** Looks for itself, in what was made, rather than trusting what refuses to make it. */
  private static void complete(Plan plan, List<Operation> order, String name) {
    Set<String> there = new HashSet<>();
    order.forEach(o -> assertThat(there.add(o.id())).as(name + ": twice " + o.id()).isTrue());
    for (Operation op : order) {
      assertThat(op.settings()).as(name + ": " + op.id()).allMatch(s -> plan.value(s).isPresent());
    }
  }

  @Test
  void everyConstructionHasAWholeOrder() {
    int operations = 0;
    for (Build build : Constructions.all()) {
      Plan plan = Plan.of(build, Demo.shop());
      List<Operation> order = Operations.of(plan);
      complete(plan, order, build.name());
      operations += order.size();
    }
    assertThat(operations).isGreaterThan(1500);
  }

  /** Legal builds of every kind, sensible and wild: none has an order with a hole in it. */
  @Test
  void twoHundredRandomBuildsHaveWholeOrders() {
    for (int i = 0; i < 200; i++) {
      RandomBuilds.Case one =
          i % 2 == 0 ? RandomBuilds.near(2800 + i) : RandomBuilds.wild(2800 + i);
      Plan plan = Plan.of(one.build(), one.shop());
      complete(plan, Operations.of(plan), "seed " + (2800 + i));
    }
  }

  /** What may be missing is told somewhere: else it is misspelt, and would be missing for ever. */
  @Test
  void everythingThatMayBeMissingIsThereInSomeInstrument() {
    Set<String> never = new HashSet<>();
    Set<String> told = new HashSet<>();
    for (Build build : Constructions.all()) {
      Plan plan = Plan.of(build, Demo.shop());
      Operations.write(plan)
          .optional()
          .forEach(i -> (plan.value(i).isPresent() ? told : never).add(i));
    }
    never.removeAll(told);
    assertThat(told).hasSizeGreaterThan(30);
    assertThat(never).isEmpty();
  }

  private static OperationDraft op(OperationId id) {
    return Operation.of(id, PartId.NECK, Chapter.NECK, Text.of("Something"), 10);
  }

  @Test
  void whatIsBoundBehindNothingIsNotMade() {
    OperationListBuilder list = new OperationListBuilder(Heron.with());
    list.add(op(OperationId.NECK_MILL));
    list.add(
        op(OperationId.NECK_FLATTEN).after(OperationId.NECK_MILL, Text.of("there is no blank")));
    assertThat(list.complete()).hasSize(2);
    list.add(op(OperationId.NECK_LINES).after(OperationId.NECK_GLUE, Text.of("it isn't glued")));
    assertThatThrownBy(list::complete)
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("neck.lines comes after neck.glue");
  }

  @Test
  void oneThatNotEveryInstrumentHasIsSaidToBe() {
    OperationListBuilder list = new OperationListBuilder(Heron.with());
    list.add(
        op(OperationId.NECK_LINES).afterIfThere(OperationId.NECK_GLUE, Text.of("it isn't glued")));
    assertThat(list.complete()).hasSize(1);
  }

  @Test
  void aNumberThatNobodyTellsIsNotSet() {
    OperationListBuilder list = new OperationListBuilder(Heron.with());
    list.add(
        op(OperationId.NECK_MILL)
            .set(BlankKeys.STACK_LENGTH)
            .setIfThere(BlankKeys.STRIP_SAWN.of("maple", 99)));
    assertThat(list.complete().get(0).settings()).containsExactly("stack.length");
    list.add(op(OperationId.NECK_GLUE).set(BlankKeys.GLUE_STAGES.of("glue.step.9")));
    assertThatThrownBy(list::complete).hasMessageContaining("neck.glue sets glue.step.9.stages");
  }

  /** Every row of names that is declared is told by some instrument: none is left over. */
  @Test
  void everyRowOfNumbersIsTold() throws IllegalAccessException {
    List<Plan> plans =
        Constructions.all().stream().map(build -> Plan.of(build, Demo.shop())).toList();
    List<Class<?>> keys =
        List.of(
            BlankKeys.class,
            FretboardKeys.class,
            LayoutKeys.class,
            NeckKeys.class,
            RoutKeys.class,
            StringKeys.class);
    int rows = 0;
    for (Class<?> own : keys) {
      for (Field field : own.getFields()) {
        if (field.get(null) instanceof ValueRow row) {
          rows++;
          Pattern any = Pattern.compile(row.pattern().replace(".", "\\.").replace("{}", ".+"));
          assertThat(plans)
              .as(field.getName())
              .anyMatch(p -> p.values().keySet().stream().anyMatch(any.asMatchPredicate()));
        }
      }
    }
    assertThat(rows).isGreaterThan(40);
  }

  /** Every operation of every construction is one that is named, or a row of like ones. */
  @Test
  void everyOperationIsNamedOnce() throws IllegalAccessException {
    Set<String> named = new HashSet<>();
    for (var field : OperationId.class.getFields()) {
      if (field.getType() == OperationId.class) {
        assertThat(named.add(((OperationId) field.get(null)).text())).as(field.getName()).isTrue();
      }
    }
    List<String> strange = new ArrayList<>();
    Set<String> used = new HashSet<>();
    for (Build build : Constructions.all()) {
      for (Operation op : Operations.of(Plan.of(build, Demo.shop()))) {
        used.add(op.id());
        if (!named.contains(op.id())
            && !op.id()
                .matches("body\\.cut\\..+|finish\\.coat\\.\\d|neck\\.(strip|step)\\.\\d.*")) {
          strange.add(op.id());
        }
      }
    }
    assertThat(strange).isEmpty();
    named.removeAll(used);
    assertThat(named).as("named, and of no instrument").isEmpty();
  }
}

package roughcut.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.Heron;
import roughcut.bench.Bench;
import roughcut.bench.Operation;
import roughcut.demo.Demo;
import roughcut.file.BuildFile;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Measurables;
import roughcut.record.Reading;
import roughcut.shop.Shop;
import roughcut.shop.Template;

/** A fitting that is called otherwise is the same fitting: nothing but words changes. */
class FittingLabelTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  @TempDir Path folder;

  /** A demo with numbers of a fitting decided and read away from what is listed. */
  private static Build marked(Build build, Fitting fitting, Random random) {
    Build next = build;
    for (Decision decision : FittingDecisions.of(fitting)) {
      if (decision instanceof NumberDecision number) {
        double usual = number.in(next.design());
        double value = Math.min(number.most(), usual + 0.125 * random.nextDouble());
        next = next.withDesign(number.with(next.design(), value));
        if (number.measurable() && random.nextBoolean()) {
          next = next.withReading(Reading.of(number.id(), value, DAY));
        }
      }
    }
    NumberDecision depth = FittingDecisions.depth(next.design(), fitting.name());
    return next.withDesign(depth.with(next.design(), random.nextBoolean() ? 0 : 17.25));
  }

  /** In any script, with figures, as long as it gets. */
  private static final List<String> LABELS =
      List.of("Гриф", "首ピックアップ", "P‑90 & co “left”", "x".repeat(Fitting.LONGEST_LABEL));

  /** The plan's numbers under their ids. */
  private static Map<String, Double> numbers(Build build) {
    Map<String, Double> all = new TreeMap<>();
    Plan.of(build, Demo.shop()).values().forEach((id, v) -> all.put(id, v.value()));
    return all;
  }

  private static Build called(Build build, String name, String label) {
    return build.withDesign(build.design().withFittingCalled(name, label));
  }

  /**
   * Nothing that goes by it changes: ids of numbers, operations, readings, order and what joins.
   */
  @Test
  void onlyWordsChangeAndTheFileKeepsThem() throws Exception {
    Random random = new Random(8);
    for (Build demo : Demo.builds(DAY)) {
      for (Fitting fitting : demo.design().fittings()) {
        String label = LABELS.get(random.nextInt(LABELS.size()));
        Build before = marked(demo, fitting, random);
        Build after = called(before, fitting.name(), label);
        assertThat(after.log()).isEqualTo(before.log());
        assertThat(after.design().withFittings(before.design().fittings()))
            .isEqualTo(before.design());
        assertThat(numbers(after)).as(fitting.name()).isEqualTo(numbers(before));
        assertThat(operations(after)).isEqualTo(operations(before));
        Path file = folder.resolve(demo.name() + "-" + fitting.name() + ".roughcut.json");
        BuildFile.at(file).save(after);
        Build read = BuildFile.open(file).build();
        assertThat(read.design().fittings()).isEqualTo(after.design().fittings());
        assertThat(read.design().fitting(fitting.name()).orElseThrow().words().toString())
            .isEqualTo(label);
        assertThat(called(after, fitting.name(), "")).isEqualTo(before);
      }
    }
  }

  private static List<String> operations(Build build) {
    return Bench.of(Plan.of(build, Demo.shop()), DAY.atTime(12, 0)).steps().stream()
        .map(s -> s.operation().id())
        .toList();
  }

  /** Operation, template, place, depth and pickup's readings all say it as the maker does. */
  @Test
  void everythingThatSpeaksOfItSaysItSo() {
    Build after = called(Demo.heron(DAY), "neck", "Süd");
    Plan plan = Plan.of(after, Demo.shop());
    Operation rout =
        Bench.of(plan, DAY.atTime(12, 0)).step(DoneOperation.cut("neck")).orElseThrow().operation();
    assertThat(rout.title().toString()).contains("Süd");
    assertThat(plan.cuts().plansOf("neck"))
        .extracting(r -> r.words().toString())
        .containsExactlyInAnyOrder("Süd", "Süd, legs");
    Design design = after.design();
    for (String id :
        List.of("place.neck.along", "pickup.neck.gap-treble", "rout.neck-legs.depth")) {
      assertThat(Measurables.find(design, id).orElseThrow().label().toString())
          .as(id)
          .startsWith("Süd");
    }
    assertThat(plan.values().get("pickup.neck.share").label().toString()).startsWith("Süd");
  }

  @Test
  void whatCannotBeCalledSoIsRefusedInWords() {
    Design heron = Heron.build().design();
    assertThatThrownBy(() -> heron.withFittingCalled("neck", "Bridge pickup"))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("another is called “bridge pickup” already");
    assertThatThrownBy(() -> heron.withFittingCalled("neck", "x".repeat(Fitting.LONGEST_LABEL + 1)))
        .hasMessageContaining("at most 40 letters");
    assertThatThrownBy(() -> heron.withFittingCalled("neck", "two\nlines"))
        .hasMessageContaining("one line");
    assertThat(heron.withFittingCalled("neck", " neck pickup ")).isEqualTo(heron);
    assertThat(heron.withFittingCalled("nothing", "neck")).isEqualTo(heron);
  }

  /** Four bytes a letter are one letter. */
  @Test
  void lettersAreCountedAsTheyAreSeen() {
    String long40 = "𝄞".repeat(Fitting.LONGEST_LABEL);
    assertThat(Heron.build().design().withFittingCalled("neck", long40).fitting("neck"))
        .get()
        .extracting(f -> f.words().toString())
        .isEqualTo(long40);
  }

  @Test
  void aTemplateIsGivenToAnotherRoutUnlessItHasOne() {
    Shop shop = Demo.shop().withTemplates(List.of(template("neck"), template("bridge")));
    assertThat(shop.withTemplateRenamed("neck", "front").templates())
        .extracting(Template::name)
        .containsExactly("front", "bridge");
    assertThat(shop.withTemplateRenamed("neck", "bridge")).isEqualTo(shop);
    assertThat(shop.withTemplateRenamed("none", "front")).isEqualTo(shop);
  }

  private static Template template(String name) {
    return new Template(
        name, 12, "plywood", Template.Use.ROUTING, false, Optional.of(40.0), true, "index holes");
  }

  @Test
  void aRemovedFittingTakesTheDepthsOfItsLegsAlong() {
    Build build = Heron.build();
    NumberDecision legs = FittingDecisions.depth(build.design(), "neck-legs");
    Build deep = build.withDesign(legs.with(build.design(), 21));
    assertThat(deep.withoutFitting("neck").design().numbers()).doesNotContainKey(legs.id());
  }
}

package roughcut.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.file.BuildFile;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Done;
import roughcut.record.Reading;
import roughcut.shop.Shop;
import roughcut.shop.Template;

/** A fitting under another name is the same fitting: nothing decided, read or joined is lost. */
class RenamedFittingTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);
  private static final String TO = "otter";

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
    NumberDecision depth = FittingDecisions.depth(fitting.name());
    return next.withDesign(depth.with(next.design(), random.nextBoolean() ? 0 : 17.25));
  }

  /** Every number of the plan, in order of size: their ids change with the name. */
  private static List<Double> numbers(Build build) {
    return Plan.of(build, Demo.shop()).values().values().stream()
        .map(Value::value)
        .sorted()
        .toList();
  }

  /** What was done for it, set for it, looked at and moved in the order goes by its new name. */
  @Test
  void whatWasDoneForItIsStillDone() {
    Build heron = Demo.heron(DAY);
    Done pocket =
        new Done(
            Done.cut("controls"),
            DAY.atTime(10, 0),
            Duration.ofMinutes(40),
            "",
            Map.of(
                "pass.controls.1.setting", 21.0,
                "pass.controls-ledge.depth-now", 3.0,
                "rout.controls-screw-2.stop-now", 12.0,
                "neck.mass", 900.0));
    Build before =
        heron
            .withLog(heron.log().with(pocket).with(Reading.of("look.hardware.controls", 1, DAY)))
            .withDesign(
                heron
                    .design()
                    .withOrder(
                        List.of(
                            new OrderChange(Done.cut("controls"), "body.edges"),
                            new OrderChange("neck.carve", Done.cut("controls-screw")))));
    Build after = before.withFittingRenamed("controls", TO);
    assertThat(after.log().isDone(Done.cut("controls"))).isFalse();
    assertThat(after.log().done(Done.cut(TO)).orElseThrow().cutAt())
        .containsOnlyKeys(
            "pass." + TO + ".1.setting",
            "pass." + TO + "-ledge.depth-now",
            "rout." + TO + "-screw-2.stop-now",
            "neck.mass");
    assertThat(after.measured()).containsKey("look.hardware." + TO);
    assertThat(after.design().order())
        .containsExactly(
            new OrderChange(Done.cut(TO), "body.edges"),
            new OrderChange("neck.carve", Done.cut(TO + "-screw")));
    Build pickup = heron.withFittingRenamed("neck", TO);
    assertThat(pickup.log().isDone("neck.carve"))
        .as("a pickup called neck is not the neck")
        .isTrue();
    assertThat(pickup.log().isDone(Done.cut("neck-wire"))).isTrue();
  }

  @Test
  void everyNumberStaysAndTheFileKeepsIt() throws Exception {
    Random random = new Random(8);
    for (Build demo : Demo.builds(DAY)) {
      for (Fitting fitting : demo.design().fittings()) {
        String from = fitting.name();
        Build before = marked(demo, fitting, random);
        Build after = before.withFittingRenamed(from, TO);
        assertThat(after.design().fitting(from)).isEmpty();
        assertThat(after.design().fittings()).noneMatch(f -> f.with().contains(from));
        assertThat(after.measured()).hasSameSizeAs(before.measured());
        assertThat(numbers(after)).as("%s of %s", from, demo.name()).isEqualTo(numbers(before));
        Path file = folder.resolve(demo.name() + "-" + from + ".roughcut.json");
        BuildFile.at(file).save(after);
        Build read = BuildFile.open(file).build();
        assertThat(read.design().fittings()).isEqualTo(after.design().fittings());
        assertThat(read.measured()).isEqualTo(after.measured());
        assertThat(numbers(read)).isEqualTo(numbers(after));
        assertThat(after.withFittingRenamed(TO, from)).isEqualTo(before);
      }
    }
  }

  @Test
  void whatCannotBeCalledSoIsRefusedInWords() {
    Build heron = Heron.build();
    assertThatThrownBy(() -> heron.withFittingRenamed("neck", "bridge"))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("another fitting is called “bridge”");
    assertThatThrownBy(() -> heron.withFittingRenamed("neck", "pocket"))
        .hasMessageContaining("the program gives itself");
    assertThatThrownBy(() -> heron.withFittingRenamed("neck", "Nº 1"))
        .hasMessageContaining("small letters");
    assertThat(heron.withFittingRenamed("neck", "neck")).isEqualTo(heron);
    assertThat(heron.withFittingRenamed("nothing", "neck")).isEqualTo(heron);
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
    NumberDecision legs = FittingDecisions.depth("neck-legs");
    Build deep = build.withDesign(legs.with(build.design(), 21));
    assertThat(deep.withoutFitting("neck").design().numbers()).doesNotContainKey(legs.id());
    assertThat(deep.withFittingRenamed("neck", TO).design().numbers())
        .containsEntry("rout.otter-legs.depth", 21.0)
        .doesNotContainKey(legs.id());
  }
}

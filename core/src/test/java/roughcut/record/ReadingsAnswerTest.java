package roughcut.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.Heron;
import roughcut.design.Design;
import roughcut.finding.Finding;
import roughcut.measure.Value;
import roughcut.neck.Carving;
import roughcut.neck.Facets;
import roughcut.plan.Plan;

/** Whatever can be measured changes what hangs on it, less and more than was drawn. */
class ReadingsAnswerTest {
  /** Read of the strung instrument, or only where a wedge or a planed heel is. */
  private static final Map<String, String[]> GROUND =
      Map.of("heel.taper-made", new String[] {"neck.angle-made=wedge", "neck.angle=2"});

  @Test
  void everyReadingMovesSomething() {
    List<String> silent = new ArrayList<>();
    Design design = Heron.build().design();
    List<Measurable> all = new ArrayList<>(Measurables.all());
    for (int fret : new int[] {1, 5, 12, 20}) {
      all.add(Measurables.neckAt(fret));
    }
    for (Measurables.Along place : Measurables.Along.values()) {
      all.add(Measurables.fence("rod", place));
      all.add(Measurables.fence("stiffener", place));
    }
    for (String what : List.of("gap-treble", "gap-bass")) {
      all.add(Measurables.ofPickup(design, "neck", what));
    }
    all.add(Measurables.place(design, "controls", "along"));
    all.add(Measurables.place(design, "controls", "aside"));
    for (Measurable measurable : all) {
      String[] ground = GROUND.getOrDefault(measurable.id(), new String[0]);
      Plan before = Heron.with(ground);
      double nominal = before.value(measurable.drawn()).map(Value::value).orElse(drawn(measurable));
      for (double by : new double[] {-1.3, 1.3}) {
        double read =
            Math.max(measurable.range().least(), Math.min(measurable.range().most(), nominal + by));
        String[] settings = java.util.Arrays.copyOf(ground, ground.length + 1);
        settings[ground.length] = measurable.id() + "=" + read;
        Plan after = Heron.with(settings);
        boolean moved =
            !said(after).equals(said(before))
                || after.values().values().stream()
                    .anyMatch(
                        v ->
                            before
                                .value(v.id())
                                .filter(b -> Math.abs(b.value() - v.value()) < 1e-6)
                                .isEmpty());
        if (!moved && read != nominal) {
          silent.add(measurable.id() + "=" + read);
        }
      }
    }
    assertThat(silent).isEmpty();
  }

  private static double drawn(Measurable measurable) {
    return switch (measurable.id()) {
      case "body.now-thickness" -> 44;
      case "body.now-outside" -> 2;
      case "neck.now-1" -> 20;
      case "neck.now-12" -> 22;
      default -> (measurable.range().least() + measurable.range().most()) / 2;
    };
  }

  private static Set<String> said(Plan plan) {
    return plan.findings().stream()
        .map(Finding::words)
        .collect(java.util.stream.Collectors.toSet());
  }

  /** A body already thinner than planned: floors are of the wood that is there. */
  @ParameterizedTest
  @CsvSource({"43, 1", "40.5, 3.5", "46, 0"})
  void aBodyThinnerThanDrawnHasThinnerFloors(double now, double less) {
    String[] solid = {"body.thickness=44", "body.top-thickness=0"};
    Plan drawn = Heron.with(solid);
    Plan read = Heron.with(solid[0], solid[1], "body.now-thickness=" + now);
    assertThat(value(drawn, "pocket.floor") - value(read, "pocket.floor"))
        .isCloseTo(less, within(1e-9));
    assertThat(said(read).stream().anyMatch(w -> w.contains("thinner than planned")))
        .isEqualTo(less > 0);
    assertThat(value(drawn, "pocket.depth.front")).isEqualTo(value(read, "pocket.depth.front"));
  }

  /** The back alone, before its top is glued on, is no thin body; with the top on it is. */
  @Test
  void aBackWithoutItsTopIsNoThinBody() {
    Build build = Heron.lived(Heron.build().asDesigned(), "body.thickness=44");
    java.time.LocalDateTime at = java.time.LocalDate.of(2026, 5, 4).atTime(9, 0);
    Build back = build.withReading(Reading.of("body.now-thickness", 38.3, at));
    Plan bare = Plan.of(back, roughcut.demo.Demo.shop());
    assertThat(bare.body().thickness().value()).isEqualTo(44);
    Build glued = back.withLog(back.log().turned("top.glue", at.plusHours(1)));
    assertThat(Plan.of(glued, roughcut.demo.Demo.shop()).body().thickness().value())
        .as("read before it was on")
        .isEqualTo(44);
    Build read = glued.withReading(Reading.of("body.now-thickness", 42.5, at.plusHours(30)));
    assertThat(Plan.of(read, roughcut.demo.Demo.shop()).body().thickness().value()).isEqualTo(42.5);
  }

  /** The thinner leaf is the top; the back is planed thicker for it. */
  @Test
  void aLeafThinnerThanTheTopIsTheTop() {
    String[] topped = {"body.top-thickness=5.5", "body.accent=0.6", "body.thickness=44"};
    Plan drawn = Heron.with(topped);
    Plan typed = Heron.with(topped[0], topped[1], topped[2], "top.leaf-1=4.8", "top.leaf-2=4.4");
    assertThat(typed.body().top().value()).as("as files of old have it").isEqualTo(4.4);
    Build build = Heron.lived(Heron.build().asDesigned(), topped);
    java.time.LocalDateTime at = java.time.LocalDate.of(2026, 5, 4).atTime(9, 0);
    Plan leaf =
        Plan.of(
            build
                .withReading(Reading.of("top.leaf-1", 4.8, at))
                .withReading(Reading.of("top.leaf-2", 4.4, at)),
            roughcut.demo.Demo.shop());
    assertThat(leaf.body().top().value()).isEqualTo(4.4);
    assertThat(leaf.body().back().value() - drawn.body().back().value())
        .isCloseTo(1.1, within(1e-9));
    assertThat(said(leaf)).anyMatch(w -> w.contains("thinner leaf of the top is 4.4"));
    Plan thick =
        Plan.of(build.withReading(Reading.of("top.leaf-1", 9, at)), roughcut.demo.Demo.shop());
    assertThat(thick.body().top().value()).isEqualTo(5.5);
  }

  /** Prouder than the margin: facet lines are drawn on the wood that is there. */
  @Test
  void aNeckProuderThanTheMarginHasItsFacetsOnWhatIsThere() {
    String[] deep = {"shaft.thickness=30", "neck.roughing-margin=1"};
    Plan drawn = Heron.with(deep[0]);
    double fine = drawn.neck().profile(drawn.frets().at(1)).depth();
    double board = drawn.neck().thickness().fretboard().value();
    for (double proud : new double[] {0.4, 3.5}) {
      Plan read = Heron.with(deep[0], "neck.now-1=" + (fine + board + proud));
      Carving carving = read.details().carving();
      assertThat(carving.back().left(read.frets().at(1))).isCloseTo(proud, within(1e-9));
      Facets facets = carving.facets().get(0);
      assertThat(facets).isNotEqualTo(drawn.details().carving().facets().get(0));
    }
  }

  /** A bow that is sanded out comes off the slots and off the fretboard's edge. */
  @Test
  void aBowThatIsSandedOutComesOffTheSlots() {
    Plan drawn = Heron.with("carve.rod-takes=0.5");
    double done = value(drawn, "slot.5.depth-final");
    Plan bowed = Heron.with("carve.rod-takes=0.5", "carve.bow=2.6");
    assertThat(value(bowed, "slot.5.depth-final")).isCloseTo(done - 2.1, within(1e-9));
    assertThat(said(bowed))
        .anyMatch(w -> w.contains("No slot depth is left") || w.contains("slots are"));
    assertThat(bowed.clearances()).anyMatch(s -> s.what().toString().contains("bow sanded out"));
    Plan taken = Heron.with("carve.rod-takes=0.5", "carve.bow=0.4");
    assertThat(value(taken, "slot.5.depth-final")).isEqualTo(done);
    assertThat(said(taken)).noneMatch(w -> w.contains("slots"));
    Plan later = Heron.with("carve.bow=2.6", "slot.school=after-radius");
    assertThat(value(later, "slot.5.depth-final"))
        .as("deepened after it")
        .isCloseTo(done, within(1e-9));
  }

  /** More sanded off than the slots were sawn deeper for leaves them as much shallower. */
  @ParameterizedTest
  @CsvSource({"0.1, 0", "0.9, 0.6", "0.3, 0"})
  void whatIsSandedBeyondTheAllowanceComesOffTheSlots(double sanded, double less) {
    String[] usual = {"fretboard.sanding=0.3"};
    Plan drawn = Heron.with(usual);
    Plan read = Heron.with(usual[0], "fretboard.sanded=" + sanded);
    assertThat(value(drawn, "slot.7.depth-final") - value(read, "slot.7.depth-final"))
        .isCloseTo(less, within(1e-9));
    double tang = 1.6;
    boolean shallow = value(read, "slot.7.depth-final") < tang;
    assertThat(said(read).stream().anyMatch(w -> w.contains("the tang needs"))).isEqualTo(shallow);
  }
}

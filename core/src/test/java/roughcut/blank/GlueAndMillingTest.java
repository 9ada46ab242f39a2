package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.Heron;
import roughcut.design.BlankDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.Strip;
import roughcut.finding.Topic;
import roughcut.plan.Plan;
import roughcut.shop.Species;
import roughcut.shop.SpeciesBook;
import roughcut.shop.Woods;

class GlueAndMillingTest {
  @Test
  void theHandbooksClampsAreCounted() {
    // Face 740 × 24, medium wood, clamps of 4 kN, pad 40, caul 20, outer strip 10: 5 by force, 8 by
    // spacing; 8 wins.
    Plan plan =
        Heron.with(
            "shaft.thickness=22",
            "blank.flattening=1",
            "neck.strip.1.thickness=10",
            "clamp.force=4",
            "clamp.pad=40",
            "clamp.caul=20");
    double length = value(plan, "stack.length");
    double wanted = 740 - length;
    plan =
        Heron.with(
            "shaft.thickness=22",
            "blank.flattening=1",
            "neck.strip.1.thickness=10",
            "clamp.force=4",
            "head.length=" + (185 + wanted));
    assertThat(value(plan, "stack.length")).isCloseTo(740, within(1e-9));
    assertThat(value(plan, "stack.depth")).isEqualTo(24);
    assertThat(value(plan, "clamps.by-spacing")).isEqualTo(8);
    double pressure =
        BlankDecisions.pressure(
                GlueUp.densest(plan.build().design().neckStack().strips(), Woods.BOOK))
            .in(plan.build().design());
    assertThat(value(plan, "clamps.by-force")).isEqualTo(Math.ceil(17.76 * pressure / 4));
    assertThat(Math.ceil(17.76 / 4)).as("the handbook's medium wood").isEqualTo(5);
    assertThat(value(plan, "clamps.needed")).isEqualTo(8);
  }

  /**
   * The pressure is the maker's own for the densest wood of the joint, and only that one counts.
   */
  @Test
  void clampsFollowTheMakersPressure() {
    List<Strip> strips = Heron.with().build().design().neckStack().strips();
    NumberDecision counts = BlankDecisions.pressure(GlueUp.densest(strips, Woods.BOOK));
    double usual = value(Heron.with(), "glue.force");
    for (NumberDecision pressure :
        List.of(
            BlankDecisions.PRESSURE_SOFT,
            BlankDecisions.PRESSURE_MEDIUM,
            BlankDecisions.PRESSURE_DENSE)) {
      double now = pressure.in(Heron.with().build().design());
      double twice = value(Heron.with(pressure.id() + "=" + 2 * now), "glue.force");
      assertThat(twice)
          .as(pressure.id())
          .isCloseTo(pressure.equals(counts) ? 2 * usual : usual, within(1e-9));
    }
    assertThat(BlankDecisions.pressure(499)).isEqualTo(BlankDecisions.PRESSURE_SOFT);
    assertThat(BlankDecisions.pressure(500)).isEqualTo(BlankDecisions.PRESSURE_MEDIUM);
    assertThat(BlankDecisions.pressure(700)).isEqualTo(BlankDecisions.PRESSURE_MEDIUM);
    assertThat(BlankDecisions.pressure(701)).isEqualTo(BlankDecisions.PRESSURE_DENSE);
  }

  @Test
  void facesTimeAndGlueFollowTheStrips() {
    Plan plan = Heron.with();
    double area = value(plan, "stack.length") * value(plan, "stack.depth");
    assertThat(value(plan, "glue.faces")).isEqualTo(4);
    assertThat(value(plan, "glue.mass")).isCloseTo(4 * area / 1e6 * 180 * 1.1, within(1e-9));
    double clamps = value(plan, "clamps.needed");
    assertThat(value(plan, "glue.time"))
        .isCloseTo(4 * (10 + 12 * area / 1e4) + 60 + 12 * clamps, within(1e-9));
  }

  /** With a brush, slowly, and a fifth to spare: each of a maker's own times counts. */
  @Test
  void aMakersOwnTimesCount() {
    Plan plan =
        Heron.with(
            "glue.spread-face=25",
            "glue.spread-area=31",
            "glue.begin=95",
            "glue.each-clamp=17",
            "glue.spare=20");
    double area = value(plan, "stack.length") * value(plan, "stack.depth") / 1e4;
    double clamps = value(plan, "clamps.needed");
    double each = 25 + 31 * area;
    assertThat(value(plan, "glue.time")).isCloseTo(4 * each + 95 + 17 * clamps, within(1e-9));
    assertThat(value(plan, "glue.mass")).isCloseTo(4 * area / 100 * 180 * 1.2, within(1e-9));
    double atOnce = Math.floor((value(plan, "glue.open-time") - 95 - 17 * clamps) / each);
    assertThat(value(plan, "glue.stages")).isEqualTo(Math.ceil(4 / atOnce));
  }

  @ParameterizedTest
  @CsvSource({
    "yellow,20,600",
    "yellow,30,300",
    "yellow,10,900",
    "yellow,9,0",
    "hide,20,90",
    "hide,30,135",
    "hide,17,0"
  })
  void openTimeFollowsTheTemperatureByTheGluesOwnWay(String glue, double celsius, double seconds) {
    Plan plan = Heron.with("glue.kind=" + glue, "shop.temperature=" + celsius);
    assertThat(value(plan, "glue.open-time")).isCloseTo(seconds, within(1e-9));
  }

  @Test
  void aGlueUpThatIsTooLongIsStagedInTheFewestThatFit() {
    Plan hot = Heron.with("shop.temperature=32");
    assertThat(hot.glueUp().job().inTime()).isEqualTo(value(hot, "glue.stages") == 1);
    Plan hotter = Heron.with("shop.temperature=40");
    double stages = value(hotter, "glue.stages");
    double faces = value(hotter, "glue.faces");
    double area = value(hotter, "glue.face-area");
    double atOnce = Math.ceil(faces / stages);
    double time = atOnce * (10 + 12 * area / 100) + 60 + 12 * value(hotter, "clamps.needed");
    assertThat(stages == 0 || time <= value(hotter, "glue.open-time") + 1e-9).isTrue();
    assertThat(Heron.with("shop.temperature=2").about(Topic.NECK_BLANK))
        .anyMatch(q -> q.stops() && q.words().contains("is too cold for"));
    assertThat(Heron.with("glue.kind=cyanoacrylate").about(Topic.NECK_BLANK))
        .anyMatch(q -> q.stops() && q.words().contains("grabs"));
  }

  /** What is said of a glue-up is what its numbers say, whatever they are. */
  @Test
  void theVerdictIsTheNumbers() {
    Set<String> said = new HashSet<>();
    for (String glue : List.of("yellow", "hide", "cyanoacrylate", "epoxy")) {
      for (int celsius = 0; celsius <= 44; celsius += 4) {
        Plan plan = Heron.with("glue.kind=" + glue, "shop.temperature=" + celsius);
        GlueJob job = plan.glueUp().job();
        String verdict = job.verdict().toString();
        said.add(verdict.split("[:,]")[0]);
        if (verdict.startsWith("Too cold")) {
          assertThat((double) celsius).isLessThan(job.glue().least());
        } else if (verdict.startsWith("Glue all faces at once")) {
          assertThat(value(plan, "glue.time")).isLessThanOrEqualTo(value(plan, "glue.open-time"));
        } else if (verdict.startsWith("Not all at once")) {
          assertThat(verdict).contains("in " + (int) value(plan, "glue.stages") + " stages");
          assertThat(value(plan, "glue.time")).isGreaterThan(value(plan, "glue.open-time"));
        } else {
          assertThat(value(plan, "glue.stages")).as(verdict).isZero();
        }
      }
    }
    assertThat(said).hasSize(4);
  }

  @Test
  void passesAddUpAndNeverGoPastTheTarget() {
    Random random = new Random(43);
    for (int i = 0; i < 500; i++) {
      double from = 5 + random.nextDouble() * 40;
      double to = from - random.nextDouble() * 12;
      double bite = 0.2 + random.nextDouble() * 2;
      double finish = random.nextDouble() * 0.4;
      List<Double> passes = MillingPasses.passes(from, to, bite, finish);
      assertThat(passes.stream().mapToDouble(d -> d).sum()).isCloseTo(from - to, within(1e-9));
      assertThat(passes).allMatch(d -> d > 0 && d <= Math.max(bite, finish) + 1e-9);
    }
    assertThat(MillingPasses.passes(16, 16, 1, 0.2)).isEmpty();
    assertThat(MillingPasses.passes(15, 16, 1, 0.2)).as("already too thin").isEmpty();
    assertThat(MillingPasses.passes(19, 16, 1, 0.2)).hasSize(4).last().isEqualTo(0.2);
    assertThat(MillingPasses.passes(16.1, 16, 1, 0.2)).as("less than a finishing cut").hasSize(1);
  }

  @Test
  void theBackIsPlanedToTheHandbooksThickness() {
    assertThat(
            value(
                Heron.with(
                    "body.thickness=44",
                    "body.top-thickness=5.5",
                    "body.accent=0.6",
                    "body.sanding=0.4"),
                "body.back-thickness"))
        .isCloseTo(38.3, within(1e-9));
  }

  @Test
  void woodMovesWithItsMoistureAndNotWithout() {
    assertThat(value(Heron.with("moisture.now=8", "moisture.later=8"), "moisture.movement"))
        .isZero();
    Plan plan = Heron.with("moisture.now=12", "moisture.later=6");
    double each =
        plan.blank().strips().stream()
            .mapToDouble(
                s -> (s.to() - s.from()) * SpeciesBook.get(s.strip().species()).tangential())
            .sum();
    assertThat(value(plan, "moisture.movement")).isCloseTo(each * 6 / 30, within(1e-9));
    assertThat(value(plan, "moisture.movement"))
        .as("less than if all were the wood that moves most")
        .isLessThan(62 * SpeciesBook.get("hornbeam").tangential() * 6 / 30);
  }

  @Test
  void headWingsReachOutsideTheHead() {
    assertThat(value(Heron.with("head.width=80", "head.wing-trim=3"), "head.wing.bass"))
        .isCloseTo(9 + 3, within(1e-9));
    assertThat(value(Heron.with("head.width=60"), "head.wing.treble")).isZero();
  }

  @Test
  void theBookOfWoodsIsPlausibleAndHasTheDemos() {
    assertThat(SpeciesBook.all().size()).isGreaterThanOrEqualTo(30);
    for (Species wood : SpeciesBook.all()) {
      assertThat(wood.densityLow()).as(wood.id()).isLessThan(wood.density()).isGreaterThan(200);
      assertThat(wood.densityHigh()).as(wood.id()).isGreaterThan(wood.density()).isLessThan(1300);
      assertThat(wood.radial()).as(wood.id()).isBetween(0.015, 0.1).isLessThan(wood.tangential());
      assertThat(wood.tint()).matches("#[0-9A-F]{6}");
    }
    for (String id :
        List.of(
            "cherry",
            "hornbeam",
            "elm",
            "pear",
            "plum",
            "robinia",
            "lime",
            "larch",
            "bog-oak",
            "yew",
            "boxwood")) {
      assertThat(SpeciesBook.find(id)).as(id).isPresent();
    }
  }
}

package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Build;
import roughcut.measure.Formula;
import roughcut.measure.Given;
import roughcut.measure.Worked;

/**
 * What a sum card shows is what was computed: each formula, evaluated from its text and the inputs
 * shown, gives the value.
 */
class SumsTest {
  /** Values that no formula gives, but a search along something drawn; all others are sums. */
  private static final String SEARCHED =
      "(rod|stiffener)\\.(under-centre|under-corner|least|least\\.x|between)|access\\.back-least"
          + "|spline\\..*|tuner\\.\\d+\\.(edge|side-angle|post-clearance)|facet\\..*\\.ridge"
          + "|quarter-rule\\..*|slot\\.saw-stop|bridge\\.window\\.(front|back)|shaft\\.spare|mill\\.passes"
          + "|rip\\.([a-z-]+\\.)?short|blank\\.(crossing\\..*|glue-line\\..*)"
          + "|pin\\.(head|body)\\.y|seen\\.line\\.\\d+\\.(back|head)|body\\.(area|around)|web\\..*|hardware\\..*|rout\\..*\\.(edge|faces|surface)|bolt\\.(edge|channel)"
          + "|relief\\.count|reach\\.(cutaway|access-fret)|pocket\\.area|binding\\.tightest|control\\..*\\.recess-least";

  @Test
  void everyShownFormulaGivesItsValue() {
    checkAll(Heron.with());
    checkAll(Plan.of(Heron.build(), Demo.shop()));
    checkAll(
        Heron.with(
            "scarf.school=seam-across-head",
            "nut.spacing=equal-centres",
            "fretboard.width-at=octave-fret"));
    checkAll(Heron.with("head.angle=0", "fretboard.width-at=last-fret"));
    Random random = new Random(7);
    for (int i = 0; i < 60; i++) {
      checkAll(
          Plan.of(
              Heron.build().asDesigned().withDesign(Heron.random(random, i % 2 == 0)),
              Demo.shop()));
    }
  }

  private static void checkAll(Plan plan) {

    for (Worked worked : plan.values().values()) {
      if (worked.formula().matches("(least|found) .*")) {
        assertThat(worked.id()).as("a value that is searched for").matches(SEARCHED);
      } else {
        Map<String, Double> symbols = new HashMap<>();
        worked.inputs().forEach(input -> symbols.put(input.symbol(), input.value().value()));
        double shown = Formula.evaluate(worked.formula(), symbols);
        assertThat(worked.value())
            .as(() -> worked.id() + ": " + worked.formula())
            .isCloseTo(shown, within(1e-6 * Math.max(1, Math.abs(shown))));
      }
    }
  }

  @Test
  void everyValueIsANumberWhateverIsDecided() {
    Random random = new Random(11);
    for (int i = 0; i < 400; i++) {
      Build build = Heron.build().asDesigned().withDesign(Heron.random(random, true));
      Plan plan = Plan.of(build, Demo.shop());
      plan.values()
          .values()
          .forEach(
              v ->
                  assertThat(v.value())
                      .as(() -> v.id() + " of " + build.design().numbers())
                      .isFinite());
    }
  }

  @Test
  void aMeasuredValueTakesTheDecidedOnesPlaceAndKnowsIt() {
    Plan built = Plan.of(Heron.build(), Demo.shop());
    Worked run = built.value("scarf.run").orElseThrow();
    Given shaft = (Given) run.inputs().get(0).value();
    assertThat(shaft.measured()).isTrue();
    assertThat(shaft.value()).isEqualTo(14.9);
    assertThat(shaft.nominal()).isEqualTo(16);
    assertThat(run.fromMeasured()).isTrue();
    assertThat(run.value()).isCloseTo(67.2, within(0.05));
    assertThat(built.value("fret.5.from-nut").orElseThrow().fromMeasured()).isFalse();
  }
}

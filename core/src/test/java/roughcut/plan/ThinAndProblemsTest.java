package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.Heron;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.shop.Limit;
import roughcut.shop.Shop;

class ThinAndProblemsTest {
  private static Clearance spot(Plan plan, String kind) {
    return plan.clearances().stream()
        .filter(s -> s.kind().id().equals(kind))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void heronHasSomethingToLookAtAndAsBuiltSomethingToStopAt() {
    assertThat(Heron.with().clearances())
        .extracting(Clearance::state)
        .contains(Clearance.State.LOOK)
        .doesNotContain(Clearance.State.STOP);
    Clearance worst = Plan.of(Heron.build(), Demo.shop()).clearances().get(0);
    assertThat(worst.state()).isEqualTo(Clearance.State.STOP);
    assertThat(worst.kind().id()).isEqualTo("shaft.stock");
  }

  @Test
  void worstComeFirst() {
    Random random = new Random(23);
    for (int i = 0; i < 60; i++) {
      Plan plan =
          Plan.of(Heron.build().asDesigned().withDesign(Heron.random(random, false)), Demo.shop());
      for (int k = 1; k < plan.clearances().size(); k++) {
        Clearance a = plan.clearances().get(k - 1);
        Clearance b = plan.clearances().get(k);
        assertThat(a.state()).isLessThanOrEqualTo(b.state());
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"10.0,CLEAR", "10.4,LOOK", "11.3,STOP", "13.5,STOP", "15.0,STOP"})
  void aDeeperChannelIsWorse(String depth, Clearance.State state) {
    assertThat(spot(Heron.with("rod.depth=" + depth), "rod.least").state()).isEqualTo(state);
  }

  @Test
  void theShopsOwnLimitsHold() {
    Shop strict = Demo.shop().withLimit("rod.least", new Limit(6, 4));
    assertThat(spot(Plan.of(Heron.build().asDesigned(), strict), "rod.least").state())
        .isEqualTo(Clearance.State.STOP);
  }

  @Test
  void whatWouldChangeASpotIsADecisionThatDoes() {
    Plan plan = Heron.with();
    for (Clearance clearance : plan.clearances()) {
      assertThat(clearance.changedBy()).as(clearance.what().toString()).isNotEmpty();
      clearance
          .changedBy()
          .forEach(id -> assertThat(Decisions.find(plan.build().design(), id)).as(id).isPresent());
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "rod.length=600|rod.length|498.0 mm",
        "rod.width=28,nut.width=27|rod.width|27.0 mm",
        "head.thickness=20|head.thickness|16.0 mm",
        "scale.frets=60|scale.frets|at most 43 frets",
        "neck.thickness-1=8|neck.thickness-1|9.0 mm",
        "nut.edge-margin=15,nut.width=28|nut.edge-margin|at most 13.0 mm",
        "nut.edge-margin=9,nut.width=20|nut.width|touch at the nut",
        "heel.end=435|heel.end|442.0 mm",
        "head.length=60,scarf.school=seam-across-head|head.length|73.9 mm",
        "head.angle=2|head.angle|scarf reaches the body",
        "fretboard.radius-end=100,fretboard.end-width=160,nut.width=60|-|-"
      })
  void whatCantBeHadIsSaidWithTheNearestThatCan(String settings, String decision, String words) {
    Plan plan = Heron.with(settings.split(","));
    if (decision.equals("-")) {
      assertThat(plan.problems()).isEmpty();
    } else {
      assertThat(plan.problems())
          .anySatisfy(
              p -> {
                assertThat(p.where()).isEqualTo(decision);
                assertThat(p.words()).contains(words);
              });
    }
  }

  @Test
  void asManyFretsAsTheMessageAllowsDoFit() {
    assertThat(layout("scale.frets=43")).isEmpty();
    assertThat(layout("scale.frets=44")).isNotEmpty();
    assertThat(Heron.with("scale.frets=43").problems())
        .as("a board that runs over the pickups is told with them")
        .isNotEmpty()
        .allMatch(p -> p.words().contains("under the fretboard end"));
  }

  private static List<Finding> layout(String setting) {
    return Heron.with(setting).problems().stream().filter(p -> p.topic() == Topic.LAYOUT).toList();
  }
}

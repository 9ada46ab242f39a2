package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.finding.Topic;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.whatif.Remedies;
import roughcut.whatif.SeatWays;

/** Lengths in sentences, in the maker's units. */
class SentenceTest {
  @Test
  void lengthsAreConvertedAndNothingElse() {
    assertThat(Sentence.in("saw 12.7 mm deep at 3°, 4 passes", Units.DECIMAL_INCH))
        .isEqualTo("saw 0.500 in deep at 3°, 4 passes");
    assertThat(Sentence.in("from −25.4 mm to 50.8 mm", Units.FRACTION_64))
        .isEqualTo("from −1.000 in to 2.000 in");
    assertThat(Sentence.in("20 mm² and 3 mmx", Units.FRACTION_64)).isEqualTo("20 mm² and 3 mmx");
    assertThat(Sentence.in("12.7 mm", Units.MM)).isEqualTo("12.7 mm");
    assertThat(Sentence.mm(-0.04, 1)).isEqualTo("0.0 mm");
  }

  /** Whatever core says about the demos and about builds gone wrong, no bare number is a length. */
  @Test
  void noSentenceSaysMillimetresToAMakerInInches() {
    Pattern bare =
        Pattern.compile(
            "\\d(?:\\.\\d+)? (?:wide|thick|deep|long|high|short|missing|apart|outside)");
    List<Build> builds = new ArrayList<>(Demo.builds(LocalDate.of(2026, 5, 4)));
    Build heron = Heron.build();
    for (String[] settings :
        new String[][] {
          {"head.thickness=20", "nut.edge-margin=15"},
          {"scale.bass=690", "scale.treble=640", "fretboard.past-last-fret=3"},
          {"saw.kerf=6", "body.blank-length=300", "heel.thickness=40"},
          {"rod.depth=30", "stiffener.offset-head=30", "channel.cutter=12"},
          {"proof.standing=9", "proof.straightedge=27"},
          {"jack.output.depth=2", "body.thickness=30"},
        }) {
      builds.add(heron.asDesigned().withDesign(Heron.set(heron.design(), settings)));
    }
    int said = 0;
    for (Build build : builds) {
      Plan plan = Plan.of(build, Demo.shop());
      List<String> all = new ArrayList<>();
      plan.problems().forEach(p -> all.add(p.words()));
      plan.about(Topic.NECK_BLANK).forEach(q -> all.add(q.words()));
      plan.about(Topic.BODY_BLANK).forEach(q -> all.add(q.words()));
      plan.about(Topic.PLANER).forEach(q -> all.add(q.words()));
      Remedies.stack(plan).forEach(w -> all.add(w.words()));
      plan.rips().plans().forEach(r -> Remedies.strips(plan, r).forEach(w -> all.add(w.words())));
      plan.cuts().routs().forEach(r -> all.add(r.template().say()));
      plan.cuts().routs().forEach(r -> r.plan().missing().ifPresent(all::add));
      all.add(plan.stringPlan().heights().reach(plan.stringPlan().bridge().kind()));
      all.add(plan.stringPlan().bridge().trouble());
      all.addAll(plan.nutWork().advice());
      SeatWays.of(plan).forEach(w -> all.add(w.proposal().words()));
      for (String sentence : all) {
        String inches = Sentence.in(sentence, Units.DECIMAL_INCH);
        assertThat(inches).doesNotContain(" mm ").doesNotEndWith(" mm");
        assertThat(bare.matcher(sentence).find())
            .as("a length without its unit: " + sentence)
            .isFalse();
        said += inches.equals(sentence) ? 0 : 1;
      }
    }
    assertThat(said).isGreaterThan(12);
  }
}

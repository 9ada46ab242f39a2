package roughcut.whatif;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.bench.Bench;
import roughcut.demo.Demo;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.whatif.PlanDiff.About;

class PlanDiffTest {
  private static List<PlanDiff.Row> rows(Build kept, Build tried) {
    return PlanDiff.of(
        new Comparison(Plan.of(kept, Demo.shop()), Plan.of(tried, Demo.shop())), Units.MM);
  }

  private static List<PlanDiff.Row> about(List<PlanDiff.Row> rows, About about) {
    return rows.stream().filter(r -> r.about() == about).toList();
  }

  @Test
  void aThinnerBodyIsToldInWhatAMakerDecidesBy() {
    Build heron = Heron.build();
    List<PlanDiff.Row> rows = rows(heron, Heron.lived(heron, "body.thickness=40"));
    assertThat(about(rows, About.THIN))
        .anySatisfy(
            r -> {
              assertThat(r.what().toString()).isEqualTo("floor under the pocket");
              assertThat(r.kept().toString()).isEqualTo("23.0 mm clear");
              assertThat(r.tried().toString()).isEqualTo("19.0 mm clear");
            });
    assertThat(about(rows, About.WEIGHT)).hasSize(1);
    assertThat(about(rows, About.SETTING)).isNotEmpty();
    assertThat(about(rows, About.HOURS)).as("no operation more or less").isEmpty();
    assertThat(rows(heron, heron)).as("the same is no difference").isEmpty();
  }

  @Test
  void anotherJointAndNoTopChangeHoursAndWood() {
    Build heron = Heron.build();
    List<PlanDiff.Row> rows = rows(heron, Heron.lived(heron, "body.top-thickness=0"));
    assertThat(about(rows, About.HOURS)).hasSize(1);
    assertThat(about(rows, About.WOOD)).isNotEmpty();
    assertThat(about(rows, About.WOOD).get(0).kept().toString()).contains("pear-1");
    assertThat(about(rows, About.WOOD).get(0).tried().toString()).doesNotContain("pear-1");
  }

  @Test
  void whatIsMadeAndWouldBeSpoiledStandsWithWhatItHas() {
    Build heron = Demo.heron(LocalDate.of(2026, 5, 4));
    Plan plan = Plan.of(heron, Demo.shop());
    Bench bench = Bench.of(plan, LocalDate.of(2026, 5, 4).atTime(12, 0));
    Build cut =
        bench.done(
            heron,
            bench.step("body.cut.pocket").orElseThrow().operation(),
            Duration.ofMinutes(40),
            "",
            "");
    List<PlanDiff.Row> rows = rows(cut, Heron.lived(cut, "heel.thickness=24"));
    assertThat(about(rows, About.MADE))
        .anySatisfy(
            r -> {
              assertThat(r.what().toString())
                  .startsWith("Rout the neck pocket, from the top: Depth from");
              assertThat(r.kept().toString()).isEqualTo("21.0 mm");
              assertThat(r.tried().toString()).isEqualTo("23.0 mm");
            });
    assertThat(about(rows, About.SETTING))
        .noneMatch(r -> r.what().toString().startsWith("Pass 1 of pocket"));
  }

  /** Tried and back: each row the other way round says the same the other way round. */
  @Test
  void theOtherWayRoundSaysTheSameTheOtherWayRound() {
    Random random = new Random(55);
    List<Decision> all = new ArrayList<>(Decisions.of(Heron.build().design()));
    int rows = 0;
    for (int i = 0; i < 80; i++) {
      if (!(all.get(random.nextInt(all.size())) instanceof NumberDecision number)) {
        continue;
      }
      double now = number.in(Heron.build().design());
      double next = Math.max(number.least(), Math.min(number.most(), now * 1.07 + 0.3));
      Build tried = Heron.build().withDesign(number.with(Heron.build().design(), Math.rint(next)));
      List<PlanDiff.Row> there = rows(Heron.build(), tried);
      List<PlanDiff.Row> back = rows(tried, Heron.build());
      for (PlanDiff.Row row : there) {
        if (row.about() == About.SETTING) {
          continue; // a setting that is new there is none here
        }
        rows++;
        assertThat(back)
            .as(number.id() + " " + row)
            .anyMatch(
                r ->
                    r.about() == row.about()
                        && r.kept().toString().equals(row.tried().toString())
                        && r.tried().toString().equals(row.kept().toString())
                        // A thin spot is called by where it would be, which is another place.
                        && (r.about() == About.THIN
                            || r.what().toString().equals(row.what().toString())));
      }
    }
    assertThat(rows).isGreaterThan(30);
  }
}

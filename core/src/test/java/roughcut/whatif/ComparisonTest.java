package roughcut.whatif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.file.ReportWriter;
import roughcut.finding.Finding;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Proposal;

/** Two plans beside each other, and ways out that are judged on the whole. */
class ComparisonTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 26);

  private static Plan plan(Build build) {
    return Plan.of(build, Demo.shop());
  }

  private static Build heron() {
    return Demo.heron(DAY).asDesigned();
  }

  @Test
  void aPlanBesideItselfDiffersInNothing() {
    Comparison same = new Comparison(plan(heron()), plan(heron()));
    assertThat(same.values()).isEmpty();
    assertThat(same.clearances()).isEmpty();
    assertThat(same.fresh()).isEmpty();
    assertThat(same.mended()).isEmpty();
    assertThat(same.heavier()).isZero();
  }

  @Test
  void aLongerScaleMovesEveryFretByItsShare() {
    Plan kept = plan(heron());
    Plan tried = plan(heron().withDesign(Decisions.SCALE_LENGTH.with(heron().design(), 648)));
    Map<String, Comparison.Changed> changed =
        new Comparison(kept, tried)
            .values().stream().collect(Collectors.toMap(Comparison.Changed::id, c -> c));
    for (int k = 1; k <= 22; k++) {
      // By hand: the difference of the scales, times the fret's share of them.
      double by = 8 * (1 - Math.pow(2, -k / 12.0));
      assertThat(changed.get("fret." + k + ".from-nut").by().orElseThrow())
          .isCloseTo(by, within(1e-9));
    }
    assertThat(changed).doesNotContainKey("nut.gap");
    assertThat(changed.keySet())
        .allSatisfy(
            id ->
                assertThat(kept.value(id).map(v -> v.value()))
                    .isNotEqualTo(tried.value(id).map(v -> v.value())));
  }

  @Test
  void whatIsTriedSaysWhatItSpoilsAndWhatItMends() {
    Plan kept = plan(heron());
    Plan tried = plan(heron().withDesign(Decisions.ROD_DEPTH.with(heron().design(), 13.5)));
    Comparison deeper = new Comparison(kept, tried);
    assertThat(deeper.clearances())
        .filteredOn(Comparison.Moved::worse)
        .extracting(m -> m.what().toString())
        .anyMatch(w -> w.startsWith("under the rod"));
    Comparison back = new Comparison(tried, kept);
    assertThat(back.clearances())
        .filteredOn(Comparison.Moved::better)
        .extracting(m -> m.what().toString())
        .anyMatch(w -> w.startsWith("under the rod"));
    assertThat(back.fresh()).isEqualTo(deeper.mended());
    assertThat(back.mended()).isEqualTo(deeper.fresh());
    assertThat(back.heavier()).isCloseTo(-deeper.heavier(), within(1e-9));
  }

  @Test
  void aTryIsToldInASentence() {
    Plan kept = plan(heron());
    assertThat(new Comparison(kept, plan(heron())).told()).hasToString("trial: nothing changes");
    Comparison deeper =
        new Comparison(
            kept, plan(heron().withDesign(Decisions.ROD_DEPTH.with(heron().design(), 13.5))));
    assertThat(deeper.told().toString())
        .startsWith("trial: " + deeper.values().size() + " numbers change; ")
        .contains("under the rod");
    Comparison lighter =
        new Comparison(
            kept, plan(heron().withDesign(Decisions.HEAD_LENGTH.with(heron().design(), 181))));
    assertThat(lighter.told().toString()).matches("trial: \\d+ numbers change(; .*)?");
  }

  @Test
  void theReportOfATryIsReadBackAsTheTwoPlans() {
    Plan kept = plan(heron());
    Plan tried = plan(heron().withDesign(Decisions.NUT_WIDTH.with(heron().design(), 44)));
    List<String> lines = ReportWriter.comparison(new Comparison(kept, tried)).lines().toList();
    assertThat(lines).isNotEmpty();
    for (String line : lines) {
      String[] cells = line.split("\t", -1);
      assertThat(cells).hasSize(3);
      if (kept.values().containsKey(cells[0])) {
        assertThat(Double.parseDouble(cells[1])).isEqualTo(kept.values().get(cells[0]).value());
        assertThat(cells[2])
            .isEqualTo(tried.value(cells[0]).map(v -> Double.toString(v.value())).orElse(""));
      }
    }
    assertThat(lines).anyMatch(l -> l.startsWith("nut.spread\t"));
  }

  @Test
  void aWayOutThatSpoilsTheRestIsntOffered() {
    Plan plan = plan(heron());
    Proposal harmless = new Proposal(Text.of("wider head"), b -> with(b, "head.width", "95"));
    Proposal ruin = new Proposal(Text.of("deep channel"), b -> with(b, "rod.depth", "16"));
    Proposal cannot =
        new Proposal(
            Text.of("never"),
            b -> {
              throw new IllegalArgumentException("no");
            });
    assertThat(FixSuggestions.rated(plan, List.of(harmless, ruin, cannot)))
        .extracting(p -> p.words().split(";")[0])
        .containsExactly("wider head");
  }

  @Test
  void everyWayOutOfTheDemosLeavesNothingWorseThanALook() {
    for (Build build : Demo.builds(DAY)) {
      Plan plan = plan(build);
      List<Proposal> ways =
          plan.rips().plans().stream()
              .flatMap(rip -> FixSuggestions.strips(plan, rip).stream())
              .collect(Collectors.toList());
      ways.addAll(FixSuggestions.stack(plan));
      for (Proposal way : ways) {
        Comparison made = new Comparison(plan, plan(way.change().apply(build)));
        assertThat(made.clearances())
            .as(build.name() + ": " + way.words())
            .noneMatch(m -> m.worse() && m.tried().orElseThrow().state() == Clearance.State.STOP);
        for (Finding fresh : made.fresh()) {
          assertThat(fresh.severity()).isNotEqualTo(Finding.Severity.IMPOSSIBLE);
          if (fresh.stops()) {
            assertThat(way.words()).as("says what it costs").contains(fresh.what().in(Units.MM));
          }
        }
      }
    }
  }

  private static Build with(Build build, String id, String text) {
    try {
      return build.withDesign(
          Decisions.find(build.design(), id)
              .orElseThrow()
              .typed(build.design(), text, roughcut.measure.Units.MM));
    } catch (roughcut.measure.InvalidInput e) {
      throw new IllegalArgumentException(e.getMessage(), e);
    }
  }
}

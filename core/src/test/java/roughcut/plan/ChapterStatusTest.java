package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.finding.Finding;

/** How a build or a part of it stands, in a word: what stops before what wants a look. */
class ChapterStatusTest {
  private final Plan broken =
      Heron.with("scale.frets=60", "rod.length=600", "marker.thickness=0.5", "marker.diameter=14");

  private List<Finding> of(Finding.Severity severity) {
    return broken.findings().stream().filter(f -> f.severity() == severity).toList();
  }

  private static List<Clearance> spots(Clearance.State state) {
    return Plan.of(Heron.build(), Demo.shop()).clearances().stream()
        .filter(s -> s.state() == state)
        .toList();
  }

  private static void says(ChapterStatus status, Clearance.State state, String words) {
    assertThat(status.state()).isEqualTo(state);
    assertThat(status.words().toString()).isEqualTo(words);
  }

  @Test
  void whatStopsIsCountedByWhatItIs() {
    List<Finding> never = of(Finding.Severity.IMPOSSIBLE);
    List<Finding> open = of(Finding.Severity.STOP);
    List<Clearance> thin = spots(Clearance.State.STOP);
    List<Clearance> looks = spots(Clearance.State.LOOK);
    assertThat(never.size()).isPositive();
    assertThat(open.size()).isPositive();
    assertThat(thin.size()).isPositive();
    assertThat(looks.size()).isPositive();
    says(ChapterStatus.of(never, looks), Clearance.State.STOP, never.size() + " impossible");
    says(ChapterStatus.of(open, List.of()), Clearance.State.STOP, open.size() + " not ready");
    says(ChapterStatus.of(List.of(), thin), Clearance.State.STOP, thin.size() + " too small");
    List<Finding> missing = of(Finding.Severity.GET);
    assertThat(missing.size()).isPositive();
    says(ChapterStatus.of(missing, looks), Clearance.State.LOOK, missing.size() + " to get");
    List<Finding> all = new ArrayList<>(missing);
    all.addAll(open);
    says(ChapterStatus.of(all, looks), Clearance.State.STOP, open.size() + " not ready");
    assertThat(Finding.counted(all))
        .hasToString(open.size() + " not ready, " + missing.size() + " to get");
    List<Finding> both = new ArrayList<>(never);
    both.addAll(open);
    says(
        ChapterStatus.of(both, thin),
        Clearance.State.STOP,
        never.size() + open.size() + thin.size() + " too small");
    says(ChapterStatus.of(List.of(), looks), Clearance.State.LOOK, looks.size() + " to check");
    says(ChapterStatus.of(List.of(), spots(Clearance.State.CLEAR)), Clearance.State.CLEAR, "clear");
  }
}

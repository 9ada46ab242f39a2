package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.finding.Finding;
import roughcut.thin.ThinSpot;

/** How a build or a part of it stands, in a word: what stops before what wants a look. */
class StandingTest {
  private final Plan broken =
      Heron.with("scale.frets=60", "rod.length=600", "marker.thickness=0.5", "marker.diameter=14");

  private List<Finding> of(Finding.Severity severity) {
    return broken.findings().stream().filter(f -> f.severity() == severity).toList();
  }

  private static List<ThinSpot> spots(ThinSpot.State state) {
    return Plan.of(Heron.build(), Demo.shop()).thinSpots().stream()
        .filter(s -> s.state() == state)
        .toList();
  }

  private static void says(Standing standing, ThinSpot.State state, String words) {
    assertThat(standing.state()).isEqualTo(state);
    assertThat(standing.words()).isEqualTo(words);
  }

  @Test
  void whatStopsIsCountedByWhatItIs() {
    List<Finding> never = of(Finding.Severity.IMPOSSIBLE);
    List<Finding> open = of(Finding.Severity.STOP);
    List<ThinSpot> thin = spots(ThinSpot.State.STOP);
    List<ThinSpot> looks = spots(ThinSpot.State.LOOK);
    assertThat(never.size()).isPositive();
    assertThat(open.size()).isPositive();
    assertThat(thin.size()).isPositive();
    assertThat(looks.size()).isPositive();
    says(Standing.of(never, looks), ThinSpot.State.STOP, never.size() + " can't be");
    says(Standing.of(open, List.of()), ThinSpot.State.STOP, open.size() + " not ready");
    says(Standing.of(List.of(), thin), ThinSpot.State.STOP, thin.size() + " at stop");
    List<Finding> missing = of(Finding.Severity.GET);
    assertThat(missing.size()).isPositive();
    says(Standing.of(missing, looks), ThinSpot.State.LOOK, missing.size() + " to get");
    List<Finding> all = new ArrayList<>(missing);
    all.addAll(open);
    says(Standing.of(all, looks), ThinSpot.State.STOP, open.size() + " not ready");
    assertThat(Finding.counted(all))
        .isEqualTo(open.size() + " not ready, " + missing.size() + " to get");
    List<Finding> both = new ArrayList<>(never);
    both.addAll(open);
    says(
        Standing.of(both, thin),
        ThinSpot.State.STOP,
        never.size() + open.size() + thin.size() + " at stop");
    says(Standing.of(List.of(), looks), ThinSpot.State.LOOK, looks.size() + " to look at");
    says(Standing.of(List.of(), spots(ThinSpot.State.CLEAR)), ThinSpot.State.CLEAR, "clear");
  }
}

package roughcut.whatif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.bench.HoldPoint;
import roughcut.bench.Operations;
import roughcut.demo.Demo;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Reading;

/** What the last build's readings say to the next. */
class LastResultTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);
  private static final Build DESIGNED = Heron.build().asDesigned();

  private static Plan plan(Build build) {
    return Plan.of(build, Demo.shop());
  }

  /** Hold points that are measured against something the design says, by their ids. */
  private static Map<String, HoldPoint> holds() {
    Map<String, HoldPoint> holds = new HashMap<>();
    Operations.of(plan(DESIGNED))
        .forEach(
            o ->
                o.holds().stream()
                    .filter(h -> !h.looked() && h.nominal().isPresent())
                    .forEach(h -> holds.putIfAbsent(h.of(), h)));
    return holds;
  }

  @Test
  void aReadingBeyondItsToleranceIsToldAndOneWithinIsNot() {
    Map<String, HoldPoint> holds = holds();
    assertThat(holds).hasSizeGreaterThan(5);
    holds.forEach(
        (of, hold) -> {
          double nominal = hold.nominal().orElseThrow().value();
          for (double times : new double[] {-1.5, -0.9, 0, 0.9, 1.5}) {
            double off = times * hold.tolerance();
            Build build = DESIGNED.withReading(Reading.of(of, nominal + off, DAY));
            Map<String, LastResult> last = LastResult.of(List.of(plan(build)));
            if (Math.abs(times) > 1) {
              assertThat(last.get(of)).as(of + " " + times).isNotNull();
              assertThat(last.get(of).off()).as(of).isCloseTo(off, within(1e-9));
            } else {
              assertThat(last).as(of + " " + times).doesNotContainKey(of);
            }
          }
        });
  }

  @Test
  void theLastReadingOfAllBuildsIsTheOneThatSpeaks() {
    HoldPoint hold = holds().values().stream().filter(h -> h.tolerance() > 0).findFirst().get();
    double nominal = hold.nominal().orElseThrow().value();
    double far = nominal + 3 * hold.tolerance();
    Build old = DESIGNED.withReading(Reading.of(hold.of(), far, DAY));
    Build good = DESIGNED.withReading(Reading.of(hold.of(), nominal, DAY.plusDays(3)));
    Build worse =
        DESIGNED.withReading(
            Reading.of(hold.of(), nominal - 2 * hold.tolerance(), DAY.plusDays(5)));
    assertThat(LastResult.of(List.of(plan(old)))).containsKey(hold.of());
    assertThat(LastResult.of(List.of(plan(old), plan(good)))).doesNotContainKey(hold.of());
    assertThat(LastResult.of(List.of(plan(good), plan(old)))).doesNotContainKey(hold.of());
    for (List<Build> order : List.of(List.of(old, good, worse), List.of(worse, good, old))) {
      assertThat(
              LastResult.of(order.stream().map(LastResultTest::plan).toList()).get(hold.of()).off())
          .isCloseTo(-2 * hold.tolerance(), within(1e-9));
    }
    assertThat(LastResult.of(List.of(plan(DESIGNED)))).isEmpty();
  }

  @Test
  void itIsToldAsWhatItWas() {
    HoldPoint hold = holds().get("rod.depth");
    Plan deep =
        plan(
            DESIGNED.withReading(
                Reading.of("rod.depth", hold.nominal().orElseThrow().value() + 0.4, DAY)));
    assertThat(LastResult.of(List.of(deep)).get("rod.depth").told().toString())
        .isEqualTo(
            "Last time, on Heron, this came out 0.4 mm over the planned "
                + hold.nominal().orElseThrow().text(Units.MM)
                + ".");
  }
}

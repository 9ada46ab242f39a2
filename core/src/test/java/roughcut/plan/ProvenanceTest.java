package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.measure.Quantity;
import roughcut.measure.Value;
import roughcut.record.Build;
import roughcut.record.Reading;

/**
 * Every number can tell: each measurable value measured in turn, a little and a lot off, exactly
 * the numbers that change say that they come from the wood.
 */
class ProvenanceTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 26);

  /** A reading off by these shares, or at least so many mm, is another number. */
  private static final double[] SHARES = {0.04, -0.3};

  /** For the demos after the first. */
  private static final double[] FEW = {0.04};

  private static final double LEAST_OFF = 0.3;

  private static double off(NumberDecision number, double now, double share) {
    double step =
        number.quantity() == Quantity.COUNT
            ? Math.signum(share) * Math.max(1, Math.rint(Math.abs(share * now)))
            : Math.signum(share) * Math.max(LEAST_OFF, Math.abs(now * share));
    return Math.max(number.least(), Math.min(number.most(), now + step));
  }

  private static boolean differ(Value a, Value b) {
    return Math.abs(a.value() - b.value()) > 1e-9 * Math.max(1, Math.abs(a.value()));
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 2, 3})
  void whatAReadingMovesSaysSoAndNothingElse(int demo) {
    Build build = Demo.builds(DAY).get(demo).asDesigned();
    Plan drawn = Plan.of(build, Demo.shop());
    Map<String, Set<String>> silent = new TreeMap<>();
    Map<String, Set<String>> boasting = new TreeMap<>();
    int tried = 0;
    for (String read : List.of("body.now-thickness=50", "body.now-outside=4", "neck.now-12=20")) {
      Plan real = Plan.of(Heron.lived(build, read), Demo.shop());
      for (Value value : real.values().values()) {
        Value before = drawn.values().get(value.id());
        if (before != null && differ(before, value) && !value.fromMeasured()) {
          silent.computeIfAbsent(value.id(), i -> new TreeSet<>()).add(read);
        }
      }
    }
    for (Decision decision : Decisions.of(build.design())) {
      if (!(decision instanceof NumberDecision number) || !number.measurable()) {
        continue;
      }
      double now = number.in(build.design());
      for (double share : demo == 0 ? SHARES : FEW) {
        double reading = off(number, now, share);
        if (reading == now) {
          continue;
        }
        tried++;
        Plan real = Plan.of(build.withReading(Reading.of(number.id(), reading, DAY)), Demo.shop());
        for (Value value : real.values().values()) {
          Value before = drawn.values().get(value.id());
          boolean moved = before == null || differ(before, value);
          if (moved && before != null && !value.fromMeasured()) {
            silent.computeIfAbsent(value.id(), i -> new TreeSet<>()).add(number.id());
          }
          if (demo == 0 && share > 0 && !moved && real.fromWood(value)) {
            boasting.computeIfAbsent(value.id(), i -> new TreeSet<>()).add(number.id());
          }
        }
      }
    }
    assertThat(tried).isGreaterThan(150);
    assertThat(silent).as("moved and hang on no reading").isEmpty();
    assertThat(boasting).as("say that they come from the wood and are as drawn").isEmpty();
  }
}

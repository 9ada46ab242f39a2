package roughcut.caliper;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.OptionalDouble;

/**
 * Tells when a caliper's readings have settled: none further than a little from another for a
 * while. The settled value is their middle one.
 */
public final class Settling {
  /** So long readings stay together, ms. */
  static final long QUIET = 600;

  /** So far apart they may lie, mm. */
  static final double TOGETHER = 0.04;

  private static final int LEAST = 4;

  private final Deque<Sample> recent = new ArrayDeque<>();

  /** Takes one more reading. */
  public void add(Sample sample) {
    // A clock that went back makes everything before it worthless.
    if (!recent.isEmpty() && sample.millis() < recent.getLast().millis()) {
      recent.clear();
    }
    recent.addLast(sample);
    while (recent.size() > 1
        && recent.getLast().millis() - recent.getFirst().millis() > QUIET
        && recent.stream().skip(1).findFirst().orElseThrow().millis()
            <= recent.getLast().millis() - QUIET) {
      recent.removeFirst();
    }
  }

  /** Forgets what was read: another part is measured, or the caliper was lost. */
  public void forget() {
    recent.clear();
  }

  /** The settled value, mm; empty while the jaws move. */
  public OptionalDouble settled() {
    if (recent.size() < LEAST || recent.getLast().millis() - recent.getFirst().millis() < QUIET) {
      return OptionalDouble.empty();
    }
    double[] sorted = recent.stream().mapToDouble(Sample::mm).sorted().toArray();
    return sorted[sorted.length - 1] - sorted[0] > TOGETHER
        ? OptionalDouble.empty()
        : OptionalDouble.of(sorted[sorted.length / 2]);
  }
}

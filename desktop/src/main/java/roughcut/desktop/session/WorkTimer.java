package roughcut.desktop.session;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.Map;
import roughcut.record.Now;

/**
 * How long operations are worked at, by the clock: it goes on while the screen at the machine is
 * closed, and each operation has its own.
 */
public final class WorkTimer {
  private final Now now;
  private final Map<String, Duration> worked = new HashMap<>();
  private String running = "";
  private LocalDateTime since;

  WorkTimer(Now now) {
    this.now = now;
  }

  /** Whether it runs for an operation. */
  public boolean runs(String operation) {
    return running.equals(operation) && !operation.isEmpty();
  }

  /** Starts for an operation, or stops; one that ran for another stops then. */
  public void turn(String operation) {
    boolean ran = runs(operation);
    stop();
    if (!ran) {
      running = operation;
      since = now.second();
    }
  }

  /** Stops; what was counted is kept. */
  public void stop() {
    if (!running.isEmpty()) {
      worked.put(running, of(running));
      running = "";
    }
  }

  /** How long an operation was worked at so far. */
  public Duration of(String operation) {
    Duration before = worked.getOrDefault(operation, Duration.ZERO);
    return runs(operation) ? before.plus(between()) : before;
  }

  /** A clock that was put back takes nothing away. */
  private Duration between() {
    Duration passed = Duration.between(since, now.second());
    return passed.isNegative() ? Duration.ZERO : passed;
  }

  /** Begins anew for an operation; one that runs for another goes on. */
  void forget(String operation) {
    if (runs(operation)) {
      running = "";
    }
    worked.remove(operation);
  }
}

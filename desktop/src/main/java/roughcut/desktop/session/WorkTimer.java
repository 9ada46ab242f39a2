package roughcut.desktop.session;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.function.Function;
import roughcut.file.UnfinishedEntries;
import roughcut.record.CurrentTime;

/**
 * How long operations are worked at, by the clock: it goes on while the screen at the machine, or
 * the whole program, is closed, and each operation has its own.
 */
public final class WorkTimer {
  private static final String WORKED = "worked ";
  private static final String RUNNING = "running";
  private static final String SINCE = "since";

  private final CurrentTime now;
  private final UnfinishedEntries unfinished;

  WorkTimer(CurrentTime now, UnfinishedEntries unfinished) {
    this.now = now;
    this.unfinished = unfinished;
  }

  /** Whether it runs for an operation. */
  public boolean runs(String operation) {
    return !operation.isEmpty() && unfinished.text(RUNNING).equals(operation);
  }

  /** Starts for an operation, or stops; one that ran for another stops then. */
  public void turn(String operation) {
    boolean ran = runs(operation);
    stop();
    if (!ran) {
      unfinished.put(RUNNING, operation);
      unfinished.put(SINCE, now.second().toString());
    }
    unfinished.save();
  }

  /** Stops; what was counted is kept. */
  private void stop() {
    String running = unfinished.text(RUNNING);
    if (!running.isEmpty()) {
      unfinished.put(WORKED + running, of(running).toString());
      halt();
    }
  }

  private void halt() {
    unfinished.put(RUNNING, "");
    unfinished.put(SINCE, "");
  }

  /** How long an operation was worked at so far. */
  public Duration of(String operation) {
    Duration before = read(unfinished.text(WORKED + operation), Duration::parse, Duration.ZERO);
    return runs(operation) ? before.plus(between()) : before;
  }

  /** A clock that was put back takes nothing away. */
  private Duration between() {
    LocalDateTime second = now.second();
    Duration passed =
        Duration.between(read(unfinished.text(SINCE), LocalDateTime::parse, second), second);
    return passed.isNegative() ? Duration.ZERO : passed;
  }

  /** A file that somebody wrote into counts as nothing where it can't be read. */
  private static <T> T read(String text, Function<String, T> reader, T otherwise) {
    try {
      return text.isEmpty() ? otherwise : reader.apply(text);
    } catch (DateTimeParseException e) {
      return otherwise;
    }
  }

  /** Begins anew for an operation; one that runs for another goes on. */
  void forget(String operation) {
    if (runs(operation)) {
      halt();
    }
    unfinished.put(WORKED + operation, "");
  }
}

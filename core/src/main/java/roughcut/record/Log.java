package roughcut.record;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import roughcut.design.OperationId;

/**
 * What happened to an instrument: every reading that was taken, every operation that was done, what
 * was done to which fret, and what was decided otherwise meanwhile. Immutable; nothing in it is
 * forgotten, a reading is withdrawn and an operation undone.
 *
 * @param readings in the order of entering
 * @param done in the order of doing
 * @param notes in the order of writing
 * @param decided otherwise since work began, in the order of deciding
 */
public record Log(
    List<Reading> readings,
    List<DoneOperation> done,
    FretRecords frets,
    List<Note> notes,
    List<ChangedDecision> decided) {
  public static final Log NONE = new Log(List.of(), List.of(), FretRecords.NONE);

  /** Changes of one decision within this time are one: a number that was dragged or stepped. */
  private static final Duration ONE_CHANGE = Duration.ofMinutes(2);

  public Log {
    readings = List.copyOf(readings);
    done = List.copyOf(done);
    notes = List.copyOf(notes);
    decided = List.copyOf(decided);
  }

  /** A log without notes. */
  public Log(List<Reading> readings, List<DoneOperation> done, FretRecords frets) {
    this(readings, done, frets, List.of(), List.of());
  }

  private Log withReadings(List<Reading> next) {
    return new Log(next, done, frets, notes, decided);
  }

  private Log withDone(List<DoneOperation> next) {
    return new Log(readings, next, frets, notes, decided);
  }

  private Log withNotes(List<Note> next) {
    return new Log(readings, done, frets, next, decided);
  }

  /** Whether anything was read or done: from then on decisions are written down. */
  public boolean hasStarted() {
    return !done.isEmpty() || !readings.isEmpty();
  }

  /**
   * With something decided otherwise. Changed again soon after it is one change; changed back it is
   * none.
   */
  public Log with(ChangedDecision change) {
    List<ChangedDecision> next = new ArrayList<>(decided);
    ChangedDecision whole = change;
    ChangedDecision last = next.isEmpty() ? null : next.get(next.size() - 1);
    if (last != null
        && !change.of().isEmpty()
        && last.of().equals(change.of())
        && Duration.between(last.at(), change.at()).abs().compareTo(ONE_CHANGE) <= 0) {
      next.remove(next.size() - 1);
      whole = new ChangedDecision(change.at(), change.of(), last.was(), change.is());
    }
    if (change.of().isEmpty() || !whole.was().equals(whole.is())) {
      next.add(whole);
    }
    return new Log(readings, done, frets, notes, next);
  }

  /**
   * Whether the wood is the same by it: read, done and what was done to frets. What was said and
   * decided meanwhile tells of how it came about, and no plan asks for it.
   */
  public boolean sameWork(Log other) {
    return readings.equals(other.readings) && done.equals(other.done) && frets.equals(other.frets);
  }

  /** With one more note. */
  public Log with(Note note) {
    List<Note> next = new ArrayList<>(notes);
    next.add(note);
    return withNotes(next);
  }

  /** Without a note. */
  public Log without(Note note) {
    List<Note> next = new ArrayList<>(notes);
    next.remove(note);
    return withNotes(next);
  }

  /**
   * The readings that stand, by what they are of: the one of each entered last that counts. A clock
   * that was wrong then, or is now, puts none before another.
   */
  public Map<String, Reading> current() {
    Map<String, Reading> standing = new TreeMap<>();
    readings.stream().filter(Reading::counts).forEach(r -> standing.put(r.of(), r));
    return Collections.unmodifiableMap(standing);
  }

  /**
   * What was entered last by a clock that stood later than it does now: it was wrong then or was
   * set back since. Empty where all lies before.
   *
   * @param now the time that is now
   */
  public Optional<LocalDateTime> ahead(LocalDateTime now) {
    return Stream.concat(readings.stream().map(Reading::at), done.stream().map(DoneOperation::at))
        .max(Comparator.naturalOrder())
        .filter(last -> last.isAfter(now.plusMinutes(1)));
  }

  /** With one more reading. */
  public Log with(Reading reading) {
    List<Reading> next = new ArrayList<>(readings);
    next.add(reading);
    return withReadings(next);
  }

  /** With nothing read of that counting any more. */
  public Log withdrawn(String of) {
    return readings(r -> r.of().equals(of), Reading::withdrawn);
  }

  /** With no reading counting: as it was drawn. What was done stays done. */
  public Log unread() {
    return current().isEmpty() ? this : readings(r -> true, Reading::withdrawn);
  }

  /** Without the readings of something that isn't there any more. */
  Log without(Predicate<String> gone) {
    return withReadings(readings.stream().filter(r -> !gone.test(r.of())).toList());
  }

  private Log readings(Predicate<Reading> which, UnaryOperator<Reading> change) {
    return withReadings(readings.stream().map(r -> which.test(r) ? change.apply(r) : r).toList());
  }

  public Log with(FretRecords next) {
    return new Log(readings, done, next, notes, decided);
  }

  /** Whether an operation was done. */
  public boolean isDone(OperationId operation) {
    return isDone(operation.text());
  }

  /** The same of an operation that is known by what a file calls it. */
  public boolean isDone(String operation) {
    return done.stream().anyMatch(d -> d.operation().equals(operation));
  }

  /** When an operation was done last; empty when it wasn't. */
  public Optional<LocalDateTime> when(String operation) {
    return done.stream()
        .filter(d -> d.operation().equals(operation))
        .map(DoneOperation::at)
        .max(Comparator.naturalOrder());
  }

  /** How an operation was done last; empty when it wasn't. */
  public Optional<DoneOperation> done(String operation) {
    return done.stream()
        .filter(d -> d.operation().equals(operation))
        .max(Comparator.comparing(DoneOperation::at));
  }

  /** With an operation done; one that is done already is told otherwise, in its place. */
  public Log with(DoneOperation operation) {
    List<DoneOperation> next = new ArrayList<>(done);
    for (int i = 0; i < next.size(); i++) {
      if (next.get(i).operation().equals(operation.operation())) {
        next.set(i, operation);
        return withDone(next);
      }
    }
    next.add(operation);
    return withDone(next);
  }

  /** With an operation not done after all. */
  public Log without(DoneOperation operation) {
    List<DoneOperation> next = new ArrayList<>(done);
    next.removeIf(d -> d.operation().equals(operation.operation()));
    return withDone(next);
  }

  /** With an operation done, or taken back when it was done already. */
  public Log turned(String operation, LocalDateTime at) {
    List<DoneOperation> next = new ArrayList<>(done);
    if (!next.removeIf(d -> d.operation().equals(operation))) {
      next.add(DoneOperation.of(operation, at));
    }
    return withDone(next);
  }
}

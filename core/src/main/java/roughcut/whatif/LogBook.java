package roughcut.whatif;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import roughcut.bench.HoldPoint;
import roughcut.bench.Operation;
import roughcut.bench.Operations;
import roughcut.bench.OutdatedCut;
import roughcut.bench.Route;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.part.PartId;
import roughcut.plan.Plan;
import roughcut.record.ChangedDecision;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.record.Note;
import roughcut.record.Reading;
import roughcut.shop.Board;

/**
 * What happened to an instrument, told in the order in which it did: operations done, readings,
 * what came out otherwise than planned, notes. Kept without being written by hand (handbook page 7,
 * "Log").
 */
public final class LogBook {
  /** What an entry is. */
  public enum Kind {
    DONE("done"),
    READING("measured"),
    WITHDRAWN("withdrawn"),
    DEVIATION("otherwise"),
    DECIDED("decided"),
    NOTE("note");

    private final String word;

    Kind(String word) {
      this.word = word;
    }

    public String word() {
      return word;
    }
  }

  /**
   * One thing that happened.
   *
   * @param words of it, in the maker's units
   * @param minutes hands-on, where it took some
   * @param picture file kept with it; empty for none
   */
  public record Entry(LocalDateTime at, Kind kind, Text words, long minutes, String picture) {
    /** Whether it has all of these words in it. */
    public boolean has(String wanted) {
      String all = (at + " " + kind.word() + " " + words.in(Units.MM)).toLowerCase(Locale.ROOT);
      for (String word : wanted.toLowerCase(Locale.ROOT).strip().split("\\s+")) {
        if (!all.contains(word)) {
          return false;
        }
      }
      return true;
    }
  }

  private final Plan plan;
  private final Units units;
  private final Map<String, Operation> operations = new HashMap<>();
  private final List<Entry> entries = new ArrayList<>();

  private LogBook(Plan plan, Units units) {
    this.plan = plan;
    this.units = units;
    Operations.of(plan).forEach(o -> operations.put(o.id(), o));
    Log log = plan.build().log();
    log.done().forEach(this::done);
    log.readings().forEach(this::reading);
    log.notes().forEach(this::note);
    for (ChangedDecision change : log.decided()) {
      Text words = ChangeSummary.told(change, plan.build().design(), units);
      entries.add(new Entry(change.at(), Kind.DECIDED, words, 0, ""));
    }
    for (OutdatedCut outdated : OutdatedCut.of(plan, Route.of(plan))) {
      log.when(outdated.operation().id())
          .ifPresent(at -> entries.add(new Entry(at, Kind.DEVIATION, outdated.text(), 0, "")));
    }
    entries.sort(Comparator.comparing(Entry::at).thenComparing(Entry::kind));
  }

  /** Of a plan's build, the first thing first. */
  public static List<Entry> of(Plan plan, Units units) {
    return List.copyOf(new LogBook(plan, units).entries);
  }

  private void done(DoneOperation done) {
    Text title =
        Optional.ofNullable(operations.get(done.operation()))
            .map(Operation::title)
            .orElse(Text.raw(done.operation()));
    entries.add(
        new Entry(
            done.at(),
            Kind.DONE,
            done.note().isEmpty() ? title : Text.of("{title}: {note}", title, done.note()),
            done.hands().toMinutes(),
            ""));
  }

  private void reading(Reading reading) {
    Kind kind = reading.counts() ? Kind.READING : Kind.WITHDRAWN;
    if (reading.looked()) {
      Text what =
          operations.values().stream()
              .flatMap(o -> o.holds().stream())
              .filter(h -> h.of().equals(reading.of()))
              .map(HoldPoint::what)
              .findFirst()
              .orElseGet(() -> Text.raw(reading.of().substring(Reading.LOOK.length())));
      Text answer =
          reading.value() == 1
              ? Text.of("yes")
              : reading.value() == 0 ? Text.of("no") : Text.of("this much");
      entries.add(
          new Entry(reading.at(), kind, Text.of("checked: {what}, {answer}", what, answer), 0, ""));
      return;
    }
    Optional<NumberDecision> decided =
        Decisions.find(plan.build().design(), reading.of()).flatMap(Decision::number);
    Optional<Measurable> measurable = Measurables.find(plan.build().design(), reading.of());
    Text label = measurable.map(Measurable::label).orElse(Text.raw(reading.of()));
    Quantity quantity = measurable.map(Measurable::quantity).orElse(Quantity.FINE_LENGTH);
    Text read = Text.of("{label} {value}", label, told(reading, measurable, quantity));
    Text planned =
        decided
            .map(d -> Text.of("planned {value}", d.told(d.in(plan.build().design()), units)))
            .orElse(Text.NONE);
    Text with = reading.with().isEmpty() ? Text.NONE : Text.of("by {instrument}", reading.with());
    entries.add(
        new Entry(reading.at(), kind, Text.joined(List.of(read, planned, with), ", "), 0, ""));
  }

  private Text told(Reading reading, Optional<Measurable> measurable, Quantity quantity) {
    return measurable
        .map(m -> m.told(reading.value()))
        .orElseGet(() -> Text.only(Text.shown(reading.value(), quantity)));
  }

  private void note(Note note) {
    Text words =
        Optional.ofNullable(operations.get(note.about()))
            .map(o -> Text.of("{operation}: {note}", o.title(), note.words()))
            .orElse(Text.raw(note.words()));
    entries.add(new Entry(note.at(), Kind.NOTE, words, 0, note.picture()));
  }

  /** Hands-on minutes by part, of what was done and timed. */
  public static Map<PartId, Long> minutes(Plan plan) {
    Map<PartId, Long> sums = new EnumMap<>(PartId.class);
    Map<String, PartId> parts = new HashMap<>();
    Operations.of(plan).forEach(o -> parts.put(o.id(), o.part()));
    for (DoneOperation done : plan.build().log().done()) {
      PartId part = parts.getOrDefault(done.operation(), PartId.INSTRUMENT);
      sums.merge(part, done.hands().toMinutes(), Long::sum);
    }
    sums.values().removeIf(m -> m == 0);
    return sums;
  }

  /** What the boards cost, in words. */
  public static Text woodTold(Plan plan) {
    return plan.boards().laid().isEmpty()
        ? Text.of("none placed yet")
        : wood(plan).map(w -> Text.only(Text.fixed(w, 2))).orElse(Text.of("some have no price"));
  }

  /**
   * What the boards cost that parts are laid on, in the maker's money; empty while one isn't known.
   */
  public static Optional<Double> wood(Plan plan) {
    Set<String> used = new TreeSet<>();
    plan.boards().laid().forEach(l -> used.add(l.board()));
    double sum = 0;
    for (String id : used) {
      Optional<Board> board = plan.shop().board(id);
      if (board.isEmpty() || board.get().price().isEmpty()) {
        return Optional.empty();
      }
      sum += board.get().price().getAsDouble();
    }
    return Optional.of(sum);
  }
}

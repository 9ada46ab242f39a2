package roughcut.bench;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.record.Reading;
import roughcut.rout.CutLocations;

/**
 * How the work stands at a time: what is done, what can be done now, what is owed before a face
 * goes, what waits and for what. A pure function of plan and time.
 */
public final class Bench {
  /** How an operation stands. */
  public enum State {
    DONE(Text.of("done")),
    READY(Text.of("ready")),
    OWES(Text.of("blocked")),
    WAITS(Text.of("waiting")),
    NOT_YET(Text.of("to do"));

    private final Text words;

    State(Text words) {
      this.words = words;
    }

    public Text words() {
      return words;
    }
  }

  /**
   * An operation with how it stands.
   *
   * @param why in words, one reason each; none for what is done or can be done
   * @param owed what has to be done before it, since it takes a face away
   */
  public record OperationStatus(
      Operation operation, State state, List<Text> why, List<Operation> owed) {}

  /** Nobody works at one operation for longer without a break. */
  private static final Duration LONGEST = Duration.ofHours(10);

  private final Plan plan;
  private final LocalDateTime now;
  private final Route route;
  private final HoldPoints holds;
  private final List<OperationStatus> steps = new ArrayList<>();
  private final Map<ReferenceFace, Operation> gone = new EnumMap<>(ReferenceFace.class);
  private final Set<ReferenceFace> there = EnumSet.noneOf(ReferenceFace.class);
  private List<OutdatedCut> outdated;
  private Verdict verdict;

  private Bench(Plan plan, LocalDateTime now) {
    this.plan = plan;
    this.now = now;
    this.route = Route.of(plan);
    this.holds = new HoldPoints(plan, route, now);
    faces();
    List<Operation> open = route.order().stream().filter(o -> !isDone(o)).toList();
    route.order().forEach(o -> steps.add(step(o, open)));
  }

  public static Bench of(Plan plan, LocalDateTime now) {
    return new Bench(plan, now);
  }

  /** The time that it is asked at. */
  public LocalDateTime now() {
    return now;
  }

  public Route route() {
    return route;
  }

  /** What is made already and no longer agrees with the plan. */
  public List<OutdatedCut> outdatedCuts() {
    if (outdated == null) {
      outdated = OutdatedCut.of(plan, route);
    }
    return outdated;
  }

  /** How the whole instrument stands, whatever was read last. */
  public Verdict verdict() {
    if (verdict == null) {
      verdict = Verdict.of(plan, outdatedCuts());
    }
    return verdict;
  }

  /** What is at stake when an operation is done now; nothing where it may simply be done. */
  public List<Risk> risks(Operation op) {
    return isDone(op) ? List.of() : RiskAssessment.of(this, op);
  }

  /** Whether a stop with these numbers was answered with a reason when something was done. */
  boolean answered(Map<String, Double> stop) {
    return log().done().stream()
        .anyMatch(
            d ->
                stop.entrySet().stream()
                    .allMatch(e -> d.accepts(e.getKey(), e.getValue(), OutdatedCut.SEEN)));
  }

  /** What a reading at a hold point should be, and what a slip would read. */
  public PlausibilityCheck.Expected expected(HoldPoint hold) {
    return PlausibilityCheck.of(
        hold,
        plan.given(Decisions.FRETBOARD_THICKNESS),
        plan.given(FretboardDecisions.WIRE_HEIGHT));
  }

  /** Every operation in its order. */
  public List<OperationStatus> steps() {
    return List.copyOf(steps);
  }

  public Optional<OperationStatus> step(String id) {
    return steps.stream().filter(s -> s.operation().id().equals(id)).findFirst();
  }

  /** What can be done now, in the order of work. */
  public List<OperationStatus> ready() {
    return steps.stream().filter(s -> s.state() == State.READY).toList();
  }

  /** What would take a face away that something else still needs. */
  public List<OperationStatus> blockedSteps() {
    return steps.stream().filter(s -> s.state() == State.OWES).toList();
  }

  /**
   * What in the log can't be right, in words: something read or done that is still to come, since a
   * clock was wrong then or was set back since; work that isn't part of this instrument; a timer
   * that ran over night. It counts all the same, and can be mended by hand.
   */
  public List<Text> suspiciousEntries() {
    List<Text> all = new ArrayList<>();
    // What was just read or done bears the seconds; the time here may be told to the minute.
    LocalDateTime soon = now.plusMinutes(1);
    for (Reading reading : log().current().values()) {
      if (reading.at().isAfter(soon)) {
        all.add(Text.of("The reading of {of} is dated {day}", reading.of(), day(reading.at())));
      }
    }
    for (DoneOperation done : log().done()) {
      if (done.at().isAfter(soon)) {
        Text what =
            route.find(done.operation()).map(Route::quoted).orElse(Text.raw(done.operation()));
        all.add(Text.of("{what} was done on {day}", what, day(done.at())));
      }
    }
    List<Text> odd =
        new ArrayList<>(
            all.stream()
                .map(w -> Text.of("{what}, which is in the future: is the clock right?", w))
                .toList());
    for (Reading reading : log().current().values()) {
      if (CutLocations.places(reading.of()) && plan.value(reading.of()).isEmpty()) {
        odd.add(
            Text.of(
                "the reading of {of} belongs to something that no longer exists; it is kept",
                reading.of()));
      }
    }
    for (DoneOperation done : log().done()) {
      if (route.find(done.operation()).isEmpty()) {
        odd.add(
            Text.of(
                "“{operation}” is logged as done but isn't part of this instrument's work; it is "
                    + "kept",
                done.operation()));
      }
      if (done.hands().compareTo(LONGEST) > 0) {
        odd.add(
            Text.of(
                "{operation} took {minutes} minutes: did the timer keep running?",
                route.find(done.operation()).map(Route::quoted).orElse(Text.raw(done.operation())),
                done.hands().toMinutes()));
      }
    }
    return odd;
  }

  /**
   * What to say where something is entered while the clock stands before what was entered last;
   * empty while it doesn't.
   *
   * @param log of the build
   * @param now the time that is now
   */
  public static Optional<Text> clockSaid(Log log, LocalDateTime now) {
    return log.ahead(now)
        .map(
            last ->
                Text.of(
                    "The clock says {day}, earlier than an entry of {last}: is it right? New "
                        + "entries count all the same.",
                    day(now),
                    day(last)));
  }

  private static Text day(LocalDateTime at) {
    return Text.of(
        "{day} at {time}", at.toLocalDate(), at.toLocalTime().truncatedTo(ChronoUnit.MINUTES));
  }

  private Log log() {
    return plan.build().log();
  }

  private boolean isDone(Operation op) {
    return log().isDone(op.id());
  }

  /** What is there of the faces after what was done, in the order of doing. */
  private void faces() {
    List<Operation> done = new ArrayList<>(route.order().stream().filter(this::isDone).toList());
    done.sort(
        Comparator.comparing((Operation o) -> log().when(o.id()).orElse(LocalDateTime.MIN))
            .thenComparing(o -> route.order().indexOf(o)));
    for (Operation op : done) {
      for (ReferenceFace face : op.destroys()) {
        there.remove(face);
        gone.put(face, op);
      }
      for (ReferenceFace face : op.makes()) {
        there.add(face);
        gone.remove(face);
      }
    }
  }

  private OperationStatus step(Operation op, List<Operation> open) {
    if (isDone(op)) {
      return new OperationStatus(op, State.DONE, List.of(), List.of());
    }
    Map<String, Text> missing = new LinkedHashMap<>();
    List<Text> waits = new ArrayList<>();
    for (Map.Entry<String, Text> before : op.after().entrySet()) {
      route
          .find(before.getKey())
          .ifPresent(
              b -> {
                if (isDone(b)) {
                  waitFor(b).ifPresent(waits::add);
                } else {
                  missing.put(
                      b.id(),
                      Text.of("{operation} first: {reason}", Route.quoted(b), before.getValue()));
                }
              });
    }
    for (ReferenceFace face : op.needs()) {
      if (there.contains(face)) {
        madeBy(face).flatMap(this::waitFor).ifPresent(waits::add);
        continue;
      }
      Optional<Operation> maker =
          route.order().stream().filter(o -> o.makes().contains(face) && !isDone(o)).findFirst();
      if (maker.isPresent()) {
        missing.putIfAbsent(
            maker.get().id(),
            Text.of("{operation} first: it makes {face}", Route.quoted(maker.get()), face.words()));
      } else if (gone.containsKey(face)) {
        missing.put(face.name(), Route.takesAway(gone.get(face), face, op));
      }
    }
    for (Operation other : route.order()) {
      if (other.blocks(op) && isDone(other)) {
        waitFor(other).filter(w -> !waits.contains(w)).ifPresent(waits::add);
      }
    }
    op.problems().forEach(t -> missing.put(t.toString(), t));
    if (!missing.isEmpty()) {
      return new OperationStatus(op, State.NOT_YET, List.copyOf(missing.values()), List.of());
    }
    if (!waits.isEmpty()) {
      return new OperationStatus(op, State.WAITS, waits, List.of());
    }
    List<Operation> owed = Route.neededBefore(op, open);
    return owed.isEmpty()
        ? new OperationStatus(op, State.READY, List.of(), owed)
        : new OperationStatus(
            op, State.OWES, owed.stream().map(o -> needsBefore(op, o)).toList(), owed);
  }

  /** The operation that a face that is there comes from: the last that made it. */
  private Optional<Operation> madeBy(ReferenceFace face) {
    return route.order().stream()
        .filter(o -> o.makes().contains(face) && isDone(o))
        .max(Comparator.comparing(o -> log().when(o.id()).orElse(LocalDateTime.MIN)));
  }

  private static Text needsBefore(Operation destroyer, Operation op) {
    ReferenceFace face =
        destroyer.destroys().stream().filter(op.needs()::contains).findFirst().orElseThrow();
    return Text.of(
        "{operation} is not done, and {face} is lost with {destroyer}",
        Route.quoted(op),
        face.words(),
        Route.quoted(destroyer));
  }

  /** What is still to pass after an operation, in words; empty when nothing is. */
  private Optional<Text> waitFor(Operation done) {
    Optional<LocalDateTime> over = over(done);
    return over.filter(t -> t.isAfter(now))
        .map(
            t ->
                Text.of(
                    "{operation}: wait {time} more, until {reason}",
                    Route.quoted(done),
                    hours(Duration.between(now, t)),
                    done.waiting().orElseThrow().reason()));
  }

  /** When an operation's wait is over; empty for one without. */
  public Optional<LocalDateTime> over(Operation done) {
    return done.waiting()
        .flatMap(
            w -> log().when(done.id()).map(at -> at.plusMinutes(w.minutes(plan.shop().hours()))));
  }

  private static Text hours(Duration left) {
    long hours = (left.toMinutes() + 59) / 60;
    return hours < 48 ? Text.of("{hours} h", hours) : Text.of("{days} days", (hours + 23) / 24);
  }

  /**
   * How a hold point of an operation stands.
   *
   * @param reading what was read; empty where nothing was
   */
  public record Held(HoldPoint hold, HoldPoint.State state, Optional<Reading> reading) {
    /** By how much it is off what it should be; empty where nothing says. */
    public Optional<Double> off() {
      return reading.flatMap(r -> hold.nominal().map(n -> r.value() - n.value()));
    }
  }

  /**
   * Several readings of one thing, taken on one day.
   *
   * @param spread between the least and the most
   */
  public record Spread(int readings, double mean, double spread) {}

  /** What readings of the latest day say together; empty where there is but one. */
  public Optional<Spread> spread(HoldPoint hold) {
    return holds.spread(hold);
  }

  /** What has to be known before an operation, and how it stands. */
  public List<Held> held(Operation op) {
    return op.holds().stream().map(h -> holds.held(op, h)).toList();
  }

  /**
   * What can be read off what an operation has made: where it is, and whatever a decision says is
   * its result; each held against what was drawn.
   */
  public List<Held> results(Operation op) {
    return holds.results(op);
  }

  /** Hold points of an operation that nobody knows, or that went stale. */
  public List<Held> unknown(Operation op) {
    return held(op).stream().filter(h -> !h.state().known()).toList();
  }

  /** The values that an operation's machine and ruler are set to. */
  public List<Value> settings(Operation op) {
    return op.settings().stream().map(plan::value).flatMap(Optional::stream).toList();
  }

  /**
   * The build with an operation done now. What was at stake is written into the log, with the
   * reason why it was done all the same.
   *
   * @param hands how long it took; nothing when nobody said
   * @param note of the maker's own
   * @param reason why it was done in spite of what was at stake; empty for none given
   */
  public Build done(Build build, Operation op, Duration hands, String note, String reason) {
    Map<String, Double> cutAt = new LinkedHashMap<>();
    settings(op).forEach(v -> cutAt.put(v.id(), v.value()));
    List<Risk> risks = risks(op);
    String despite = RiskAssessment.told(risks).in(Units.MM);
    List<String> words = new ArrayList<>();
    words.add(note);
    words.add(despite.isEmpty() ? "" : "marked done anyway – " + despite);
    words.add(reason.isBlank() ? "" : "reason: " + reason.strip());
    String said = words.stream().filter(w -> !w.isEmpty()).collect(Collectors.joining("; "));
    Map<String, Double> accepted = new LinkedHashMap<>();
    if (!reason.isBlank()) {
      risks.stream()
          .filter(s -> s.kind() == Risk.Kind.STOP)
          .forEach(s -> accepted.putAll(RiskAssessment.answer(s.text())));
    }
    return build.withLog(
        build.log().with(new DoneOperation(op.id(), now, hands, said, cutAt, accepted)));
  }
}

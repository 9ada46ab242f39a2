package roughcut.desktop.session;

import static roughcut.desktop.words.Words.say;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import roughcut.bench.Bench;
import roughcut.bench.HoldPoint;
import roughcut.bench.ImpactReport;
import roughcut.bench.Operation;
import roughcut.bench.PlausibilityCheck;
import roughcut.bench.Risk;
import roughcut.design.Design;
import roughcut.design.OrderChange;
import roughcut.file.UnfinishedEntries;
import roughcut.measure.InvalidInput;
import roughcut.measure.Range;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.record.DoneOperation;
import roughcut.record.Measurables;
import roughcut.record.Reading;

/**
 * The bench of the build that is worked on: which operation is looked at, what is done and read
 * there, and what the last reading changed. Station and bench screen share one.
 */
public final class BenchState {
  private static final String TYPED = "typed ";
  private static final String NOTE = "note ";
  private static final String AT = "at";

  /** What is typed is written down so long after the last key. */
  private static final javafx.util.Duration WRITTEN = javafx.util.Duration.millis(300);

  private final Session session;
  private final StringProperty chosen = new SimpleStringProperty("");
  private final ReadOnlyObjectWrapper<ImpactReport> changed = new ReadOnlyObjectWrapper<>();
  private final UnfinishedEntries unfinished;
  private final PauseTransition writing = new PauseTransition(WRITTEN);
  private final WorkTimer timer;

  /** What was typed and asked about; typed again it is taken. */
  private String askedAbout = "";

  /** Id of what is known and asked for again all the same; empty for nothing. */
  private String again = "";

  private Plan looked;
  private Plan plan;
  private LocalDateTime at;
  private Bench bench;

  /**
   * Makes it.
   *
   * @param unfinished what was begun at this bench before
   */
  public BenchState(Session session, UnfinishedEntries unfinished) {
    this.session = session;
    this.unfinished = unfinished;
    this.timer = new WorkTimer(session.now(), unfinished);
    writing.setOnFinished(e -> unfinished.save());
    session.plan().addListener((p, was, is) -> settle());
    goOn();
    chosen.addListener(
        (p, was, is) -> {
          cancelQuestion();
          unfinished.put(AT, is);
          writing.playFromStart();
        });
  }

  /** Looks at what was looked at when the program ended, unless that is done. */
  private void goOn() {
    String at = unfinished.text(AT);
    if (!at.isEmpty() && bench().step(at).filter(s -> s.state() != Bench.State.DONE).isPresent()) {
      chosen.set(at);
    }
  }

  /** Id of the operation that is looked at. */
  public StringProperty chosen() {
    return chosen;
  }

  /** What the last reading changed; null before the first. */
  public ReadOnlyObjectProperty<ImpactReport> changed() {
    return changed.getReadOnlyProperty();
  }

  /** How the work stands now. */
  public Bench bench() {
    LocalDateTime now = session.now().minute();
    Plan shown = session.plan().get();
    if (bench == null || looked != shown || !now.equals(at)) {
      looked = shown;
      // “As designed” is a way of looking; at the bench the wood is as it is.
      plan = session.asBuilt().get() ? shown : session.real();
      at = now;
      bench = Bench.of(plan, now);
    }
    return bench;
  }

  /** The operation that is looked at: the first that can be done while none was chosen. */
  public Optional<Bench.OperationStatus> step() {
    Bench here = bench();
    return here.step(chosen.get())
        .or(() -> here.ready().stream().findFirst())
        .or(() -> here.steps().stream().findFirst());
  }

  private void settle() {
    if (!chosen.get().isEmpty() && bench().step(chosen.get()).isEmpty()) {
      chosen.set("");
    }
  }

  /** Looks at the operation so many places on that isn't done; stays where there is none. */
  public void go(int way) {
    List<Bench.OperationStatus> steps = bench().steps();
    int from = step().map(steps::indexOf).orElse(0);
    for (int i = from + way; i >= 0 && i < steps.size(); i += way) {
      if (steps.get(i).state() != Bench.State.DONE) {
        chosen.set(steps.get(i).operation().id());
        return;
      }
    }
  }

  /** Looks at the next operation that can be done now, going round; stays where there is none. */
  public void goReady() {
    List<Bench.OperationStatus> steps = bench().steps();
    int from = step().map(steps::indexOf).orElse(-1);
    for (int i = 1; i <= steps.size(); i++) {
      Bench.OperationStatus next = steps.get((from + i) % steps.size());
      if (next.state() == Bench.State.READY) {
        chosen.set(next.operation().id());
        return;
      }
    }
  }

  /** What is at stake when an operation is done now; nothing where it may simply be done. */
  public List<Risk> risks(Operation op) {
    return bench().risks(op);
  }

  /** Marks an operation done of which nobody timed anything. */
  public void done(Operation op, String reason) {
    done(op, Duration.ZERO, reason);
  }

  /**
   * Marks an operation done. What was at stake goes into the log, with the reason.
   *
   * @param hands how long it took; nothing when nobody said
   * @param reason why it was done in spite of what was at stake; empty for none
   */
  public void done(Operation op, Duration hands, String reason) {
    Bench here = bench();
    String said = unfinished.text(NOTE + op.id());
    session.make(
        say("done: {title}", op.title().in(session.units().get())),
        "done " + op.id(),
        b -> here.done(b, op, hands, said, reason));
    session.history().settle();
    if (session.build().get().log().isDone(op.id())) {
      unfinished.put(NOTE + op.id(), "");
      timer.forget(op.id());
      unfinished.save();
    }
  }

  /** Marks an operation not done after all. */
  public void undone(Operation op) {
    session.make(
        say("not done: {title}", op.title().in(session.units().get())),
        "done " + op.id(),
        b -> b.withLog(b.log().without(DoneOperation.of(op.id(), session.now().second()))));
    session.history().settle();
  }

  /** The operation that was ticked last. */
  public Optional<Operation> last() {
    List<DoneOperation> done = session.build().get().log().done();
    return done.stream()
        .skip(Math.max(0, done.size() - 1))
        .findFirst()
        .flatMap(d -> bench().route().find(d.operation()));
  }

  /**
   * Takes the last tick back, from wherever one looks, and looks at what was ticked.
   *
   * @return what isn't done any more; empty where nothing was
   */
  public Optional<Operation> undoLast() {
    Optional<Operation> last = last();
    last.ifPresent(
        op -> {
          undone(op);
          chosen.set(op.id());
        });
    return last;
  }

  /** How long the operations are worked at. */
  public WorkTimer timer() {
    return timer;
  }

  /** What is half typed at the machine for that; empty for nothing. */
  public String typed(String what) {
    return unfinished.text(TYPED + what);
  }

  /** Keeps what is half typed for something; empty when it is entered or left. */
  public void typed(String what, String text) {
    if (!text.equals(typed(what))) {
      unfinished.put(TYPED + what, text);
      writing.playFromStart();
    }
  }

  /** Writes down what is begun and not entered; for a window that closes. */
  public void keep() {
    writing.stop();
    unfinished.save();
  }

  /** The hold point that is asked for: one that is asked again, or the first that isn't known. */
  public Optional<Bench.Held> asked() {
    return step()
        .flatMap(
            s ->
                bench().held(s.operation()).stream()
                    .filter(h -> h.hold().of().equals(again))
                    .findFirst()
                    .or(() -> bench().unknown(s.operation()).stream().findFirst()));
  }

  /**
   * Asks again for what is known already: for what is off or answered no first, then for the last,
   * and for the one before it when it is asked once more. A jaw slips, and eyes are mistaken.
   */
  public void askAgain() {
    List<String> known =
        step()
            .map(
                s ->
                    bench().held(s.operation()).stream()
                        .filter(h -> h.state().known())
                        .sorted(Comparator.comparing(h -> h.state() == HoldPoint.State.OFF))
                        .map(h -> h.hold().of())
                        .toList())
            .orElse(List.of());
    int at = known.indexOf(again);
    again = known.isEmpty() ? "" : known.get(at > 0 ? at - 1 : known.size() - 1);
  }

  /** What was asked again stays as it was. */
  public void cancelQuestion() {
    again = "";
    askedAbout = "";
  }

  /** Answers a hold point that is looked at. */
  public void look(HoldPoint hold, boolean yes) {
    Plan before = session.kept();
    again = "";
    session.make(
        hold.what().in(session.units().get()) + ": " + (yes ? say("yes") : say("no")),
        "look " + hold.of(),
        b -> b.withReading(Reading.of(hold.of(), yes ? 1 : 0, session.now().second())));
    session.history().settle();
    tell(before);
  }

  /**
   * Takes a reading as it was typed. What is unlikely is asked about, and taken when it is typed
   * again.
   *
   * @return what can't be, in words; empty when it was entered
   * @throws Unreadable in words, when it is no number that could be right
   */
  public Optional<String> read(HoldPoint hold, String text) throws InvalidInput {
    try {
      double value =
          PlausibilityCheck.read(
              bench().expected(hold), range(hold), text, session.units().get(), askedAbout);
      askedAbout = "";
      return read(hold, value, "");
    } catch (InvalidInput e) {
      askedAbout = text.strip();
      throw e;
    }
  }

  /**
   * Takes a reading that a caliper sent.
   *
   * @return what can't be, in words; empty when it was entered
   */
  public Optional<String> fromCaliper(HoldPoint hold, double value) {
    return read(hold, value, Reading.CALIPER);
  }

  private Optional<String> read(HoldPoint hold, double value, String with) {
    if (!range(hold).allows(value)) {
      return Optional.of(range(hold).refusal(value).in(session.units().get()));
    }
    Plan before = session.kept();
    Optional<String> refusal =
        session.edit(
            say("measured {what}", hold.what().in(session.units().get())),
            "measured " + hold.of(),
            b -> b.withReading(Reading.of(hold.of(), value, session.now().second()).by(with)));
    if (refusal.isEmpty()) {
      again = "";
      session.asBuilt().set(true);
      session.history().settle();
      tell(before);
    }
    return refusal;
  }

  private Range range(HoldPoint hold) {
    return Measurables.find(session.build().get().design(), hold.of()).orElseThrow().range();
  }

  /** Keeps a note with an operation that is done, or beside the log until it is. */
  public void note(Operation op, String words) {
    if (words.isBlank()) {
      return;
    }
    session.make(
        say("note on {title}", op.title().in(session.units().get())),
        "note " + op.id(),
        b ->
            b.log()
                .done(op.id())
                .map(d -> b.withLog(b.log().with(d.saying(words))))
                .orElseGet(() -> b));
    if (!session.build().get().log().isDone(op.id())) {
      String before = unfinished.text(NOTE + op.id());
      unfinished.put(NOTE + op.id(), before.isEmpty() ? words : before + "; " + words);
      unfinished.save();
    }
  }

  /** Something was read: tells what that changes, beside what stood before. */
  public void tell(Plan before) {
    changed.set(ImpactReport.of(before, session.kept()));
  }

  /**
   * Moves an operation right before another; empty for the end.
   *
   * @return why that can't be, in words; empty when it was done
   */
  public Optional<String> move(String operation, String before) {
    if (operation.equals(before)) {
      return Optional.empty();
    }
    OrderChange change = new OrderChange(operation, before);
    Optional<Text> refusal = bench().route().refusal(change);
    if (refusal.isEmpty()) {
      session.make(
          say("work order"),
          "order",
          b -> {
            Design design = b.design();
            List<OrderChange> order = new ArrayList<>(design.order());
            order.add(change);
            return b.withDesign(design.withOrder(order));
          });
    }
    return refusal.map(r -> r.in(session.units().get()));
  }
}

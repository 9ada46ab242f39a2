package roughcut.desktop.session;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import roughcut.bench.Bench;
import roughcut.bench.Consequences;
import roughcut.bench.HoldPoint;
import roughcut.bench.Operation;
import roughcut.bench.Plausible;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.NumberDecision;
import roughcut.design.OrderChange;
import roughcut.measure.Range;
import roughcut.measure.Unreadable;
import roughcut.plan.Plan;
import roughcut.record.Done;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.record.Reading;

/**
 * The bench of the build that is worked on: which operation is looked at, what is done and read
 * there, and what the last reading changed. Station and bench screen share one.
 */
public final class AtBench {
  private final Session session;
  private final StringProperty chosen = new SimpleStringProperty("");
  private final ReadOnlyObjectWrapper<Consequences> changed = new ReadOnlyObjectWrapper<>();
  private final Map<String, String> notes = new HashMap<>();

  /** Id of what is known and asked for again all the same; empty for nothing. */
  private String again = "";

  private Plan looked;
  private Plan plan;
  private LocalDateTime at;
  private Bench bench;

  public AtBench(Session session) {
    this.session = session;
    session.plan().addListener((p, was, is) -> settle());
    chosen.addListener((p, was, is) -> askNoMore());
  }

  /** Id of the operation that is looked at. */
  public StringProperty chosen() {
    return chosen;
  }

  /** What the last reading changed; null before the first. */
  public ReadOnlyObjectProperty<Consequences> changed() {
    return changed.getReadOnlyProperty();
  }

  /** How the work stands now. */
  public Bench bench() {
    LocalDateTime now = session.now().minute();
    Plan shown = session.plan().get();
    if (bench == null || looked != shown || !now.equals(at)) {
      looked = shown;
      // “As designed” is a way of looking; at the bench the wood is as it is.
      plan = session.asBuilt().get() ? shown : Plan.of(session.build().get(), session.shop().get());
      at = now;
      bench = Bench.of(plan, now);
    }
    return bench;
  }

  /** The operation that is looked at: the first that can be done while none was chosen. */
  public Optional<Bench.Step> step() {
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
    List<Bench.Step> steps = bench().steps();
    int from = step().map(steps::indexOf).orElse(0);
    for (int i = from + way; i >= 0 && i < steps.size(); i += way) {
      if (steps.get(i).state() != Bench.State.DONE) {
        chosen.set(steps.get(i).operation().id());
        return;
      }
    }
  }

  /** Marks an operation done, or takes that back. */
  public void turn(Operation op) {
    turn(op, Duration.ZERO, "");
  }

  /**
   * Marks an operation done, or takes that back. What wasn't known before goes into the log.
   *
   * @param hands how long it took; nothing when nobody said
   */
  public void turn(Operation op, Duration hands, String note) {
    Bench here = bench();
    boolean done = session.build().get().log().isDone(op.id());
    String before = notes.getOrDefault(op.id(), "");
    String said = before.isEmpty() ? note : note.isEmpty() ? before : before + "; " + note;
    notes.remove(op.id());
    session.make(
        done ? "not done: " + op.title() : "done: " + op.title(),
        "done " + op.id(),
        b ->
            done
                ? b.withLog(b.log().without(Done.of(op.id(), session.now().second())))
                : here.done(b, op, hands, said));
    session.history().settle();
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
   * Asks again for what is known already: for the last first, and for the one before it when it is
   * asked once more. A jaw slips, and eyes are mistaken.
   */
  public void askAgain() {
    List<String> known =
        step()
            .map(
                s ->
                    bench().held(s.operation()).stream()
                        .filter(h -> h.state().known())
                        .map(h -> h.hold().of())
                        .toList())
            .orElse(List.of());
    int at = known.indexOf(again);
    again = known.isEmpty() ? "" : known.get(at > 0 ? at - 1 : known.size() - 1);
  }

  /** What was asked again stays as it was. */
  public void askNoMore() {
    again = "";
  }

  /** Answers a hold point that is looked at. */
  public void look(HoldPoint hold, boolean yes) {
    Plan before = session.kept();
    again = "";
    session.make(
        hold.what() + ": " + (yes ? "yes" : "no"),
        "look " + hold.of(),
        b -> b.withReading(Reading.of(hold.of(), yes ? 1 : 0, session.now().second())));
    session.history().settle();
    tell(before);
  }

  /**
   * Takes a reading as it was typed.
   *
   * @return what can't be, in words; empty when it was entered
   * @throws Unreadable in words, when it is no number that could be right
   */
  public Optional<String> read(HoldPoint hold, String text) throws Unreadable {
    return read(hold, Plausible.read(hold.nominal(), range(hold), text, session.units().get()), "");
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
      return Optional.of(range(hold).refusal(value, session.units().get()));
    }
    Plan before = session.kept();
    Optional<String> refusal =
        session.edit(
            "measured " + hold.what(),
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
    return Decisions.find(session.build().get().design(), hold.of())
        .filter(NumberDecision.class::isInstance)
        .map(d -> ((NumberDecision) d).range())
        .or(() -> Measurables.find(hold.of()).map(Measurable::range))
        .orElseThrow();
  }

  /** Keeps a note with an operation that is done, or beside the log until it is. */
  public void note(Operation op, String words) {
    if (words.isBlank()) {
      return;
    }
    session.make(
        "note on " + op.title(),
        "note " + op.id(),
        b ->
            b.log()
                .done(op.id())
                .map(d -> b.withLog(b.log().with(d.saying(words))))
                .orElseGet(() -> b));
    if (!session.build().get().log().isDone(op.id())) {
      notes.merge(op.id(), words, (x, y) -> x + "; " + y);
    }
  }

  /** Something was read: tells what that changes, beside what stood before. */
  public void tell(Plan before) {
    changed.set(Consequences.of(before, session.kept()));
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
    Optional<String> refusal = bench().route().refusal(change);
    if (refusal.isEmpty()) {
      session.make(
          "order of work",
          "order",
          b -> {
            Design design = b.design();
            List<OrderChange> order = new ArrayList<>(design.order());
            order.add(change);
            return b.withDesign(design.withOrder(order));
          });
    }
    return refusal;
  }
}

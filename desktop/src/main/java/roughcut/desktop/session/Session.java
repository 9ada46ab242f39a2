package roughcut.desktop.session;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import roughcut.bench.Bench;
import roughcut.design.NumberDecision;
import roughcut.desktop.words.Words;
import roughcut.file.EarlierWork;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.plan.PlanEngine;
import roughcut.record.Build;
import roughcut.record.CurrentTime;
import roughcut.record.Log;
import roughcut.shop.Shop;
import roughcut.whatif.ChangeSummary;
import roughcut.whatif.Comparison;

/**
 * What one window works on: the build with its history, and the plan that follows from it. Every
 * edit makes a new plan at once. What is typed is tried first: the plan on the screen then follows
 * from what is kept and what is tried, and nothing of it is stored until it is entered.
 */
public final class Session {
  /** Something typed that isn't entered yet. */
  public interface Typed {
    /** Enters it; what can't be stays as it was typed. */
    void enter();

    /** Brings back what was there before. */
    void restore();
  }

  private final CurrentTime now;
  private final ReadOnlyObjectWrapper<Plan> plan = new ReadOnlyObjectWrapper<>();
  private final ReadOnlyObjectWrapper<Build> build = new ReadOnlyObjectWrapper<>();
  private final ReadOnlyObjectWrapper<Shop> shop = new ReadOnlyObjectWrapper<>();
  private final BooleanProperty asBuilt = new SimpleBooleanProperty(true);
  private final ReadOnlyIntegerWrapper earlier = new ReadOnlyIntegerWrapper();
  private final ObjectProperty<Units> units = new SimpleObjectProperty<>(Units.MM);
  private final History<EditHistory> history;
  private final ReadOnlyObjectWrapper<Plan> whatIf = new ReadOnlyObjectWrapper<>();
  private EditHistory base;
  private Plan kept;

  /** Plans what an edit touches. */
  private final PlanEngine engine = new PlanEngine();

  private Typed typed;
  private Consumer<String> refused = words -> {};
  private Consumer<String> told = words -> {};

  /**
   * Makes it.
   *
   * @param now the clock by which everything that is entered here happens
   */
  public Session(Build build, Shop shop, CurrentTime now) {
    this.now = now;
    this.history = new History<>(new EditHistory(build, shop));
    asBuilt.addListener((p, was, is) -> refresh());
    refresh();
  }

  /** The plan on the screen: what is kept, or what is tried while something is typed. */
  public ReadOnlyObjectProperty<Plan> plan() {
    return plan.getReadOnlyProperty();
  }

  /** The plan of what is kept, without what is only tried. */
  public Plan kept() {
    return kept;
  }

  /** The plan of the wood as it is, whichever way the maker looks at it; of what is kept. */
  public Plan real() {
    return asBuilt.get() ? kept : engine.plan(build.get(), shop.get());
  }

  /** Whether the plan on the screen is only tried. */
  public boolean trying() {
    return plan.get() != kept;
  }

  /** What is tried beside what is kept; empty while nothing is tried. */
  public Optional<Comparison> comparison() {
    return trying() ? Optional.of(new Comparison(kept, plan.get())) : Optional.empty();
  }

  /** What is kept; never what is only tried. */
  public ReadOnlyObjectProperty<Build> build() {
    return build.getReadOnlyProperty();
  }

  /** Whether measured values stand in the place of decided ones. */
  public BooleanProperty asBuilt() {
    return asBuilt;
  }

  /** The clock that everything here goes by. */
  public CurrentTime now() {
    return now;
  }

  public ObjectProperty<Units> units() {
    return units;
  }

  public ReadOnlyObjectProperty<Shop> shop() {
    return shop.getReadOnlyProperty();
  }

  public History<EditHistory> history() {
    return history;
  }

  /**
   * Makes an edit.
   *
   * @param name for “Undo …”
   * @param key what is edited, usually a decision's id
   * @return what can't be, in words, or empty when it was done
   */
  public Optional<String> edit(String name, String key, UnaryOperator<Build> change) {
    Log before = build.get().log();
    Optional<String> refusal =
        enter(name, key, work -> work.with(written(work.build(), change.apply(work.build()))));
    Log after = build.get().log();
    if (after.readings().size() > before.readings().size()
        || after.done().size() > before.done().size()) {
      Bench.clockSaid(before, now.second()).map(t -> t.in(units.get())).ifPresent(told);
    }
    return refusal;
  }

  private Build written(Build before, Build after) {
    return ChangeSummary.written(before, after, now.second());
  }

  /** Makes an edit of what the maker owns, undone like any other. */
  public Optional<String> editShop(String name, String key, UnaryOperator<Shop> change) {
    return enter(name, key, work -> work.with(change.apply(work.shop())));
  }

  /**
   * Makes an edit for something that can't say itself what can't be: that is told in the window.
   */
  public void make(String name, String key, UnaryOperator<Build> change) {
    tellRefusal(edit(name, key, change));
  }

  /** Makes an edit of what the maker owns; what can't be is told in the window. */
  public void makeShop(String name, String key, UnaryOperator<Shop> change) {
    tellRefusal(editShop(name, key, change));
  }

  /**
   * Lets undo go on into earlier sessions.
   *
   * @param steps that led to the build as it was opened, the last one first
   * @param opened shop as it was opened
   */
  public void earlier(List<EarlierWork.Step> steps, Shop opened) {
    for (EarlierWork.Step step : steps) {
      history.earlier(step.name().in(units.get()), new EditHistory(step.before(), opened));
    }
    earlier.set(steps.size());
  }

  /** How many steps of earlier sessions undo knows of. */
  public ReadOnlyIntegerProperty earlier() {
    return earlier.getReadOnlyProperty();
  }

  /** What to do with refusals that nothing else shows. */
  public void onRefused(Consumer<String> tell) {
    refused = tell;
  }

  /** What to do with what has to be known about an edit that was made. */
  public void onTold(Consumer<String> tell) {
    told = tell;
  }

  private void tellRefusal(Optional<String> refusal) {
    if (refusal.isPresent()) {
      refresh(); // whatever was pressed shows again what is kept
      refused.accept(refusal.get());
    }
  }

  /** Puts another build and shop in the place of these, undone like any edit. */
  public Optional<String> take(String name, EditHistory next) {
    Optional<String> refusal = enter(name, name, work -> next);
    history.settle();
    return refusal;
  }

  /** Why another build and shop couldn't be put in the place of these; empty when they can. */
  public Optional<String> canTake(EditHistory next) {
    return Optional.ofNullable(worked(work -> next).refusal());
  }

  /**
   * The plan that stood when trying several changes began; null while nothing is tried so. Edits
   * made meanwhile are edits like any, and aren't stored before they are kept.
   */
  public ReadOnlyObjectProperty<Plan> whatIf() {
    return whatIf.getReadOnlyProperty();
  }

  /** From here on changes are tried: kept or dropped together. */
  public void beginWhatIf() {
    if (base == null) {
      enterTyped();
      history.settle();
      base = history.current();
      whatIf.set(kept);
    }
  }

  /** What was tried stays. */
  public void keepWhatIf() {
    enterTyped();
    base = null;
    whatIf.set(null);
  }

  /** Everything is as it was before; what was tried can still be brought back by undoing. */
  public void dropWhatIf() {
    EditHistory back = base;
    if (back != null) {
      enterTyped();
      base = null;
      take(say("discarding the trial changes"), back);
      whatIf.set(null);
    }
  }

  /** Does something whenever a wood of the shop is called, weighs or moves otherwise. */
  public void onWoods(Runnable action) {
    shop()
        .addListener(
            (p, was, is) -> {
              if (!was.woods().equals(is.woods())) {
                action.run();
              }
            });
  }

  /** What is written to disk: what is kept, without what is only tried. */
  public EditHistory stored() {
    return base == null ? history.current() : base;
  }

  /** What is kept: the build and the shop. */
  public EditHistory work() {
    return history.current();
  }

  /** The same work in another place: every state of it becomes what it is there. */
  public void moved(UnaryOperator<EditHistory> there) {
    history.map(there);
    refresh();
  }

  private Optional<String> enter(String name, String key, UnaryOperator<EditHistory> change) {
    enterTyped(); // what was typed elsewhere came before
    Attempt attempt = worked(change);
    if (attempt.refusal() != null) {
      stopTrying();
      return Optional.of(attempt.refusal());
    }
    if (attempt.next().equals(history.current())) {
      stopTrying();
      return Optional.empty();
    }
    history.enter(name, key, attempt.next(), System.nanoTime());
    show(attempt.next(), attempt.plan());
    return Optional.empty();
  }

  /**
   * Shows what a change would do, and stores nothing.
   *
   * @return what can't be, in words; the plan that is kept is then shown
   */
  public Optional<String> attempt(UnaryOperator<Build> change) {
    Attempt attempt = worked(work -> work.with(change.apply(work.build())));
    if (attempt.refusal() != null || attempt.next().equals(history.current())) {
      stopTrying();
      return Optional.ofNullable(attempt.refusal());
    }
    plan.set(attempt.plan());
    return Optional.empty();
  }

  /** Shows what is kept again. */
  public void stopTrying() {
    plan.set(kept);
  }

  private record Attempt(EditHistory next, Plan plan, String refusal) {}

  /** What can't be worked out is refused in words, whatever the reason; nothing is changed. */
  private Attempt worked(UnaryOperator<EditHistory> change) {
    try {
      EditHistory next = change.apply(history.current());
      return next.equals(history.current())
          ? new Attempt(next, kept, null)
          : new Attempt(next, planOf(next), null);
    } catch (IllegalArgumentException e) {
      String why = Words.why(e, units.get());
      return new Attempt(null, null, why.isEmpty() ? impossible() : why);
    } catch (RuntimeException | StackOverflowError e) {
      System.getLogger("roughcut").log(System.Logger.Level.WARNING, "an edit failed", e);
      return new Attempt(null, null, impossible());
    }
  }

  private static String impossible() {
    return say("This can't be combined with your other decisions. Nothing was changed.");
  }

  /** Something is being typed; it is entered or restored before anything else happens. */
  public void typing(Typed next) {
    typed = next;
  }

  /** Whether something typed isn't entered yet. */
  public boolean typed() {
    return typed != null;
  }

  /** What was typed is entered or restored. */
  public void typed(Typed done) {
    if (typed == done) {
      typed = null;
    }
  }

  /** Enters what is typed and waits; before saving, closing and going elsewhere. */
  public void enterTyped() {
    Typed waiting = typed;
    typed = null;
    if (waiting != null) {
      waiting.enter();
    }
  }

  /** Takes back one edit; or what is typed and not entered yet. */
  public void undo() {
    Typed waiting = typed;
    typed = null;
    if (waiting != null) {
      waiting.restore();
    } else if (history.undo()) {
      stepped(history::redo);
    }
  }

  public void redo() {
    if (typed == null && history.redo()) {
      stepped(history::undo);
    }
  }

  /** Shows where undo led; a build of an earlier version that can't be calculated is left again. */
  private void stepped(Runnable back) {
    try {
      refresh();
    } catch (RuntimeException | StackOverflowError e) {
      System.getLogger("roughcut").log(System.Logger.Level.WARNING, "a step can't be shown", e);
      back.run();
      refused.accept(
          say("That step leads to a build that can't be calculated. Nothing was changed."));
    }
  }

  private Plan planOf(EditHistory next) {
    return asBuilt.get()
        ? engine.plan(next.build(), next.shop())
        : engine.asDesigned(next.build(), next.shop());
  }

  private void refresh() {
    show(history.current(), planOf(history.current()));
  }

  private void show(EditHistory next, Plan candidate) {
    kept = candidate;
    build.set(next.build());
    shop.set(next.shop());
    plan.set(candidate);
  }

  /** A number as it is decided, for whatever changes that; what counts is the plan's. */
  public double decided(NumberDecision decision) {
    return decision.in(build().get().design());
  }
}

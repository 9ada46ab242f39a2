package roughcut.desktop.session;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import roughcut.design.Build;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.plan.Problem;
import roughcut.shop.Shop;

/**
 * What one window works on: the build with its history, and the plan that follows from it. Every
 * edit makes a new plan at once; an edit that can't be had is refused in words and leaves
 * everything as it was.
 */
public final class Session {
  private final ReadOnlyObjectWrapper<Plan> plan = new ReadOnlyObjectWrapper<>();
  private final ReadOnlyObjectWrapper<Build> build = new ReadOnlyObjectWrapper<>();
  private final ReadOnlyObjectWrapper<Shop> shop = new ReadOnlyObjectWrapper<>();
  private final BooleanProperty asBuilt = new SimpleBooleanProperty(true);
  private final ObjectProperty<Units> units = new SimpleObjectProperty<>(Units.MM);
  private History<Work> history;

  public Session(Build build, Shop shop) {
    this.history = new History<>(new Work(build, shop));
    asBuilt.addListener((p, was, is) -> refresh());
    refresh();
  }

  /** The plan on the screen: the last one that could be had. */
  public ReadOnlyObjectProperty<Plan> plan() {
    return plan.getReadOnlyProperty();
  }

  public ReadOnlyObjectProperty<Build> build() {
    return build.getReadOnlyProperty();
  }

  /** Whether measured values stand in the place of decided ones. */
  public BooleanProperty asBuilt() {
    return asBuilt;
  }

  public ObjectProperty<Units> units() {
    return units;
  }

  public ReadOnlyObjectProperty<Shop> shop() {
    return shop.getReadOnlyProperty();
  }

  public History<Work> history() {
    return history;
  }

  /** Starts over with another build and shop; the history begins here. */
  public void replace(Build next, Shop nextShop) {
    history = new History<>(new Work(next, nextShop));
    refresh();
  }

  /**
   * Makes an edit.
   *
   * @param name for “Undo …”
   * @param key what is edited, usually a decision's id
   * @return what can't be, in words, or empty when it was done
   */
  public Optional<String> edit(String name, String key, UnaryOperator<Build> change) {
    return enter(name, key, work -> work.with(change.apply(work.build())));
  }

  /** Makes an edit of what the maker owns, undone like any other. */
  public Optional<String> editShop(String name, String key, UnaryOperator<Shop> change) {
    return enter(name, key, work -> work.with(change.apply(work.shop())));
  }

  private Optional<String> enter(String name, String key, UnaryOperator<Work> change) {
    Work next;
    try {
      next = change.apply(history.current());
    } catch (IllegalArgumentException e) {
      return Optional.of(e.getMessage());
    }
    if (next.equals(history.current())) {
      return Optional.empty();
    }
    Plan candidate = planOf(next);
    Optional<String> refusal = newProblem(candidate, key);
    if (refusal.isPresent()) {
      return refusal;
    }
    history.enter(name, key, next, System.nanoTime());
    show(next, candidate);
    return Optional.empty();
  }

  /**
   * A problem that wasn't there before and that the plan can't stand with, in words for the field
   * that was edited.
   */
  private Optional<String> newProblem(Plan candidate, String key) {
    List<Problem> before = plan.get().problems();
    Problem worst = null;
    for (Problem problem : candidate.problems()) {
      boolean isNew = before.stream().noneMatch(p -> p.decisionId().equals(problem.decisionId()));
      if (isNew && !problem.drawn() && (worst == null || problem.decisionId().equals(key))) {
        worst = problem;
      }
    }
    if (worst == null) {
      return Optional.empty();
    }
    String label =
        Decisions.find(candidate.build().design(), worst.decisionId())
            .map(Decision::label)
            .orElse("");
    return Optional.of(
        worst.decisionId().equals(key) ? worst.message() : label + ": " + worst.message());
  }

  public void undo() {
    if (history.undo()) {
      refresh();
    }
  }

  public void redo() {
    if (history.redo()) {
      refresh();
    }
  }

  private Plan planOf(Work next) {
    return Plan.of(asBuilt.get() ? next.build() : next.build().asDesigned(), next.shop());
  }

  private void refresh() {
    show(history.current(), planOf(history.current()));
  }

  private void show(Work next, Plan candidate) {
    build.set(next.build());
    shop.set(next.shop());
    plan.set(candidate);
  }
}

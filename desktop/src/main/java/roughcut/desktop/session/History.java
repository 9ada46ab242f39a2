package roughcut.desktop.session;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Undo and redo without limit: every state there was, with the name of the edit that led away from
 * it.
 *
 * @param <T> the immutable state that is edited
 */
public final class History<T> {
  /** Edits of the same thing within this time are undone as one, ns: typing “640” is one edit. */
  private static final long ONE_GESTURE = 1_500_000_000L;

  private record Change<T>(String name, String key, T before, long at) {}

  private final Deque<Change<T>> undo = new ArrayDeque<>();
  private final Deque<Change<T>> redo = new ArrayDeque<>();
  private T current;

  public History(T current) {
    this.current = current;
  }

  public T current() {
    return current;
  }

  /**
   * Enters an edit.
   *
   * @param name what “Undo …” will say
   * @param key what was edited; edits of the same key in quick succession are undone together
   * @param now a clock in ns
   */
  public void enter(String name, String key, T next, long now) {
    Change<T> last = undo.peek();
    boolean sameGesture =
        last != null && last.key.equals(key) && now - last.at < ONE_GESTURE && redo.isEmpty();
    T before = sameGesture ? undo.pop().before : current;
    if (!next.equals(before)) {
      undo.push(new Change<>(name, key, before, now));
    }
    redo.clear();
    current = next;
  }

  /** Changes every state there was, and what is undone with it. */
  public void map(UnaryOperator<T> change) {
    current = change.apply(current);
    for (Deque<Change<T>> steps : List.of(undo, redo)) {
      List<Change<T>> all =
          steps.stream()
              .map(s -> new Change<>(s.name, s.key, change.apply(s.before), s.at))
              .toList();
      steps.clear();
      steps.addAll(all);
    }
  }

  /**
   * Puts an edit before all others: what was there before it led to what was there first.
   *
   * @param name what “Undo …” will say
   */
  public void earlier(String name, T before) {
    undo.addLast(new Change<>(name, "", before, Long.MIN_VALUE / 2));
  }

  /** Ends the gesture, so that the next edit is undone by itself. */
  public void settle() {
    if (!undo.isEmpty()) {
      Change<T> last = undo.pop();
      undo.push(new Change<>(last.name, last.key, last.before, last.at - 2 * ONE_GESTURE));
    }
  }

  public Optional<String> undoName() {
    return Optional.ofNullable(undo.peek()).map(Change::name);
  }

  public Optional<String> redoName() {
    return Optional.ofNullable(redo.peek()).map(Change::name);
  }

  /** Goes back one edit; false when there is none. */
  public boolean undo() {
    return move(undo, redo);
  }

  /** Goes forward again; false when there is nothing undone. */
  public boolean redo() {
    return move(redo, undo);
  }

  private boolean move(Deque<Change<T>> from, Deque<Change<T>> to) {
    if (from.isEmpty()) {
      return false;
    }
    Change<T> step = from.pop();
    to.push(new Change<>(step.name, step.key, current, Long.MIN_VALUE / 2));
    current = step.before;
    return true;
  }
}

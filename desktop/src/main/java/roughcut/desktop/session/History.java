package roughcut.desktop.session;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import roughcut.design.Build;

/**
 * Undo and redo without limit: every build there was, with the name of the edit that led away from
 * it.
 */
public final class History {
  /** Edits of the same thing within this time are undone as one, ns: typing “640” is one edit. */
  private static final long ONE_GESTURE = 1_500_000_000L;

  private record Step(String name, String key, Build before, long at) {}

  private final Deque<Step> undo = new ArrayDeque<>();
  private final Deque<Step> redo = new ArrayDeque<>();
  private Build current;

  public History(Build current) {
    this.current = current;
  }

  public Build current() {
    return current;
  }

  /**
   * Enters an edit.
   *
   * @param name what “Undo …” will say
   * @param key what was edited; edits of the same key in quick succession are undone together
   * @param now a clock in ns
   */
  public void enter(String name, String key, Build next, long now) {
    Step last = undo.peek();
    boolean sameGesture =
        last != null && last.key.equals(key) && now - last.at < ONE_GESTURE && redo.isEmpty();
    Build before = sameGesture ? undo.pop().before : current;
    if (!next.equals(before)) {
      undo.push(new Step(name, key, before, now));
    }
    redo.clear();
    current = next;
  }

  /** Ends the gesture, so that the next edit is undone by itself. */
  public void settle() {
    if (!undo.isEmpty()) {
      Step last = undo.pop();
      undo.push(new Step(last.name, last.key, last.before, last.at - 2 * ONE_GESTURE));
    }
  }

  public Optional<String> undoName() {
    return Optional.ofNullable(undo.peek()).map(Step::name);
  }

  public Optional<String> redoName() {
    return Optional.ofNullable(redo.peek()).map(Step::name);
  }

  /** Goes back one edit; false when there is none. */
  public boolean undo() {
    return move(undo, redo);
  }

  /** Goes forward again; false when there is nothing undone. */
  public boolean redo() {
    return move(redo, undo);
  }

  private boolean move(Deque<Step> from, Deque<Step> to) {
    if (from.isEmpty()) {
      return false;
    }
    Step step = from.pop();
    to.push(new Step(step.name, step.key, current, Long.MIN_VALUE / 2));
    current = step.before;
    return true;
  }
}

package roughcut.shop;

import roughcut.measure.InvalidValue;
import roughcut.measure.NamedKind;
import roughcut.measure.Text;

/**
 * Something drawn on a board's face: a rectangle from the board's lower left corner.
 *
 * @param x along the board, mm
 * @param y across, mm
 * @param intent what the maker wants of it
 */
public record BoardMark(
    Kind kind, double x, double y, double length, double width, Intent intent, String note) {
  /** What it is. */
  public enum Kind implements NamedKind {
    KNOT,
    CHECK,
    SAPWOOD,
    FIGURE
  }

  /** What is wanted of it. */
  public enum Intent implements NamedKind {
    HIDE,
    SHOW,
    AVOID,
    ANY
  }

  public BoardMark {
    if (!(length > 0) || !(width > 0) || Double.isNaN(x) || Double.isNaN(y)) {
      throw new InvalidValue(Text.of("a mark needs a position and a size"));
    }
  }

  /** What the maker calls it: its note, or else what it is. */
  public String words() {
    return note == null || note.isBlank() ? kind.word() : note;
  }

  /** This mark elsewhere, in a corner of the same size. */
  public BoardMark at(double newX, double newY) {
    return new BoardMark(kind, newX, newY, length, width, intent, note);
  }

  /** Whether it overlaps a rectangle on the same face, mm. */
  public boolean overlaps(double x0, double y0, double x1, double y1) {
    return x < x1 && x + length > x0 && y < y1 && y + width > y0;
  }

  /** Whether a part that shall be strong may not lie over it. */
  public boolean spoilsStrength() {
    return intent == Intent.AVOID || kind == Kind.CHECK;
  }

  /** This mark moved along and across, to whole millimetres. */
  public BoardMark moved(double dx, double dy) {
    return at(Math.round(x + dx), Math.round(y + dy));
  }
}

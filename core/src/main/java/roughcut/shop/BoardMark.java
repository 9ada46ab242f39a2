package roughcut.shop;

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
  public enum Kind {
    KNOT,
    CHECK,
    SAPWOOD,
    FIGURE
  }

  /** What is wanted of it. */
  public enum Intent {
    HIDE,
    SHOW,
    AVOID,
    ANY
  }

  public BoardMark {
    if (!(length > 0) || !(width > 0) || Double.isNaN(x) || Double.isNaN(y)) {
      throw new IllegalArgumentException("a mark has a place and a size");
    }
  }

  /** Whether a part that shall be strong may not lie over it. */
  public boolean spoilsStrength() {
    return intent == Intent.AVOID || kind == Kind.CHECK;
  }
}

package roughcut.design;

import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * A part laid on a board by hand.
 *
 * @param board name of the board in the rack
 * @param x where the part begins along the board, mm from the board's end
 * @param y its lower edge, mm from the board's lower edge
 * @param turned end for end
 */
public record Placement(String board, double x, double y, boolean turned) {
  public Placement {
    if (board == null || board.isBlank() || !Double.isFinite(x) || !Double.isFinite(y)) {
      throw new InvalidValue(Text.of("a part placed by hand needs a board and a position"));
    }
  }
}

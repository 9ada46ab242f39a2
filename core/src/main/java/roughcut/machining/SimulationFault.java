package roughcut.machining;

import java.util.Optional;
import roughcut.geometry.Point3;
import roughcut.measure.Text;

/**
 * Something in a program that would go wrong, or is worth a look.
 *
 * @param line of the program's text, from 1
 * @param words what would happen, a whole sentence
 * @param at where the cutter's tip is, in the work's coordinates, mm; empty where it is nowhere
 * @param amount by how much, in the kind's own measure: the worse, the more
 */
public record SimulationFault(Kind kind, int line, Text words, Optional<Point3> at, double amount) {
  /** What can go wrong. */
  public enum Kind {
    /** The controller wouldn't understand it, or do otherwise than is meant. */
    TEXT(true),
    NO_CUTTER(true),
    RAPID_IN_WOOD(true),
    SPINDLE_STANDS(true),
    PASS_TOO_DEEP(true),
    CHIP_TOO_THICK(true),
    CHIP_TOO_THIN(false),
    /** Straight or steeply down with a cutter that doesn't cut at its centre. */
    PLUNGE(true),
    /** A boring bit moved sideways. */
    BIT_SIDEWAYS(true),
    /** What is over the edges meets wood. */
    SHANK_IN_WOOD(true),
    NUT_IN_WOOD(true),
    CLAMP_HIT(true),
    BELOW_UNDERSIDE(true),
    BEYOND_TRAVEL(true),
    FEED_OVER_MACHINE(true),
    SPEED_OUT_OF_RANGE(true),
    SPEED_OVER_CUTTER(true);

    private final boolean stops;

    Kind(boolean stops) {
      this.stops = stops;
    }
  }

  /** Whether the program mustn't be run as it is. */
  public boolean stops() {
    return kind.stops;
  }
}

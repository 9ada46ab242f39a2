package roughcut.gcode;

import java.util.Map;
import java.util.Optional;
import roughcut.geometry.Point3;

/**
 * Where a machine's coordinates begin, as whoever stands at it has set them.
 *
 * @param offsets of the work's zero in machine coordinates, mm, by the number of its G word: 54 to
 *     59
 * @param home where the cutter's tip stands at the beginning and after G28, in machine coordinates;
 *     empty where nobody knows
 */
public record Zeros(Map<Integer, Point3> offsets, Optional<Point3> home) {
  /** One zero on the work, and machine coordinates that are the work's. */
  public static final Zeros WORK = new Zeros(Map.of(54, new Point3(0, 0, 0)), Optional.empty());

  public Zeros {
    offsets = Map.copyOf(offsets);
  }
}

package roughcut.design;

import java.util.List;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.geometry.Similarity;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * An outline that was drawn elsewhere, in the drawing's own places, mm.
 *
 * @param source the file that it came from
 * @param corners closed, the last joined to the first; curves as corners close enough
 * @param curves arcs and curves that corners lie on; between corners on none it is straight
 * @param open how far apart its ends were before a straight line closed it; 0 for a closed one, mm
 */
public record DrawnOutline(String source, List<Point> corners, List<Segment> curves, double open) {
  /** More corners than a body can need. */
  public static final int MOST_CORNERS = 4000;

  /** How far its corners may lie from its curves, mm. */
  private static final double NEAR_CURVES = 0.025;

  /** An outline with straight sides. */
  public DrawnOutline(String source, List<Point> corners, double open) {
    this(source, corners, List.of(), open);
  }

  /** A closed line that is drawn here. */
  public static DrawnOutline of(String source, Path path) {
    return new DrawnOutline(source, path.points(), path.curves(), 0);
  }

  public DrawnOutline {
    corners = List.copyOf(corners);
    curves = List.copyOf(curves);
    if (curves.size() > MOST_CORNERS) {
      throw new InvalidValue(Text.of("a drawn outline has at most {most} curves", MOST_CORNERS));
    }
    if (corners.size() < 3 || corners.size() > MOST_CORNERS) {
      throw new InvalidValue(
          Text.of(
              "a drawn outline has 3 to {most} corners, not {count}",
              MOST_CORNERS,
              corners.size()));
    }
    if (!corners.stream().allMatch(p -> reaches(p.x()) && reaches(p.y()))) {
      throw new InvalidValue(Text.of("a drawn outline has a corner far outside any body"));
    }
    if (!(open >= 0)) {
      throw new InvalidValue(Text.of("the gap in a drawn outline is 0 or more"));
    }
  }

  /** As it was drawn from above of an instrument for that hand, in the plan's own sides. */
  public DrawnOutline drawnFor(Handedness hand) {
    Similarity seen = hand.frame().similarity();
    return new DrawnOutline(
        source, seen.of(corners), curves.stream().map(c -> c.through(seen)).toList(), open);
  }

  /** The line round it. */
  public Path path() {
    return Path.along(corners, curves, NEAR_CURVES);
  }

  /** Whether a drawing of a body may have a corner so far from its origin, mm: 100 m at most. */
  public static boolean reaches(double place) {
    return Math.abs(place) <= 1e5;
  }
}

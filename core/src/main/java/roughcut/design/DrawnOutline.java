package roughcut.design;

import java.util.List;
import roughcut.geometry.Point;

/**
 * A body's outline that was drawn elsewhere, in the drawing's own places, mm.
 *
 * @param source the file that it came from
 * @param corners closed, the last joined to the first; curves as corners close enough
 * @param open how far apart its ends were before a straight line closed it; 0 for a closed one, mm
 */
public record DrawnOutline(String source, List<Point> corners, double open) {
  /** More corners than a body can need. */
  public static final int MOST_CORNERS = 4000;

  public DrawnOutline {
    corners = List.copyOf(corners);
    if (corners.size() < 3 || corners.size() > MOST_CORNERS) {
      throw new IllegalArgumentException(
          "a drawn outline has 3 to " + MOST_CORNERS + " corners, not " + corners.size());
    }
    if (!corners.stream().allMatch(p -> reaches(p.x()) && reaches(p.y()))) {
      throw new IllegalArgumentException("a drawn outline has a corner where no body reaches");
    }
    if (!(open >= 0)) {
      throw new IllegalArgumentException("a drawn outline is open by 0 or more");
    }
  }

  /** Whether a drawing of a body may have a corner so far from its origin, mm: 100 m at most. */
  public static boolean reaches(double place) {
    return Math.abs(place) <= 1e5;
  }
}

package roughcut.geometry;

import java.util.Arrays;
import java.util.List;

/**
 * A net of cells over a shape, each with the few sides that can be nearest to a place in it. A cell
 * is worked out when a place in it is first asked for, so that an edge that is asked twice costs no
 * more than one without it.
 */
final class EdgeGrid {
  /** Cells along the longer way. */
  private static final int CELLS = 24;

  /**
   * @param sides by the places of their first corners, ascending: no other is nearest anywhere here
   * @param whole 1 where all of the cell lies inside, -1 where all lies outside, 0 where a side may
   *     pass through
   */
  private record Cell(int[] sides, int whole) {}

  private final List<Point> corners;
  private final Bounds[] stretches;
  private final int stretch;
  private final Bounds bounds;
  private final double size;
  private final int columns;
  private final int rows;

  /** Filled as they are asked for; two threads may work the same one out, to the same end. */
  private final Cell[] cells;

  /**
   * A net that is still empty.
   *
   * @param stretches boxes round so many sides each, {@code stretch}, in their order
   */
  EdgeGrid(List<Point> corners, Bounds[] stretches, int stretch) {
    this.corners = corners;
    this.stretches = stretches;
    this.stretch = stretch;
    this.bounds = Arrays.stream(stretches).reduce(Bounds::and).orElseThrow();
    this.size = Math.max(bounds.width(), bounds.height()) / CELLS;
    this.columns = cells(bounds.width());
    this.rows = cells(bounds.height());
    this.cells = new Cell[columns * rows];
  }

  private int cells(double length) {
    return size > 0 ? Math.max(1, (int) Math.ceil(length / size)) : 1;
  }

  /** Sides of which one is nearest to a place; null where the net doesn't reach. */
  int[] near(Point place) {
    Cell cell = cell(place);
    return cell == null ? null : cell.sides;
  }

  /**
   * 1 where a place surely lies inside, -1 where it surely lies outside, 0 where it may be both.
   */
  int inside(Point place) {
    Cell cell = cell(place);
    return cell == null ? 0 : cell.whole;
  }

  private Cell cell(Point place) {
    if (!bounds.contains(place) || !(size > 0)) {
      return null;
    }
    int column = Math.min(columns - 1, (int) ((place.x() - bounds.left()) / size));
    int row = Math.min(rows - 1, (int) ((place.y() - bounds.low()) / size));
    int at = row * columns + column;
    Cell cell = cells[at];
    if (cell == null) {
      double x = bounds.left() + column * size;
      double y = bounds.low() + row * size;
      // A hair wider, as a place on its border may be counted to either of two.
      cell = made(new Bounds(x, y, x + size, y + size).expanded(size * 1e-6));
      cells[at] = cell;
    }
    return cell;
  }

  private Cell made(Bounds box) {
    Point[] ends = {
      new Point(box.left(), box.low()),
      new Point(box.right(), box.low()),
      new Point(box.left(), box.high()),
      new Point(box.right(), box.high())
    };
    double most = Double.POSITIVE_INFINITY;
    for (int c = 0; c < stretches.length; c++) {
      if (stretches[c].distance(box) < most) {
        for (int i = c * stretch; i < end(c); i++) {
          most = Math.min(most, furthest(ends, i));
        }
      }
    }
    int[] sides = new int[corners.size()];
    int count = 0;
    boolean through = false;
    for (int c = 0; c < stretches.length; c++) {
      if (stretches[c].distance(box) <= most) {
        for (int i = c * stretch; i < end(c); i++) {
          double far = Bounds.of(corners.get(i), next(i)).distance(box);
          if (far <= most) {
            sides[count++] = i;
            through |= far == 0;
          }
        }
      }
    }
    int whole = through ? 0 : Outline.contains(corners, ends[0]) ? 1 : -1;
    return new Cell(Arrays.copyOf(sides, count), whole);
  }

  private int end(int c) {
    return Math.min(corners.size(), (c + 1) * stretch);
  }

  private Point next(int i) {
    return corners.get(i + 1 == corners.size() ? 0 : i + 1);
  }

  /** Nothing in the box is further from the side: a distance from a straight line is convex. */
  private double furthest(Point[] ends, int side) {
    double most = 0;
    for (Point end : ends) {
      most = Math.max(most, end.distanceToSegment(corners.get(side), next(side)));
    }
    return most;
  }
}

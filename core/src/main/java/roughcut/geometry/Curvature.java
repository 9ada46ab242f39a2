package roughcut.geometry;

import java.util.List;

/**
 * How tightly a closed line bends, as the radii of the circles that lie in it: in its bulges a
 * strip has to be bent, into its hollows a cutter has to reach. Exact for arcs, searched for along
 * curves; corners of straight lines that turn a little are taken as what they were drawn for, a
 * curve. Sharp corners bend nothing and are told apart.
 *
 * @param bulge least radius of where it bends outwards, mm; infinite without any
 * @param hollow least radius of where it bends inwards, mm; infinite without any
 * @param notch whether it has a sharp corner inwards, into which no round cutter reaches
 */
public record Curvature(double bulge, double hollow, boolean notch) {
  /** Corners that turn no further were a curve, radians. */
  private static final double CURVE = Math.toRadians(12);

  /** Shorter stretches are what was left between two curves that run into each other, mm. */
  private static final double STUB = 0.3;

  private static final int LOOKS = 32;
  private static final double TOLERANCE = 1e-6;

  /**
   * Finds it.
   *
   * @param bridge whether the last stretch, where it is straight, is a line across that belongs to
   *     no curve
   */
  public static Curvature of(Path closed, boolean bridge) {
    List<Segment> all = closed.segments().stream().filter(s -> s.length() > STUB).toList();
    int way = closed.directedArea() < 0 ? -1 : 1;
    boolean across = bridge && !all.isEmpty() && all.get(all.size() - 1).straight();
    int last = across ? all.size() - 1 : all.size();
    Finder finder = new Finder(way);
    for (int i = 0; i < last; i++) {
      all.get(i).fold(finder);
      int next = (i + 1) % all.size();
      if (!across || next < last && next > 0) {
        finder.corner(all.get(i), all.get(next));
      }
    }
    return new Curvature(finder.bulge, finder.hollow, finder.notch);
  }

  /** The smaller of the two radii, mm. */
  public double tightest() {
    return Math.min(bulge, hollow);
  }

  private static final class Finder implements Segment.Cases<Void, RuntimeException> {
    private final int way;
    private double bulge = Double.POSITIVE_INFINITY;
    private double hollow = Double.POSITIVE_INFINITY;
    private boolean notch;

    Finder(int way) {
      this.way = way;
    }

    /** Takes in a bend; more than 0 turns to the left. */
    private void bends(double curvature) {
      double out = way * curvature;
      if (out > 0) {
        bulge = Math.min(bulge, 1 / out);
      } else if (out < 0) {
        hollow = Math.min(hollow, -1 / out);
      }
    }

    @Override
    public Void line(Line line) {
      return null;
    }

    @Override
    public Void arc(Arc arc) {
      bends(arc.curvature(0));
      return null;
    }

    @Override
    public Void cubic(Cubic cubic) {
      for (int side : new int[] {-1, 1}) {
        double at =
            MinimumSearch.of(t -> side * cubic.curvature(t), 0, 1, LOOKS, TOLERANCE).value() * side;
        if (at * side < 0) {
          bends(at);
        }
      }
      return null;
    }

    /** Where one stretch ends and the next begins. */
    void corner(Segment before, Segment after) {
      Point u = before.way(1);
      Point v = after.way(0);
      double turn = Math.atan2(u.x() * v.y() - u.y() * v.x(), u.x() * v.x() + u.y() * v.y());
      if (Math.abs(turn) > CURVE) {
        notch |= way * turn < 0;
      } else if (before.straight() && after.straight()) {
        double reach = before.at(0).distance(after.at(1));
        bends(2 * Math.sin(turn) / reach);
      }
    }
  }
}

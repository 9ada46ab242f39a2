package roughcut.rout;

import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.Frame;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Precision;

/**
 * Round the outside of a body with the grain along it: stretches where a hand router's usual way,
 * anticlockwise seen from above, runs downhill with the grain, and stretches where it would lift
 * the fibres (handbook page 6, "Direction"). Where they meet, the direction changes.
 *
 * @param stretches in their order round the outline
 */
public record FeedDirection(List<Stretch> stretches) {
  /** Shorter stretches are let go with their neighbours, mm. */
  private static final double SHORTEST = 12;

  /** So near across the grain or along it, a direction doesn't matter. */
  private static final double LEVEL = 0.03;

  /** A stretch with its direction. */
  public record Stretch(List<Point> points, boolean downhill) {
    public Stretch {
      points = List.copyOf(points);
    }
  }

  public FeedDirection {
    stretches = List.copyOf(stretches);
  }

  /**
   * Works it out for an outline that runs anticlockwise, the grain along x. A router turns the same
   * way for everybody: on the mirror image of a body, and on one that is turned over, each stretch
   * is cut the other way.
   *
   * @param seen how the plan lies under the router
   */
  public static FeedDirection of(Outline outline, Frame seen) {
    List<Point> p = outline.corners();
    int way = seen.mirrors() ? -1 : 1;
    List<Stretch> all = new ArrayList<>();
    List<Point> run = new ArrayList<>(List.of(p.get(0)));
    Boolean now = null;
    double length = 0;
    for (int i = 0; i < p.size(); i++) {
      Point a = p.get(i);
      Point b = p.get((i + 1) % p.size());
      double size = a.distance(b);
      if (size < Precision.SAME) {
        continue;
      }
      double tx = (b.x() - a.x()) / size;
      double ty = (b.y() - a.y()) / size;
      Boolean here = Math.abs(tx * ty) < LEVEL ? now : Boolean.valueOf(way * tx * ty > 0);
      if (now != null && here != null && !here.equals(now) && length > SHORTEST) {
        all.add(new Stretch(run, now));
        run = new ArrayList<>(List.of(a));
        length = 0;
      }
      now = here == null ? now : here;
      run.add(b);
      length += size;
    }
    all.add(new Stretch(run, now == null || now));
    return new FeedDirection(all);
  }

  /** Where the direction changes. */
  public List<Point> changes() {
    return stretches.stream().map(s -> s.points().get(0)).toList();
  }
}

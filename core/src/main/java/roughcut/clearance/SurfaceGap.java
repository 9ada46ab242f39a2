package roughcut.clearance;

import java.util.ArrayList;
import java.util.List;
import roughcut.body.BodySurface;
import roughcut.body.Contour;
import roughcut.design.BodyFace;
import roughcut.design.SurfaceDecisions;
import roughcut.geometry.Bounds;
import roughcut.geometry.Box;
import roughcut.geometry.ClosestApproach;
import roughcut.geometry.Edge;
import roughcut.geometry.MinimumSearch;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.geometry.Shapes;
import roughcut.geometry.Solid;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.rout.Cut;

/**
 * What is left between a cut and a face that is carved, contoured or rounded: the least distance in
 * space to the finished face, from which arm, belly, heel, carve and round-over are all taken
 * together. Where a cut comes out through the face it is less than 0: by how much it stands out,
 * straight up or down. Searched over the face from the places where the cut comes nearest it.
 *
 * @param what arm contour, belly contour, heel carve, carved top or rounded edge: what takes the
 *     most there
 * @param changedBy the decision on how much that takes
 * @param distance mm
 * @param at where on the face, from above
 */
record SurfaceGap(Text what, String changedBy, double distance, Point at) {
  /** Gaps wider than this are nobody's concern under the usual limits, mm. */
  static final double FAR = 10;

  private static final int STARTS = 3;

  /** How close places on a solid's edge stand, mm. */
  private static final double RIM = 8;

  private static final double FIRST_STEP = 6;
  private static final double LAST_STEP = 0.02;

  /** After so many steps of one length it is tried with longer ones. */
  private static final int MANY_ALIKE = 40;

  private static final int MOST_MOVES = 1000;

  /** A solid that begins nearer the plain face than this opens at it, mm. */
  private static final double OPEN = 0.05;

  /**
   * Every gap of a cut to what was taken off a face, within {@code far} mm; a solid that opens at a
   * face has none to it, one that a top covers has.
   */
  static List<SurfaceGap> of(Cut cut, BodySurface surface, Edge.Nearest toEdge, double far) {
    List<SurfaceGap> gaps = new ArrayList<>();
    for (BodyFace face : BodyFace.values()) {
      double reach = surface.edgeReach(face);
      boolean nearEdge = reach > 0 && toEdge.distance() < reach + far;
      SurfaceGap best = null;
      for (Solid solid : cut.solids()) {
        SurfaceGap here = gap(solid, surface, face, nearEdge, far);
        best = here != null && (best == null || here.distance < best.distance) ? here : best;
      }
      if (best != null && best.distance < far) {
        gaps.add(best);
      }
    }
    return gaps;
  }

  private static SurfaceGap gap(
      Solid solid, BodySurface surface, BodyFace face, boolean nearEdge, double far) {
    Box box = solid.box();
    boolean back = face == BodyFace.BACK;
    double plain =
        back
            ? surface.backPlane() - box.z1()
            : box.z0() - surface.topPlane((box.x0() + box.x1()) / 2);
    if (plain - surface.over(face) < OPEN) {
      return null;
    }
    List<Contour> near =
        surface.contours().stream().filter(c -> c.face() == face && c.reaches(box, far)).toList();
    double most = near.stream().mapToDouble(Contour::depth).sum();
    most += nearEdge ? surface.edgeLoss(face, 0) : 0;
    if (most == 0 || plain - most > far) {
      return null;
    }
    return near.isEmpty() && surface.rise() == 0
        ? besideEdge(solid, box, surface, face, far)
        : new Search(solid, box, surface, face, near, nearEdge).go();
  }

  /** Beside the edge a face is lost by the distance from the edge only, so one line tells it. */
  private static SurfaceGap besideEdge(
      Solid solid, Box box, BodySurface surface, BodyFace face, double far) {
    Edge edge = surface.edge();
    Edge.Nearest nearest =
        solid.fold(
            prism -> edge.nearest(new Outline(prism.corners())),
            bore ->
                bore.upright()
                    ? edge.nearestOfRound(bore.from().flat(), bore.radius())
                    : edge.nearest(Cut.shadow(bore)));
    // What comes out at the edge stands under the face's own edge there.
    double inside = Math.max(0, nearest.distance());
    double reach = surface.edgeReach(face);
    if (inside > reach + far) {
      return null;
    }
    double high =
        face == BodyFace.BACK ? surface.backPlane() - box.z1() : box.z0() - surface.topPlane(0);
    double over = high - surface.edgeLoss(face, inside);
    if (over < 0) {
      return ofEdge(surface, face, over, nearest.from());
    }
    MinimumSearch least =
        MinimumSearch.of(
            u -> Math.hypot(inside - u, Math.max(0, high - surface.edgeLoss(face, u))),
            0,
            Math.max(Precision.NEAR, Math.min(inside, reach)),
            24,
            0.005);
    return ofEdge(surface, face, least.value(), nearest.from());
  }

  /** To what is taken off all along a face's edge. */
  private static SurfaceGap ofEdge(BodySurface surface, BodyFace face, double distance, Point at) {
    return face == BodyFace.TOP && surface.drop() > 0
        ? new SurfaceGap(Text.of("carved top"), SurfaceDecisions.CARVE_DROP.id(), distance, at)
        : new SurfaceGap(
            Text.of("rounded edge"),
            (face == BodyFace.TOP ? SurfaceDecisions.ROUND_TOP : SurfaceDecisions.ROUND_BACK).id(),
            distance,
            at);
  }

  /** Walks over the finished face to where a solid comes nearest it. */
  private static final class Search {
    private final Solid solid;
    private final Box box;
    private final BodySurface surface;
    private final BodyFace face;
    private final List<Contour> near;
    private final boolean nearEdge;

    /** No face reaches beyond it; a bore may, and for miles where somebody mistyped a place. */
    private final Bounds body;

    /** Shape of a solid with both ends level; null of any other. */
    private final Outline level;

    Search(
        Solid solid,
        Box box,
        BodySurface surface,
        BodyFace face,
        List<Contour> near,
        boolean nearEdge) {
      this.solid = solid;
      this.box = box;
      this.surface = surface;
      this.face = face;
      this.near = near;
      this.nearEdge = nearEdge;
      this.body = surface.edge().shape().bounds();
      this.level =
          solid.fold(
              prism -> prism.lean() == 0 ? new Outline(prism.corners()) : null, bore -> null);
    }

    SurfaceGap go() {
      List<Point> starts = new ArrayList<>();
      // A hollow may end just beside the cut and still come near it.
      near.forEach(c -> starts.add(c.outermost()));
      double x0 = Math.max(box.x0(), body.left());
      double x1 = Math.min(box.x1(), body.right());
      double y0 = Math.max(box.y0(), body.low());
      double y1 = Math.min(box.y1(), body.high());
      for (int i = 0; i <= 6; i++) {
        for (int k = 0; k <= 6; k++) {
          starts.add(new Point(x0 + (x1 - x0) * i / 6, y0 + (y1 - y0) * k / 6));
        }
      }
      rim(starts);
      double[] far = new double[starts.size()];
      List<Integer> order = new ArrayList<>();
      for (int i = 0; i < far.length; i++) {
        far[i] = distance(starts.get(i));
        order.add(i);
      }
      order.sort((a, b) -> Double.compare(far[a], far[b]));
      SurfaceGap best = null;
      for (int s = 0; s < Math.min(STARTS, order.size()); s++) {
        int first = order.get(s);
        if (Double.isInfinite(far[first])) {
          break;
        }
        SurfaceGap here = from(starts.get(first), far[first]);
        best = best == null || here.distance < best.distance ? here : best;
      }
      return best;
    }

    /** Places just inside the solid's own edge, where it most often comes nearest a slope. */
    private void rim(List<Point> starts) {
      List<Point> edge =
          solid.fold(
              Prism::corners,
              bore ->
                  bore.upright()
                      ? Shapes.circle(bore.from().flat(), bore.radius()).corners()
                      : List.of());
      Point middle = new Point((box.x0() + box.x1()) / 2, (box.y0() + box.y1()) / 2);
      for (int i = 0; i < edge.size(); i++) {
        Point p = edge.get(i);
        Point q = edge.get((i + 1) % edge.size());
        int pieces = (int) Math.min(12, Math.ceil(p.distance(q) / RIM));
        for (int k = 0; k < pieces; k++) {
          starts.add(p.towards(q, (double) k / pieces).towards(middle, Precision.NEAR));
        }
      }
    }

    /** Walks down from a place, with ever smaller steps. */
    private SurfaceGap from(Point start, double there) {
      Point at = start;
      double least = there;
      double step = FIRST_STEP;
      int alike = 0;
      for (int moves = 0; step > LAST_STEP && moves < MOST_MOVES; moves++) {
        Point better = null;
        for (int way = 0; way < 8; way++) {
          Point next =
              at.plus(step * Math.cos(way * Math.PI / 4), step * Math.sin(way * Math.PI / 4));
          double d = distance(next);
          if (d < least) {
            least = d;
            better = next;
          }
        }
        if (better == null) {
          step /= 2;
          alike = 0;
        } else {
          at = better;
          // Along a shallow valley small steps would creep: wider again.
          if (++alike == MANY_ALIKE) {
            step = Math.min(FIRST_STEP, 2 * step);
            alike = 0;
          }
        }
      }
      return named(at, least);
    }

    /** What the edge takes there; nothing where it isn't near, less than nothing off the body. */
    private double edgeLoss(Point p) {
      if (!nearEdge) {
        return 0;
      }
      double inside = surface.edge().inside(p);
      return inside < 0 ? Double.NaN : surface.edgeLoss(face, inside);
    }

    /** To the face at a place; endless where nothing is taken off it or the body ends. */
    private double distance(Point p) {
      if (!body.contains(p)) {
        return Double.POSITIVE_INFINITY;
      }
      double edge = edgeLoss(p);
      double lost = edge;
      for (Contour contour : near) {
        lost += contour.at(p.x(), p.y());
      }
      if (!(lost > 0)) {
        return Double.POSITIVE_INFINITY;
      }
      boolean back = face == BodyFace.BACK;
      double z = back ? surface.backPlane() - lost : surface.topPlane(p.x()) + lost;
      double[] chord = solid.chord(p.x(), p.y());
      double upright = chord == null ? 0 : back ? z - chord[1] : chord[0] - z;
      if (chord != null && (upright <= 0 || level != null)) {
        return upright;
      }
      if (level != null) {
        return Math.hypot(Math.max(0, Math.max(box.z0() - z, z - box.z1())), level.edgeDistance(p));
      }
      Point3 place = new Point3(p.x(), p.y(), z);
      return solid.fold(
          prism -> ClosestApproach.of(place, prism).distance(), bore -> bore.distance(place));
    }

    private SurfaceGap named(Point p, double distance) {
      double most = edgeLoss(p);
      SurfaceGap gap = ofEdge(surface, face, distance, p);
      for (Contour contour : near) {
        double own = contour.at(p.x(), p.y());
        if (!(most >= own)) {
          most = own;
          gap = new SurfaceGap(contour.name(), contour.kind().depth().id(), distance, p);
        }
      }
      return gap;
    }
  }
}

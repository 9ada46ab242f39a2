package roughcut.thin;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import roughcut.body.BodySurface;
import roughcut.body.Contour;
import roughcut.design.BodyFace;
import roughcut.geometry.Box;
import roughcut.geometry.ClosestApproach;
import roughcut.geometry.Convex;
import roughcut.geometry.Edge;
import roughcut.geometry.Minimum;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.rout.Cut;
import roughcut.rout.Step;

/**
 * What is left between a cut and a carved, contoured or rounded face: the least distance in space,
 * searched over the face from the places where the cut comes nearest it straight up or down.
 *
 * @param what arm contour, belly contour, heel carve, carved top or rounded edge
 * @param distance mm
 * @param at where on the face, from above
 */
record SurfaceGap(String what, BodyFace face, double distance, Point at) {
  /** Gaps wider than this are nobody's concern, mm. */
  static final double FAR = 10;

  private static final int STARTS = 2;

  /** No contour is so steep that the nearest way is shorter than the upright one by more. */
  private static final double STEEPEST = 1.5;

  private static final double FIRST_STEP = 6;
  private static final double LAST_STEP = 0.02;

  /**
   * Every gap of a cut to what was taken off a face that it doesn't open at, within {@link #FAR}.
   */
  static List<SurfaceGap> of(Cut cut, BodySurface surface, Edge.Nearest toEdge) {
    List<SurfaceGap> gaps = new ArrayList<>();
    for (BodyFace face : BodyFace.values()) {
      if (cut.from().opens(face)) {
        continue;
      }
      for (Contour contour : surface.contours()) {
        if (contour.face() == face) {
          contour(cut, surface, contour, gaps);
        }
      }
      if (cut.bores().isEmpty()
          && surface.edgeReach(face) > 0
          && toEdge.distance() < surface.edgeReach(face) + FAR) {
        edge(cut, surface, face, gaps);
      }
    }
    return gaps;
  }

  private static void contour(
      Cut cut, BodySurface surface, Contour contour, List<SurfaceGap> gaps) {
    SurfaceGap best = null;
    for (Convex solid : cut.solids()) {
      Box box = solid.box();
      double plain =
          contour.face() == BodyFace.BACK
              ? surface.thickness() - box.z1()
              : box.z0() - surface.topPlane((box.x0() + box.x1()) / 2);
      if (plain - contour.depth() > FAR || !contour.reaches(box, FAR)) {
        continue;
      }
      SurfaceGap here = search(solid, box, surface, contour);
      if (here != null && (best == null || here.distance < best.distance)) {
        best = here;
      }
    }
    if (best != null && best.distance < FAR) {
      gaps.add(best);
    }
  }

  private static SurfaceGap search(Convex solid, Box box, BodySurface surface, Contour contour) {
    List<Point> starts = new ArrayList<>();
    boolean back = contour.face() == BodyFace.BACK;
    // The hollow may end just beside the cut and still come near it.
    starts.add(contour.outermost());
    double nearest = Double.POSITIVE_INFINITY;
    for (int i = 0; i <= 6; i++) {
      for (int k = 0; k <= 6; k++) {
        Point p =
            new Point(
                box.x0() + (box.x1() - box.x0()) * i / 6, box.y0() + (box.y1() - box.y0()) * k / 6);
        if (contour.at(p.x(), p.y()) > 0) {
          starts.add(p);
          double z = height(surface, contour.face(), p);
          nearest = Math.min(nearest, back ? z - box.z1() : box.z0() - z);
        }
      }
    }
    if (starts.size() > 1 && nearest > FAR * STEEPEST) {
      return null;
    }
    starts.sort(
        Comparator.comparingDouble(
            p -> {
              double z = height(surface, contour.face(), p);
              Box at = new Box(p.x(), p.y(), z, p.x(), p.y(), z);
              return box.distance(at);
            }));
    SurfaceGap best = null;
    for (int s = 0; s < Math.min(STARTS, starts.size()); s++) {
      SurfaceGap here = from(starts.get(s), solid, surface, contour);
      best = best == null || here.distance < best.distance ? here : best;
    }
    return best;
  }

  /** Walks down from a place, with ever smaller steps. */
  private static SurfaceGap from(Point start, Convex solid, BodySurface surface, Contour contour) {
    Point at = start;
    double least = distance(solid, surface, contour.face(), at);
    for (double step = FIRST_STEP; step > LAST_STEP; ) {
      Point better = null;
      for (int way = 0; way < 8; way++) {
        Point next =
            at.plus(step * Math.cos(way * Math.PI / 4), step * Math.sin(way * Math.PI / 4));
        if (contour.at(next.x(), next.y()) > 0) {
          double there = distance(solid, surface, contour.face(), next);
          if (there < least) {
            least = there;
            better = next;
          }
        }
      }
      if (better == null) {
        step /= 2;
      } else {
        at = better;
      }
    }
    return new SurfaceGap(contour.name(), contour.face(), least, at);
  }

  private static double height(BodySurface surface, BodyFace face, Point p) {
    double lost = surface.contoured(face, p.x(), p.y());
    return face == BodyFace.TOP ? surface.topPlane(p.x()) + lost : surface.thickness() - lost;
  }

  private static double distance(Convex solid, BodySurface surface, BodyFace face, Point p) {
    double z = height(surface, face, p);
    if (solid instanceof Prism prism && prism.lean() == 0) {
      Outline shape = new Outline(prism.corners());
      double low = Math.min(prism.open(), prism.floor());
      double high = Math.max(prism.open(), prism.floor());
      double up = Math.max(0, Math.max(low - z, z - high));
      double aside = shape.holds(p) ? 0 : shape.edgeDistance(p);
      return Math.sqrt(up * up + aside * aside);
    }
    return ClosestApproach.of(new Point3(p.x(), p.y(), z), solid).distance();
  }

  /** Beside the edge a face is lost by the distance from the edge only, so one line tells it. */
  private static void edge(Cut cut, BodySurface surface, BodyFace face, List<SurfaceGap> gaps) {
    for (Step step : cut.steps()) {
      Edge.Nearest nearest = null;
      for (Outline shape : step.shapes()) {
        Edge.Nearest here = surface.edge().nearest(shape);
        nearest = nearest == null || here.distance() < nearest.distance() ? here : nearest;
      }
      double x = nearest.from().x();
      double inside = nearest.distance();
      if (inside < 0 || inside > surface.edgeReach(face) + FAR) {
        continue;
      }
      double floor = step.solids().stream().mapToDouble(s -> s.floorAt(x)).findFirst().orElse(0);
      double plane =
          face == BodyFace.BACK ? surface.thickness() : surface.topPlane(nearest.at().x());
      double reach = Math.min(inside, surface.edgeReach(face));
      Minimum least =
          Minimum.of(
              u ->
                  Math.hypot(
                      inside - u, Math.max(0, Math.abs(plane - floor) - surface.edgeLoss(face, u))),
              0,
              Math.max(1e-6, reach),
              24,
              0.005);
      if (least.value() < FAR) {
        gaps.add(
            new SurfaceGap(
                face == BodyFace.TOP && surface.drop() > 0 ? "carved top" : "rounded edge",
                face,
                least.value(),
                nearest.from()));
      }
    }
  }
}

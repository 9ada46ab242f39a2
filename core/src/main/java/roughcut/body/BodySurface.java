package roughcut.body;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyFace;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.design.StringDecisions;
import roughcut.design.SurfaceDecisions;
import roughcut.geometry.Edge;
import roughcut.geometry.Point;
import roughcut.layout.BodyOutline;
import roughcut.layout.FretLayout;
import roughcut.measure.Provenance;
import roughcut.part.BodyState;
import roughcut.part.BodyWork;
import roughcut.record.EffectiveInputs;

/**
 * Top and back of the body as heights over the plan: a flat slab, less round-overs, arm, belly and
 * heel contours, and a carved top. z counts downwards from the top's plane at the neck end, so that
 * the back of a flat body lies at its thickness.
 *
 * @param rise how much higher a carved top is at the saddle line than at the neck end
 * @param from where that rise begins, the body's edge at the neck
 * @param to where it ends, the saddle line
 * @param overTop stock that is still on the top, mm
 * @param overBack stock that is still on the back, mm
 */
public record BodySurface(
    Edge edge,
    double thickness,
    List<Contour> contours,
    double roundTop,
    double roundBack,
    double drop,
    double carveWidth,
    double ledge,
    double rise,
    double from,
    double to,
    double overTop,
    double overBack,
    Provenance provenance) {
  public BodySurface {
    contours = List.copyOf(contours);
  }

  public static BodySurface of(EffectiveInputs inputs, FretLayout frets, BodyOutline outline) {
    EffectiveInputs.Watched<BodySurface> own = inputs.tracked(() -> shaped(inputs, frets, outline));
    return own.made().on(own.asked().and(outline.provenance()).with(frets.scale()));
  }

  /** What its heights hang on, anywhere over the plan: nothing while it is a slab. */
  public Provenance heights() {
    return flat() ? Provenance.NONE : provenance;
  }

  /**
   * The body's faces at a stage: without what is still to be cut of its shape, and with the stock
   * that is still to come off.
   */
  public BodySurface at(BodyState state) {
    return new BodySurface(
        edge,
        thickness,
        contours.stream().filter(c -> !state.toCome(c.kind().work())).toList(),
        state.toCome(BodyWork.EDGES) ? 0 : roundTop,
        state.toCome(BodyWork.EDGES) ? 0 : roundBack,
        state.toCome(BodyWork.CARVE) ? 0 : drop,
        carveWidth,
        ledge,
        rise,
        from,
        to,
        state.on(BodyFace.TOP),
        state.on(BodyFace.BACK),
        provenance.with(state.stock(), state.outside()));
  }

  private BodySurface on(Provenance shaping) {
    return new BodySurface(
        edge,
        thickness,
        contours,
        roundTop,
        roundBack,
        drop,
        carveWidth,
        ledge,
        rise,
        from,
        to,
        overTop,
        overBack,
        shaping);
  }

  private static BodySurface shaped(EffectiveInputs inputs, FretLayout frets, BodyOutline outline) {
    List<Contour> contours = new ArrayList<>();
    double arm = value(inputs, SurfaceDecisions.ARM_DEPTH);
    if (arm > 0) {
      double turn = value(inputs, SurfaceDecisions.ARM_TURN);
      contours.add(
          new Contour(
              Contour.Kind.ARM,
              BodyFace.TOP,
              outermost(outline, turn),
              way(turn),
              arm,
              value(inputs, SurfaceDecisions.ARM_REACH),
              0));
    }
    double belly = value(inputs, SurfaceDecisions.BELLY_DEPTH);
    if (belly > 0) {
      double turn = value(inputs, SurfaceDecisions.BELLY_TURN);
      Point waist = waist(outline, turn);
      contours.add(
          new Contour(
              Contour.Kind.BELLY,
              BodyFace.BACK,
              waist,
              way(turn),
              belly,
              value(inputs, SurfaceDecisions.BELLY_REACH),
              value(inputs, SurfaceDecisions.BELLY_LENGTH)));
    }
    double heel = value(inputs, SurfaceDecisions.HEEL_CARVE_DEPTH);
    if (heel > 0) {
      List<Point> p = outline.shape().corners();
      contours.add(
          new Contour(
              Contour.Kind.HEEL,
              BodyFace.BACK,
              p.get(p.size() - 1),
              way(value(inputs, SurfaceDecisions.HEEL_CARVE_TURN)),
              heel,
              value(inputs, SurfaceDecisions.HEEL_CARVE_REACH),
              value(inputs, SurfaceDecisions.HEEL_CARVE_LENGTH)));
    }
    return new BodySurface(
        outline.edge(),
        value(inputs, BodyDecisions.BODY_THICKNESS),
        contours,
        value(inputs, SurfaceDecisions.ROUND_TOP),
        value(inputs, SurfaceDecisions.ROUND_BACK),
        value(inputs, SurfaceDecisions.CARVE_DROP),
        value(inputs, SurfaceDecisions.CARVE_WIDTH),
        value(inputs, SurfaceDecisions.CARVE_LEDGE),
        value(inputs, StringDecisions.CARVE_RISE),
        value(inputs, Decisions.JOINT_X),
        frets.scale().value(),
        0,
        0,
        Provenance.NONE);
  }

  private static double value(EffectiveInputs inputs, NumberDecision decision) {
    return inputs.get(decision).value();
  }

  private static Point way(double degrees) {
    return new Point(Math.cos(Math.toRadians(degrees)), Math.sin(Math.toRadians(degrees)));
  }

  /** The outline's furthest corner in a way. */
  private static Point outermost(BodyOutline outline, double degrees) {
    Point way = way(degrees);
    Point best = null;
    double most = Double.NEGATIVE_INFINITY;
    for (Point p : outline.shape().corners()) {
      double reach = p.x() * way.x() + p.y() * way.y();
      if (reach > most) {
        most = reach;
        best = p;
      }
    }
    return best;
  }

  /** Where a line from the body's middle in that way comes out of it. */
  private static Point waist(BodyOutline outline, double degrees) {
    Point middle = outline.shape().centre();
    Point way = way(degrees);
    Point out = middle.plus(way.x() * 1000, way.y() * 1000);
    double share =
        outline.shape().crossings(middle, out).stream().mapToDouble(t -> t).max().orElse(0);
    return middle.towards(out, share);
  }

  /** How much higher than at the neck end the flat middle of a carved top is at x. */
  public double riseAt(double x) {
    return rise == 0 ? 0 : rise * Math.max(0, Math.min(1, (x - from) / Math.max(1, to - from)));
  }

  /** z of the top before edges and contours: where routs from the top are measured from. */
  public double topPlane(double x) {
    return -riseAt(x) - overTop;
  }

  /** z of the back before edges and contours: where routs from the back are measured from. */
  public double backPlane() {
    return thickness + overBack;
  }

  /** Stock that is still on a face, mm. */
  public double over(BodyFace face) {
    return face == BodyFace.TOP ? overTop : overBack;
  }

  /** What carving takes off the top so far inside the edge. */
  public double carved(double inside) {
    if (drop == 0) {
      return 0;
    }
    double t = Math.max(0, Math.min(1, (inside - ledge) / Math.max(1, carveWidth - ledge)));
    return drop * (1 + Math.cos(Math.PI * t)) / 2;
  }

  private static double rounded(double radius, double inside) {
    double in = Math.max(0, inside);
    return in >= radius ? 0 : radius - Math.sqrt(radius * radius - (radius - in) * (radius - in));
  }

  /** What a face loses so far inside the edge, to round-over and carving. */
  public double edgeLoss(BodyFace face, double inside) {
    return face == BodyFace.TOP
        ? rounded(roundTop, inside) + carved(inside)
        : rounded(roundBack, inside);
  }

  /** How far inside the edge something is still lost of a face. */
  public double edgeReach(BodyFace face) {
    return face == BodyFace.TOP ? Math.max(roundTop, drop > 0 ? carveWidth : 0) : roundBack;
  }

  /** What contours take off a face at a place. */
  public double contoured(BodyFace face, double x, double y) {
    double lost = 0;
    for (Contour contour : contours) {
      if (contour.face() == face) {
        lost += contour.at(x, y);
      }
    }
    return lost;
  }

  /** z of a face at a place on the body. */
  public double at(BodyFace face, double x, double y) {
    double inside = edgeReach(face) > 0 ? edge.inside(new Point(x, y)) : 0;
    double loss = inside < edgeReach(face) ? edgeLoss(face, inside) : 0;
    loss += contoured(face, x, y);
    return face == BodyFace.TOP ? topPlane(x) + loss : backPlane() - loss;
  }

  /** Whether anything is taken off beside the plain slab. */
  public boolean flat() {
    return contours.isEmpty() && drop == 0 && rise == 0;
  }
}

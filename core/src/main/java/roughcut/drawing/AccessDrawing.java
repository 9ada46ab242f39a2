package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.neck.AccessBore;
import roughcut.neck.Channel;
import roughcut.neck.HeadLine;
import roughcut.neck.RodAccess;
import roughcut.plan.Plan;

/**
 * The neck cut open along its centre line at the nut: rod channel, access bore with the bit in it
 * up to its stop, nut and head. x from the nut line, z up from the neck's top.
 */
public final class AccessDrawing {
  private static final double NECK_SHOWN = 62;
  private static final double BEYOND = 26;

  private final Plan plan;
  private final Sketch sketch;

  private AccessDrawing(Plan plan, Units units) {
    this.plan = plan;
    this.sketch = new Sketch(plan, units);
  }

  public static Drawing of(Plan plan, Units units) {
    return new AccessDrawing(plan, units).draw();
  }

  private Drawing draw() {
    ElevationView elevation = new ElevationView(plan, sketch);
    elevation.wood();
    elevation.top();
    for (Channel.Piece piece : plan.rod().channel().pieces()) {
      Outline channel =
          Outline.rectangle(piece.from(), -piece.depthAt(piece.from()), piece.to(), 0);
      sketch.fill(Role.CHANNEL, channel, "#FBF9F4");
      sketch.outline(Role.CHANNEL, channel);
    }
    double left = -70;
    AccessBore bore = plan.details().access().orElse(null);
    RodAccess way = plan.details().keyWay().orElse(null);
    if (way != null) {
      return sketch.drawing(Text.of("Access, {way}", way.name()), way(way));
    }
    if (bore != null) {
      bore(bore);
      left = Math.min(left, plan.neck().head().breakX() - bore.closes().value() - BEYOND);
    } else {
      sketch.text(
          Role.NOTE,
          0,
          16,
          Text.of("no access hole: it never meets the face"),
          Anchor.MIDDLE,
          Size.SMALL);
    }
    double low = -plan.neck().back().depth(left) - 10;
    return sketch.drawing(Text.of("Access hole"), new Bounds(left, low, NECK_SHOWN, 22));
  }

  /** What is cut on the key's way, the key on its axis, and what part of the neck that shows. */
  private Bounds way(RodAccess way) {
    for (Outline cut : way.cuts()) {
      sketch.fill(Role.CHANNEL, cut, "#FBF9F4");
      sketch.outline(Role.EDGE, cut);
    }
    Point a = way.key().get(0);
    Point b = way.key().get(1);
    double size = plan.given(NeckDecisions.KEY_SIZE) / 2;
    Outline key = ribbon(a, b, size);
    sketch.fill(Role.TOUCH, key, "#C9D3D6");
    sketch.outline(Role.TOUCH, key);
    sketch.path(Role.CENTRE, false, a, b);
    double x0 = Math.min(a.x(), b.x());
    double x1 = Math.max(a.x(), b.x());
    double mid = (x0 + x1) / 2;
    double half = Math.max(70, (x1 - x0) * 0.75);
    double deep = plan.neck().back().deepest(mid - half, mid + half);
    return new Bounds(mid - half, -deep - 10, mid + half, 22);
  }

  private void bore(AccessBore bore) {
    Point a = bore.axis().get(0);
    Point b = bore.axis().get(1);
    double length = a.distance(b);
    double ux = (b.x() - a.x()) / length;
    double uy = (b.y() - a.y()) / length;
    double r = bore.diameter().value() / 2;
    Outline finished = outline();
    Outline through = ribbon(a, b, r);
    through
        .intersection(finished)
        .forEach(
            piece -> {
              sketch.fill(Role.CHANNEL, piece, "#FBF9F4");
              sketch.outline(Role.EDGE, piece);
            });
    // The pilot's bit, up to its stop at the face.
    double pilot = bore.pilot().value() / 2;
    double stop = bore.depth().value();
    Point face = a.plus(ux * stop, uy * stop);
    Outline bit = ribbon(a, a.plus(ux * (stop + 16), uy * (stop + 16)), pilot);
    sketch.fill(Role.TOUCH, bit, "#C9D3D6");
    sketch.outline(Role.TOUCH, bit);
    sketch.line(
        Role.TOUCH,
        face.x() - uy * r * 2.2,
        face.y() + ux * r * 2.2,
        face.x() + uy * r * 2.2,
        face.y() - ux * r * 2.2);
    sketch.path(Role.CENTRE, false, a, b);
    double breakX = plan.neck().head().breakX();
    sketch.dimension(
        new Point(breakX - bore.centre().value(), 11),
        new Point(breakX, 11),
        0,
        Text.NONE,
        bore.centre());
    sketch.dimension(face, a, 13, Text.of("stop"), bore.depth());
  }

  /** The neck seen from the side, the face's veneer on it. */
  private Outline outline() {
    HeadLine head = plan.neck().head();
    double veneer = plan.given(Decisions.HEAD_VENEER);
    List<Point> corners = new ArrayList<>(plan.neck().back().line());
    corners.add(new Point(plan.neck().heelEnd().value(), 0));
    corners.add(head.breakPoint());
    corners.add(head.at(0, -veneer));
    corners.add(head.at(head.length().value(), -veneer));
    return new Outline(corners);
  }

  private static Outline ribbon(Point a, Point b, double half) {
    double length = a.distance(b);
    double nx = -(b.y() - a.y()) / length * half;
    double ny = (b.x() - a.x()) / length * half;
    return Outline.of(a.plus(nx, ny), b.plus(nx, ny), b.plus(-nx, -ny), a.plus(-nx, -ny));
  }
}

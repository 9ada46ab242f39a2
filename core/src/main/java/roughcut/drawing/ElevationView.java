package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.NeckDecisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.fretboard.Slots;
import roughcut.geometry.Arcs;
import roughcut.geometry.Outline;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.geometry.Similarity;
import roughcut.measure.Precision;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.neck.AccessBore;
import roughcut.neck.BlankReach;
import roughcut.neck.Channel;
import roughcut.neck.HeadLine;
import roughcut.neck.NeckShape;
import roughcut.neck.ScarfJoint;
import roughcut.plan.Plan;
import roughcut.shop.Species;

/** The neck from the treble side: x on the same ruler as the plan, z up from the neck's top. */
final class ElevationView {
  private static final String MISSING = "#E9C4BC";
  private static final int CHANNEL_PIECES = 24;

  /** A seam is looked for where the wood is at least as thick as this, mm. */
  private static final double SEAM = 0.002;

  private final Plan plan;
  private final Sketch sketch;
  private final NeckShape neck;
  private final HeadLine head;
  private final Outline finished;

  ElevationView(Plan plan, Sketch sketch) {
    this.plan = plan;
    this.sketch = sketch;
    this.neck = plan.neck();
    this.head = neck.head();
    this.finished = finished();
  }

  /** How far the head hangs below the neck's top. */
  static double depth(Plan plan) {
    double head =
        -plan.neck()
            .head()
            .at(plan.neck().head().length().value(), plan.neck().head().thickness().value())
            .y();
    return Math.max(head, plan.neck().heelThickness().value());
  }

  private Outline finished() {
    List<Point> corners = new ArrayList<>(neck.back().line());
    double end = neck.heelEnd().value();
    double board = plan.taper().end().value();
    corners.add(new Point(end, -neck.topBelow(end)));
    if (neck.through() && board < end) {
      corners.add(new Point(board, -neck.topBelow(board)));
      corners.add(new Point(board, 0));
    }
    corners.addAll(faceEnd());
    corners.add(head.at(head.length().value(), 0));
    List<Segment> round = new ArrayList<>(neck.back().curves());
    plan.details().step().flatMap(step -> step.arc(head.breakX())).ifPresent(round::add);
    return new Outline(Path.along(corners, round, 2 * Arcs.CHORD_ERROR));
  }

  /** Where the neck's top ends at the head: the break, or the drum's way down to a lower face. */
  private List<Point> faceEnd() {
    return plan.details()
        .step()
        .map(step -> step.curve(head.breakX()))
        .orElse(List.of(head.breakPoint()));
  }

  /** The wood that is seen from the side near the nut. */
  private Species sideWood() {
    double y = plan.taper().halfWidth(0) - Precision.TOUCHING;
    return plan.wood(plan.blank().at(0, y).strip().species());
  }

  /**
   * The finished neck in its pieces, with the seams, the heel block, and in red where the stock
   * doesn't reach the drawn back.
   */
  void wood() {
    Species species = sideWood();
    if (plan.scarf().isEmpty()) {
      sketch.wood(finished, species);
    } else {
      // The turned offcut's grain runs along the head; the shaft's and the heel's along the neck.
      seen(finished.difference(headSide())).forEach(piece -> sketch.wood(piece, species));
      seen(finished.intersection(headSide()))
          .forEach(piece -> sketch.wood(piece, species, head.angle().value()));
    }
    missing();
    block();
    plan.scarf().ifPresent(this::seam);
    sketch.outline(Role.OUTLINE, finished);
    veneers();
  }

  /** Without what two edges along one another leave of no width. */
  private static Stream<Outline> seen(List<Outline> pieces) {
    return pieces.stream().filter(p -> p.area() > Precision.SHOWN);
  }

  /** In red where the blank doesn't reach the finished back. */
  private void missing() {
    double from = Math.max(0, neck.back().straightFrom());
    double heel = neck.back().straightTo();
    double end = neck.heelEnd().value();
    BlankReach reach = plan.neckPlan().reach();
    List<Point> stock = new ArrayList<>(List.of(new Point(from, 500)));
    stock.add(new Point(from, -plan.neckPlan().stock().value()));
    stock.add(new Point(heel, -plan.neckPlan().stock().value()));
    stock.add(new Point(heel, -reach.at(heel)));
    if (reach.blockFrom() > heel && reach.blockFrom() < end) {
      stock.add(new Point(reach.blockFrom(), -reach.strips(reach.blockFrom())));
      stock.add(new Point(reach.blockFrom(), -reach.at(reach.blockFrom())));
    }
    stock.add(new Point(end, -reach.at(end)));
    stock.add(new Point(end, 500));
    Outline there = new Outline(stock);
    for (Outline below : finished.intersection(Outline.rectangle(from, -500, end, 0))) {
      for (Outline piece : below.difference(there)) {
        if (piece.bounds().height() > Precision.SHOWN) {
          sketch.fill(Role.STOP, piece, MISSING);
        }
      }
    }
  }

  /** Where the block's joint is seen on the finished neck. */
  private void block() {
    BlankReach reach = plan.neckPlan().reach();
    double end = neck.heelEnd().value();
    if (reach.block() == 0 || reach.blockFrom() >= end) {
      return;
    }
    Outline joint =
        Outline.of(
            new Point(reach.blockFrom(), -reach.strips(reach.blockFrom())),
            new Point(end, -reach.strips(end)),
            new Point(end, -reach.strips(end) - SEAM),
            new Point(reach.blockFrom(), -reach.strips(reach.blockFrom()) - SEAM));
    for (Outline seen : finished.intersection(joint)) {
      double left = seen.bounds().left();
      double right = seen.bounds().right();
      sketch.line(Role.SEAM, left, -reach.strips(left), right, -reach.strips(right));
    }
  }

  /** On the head's face, from the break to the tip, and on its back as far as that lies even. */
  private void veneers() {
    double face = plan.given(Decisions.HEAD_VENEER);
    double back = plan.given(Decisions.HEAD_BACK_VENEER);
    if (face > 0) {
      veneer(0, head.length().value(), -face, 0);
    }
    // From the tip on the back is even until the drum's curve begins.
    List<Point> line = neck.back().line();
    double from = head.length().value() - line.get(0).distance(line.get(1));
    if (back > 0 && from < head.length().value()) {
      double thick = head.thickness().value();
      veneer(from, head.length().value(), thick, thick + back);
    }
  }

  /** A layer along the head between two depths below its face; less than 0 is over it. */
  private void veneer(double from, double to, double upper, double lower) {
    Outline layer =
        Outline.of(
            head.at(from, upper), head.at(to, upper), head.at(to, lower), head.at(from, lower));
    sketch.wood(
        layer, plan.wood(plan.given(NeckDecisions.VENEER_SPECIES).word()), head.angle().value());
    sketch.outline(Role.EDGE, layer);
  }

  private void seam(ScarfJoint scarf) {
    Point a = scarf.seam().get(0);
    Point b = scarf.seam().get(1);
    for (Outline piece : finished.intersection(ribbon(a, b))) {
      List<Point> ends = List.of(extreme(piece, a, b), extreme(piece, b, a));
      sketch.path(Role.SEAM, false, ends);
    }
  }

  private static Outline ribbon(Point a, Point b) {
    double length = a.distance(b);
    double nx = -(b.y() - a.y()) / length * 0.002;
    double ny = (b.x() - a.x()) / length * 0.002;
    return Outline.of(a.plus(nx, ny), b.plus(nx, ny), b.plus(-nx, -ny), a.plus(-nx, -ny));
  }

  private static Point extreme(Outline piece, Point near, Point from) {
    Point best = piece.corners().get(0);
    for (Point p : piece.corners()) {
      best = p.distance(from) > best.distance(from) ? p : best;
    }
    return best.distance(near) < Precision.TOUCHING ? near : best;
  }

  /** The turned offcut in its place. */
  private Outline headSide() {
    return plan.scarf().orElseThrow().headPiece();
  }

  /** Nut, fretboard and fret crowns on top. */
  void top() {
    double board = neck.thickness().fretboard().value();
    double front = plan.fretboard().work().nut().front().value();
    double fretHeight = plan.given(FretboardDecisions.WIRE_HEIGHT);
    Outline side = Outline.rectangle(front, 0, plan.taper().end().value(), board);
    sketch.wood(side, plan.fretboardWood());
    sketch.outline(Role.EDGE, side);
    for (Slots.Slot slot : plan.fretboard().slots().slots()) {
      sketch.line(Role.FRET, slot.x(), board, slot.x(), board + fretHeight);
    }
    Outline nut = Outline.rectangle(head.breakX(), 0, front, board + 2);
    sketch.fill(Role.NUT, nut, "#FBF9F4");
    sketch.outline(Role.NUT, nut);
  }

  /** Rod and stiffeners as they lie in the neck, and the bore to the rod. */
  void rodHidden() {
    plan.rod().channel().pieces().forEach(this::piece);
    plan.details().stiffeners().ifPresent(s -> s.treble().pieces().forEach(this::piece));
    plan.details().access().ifPresent(this::bore);
  }

  private void piece(Channel.Piece piece) {
    List<Point> points = new ArrayList<>();
    points.add(new Point(piece.from(), 0));
    for (int i = 0; i <= CHANNEL_PIECES; i++) {
      double x = piece.from() + (piece.to() - piece.from()) * i / CHANNEL_PIECES;
      points.add(new Point(x, -piece.depthAt(x)));
    }
    points.add(new Point(piece.to(), 0));
    sketch.path(Role.HIDDEN, true, points);
  }

  private void bore(AccessBore bore) {
    Point a = bore.axis().get(0);
    Point b = bore.axis().get(1);
    double length = a.distance(b);
    double nx = -(b.y() - a.y()) / length * bore.diameter().value() / 2;
    double ny = (b.x() - a.x()) / length * bore.diameter().value() / 2;
    Outline through =
        Outline.of(a.plus(nx, ny), b.plus(nx, ny), b.plus(-nx, -ny), a.plus(-nx, -ny));
    through.intersection(finished).forEach(piece -> sketch.outline(Role.HIDDEN, piece));
  }

  /** The line that the saw follows, outside the finished back by the roughing margin. */
  void roughing() {
    double margin = plan.given(Decisions.ROUGHING_MARGIN);
    if (margin > 0) {
      sketch.path(Role.STOCK, neck.back().path().through(Similarity.moving(0, -margin)));
    }
  }

  /** Thickness at fret 1 and at the octave fret, head, angle, and the scarf's run. */
  void dimensions() {
    thickness(plan.frets().at(1), neck.thickness().first(), Text.of("at fret 1"));
    thickness(plan.frets().octave(), neck.thickness().octave(), Text.of("at the octave"));
    double length = head.length().value();
    Point tip = head.at(length, head.thickness().value());
    Point under = head.at(0, head.thickness().value());
    sketch.dimension(
        under,
        tip,
        14,
        plan.details().headpiece().isPresent()
            ? Text.NONE // too short for more than its length
            : Text.of("headstock, at {angle}°:", Text.figure(head.angle().value(), Quantity.ANGLE)),
        head.length());
    plan.scarf()
        .ifPresent(
            scarf -> {
              double from = Math.min(scarf.seam().get(0).x(), scarf.seam().get(1).x());
              double low = -neck.back().deepest(from, from + scarf.run().value()) - 46;
              sketch.dimension(
                  new Point(from + scarf.run().value(), low),
                  new Point(from, low),
                  0,
                  Text.of("run"),
                  scarf.run());
            });
  }

  private void thickness(double x, Value thickness, Text where) {
    double board = neck.thickness().fretboard().value();
    double back = neck.back().depth(x);
    Role role = plan.fromWood(thickness) ? Role.MEASURED : Role.DIMENSION;
    sketch.line(role, x, board + 11, x, -back - 3);
    sketch.text(
        role,
        x + 2,
        board + 8,
        Text.of("{thickness} {where}", Text.shown(thickness), where),
        Anchor.START,
        Size.SMALL,
        thickness.id());
  }
}

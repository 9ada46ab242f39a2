package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.geometry.Arc;
import roughcut.geometry.Outline;
import roughcut.geometry.Pen;
import roughcut.geometry.Point;
import roughcut.geometry.Prism;
import roughcut.geometry.Similarity;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.neck.NeckShape;
import roughcut.strings.HeelSeat;
import roughcut.strings.Heights;

/**
 * The neck's pocket: the real neck's edges from the body's edge to the heel's end, and the fit's
 * clearance; its floor tilted by the neck's angle (handbook page 6, "Neck pocket").
 *
 * @param by the decision on what lies on its floor: heel or tenon
 * @param front depth at the body's edge
 * @param end depth at the heel's end
 * @param floor wood left where it is deepest
 * @param tight half as wide again as the first, tight cut is narrower, both sides together
 * @param mismatch how far square heel corners stand in the round ones of the pocket
 * @param gap behind a square heel in a tilted pocket
 * @param finished clearance when the body is finished
 * @param area that is glued or pressed, cm²
 * @param tilt how much deeper the floor is to be cut at the body's edge than at the heel's end
 */
public record Pocket(
    Cut cut,
    NumberDecision by,
    Value front,
    Value end,
    Value floor,
    Value tight,
    Value mismatch,
    Value gap,
    Value finished,
    Value area,
    Value tilt) {
  private static final double LEAST = 0.5;

  /** A corner of a smaller radius is none, mm. */
  private static final double SHARP = 0.05;

  static Pocket of(CutBuilder builder, NeckShape neck, Heights heights) {
    HeelSeat seat = heights.seat().orElseThrow();
    Value heel = seat.heel();
    Value joint = neck.joint();
    Value heelEnd = neck.heelEnd();
    Value clearance = builder.inputs.get(RoutDecisions.POCKET_CLEARANCE);
    Value radius = builder.inputs.get(RoutDecisions.POCKET_RADIUS);
    Value bass = builder.inputs.get(RoutDecisions.POCKET_RADIUS_BASS);
    Value front =
        builder.registry.put(
            RoutKeys.POCKET_DEPTH_FRONT,
            "h − e",
            in("h", seat.edge()),
            in("e", heights.fretboardAboveBody()));
    Value end = end(builder, seat, front, heights);
    // Over the heel's length, as far as it has one.
    double run = heelEnd.value() - joint.value();
    double tan =
        seat.tiltsFloor() || run <= 0
            ? Math.tan(Math.toRadians(heights.leans().value()))
            : (front.value() - end.value()) / run;
    Value floor =
        builder.registry.put(
            RoutKeys.POCKET_FLOOR,
            "t − max(d_1, d_2)",
            in("t", builder.thickness()),
            in("d_1", front),
            in("d_2", end));
    boolean chiselled =
        switch (builder.inputs.get(RoutDecisions.POCKET_CORNERS)) {
          case CHISEL -> true;
          case ROUND_HEEL, SMALL_CUTTER -> false;
        };
    Outline wanted =
        shape(
            neck, clearance.value(), chiselled ? 0 : bass.value(), chiselled ? 0 : radius.value());
    double tightest = Math.min(radius.value(), bass.value());
    Outline shape =
        builder.asCut("pocket", new RoutArea(List.of(wanted)), tightest).shapes().get(0);
    Prism solid =
        new Prism(shape.corners(), 0, Math.max(LEAST, front.value()) + joint.value() * tan, -tan);
    Cut drawn =
        new Cut(
            "pocket",
            Text.of("neck pocket"),
            CutKind.POCKET,
            CutFrom.TOP,
            List.of(
                new RoutStep(
                    "pocket",
                    new RoutArea(List.of(shape)),
                    front.value() >= end.value() ? front : end,
                    List.of(solid),
                    tightest,
                    new RoutArea(List.of(wanted)))),
            List.of(),
            Set.of(),
            List.of(
                BodyDecisions.BODY_THICKNESS.id(),
                seat.by().id(),
                StringDecisions.EXPOSED.id(),
                Decisions.HEEL_END.id()),
            false);
    Cut cut = builder.add(drawn);
    if (Math.min(front.value(), end.value()) <= 0) {
      builder.addProblem(
          Topic.BODY,
          seat.by().id(),
          Message.of(
                  Text.of(
                      front.value() < end.value()
                          ? "The pocket has no depth at the body edge."
                          : "The pocket has no depth at the heel end."))
              .fix(
                  seat.tenoned()
                      ? Text.of("Use a deeper tenon, or less fretboard height above the body.")
                      : Text.of("Use a thicker heel, or less fretboard height above the body.")),
          new Point(joint.value(), 0));
    }
    Value asCut = builder.clearance("pocket", clearance);
    return new Pocket(
        cut,
        seat.by(),
        front,
        end,
        floor,
        builder.registry.put(
            RoutKeys.POCKET_FIRST_CLEARANCE,
            "c − u",
            in("c", asCut),
            in("u", builder.inputs.get(RoutDecisions.POCKET_TIGHT))),
        mismatch(builder, radius, bass),
        builder.registry.put(
            RoutKeys.POCKET_HEEL_GAP, "h · abs(sin(α))", in("h", heel), in("α", heights.leans())),
        finished(builder, asCut),
        builder.registry.find(
            RoutKeys.POCKET_AREA,
            shape.area() / 100,
            Text.of("found by measuring its outline"),
            builder.trackedSoFar().and(neck.taper().provenance()).with(joint, heelEnd, clearance)),
        tilt(builder, heights, front, end));
  }

  private static Value end(CutBuilder builder, HeelSeat seat, Value front, Heights heights) {
    if (seat.tiltsFloor()) {
      return builder.registry.put(
          RoutKeys.POCKET_DEPTH_END,
          "d − (x_h − x_j) · tan(α)",
          in("d", front),
          in("x_h", seat.heelEnd()),
          in("x_j", seat.joint()),
          in("α", heights.leans()));
    }
    return builder.registry.put(
        RoutKeys.POCKET_DEPTH_END,
        "d + h_2 − h_1 − (x_h − x_j) · tan(α)",
        in("d", front),
        in("h_1", seat.edge()),
        in("h_2", seat.end()),
        in("x_h", seat.heelEnd()),
        in("x_j", seat.joint()),
        in("α", heights.leans()));
  }

  /** Of a floor under a planed or packed heel only what its taper, as it was made, leaves over. */
  private static Value tilt(CutBuilder builder, Heights heights, Value front, Value end) {
    return heights.seat().orElseThrow().tiltsFloor()
        ? heights.taper().orElseThrow()
        : builder.registry.put(RoutKeys.POCKET_TILT, "d_1 − d_2", in("d_1", front), in("d_2", end));
  }

  private static Value finished(CutBuilder builder, Value clearance) {
    String id = RoutKeys.POCKET_CLEARANCE_FINISHED.id();
    Text label = Text.of("Clearance per side when the body is finished");
    return switch (builder.inputs.get(RoutDecisions.POCKET_FINISH)) {
      case KEPT_OUT -> builder.registry.put(id, label, FINE_LENGTH, "c", in("c", clearance));
      case GOES_IN ->
          builder.registry.put(
              id,
              label,
              FINE_LENGTH,
              "c − f",
              in("c", clearance),
              in("f", builder.inputs.get(RoutDecisions.FILM)));
    };
  }

  private static Value mismatch(CutBuilder builder, Value treble, Value bass) {
    return switch (builder.inputs.get(RoutDecisions.POCKET_CORNERS)) {
      case SMALL_CUTTER ->
          builder.registry.put(
              RoutKeys.POCKET_CORNER_MISMATCH, "max(R, R_b)", in("R", treble), in("R_b", bass));
      case ROUND_HEEL, CHISEL ->
          builder.registry.put(
              RoutKeys.POCKET_CORNER_MISMATCH.called("Gap of square heel corners"),
              "0 · R",
              in("R", treble));
    };
  }

  /** The real neck's edges with the clearance; its far corners as the cutter leaves them. */
  private static Outline shape(NeckShape neck, double clearance, double bass, double treble) {
    double from = neck.joint().value();
    double to = Math.max(from + 1, neck.heelEnd().value()) + clearance;
    double a = Math.max(1, neck.halfInBody(from)) + clearance;
    double b = Math.max(1, neck.halfInBody(to)) + clearance;
    double most = Math.min(b, to - from) - 0.1;
    double lean = Math.atan2(b - a, to - from);
    Pen pen = new Pen().to(new Point(from, -a));
    corner(to, b, Math.min(bass, most), lean)
        .ifPresentOrElse(pen::along, () -> pen.to(new Point(to, -b)));
    corner(to, b, Math.min(treble, most), lean)
        .ifPresentOrElse(
            arc -> pen.along(arc.through(Similarity.turningOver()).reversed()),
            () -> pen.to(new Point(to, b)));
    return new Outline(pen.to(new Point(from, a)).closed());
  }

  /** The bass corner at the heel's end, from its side to its end; none of a sharp one. */
  private static Optional<Arc> corner(double to, double b, double r, double lean) {
    if (r < SHARP) {
      return Optional.empty();
    }
    // The corner's centre stands r from the side and from the end.
    Point middle = new Point(to - r, -(b - r * Math.tan(lean)) + r / Math.cos(lean));
    return Optional.of(new Arc(middle, r, -Math.PI / 2 - lean, Math.PI / 2 + lean));
  }

  /** Its depth at x. */
  public double depthAt(double x) {
    return cut.steps().get(0).solids().get(0).floorAt(x);
  }
}

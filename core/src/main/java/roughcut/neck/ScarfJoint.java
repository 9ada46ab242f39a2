package roughcut.neck;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import java.util.List;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.ScarfSchool;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * A head glued on at an angle: one saw cut through the blank at the head angle, the offcut turned
 * over and glued back (handbook page 4). Both pieces are built as shapes by making that cut and
 * that turn; seam and lengths are read off them. Points are in the elevation.
 *
 * @param run the cut's length along the blank
 * @param bevel the glue length
 * @param shift how far the seam on the back lies towards the body
 * @param wedge how far the wedge that guides the saw runs for a rise of 1
 * @param seamTop seam on the top: towards the body under the fretboard, or towards the tip along
 *     the head's face, by school
 * @param seamBack seam on the flat back, towards the body
 * @param blankLength blank needed for both parts
 * @param shaft the shaft as sawn
 * @param headPiece the turned offcut, glued in place, before it is thinned
 * @param seam the two ends of the seam, top first
 */
public record ScarfJoint(
    ScarfSchool school,
    Value run,
    Value bevel,
    Value shift,
    Value wedge,
    Value seamTop,
    Value seamBack,
    Value blankLength,
    Outline shaft,
    Outline headPiece,
    List<Point> seam) {

  /** Where the seam's middle lies, from the nut line, mm. */
  public double middleX() {
    return (seam.get(0).x() + seam.get(1).x()) / 2;
  }

  /** The two pieces, where they stand once glued. */
  private record Pieces(
      Outline shaft, Outline headPiece, Point seamTop, Point seamBack, double blankLength) {}

  /**
   * Works the joint out.
   *
   * @param head with an angle that is not flat
   */
  public static ScarfJoint of(EffectiveInputs inputs, HeadLine head, ValueRegistry registry) {
    Value t = inputs.get(Decisions.SHAFT_THICKNESS);
    Value angle = head.angle();
    Value kerf = inputs.get(BlankDecisions.SCARF_KERF);
    Value planing = inputs.get(Decisions.SCARF_PLANING);
    Value trim = inputs.get(Decisions.SCARF_TRIM);
    Value heelEnd = inputs.get(Decisions.HEEL_END);
    ScarfSchool school = inputs.get(Decisions.SCARF_SCHOOL);
    double theta = head.theta();

    Value run = registry.put(NeckKeys.SCARF_RUN, "t / tan(θ)", in("t", t), in("θ", angle));
    Value bevel = registry.put(NeckKeys.SCARF_BEVEL, "t / sin(θ)", in("t", t), in("θ", angle));
    Value shift = registry.put(NeckKeys.SCARF_SHIFT, "t · tan(θ / 2)", in("t", t), in("θ", angle));
    Value wedge = registry.put(NeckKeys.SCARF_WEDGE, "1 / tan(θ)", in("θ", angle));
    Value fromBreak =
        registry.put(
            NeckKeys.HEEL_END_FROM_BREAK,
            "x_heel + nut",
            in("x_heel", heelEnd),
            in("nut", head.nutThickness()));
    double lost = (kerf.value() + 2 * planing.value()) / Math.sin(theta);
    Pieces pieces = cutAndTurn(school, head, t.value(), lost, trim.value(), heelEnd.value());
    Value seamTop =
        registry.put(
            NeckKeys.SCARF_SEAM_TOP.id(),
            switch (school) {
              case SEAM_UNDER_FRETBOARD ->
                  Text.of("Joint on the top, from the break line towards the body");
              case SEAM_ACROSS_HEAD ->
                  Text.of("Joint on the headstock face, from the break line towards the tip");
            },
            LENGTH,
            "t / sin(θ)",
            in("t", t),
            in("θ", angle));
    Value seamBack =
        registry.put(NeckKeys.SCARF_SEAM_BACK, "t · tan(θ / 2)", in("t", t), in("θ", angle));
    Value blankLength =
        registry.put(
            NeckKeys.SCARF_BLANK_LENGTH,
            "x_end − shift + ℓ_h + trim + (k + 2 · q) / sin(θ)",
            in("x_end", fromBreak),
            in("shift", shift),
            in("ℓ_h", head.length()),
            in("trim", trim),
            in("k", kerf),
            in("q", planing),
            in("θ", angle));
    return new ScarfJoint(
        school,
        run,
        bevel,
        shift,
        wedge,
        seamTop,
        seamBack,
        blankLength,
        pieces.shaft,
        pieces.headPiece,
        List.of(pieces.seamTop, pieces.seamBack));
  }

  /**
   * Saws the blank and turns the offcut. The shaft already lies where it stays; the cut meets its
   * top at {@code top} and its back at {@code back}, so that its bevel looks up. The offcut, turned
   * over lengthwise, comes to rest with its new upper corner where the school wants it, tilted by
   * the head angle.
   */
  private static Pieces cutAndTurn(
      ScarfSchool school, HeadLine head, double t, double lost, double trim, double heelEnd) {
    double theta = head.theta();
    boolean underFretboard =
        switch (school) {
          case SEAM_UNDER_FRETBOARD -> true;
          case SEAM_ACROSS_HEAD -> false;
        };
    double top = head.breakX() + (underFretboard ? t / Math.sin(theta) : 0);
    double back = top - t / Math.tan(theta);
    // The head's face runs from the break; across the head its first part is the shaft's own bevel.
    double faceOnOffcut = head.length().value() + trim - (underFretboard ? 0 : t / Math.sin(theta));
    double start = back - lost - faceOnOffcut;
    Outline shaft =
        Outline.of(
            new Point(top, 0), new Point(heelEnd, 0), new Point(heelEnd, -t), new Point(back, -t));
    Outline offcut =
        Outline.of(
            new Point(start, 0),
            new Point(top - lost, 0),
            new Point(back - lost, -t),
            new Point(start, -t));
    Point rest = underFretboard ? head.breakPoint() : new Point(back, -t);
    // Turned over, the offcut's short side is on top and ends at back − lost.
    Point corner = new Point(back - lost, 0);
    Outline headPiece =
        offcut
            .turnedOver(-t / 2)
            .turned(corner, theta, rest.x() - corner.x(), rest.y() - corner.y());
    Point bevelEnd = bevelEnd(corner, top - lost, t, theta, rest);
    Point seamTop = underFretboard ? bevelEnd : rest;
    Point seamBack = underFretboard ? new Point(back, -t) : bevelEnd;
    return new Pieces(shaft, headPiece, seamTop, seamBack, heelEnd - start);
  }

  /** Where the far end of the turned offcut's bevel comes to lie. */
  private static Point bevelEnd(Point corner, double farX, double t, double theta, Point rest) {
    double dx = farX - corner.x();
    return rest.plus(
        dx * Math.cos(theta) + t * Math.sin(theta), dx * Math.sin(theta) - t * Math.cos(theta));
  }

  /** Whether the head's piece lies under the shaft's bevel, where the fretboard covers the seam. */
  public boolean underFretboard() {
    return underFretboard(school);
  }

  private static boolean underFretboard(ScarfSchool school) {
    return switch (school) {
      case SEAM_UNDER_FRETBOARD -> true;
      case SEAM_ACROSS_HEAD -> false;
    };
  }
}

package roughcut.neck;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.blank.FaceCheck;
import roughcut.blank.NeckBlank;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.FaceUse;
import roughcut.geometry.Point;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * What is drawn on the blank and set on the saw for a scarf joint, and what comes of the turned
 * offcut (handbook page 4, "What the bench needs").
 *
 * @param onTop from the blank's heel end to the finished bevel's line on the top face
 * @param onBack from the blank's heel end to the finished bevel's line on the back face
 * @param sawOff how far beyond the finished line the saw's line lies, along the blank: what each
 *     bevel is planed by, q, over sin θ; zero without planing
 * @param sawTop from the blank's heel end to the saw's line on the top face
 * @param sawBack the same on the back face
 * @param flatness gap accepted under a straightedge along the planed bevels
 * @param pinSide where pins stand beside the outline at the seam, from the centre line; empty when
 *     there is no waste
 * @param swaps whether the turned offcut's strips don't meet the shaft's: bass and treble changed
 *     sides
 * @param seam the seam on the carved back: x from the nut line, y across; empty across the head
 */
public record ScarfMarks(
    Value onTop,
    Value onBack,
    Value sawOff,
    Value sawTop,
    Value sawBack,
    Value flatness,
    Optional<Value> pinSide,
    boolean swaps,
    List<Point> seam) {
  private static final double PIN_CLEAR = 2;
  private static final int PIN_PLACES = 16;
  private static final int SEAM_PIECES = 24;
  private static final int SETTLING = 12;

  public static ScarfMarks of(
      EffectiveInputs inputs,
      ScarfJoint scarf,
      HeadFace face,
      NeckShape neck,
      NeckBlank blank,
      ValueRegistry registry) {
    HeadLine head = neck.head();
    Value heelEnd = inputs.get(Decisions.HEEL_END);
    Value trim = inputs.get(BlankDecisions.END_TRIM);
    boolean under = scarf.underFretboard();
    // The shaft's own cut: on top at the seam's far end under the fretboard, or at the break.
    Value top =
        SearchedValue.of(
            NeckKeys.SCARF_CUT_TOP,
            under ? head.breakX() + scarf.bevel().value() : head.breakX(),
            Text.of("found at the break line, or beyond the joint"),
            under
                ? Provenance.of(head.nutThickness(), scarf.bevel())
                : Provenance.of(head.nutThickness()));
    Value onTop =
        registry.put(
            NeckKeys.SCARF_MARK_TOP,
            "x_heel + e − x_top",
            in("x_heel", heelEnd),
            in("e", trim),
            in("x_top", top));
    Value onBack =
        registry.put(NeckKeys.SCARF_MARK_BACK, "m + run", in("m", onTop), in("run", scarf.run()));
    Value planing = inputs.get(Decisions.SCARF_PLANING);
    // Without planing the saw's line is the finished one.
    ValueRegistry own = planing.value() > 0 ? registry : new ValueRegistry();
    Value sawOff =
        own.put(
            "scarf.saw-off",
            Text.of("Saw line outside the finished line, for planing"),
            LENGTH,
            "q / sin(θ)",
            in("q", planing),
            in("θ", head.angle()));
    return new ScarfMarks(
        onTop,
        onBack,
        sawOff,
        own.put(
            NeckKeys.SCARF_SAW_TOP.id(),
            Text.of("Saw line on the top face, from the heel end of the blank"),
            LENGTH,
            "m + o",
            in("m", onTop),
            in("o", sawOff)),
        own.put(
            NeckKeys.SCARF_SAW_BACK.id(),
            Text.of("Saw line on the back face, from the heel end of the blank"),
            LENGTH,
            "m + o",
            in("m", onBack),
            in("o", sawOff)),
        registry.put(
            NeckKeys.SCARF_FLATNESS,
            "g · ℓ / 300",
            in("g", FaceCheck.per300(FaceUse.GLUE_FACE)),
            in("ℓ", scarf.bevel())),
        pinSide(inputs, scarf, face, neck, blank, registry),
        !blank.symmetrical(),
        under ? seam(scarf, head, neck) : List.of());
  }

  /** How the joint is made, in order. */
  public List<Text> steps() {
    List<Text> steps = new ArrayList<>();
    steps.add(Text.of("mark the finished line, and the saw line outside it for planing"));
    steps.add(Text.of("saw with a support under the cut, so that the feather edge can't break"));
    steps.add(
        Text.of(
            "clamp shaft and offcut with both bevels in one plane, and plane them "
                + "together, square across"));
    steps.add(
        Text.of(swaps ? "turn the offcut over: its strips change sides" : "turn the offcut over"));
    steps.add(
        pinSide.isPresent()
            ? Text.of("pin the joint in the waste, then glue")
            : Text.of("no waste for pins at the joint: hold it against end stops while you glue"));
    return steps;
  }

  /**
   * Pins go through the seam where it has wood above and below, in its middle half, and outside the
   * finished outline there: the neck's under the fretboard, the head's across it.
   */
  private static Optional<Value> pinSide(
      EffectiveInputs inputs,
      ScarfJoint scarf,
      HeadFace face,
      NeckShape neck,
      NeckBlank blank,
      ValueRegistry registry) {
    HeadLine head = neck.head();
    Value pin = inputs.get(BlankDecisions.PIN_DIAMETER);
    boolean under = scarf.underFretboard();
    double bevel = scarf.bevel().value();

    double reach = pin.value() / 2 + PIN_CLEAR;
    double best = Double.POSITIVE_INFINITY;
    double room = 0;
    for (int i = 0; i <= PIN_PLACES; i++) {
      double along = bevel * (0.25 + 0.5 * i / PIN_PLACES);
      double half =
          under
              ? Math.max(
                  neck.taper().halfWidth(head.breakX() + along - reach),
                  neck.taper().halfWidth(head.breakX() + along + reach))
              : Math.max(face.wider(along - reach), face.wider(along + reach));
      double stock = blank.halfWidth(head.breakX() + (under ? along : -along));
      if (half < best && stock - half >= pin.value() + 2 * PIN_CLEAR) {
        best = half;
        room = stock;
      }
    }
    if (room == 0) {
      return Optional.empty();
    }
    Value width =
        SearchedValue.of(
            NeckKeys.SCARF_PIN_OUTLINE,
            2 * best,
            Text.of("least outline along the joint where the stock has room"),
            blank
                .provenance()
                .and(neck.provenance())
                .with(scarf.bevel(), pin, inputs.get(Decisions.HEAD_WIDTH)));
    return Optional.of(
        registry.put(NeckKeys.SCARF_PIN_SIDE, "w / 2 + 2 + d / 2", in("w", width), in("d", pin)));
  }

  /**
   * The seam wanders on the carved back as x(y) = t / sin θ − P(y) / tan θ from the break: from
   * near the volute at the centre line to the bevel's length at the fretboard's edge.
   */
  private static List<Point> seam(ScarfJoint scarf, HeadLine head, NeckShape neck) {
    double bevel = scarf.bevel().value();
    double tan = Math.tan(head.theta());
    List<Point> points = new ArrayList<>();
    for (int i = -SEAM_PIECES; i <= SEAM_PIECES; i++) {
      double share = (double) i / SEAM_PIECES;
      double x = bevel;
      double y = 0;
      // Width and depth at the seam depend on where it lies; a few rounds settle it.
      for (int k = 0; k < SETTLING; k++) {
        NeckProfile profile = neck.profile(Math.max(0, head.breakX() + x));
        y = share * profile.halfWidth();
        x = bevel - profile.depthAt(y) / tan;
      }
      points.add(new Point(head.breakX() + Math.max(0, x), y));
    }
    return points;
  }
}

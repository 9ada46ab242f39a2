package roughcut.neck;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.PERCENT;
import static roughcut.measure.Quantity.RATIO;

import roughcut.measure.ValueKey;

/**
 * Ids, labels and quantities of the numbers of neck and head that are told; each is named here
 * once.
 */
public final class NeckKeys {
  public static final ValueKey ACCESS_BACK_LEAST =
      new ValueKey(
          "access.back-least",
          "From the access hole to the neck's back, the shortest way",
          FINE_LENGTH);
  public static final ValueKey ACCESS_BIT_LENGTH =
      new ValueKey("access.bit-length", "Shortest bit that clears the chuck", LENGTH);
  public static final ValueKey ACCESS_CHUCK_RADIUS =
      new ValueKey("access.chuck-radius", "Chuck's radius", LENGTH);
  public static final ValueKey ACCESS_COVER_LENGTH =
      new ValueKey("access.cover-length", "Cover over the pocket, long", LENGTH);
  public static final ValueKey ACCESS_COVER_SCREW_AT =
      new ValueKey("access.cover-screw-at", "Cover's screw, from the break line", LENGTH);
  public static final ValueKey ACCESS_COVER_WIDTH =
      new ValueKey("access.cover-width", "Cover over the pocket, wide", LENGTH);
  public static final ValueKey ACCESS_DEPTH =
      new ValueKey("access.depth", "Access hole, stop of the bit from the face", LENGTH);
  public static final ValueKey ACCESS_GROOVE_DEPTH =
      new ValueKey("access.groove-depth", "Groove for the key in the neck's top, deep", LENGTH);
  public static final ValueKey ACCESS_KEY_CLEARANCE =
      new ValueKey("access.key-clearance", "Key stands clear in the bore by", FINE_LENGTH);
  public static final ValueKey ACCESS_KEY_OVER_BODY =
      new ValueKey(
          "access.key-over-body", "Key's axis over the body's top at the heel's end", LENGTH);
  public static final ValueKey ACCESS_NOTCH_PAST =
      new ValueKey("access.notch-past", "End notch gets past the adjuster by", LENGTH);
  public static final ValueKey ACCESS_OVER =
      new ValueKey(
          "access.over", "Wood over the relief, to the nearest slot or the face", FINE_LENGTH);
  public static final ValueKey ACCESS_POCKET_BACK =
      new ValueKey(
          "access.pocket-back",
          "From the headstock pocket's floor to the back, the shortest way",
          FINE_LENGTH);
  public static final ValueKey ACCESS_POCKET_SECTION =
      new ValueKey(
          "access.pocket-section",
          "Of the headstock's section the pocket leaves, at its weakest",
          PERCENT);
  public static final ValueKey ACCESS_POCKET_SIDE =
      new ValueKey(
          "access.pocket-side", "From the headstock pocket to the headstock's side", LENGTH);
  public static final ValueKey ACCESS_POCKET_TUNER =
      new ValueKey(
          "access.pocket-tuner", "From the headstock pocket to the nearest tuner's bore", LENGTH);
  public static final ValueKey ACCESS_RELIEF_HEIGHT =
      new ValueKey("access.relief-height", "Relief under the fretboard, high", FINE_LENGTH);
  public static final ValueKey ACCESS_UNDER_NUT =
      new ValueKey(
          "access.under-nut", "Wood over the access hole under the nut's seat", FINE_LENGTH);
  public static final ValueKey ACCESS_WAY =
      new ValueKey("access.way", "Fretboard's end to the adjuster", LENGTH);
  public static final ValueKey ACCESS_WELL_DEPTH =
      new ValueKey("access.well-depth", "Well from the top, deep", LENGTH);
  public static final ValueKey BLANK_HALF_WIDTH =
      new ValueKey("blank.half-width", "Centre line to the blank's edge there", LENGTH);
  public static final ValueKey BLANK_HEAD_END =
      new ValueKey("blank.head-end", "Head end to nut line", LENGTH);
  public static final ValueKey BLANK_HEEL_END =
      new ValueKey("blank.heel-end", "Nut line to the blank's heel end", LENGTH);
  public static final ValueKey BOARD_RUN_OUT =
      new ValueKey("board.run-out", "Grain runs out of the board by", ANGLE);
  public static final ValueKey BODY_END =
      new ValueKey("body.end", "The body's end, from the nut line", LENGTH);
  public static final ValueKey BOW_CROWN_LEFT =
      new ValueKey("bow.crown-left", "Crown left where most is sanded", FINE_LENGTH);
  public static final ValueKey BOW_EDGE_LEFT =
      new ValueKey("bow.edge-left", "Fretboard edge left there, at its end", FINE_LENGTH);
  public static final ValueKey CORE_DEPTH =
      new ValueKey("core.depth", "Through-neck's core at the body's edge, deep", LENGTH);
  public static final ValueKey CORE_DEPTH_AT_END =
      new ValueKey("core.depth-end", "Through-neck's core at the body's end, deep", LENGTH);
  public static final ValueKey CORE_STRIPS_ALONG =
      new ValueKey("core.strips-along", "Blank laid along the neck, deep", LENGTH);
  public static final ValueKey CORE_STRIPS_LEVEL =
      new ValueKey("core.strips-level", "Blank laid level with the body, deep", LENGTH);
  public static final ValueKey CORE_END =
      new ValueKey("core.end", "Through-neck's core ends, from the nut line", LENGTH);
  public static final ValueKey CORE_STRIPS_DEPTH =
      new ValueKey("core.strips-depth", "Blank for shaft and core, deep", LENGTH);
  public static final ValueKey DRUM_TURNS = new ValueKey("drum.turns", "Turns at the drum", COUNT);
  public static final ValueKey FACET_TURN = new ValueKey("facet.turn", "Bevel's angle", ANGLE);
  public static final ValueKey HEAD_FLAT_DEPTH =
      new ValueKey("head.flat-depth", "Blank depth for a flat headstock, stepped down", LENGTH);
  public static final ValueKey HEAD_FLAT_LENGTH =
      new ValueKey("head.flat-length", "Blank length for a neck with a flat headstock", LENGTH);
  public static final ValueKey HEAD_GRAIN_THROUGH =
      new ValueKey("head.grain-through", "Grain through a headstock in one piece", LENGTH);
  public static final ValueKey HEAD_GRIP =
      new ValueKey("head.grip", "What the tuners clamp, veneers included", LENGTH);
  public static final ValueKey HEAD_ONE_PIECE_BACK =
      new ValueKey("head.one-piece-back", "Headstock's back below its face, straight down", LENGTH);
  public static final ValueKey HEAD_ONE_PIECE_BREAK =
      new ValueKey(
          "head.one-piece-break", "Break line on the top, from the blank's headstock end", LENGTH);
  public static final ValueKey HEAD_ONE_PIECE_DEPTH =
      new ValueKey("head.one-piece-depth", "Blank depth for a headstock in one piece", LENGTH);
  public static final ValueKey HEAD_ONE_PIECE_FACE =
      new ValueKey(
          "head.one-piece-face", "Face's line on the blank's headstock end, below the top", LENGTH);
  public static final ValueKey HEAD_ONE_PIECE_LENGTH =
      new ValueKey("head.one-piece-length", "Blank length for a neck in one piece", LENGTH);
  public static final ValueKey HEAD_STEP_RUN =
      new ValueKey("head.step-run", "Way down to a flat headstock's face", LENGTH);
  public static final ValueKey HEAD_TIP =
      new ValueKey("head.tip", "Head's tip, from the break line", LENGTH);
  public static final ValueKey HEEL_END_FROM_BREAK =
      new ValueKey("heel.end.from-break", "Break line to the heel's end", LENGTH);
  public static final ValueKey SECTION_EXPONENT =
      new ValueKey("section.exponent", "Profile exponent there", RATIO);
  public static final ValueKey SECTION_SHOULDER =
      new ValueKey("section.shoulder", "Straight shoulder there", FINE_LENGTH);
  public static final ValueKey NECK_WIDTH_AT_HEEL =
      new ValueKey("neck.width-at-heel", "Neck at the heel's end", LENGTH);
  public static final ValueKey NUT_ROOM = new ValueKey("nut.room", "Nut line to the break", LENGTH);
  public static final ValueKey QUARTER_RULE_BITE =
      new ValueKey(
          "quarter-rule.bite", "Quarter lines at 45° would cut into the profile by", FINE_LENGTH);
  public static final ValueKey ROD_ADJUSTER_CUTTER =
      new ValueKey("rod.adjuster.cutter", "Cutter", LENGTH);
  public static final ValueKey ROD_DEEPEST =
      new ValueKey("rod.deepest", "Deepest of the curve", LENGTH);
  public static final ValueKey ROD_END_FROM_NUT =
      new ValueKey("rod.end.from-nut", "Rod channel ends, from the nut line", LENGTH);
  public static final ValueKey ROD_EVEN_DEPTH =
      new ValueKey("rod.even-depth", "Even depth", LENGTH);
  public static final ValueKey ROD_LEAST_X =
      new ValueKey("rod.least.x", "Where that is, from the nut line", LENGTH);
  public static final ValueKey ROD_ROOM =
      new ValueKey("rod.room", "Room for the rod itself, in depth", LENGTH);
  public static final ValueKey SCARF_BEVEL =
      new ValueKey("scarf.bevel", "Bevel along the cut, the glue length", LENGTH);
  public static final ValueKey SCARF_BLANK_LENGTH =
      new ValueKey("scarf.blank-length", "Length of blank for shaft and headstock", LENGTH);
  public static final ValueKey SCARF_CUT_TOP =
      new ValueKey("scarf.cut-top", "The cut on the shaft's top, from the nut line", LENGTH);
  public static final ValueKey SCARF_FLATNESS =
      new ValueKey(
          "scarf.flatness", "Gap accepted under a straightedge on the bevels", FINE_LENGTH);
  public static final ValueKey SCARF_MARK_BACK =
      new ValueKey("scarf.mark-back", "Mark on the back face, from the blank's heel end", LENGTH);
  public static final ValueKey SCARF_MARK_TOP =
      new ValueKey("scarf.mark-top", "Mark on the top face, from the blank's heel end", LENGTH);
  public static final ValueKey SCARF_PIN_OUTLINE =
      new ValueKey("scarf.pin-outline", "Finished outline beside the pins", LENGTH);
  public static final ValueKey SCARF_PIN_SIDE =
      new ValueKey("scarf.pin-side", "Pins of the joint, from the centre line each side", LENGTH);
  public static final ValueKey SCARF_RUN =
      new ValueKey("scarf.run", "Run of the cut along the blank", LENGTH);
  public static final ValueKey SCARF_SEAM_BACK =
      new ValueKey(
          "scarf.seam-back",
          "Joint on the flat back, from the break towards the body",
          FINE_LENGTH);
  public static final ValueKey SCARF_SHIFT =
      new ValueKey("scarf.shift", "Shift of the joint on the back", FINE_LENGTH);
  public static final ValueKey SCARF_WEDGE =
      new ValueKey("scarf.wedge", "Wedge for jig or saw, run for a rise of 1", RATIO);
  public static final ValueKey SECTION_A =
      new ValueKey("section.a", "Half the neck's width", FINE_LENGTH);
  public static final ValueKey SPLINE_BACK_LEAST =
      new ValueKey(
          "spline.back-least", "From a spline to the carved back, the shortest way", FINE_LENGTH);
  public static final ValueKey SPLINE_ROD =
      new ValueKey("spline.rod", "Wood between spline and rod", FINE_LENGTH);
  public static final ValueKey STIFFENER_BETWEEN =
      new ValueKey("stiffener.between", "Wood between rod and stiffener", FINE_LENGTH);
  public static final ValueKey STIFFENER_LEAST =
      new ValueKey(
          "stiffener.least",
          "From a stiffener's channel to the carved back, the shortest way",
          FINE_LENGTH);
  public static final ValueKey STIFFENER_LEAST_X =
      new ValueKey("stiffener.least.x", "Where that is, from the nut line", LENGTH);
  public static final ValueKey STIFFENER_UNDER_CORNER =
      new ValueKey(
          "stiffener.under-corner", "Under a stiffener's outer corner, straight down", FINE_LENGTH);
  public static final ValueKey HEAD_VENEER_BEVEL =
      new ValueKey("head.veneer-bevel", "Veneer's end at the nut, bevelled by", ANGLE);
  public static final ValueKey FENCE_SHARE =
      new ValueKey("fence.share", "Share of the way from its head end", RATIO);
  public static final ValueKey TUNER_BIT_FOR_FINISH =
      new ValueKey(
          "tuner.bit-for-finish", "Tuner bore that still fits with finish in it", FINE_LENGTH);
  public static final ValueKey TUNER_BODY_GAP =
      new ValueKey("tuner.body-gap", "Between the bodies of neighbouring tuners", LENGTH);
  public static final ValueKey TUNER_NEAREST =
      new ValueKey("tuner.nearest", "Nearest two posts", LENGTH);
  public static final ValueKey TUNER_PLACE =
      new ValueKey("tuner.place", "Place from the nut", COUNT);
  public static final ValueKey VOLUTE_APEX =
      new ValueKey("volute.apex", "Volute's apex, from the nut line towards the headstock", LENGTH);
  public static final ValueKey VOLUTE_TANGENT =
      new ValueKey("volute.tangent", "Tangent of the volute's curve", LENGTH);

  private NeckKeys() {}
}

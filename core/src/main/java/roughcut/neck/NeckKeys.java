package roughcut.neck;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.PERCENT;
import static roughcut.measure.Quantity.RATIO;

import roughcut.measure.ValueKey;
import roughcut.measure.ValueRow;

/**
 * Ids, labels and quantities of the numbers of neck and head that are told; each is named here
 * once.
 */
public final class NeckKeys {
  public static final ValueKey ACCESS_BACK_LEAST =
      new ValueKey(
          "access.back-least",
          "Shortest way from the access hole to the back of the neck",
          FINE_LENGTH);
  public static final ValueKey ACCESS_BIT_LENGTH =
      new ValueKey("access.bit-length", "Shortest bit that clears the chuck", LENGTH);
  public static final ValueKey ACCESS_CHUCK_RADIUS =
      new ValueKey("access.chuck-radius", "Chuck radius", LENGTH);
  public static final ValueKey ACCESS_COVER_LENGTH =
      new ValueKey("access.cover-length", "Pocket cover length", LENGTH);
  public static final ValueKey ACCESS_COVER_SCREW_AT =
      new ValueKey("access.cover-screw-at", "Cover screw, from the break line", LENGTH);
  public static final ValueKey ACCESS_COVER_WIDTH =
      new ValueKey("access.cover-width", "Pocket cover width", LENGTH);
  public static final ValueKey ACCESS_DEPTH =
      new ValueKey("access.depth", "Access hole, drilling depth from the face", LENGTH);
  public static final ValueKey ACCESS_GROOVE_DEPTH =
      new ValueKey("access.groove-depth", "Depth of the key groove in the neck top", LENGTH);
  public static final ValueKey ACCESS_KEY_CLEARANCE =
      new ValueKey("access.key-clearance", "Clearance of the key in the hole", FINE_LENGTH);
  public static final ValueKey ACCESS_KEY_OVER_BODY =
      new ValueKey("access.key-over-body", "Key axis above the body top at the heel end", LENGTH);
  public static final ValueKey ACCESS_NOTCH_PAST =
      new ValueKey("access.notch-past", "End notch reaches past the adjuster by", LENGTH);
  public static final ValueKey ACCESS_OVER =
      new ValueKey(
          "access.over", "Wood over the relief, to the nearest slot or the face", FINE_LENGTH);
  public static final ValueKey ACCESS_POCKET_BACK =
      new ValueKey(
          "access.pocket-back",
          "Shortest way from the headstock pocket floor to the back",
          FINE_LENGTH);
  public static final ValueKey ACCESS_POCKET_SECTION =
      new ValueKey(
          "access.pocket-section",
          "Share of the headstock section that the pocket leaves, at its weakest",
          PERCENT);
  public static final ValueKey ACCESS_POCKET_SIDE =
      new ValueKey(
          "access.pocket-side", "From the headstock pocket to the side of the headstock", LENGTH);
  public static final ValueKey ACCESS_POCKET_TUNER =
      new ValueKey(
          "access.pocket-tuner", "From the headstock pocket to the nearest tuner hole", LENGTH);
  public static final ValueKey ACCESS_RELIEF_HEIGHT =
      new ValueKey("access.relief-height", "Relief height under the fretboard", FINE_LENGTH);
  public static final ValueKey ACCESS_UNDER_NUT =
      new ValueKey("access.under-nut", "Wood over the access hole under the nut seat", FINE_LENGTH);
  public static final ValueKey ACCESS_WAY =
      new ValueKey("access.way", "Fretboard end to the adjuster", LENGTH);
  public static final ValueKey ACCESS_WELL_DEPTH =
      new ValueKey("access.well-depth", "Adjuster recess depth, from the top", LENGTH);
  public static final ValueKey BLANK_HALF_WIDTH =
      new ValueKey("blank.half-width", "Centre line to the edge of the blank there", LENGTH);
  public static final ValueKey BLANK_HEAD_END =
      new ValueKey("blank.head-end", "Head end to nut line", LENGTH);
  public static final ValueKey BLANK_HEEL_END =
      new ValueKey("blank.heel-end", "Nut line to the heel end of the blank", LENGTH);
  public static final ValueKey BOARD_RUN_OUT =
      new ValueKey("board.run-out", "Grain runout over the length", ANGLE);
  public static final ValueKey BODY_END =
      new ValueKey("body.end", "Body end, from the nut line", LENGTH);
  public static final ValueKey BOW_CROWN_LEFT =
      new ValueKey("bow.crown-left", "Crown left where most is sanded off", FINE_LENGTH);
  public static final ValueKey BOW_EDGE_LEFT =
      new ValueKey("bow.edge-left", "Fretboard edge left there, at its end", FINE_LENGTH);
  public static final ValueKey CORE_DEPTH =
      new ValueKey("core.depth", "Depth of the neck-through core at the body edge", LENGTH);
  public static final ValueKey CORE_DEPTH_AT_END =
      new ValueKey("core.depth-end", "Depth of the neck-through core at the body end", LENGTH);
  public static final ValueKey CORE_STRIPS_ALONG =
      new ValueKey("core.strips-along", "Blank depth, laid along the neck", LENGTH);
  public static final ValueKey CORE_STRIPS_LEVEL =
      new ValueKey("core.strips-level", "Blank depth, laid level with the body", LENGTH);
  public static final ValueKey CORE_END =
      new ValueKey("core.end", "Neck-through core end, from the nut line", LENGTH);
  public static final ValueKey CORE_STRIPS_DEPTH =
      new ValueKey("core.strips-depth", "Blank depth for shaft and core", LENGTH);
  public static final ValueKey DRUM_TURNS =
      new ValueKey("drum.turns", "Turns at the drum sander", COUNT);
  public static final ValueKey FACET_TURN = new ValueKey("facet.turn", "Bevel angle", ANGLE);
  public static final ValueKey HEAD_FLAT_DEPTH =
      new ValueKey("head.flat-depth", "Blank depth for a flat headstock", LENGTH);
  public static final ValueKey HEAD_FLAT_LENGTH =
      new ValueKey("head.flat-length", "Blank length for a flat headstock", LENGTH);
  public static final ValueKey HEAD_GRAIN_THROUGH =
      new ValueKey("head.grain-through", "Grain length through a one-piece headstock", LENGTH);
  public static final ValueKey HEAD_GRIP =
      new ValueKey("head.grip", "Thickness the tuners clamp, veneers included", LENGTH);
  public static final ValueKey HEAD_ONE_PIECE_BACK =
      new ValueKey("head.one-piece-back", "Headstock back below its face, straight down", LENGTH);
  public static final ValueKey HEADLESS_LENGTH =
      new ValueKey(
          "head.headless-length", "Headless neck, from its end past the nut to the heel", LENGTH);
  public static final ValueKey HEADLESS_END =
      new ValueKey("head.headless-end", "End of the neck, from the nut line", LENGTH);
  public static final ValueKey HEADPIECE_ALONG =
      new ValueKey("headpiece.along", "Headpiece screws, from the nut line", LENGTH);
  public static final ValueKey HEADPIECE_DEPTH =
      new ValueKey("headpiece.depth", "Headpiece screw, drilling depth", LENGTH);
  public static final ValueKey HEADPIECE_EDGE =
      new ValueKey("headpiece.edge", "From a headpiece screw to the side of the neck", FINE_LENGTH);
  public static final ValueKey HEADPIECE_END =
      new ValueKey(
          "headpiece.end", "From the headpiece screws to the end of the neck", FINE_LENGTH);
  public static final ValueKey HEADPIECE_PILOT =
      new ValueKey("headpiece.pilot", "Headpiece screw, pilot", FINE_LENGTH);
  public static final ValueKey HEADPIECE_PLACE =
      new ValueKey("headpiece.place", "Place in the row", COUNT);
  public static final ValueKey HEADPIECE_UNDER =
      new ValueKey("headpiece.under", "From the headpiece screws to the carved back", FINE_LENGTH);
  public static final ValueKey HEAD_ONE_PIECE_BREAK =
      new ValueKey(
          "head.one-piece-break",
          "Break line on the top, from the headstock end of the blank",
          LENGTH);
  public static final ValueKey HEAD_ONE_PIECE_DEPTH =
      new ValueKey("head.one-piece-depth", "Blank depth for a one-piece headstock", LENGTH);
  public static final ValueKey HEAD_ONE_PIECE_FACE =
      new ValueKey(
          "head.one-piece-face",
          "Face line on the headstock end of the blank, below the top",
          LENGTH);
  public static final ValueKey HEAD_ONE_PIECE_LENGTH =
      new ValueKey("head.one-piece-length", "Blank length for a one-piece headstock", LENGTH);
  public static final ValueKey HEAD_STEP_RUN =
      new ValueKey("head.step-run", "Ramp down to the face of a flat headstock", LENGTH);
  public static final ValueKey HEAD_TIP =
      new ValueKey("head.tip", "Headstock tip, from the break line", LENGTH);
  public static final ValueKey HEEL_END_FROM_BREAK =
      new ValueKey("heel.end.from-break", "Break line to heel end", LENGTH);
  public static final ValueKey SECTION_EXPONENT =
      new ValueKey("section.exponent", "Profile exponent there", RATIO);
  public static final ValueKey SECTION_SHOULDER =
      new ValueKey("section.shoulder", "Straight shoulder there", FINE_LENGTH);
  public static final ValueKey NECK_WIDTH_AT_HEEL =
      new ValueKey("neck.width-at-heel", "Neck thickness at the heel end", LENGTH);
  public static final ValueKey NUT_ROOM =
      new ValueKey("nut.room", "Nut line to break line", LENGTH);
  public static final ValueKey QUARTER_RULE_BITE =
      new ValueKey(
          "quarter-rule.bite", "Quarter lines at 45° would cut into the profile by", FINE_LENGTH);
  public static final ValueKey ROD_ADJUSTER_CUTTER =
      new ValueKey("rod.adjuster.cutter", "Cutter", LENGTH);
  public static final ValueKey ROD_DEEPEST =
      new ValueKey("rod.deepest", "Greatest depth of the curve", LENGTH);
  public static final ValueKey ROD_END_FROM_NUT =
      new ValueKey("rod.end.from-nut", "Rod channel end, from the nut line", LENGTH);
  public static final ValueKey ROD_EVEN_DEPTH =
      new ValueKey("rod.even-depth", "Even depth", LENGTH);
  public static final ValueKey ROD_LEAST_X =
      new ValueKey("rod.least.x", "Its position, from the nut line", LENGTH);
  public static final ValueKey ROD_ROOM =
      new ValueKey("rod.room", "Depth for the rod itself", LENGTH);
  public static final ValueKey SCARF_BEVEL =
      new ValueKey("scarf.bevel", "Scarf bevel length, along the cut", LENGTH);
  public static final ValueKey SCARF_BLANK_LENGTH =
      new ValueKey("scarf.blank-length", "Blank length for shaft and headstock", LENGTH);
  public static final ValueKey SCARF_CUT_TOP =
      new ValueKey("scarf.cut-top", "Cut on the shaft top, from the nut line", LENGTH);
  public static final ValueKey SCARF_FLATNESS =
      new ValueKey("scarf.flatness", "Allowed gap under a straightedge on the bevels", FINE_LENGTH);
  public static final ValueKey SCARF_MARK_BACK =
      new ValueKey(
          "scarf.mark-back", "Mark on the back face, from the heel end of the blank", LENGTH);
  public static final ValueKey SCARF_MARK_TOP =
      new ValueKey(
          "scarf.mark-top", "Mark on the top face, from the heel end of the blank", LENGTH);
  public static final ValueKey SCARF_PIN_OUTLINE =
      new ValueKey("scarf.pin-outline", "Finished outline beside the pins", LENGTH);
  public static final ValueKey SCARF_PIN_SIDE =
      new ValueKey("scarf.pin-side", "Joint pins, from the centre line on each side", LENGTH);
  public static final ValueKey SCARF_RUN =
      new ValueKey("scarf.run", "Run of the scarf cut, along the blank", LENGTH);
  public static final ValueKey SCARF_SEAM_BACK =
      new ValueKey(
          "scarf.seam-back",
          "Joint on the flat back, from the break line towards the body",
          FINE_LENGTH);
  public static final ValueKey SCARF_SHIFT =
      new ValueKey("scarf.shift", "Shift of the joint on the back", FINE_LENGTH);
  public static final ValueKey SCARF_WEDGE =
      new ValueKey("scarf.wedge", "Wedge for jig or saw, run for a rise of 1", RATIO);
  public static final ValueKey SECTION_A =
      new ValueKey("section.a", "Half the neck width", FINE_LENGTH);
  public static final ValueKey SPLINE_BACK_LEAST =
      new ValueKey(
          "spline.back-least", "Shortest way from a spline to the carved back", FINE_LENGTH);
  public static final ValueKey SPLINE_ROD =
      new ValueKey("spline.rod", "Wood between spline and rod", FINE_LENGTH);
  public static final ValueKey STIFFENER_BETWEEN =
      new ValueKey("stiffener.between", "Wood between rod and stiffener", FINE_LENGTH);
  public static final ValueKey STIFFENER_LEAST =
      new ValueKey(
          "stiffener.least",
          "Shortest way from a stiffener channel to the carved back",
          FINE_LENGTH);
  public static final ValueKey STIFFENER_LEAST_X =
      new ValueKey("stiffener.least.x", "Its position, from the nut line", LENGTH);
  public static final ValueKey STIFFENER_UNDER_CORNER =
      new ValueKey(
          "stiffener.under-corner",
          "Under the outer corner of a stiffener, straight down",
          FINE_LENGTH);
  public static final ValueKey HEAD_VENEER_BEVEL =
      new ValueKey("head.veneer-bevel", "Bevel of the veneer at the nut", ANGLE);
  public static final ValueKey FENCE_SHARE =
      new ValueKey("fence.share", "Share of the way from its head end", RATIO);
  public static final ValueKey TUNER_BIT_FOR_FINISH =
      new ValueKey(
          "tuner.bit-for-finish", "Tuner hole that still fits with finish in it", FINE_LENGTH);
  public static final ValueKey TUNER_BODY_GAP =
      new ValueKey("tuner.body-gap", "Between neighbouring tuner bodies", LENGTH);
  public static final ValueKey TUNER_NEAREST =
      new ValueKey("tuner.nearest", "Nearest two posts", LENGTH);
  public static final ValueKey TUNER_PLACE =
      new ValueKey("tuner.place", "Distance from the nut", COUNT);
  public static final ValueKey VOLUTE_APEX =
      new ValueKey("volute.apex", "Volute apex, from the nut line towards the headstock", LENGTH);
  public static final ValueKey VOLUTE_TANGENT =
      new ValueKey("volute.tangent", "Tangent of the volute curve", LENGTH);

  // Names of rows of numbers, by fret, string, rout or bar.
  public static final ValueRow ACCESS_CENTRE_AT = new ValueRow("access.centre-at");
  public static final ValueRow ACCESS_OPENS_AT = new ValueRow("access.opens-at");
  public static final ValueRow CHANNEL_END_STOP = new ValueRow("{}.end-stop");
  public static final ValueRow CHANNEL_FAR_RAIL = new ValueRow("{}.far-rail");
  public static final ValueRow CHANNEL_FENCE = new ValueRow("{}.fence");
  public static final ValueRow CHANNEL_FENCE_FAR = new ValueRow("{}.fence-far");
  public static final ValueRow CHANNEL_FENCE_HEEL = new ValueRow("{}.fence-heel");
  public static final ValueRow CHANNEL_NEAR_RAIL = new ValueRow("{}.near-rail");
  public static final ValueRow CHANNEL_PASS_DEPTH = new ValueRow("{}.pass-depth");
  public static final ValueRow CHANNEL_PASSES = new ValueRow("{}.passes");
  public static final ValueRow CHANNEL_START_STOP = new ValueRow("{}.start-stop");
  public static final ValueRow CHANNEL_WEDGE = new ValueRow("{}.wedge");
  public static final ValueRow DRUM_RISER = new ValueRow("drum.riser");
  public static final ValueRow FACET_ON_BACK = new ValueRow("facet.{}.{}.on-back");
  public static final ValueRow FACET_ON_SIDE = new ValueRow("facet.{}.{}.on-side");
  public static final ValueRow HEADPIECE_ACROSS = new ValueRow("headpiece.screw.{}.y");
  public static final ValueRow HEADPIECE_BREAK = new ValueRow("headpiece.{}.break-angle");
  public static final ValueRow PIN_ACROSS = new ValueRow("pin.{}.y");
  public static final ValueRow ROD_LEAST = new ValueRow("rod.least");
  public static final ValueRow SCARF_SAW_BACK = new ValueRow("scarf.saw-back");
  public static final ValueRow SCARF_SAW_TOP = new ValueRow("scarf.saw-top");
  public static final ValueRow SCARF_SEAM_TOP = new ValueRow("scarf.seam-top");
  public static final ValueRow TUNER_ACROSS = new ValueRow("tuner.{}.y");
  public static final ValueRow TUNER_ALONG = new ValueRow("tuner.{}.x");
  public static final ValueRow TUNER_BIT = new ValueRow("tuner.bit");

  private NeckKeys() {}

  public static final ValueKey TENON_OFF_EDGE =
      new ValueKey(
          "tenon.off-edge", "Wood off each side of the tenon at the body edge", FINE_LENGTH);
  public static final ValueKey TENON_OFF_END =
      new ValueKey("tenon.off-end", "Wood off each side of the tenon at its end", FINE_LENGTH);
  public static final ValueKey TENON_OFF_UNDER =
      new ValueKey("tenon.off-under", "Wood off the underside of the tenon", FINE_LENGTH);
  public static final ValueKey TENON_LENGTH = new ValueKey("tenon.length", "Tenon length", LENGTH);
  public static final ValueKey TENON_BESIDE =
      new ValueKey("tenon.beside", "From a channel to the side of the tenon", FINE_LENGTH);
}

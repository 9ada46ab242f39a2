package roughcut.fretboard;

import static roughcut.measure.Quantity.CENTS;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.RATIO;

import roughcut.measure.ValueKey;
import roughcut.measure.ValueRow;

/**
 * Ids, labels and quantities of the numbers of the fretboard that are told; each is named here
 * once.
 */
public final class FretboardKeys {
  public static final ValueKey FRETBOARD_WOOD_NUT =
      new ValueKey("fretboard.wood-at-nut", "Wood of a bound fretboard at the nut", FINE_LENGTH);
  public static final ValueKey FRETBOARD_WOOD_END =
      new ValueKey("fretboard.wood-at-end", "Wood of a bound fretboard at its end", FINE_LENGTH);
  public static final ValueKey BOW_SANDED =
      new ValueKey("bow.sanded", "Back-bow to sand out; this rod corrects none", FINE_LENGTH);
  public static final ValueKey SLOT_SANDED_MORE =
      new ValueKey("slot.sanded-more", "Sanded off beyond the allowance", FINE_LENGTH);
  public static final ValueKey FRET_0_FROM_NUT =
      new ValueKey("fret.0.from-nut", "Zero fret, on the nut line", FINE_LENGTH);
  public static final ValueKey FRET_CLOSEST =
      new ValueKey("fret.closest", "Smallest fret spacing", LENGTH);
  public static final ValueKey FRET_OCTAVE_CENTS =
      new ValueKey("fret.octave.cents", "Octave fret error, with the bridge as planned", CENTS);
  public static final ValueKey FRETBOARD_BLANK_LENGTH =
      new ValueKey("fretboard.blank-length", "Fretboard blank length", LENGTH);
  public static final ValueKey FRETBOARD_BLANK_THICKNESS =
      new ValueKey("fretboard.blank-thickness", "Fretboard blank thickness", FINE_LENGTH);
  public static final ValueKey FRETBOARD_BLANK_WIDTH =
      new ValueKey("fretboard.blank-width", "Fretboard blank width", LENGTH);
  public static final ValueKey FRETBOARD_END_WIDTH =
      new ValueKey("fretboard.end.width", "Fretboard width at its end", FINE_LENGTH);
  public static final ValueKey FRETBOARD_HEAD_CORNER =
      new ValueKey(
          "fretboard.head-corner", "Furthest corner of the fretboard at the headstock", LENGTH);
  public static final ValueKey FRETBOARD_NOTCH_LEFT =
      new ValueKey("fretboard.notch-left", "End notch to the last slot", LENGTH);
  public static final ValueKey FRETBOARD_RADIUS_SHARE =
      new ValueKey("fretboard.radius-share", "Share of the radius sanded in", RATIO);
  public static final ValueKey FRETBOARD_SANDING_LEFT =
      new ValueKey("fretboard.sanding-left", "Sanding still to come", FINE_LENGTH);
  public static final ValueKey GAUGE_BOARD_RADIUS =
      new ValueKey("gauge.board-radius", "Fretboard radius there", LENGTH);
  public static final ValueKey GAUGE_BOARD_WIDTH =
      new ValueKey("gauge.board-width", "Fretboard width there", FINE_LENGTH);
  public static final ValueKey GAUGE_GAP =
      new ValueKey("gauge.gap", "Gap under this gauge there on a finished fretboard", FINE_LENGTH);
  public static final ValueKey INLAY_CORNER_RADIUS =
      new ValueKey("inlay.corner-radius", "Corner radius", FINE_LENGTH);
  public static final ValueKey INLAY_DEPTH_MAX =
      new ValueKey("inlay.depth-max", "Inlay, maximum depth", FINE_LENGTH);
  public static final ValueKey INLAY_DEPTH_MIN =
      new ValueKey("inlay.depth-min", "Inlay, minimum depth", FINE_LENGTH);
  public static final ValueKey INLAY_DROP =
      new ValueKey("inlay.drop", "Face drop at the inlay edge", FINE_LENGTH);
  public static final ValueKey MARKER_SIDE_CLEARANCE =
      new ValueKey("marker.side-clearance", "Side dot to the nearest slot", LENGTH);
  public static final ValueKey NUT_BLANK_HEIGHT =
      new ValueKey("nut.blank-height", "Nut blank height", LENGTH);
  public static final ValueKey NUT_BLANK_LENGTH =
      new ValueKey("nut.blank-length", "Nut blank length, across the neck", LENGTH);
  public static final ValueKey NUT_FRETBOARD_CUT =
      new ValueKey("nut.fretboard-cut", "Cut the fretboard at", LENGTH);
  public static final ValueKey NUT_FRONT =
      new ValueKey("nut.front", "Front edge of the nut", LENGTH);
  public static final ValueKey NUT_KEEP_CLEAR =
      new ValueKey("nut.keep-clear", "Pins and stiffeners start behind", LENGTH);
  public static final ValueKey PI = new ValueKey("pi", "π", RATIO);
  public static final ValueKey RADIUS_CONE_END =
      new ValueKey("radius.cone-end", "Radius at the end, a true cone under the strings", LENGTH);
  public static final ValueKey RADIUS_EVEN_END =
      new ValueKey("radius.even-end", "Radius at the end for an even edge", LENGTH);
  public static final ValueKey SCALE_DRAWN = new ValueKey("scale.drawn", "Planned scale", LENGTH);
  public static final ValueKey SLOT_DEEPEN_WHEN =
      new ValueKey(
          "slot.deepen-when",
          "Deepen before the edges drop by, crown and radius together",
          FINE_LENGTH);
  public static final ValueKey SLOT_GUIDES =
      new ValueKey("slot.guides", "Depth that guides the saw", FINE_LENGTH);
  public static final ValueKey SLOT_SAW_STOP =
      new ValueKey("slot.saw-stop", "Saw depth for all slots", FINE_LENGTH);
  public static final ValueKey SLOT_SECOND =
      new ValueKey("slot.second", "Second depth", FINE_LENGTH);
  public static final ValueKey SLOT_SECOND_STOP =
      new ValueKey("slot.second-stop", "Second saw depth, deepened now", FINE_LENGTH);
  public static final ValueKey STRINGS_SPREAD_END =
      new ValueKey("strings.spread-end", "Outer strings at the end", FINE_LENGTH);
  public static final ValueKey WIRE_BEND_RADIUS =
      new ValueKey("wire.bend-radius", "Wire radius", LENGTH);
  public static final ValueKey WIRE_SUM =
      new ValueKey("wire.sum", "Length of all frets together", LENGTH);
  public static final ValueKey WIRE_TANG_BACK =
      new ValueKey("wire.tang-back", "Tang nipped back on each side", FINE_LENGTH);
  public static final ValueKey WIRE_TOTAL =
      new ValueKey("wire.total", "Wire for all frets, with spare", LENGTH);

  // Names of rows of numbers, by fret, string, rout or bar.
  public static final ValueRow FRETBOARD_EDGE = new ValueRow("fretboard.edge.{}");
  public static final ValueRow MARKER_DEPTH_MAX = new ValueRow("marker.{}.depth-max");
  public static final ValueRow MARKER_DEPTH_MIN = new ValueRow("marker.{}.depth-min");

  private FretboardKeys() {}
}

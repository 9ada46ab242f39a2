package roughcut.fretboard;

import static roughcut.measure.Quantity.CENTS;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.RATIO;

import roughcut.measure.ValueKey;

/**
 * Ids, labels and quantities of the numbers of the fretboard that are told; each is named here
 * once.
 */
public final class FretboardKeys {
  public static final ValueKey FRETBOARD_WOOD_NUT =
      new ValueKey("fretboard.wood-at-nut", "Bound fretboard's wood at the nut", FINE_LENGTH);
  public static final ValueKey FRETBOARD_WOOD_END =
      new ValueKey("fretboard.wood-at-end", "Bound fretboard's wood at its end", FINE_LENGTH);
  public static final ValueKey BOW_SANDED =
      new ValueKey("bow.sanded", "Back-bow to be sanded out; this rod takes out none", FINE_LENGTH);
  public static final ValueKey SLOT_SANDED_MORE =
      new ValueKey("slot.sanded-more", "Sanded off beyond what was allowed for", FINE_LENGTH);
  public static final ValueKey FRET_0_FROM_NUT =
      new ValueKey("fret.0.from-nut", "Zero fret, on the nut line", FINE_LENGTH);
  public static final ValueKey FRET_CLOSEST =
      new ValueKey("fret.closest", "Closest two frets", LENGTH);
  public static final ValueKey FRET_OCTAVE_CENTS =
      new ValueKey("fret.octave.cents", "Octave fret off, bridge by the drawing", CENTS);
  public static final ValueKey FRETBOARD_BLANK_LENGTH =
      new ValueKey("fretboard.blank-length", "Fretboard blank, long", LENGTH);
  public static final ValueKey FRETBOARD_BLANK_THICKNESS =
      new ValueKey("fretboard.blank-thickness", "Fretboard blank, thick", FINE_LENGTH);
  public static final ValueKey FRETBOARD_BLANK_WIDTH =
      new ValueKey("fretboard.blank-width", "Fretboard blank, wide", LENGTH);
  public static final ValueKey FRETBOARD_END_WIDTH =
      new ValueKey("fretboard.end.width", "Fretboard width at its end", FINE_LENGTH);
  public static final ValueKey FRETBOARD_HEAD_CORNER =
      new ValueKey("fretboard.head-corner", "Fretboard's furthest corner at the headstock", LENGTH);
  public static final ValueKey FRETBOARD_NOTCH_LEFT =
      new ValueKey("fretboard.notch-left", "End notch to the last slot", LENGTH);
  public static final ValueKey FRETBOARD_RADIUS_SHARE =
      new ValueKey("fretboard.radius-share", "Share of the radius that is sanded in", RATIO);
  public static final ValueKey FRETBOARD_SANDING_LEFT =
      new ValueKey("fretboard.sanding-left", "Sanding still to come", FINE_LENGTH);
  public static final ValueKey GAUGE_BOARD_RADIUS =
      new ValueKey("gauge.board-radius", "The board's radius there", LENGTH);
  public static final ValueKey GAUGE_BOARD_WIDTH =
      new ValueKey("gauge.board-width", "The board's width there", FINE_LENGTH);
  public static final ValueKey GAUGE_GAP =
      new ValueKey("gauge.gap", "Light under this gauge there on a finished board", FINE_LENGTH);
  public static final ValueKey INLAY_CORNER_RADIUS =
      new ValueKey("inlay.corner-radius", "Corners stay round by", FINE_LENGTH);
  public static final ValueKey INLAY_DEPTH_MAX =
      new ValueKey("inlay.depth-max", "Inlay, most depth", FINE_LENGTH);
  public static final ValueKey INLAY_DEPTH_MIN =
      new ValueKey("inlay.depth-min", "Inlay, least depth", FINE_LENGTH);
  public static final ValueKey INLAY_DROP =
      new ValueKey("inlay.drop", "Face lower at the inlay's edge", FINE_LENGTH);
  public static final ValueKey MARKER_SIDE_CLEARANCE =
      new ValueKey("marker.side-clearance", "Side dot to the nearest slot", LENGTH);
  public static final ValueKey NUT_BLANK_HEIGHT =
      new ValueKey("nut.blank-height", "Nut blank, high", LENGTH);
  public static final ValueKey NUT_BLANK_LENGTH =
      new ValueKey("nut.blank-length", "Nut blank, across the neck", LENGTH);
  public static final ValueKey NUT_FRETBOARD_CUT =
      new ValueKey("nut.fretboard-cut", "Fretboard is cut at", LENGTH);
  public static final ValueKey NUT_FRONT = new ValueKey("nut.front", "Nut's front edge", LENGTH);
  public static final ValueKey NUT_KEEP_CLEAR =
      new ValueKey("nut.keep-clear", "Pins and stiffeners begin behind", LENGTH);
  public static final ValueKey PI = new ValueKey("pi", "π", RATIO);
  public static final ValueKey RADIUS_CONE_END =
      new ValueKey("radius.cone-end", "Radius at the end, a true cone under the strings", LENGTH);
  public static final ValueKey RADIUS_EVEN_END =
      new ValueKey("radius.even-end", "Radius at the end for an even edge", LENGTH);
  public static final ValueKey SCALE_DRAWN = new ValueKey("scale.drawn", "Scale as drawn", LENGTH);
  public static final ValueKey SLOT_DEEPEN_WHEN =
      new ValueKey(
          "slot.deepen-when",
          "Deepen before the edges are down by, crown and radius together",
          FINE_LENGTH);
  public static final ValueKey SLOT_GUIDES =
      new ValueKey("slot.guides", "What guides the saw", FINE_LENGTH);
  public static final ValueKey SLOT_SAW_STOP =
      new ValueKey("slot.saw-stop", "Saw's stop for all slots", FINE_LENGTH);
  public static final ValueKey SLOT_SECOND =
      new ValueKey("slot.second", "Second depth", FINE_LENGTH);
  public static final ValueKey SLOT_SECOND_STOP =
      new ValueKey("slot.second-stop", "Saw's second stop, deepened now", FINE_LENGTH);
  public static final ValueKey STRINGS_SPREAD_END =
      new ValueKey("strings.spread-end", "Outer strings at the end", FINE_LENGTH);
  public static final ValueKey WIRE_BEND_RADIUS =
      new ValueKey("wire.bend-radius", "Bend the wire to a radius of", LENGTH);
  public static final ValueKey WIRE_SUM = new ValueKey("wire.sum", "All frets together", LENGTH);
  public static final ValueKey WIRE_TANG_BACK =
      new ValueKey("wire.tang-back", "Tangs cut back at each side", FINE_LENGTH);
  public static final ValueKey WIRE_TOTAL =
      new ValueKey("wire.total", "Wire for all frets, spare included", LENGTH);

  private FretboardKeys() {}
}

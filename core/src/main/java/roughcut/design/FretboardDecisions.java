package roughcut.design;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.PERCENT;
import static roughcut.measure.Quantity.RATIO;

/** Decided about the fretboard: slots, wire, markers, nut. */
public final class FretboardDecisions {
  static final DecisionBook BOOK = new DecisionBook();

  public static final NumberDecision SANDING =
      BOOK.number("fretboard.sanding", "Sanding to come", FINE_LENGTH, 0.3, 0, 3, 0.05)
          .hint("Off the fretboard's face, after the slots.");
  public static final NumberDecision WIRE_HEIGHT =
      BOOK.number("wire.height", "Fret height", FINE_LENGTH, 1.1, 0.3, 3, 0.05)
          .inHand("Of the fret's crown over the fretboard.");
  public static final NumberDecision WIRE_WIDTH =
      BOOK.number("wire.width", "Fret width", FINE_LENGTH, 2.4, 0.8, 4, 0.05).inHand("Crown.");
  public static final NumberDecision WIRE_TANG =
      BOOK.number("wire.tang", "Tang depth", FINE_LENGTH, 1.6, 0.5, 4, 0.05).inHand("Of the wire.");
  public static final NumberDecision WIRE_TANG_WIDTH =
      BOOK.number("wire.tang-width", "Tang width", FINE_LENGTH, 0.55, 0.3, 1.2, 0.01)
          .inHand("Across the wire's own tang, between its beads.");
  public static final NumberDecision OVERHANG =
      BOOK.number("wire.overhang", "Fret past the edge", LENGTH, 2, 0, 10, 0.5)
          .hint("Each side, to be nipped off.");
  public static final NumberDecision CLEARANCE =
      BOOK.number("slot.clearance", "Under the tang", FINE_LENGTH, 0.3, 0, 2, 0.05)
          .hint("Slot deeper than the tang.");
  public static final ChoiceDecision<SlotSchool> SLOT_SCHOOL =
      BOOK.choice(
          "slot.school", "Slots are", SlotSchool.values(), "When they get their full depth.");
  public static final NumberDecision FIRST_DEPTH =
      BOOK.number("slot.first-depth", "First depth", FINE_LENGTH, 2.2, 0.5, 6, 0.1)
          .result("When slots are deepened later.", OperationId.BOARD_SLOTS);
  public static final NumberDecision SANDED =
      BOOK.number("fretboard.sanded", "Sanded so far", FINE_LENGTH, 0, 0, 3, 0.05)
          .stage("Taken off the crown since the slots were sawn, at its middle.");
  public static final NumberDecision EDGE_DROPPED =
      BOOK.number("fretboard.edge-dropped", "Edges lower, so far", FINE_LENGTH, 0, 0, 8, 0.05)
          .stage("Than the crown, at the fretboard's end: how much of the radius is sanded in.");
  public static final NumberDecision MARKER_THICKNESS =
      BOOK.number("marker.thickness", "Dot thickness", FINE_LENGTH, 2.2, 0.3, 8, 0.1)
          .inHand("Of the dot.");
  public static final NumberDecision MARKER_DIAMETER =
      BOOK.number("marker.diameter", "Dot diameter", FINE_LENGTH, 6, 1, 20, 0.5)
          .inHand("Of the dot.");
  public static final NumberDecision MARKER_ASIDE =
      BOOK.number("marker.aside", "Double dots aside", LENGTH, 0, 0, 40, 0.5)
          .hint("From the centre line; 0 for a sixth of the width.");
  public static final NumberDecision MARKER_SPUR =
      BOOK.number("marker.spur", "Bit's point", FINE_LENGTH, 1, 0, 5, 0.1)
          .inHand("How far it stands before the cutting edge.");
  public static final NumberDecision SIDE_DOT =
      BOOK.number("marker.side", "Side dot diameter", FINE_LENGTH, 2, 0.5, 6, 0.1)
          .inHand("Diameter.");
  public static final NumberDecision SIDE_DOT_DOWN =
      BOOK.number("marker.side-down", "Side dot, down", FINE_LENGTH, 2.2, 0.5, 8, 0.1)
          .hint("Its middle, after the radius.");
  public static final NumberDecision BEND =
      BOOK.number("wire.bend", "Wire bent to", RATIO, 0.85, 0.5, 1, 0.01)
          .hint("Share of the fretboard's radius; 0.8 to 0.9.");
  public static final NumberDecision BEVEL =
      BOOK.number("wire.bevel", "Fret end bevel", ANGLE, 30, 0, 60, 1).hint("Their bevel.");
  public static final NumberDecision FALL_AWAY =
      BOOK.number("frets.fall-away", "Fall-away", FINE_LENGTH, 0, 0, 2, 0.05)
          .hint("How much lower the last fret's crown is.");
  public static final NumberDecision FALL_AWAY_FROM =
      BOOK.number("frets.fall-away-from", "Fall-away from fret", COUNT, 15, 1, 72, 1)
          .hint("The last one at full height.");
  public static final ChoiceDecision<NutKind> NUT_KIND =
      BOOK.choice("nut.kind", "Nut sits", NutKind.values(), "What its seat asks for.");
  public static final NumberDecision NUT_GAP =
      BOOK.number("nut.behind-zero-fret", "Behind a zero fret", LENGTH, 2, 0, 30, 0.5)
          .hint("From the zero fret to the nut that only guides.");
  public static final NumberDecision NUT_LIP =
      BOOK.number("nut.lip", "Board behind the nut", LENGTH, 4, 0, 30, 0.5)
          .hint("What goes on of the fretboard behind a nut in a slot.");
  public static final NumberDecision NUT_FLOOR =
      BOOK.number("nut.seat-floor", "Nut's seat over the neck", LENGTH, 0, -5, 10, 0.1)
          .hint("Its floor over the neck's top; flat.");
  public static final NumberDecision NUT_SCREWS =
      BOOK.number("nut.screws-reach", "Lock's screws reach", LENGTH, 6, 0, 40, 0.5)
          .hint("Past the nut line, under the fretboard.");
  public static final NumberDecision INLAY_CUTTER =
      BOOK.number("inlay.cutter", "Inlay's cutter", FINE_LENGTH, 1.6, 0.3, 8, 0.1)
          .hint("Its diameter; corners stay round by half of it.");
  public static final NumberDecision NOTCH_LENGTH =
      BOOK.number("fretboard.notch-length", "End notch, long", LENGTH, 0, 0, 60, 0.5)
          .hint("For an adjuster at the body's end; 0 for none.");
  public static final NumberDecision NOTCH_WIDTH =
      BOOK.number("fretboard.notch-width", "End notch, wide", LENGTH, 12, 3, 40, 0.5)
          .hint("For an adjuster at the body's end.");
  public static final NumberDecision BOUND =
      BOOK.number("fretboard.binding", "Fretboard's binding", FINE_LENGTH, 0, 0, 6, 0.1)
          .hint("Its thickness at each side; 0 where the fretboard isn't bound.");
  public static final NumberDecision NUT_SHIFT =
      BOOK.number("nut.shift", "Nut moved by", FINE_LENGTH, 0, -3, 3, 0.05)
          .result(
              "Towards the bridge positive: every fret changes by cents.",
              OperationId.BOARD_NUT_END);
  public static final NumberDecision NUT_HIGHER =
      BOOK.number("nut.spare-height", "Nut blank, extra height", FINE_LENGTH, 1.5, 0, 10, 0.1)
          .hint("Over the strings, filed off once they lie.");
  public static final NumberDecision NUT_LONGER =
      BOOK.number("nut.spare-length", "Nut blank, extra length", LENGTH, 1, 0, 20, 0.5)
          .hint("At each end, dressed flush with the neck.");
  public static final NumberDecision BLANK_SIDE =
      BOOK.number("fretboard.spare-side", "Blank, extra per side", LENGTH, 3, 0, 30, 0.5)
          .hint("Of the blank, beside the widest place of the taper.");
  public static final NumberDecision MARKER_LEDGE =
      BOOK.number("marker.held", "Recess at a dot's edge", FINE_LENGTH, 0.5, 0, 5, 0.1)
          .hint("Least depth of its recess where the radius takes most.");
  public static final NumberDecision WIRE_SPARE =
      BOOK.number("wire.spare", "Spare fret wire", PERCENT, 5, 0, 100, 1)
          .hint("For ends, and for one that is bent wrong.");
  public static final NumberDecision TANG_CLEAR =
      BOOK.number("wire.tang-clear", "Tang gap at the binding", FINE_LENGTH, 0.3, 0, 5, 0.1)
          .hint("Nipped back by so much more than the binding is thick.");
  public static final NumberDecision GAUGE =
      BOOK.number("gauge.radius", "Gauge in hand", LENGTH, 280, 100, 2000, 10).hint("Concave.");
  public static final NumberDecision GAUGE_AT =
      BOOK.number("gauge.at", "Gauge held at", LENGTH, 0, 0, 1000, 10)
          .hint("From the nut line, square to the centre line.");
  public static final ChoiceDecision<GaugeLight> GAUGE_LIGHT =
      BOOK.choice("gauge.light", "Light shows", GaugeLight.values(), "Under the gauge.");
  public static final NumberDecision TEMPLATE =
      BOOK.number("template.scale", "Template owned, scale", LENGTH, 0, 0, 1300, 1)
          .hint("Scale of a slotting template; 0 for none.");
  public static final NumberDecision PIN =
      BOOK.number("fretboard.pin", "Fretboard pin diameter", LENGTH, 1.5, 0.3, 6, 0.1)
          .hint("Through two slots, near both ends.");
  public static final NumberDecision INLAY_FRET =
      BOOK.number("inlay.fret", "Shaped inlay at fret", COUNT, 0, 0, 72, 1).hint("0 for none.");
  public static final NumberDecision INLAY_LENGTH =
      BOOK.number("inlay.length", "Inlay along", LENGTH, 20, 1, 200, 0.5).inHand("Its extent.");
  public static final NumberDecision INLAY_WIDTH =
      BOOK.number("inlay.width", "Inlay across", LENGTH, 24, 1, 80, 0.5).inHand("Its extent.");
  public static final NumberDecision INLAY_THICKNESS =
      BOOK.number("inlay.thickness", "Inlay thickness", FINE_LENGTH, 1.5, 0.2, 6, 0.1)
          .inHand("Of the material.");

  private FretboardDecisions() {}
}

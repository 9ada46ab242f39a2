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
          .hint("Still to come off the fretboard face after the slots are sawn.");
  public static final NumberDecision WIRE_HEIGHT =
      BOOK.number("wire.height", "Fret height", FINE_LENGTH, 1.1, 0.3, 3, 0.05)
          .inHand("From the fretboard to the top of the crown.");
  public static final NumberDecision WIRE_WIDTH =
      BOOK.number("wire.width", "Fret width", FINE_LENGTH, 2.4, 0.8, 4, 0.05)
          .inHand("Of the crown.");
  public static final NumberDecision WIRE_TANG =
      BOOK.number("wire.tang", "Tang depth", FINE_LENGTH, 1.6, 0.5, 4, 0.05).inHand("Of the wire.");
  public static final NumberDecision WIRE_TANG_WIDTH =
      BOOK.number("wire.tang-width", "Tang width", FINE_LENGTH, 0.55, 0.3, 1.2, 0.01)
          .inHand("Of the tang itself, between its beads.");
  public static final NumberDecision OVERHANG =
      BOOK.number("wire.overhang", "Fret overhang", LENGTH, 2, 0, 10, 0.5)
          .hint("Beyond each edge, to be nipped off.");
  public static final NumberDecision CLEARANCE =
      BOOK.number("slot.clearance", "Clearance below tang", FINE_LENGTH, 0.3, 0, 2, 0.05)
          .hint("How much deeper the slot is than the tang.");
  public static final ChoiceDecision<SlotSchool> SLOT_SCHOOL =
      BOOK.choice(
          "slot.school", "Slot depth", SlotSchool.values(), "When the slots get their full depth.");
  public static final NumberDecision FIRST_DEPTH =
      BOOK.number("slot.first-depth", "First slot depth", FINE_LENGTH, 2.2, 0.5, 6, 0.1)
          .result("Where slots are deepened later.", OperationId.BOARD_SLOTS);
  public static final NumberDecision SANDED =
      BOOK.number("fretboard.sanded", "Sanded off so far", FINE_LENGTH, 0, 0, 3, 0.05)
          .stage("Taken off the crown since the slots were sawn, in the middle.");
  public static final NumberDecision EDGE_DROPPED =
      BOOK.number("fretboard.edge-dropped", "Edge drop so far", FINE_LENGTH, 0, 0, 8, 0.05)
          .stage(
              "How much lower the edges are than the crown at the fretboard end: how much of "
                  + "the radius is sanded in.");
  public static final NumberDecision MARKER_THICKNESS =
      BOOK.number("marker.thickness", "Dot thickness", FINE_LENGTH, 2.2, 0.3, 8, 0.1)
          .inHand("Of the dot material.");
  public static final NumberDecision MARKER_DIAMETER =
      BOOK.number("marker.diameter", "Dot diameter", FINE_LENGTH, 6, 1, 20, 0.5)
          .inHand("Of the dot.");
  public static final NumberDecision MARKER_ASIDE =
      BOOK.number("marker.aside", "Double dot offset", LENGTH, 0, 0, 40, 0.5)
          .hint("From the centre line. 0 uses a sixth of the width.");
  public static final NumberDecision MARKER_SPUR =
      BOOK.number("marker.spur", "Bit point length", FINE_LENGTH, 1, 0, 5, 0.1)
          .inHand("How far the point projects beyond the cutting edge.");
  public static final NumberDecision SIDE_DOT =
      BOOK.number("marker.side", "Side dot diameter", FINE_LENGTH, 2, 0.5, 6, 0.1)
          .inHand("Of the dot.");
  public static final NumberDecision SIDE_DOT_DOWN =
      BOOK.number("marker.side-down", "Side dot depth", FINE_LENGTH, 2.2, 0.5, 8, 0.1)
          .hint("Of its centre below the crown edge, after radiusing.");
  public static final NumberDecision BEND =
      BOOK.number("wire.bend", "Wire radius ratio", RATIO, 0.85, 0.5, 1, 0.01)
          .hint("Share of the fretboard radius: 0.8 to 0.9.");
  public static final NumberDecision BEVEL =
      BOOK.number("wire.bevel", "Fret end bevel", ANGLE, 30, 0, 60, 1).hint("Of the fret ends.");
  public static final NumberDecision FALL_AWAY =
      BOOK.number("frets.fall-away", "Fall-away", FINE_LENGTH, 0, 0, 2, 0.05)
          .hint("How much lower the crown of the last fret is.");
  public static final NumberDecision FALL_AWAY_FROM =
      BOOK.number("frets.fall-away-from", "Fall-away from fret", COUNT, 15, 1, 72, 1)
          .hint("The last fret at full height.");
  public static final ChoiceDecision<NutKind> NUT_KIND =
      BOOK.choice("nut.kind", "Nut seat", NutKind.values(), "What it needs.");
  public static final NumberDecision NUT_GAP =
      BOOK.number("nut.behind-zero-fret", "Behind a zero fret", LENGTH, 2, 0, 30, 0.5)
          .hint("From the zero fret to the nut, which only guides.");
  public static final NumberDecision NUT_LIP =
      BOOK.number("nut.lip", "Fretboard behind the nut", LENGTH, 4, 0, 30, 0.5)
          .hint("What continues behind a nut in a slot.");
  public static final NumberDecision NUT_FLOOR =
      BOOK.number("nut.seat-floor", "Nut seat above the neck", LENGTH, 0, -5, 10, 0.1)
          .hint("Its flat floor above the neck top.");
  public static final NumberDecision NUT_SCREWS =
      BOOK.number("nut.screws-reach", "Locking nut screw reach", LENGTH, 6, 0, 40, 0.5)
          .hint("Past the nut line, under the fretboard.");
  public static final NumberDecision INLAY_CUTTER =
      BOOK.number("inlay.cutter", "Inlay cutter", FINE_LENGTH, 1.6, 0.3, 8, 0.1)
          .hint("Its diameter. Corners stay round by half of it.");
  public static final NumberDecision NOTCH_LENGTH =
      BOOK.number("fretboard.notch-length", "End notch length", LENGTH, 0, 0, 60, 0.5)
          .hint("For an adjuster at the body end; 0 for none.");
  public static final NumberDecision NOTCH_WIDTH =
      BOOK.number("fretboard.notch-width", "End notch width", LENGTH, 12, 3, 40, 0.5)
          .hint("For an adjuster at the body end.");
  public static final NumberDecision BOUND =
      BOOK.number("fretboard.binding", "Fretboard binding", FINE_LENGTH, 0, 0, 6, 0.1)
          .hint("Thickness on each side; 0 without binding.");
  public static final NumberDecision NUT_SHIFT =
      BOOK.number("nut.shift", "Nut moved by", FINE_LENGTH, 0, -3, 3, 0.05)
          .result(
              "Positive towards the bridge. Every fret changes by some cents.",
              OperationId.BOARD_NUT_END);
  public static final NumberDecision NUT_HIGHER =
      BOOK.number("nut.spare-height", "Nut blank spare height", FINE_LENGTH, 1.5, 0, 10, 0.1)
          .hint("Above the strings, filed off once they are on.");
  public static final NumberDecision NUT_LONGER =
      BOOK.number("nut.spare-length", "Nut blank spare length", LENGTH, 1, 0, 20, 0.5)
          .hint("At each end, dressed flush with the neck.");
  public static final NumberDecision BLANK_SIDE =
      BOOK.number("fretboard.spare-side", "Fretboard blank spare width", LENGTH, 3, 0, 30, 0.5)
          .hint("Per side, beside the widest place of the taper.");
  public static final NumberDecision MARKER_LEDGE =
      BOOK.number("marker.held", "Dot recess at its edge", FINE_LENGTH, 0.5, 0, 5, 0.1)
          .hint("Minimum depth where radiusing removes most.");
  public static final NumberDecision WIRE_SPARE =
      BOOK.number("wire.spare", "Spare fret wire", PERCENT, 5, 0, 100, 1)
          .hint("For the ends, and for one that is bent wrongly.");
  public static final NumberDecision TANG_CLEAR =
      BOOK.number("wire.tang-clear", "Tang gap at the binding", FINE_LENGTH, 0.3, 0, 5, 0.1)
          .hint("How much more is nipped off than the binding is thick.");
  public static final NumberDecision GAUGE =
      BOOK.number("gauge.radius", "Radius gauge in hand", LENGTH, 280, 100, 2000, 10)
          .hint("Its concave radius.");
  public static final NumberDecision GAUGE_AT =
      BOOK.number("gauge.at", "Gauge position", LENGTH, 0, 0, 1000, 10)
          .hint("From the nut line, square to the centre line.");
  public static final ChoiceDecision<GaugeLight> GAUGE_LIGHT =
      BOOK.choice(
          "gauge.light", "Gap shows", GaugeLight.values(), "Where light shows under the gauge.");
  public static final NumberDecision TEMPLATE =
      BOOK.number("template.scale", "Scale of your template", LENGTH, 0, 0, 1300, 1)
          .hint("Of a slotting template you own; 0 for none.");
  public static final NumberDecision PIN =
      BOOK.number("fretboard.pin", "Fretboard pin diameter", LENGTH, 1.5, 0.3, 6, 0.1)
          .hint("Through two slots, near both ends.");
  public static final NumberDecision INLAY_FRET =
      BOOK.number("inlay.fret", "Shaped inlay at fret", COUNT, 0, 0, 72, 1).hint("0 for none.");
  public static final NumberDecision INLAY_LENGTH =
      BOOK.number("inlay.length", "Inlay length", LENGTH, 20, 1, 200, 0.5)
          .inHand("Along the neck.");
  public static final NumberDecision INLAY_WIDTH =
      BOOK.number("inlay.width", "Inlay width", LENGTH, 24, 1, 80, 0.5).inHand("Across the neck.");
  public static final NumberDecision INLAY_THICKNESS =
      BOOK.number("inlay.thickness", "Inlay thickness", FINE_LENGTH, 1.5, 0.2, 6, 0.1)
          .inHand("Of the material.");

  private FretboardDecisions() {}
}

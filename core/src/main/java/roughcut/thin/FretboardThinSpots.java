package roughcut.thin;

import java.util.List;
import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.fretboard.FretboardRadius;
import roughcut.fretboard.Slots;
import roughcut.layout.FretLayout;
import roughcut.measure.Value;
import roughcut.shop.Shop;

/** What remains of the fretboard: its edges, under slots, beside dots, before an end notch. */
public final class FretboardThinSpots {

  private FretboardThinSpots() {}

  /**
   * What remains of the fretboard.
   *
   * @param notch from the end's notch to the last slot; empty without one
   * @param sideDots from a side dot to the nearest slot
   */
  public static List<ThinSpot> of(
      Shop shop,
      FretLayout frets,
      FretboardRadius radius,
      Slots slots,
      Optional<Value> notch,
      Value sideDots) {
    Spots spots = new Spots(shop);
    edge(spots, radius);
    slots(spots, frets, slots, notch, sideDots);
    return spots.list();
  }

  private static void edge(Spots spots, FretboardRadius radius) {
    boolean nut = radius.edgeAtNut().value() < radius.edgeAtEnd().value();
    spots.add(
        ThinKind.FRETBOARD_EDGE,
        "fretboard edge, " + (nut ? "nut" : "end"),
        nut ? radius.edgeAtNut() : radius.edgeAtEnd(),
        nut ? 0 : radius.end(),
        Decisions.FRETBOARD_THICKNESS.id(),
        nut ? Decisions.RADIUS_NUT.id() : Decisions.RADIUS_END.id());
  }

  /** Under slots, beside side dots. */
  private static void slots(
      Spots spots, FretLayout frets, Slots slots, Optional<Value> notch, Value sideDots) {
    spots.add(
        ThinKind.SLOT,
        "under slot, fret " + slots.least().number(),
        slots.least().under(),
        slots.least().x(),
        Decisions.FRETBOARD_THICKNESS.id(),
        FretboardDecisions.WIRE_TANG.id(),
        FretboardDecisions.CLEARANCE.id());
    if (notch.isPresent()) {
      spots.add(
          ThinKind.NOTCH,
          "end notch to the last slot",
          notch.get(),
          frets.last().x(),
          FretboardDecisions.NOTCH_LENGTH.id(),
          Decisions.FRETBOARD_PAST_LAST.id());
    }
    spots.add(
        ThinKind.SIDE_DOT,
        "side dot to slot",
        sideDots,
        frets.last().x(),
        FretboardDecisions.SIDE_DOT.id());
  }
}

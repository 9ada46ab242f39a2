package roughcut.clearance;

import java.util.List;
import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.fretboard.FretboardRadius;
import roughcut.fretboard.Slots;
import roughcut.layout.FretLayout;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.shop.Shop;

/** What remains of the fretboard: its edges, under slots, beside dots, before an end notch. */
public final class FretboardClearances {

  private FretboardClearances() {}

  /**
   * What remains of the fretboard.
   *
   * @param notch from the end's notch to the last slot; empty without one
   * @param sideDots from a side dot to the nearest slot
   */
  public static List<Clearance> of(
      Shop shop,
      FretLayout frets,
      FretboardRadius radius,
      Slots slots,
      Optional<Value> notch,
      Value sideDots) {
    ClearanceCollector clearances = new ClearanceCollector(shop);
    edge(clearances, radius);
    slots(clearances, frets, slots, notch, sideDots);
    return clearances.list();
  }

  private static void edge(ClearanceCollector clearances, FretboardRadius radius) {
    boolean nut = radius.edgeAtNut().value() < radius.edgeAtEnd().value();
    clearances.add(
        ClearanceKind.FRETBOARD_EDGE,
        Text.of(nut ? "fretboard edge, nut" : "fretboard edge, end"),
        nut ? radius.edgeAtNut() : radius.edgeAtEnd(),
        nut ? 0 : radius.end(),
        Decisions.FRETBOARD_THICKNESS.id(),
        nut ? Decisions.RADIUS_NUT.id() : Decisions.RADIUS_END.id());
  }

  /** Under slots, beside side dots. */
  private static void slots(
      ClearanceCollector clearances,
      FretLayout frets,
      Slots slots,
      Optional<Value> notch,
      Value sideDots) {
    clearances.add(
        ClearanceKind.SLOT,
        Text.of("under slot, fret {least}", slots.least().number()),
        slots.least().under(),
        slots.least().x(),
        Decisions.FRETBOARD_THICKNESS.id(),
        FretboardDecisions.WIRE_TANG.id(),
        FretboardDecisions.CLEARANCE.id());
    if (notch.isPresent()) {
      clearances.add(
          ClearanceKind.NOTCH,
          Text.of("end notch to the last slot"),
          notch.get(),
          frets.last().x(),
          FretboardDecisions.NOTCH_LENGTH.id(),
          Decisions.FRETBOARD_PAST_LAST.id());
    }
    clearances.add(
        ClearanceKind.SIDE_DOT,
        Text.of("side dot to slot"),
        sideDots,
        frets.last().x(),
        FretboardDecisions.SIDE_DOT.id());
  }
}

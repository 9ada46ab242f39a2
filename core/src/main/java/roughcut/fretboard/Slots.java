package roughcut.fretboard;

import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.Givens;
import roughcut.design.NutKind;
import roughcut.design.SlotSchool;
import roughcut.geometry.Point;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Value;
import roughcut.measure.Worked;

/**
 * The fret slots: how deep they are sawn in the flat board so that after radius and sanding the
 * tang still finds its depth at the edges, what is left under them, and the wire (handbook page 5,
 * "Slots" and "Wire").
 *
 * @param slots fret 1 first, or a zero fret before it
 * @param sawStop depth to which the saw is set for all of them
 * @param least the slot with least wood under it
 * @param total length of wire for all frets, 5 % to spare
 * @param bend radius to which the wire is bent
 */
public record Slots(
    SlotSchool school, List<Slot> slots, Worked sawStop, Slot least, Worked total, Worked bend) {
  /** Under this depth at the edge a slot no longer guides the saw, mm. */
  public static final double GUIDES = 0.8;

  /**
   * One slot.
   *
   * @param slant along for each millimetre to the treble side
   * @param flat depth from the flat top, radius and sanding still to come
   * @param done depth under the finished surface
   * @param under wood left under it at the crown
   * @param wire length of its fret
   */
  public record Slot(
      int number, double x, double slant, Worked flat, Worked done, Worked under, Worked wire) {}

  public Slots {
    slots = List.copyOf(slots);
  }

  public static Slots of(
      Givens givens,
      FretLayout frets,
      FretboardTaper taper,
      FretboardRadius radius,
      Ledger ledger) {
    Given tang = givens.get(FretboardDecisions.WIRE_TANG);
    Given clearance = givens.get(FretboardDecisions.CLEARANCE);
    Given sanding = givens.get(FretboardDecisions.SANDING);
    Given crown = givens.get(Decisions.FRETBOARD_THICKNESS);
    Given overhang = givens.get(FretboardDecisions.OVERHANG);
    List<Slot> slots = new ArrayList<>();
    double deepest = 0;
    double wire = 0;
    Slot least = null;
    for (FretLayout.Fret fret : slotted(givens, frets, ledger)) {
      int k = fret.number();
      Point treble = taper.edge(fret.x(), fret.slant(), 1);
      Point bass = taper.edge(fret.x(), fret.slant(), -1);
      Value width = width(k, fret, taper, treble.y() - bass.y());
      Given chord =
          Given.decided(
              "fret." + k + ".across",
              "Fret from edge to edge",
              Math.hypot(treble.x() - bass.x(), treble.y() - bass.y()),
              FINE_LENGTH);
      Given r =
          Given.decided("fretboard.radius." + k, "Radius there", radius.radius(fret.x()), LENGTH);
      Worked flat =
          ledger.put(
              "slot." + k + ".depth-flat",
              "Slot " + k + ", depth from the flat top",
              FINE_LENGTH,
              tang.value()
                  + clearance.value()
                  + FretboardRadius.drop(r.value(), width.value() / 2)
                  + sanding.value(),
              "t + c + (R − √(max(0, R^2 − (w / 2)^2))) + σ",
              in("t", tang),
              in("c", clearance),
              in("R", r),
              in("w", width),
              in("σ", sanding));
      Worked done =
          ledger.put(
              "slot." + k + ".depth-final",
              "Slot " + k + ", depth under the finished surface",
              FINE_LENGTH,
              tang.value() + clearance.value(),
              "t + c",
              in("t", tang),
              in("c", clearance));
      Worked under =
          ledger.put(
              "slot." + k + ".under",
              "Wood left under slot " + k + " at the crown",
              FINE_LENGTH,
              crown.value() + sanding.value() - flat.value(),
              "t_b + σ − d",
              in("t_b", crown),
              in("σ", sanding),
              in("d", flat));
      double half = Math.min(1, chord.value() / (2 * r.value()));
      Worked length =
          ledger.put(
              "wire." + k + ".length",
              "Wire for fret " + k,
              LENGTH,
              2 * r.value() * Math.asin(half) + 2 * overhang.value(),
              "2 · R · asin(min(1, w / (2 · R))) · π / 180 + 2 · o",
              in("R", r),
              in("w", chord),
              in("π", Given.decided("pi", "π", Math.PI, Quantity.RATIO)),
              in("o", overhang));
      Slot slot = new Slot(k, fret.x(), fret.slant(), flat, done, under, length);
      slots.add(slot);
      deepest = Math.max(deepest, flat.value());
      wire += length.value();
      least = least == null || under.value() < least.under().value() ? slot : least;
    }
    return new Slots(
        (SlotSchool) givens.get(FretboardDecisions.SLOT_SCHOOL),
        slots,
        ledger.put(
            "slot.saw-stop",
            "Saw's stop for all slots",
            FINE_LENGTH,
            deepest,
            "least that gives every slot its depth",
            in("t", tang),
            in("c", clearance)),
        least,
        ledger.put(
            "wire.total",
            "Wire for all frets, 5 % to spare",
            LENGTH,
            1.05 * wire,
            "1.05 · Σ",
            in("Σ", Given.decided("wire.sum", "All frets together", wire, LENGTH))),
        bend(givens, ledger));
  }

  /** The frets, and before them one on the nut line where a zero fret does the nut's work. */
  private static List<FretLayout.Fret> slotted(Givens givens, FretLayout frets, Ledger ledger) {
    if (givens.get(FretboardDecisions.NUT_KIND) != NutKind.ZERO_FRET) {
      return frets.frets();
    }
    List<FretLayout.Fret> all = new ArrayList<>();
    Worked at = ledger.put("fret.0.from-nut", "Zero fret, on the nut line", FINE_LENGTH, 0, "0");
    all.add(new FretLayout.Fret(0, at, at, frets.fan().slant(0)));
    all.addAll(frets.frets());
    return all;
  }

  /** The fretboard's width at a fret; a leaning fret reaches over a little more or less of it. */
  private static Value width(int k, FretLayout.Fret fret, FretboardTaper taper, double across) {
    return fret.slant() == 0
        ? k == 0 ? taper.nutWidth() : taper.fretWidths().get(k - 1)
        : Given.decided("fret." + k + ".reach", "Edge to edge, square across", across, FINE_LENGTH);
  }

  private static Worked bend(Givens givens, Ledger ledger) {
    Given share = givens.get(FretboardDecisions.BEND);
    Given radius = givens.get(Decisions.RADIUS_NUT);
    return ledger.put(
        "wire.bend-radius",
        "Bend the wire to a radius of",
        LENGTH,
        share.value() * radius.value(),
        "s · R",
        in("s", share),
        in("R", radius));
  }

  /** When the slots are deepened, in words, by the school. */
  public String when(Givens givens) {
    double first = givens.get(FretboardDecisions.FIRST_DEPTH).value();
    double sanded = givens.get(FretboardDecisions.SANDED).value();
    double drop =
        least.flat().value()
            - least.done().value()
            - givens.get(FretboardDecisions.SANDING).value();
    return switch (school) {
      case AT_FIRST ->
          "sawn to " + NumberWriter.fixed(sawStop.value(), 2) + " mm at once; check the first two";
      case AFTER_RADIUS ->
          first - drop - sanded < GUIDES
              ? "sawn too shallow: at the edges "
                  + NumberWriter.fixed(Math.max(0, first - drop - sanded), 2)
                  + " mm would be left to guide the saw"
              : "deepened after the radius, to "
                  + NumberWriter.fixed(least.done().value(), 2)
                  + " mm";
      case MIDWAY -> {
        double left = first - GUIDES;
        yield left <= 0
            ? "sawn too shallow at first to guide the saw at all"
            : "deepened when the edges are down by "
                + NumberWriter.fixed(left, 2)
                + " mm: "
                + NumberWriter.fixed(Math.max(0, first - sanded), 2)
                + " mm left at the edges now";
      }
    };
  }
}

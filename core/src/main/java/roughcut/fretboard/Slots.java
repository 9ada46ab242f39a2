package roughcut.fretboard;

import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
import roughcut.measure.Units;
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
   * @param later empty for slots that are deep enough at first
   */
  public record Slot(
      int number,
      double x,
      double slant,
      Worked flat,
      Worked done,
      Worked under,
      Worked wire,
      Optional<Later> later) {}

  /**
   * Of a slot that is deepened later: what guides the saw at its edges, and what is sawn.
   *
   * @param edgeNow depth left at the fretboard's edges, as much as is sanded in
   * @param edgeThen the same when the whole radius is sanded in
   * @param sawNow depth from the face as it is now that leaves it its full depth when finished
   */
  public record Later(Worked edgeNow, Worked edgeThen, Worked sawNow) {}

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
      Optional<Later> later = later(givens, k, radius, r, width, ledger);
      Worked under =
          later.isEmpty()
              ? ledger.put(
                  "slot." + k + ".under",
                  "Wood left under slot " + k + " at the crown",
                  FINE_LENGTH,
                  crown.value() + sanding.value() - flat.value(),
                  "t_b + σ − d",
                  in("t_b", crown),
                  in("σ", sanding),
                  in("d", flat))
              : under(k, crown, sanding, givens, later.get(), ledger);
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
      Slot slot = new Slot(k, fret.x(), fret.slant(), flat, done, under, length, later);
      slots.add(slot);
      deepest = Math.max(deepest, flat.value());
      wire += length.value();
      least = least == null || under.value() < least.under().value() ? slot : least;
    }
    SlotSchool school = (SlotSchool) givens.get(FretboardDecisions.SLOT_SCHOOL);
    return new Slots(
        school,
        slots,
        sawStop(school, givens, deepest, slots, ledger),
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

  /** The stop for the first cut of all slots; for slots deepened later, the second one's, too. */
  private static Worked sawStop(
      SlotSchool school, Givens givens, double deepest, List<Slot> slots, Ledger ledger) {
    Given tang = givens.get(FretboardDecisions.WIRE_TANG);
    Given clearance = givens.get(FretboardDecisions.CLEARANCE);
    Given first = givens.get(FretboardDecisions.FIRST_DEPTH);
    if (school == SlotSchool.AT_FIRST) {
      return ledger.put(
          "slot.saw-stop",
          "Saw's stop for all slots",
          FINE_LENGTH,
          deepest,
          "least that gives every slot its depth",
          in("t", tang),
          in("c", clearance));
    }
    Worked stop =
        ledger.put(
            "slot.saw-stop",
            "Saw's first stop for all slots",
            FINE_LENGTH,
            first.value(),
            "d_1",
            in("d_1", first));
    double most =
        slots.stream().mapToDouble(s -> s.later().orElseThrow().sawNow().value()).max().orElse(0);
    if (school == SlotSchool.MIDWAY) {
      ledger.put(
          "slot.deepen-when",
          "Deepen before the edges are down by, crown and radius together",
          FINE_LENGTH,
          Math.max(0, first.value() - GUIDES),
          "max(0, d_1 − 0.8)",
          in("d_1", first));
      ledger.put(
          "slot.second-stop",
          "Saw's second stop, deepened now",
          FINE_LENGTH,
          most,
          "least that gives every slot its depth, as far as radius and face are sanded now",
          in("t", tang),
          in("c", clearance));
    } else {
      ledger.put(
          "slot.second-stop",
          "Saw's second stop, after the radius",
          FINE_LENGTH,
          tang.value() + clearance.value(),
          "t + c",
          in("t", tang),
          in("c", clearance));
    }
    return stop;
  }

  /** What a slot that is deepened later has at its edges, and what is sawn now. */
  private static Optional<Later> later(
      Givens givens, int k, FretboardRadius radius, Given r, Value width, Ledger ledger) {
    if (givens.get(FretboardDecisions.SLOT_SCHOOL) == SlotSchool.AT_FIRST) {
      return Optional.empty();
    }
    Given first = givens.get(FretboardDecisions.FIRST_DEPTH);
    Given sanded = givens.get(FretboardDecisions.SANDED);
    Given sanding = givens.get(FretboardDecisions.SANDING);
    Given dropped = givens.get(FretboardDecisions.EDGE_DROPPED);
    double full = FretboardRadius.drop(radius.atEnd().value(), radius.atEndHalf());
    Given share =
        Given.decided(
            "fretboard.radius-share",
            "Share of the radius that is sanded in",
            full > 0 ? Math.min(1, dropped.value() / full) : 1,
            Quantity.RATIO);
    Given drop =
        Given.decided(
            "slot." + k + ".drop",
            "Face lower at the edges when finished",
            FretboardRadius.drop(r.value(), width.value() / 2),
            FINE_LENGTH);
    return Optional.of(
        new Later(
            ledger.put(
                "slot." + k + ".edge-now",
                "Slot " + k + ", depth left at the edges now",
                FINE_LENGTH,
                first.value() - sanded.value() - share.value() * drop.value(),
                "d_1 − g − q · s",
                in("d_1", first),
                in("g", sanded),
                in("q", share),
                in("s", drop)),
            ledger.put(
                "slot." + k + ".edge-then",
                "Slot " + k + ", depth left at the edges after the radius",
                FINE_LENGTH,
                first.value() - Math.max(sanded.value(), sanding.value()) - drop.value(),
                "d_1 − max(g, σ) − s",
                in("d_1", first),
                in("g", sanded),
                in("σ", sanding),
                in("s", drop)),
            ledger.put(
                "slot." + k + ".saw-now",
                "Slot " + k + ", deepened now from the face as it is",
                FINE_LENGTH,
                givens.get(FretboardDecisions.WIRE_TANG).value()
                    + givens.get(FretboardDecisions.CLEARANCE).value()
                    + (1 - share.value()) * drop.value()
                    + Math.max(0, sanding.value() - sanded.value()),
                "t + c + (1 − q) · s + max(0, σ − g)",
                in("t", givens.get(FretboardDecisions.WIRE_TANG)),
                in("c", givens.get(FretboardDecisions.CLEARANCE)),
                in("q", share),
                in("s", drop),
                in("σ", sanding),
                in("g", sanded))));
  }

  /** At the crown the deeper of the two cuts counts, each from the face as it was then. */
  private static Worked under(
      int k, Given crown, Given sanding, Givens givens, Later later, Ledger ledger) {
    Given first = givens.get(FretboardDecisions.FIRST_DEPTH);
    Given sanded = givens.get(FretboardDecisions.SANDED);
    SlotSchool school = (SlotSchool) givens.get(FretboardDecisions.SLOT_SCHOOL);
    Value second =
        school == SlotSchool.MIDWAY
            ? later.sawNow()
            : Given.decided(
                "slot.second",
                "Second depth",
                givens.get(FretboardDecisions.WIRE_TANG).value()
                    + givens.get(FretboardDecisions.CLEARANCE).value(),
                FINE_LENGTH);
    double toCome = school == SlotSchool.MIDWAY ? Math.max(0, sanding.value() - sanded.value()) : 0;
    Given rest =
        Given.decided("fretboard.sanding-left", "Sanding still to come", toCome, FINE_LENGTH);
    return ledger.put(
        "slot." + k + ".under",
        "Wood left under slot " + k + " at the crown",
        FINE_LENGTH,
        crown.value() - Math.max(first.value() - sanding.value(), second.value() - rest.value()),
        "t_b − max(d_1 − σ, d_2 − σ_2)",
        in("t_b", crown),
        in("d_1", first),
        in("σ", sanding),
        in("d_2", second),
        in("σ_2", rest));
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
  public String when(Units units) {
    if (school == SlotSchool.AT_FIRST) {
      return "sawn to " + sawStop.text(units) + " at once; check the first two";
    }
    boolean midway = school == SlotSchool.MIDWAY;
    Slot worst = slots.get(0);
    for (Slot slot : slots) {
      worst = left(slot, midway) < left(worst, midway) ? slot : worst;
    }
    double left = left(worst, midway);
    String at = NumberWriter.text(Math.max(0, left), FINE_LENGTH, units);
    String guides = NumberWriter.text(GUIDES, FINE_LENGTH, units);
    if (midway) {
      return left < GUIDES
          ? "too late to deepen by the slot: "
              + at
              + " is left at the edges of slot "
              + worst.number()
          : "deepened before their edges have less than "
              + guides
              + ": "
              + at
              + " is left now at slot "
              + worst.number();
    }
    return left < GUIDES
        ? "sawn too shallow: "
            + at
            + " would be left at the edges of slot "
            + worst.number()
            + " to guide the saw, "
            + guides
            + " is wanted"
        : "deepened after the radius; " + at + " is left then at the edges to guide the saw";
  }

  private static double left(Slot slot, boolean midway) {
    Later later = slot.later().orElseThrow();
    return (midway ? later.edgeNow() : later.edgeThen()).value();
  }
}

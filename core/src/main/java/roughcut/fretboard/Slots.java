package roughcut.fretboard;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.SlotSchool;
import roughcut.geometry.Point;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.ComputedValue;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * The fret slots: how deep they are sawn in the flat board so that after radius and sanding the
 * tang still finds its depth at the edges, what is left under them, and the wire (handbook page 5,
 * "Slots" and "Wire").
 *
 * @param slots fret 1 first, or a zero fret before it
 * @param sawStop depth to which the saw is set for all of them
 * @param least the slot with least wood under it
 * @param total length of wire for all frets, spare included
 * @param bend radius to which the wire is bent
 */
public record Slots(
    SlotSchool school, List<Slot> slots, Value sawStop, Slot least, Value total, Value bend) {
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
      Value flat,
      Value done,
      Value under,
      Value wire,
      Optional<Later> later) {}

  /**
   * Of a slot that is deepened later: what guides the saw at its edges, and what is sawn.
   *
   * @param edgeNow depth left at the fretboard's edges, as much as is sanded in
   * @param edgeThen the same when the whole radius is sanded in
   * @param sawNow depth from the face as it is now that leaves it its full depth when finished
   */
  public record Later(Value edgeNow, Value edgeThen, Value sawNow) {}

  public Slots {
    slots = List.copyOf(slots);
  }

  public static Slots of(
      EffectiveInputs inputs,
      FretLayout frets,
      FretboardTaper taper,
      FretboardRadius radius,
      ValueRegistry registry) {
    Value tang = inputs.get(FretboardDecisions.WIRE_TANG);
    Value clearance = inputs.get(FretboardDecisions.CLEARANCE);
    Value sanding = inputs.get(FretboardDecisions.SANDING);
    Value crown = inputs.get(Decisions.FRETBOARD_THICKNESS);
    Value overhang = inputs.get(FretboardDecisions.OVERHANG);
    List<Slot> slots = new ArrayList<>();
    double deepest = 0;
    Slot least = null;
    for (FretLayout.Fret fret : slotted(inputs, frets, registry)) {
      int k = fret.number();
      Point treble = taper.edge(fret.x(), fret.slant(), 1);
      Point bass = taper.edge(fret.x(), fret.slant(), -1);
      Value width = width(k, fret, taper, frets.fan().provenance(), treble.y() - bass.y());
      Value chord =
          SearchedValue.of(
              "fret." + k + ".across",
              Text.of("Fret from edge to edge"),
              Math.hypot(treble.x() - bass.x(), treble.y() - bass.y()),
              FINE_LENGTH,
              Text.of("found between the two edges"),
              taper.provenance().and(frets.fan().provenance()).with(fret.fromNut()));
      Value r =
          ComputedValue.of(
              "fretboard.radius." + k,
              Text.of("Radius there"),
              LENGTH,
              "R_n + (R_e − R_n) · max(0, min(1, x / l))",
              in("R_n", radius.atNut()),
              in("R_e", radius.atEnd()),
              in("x", fret.fromNut()),
              in("l", taper.end()));
      Value flat =
          registry.put(
              "slot." + k + ".depth-flat",
              Text.of("Slot {k}, depth from the flat top", k),
              FINE_LENGTH,
              "t + c + (R − √(max(0, R^2 − (w / 2)^2))) + σ",
              in("t", tang),
              in("c", clearance),
              in("R", r),
              in("w", width),
              in("σ", sanding));
      Value done = done(k, inputs, tang, clearance, registry);
      Optional<Later> later = later(inputs, k, radius, r, width, registry);
      Value under =
          later.isEmpty()
              ? registry.put(
                  "slot." + k + ".under",
                  Text.of("Wood left under slot {k} at the crown", k),
                  FINE_LENGTH,
                  "t_b + σ − d",
                  in("t_b", crown),
                  in("σ", sanding),
                  in("d", flat))
              : under(k, crown, sanding, inputs, later.get(), registry);
      Value length = FretWire.length(k, r, chord, overhang, registry);
      Slot slot = new Slot(k, fret.x(), fret.slant(), flat, done, under, length, later);
      slots.add(slot);
      deepest = Math.max(deepest, flat.value());
      least = least == null || under.value() < least.under().value() ? slot : least;
    }
    SlotSchool school = inputs.get(FretboardDecisions.SLOT_SCHOOL);
    return new Slots(
        school,
        slots,
        sawStop(school, inputs, deepest, slots, registry),
        least,
        FretWire.total(
            slots.stream().map(Slot::wire).toList(),
            inputs.get(FretboardDecisions.WIRE_SPARE),
            registry),
        FretWire.bend(inputs, registry));
  }

  /**
   * Slots that are deep enough at first lose what comes off the face beyond what they were sawn
   * deeper for; those that are deepened later count from the face as it is then.
   */
  private static Value done(
      int k, EffectiveInputs inputs, Value tang, Value clearance, ValueRegistry registry) {
    String id = "slot." + k + ".depth-final";
    Text label = Text.of("Slot {k}, depth below the finished surface", k);
    Value beyond = FaceStraightening.beyond(inputs);
    boolean later = deepened(inputs.get(FretboardDecisions.SLOT_SCHOOL));
    return later || beyond.value() == 0
        ? registry.put(id, label, FINE_LENGTH, "t + c", in("t", tang), in("c", clearance))
        : registry.put(
            id,
            label,
            FINE_LENGTH,
            "t + c − o",
            in("t", tang),
            in("c", clearance),
            in("o", beyond));
  }

  /** The stop for the first cut of all slots; for slots deepened later, the second one's, too. */
  private static Value sawStop(
      SlotSchool school,
      EffectiveInputs inputs,
      double deepest,
      List<Slot> slots,
      ValueRegistry registry) {
    Value tang = inputs.get(FretboardDecisions.WIRE_TANG);
    Value clearance = inputs.get(FretboardDecisions.CLEARANCE);
    Value first = inputs.get(FretboardDecisions.FIRST_DEPTH);
    if (!deepened(school)) {
      return registry.find(
          FretboardKeys.SLOT_SAW_STOP,
          deepest,
          Text.of("least depth that gives every slot its own"),
          Provenance.of(slots.stream().map(Slot::flat).toList()));
    }
    Value stop =
        registry.put(
            FretboardKeys.SLOT_SAW_STOP.called("First saw depth for all slots"),
            "d_1",
            in("d_1", first));
    double most =
        slots.stream().mapToDouble(s -> s.later().orElseThrow().sawNow().value()).max().orElse(0);
    if (midway(school)) {
      registry.put(
          FretboardKeys.SLOT_DEEPEN_WHEN,
          "max(0, d_1 − g)",
          in("d_1", first),
          in("g", TableValue.of(FretboardKeys.SLOT_GUIDES, GUIDES, Text.of("usual"))));
      registry.find(
          FretboardKeys.SLOT_SECOND_STOP,
          most,
          Text.of(
              "least depth that gives every slot its own, with radius and face as they are now"),
          Provenance.of(slots.stream().map(s -> s.later().orElseThrow().sawNow()).toList()));
    } else {
      registry.put(
          FretboardKeys.SLOT_SECOND_STOP.called("Second saw depth, after radiusing"),
          "t + c",
          in("t", tang),
          in("c", clearance));
    }
    return stop;
  }

  /** What a slot that is deepened later has at its edges, and what is sawn now. */
  private static Optional<Later> later(
      EffectiveInputs inputs,
      int k,
      FretboardRadius radius,
      Value r,
      Value width,
      ValueRegistry registry) {
    if (!deepened(inputs.get(FretboardDecisions.SLOT_SCHOOL))) {
      return Optional.empty();
    }
    Value first = inputs.get(FretboardDecisions.FIRST_DEPTH);
    Value sanded = inputs.get(FretboardDecisions.SANDED);
    Value sanding = inputs.get(FretboardDecisions.SANDING);
    Value dropped = inputs.get(FretboardDecisions.EDGE_DROPPED);
    double full = FretboardRadius.drop(radius.atEnd().value(), radius.atEndHalf());
    Value share =
        SearchedValue.of(
            FretboardKeys.FRETBOARD_RADIUS_SHARE,
            full > 0 ? Math.min(1, dropped.value() / full) : 1,
            Text.of("found from how far the edges have dropped"),
            radius.provenance().and(radius.taper().provenance()).with(dropped));
    Value drop =
        ComputedValue.of(
            "slot." + k + ".drop",
            Text.of("Edge drop when finished"),
            FINE_LENGTH,
            "R − √(max(0, R^2 − (w / 2)^2))",
            in("R", r),
            in("w", width));
    return Optional.of(
        new Later(
            registry.put(
                "slot." + k + ".edge-now",
                Text.of("Slot {k}, depth left at the edges now", k),
                FINE_LENGTH,
                "d_1 − g − q · s",
                in("d_1", first),
                in("g", sanded),
                in("q", share),
                in("s", drop)),
            registry.put(
                "slot." + k + ".edge-then",
                Text.of("Slot {k}, depth left at the edges after radiusing", k),
                FINE_LENGTH,
                "d_1 − max(g, σ) − s",
                in("d_1", first),
                in("g", sanded),
                in("σ", sanding),
                in("s", drop)),
            registry.put(
                "slot." + k + ".saw-now",
                Text.of("Slot {k}, depth from the current face", k),
                FINE_LENGTH,
                "t + c + (1 − q) · s + max(0, σ − g)",
                in("t", inputs.get(FretboardDecisions.WIRE_TANG)),
                in("c", inputs.get(FretboardDecisions.CLEARANCE)),
                in("q", share),
                in("s", drop),
                in("σ", sanding),
                in("g", sanded))));
  }

  /** At the crown the deeper of the two cuts counts, each from the face as it was then. */
  private static Value under(
      int k,
      Value crown,
      Value sanding,
      EffectiveInputs inputs,
      Later later,
      ValueRegistry registry) {
    Value first = inputs.get(FretboardDecisions.FIRST_DEPTH);
    Value sanded = inputs.get(FretboardDecisions.SANDED);
    SlotSchool school = inputs.get(FretboardDecisions.SLOT_SCHOOL);
    boolean midway = midway(school);
    Value second =
        midway
            ? later.sawNow()
            : ComputedValue.of(
                FretboardKeys.SLOT_SECOND,
                "t + c",
                in("t", inputs.get(FretboardDecisions.WIRE_TANG)),
                in("c", inputs.get(FretboardDecisions.CLEARANCE)));
    double toCome = midway ? Math.max(0, sanding.value() - sanded.value()) : 0;
    Value rest =
        SearchedValue.of(
            FretboardKeys.FRETBOARD_SANDING_LEFT,
            toCome,
            Text.of("found from what is already sanded off"),
            Provenance.of(sanding, sanded));
    return registry.put(
        "slot." + k + ".under",
        Text.of("Wood left under slot {k} at the crown", k),
        FINE_LENGTH,
        "t_b − max(d_1 − σ, d_2 − σ_2)",
        in("t_b", crown),
        in("d_1", first),
        in("σ", sanding),
        in("d_2", second),
        in("σ_2", rest));
  }

  /** The frets, and before them one on the nut line where a zero fret does the nut's work. */
  private static List<FretLayout.Fret> slotted(
      EffectiveInputs inputs, FretLayout frets, ValueRegistry registry) {
    return switch (inputs.get(FretboardDecisions.NUT_KIND)) {
      case ZERO_FRET -> withZeroFret(frets, registry);
      case END, SLOT, SHELF, LOCKING -> frets.frets();
    };
  }

  private static List<FretLayout.Fret> withZeroFret(FretLayout frets, ValueRegistry registry) {
    List<FretLayout.Fret> all = new ArrayList<>();
    Value at = registry.put(FretboardKeys.FRET_0_FROM_NUT, "0");
    all.add(new FretLayout.Fret(0, at, at, frets.fan().slant(0)));
    all.addAll(frets.frets());
    return all;
  }

  /** The fretboard's width at a fret; a leaning fret reaches over a little more or less of it. */
  private static Value width(
      int k, FretLayout.Fret fret, FretboardTaper taper, Provenance fan, double across) {
    return fret.slant() == 0
        ? k == 0 ? taper.nutWidth() : taper.fretWidths().get(k - 1)
        : SearchedValue.of(
            "fret." + k + ".reach",
            Text.of("Edge to edge, square across"),
            across,
            FINE_LENGTH,
            Text.of("found between the two edges"),
            taper.provenance().and(fan).with(fret.fromNut()));
  }

  /** Whether slots are deepened after the first cut. */
  public boolean deepened() {
    return deepened(school);
  }

  private static boolean deepened(SlotSchool school) {
    return switch (school) {
      case AT_FIRST -> false;
      case AFTER_RADIUS, MIDWAY -> true;
    };
  }

  /** Whether they are deepened while radius and face are only partly sanded. */
  public boolean midway() {
    return midway(school);
  }

  private static boolean midway(SlotSchool school) {
    return switch (school) {
      case MIDWAY -> true;
      case AT_FIRST, AFTER_RADIUS -> false;
    };
  }

  /** When the slots are deepened, in words, by the school. */
  public Text when() {
    if (!deepened()) {
      return Text.of("sawn to {stop} in one go. Check the first two", Text.shown(sawStop));
    }
    boolean midway = midway();
    Slot worst = slots.get(0);
    for (Slot slot : slots) {
      worst = left(slot, midway) < left(worst, midway) ? slot : worst;
    }
    double left = left(worst, midway);
    Text at = Text.only(Text.shown(Math.max(0, left), FINE_LENGTH));
    Text guides = Text.only(Text.shown(GUIDES, FINE_LENGTH));
    if (midway) {
      return left < GUIDES
          ? Text.of(
              "too late to deepen along the slot: {at} is left at the edges of slot {worst}",
              at,
              worst.number())
          : Text.of(
              "deepen before less than {guides} is left at the edges: {at} now, at slot {worst}",
              guides,
              at,
              worst.number());
    }
    return left < GUIDES
        ? Text.of(
            "sawn too shallow: {at} would be left at the edges of slot {worst} to guide "
                + "the saw, and it needs {guides}",
            at,
            worst.number(),
            guides)
        : Text.of("deepened after radiusing, with {at} left at the edges to guide the saw", at);
  }

  private static double left(Slot slot, boolean midway) {
    Later later = slot.later().orElseThrow();
    return (midway ? later.edgeNow() : later.edgeThen()).value();
  }
}

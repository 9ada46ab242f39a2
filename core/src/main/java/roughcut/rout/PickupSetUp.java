package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.RATIO;
import static roughcut.measure.Quantity.RESISTANCE;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.Fitting;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.measure.DecidedValue;
import roughcut.measure.NumberWriter;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueKey;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.record.Measurable;
import roughcut.record.Measurables;

/**
 * Pickups that are fitted and wired: how far their screws go from the gap that was read to the one
 * wanted, and whether two that sound together agree (handbook page 7, "After the woodwork").
 *
 * @param heights sides whose gap was read
 * @param pairs pickups of which both needle and compass were seen
 * @param together resistances to expect of two that are both on
 * @param findings what doesn't agree, and coils that are broken or shorted
 */
public record PickupSetUp(
    List<Height> heights, List<Pair> pairs, List<Value> together, List<Finding> findings) {
  /** Less than this across a coil is a short, more than the other is no way through; kΩ. */
  static final double SHORTED = 0.5;

  static final double BROKEN = 200;

  /** A coil further off its sheet than this share isn't the one on the sheet. */
  private static final double OFF_ITS_SHEET = 0.12;

  /** Two of a kind that differ by more than this share are heard as different. */
  private static final double UNLIKE = 0.15;

  public PickupSetUp {
    heights = List.copyOf(heights);
    pairs = List.copyOf(pairs);
    together = List.copyOf(together);
    findings = List.copyOf(findings);
  }

  /**
   * One side of a pickup.
   *
   * @param gap as it was read, mm
   * @param turns of its screw up; less than 0 for down
   */
  public record Height(Fitting pickup, boolean treble, Value gap, Value turns) {}

  /** Two pickups that can sound together. */
  public record Pair(Fitting one, Fitting other, Together together) {
    /** Both by name. */
    public Text words() {
      return Text.of("{one} and {other}", one.words(), other.words());
    }
  }

  /**
   * How two coils sound together. A needle swings by coil × magnet; hum knows the coil's direction
   * alone. Both reversed they agree and cancel hum.
   */
  public enum Together {
    QUIET(Text.of("in phase, and hum-cancelling"), Text.NONE),
    HUMS(Text.of("in phase; together they hum like each alone"), Text.NONE),
    SWAP_THEN_QUIET(
        Text.of("out of phase"),
        Text.of("Swap the leads of one: then they are in phase and cancel hum.")),
    SWAP_THEN_HUMS(
        Text.of("out of phase"),
        Text.of("Swap the leads of one: then they are in phase and hum like each alone."));

    private final Text words;
    private final Text fix;

    Together(Text words, Text fix) {
      this.words = words;
      this.fix = fix;
    }

    public Text words() {
      return words;
    }

    /** How they sound, and what to do about it. */
    public Text told() {
      return fix.isEmpty() ? words : Text.of("{sound}. {fix}", words.capital(), fix);
    }

    /** What to do about it; empty where they are in phase. */
    public Text fix() {
      return fix;
    }

    public boolean inPhase() {
      return this == QUIET || this == HUMS;
    }

    /**
     * From what was seen.
     *
     * @param sameSwing whether both needles swing the same way when steel is pulled off
     * @param sameMagnet whether both magnets have the same end up
     */
    static Together of(boolean sameSwing, boolean sameMagnet) {
      if (sameSwing) {
        return sameMagnet ? HUMS : QUIET;
      }
      return sameMagnet ? SWAP_THEN_HUMS : SWAP_THEN_QUIET;
    }
  }

  /** Of pickups that were placed, from what was read on them. */
  public static PickupSetUp of(
      EffectiveInputs inputs, List<Pickup> pickups, ValueRegistry registry) {
    List<Height> heights = new ArrayList<>();
    List<Pair> pairs = new ArrayList<>();
    List<Value> together = new ArrayList<>();
    Findings findings = new Findings(Topic.ROUTS);
    for (int i = 0; i < pickups.size(); i++) {
      Fitting pickup = pickups.get(i).fitting();
      height(inputs, pickup, true, registry).ifPresent(heights::add);
      height(inputs, pickup, false, registry).ifPresent(heights::add);
      Optional<Value> coil = read(inputs, pickup, "resistance");
      coil.ifPresent(r -> coil(pickup, r, trait(inputs, pickup, "coil"), findings));
      for (int j = 0; j < i; j++) {
        Fitting other = pickups.get(j).fitting();
        pair(inputs, other, pickup).ifPresent(pairs::add);
        Optional<Value> otherCoil = read(inputs, other, "resistance");
        if (coil.isPresent() && otherCoil.isPresent()) {
          unlike(other, otherCoil.get(), pickup, coil.get(), findings);
          both(other, otherCoil.get(), pickup, coil.get(), registry).ifPresent(together::add);
        }
      }
    }
    for (Pair pair : pairs) {
      if (!pair.together().inPhase()) {
        findings.look(
            pair.other().id("kind"),
            Message.of(Text.of("{pair} are out of phase.", pair.words().capital()))
                .why(Text.of("Together they sound thin and quiet."))
                .fix(pair.together().fix()));
      }
    }
    return new PickupSetUp(heights, pairs, together, findings.list());
  }

  private static Optional<Value> read(EffectiveInputs inputs, Fitting pickup, String what) {
    Measurable measurable = Measurables.ofPickup(inputs.design(), pickup.name(), what);
    ValueKey key = measurable.key();
    return inputs.read(measurable, new DecidedValue(key, 0));
  }

  private static Optional<Height> height(
      EffectiveInputs inputs, Fitting pickup, boolean treble, ValueRegistry registry) {
    String side = treble ? "treble" : "bass";
    Value wanted = trait(inputs, pickup, "gap");
    return inputs
        .read(Measurables.ofPickup(inputs.design(), pickup.name(), "gap-" + side), wanted)
        .map(
            gap ->
                new Height(
                    pickup,
                    treble,
                    gap,
                    registry.put(
                        pickup.id("turns-" + side),
                        Text.of("{title}, {side} screw, turns up", pickup.title(), Text.of(side)),
                        RATIO,
                        "(g − w) / p",
                        in("g", gap),
                        in("w", wanted),
                        in("p", trait(inputs, pickup, "screw")))));
  }

  private static Value trait(EffectiveInputs inputs, Fitting pickup, String key) {
    var trait = pickup.type().trait(key);
    return inputs.get(
        pickup.id(key),
        Text.of("{title}, {trait}", pickup.title(), trait.label()),
        trait.quantity(),
        trait.usual().applyAsDouble(pickup.listed()));
  }

  /** Two coils side by side: each lets its share through (Ohm's law). */
  private static Optional<Value> both(
      Fitting one, Value a, Fitting other, Value b, ValueRegistry registry) {
    if (a.value() <= 0 || b.value() <= 0) {
      return Optional.empty();
    }
    return Optional.of(
        registry.put(
            other.id("both-" + one.name()),
            Text.of("{title} and {other}, both on", one.title(), other.words()),
            RESISTANCE,
            "R_1 · R_2 / (R_1 + R_2)",
            in("R_1", a),
            in("R_2", b)));
  }

  /** Two of one kind that aren't alike: one is heard louder, or has lost windings. */
  private static void unlike(Fitting one, Value a, Fitting other, Value b, Findings findings) {
    double low = Math.min(a.value(), b.value());
    double high = Math.max(a.value(), b.value());
    if (one.kind().equals(other.kind())
        && low >= SHORTED
        && high <= BROKEN
        && high > low * (1 + UNLIKE)) {
      findings.look(
          other.id("kind"),
          Message.of(
                  Text.of(
                      "{one} reads {resistance}, {other} {another}.",
                      one.words().capital(),
                      kiloOhms(a.value()),
                      other.words(),
                      kiloOhms(b.value())))
              .why(Text.of("Two of a kind read alike: one may have shorted windings."))
              .fix(Text.of("Ask its maker whether it is overwound on purpose.")));
    }
  }

  private static String kiloOhms(double value) {
    return NumberWriter.fixed(value, 2) + " kΩ";
  }

  private static void coil(Fitting pickup, Value resistance, Value listed, Findings findings) {
    double kiloOhms = resistance.value();
    if (kiloOhms < SHORTED || kiloOhms > BROKEN) {
      findings.look(
          pickup.id("kind"),
          Message.of(
                  Text.of(
                      kiloOhms < SHORTED
                          ? "{pickup} reads {number} kΩ, almost nothing."
                          : "{pickup} reads {number} kΩ: no connection.",
                      pickup.words().capital(),
                      Text.fixed(kiloOhms, 2)))
              .fix(
                  kiloOhms < SHORTED
                      ? Text.of("Look for a short before you install it.")
                      : Text.of("Look for a broken wire or a cold joint.")));
    } else if (listed.value() > 0
        && Math.abs(kiloOhms - listed.value()) > OFF_ITS_SHEET * listed.value()) {
      findings.look(
          pickup.id("coil"),
          Message.of(
                  Text.of(
                      "{pickup} reads {read}, its data sheet says {listed}.",
                      pickup.words().capital(),
                      kiloOhms(kiloOhms),
                      kiloOhms(listed.value())))
              .why(
                  kiloOhms < listed.value()
                      ? Text.of("There is a short inside, or only one of two coils is connected.")
                      : Text.of("It is a different coil, or there is a bad joint."))
              .fix(Text.of("Check its leads before you install it.")));
    }
  }

  private static Optional<Pair> pair(EffectiveInputs inputs, Fitting one, Fitting other) {
    Optional<Boolean> swing = same(inputs, one, other, "swing");
    Optional<Boolean> magnet = same(inputs, one, other, "magnet");
    return swing.isEmpty() || magnet.isEmpty()
        ? Optional.empty()
        : Optional.of(new Pair(one, other, Together.of(swing.get(), magnet.get())));
  }

  /** Whether the same was seen of both; empty while it wasn't looked for. */
  private static Optional<Boolean> same(
      EffectiveInputs inputs, Fitting one, Fitting other, String what) {
    return read(inputs, one, what)
        .flatMap(a -> read(inputs, other, what).map(b -> a.value() == b.value()));
  }
}

package roughcut.strings;

import static roughcut.measure.Quantity.DENSITY;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.NEWTON;
import static roughcut.measure.Quantity.RATIO;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.Givens;
import roughcut.design.PartDecisions;
import roughcut.design.StringDecisions;
import roughcut.design.StringKind;
import roughcut.design.StringSpec;
import roughcut.layout.StringSpread;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.measure.Worked;

/**
 * What each string pulls at its pitch: T = μ·(2·L·f)², μ the mass of a metre, of a plain string by
 * its gauge, of a wound one by core and one layer of round wrap (handbook page 2, "Strings").
 *
 * @param tensions string 1 first, N
 * @param cores diameter of the wire that bends: the gauge of a plain string, mm
 * @param scales each string's own length, mm
 */
public record StringPull(
    List<Worked> tensions, List<Value> cores, List<Given> scales, Worked total) {
  /** Density of string steel, kg/m³. */
  private static final double STEEL = 7850;

  public StringPull {
    tensions = List.copyOf(tensions);
    cores = List.copyOf(cores);
    scales = List.copyOf(scales);
  }

  public static StringPull of(Givens givens, StringSpread strings, Ledger ledger) {
    StringKind kind = (StringKind) givens.get(StringDecisions.STRING_KIND);
    Given wrap = givens.get(StringDecisions.WRAP_DENSITY);
    List<Worked> tensions = new ArrayList<>();
    List<Value> cores = new ArrayList<>();
    List<Given> scales = new ArrayList<>();
    double sum = 0;
    for (int i = 1; i <= strings.count(); i++) {
      StringSpec spec = givens.design().strings().get(i - 1);
      Given gauge = givens.get(PartDecisions.gauge(i));
      Given length =
          Given.decided(
              "string." + i + ".scale", "String " + i + " scale", strings.scale(i), FINE_LENGTH);
      Value core = core(givens, i, spec, kind, gauge, ledger);
      Worked mass = mass(i, spec, gauge, core, wrap, ledger);
      Given pitch = givens.get(PartDecisions.pitch(i));
      Worked tension =
          ledger.put(
              "string." + i + ".tension",
              "String " + i + " pulls",
              NEWTON,
              mass.value() / 1000 * Math.pow(2 * length.value() / 1000 * pitch.value(), 2),
              "μ / 1000 · (2 · L / 1000 · f)^2",
              in("μ", mass),
              in("L", length),
              in("f", pitch));
      tensions.add(tension);
      cores.add(core);
      scales.add(length);
      sum += tension.value();
    }
    List<Worked.Input> inputs = new ArrayList<>();
    StringBuilder formula = new StringBuilder();
    for (int i = 1; i <= tensions.size(); i++) {
      inputs.add(in("T_" + i, tensions.get(i - 1)));
      formula.append(i > 1 ? " + T_" : "T_").append(i);
    }
    return new StringPull(
        tensions,
        cores,
        scales,
        ledger.put(
            "strings.total-tension",
            "All strings pull",
            NEWTON,
            sum,
            formula.toString(),
            inputs.toArray(Worked.Input[]::new)));
  }

  /** The core of a wound string as listed, or by the handbook's rule. */
  private static Value core(
      Givens givens, int i, StringSpec spec, StringKind kind, Given gauge, Ledger ledger) {
    if (!spec.wound()) {
      return gauge;
    }
    Given listed = givens.get(PartDecisions.core(i));
    if (listed.value() > 0 && listed.value() < gauge.value()) {
      return listed;
    }
    return ledger.put(
        "string." + i + ".core-estimate",
        "String " + i + " core, estimated",
        FINE_LENGTH,
        Math.min(kind.core(gauge.value()), 0.95 * gauge.value()),
        kind == StringKind.GUITAR ? "min(0.19 + 0.225 · D, 0.95 · D)" : "min(0.39 · D, 0.95 · D)",
        in("D", gauge));
  }

  private static Worked mass(
      int i, StringSpec spec, Given gauge, Value core, Given wrap, Ledger ledger) {
    Given steel = Given.decided("steel.density", "Steel", STEEL, DENSITY);
    Given pi = Given.decided("pi", "π", Math.PI, RATIO);
    String id = "string." + i + ".mass";
    String label = "String " + i + ", g to the metre";
    double c = core.value();
    double d = gauge.value();
    if (!spec.wound()) {
      return ledger.put(
          id,
          label,
          RATIO,
          STEEL * Math.PI * d * d / 4 / 1000,
          "ρ · π · D^2 / 4 / 1000",
          in("ρ", steel),
          in("π", pi),
          in("D", gauge));
    }
    // Round wire fills π/4 of the ring that it is wound in.
    double value =
        (STEEL * Math.PI * c * c / 4 + wrap.value() * Math.PI / 4 * Math.PI * (d * d - c * c) / 4)
            / 1000;
    return ledger.put(
        id,
        label,
        RATIO,
        value,
        "(ρ · π · c^2 / 4 + ρ_w · π / 4 · π · (D^2 − c^2) / 4) / 1000",
        in("ρ", steel),
        in("ρ_w", wrap),
        in("π", pi),
        in("c", core),
        in("D", gauge));
  }
}

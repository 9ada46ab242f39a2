package roughcut.strings;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LINEAR_MASS;
import static roughcut.measure.Quantity.NEWTON;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.PartDecisions;
import roughcut.design.StringDecisions;
import roughcut.design.StringKind;
import roughcut.fretboard.FretboardKeys;
import roughcut.layout.StringSpread;
import roughcut.measure.ComputedValue;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.StringSpec;

/**
 * What each string pulls at its pitch: T = μ·(2·L·f)², μ the mass of a metre, of a plain string by
 * its gauge, of a wound one by core and one layer of round wrap (handbook page 2, "Strings").
 *
 * @param tensions string 1 first, N
 * @param cores diameter of the wire that bends: the gauge of a plain string, mm
 * @param scales each string's own length, mm
 */
public record StringPull(List<Value> tensions, List<Value> cores, List<Value> scales, Value total) {
  /** Density of string steel, kg/m³. */
  private static final double STEEL = 7850;

  public StringPull {
    tensions = List.copyOf(tensions);
    cores = List.copyOf(cores);
    scales = List.copyOf(scales);
  }

  public static StringPull of(
      EffectiveInputs inputs, StringSpread strings, ValueRegistry registry) {
    StringKind kind = inputs.get(StringDecisions.STRING_KIND);
    Value wrap = inputs.get(StringDecisions.WRAP_DENSITY);
    List<Value> tensions = new ArrayList<>();
    List<Value> cores = new ArrayList<>();
    List<Value> scales = new ArrayList<>();
    for (int i = 1; i <= strings.count(); i++) {
      StringSpec spec = inputs.design().strings().get(i - 1);
      Value gauge = inputs.get(PartDecisions.gauge(i));
      Value length =
          SearchedValue.of(
              "string." + i + ".scale",
              Text.of("String {i} scale", i),
              strings.scale(i),
              FINE_LENGTH,
              Text.of("found along the string"),
              strings.lengthwise(i));
      Value core = core(inputs, i, spec, kind, gauge, registry);
      Value mass = mass(i, spec, gauge, core, wrap, registry);
      Value pitch = inputs.get(PartDecisions.pitch(i));
      Value tension =
          registry.put(
              "string." + i + ".tension",
              Text.of("String {i} tension", i),
              NEWTON,
              "μ / 1000 · (2 · L / 1000 · f)^2",
              in("μ", mass),
              in("L", length),
              in("f", pitch));
      tensions.add(tension);
      cores.add(core);
      scales.add(length);
    }
    List<ComputedValue.Input> terms = new ArrayList<>();
    StringBuilder formula = new StringBuilder();
    for (int i = 1; i <= tensions.size(); i++) {
      terms.add(in("T_" + i, tensions.get(i - 1)));
      formula.append(i > 1 ? " + T_" : "T_").append(i);
    }
    return new StringPull(
        tensions,
        cores,
        scales,
        registry.put(
            StringKeys.STRINGS_TOTAL_TENSION,
            formula.toString(),
            terms.toArray(ComputedValue.Input[]::new)));
  }

  /** The core of a wound string as listed, or by the handbook's rule. */
  private static Value core(
      EffectiveInputs inputs,
      int i,
      StringSpec spec,
      StringKind kind,
      Value gauge,
      ValueRegistry registry) {
    if (!spec.wound()) {
      return gauge;
    }
    Value listed = inputs.get(PartDecisions.core(i));
    if (listed.value() > 0 && listed.value() < gauge.value()) {
      return listed;
    }
    return registry.put(
        "string." + i + ".core-estimate",
        Text.of("String {i} core, estimated", i),
        FINE_LENGTH,
        "min(c_0 + k · D, 0.95 · D)",
        in(
            "c_0",
            TableValue.of(
                StringKeys.CORE_LEAST,
                switch (kind) {
                  case GUITAR -> 0.19;
                  case BASS -> 0;
                },
                Text.of("wound guitar and bass strings, measured"))),
        in(
            "k",
            TableValue.of(
                StringKeys.CORE_SHARE,
                switch (kind) {
                  case GUITAR -> 0.225;
                  case BASS -> 0.39;
                },
                Text.of("wound guitar and bass strings, measured"))),
        in("D", gauge));
  }

  private static Value mass(
      int i, StringSpec spec, Value gauge, Value core, Value wrap, ValueRegistry registry) {
    Value steel = TableValue.of(StringKeys.STEEL_DENSITY, STEEL, Text.of("music wire"));
    Value pi = TableValue.of(FretboardKeys.PI, Math.PI, Text.of("circle constant"));
    String id = "string." + i + ".mass";
    Text label = Text.of("String {i}, mass", i);
    if (!spec.wound()) {
      return registry.put(
          id,
          label,
          LINEAR_MASS,
          "ρ · π · D^2 / 4 / 1000",
          in("ρ", steel),
          in("π", pi),
          in("D", gauge));
    }
    // Round wire fills π/4 of the ring that it is wound in.
    return registry.put(
        id,
        label,
        LINEAR_MASS,
        "(ρ · π · c^2 / 4 + ρ_w · π / 4 · π · (D^2 − c^2) / 4) / 1000",
        in("ρ", steel),
        in("ρ_w", wrap),
        in("π", pi),
        in("c", core),
        in("D", gauge));
  }
}

package roughcut.fretboard;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import java.util.List;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * The wire of the frets: how long each is, all of them, and how it is bent (handbook page 5,
 * "Wire").
 */
final class FretWire {
  private FretWire() {}

  /**
   * Wire for one fret, over its crown and out at both sides.
   *
   * @param radius of the fretboard there
   * @param chord straight from edge to edge
   * @param overhang beyond each edge
   */
  static Value length(int fret, Value radius, Value chord, Value overhang, ValueRegistry registry) {
    return registry.put(
        "wire." + fret + ".length",
        Text.of("Wire for fret {fret}", fret),
        LENGTH,
        "2 · R · asin(min(1, w / (2 · R))) · π / 180 + 2 · o",
        in("R", radius),
        in("w", chord),
        in("π", TableValue.of(FretboardKeys.PI, Math.PI, Text.of("circle constant"))),
        in("o", overhang));
  }

  /** All of them, and a little to spare. */
  static Value total(List<Value> lengths, Value spare, ValueRegistry registry) {
    return registry.put(
        FretboardKeys.WIRE_TOTAL,
        "Σ · (1 + r / 100)",
        in(
            "Σ",
            SearchedValue.of(
                FretboardKeys.WIRE_SUM,
                lengths.stream().mapToDouble(Value::value).sum(),
                Text.of("found by adding them"),
                Provenance.of(lengths))),
        in("r", spare));
  }

  /** The radius to which the wire is bent before it is pressed in. */
  static Value bend(EffectiveInputs inputs, ValueRegistry registry) {
    return registry.put(
        FretboardKeys.WIRE_BEND_RADIUS,
        "s · R",
        in("s", inputs.get(FretboardDecisions.BEND)),
        in("R", inputs.get(Decisions.RADIUS_NUT)));
  }
}

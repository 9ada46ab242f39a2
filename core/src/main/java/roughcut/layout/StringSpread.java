package roughcut.layout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.Decisions;
import roughcut.design.PartDecisions;
import roughcut.measure.ComputedValue;
import roughcut.measure.Provenance;
import roughcut.measure.Quantity;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * Where the strings run: offsets from the centre line at the nut and at the saddle line, straight
 * in between (handbook page 2). String 1 is the first at the treble side; offsets are positive
 * towards the treble side.
 *
 * @param spread between the outer strings' centres at the nut
 * @param gap between neighbouring strings at the nut: edge to edge or centre to centre, as chosen;
 *     null for a single string
 * @param atNut offset of each string at the nut line
 * @param atSaddle offset of each string at the saddle line, equally spaced
 */
public record StringSpread(
    Value spread, Value gap, List<Value> atNut, List<Value> atSaddle, FretLayout frets) {
  public StringSpread {
    atNut = List.copyOf(atNut);
    atSaddle = List.copyOf(atSaddle);
  }

  private double scale() {
    return frets.scale().value();
  }

  private MultiscaleLayout fan() {
    return frets.fan();
  }

  /** What places one string anywhere along its way. */
  public Provenance provenance(int string) {
    return frets.provenance().with(atNut.get(string - 1), atSaddle.get(string - 1));
  }

  /** What places the outer strings. */
  public Provenance outer() {
    return provenance(1).and(provenance(count()));
  }

  /** What gives a string its own scale and its place along the fan. */
  public Provenance lengthwise(int string) {
    return fan().fanned() ? provenance(string) : frets.provenance();
  }

  private static final String AT_NUT = "String {number} from the centre line at the nut";
  private static final String AT_SADDLE = "String {number} from the centre line at the saddle line";

  public static StringSpread of(EffectiveInputs inputs, FretLayout frets, ValueRegistry registry) {
    Value width = inputs.get(Decisions.NUT_WIDTH);
    Value margin = inputs.get(Decisions.NUT_EDGE_MARGIN);
    int count = inputs.design().strings().size();
    Value spread =
        registry.put(LayoutKeys.NUT_SPREAD, "w_nut − 2 · m", in("w_nut", width), in("m", margin));
    Value bridge = inputs.get(Decisions.BRIDGE_SPREAD);
    List<Value> atSaddle = equalCentres("saddle.string.", AT_SADDLE, bridge, count, registry);
    if (count == 1) {
      return new StringSpread(
          spread, null, equalCentres("nut.string.", AT_NUT, spread, 1, registry), atSaddle, frets);
    }
    boolean gaps =
        switch (inputs.get(Decisions.NUT_SPACING)) {
          case EQUAL_GAPS -> true;
          case EQUAL_CENTRES -> false;
        };
    Value gap =
        gaps ? edgeGap(inputs, spread, count, registry) : centreGap(spread, count, registry);
    List<Value> atNut =
        gaps
            ? equalGaps(inputs, spread, gap, count, registry)
            : equalCentres("nut.string.", AT_NUT, spread, count, registry);
    return new StringSpread(spread, gap, atNut, atSaddle, frets);
  }

  private static Value gauge(EffectiveInputs inputs, int number) {
    return inputs.get(PartDecisions.gauge(number));
  }

  private static Value edgeGap(
      EffectiveInputs inputs, Value spread, int count, ValueRegistry registry) {
    List<ComputedValue.Input> terms = new ArrayList<>();
    terms.add(in("S", spread));
    Value strings = TableValue.of(LayoutKeys.STRINGS_COUNT, count, Text.of("counted"));
    terms.add(in("n", strings));
    StringBuilder sum = new StringBuilder();
    for (int i = 1; i <= count; i++) {
      Value gauge = gauge(inputs, i);
      boolean outer = i == 1 || i == count;
      sum.append(" − g_").append(i).append(outer ? " / 2" : "");
      terms.add(in("g_" + i, gauge));
    }
    return registry.put(
        LayoutKeys.NUT_GAP, "(S" + sum + ") / (n − 1)", terms.toArray(ComputedValue.Input[]::new));
  }

  private static Value centreGap(Value spread, int count, ValueRegistry registry) {
    return registry.put(
        LayoutKeys.NUT_GAP.called("Between neighbouring strings' centres at the nut"),
        "S / (n − 1)",
        in("S", spread),
        in("n", TableValue.of(LayoutKeys.STRINGS_COUNT, count, Text.of("counted"))));
  }

  private static List<Value> equalGaps(
      EffectiveInputs inputs, Value spread, Value gap, int count, ValueRegistry registry) {
    List<Value> offsets = new ArrayList<>(count);
    offsets.add(put(registry, "nut.string.", 1, AT_NUT, "S / 2", in("S", spread)));
    for (int i = 2; i <= count; i++) {
      Value before = offsets.get(i - 2);
      Value gBefore = gauge(inputs, i - 1);
      Value g = gauge(inputs, i);
      offsets.add(
          put(
              registry,
              "nut.string.",
              i,
              AT_NUT,
              "y_before − g_before / 2 − gap − g / 2",
              in("y_before", before),
              in("g_before", gBefore),
              in("gap", gap),
              in("g", g)));
    }
    return offsets;
  }

  private static List<Value> equalCentres(
      String prefix, String label, Value spread, int count, ValueRegistry registry) {
    List<Value> offsets = new ArrayList<>(count);
    Value strings = TableValue.of(LayoutKeys.STRINGS_COUNT, count, Text.of("counted"));
    for (int i = 1; i <= count; i++) {
      Value number =
          TableValue.of("string." + i, Text.of("String"), i, Quantity.COUNT, Text.of("counted"));
      offsets.add(
          count == 1
              ? put(registry, prefix, 1, label, "0")
              : put(
                  registry,
                  prefix,
                  i,
                  label,
                  "S / 2 − (i − 1) · S / (n − 1)",
                  in("S", spread),
                  in("i", number),
                  in("n", strings)));
    }
    return offsets;
  }

  private static Value put(
      ValueRegistry registry,
      String prefix,
      int number,
      String label,
      String formula,
      ComputedValue.Input... terms) {
    return registry.put(
        prefix + number + ".offset", Text.of(label, number), FINE_LENGTH, formula, terms);
  }

  /** Offset of string {@code number} (1 first) from the centre line at x. */
  public double offset(int number, double x) {
    double nut = atNut.get(number - 1).value();
    double saddle = atSaddle.get(number - 1).value();
    double from = nutX(number);
    return nut + (saddle - nut) * (x - from) / (saddleX(number) - from);
  }

  /** Where a string leaves the nut, from the nut line. */
  public double nutX(int number) {
    return fan().slant(0) * atNut.get(number - 1).value();
  }

  /** Where a string would stand on its saddle before compensation, from the nut line. */
  public double saddleX(int number) {
    return scale() + fan().slant(1) * atSaddle.get(number - 1).value();
  }

  /** A string's own scale, nut to saddle along the neck. */
  public double scale(int number) {
    return saddleX(number) - nutX(number);
  }

  public int count() {
    return atNut.size();
  }
}

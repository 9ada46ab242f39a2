package roughcut.strings;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.CompensationBy;
import roughcut.design.PartDecisions;
import roughcut.design.StringDecisions;
import roughcut.design.StringKind;
import roughcut.fretboard.FretboardKeys;
import roughcut.layout.StringSpread;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * How much further back than its scale each string's saddle stands: an estimate from the stretch of
 * the pressed string and the stiffness of its ends, or the maker's own table, or a straight line
 * (handbook page 2, "Bridge line and compensation").
 *
 * @param parts by string, string 1 first
 */
public record Compensation(CompensationBy by, List<Part> parts) {
  /** Elasticity of steel, MPa. */
  private static final double STEEL = 200_000;

  /**
   * One string's compensation.
   *
   * @param stretch because pressing tightens it
   * @param stiffness because a stiff end doesn't swing
   * @param used what the saddle is placed by
   */
  public record Part(Value stretch, Value stiffness, Value used) {}

  public Compensation {
    parts = List.copyOf(parts);
  }

  public static Compensation of(
      EffectiveInputs inputs, StringSpread strings, StringPull pull, ValueRegistry registry) {
    CompensationBy by = inputs.get(StringDecisions.COMPENSATION);
    List<Part> parts = new ArrayList<>();
    for (int i = 1; i <= strings.count(); i++) {
      Value stretch = stretch(inputs, i, pull, registry);
      Value stiffness = stiffness(inputs, i, pull, registry);
      parts.add(
          new Part(stretch, stiffness, used(inputs, by, i, stretch, stiffness, strings, registry)));
    }
    return new Compensation(by, parts);
  }

  private static Value stretch(
      EffectiveInputs inputs, int i, StringPull pull, ValueRegistry registry) {
    Value length = pull.scales().get(i - 1);
    Value core = pull.cores().get(i - 1);
    Value tension = pull.tensions().get(i - 1);
    Value down = inputs.get(StringDecisions.ACTION_12);
    return registry.put(
        "string." + i + ".compensation.stretch",
        Text.of("String {i}, stretch from fretting", i),
        FINE_LENGTH,
        "L · E · π · c^2 / 4 · (2 · √((L / 2)^2 + h^2) − L) / L / (2 · T)",
        in("L", length),
        in("E", TableValue.of(StringKeys.STEEL_ELASTICITY, STEEL, Text.of("music wire"))),
        in("π", TableValue.of(FretboardKeys.PI, Math.PI, Text.of("circle constant"))),
        in("c", core),
        in("h", down),
        in("T", tension));
  }

  private static Value stiffness(
      EffectiveInputs inputs, int i, StringPull pull, ValueRegistry registry) {
    StringKind kind = inputs.get(StringDecisions.STRING_KIND);
    Value core = pull.cores().get(i - 1);
    Value tension = pull.tensions().get(i - 1);
    return registry.put(
        "string." + i + ".compensation.stiffness",
        Text.of("String {i}, effect of its stiffness", i),
        FINE_LENGTH,
        "κ · 2 · √(E · π · c^4 / 64 / T)",
        in(
            "κ",
            TableValue.of(StringKeys.STRINGS_KAPPA, kind.stiffness(), Text.of("kind of string"))),
        in("E", TableValue.of(StringKeys.STEEL_ELASTICITY, STEEL, Text.of("music wire"))),
        in("π", TableValue.of(FretboardKeys.PI, Math.PI, Text.of("circle constant"))),
        in("c", core),
        in("T", tension));
  }

  private static Value used(
      EffectiveInputs inputs,
      CompensationBy by,
      int i,
      Value stretch,
      Value stiffness,
      StringSpread strings,
      ValueRegistry registry) {
    String id = "string." + i + ".compensation";
    return switch (by) {
      case ESTIMATE ->
          registry.put(
              id,
              Text.of("String {i} compensation, estimated", i),
              FINE_LENGTH,
              "c_s + c_b",
              in("c_s", stretch),
              in("c_b", stiffness));
      case OWN_TABLE -> {
        Value own = inputs.get(PartDecisions.own(i));
        yield registry.put(
            id, Text.of("String {i} compensation, own table", i), FINE_LENGTH, "c", in("c", own));
      }
      case STRAIGHT_LINE -> {
        Value first = inputs.get(StringDecisions.STRAIGHT_TREBLE);
        Value angle = inputs.get(StringDecisions.STRAIGHT_ANGLE);
        Value treble = strings.atSaddle().get(0);
        Value own = strings.atSaddle().get(i - 1);
        yield registry.put(
            id,
            Text.of("String {i} compensation, straight line", i),
            FINE_LENGTH,
            "c_1 + (y_1 − y) · tan(γ)",
            in("c_1", first),
            in("y_1", treble),
            in("y", own),
            in("γ", angle));
      }
    };
  }
}

package roughcut.strings;

import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.CompensationBy;
import roughcut.design.PartDecisions;
import roughcut.design.StringDecisions;
import roughcut.design.StringKind;
import roughcut.fretboard.FretboardKeys;
import roughcut.layout.StringSpread;
import roughcut.measure.Known;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.record.Givens;

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
      Givens givens, StringSpread strings, StringPull pull, Ledger ledger) {
    CompensationBy by = givens.get(StringDecisions.COMPENSATION);
    List<Part> parts = new ArrayList<>();
    for (int i = 1; i <= strings.count(); i++) {
      Value stretch = stretch(givens, i, pull, ledger);
      Value stiffness = stiffness(givens, i, pull, ledger);
      parts.add(
          new Part(stretch, stiffness, used(givens, by, i, stretch, stiffness, strings, ledger)));
    }
    return new Compensation(by, parts);
  }

  private static Value stretch(Givens givens, int i, StringPull pull, Ledger ledger) {
    Value length = pull.scales().get(i - 1);
    Value core = pull.cores().get(i - 1);
    Value tension = pull.tensions().get(i - 1);
    Value down = givens.get(StringDecisions.ACTION_12);
    return ledger.put(
        "string." + i + ".compensation.stretch",
        "String " + i + ", lengthened by pressing",
        FINE_LENGTH,
        "L · E · π · c^2 / 4 · (2 · √((L / 2)^2 + h^2) − L) / L / (2 · T)",
        in("L", length),
        in("E", Known.of(StringKeys.STEEL_ELASTICITY, STEEL, "music wire")),
        in("π", Known.of(FretboardKeys.PI, Math.PI, "a circle's own")),
        in("c", core),
        in("h", down),
        in("T", tension));
  }

  private static Value stiffness(Givens givens, int i, StringPull pull, Ledger ledger) {
    StringKind kind = givens.get(StringDecisions.STRING_KIND);
    Value core = pull.cores().get(i - 1);
    Value tension = pull.tensions().get(i - 1);
    return ledger.put(
        "string." + i + ".compensation.stiffness",
        "String " + i + ", lengthened by its stiffness",
        FINE_LENGTH,
        "κ · 2 · √(E · π · c^4 / 64 / T)",
        in("κ", Known.of(StringKeys.STRINGS_KAPPA, kind.stiffness(), "the kind of string")),
        in("E", Known.of(StringKeys.STEEL_ELASTICITY, STEEL, "music wire")),
        in("π", Known.of(FretboardKeys.PI, Math.PI, "a circle's own")),
        in("c", core),
        in("T", tension));
  }

  private static Value used(
      Givens givens,
      CompensationBy by,
      int i,
      Value stretch,
      Value stiffness,
      StringSpread strings,
      Ledger ledger) {
    String id = "string." + i + ".compensation";
    return switch (by) {
      case ESTIMATE ->
          ledger.put(
              id,
              "String " + i + " compensation, an estimate",
              FINE_LENGTH,
              "c_s + c_b",
              in("c_s", stretch),
              in("c_b", stiffness));
      case OWN_TABLE -> {
        Value own = givens.get(PartDecisions.own(i));
        yield ledger.put(
            id, "String " + i + " compensation, own table", FINE_LENGTH, "c", in("c", own));
      }
      case STRAIGHT_LINE -> {
        Value first = givens.get(StringDecisions.STRAIGHT_TREBLE);
        Value angle = givens.get(StringDecisions.STRAIGHT_ANGLE);
        Value treble = strings.atSaddle().get(0);
        Value own = strings.atSaddle().get(i - 1);
        yield ledger.put(
            id,
            "String " + i + " compensation, straight line",
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

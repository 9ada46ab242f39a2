package roughcut.strings;

import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.PRESSURE;
import static roughcut.measure.Quantity.RATIO;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.CompensationBy;
import roughcut.design.Givens;
import roughcut.design.PartDecisions;
import roughcut.design.StringDecisions;
import roughcut.design.StringKind;
import roughcut.layout.StringSpread;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.measure.Worked;

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
  public record Part(Worked stretch, Worked stiffness, Worked used) {}

  public Compensation {
    parts = List.copyOf(parts);
  }

  public static Compensation of(
      Givens givens, StringSpread strings, StringPull pull, Ledger ledger) {
    CompensationBy by = (CompensationBy) givens.get(StringDecisions.COMPENSATION);
    List<Part> parts = new ArrayList<>();
    for (int i = 1; i <= strings.count(); i++) {
      Worked stretch = stretch(givens, i, pull, ledger);
      Worked stiffness = stiffness(givens, i, pull, ledger);
      parts.add(
          new Part(stretch, stiffness, used(givens, by, i, stretch, stiffness, strings, ledger)));
    }
    return new Compensation(by, parts);
  }

  private static Worked stretch(Givens givens, int i, StringPull pull, Ledger ledger) {
    Given length = pull.scales().get(i - 1);
    Value core = pull.cores().get(i - 1);
    Worked tension = pull.tensions().get(i - 1);
    Given down = givens.get(StringDecisions.ACTION_12);
    double half = length.value() / 2;
    double h = down.value();
    double strain = (2 * Math.hypot(half, h) - length.value()) / length.value();
    double area = Math.PI * core.value() * core.value() / 4;
    return ledger.put(
        "string." + i + ".compensation.stretch",
        "String " + i + ", lengthened by pressing",
        FINE_LENGTH,
        length.value() * STEEL * area * strain / (2 * tension.value()),
        "L · E · π · c^2 / 4 · (2 · √((L / 2)^2 + h^2) − L) / L / (2 · T)",
        in("L", length),
        in("E", Given.decided("steel.elasticity", "Steel", STEEL, PRESSURE)),
        in("π", Given.decided("pi", "π", Math.PI, RATIO)),
        in("c", core),
        in("h", down),
        in("T", tension));
  }

  private static Worked stiffness(Givens givens, int i, StringPull pull, Ledger ledger) {
    StringKind kind = (StringKind) givens.get(StringDecisions.STRING_KIND);
    Value core = pull.cores().get(i - 1);
    Worked tension = pull.tensions().get(i - 1);
    double inertia = Math.PI * Math.pow(core.value(), 4) / 64;
    return ledger.put(
        "string." + i + ".compensation.stiffness",
        "String " + i + ", lengthened by its stiffness",
        FINE_LENGTH,
        kind.stiffness() * 2 * Math.sqrt(STEEL * inertia / tension.value()),
        "κ · 2 · √(E · π · c^4 / 64 / T)",
        in("κ", Given.decided("strings.kappa", "Share of a clamped end", kind.stiffness(), RATIO)),
        in("E", Given.decided("steel.elasticity", "Steel", STEEL, PRESSURE)),
        in("π", Given.decided("pi", "π", Math.PI, RATIO)),
        in("c", core),
        in("T", tension));
  }

  private static Worked used(
      Givens givens,
      CompensationBy by,
      int i,
      Worked stretch,
      Worked stiffness,
      StringSpread strings,
      Ledger ledger) {
    String id = "string." + i + ".compensation";
    return switch (by) {
      case ESTIMATE ->
          ledger.put(
              id,
              "String " + i + " compensation, an estimate",
              FINE_LENGTH,
              stretch.value() + stiffness.value(),
              "c_s + c_b",
              in("c_s", stretch),
              in("c_b", stiffness));
      case OWN_TABLE -> {
        Given own = givens.get(PartDecisions.own(i));
        yield ledger.put(
            id,
            "String " + i + " compensation, own table",
            FINE_LENGTH,
            own.value(),
            "c",
            in("c", own));
      }
      case STRAIGHT_LINE -> {
        Given first = givens.get(StringDecisions.STRAIGHT_TREBLE);
        Given angle = givens.get(StringDecisions.STRAIGHT_ANGLE);
        Worked treble = strings.atSaddle().get(0);
        Worked own = strings.atSaddle().get(i - 1);
        yield ledger.put(
            id,
            "String " + i + " compensation, straight line",
            FINE_LENGTH,
            first.value()
                + (treble.value() - own.value()) * Math.tan(Math.toRadians(angle.value())),
            "c_1 + (y_1 − y) · tan(γ)",
            in("c_1", first),
            in("y_1", treble),
            in("y", own),
            in("γ", angle));
      }
    };
  }
}

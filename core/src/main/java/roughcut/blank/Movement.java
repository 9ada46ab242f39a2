package roughcut.blank;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.PERCENT;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BlankDecisions;
import roughcut.measure.Found;
import roughcut.measure.Known;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.measure.Worked;
import roughcut.record.Givens;
import roughcut.shop.Species;
import roughcut.shop.Woods;

/**
 * How much narrower the neck blank gets as it dries to where it will live: width · S · (m1 − m2) /
 * 30 (handbook page 3).
 */
public final class Movement {
  private Movement() {}

  /** The movement of the neck blank: every strip's own width moves as its wood does. */
  public static Value of(Givens givens, Woods woods, NeckBlank blank, Ledger ledger) {
    Value now = givens.get(BlankDecisions.MOISTURE_NOW);
    Value later = givens.get(BlankDecisions.MOISTURE_LATER);
    List<Worked.Input> inputs = new ArrayList<>();
    StringBuilder formula = new StringBuilder("(");
    for (PlacedStrip strip : blank.strips()) {
      int n = inputs.size() / 2 + 1;
      Species wood = woods.get(strip.strip().species());
      double width =
          Math.max(
              strip.to() - strip.from(),
              strip.to(strip.lower().heelEnd()) - strip.from(strip.lower().heelEnd()));
      inputs.add(
          in(
              "w_" + n,
              Found.of(
                  "moisture.strip." + n,
                  "Strip " + n + ", " + wood.name(),
                  width,
                  LENGTH,
                  "found by laying the strips side by side",
                  blank.basis())));
      inputs.add(
          in(
              "S_" + n,
              Known.of(
                  "moisture.shrinkage." + n,
                  "Shrinkage of " + wood.name() + ", green to dry",
                  wood.tangential() * 100,
                  PERCENT,
                  "the wood's table")));
      formula.append(n > 1 ? " + " : "").append("w_").append(n).append(" · S_").append(n);
    }
    inputs.add(in("m_1", now));
    inputs.add(in("m_2", later));
    return ledger.put(
        BlankKeys.MOISTURE_MOVEMENT,
        formula.append(") / 100 · (m_1 − m_2) / 30").toString(),
        inputs.toArray(Worked.Input[]::new));
  }
}

package roughcut.blank;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.PERCENT;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BlankDecisions;
import roughcut.measure.ComputedValue;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Species;
import roughcut.shop.Woods;

/**
 * How much narrower the neck blank gets as it dries to where it will live: width · S · (m1 − m2) /
 * 30 (handbook page 3).
 */
public final class WoodMovement {
  private WoodMovement() {}

  /** The movement of the neck blank: every strip's own width moves as its wood does. */
  public static Value of(
      EffectiveInputs inputs, Woods woods, NeckBlank blank, ValueRegistry registry) {
    Value now = inputs.get(BlankDecisions.MOISTURE_NOW);
    Value later = inputs.get(BlankDecisions.MOISTURE_LATER);
    List<ComputedValue.Input> terms = new ArrayList<>();
    StringBuilder formula = new StringBuilder("(");
    for (PlacedStrip strip : blank.strips()) {
      int n = terms.size() / 2 + 1;
      Species wood = woods.get(strip.strip().species());
      double width =
          Math.max(
              strip.to() - strip.from(),
              strip.to(strip.lower().heelEnd()) - strip.from(strip.lower().heelEnd()));
      terms.add(
          in(
              "w_" + n,
              SearchedValue.of(
                  "moisture.strip." + n,
                  Text.of("Strip {n}, {wood}", n, wood.name()),
                  width,
                  LENGTH,
                  Text.of("found by placing the strips side by side"),
                  blank.provenance())));
      terms.add(
          in(
              "S_" + n,
              TableValue.of(
                  "moisture.shrinkage." + n,
                  Text.of("Shrinkage of {wood}, green to dry", wood.name()),
                  wood.tangential() * 100,
                  PERCENT,
                  Text.of("wood table"))));
      formula.append(n > 1 ? " + " : "").append("w_").append(n).append(" · S_").append(n);
    }
    terms.add(in("m_1", now));
    terms.add(in("m_2", later));
    return registry.put(
        BlankKeys.MOISTURE_MOVEMENT,
        formula.append(") / 100 · (m_1 − m_2) / 30").toString(),
        terms.toArray(ComputedValue.Input[]::new));
  }
}

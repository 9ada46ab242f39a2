package roughcut.blank;

import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.PERCENT;
import static roughcut.measure.Worked.in;

import java.util.Comparator;
import roughcut.design.BlankDecisions;
import roughcut.design.Givens;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;
import roughcut.shop.Species;
import roughcut.shop.SpeciesBook;

/**
 * How much narrower the neck blank gets as it dries to where it will live: width · S · (m1 − m2) /
 * 30 (handbook page 3).
 */
public final class Movement {
  private Movement() {}

  /** The movement of the neck blank, by the wood in it that moves most. */
  public static Worked of(Givens givens, Worked width, Ledger ledger) {
    Species wood =
        givens.design().neckStack().strips().stream()
            .map(s -> SpeciesBook.get(s.species()))
            .max(Comparator.comparingDouble(Species::tangential))
            .orElseThrow();
    Given shrinkage =
        Given.decided(
            "moisture.shrinkage",
            "Shrinkage of " + wood.name() + ", green to dry",
            wood.tangential() * 100,
            PERCENT);
    Given now = givens.get(BlankDecisions.MOISTURE_NOW);
    Given later = givens.get(BlankDecisions.MOISTURE_LATER);
    return ledger.put(
        "moisture.movement",
        "Blank's width changes by",
        FINE_LENGTH,
        width.value() * wood.tangential() * (now.value() - later.value()) / 30,
        "W · S / 100 · (m_1 − m_2) / 30",
        in("W", width),
        in("S", shrinkage),
        in("m_1", now),
        in("m_2", later));
  }
}

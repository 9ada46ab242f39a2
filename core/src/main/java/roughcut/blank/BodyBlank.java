package roughcut.blank;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.MASS;
import static roughcut.measure.Quantity.RATIO;
import static roughcut.measure.Worked.in;

import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;
import roughcut.shop.Species;
import roughcut.shop.SpeciesBook;

/**
 * The body's stack through its thickness, top first: top, accent veneer, back; what the back is to
 * be planed to, and what the blank weighs before anything is cut from it (handbook page 3).
 */
public record BodyBlank(
    Given thickness,
    Given top,
    Given accent,
    Worked back,
    Worked mass,
    Species backWood,
    Species topWood) {

  public static BodyBlank of(Givens givens, Ledger ledger) {
    Given thickness = givens.get(Decisions.BODY_THICKNESS);
    Given top = givens.get(Decisions.BODY_TOP);
    Given accent = givens.get(Decisions.BODY_ACCENT);
    Given sanding = givens.get(Decisions.BODY_SANDING);
    Worked back =
        ledger.put(
            "body.back-thickness",
            "Plane the back to",
            LENGTH,
            thickness.value() - top.value() - accent.value() + sanding.value(),
            "t − t_top − v + s",
            in("t", thickness),
            in("t_top", top),
            in("v", accent),
            in("s", sanding));
    Species backWood = SpeciesBook.get(givens.get(Decisions.BODY_SPECIES).word());
    Species topWood = SpeciesBook.get(givens.get(Decisions.TOP_SPECIES).word());
    Given backDensity =
        Given.decided(
            "body.density", "Density of " + backWood.name() + ", kg/m³", backWood.density(), RATIO);
    Given topDensity =
        Given.decided(
            "body.top-density",
            "Density of " + topWood.name() + ", kg/m³",
            topWood.density(),
            RATIO);
    Given length = givens.get(Decisions.BODY_LENGTH);
    Given width = givens.get(Decisions.BODY_WIDTH);
    Worked mass =
        ledger.put(
            "body.blank-mass",
            "Body blank before cutting",
            MASS,
            length.value()
                * width.value()
                * (back.value() * backDensity.value()
                    + (top.value() + accent.value()) * topDensity.value())
                / 1e6,
            "L · W · (t_b · ρ_b + (t_top + v) · ρ_t) / 1000000",
            in("L", length),
            in("W", width),
            in("t_b", back),
            in("ρ_b", backDensity),
            in("t_top", top),
            in("v", accent),
            in("ρ_t", topDensity));
    return new BodyBlank(thickness, top, accent, back, mass, backWood, topWood);
  }
}

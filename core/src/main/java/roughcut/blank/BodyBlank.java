package roughcut.blank;

import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.DENSITY;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.MASS;
import static roughcut.measure.Worked.in;

import java.util.Optional;
import roughcut.design.BodyBack;
import roughcut.design.BodyDecisions;
import roughcut.design.Clamping;
import roughcut.design.Givens;
import roughcut.design.NeckFixing;
import roughcut.design.NumberDecision;
import roughcut.design.Strip;
import roughcut.geometry.Bounds;
import roughcut.layout.BodyOutline;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;
import roughcut.shop.Board;
import roughcut.shop.Shop;
import roughcut.shop.Species;
import roughcut.shop.SpeciesBook;

/**
 * The body's stack through its thickness, top first: top, accent veneer, back; what the back is
 * planed to, how it is joined and capped, and what the blank weighs before anything is cut from it
 * (handbook page 3, "Body blank").
 *
 * @param back what the back is planed to
 * @param outline of the finished body
 * @param placement of that outline on the blank
 * @param join gluing the halves, wings or strips
 * @param topping gluing the top on; empty when there is none
 * @param resaw sawing the top's leaves; empty when there is no top
 */
public record BodyBlank(
    BodyBack kind,
    boolean winged,
    Given thickness,
    Given top,
    Given accent,
    Given length,
    Given width,
    Worked back,
    Worked mass,
    Species backWood,
    Species topWood,
    BodyOutline outline,
    BodyPlacement placement,
    GlueJob join,
    Optional<GlueJob> topping,
    Optional<ResawPlan> resaw,
    Optional<Binding> binding) {

  /** Works it out. */
  public static BodyBlank of(Givens givens, Shop shop, BodyOutline outline, Ledger ledger) {
    BodyBack kind = (BodyBack) givens.get(BodyDecisions.BODY_BACK);
    boolean winged = givens.get(BodyDecisions.NECK_FIXING) == NeckFixing.THROUGH;
    Given thickness = givens.get(BodyDecisions.BODY_THICKNESS);
    Given top = givens.get(BodyDecisions.BODY_TOP);
    Given accent = givens.get(BodyDecisions.BODY_ACCENT);
    Given sanding = givens.get(BodyDecisions.BODY_SANDING);
    BodyPlacement placement = BodyPlacement.of(givens, outline);
    // Wings are glued to the core where they belong; only a whole blank has an outline laid on it.
    Bounds laid = winged ? outline.bounds() : placement.shape().bounds();
    Given trim = givens.get(BodyDecisions.BODY_TRIM);
    Given length =
        size(
            givens,
            BodyDecisions.BODY_BLANK_LENGTH,
            winged ? outline.bounds().width() + trim.value() : laid.right(),
            trim,
            "l + e",
            ledger);
    Given width =
        size(
            givens,
            BodyDecisions.BODY_BLANK_WIDTH,
            2 * Math.max(Math.abs(laid.low()), Math.abs(laid.high())) + trim.value(),
            trim,
            "l + e",
            ledger);
    Species backWood = SpeciesBook.get(givens.get(BodyDecisions.BODY_SPECIES).word());
    Species topWood = SpeciesBook.get(givens.get(BodyDecisions.TOP_SPECIES).word());
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
    Worked mass = mass(shop, givens, length, width, back, top, accent, backWood, topWood, ledger);
    return new BodyBlank(
        kind,
        winged,
        thickness,
        top,
        accent,
        length,
        width,
        back,
        mass,
        backWood,
        topWood,
        outline,
        placement,
        join(givens, kind, winged, length, back, backWood, ledger),
        top.value() > 0
            ? Optional.of(topping(givens, length, width, top, accent, topWood, ledger))
            : Optional.empty(),
        top.value() > 0
            ? Optional.of(ResawPlan.of(givens, chosen(givens, shop, "top", topWood), ledger))
            : Optional.empty(),
        Binding.of(givens, outline, ledger));
  }

  /** A size of the blank: the maker's own, or what the outline asks for where it is laid. */
  private static Given size(
      Givens givens,
      NumberDecision decision,
      double reach,
      Given trim,
      String formula,
      Ledger ledger) {
    boolean winged = givens.get(BodyDecisions.NECK_FIXING) == NeckFixing.THROUGH;
    if (!winged && givens.own(decision)) {
      return givens.get(decision);
    }
    Given laid = Given.decided(decision.id() + ".laid", "Outline where it is laid", reach, LENGTH);
    Worked worked =
        ledger.put(
            decision.id(),
            decision.label() + ", for outline and trim",
            LENGTH,
            reach + trim.value(),
            formula,
            in("l", laid),
            in("e", trim));
    return Given.decided(decision.id(), decision.label(), worked.value(), LENGTH);
  }

  /** The wood that is seen from above. */
  public Species seenWood() {
    return topping.isPresent() ? topWood : backWood;
  }

  /** The board chosen for a part, or else the largest of its wood. */
  private static Optional<Board> chosen(Givens givens, Shop shop, String part, Species wood) {
    return givens.design().boardFor(part).flatMap(shop::board).or(() -> largest(shop, wood.id()));
  }

  private static Optional<Board> largest(Shop shop, String species) {
    return shop.boards().stream()
        .filter(b -> b.species().equals(species))
        .max(
            (a, b) ->
                Double.compare(
                    a.length().orElse(0) * a.width().orElse(0) * a.thickness().orElse(0),
                    b.length().orElse(0) * b.width().orElse(0) * b.thickness().orElse(0)));
  }

  /**
   * Density of a wood as this shop has it, kg/m³: that of its weighed board when there is one,
   * otherwise the species' mean.
   */
  public static double density(Shop shop, String species) {
    return shop.boards().stream()
        .filter(
            b -> b.species().equals(species) && b.mass().isPresent() && b.unmeasured().isEmpty())
        .findFirst()
        .map(Board::density)
        .orElseGet(() -> SpeciesBook.get(species).density());
  }

  private static Worked mass(
      Shop shop,
      Givens givens,
      Given length,
      Given width,
      Worked back,
      Given top,
      Given accent,
      Species backWood,
      Species topWood,
      Ledger ledger) {
    Given backDensity =
        Given.decided(
            "body.density",
            "Density of " + backWood.name() + "",
            density(shop, backWood.id()),
            DENSITY);
    Given topDensity =
        Given.decided(
            "body.top-density",
            "Density of " + topWood.name() + "",
            density(shop, topWood.id()),
            DENSITY);
    return ledger.put(
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
  }

  private static GlueJob join(
      Givens givens,
      BodyBack kind,
      boolean winged,
      Given length,
      Worked back,
      Species wood,
      Ledger ledger) {
    int faces =
        winged
            ? 2
            : switch (kind) {
              case ONE_PIECE -> 0;
              case HALVES -> 1;
              case STRIPS -> givens.design().bodyStack().size() - 1;
            };
    double outer =
        kind == BodyBack.STRIPS
            ? givens.design().bodyStack().strips().stream()
                .mapToDouble(Strip::thickness)
                .min()
                .orElse(100)
            : 100;
    return GlueJob.of(
        givens,
        new GlueJob.Faces(
            "body.glue",
            "body.clamps",
            Given.decided(
                "body.joints", winged ? "Joints to the wings" : "Joints of the back", faces, COUNT),
            length,
            back,
            wood.density(),
            outer,
            Clamping.CLAMPS),
        ledger);
  }

  private static GlueJob topping(
      Givens givens,
      Given length,
      Given width,
      Given top,
      Given accent,
      Species wood,
      Ledger ledger) {
    return GlueJob.of(
        givens,
        new GlueJob.Faces(
            "top.glue",
            "top.clamps",
            Given.decided("top.faces", "Faces under the top", accent.value() > 0 ? 2 : 1, COUNT),
            length,
            width,
            wood.density(),
            top.value(),
            (Clamping) givens.get(BodyDecisions.TOP_CLAMPING)),
        ledger);
  }
}

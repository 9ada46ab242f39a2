package roughcut.blank;

import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.DENSITY;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.Optional;
import roughcut.design.BodyBack;
import roughcut.design.BodyDecisions;
import roughcut.design.Clamping;
import roughcut.design.NumberDecision;
import roughcut.design.Strip;
import roughcut.geometry.Bounds;
import roughcut.layout.BodyOutline;
import roughcut.measure.Basis;
import roughcut.measure.Decided;
import roughcut.measure.Found;
import roughcut.measure.Known;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.record.Givens;
import roughcut.shop.Board;
import roughcut.shop.Shop;
import roughcut.shop.Species;

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
    Value thickness,
    Value top,
    Value accent,
    Value length,
    Value width,
    Value back,
    Value mass,
    Species backWood,
    Species topWood,
    BodyOutline outline,
    BodyPlacement placement,
    GlueJob join,
    Optional<GlueJob> topping,
    Optional<ResawPlan> resaw,
    Optional<Binding> binding) {

  /** Whether a joint runs along its middle. */
  public boolean halved() {
    return !winged
        && switch (kind) {
          case HALVES -> true;
          case ONE_PIECE, STRIPS -> false;
        };
  }

  /** Whether it is glued up of strips that are listed one by one. */
  public boolean laminated() {
    return !winged
        && switch (kind) {
          case STRIPS -> true;
          case ONE_PIECE, HALVES -> false;
        };
  }

  /** Whether the body's sides are glued to a core that runs through. */
  private static boolean winged(Givens givens) {
    return switch (givens.get(BodyDecisions.NECK_JOINT)) {
      case THROUGH -> true;
      case BOLT_ON, SET_NECK -> false;
    };
  }

  /** Works it out. */
  public static BodyBlank of(Givens givens, Shop shop, BodyOutline outline, Ledger ledger) {
    BodyBack kind = givens.get(BodyDecisions.BODY_BACK);
    boolean winged = winged(givens);
    Value thickness = givens.get(BodyDecisions.BODY_THICKNESS);
    Value top = givens.get(BodyDecisions.BODY_TOP);
    Value accent = givens.get(BodyDecisions.BODY_ACCENT);
    Value sanding = givens.get(BodyDecisions.BODY_SANDING);
    Givens.Watched<BodyPlacement> laying = givens.watched(() -> BodyPlacement.of(givens, outline));
    BodyPlacement placement = laying.made();
    Basis basis = laying.asked().and(outline.basis());
    // Wings are glued to the core where they belong; only a whole blank has an outline laid on it.
    Bounds laid = winged ? outline.bounds() : placement.shape().bounds();
    Value trim = givens.get(BodyDecisions.BODY_TRIM);
    Value length =
        size(
            givens,
            BodyDecisions.BODY_BLANK_LENGTH,
            winged ? outline.bounds().width() + trim.value() : laid.right(),
            trim,
            basis,
            ledger);
    Value width =
        size(
            givens,
            BodyDecisions.BODY_BLANK_WIDTH,
            2 * Math.max(Math.abs(laid.low()), Math.abs(laid.high())) + trim.value(),
            trim,
            basis,
            ledger);
    Species backWood = shop.woods().get(givens.get(BodyDecisions.BODY_SPECIES).word());
    Species topWood = shop.woods().get(givens.get(BodyDecisions.TOP_SPECIES).word());
    Value back =
        ledger.put(
            BlankKeys.BODY_BACK_THICKNESS,
            "t − t_top − v + s",
            in("t", thickness),
            in("t_top", top),
            in("v", accent),
            in("s", sanding));
    Value mass = mass(shop, givens, length, width, back, top, accent, backWood, topWood, ledger);
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
        Binding.of(givens, shop.woods(), outline, ledger));
  }

  /** A size of the blank: the maker's own, or what the outline asks for where it is laid. */
  private static Value size(
      Givens givens,
      NumberDecision decision,
      double reach,
      Value trim,
      Basis basis,
      Ledger ledger) {
    boolean winged = winged(givens);
    if (!winged && givens.own(decision)) {
      return givens.get(decision);
    }
    Value laid =
        Found.of(
            decision.id() + ".laid",
            "Outline where it is laid",
            reach,
            LENGTH,
            "found at the outline as it is laid",
            basis);
    Value worked =
        ledger.put(
            decision.id(),
            decision.label() + ", for outline and trim",
            LENGTH,
            "l + e",
            in("l", laid),
            in("e", trim));
    return worked;
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
        .map(b -> b.density(shop.woods()))
        .orElseGet(() -> shop.woods().get(species).density());
  }

  private static Value mass(
      Shop shop,
      Givens givens,
      Value length,
      Value width,
      Value back,
      Value top,
      Value accent,
      Species backWood,
      Species topWood,
      Ledger ledger) {
    Value backDensity =
        Known.of(
            "body.density",
            "Density of " + backWood.name() + "",
            density(shop, backWood.id()),
            DENSITY,
            "table of woods");
    Value topDensity =
        Known.of(
            "body.top-density",
            "Density of " + topWood.name() + "",
            density(shop, topWood.id()),
            DENSITY,
            "table of woods");
    return ledger.put(
        BlankKeys.BODY_BLANK_MASS,
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
      Value length,
      Value back,
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
        switch (kind) {
          case STRIPS ->
              givens.bodyStrips().stream().mapToDouble(Strip::thickness).min().orElse(100);
          case HALVES, ONE_PIECE -> 100;
        };
    return GlueJob.of(
        givens,
        new GlueJob.Faces(
            "body.glue",
            "body.clamps",
            Known.of(
                "body.joints",
                winged ? "Joints to the wings" : "Joints of the back",
                faces,
                COUNT,
                "counted"),
            length,
            back,
            wood.density(),
            Decided.of("body.outer", "Outermost piece", outer, LENGTH),
            Clamping.CLAMPS),
        ledger);
  }

  private static GlueJob topping(
      Givens givens,
      Value length,
      Value width,
      Value top,
      Value accent,
      Species wood,
      Ledger ledger) {
    return GlueJob.of(
        givens,
        new GlueJob.Faces(
            "top.glue",
            "top.clamps",
            Found.of(
                BlankKeys.TOP_FACES,
                accent.value() > 0 ? 2 : 1,
                "found by counting top and veneer",
                accent),
            length,
            width,
            wood.density(),
            top,
            givens.get(BodyDecisions.TOP_CLAMPING)),
        ledger);
  }
}

package roughcut.blank;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.DENSITY;
import static roughcut.measure.Quantity.LENGTH;

import java.util.Optional;
import roughcut.design.BodyBack;
import roughcut.design.BodyDecisions;
import roughcut.design.Clamping;
import roughcut.design.NumberDecision;
import roughcut.design.Strip;
import roughcut.geometry.Bounds;
import roughcut.layout.BodyOutline;
import roughcut.measure.DecidedValue;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
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
    Optional<BodyBinding> binding) {

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
  private static boolean winged(EffectiveInputs inputs) {
    return switch (inputs.get(BodyDecisions.NECK_JOINT)) {
      case THROUGH -> true;
      case BOLT_ON, SET_NECK -> false;
    };
  }

  /** Works it out. */
  public static BodyBlank of(
      EffectiveInputs inputs, Shop shop, BodyOutline outline, ValueRegistry registry) {
    BodyBack kind = inputs.get(BodyDecisions.BODY_BACK);
    boolean winged = winged(inputs);
    Value thickness = inputs.get(BodyDecisions.BODY_THICKNESS);
    Value top = inputs.get(BodyDecisions.BODY_TOP);
    Value accent = inputs.get(BodyDecisions.BODY_ACCENT);
    Value sanding = inputs.get(BodyDecisions.BODY_SANDING);
    EffectiveInputs.Watched<BodyPlacement> laying =
        inputs.tracked(() -> BodyPlacement.of(inputs, outline));
    BodyPlacement placement = laying.made();
    Provenance provenance = laying.asked().and(outline.provenance());
    // Wings are glued to the core where they belong; only a whole blank has an outline laid on it.
    Bounds laid = winged ? outline.bounds() : placement.shape().bounds();
    Value trim = inputs.get(BodyDecisions.BODY_TRIM);
    Value length =
        size(
            inputs,
            BodyDecisions.BODY_BLANK_LENGTH,
            winged ? outline.bounds().width() + trim.value() : laid.right(),
            trim,
            provenance,
            registry);
    Value width =
        size(
            inputs,
            BodyDecisions.BODY_BLANK_WIDTH,
            2 * Math.max(Math.abs(laid.low()), Math.abs(laid.high())) + trim.value(),
            trim,
            provenance,
            registry);
    Species backWood = shop.woods().get(inputs.get(BodyDecisions.BODY_SPECIES).word());
    Species topWood = shop.woods().get(inputs.get(BodyDecisions.TOP_SPECIES).word());
    Value back =
        registry.put(
            BlankKeys.BODY_BACK_THICKNESS,
            "t − t_top − v + s",
            in("t", thickness),
            in("t_top", top),
            in("v", accent),
            in("s", sanding));
    Value mass = mass(shop, inputs, length, width, back, top, accent, backWood, topWood, registry);
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
        join(inputs, kind, winged, length, back, backWood, registry),
        top.value() > 0
            ? Optional.of(topping(inputs, length, width, top, accent, topWood, registry))
            : Optional.empty(),
        top.value() > 0
            ? Optional.of(ResawPlan.of(inputs, chosen(inputs, shop, "top", topWood), registry))
            : Optional.empty(),
        BodyBinding.of(inputs, shop.woods(), outline, registry));
  }

  /** A size of the blank: the maker's own, or what the outline asks for where it is laid. */
  private static Value size(
      EffectiveInputs inputs,
      NumberDecision decision,
      double reach,
      Value trim,
      Provenance provenance,
      ValueRegistry registry) {
    boolean winged = winged(inputs);
    if (!winged && inputs.own(decision)) {
      return inputs.get(decision);
    }
    Value laid =
        SearchedValue.of(
            decision.id() + ".laid",
            Text.of("Outline where it is placed"),
            reach,
            LENGTH,
            Text.of("found at the outline as it is placed"),
            provenance);
    Value worked =
        registry.put(
            decision.id(),
            Text.of("{decision}, for outline and trim", decision.label()),
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
  private static Optional<Board> chosen(
      EffectiveInputs inputs, Shop shop, String part, Species wood) {
    return inputs.design().boardFor(part).flatMap(shop::board).or(() -> largest(shop, wood.id()));
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
      EffectiveInputs inputs,
      Value length,
      Value width,
      Value back,
      Value top,
      Value accent,
      Species backWood,
      Species topWood,
      ValueRegistry registry) {
    Value backDensity =
        TableValue.of(
            "body.density",
            Text.of("Density of {back}", backWood.name()),
            density(shop, backWood.id()),
            DENSITY,
            Text.of("wood table"));
    Value topDensity =
        TableValue.of(
            "body.top-density",
            Text.of("Density of {top}", topWood.name()),
            density(shop, topWood.id()),
            DENSITY,
            Text.of("wood table"));
    return registry.put(
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
      EffectiveInputs inputs,
      BodyBack kind,
      boolean winged,
      Value length,
      Value back,
      Species wood,
      ValueRegistry registry) {
    int faces =
        winged
            ? 2
            : switch (kind) {
              case ONE_PIECE -> 0;
              case HALVES -> 1;
              case STRIPS -> inputs.design().bodyStack().size() - 1;
            };
    double outer =
        switch (kind) {
          case STRIPS ->
              inputs.bodyStrips().stream().mapToDouble(Strip::thickness).min().orElse(100);
          case HALVES, ONE_PIECE -> 100;
        };
    return GlueJob.of(
        inputs,
        new GlueJob.Faces(
            "body.glue",
            "body.clamps",
            TableValue.of(
                "body.joints",
                winged ? Text.of("Joints to the wings") : Text.of("Joints of the back"),
                faces,
                COUNT,
                Text.of("counted")),
            length,
            back,
            wood.density(),
            DecidedValue.of("body.outer", Text.of("Outermost piece"), outer, LENGTH),
            Clamping.CLAMPS),
        registry);
  }

  private static GlueJob topping(
      EffectiveInputs inputs,
      Value length,
      Value width,
      Value top,
      Value accent,
      Species wood,
      ValueRegistry registry) {
    return GlueJob.of(
        inputs,
        new GlueJob.Faces(
            "top.glue",
            "top.clamps",
            SearchedValue.of(
                BlankKeys.TOP_FACES,
                accent.value() > 0 ? 2 : 1,
                Text.of("found by counting top and veneer"),
                accent),
            length,
            width,
            wood.density(),
            top,
            inputs.get(BodyDecisions.TOP_CLAMPING)),
        registry);
  }
}

package roughcut.rout;

import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.BodyFace;
import roughcut.design.RoutDecisions;
import roughcut.design.WasteRemoval;
import roughcut.geometry.Bounds;
import roughcut.measure.Given;
import roughcut.measure.Worked;
import roughcut.shop.Cutter;
import roughcut.shop.Shop;
import roughcut.shop.Template;

/**
 * How one step of a rout is made: bored out first or not, its template, its passes with their
 * settings from the surface that is there at that stage, and what is left to ease.
 *
 * @param bits that it may be bored out with first; none when it is routed all the way
 * @param surface depth from the face that is there now, stock still to come off included
 * @param grip least of a collet's grip to hold it, in words
 * @param speed turns a minute for the largest cutter used
 */
public record RoutPlan(
    Cut cut,
    Step step,
    TemplatePlan template,
    List<Cutter> bits,
    PassPlan plan,
    List<Worked> depths,
    List<Worked> cutters,
    Worked surface,
    double speed) {
  public RoutPlan {
    bits = List.copyOf(bits);
    depths = List.copyOf(depths);
    cutters = List.copyOf(cutters);
  }

  /** The bores that empty it first; empty when it is routed all the way or no bit fits. */
  public Optional<BoredWaste> bored() {
    return BoredWaste.of(step, surface.value(), bits);
  }

  /** Plans for every step of every rout, in the order of work. */
  static List<RoutPlan> all(Slab slab, Shop shop, double density) {
    List<RoutPlan> plans = new ArrayList<>();
    for (Cut cut : slab.cuts) {
      // A lever's slot is bored at its ends, sawn and filed: too narrow to be led round.
      for (Step step : cut.kind() == CutKind.SLOT ? List.<Step>of() : cut.steps()) {
        plans.add(of(slab, shop, cut, step, density));
      }
    }
    return plans;
  }

  private static RoutPlan of(Slab slab, Shop shop, Cut cut, Step step, double density) {
    Given stock = slab.givens.get(RoutDecisions.STOCK_LEFT);
    BodyFace off = (BodyFace) slab.givens.get(RoutDecisions.STOCK_FROM);
    boolean thicker = cut.from().opens(off) && stock.value() > 0;
    Worked surface =
        slab.ledger.put(
            "pass." + step.name() + ".depth-now",
            "Depth from the surface that is there now",
            LENGTH,
            step.depth().value() + (thicker ? stock.value() : 0),
            thicker ? "d + s" : "d",
            thicker
                ? new Worked.Input[] {in("d", step.depth()), in("s", stock)}
                : new Worked.Input[] {in("d", step.depth())});
    Optional<Template> owned = shop.template(step.name()).filter(Template::routs);
    double template =
        owned
            .map(Template::thickness)
            .orElse(slab.givens.get(RoutDecisions.TEMPLATE_THICKNESS).value());
    Bounds b = step.bounds();
    PassPlan.Job job =
        new PassPlan.Job(
            Math.max(0.1, surface.value()),
            step.corner(),
            Math.min(b.width(), b.height()),
            template,
            slab.givens.get(RoutDecisions.TEMPLATE_BUSH).value(),
            density,
            slab.givens.get(RoutDecisions.OWN_FACTOR).value(),
            slab.givens.get(RoutDecisions.LAST_PASS).value());
    PassPlan plan = PassPlan.of(job, shop.cutters());
    double cutter =
        plan.passes().isEmpty() ? step.corner() * 2 : plan.passes().get(0).cutter().diameter();
    boolean bore = slab.givens.get(RoutDecisions.WASTE) == WasteRemoval.BORED_FIRST;
    List<Worked> depths = new ArrayList<>();
    List<Worked> cutters = new ArrayList<>();
    passes(slab, step, surface, plan, template, depths, cutters);
    return new RoutPlan(
        cut,
        step,
        TemplatePlan.of(slab, shop, step, cutter),
        bore ? shop.cutters() : List.of(),
        plan,
        depths,
        cutters,
        surface,
        plan.passes().stream().mapToDouble(p -> p.cutter().dial()).min().orElse(0));
  }

  private static void passes(
      Slab slab,
      Step step,
      Worked surface,
      PassPlan plan,
      double template,
      List<Worked> depths,
      List<Worked> cutters) {
    for (int i = 0; i < plan.passes().size(); i++) {
      PassPlan.Pass pass = plan.passes().get(i);
      String id = "pass." + step.name() + "." + (i + 1);
      Given share =
          Given.decided(
              id + ".share",
              "Share of the whole depth",
              pass.depth() / Math.max(0.1, surface.value()),
              roughcut.measure.Quantity.RATIO);
      depths.add(
          slab.ledger.put(
              id + ".depth",
              "Pass " + (i + 1) + " of " + step.name() + ", depth below the wood's surface",
              FINE_LENGTH,
              pass.depth(),
              "max(0.1, d) · k",
              in("d", surface),
              in("k", share)));
      Given tau = Given.decided(id + ".template", "Template", template, LENGTH);
      slab.ledger.put(
          id + ".setting",
          "Pass " + (i + 1) + " of " + step.name() + ", router's depth from the template",
          FINE_LENGTH,
          pass.setting(),
          "d + τ",
          in("d", depths.get(i)),
          in("τ", tau));
      Given diameter =
          Given.decided(
              "cutter." + pass.cutter().name(),
              pass.cutter().name(),
              pass.cutter().diameter(),
              LENGTH);
      cutters.add(
          slab.ledger.put(
              id + ".cutter",
              "Pass " + (i + 1) + " of " + step.name() + ", cutter's diameter",
              LENGTH,
              pass.cutter().diameter(),
              "D",
              in("D", diameter)));
    }
  }
}

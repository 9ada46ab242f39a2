package roughcut.rout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.RoutDecisions;
import roughcut.geometry.Bounds;
import roughcut.measure.ComputedValue;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
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
 * @param stage when it is cut, where that isn't from the finished face, in words; empty otherwise
 * @param shim under the template at the heel's end, where the floor is tilted: every depth then is
 *     the one at the body's edge; empty for a level floor
 * @param speed turns a minute for the largest cutter used
 */
public record RoutPlan(
    Cut cut,
    RoutStep step,
    TemplatePlan template,
    List<Cutter> bits,
    PassPlan plan,
    List<Value> depths,
    List<Value> cutters,
    Value surface,
    Optional<Text> stage,
    Optional<Shim> shim,
    double speed) {
  /**
   * A taper under the template, so that its face lies level with a floor that leans.
   *
   * @param height at its thick end
   * @param atHeel whether that is at the heel's end, rather than the body's edge
   */
  public record Shim(Value height, boolean atHeel) {}

  /** A floor that leans less than this over its length is cut as a level one, mm. */
  private static final double TILTED = 0.05;

  public RoutPlan {
    bits = List.copyOf(bits);
    depths = List.copyOf(depths);
    cutters = List.copyOf(cutters);
  }

  /** The bores that empty it first; empty when it is routed all the way or no bit fits. */
  public Optional<BoredWaste> bored() {
    // Where the floor leans, no bit goes below its shallow end.
    return BoredWaste.of(step, surface.value() - step.floorRise(), bits);
  }

  /**
   * Plans for every step of every rout, in the order of work.
   *
   * @param taper of the pocket's floor where it is tilted; empty without one
   */
  static List<RoutPlan> all(CutBody body, Shop shop, double density, Optional<Value> taper) {
    List<RoutPlan> plans = new ArrayList<>();
    for (Cut cut : body.cuts) {
      // A lever's slot is bored at its ends, sawn and filed: too narrow to be led round.
      for (RoutStep step : cut.kind() == CutKind.SLOT ? List.<RoutStep>of() : cut.steps()) {
        plans.add(of(body, shop, cut, step, density, taper));
      }
    }
    return plans;
  }

  private static RoutPlan of(
      CutBody body, Shop shop, Cut cut, RoutStep step, double density, Optional<Value> floor) {
    Value stock = body.state.stock();
    boolean covered = cut.covered() && body.cap() > 0;
    // Before the top is on, what is still to come off it isn't there.
    boolean thicker = cut.from().opens(body.state.off()) && stock.value() > 0 && !covered;
    Value surface =
        body.registry.put(
            RoutKeys.PASS_DEPTH_NOW.id(step.name()),
            Text.of("Depth from the current surface"),
            LENGTH,
            thicker ? "d + s" : "d",
            thicker
                ? new ComputedValue.Input[] {in("d", step.depth()), in("s", stock)}
                : new ComputedValue.Input[] {in("d", step.depth())});
    Optional<Template> owned = shop.template(step.name()).filter(Template::routs);
    double template =
        owned
            .map(Template::thickness)
            .orElse(body.inputs.get(RoutDecisions.TEMPLATE_THICKNESS).value());
    Bounds b = step.bounds();
    PassPlan.Job job =
        new PassPlan.Job(
            Math.max(0.1, surface.value()),
            step.corner(),
            Math.min(b.width(), b.height()),
            template,
            body.inputs.get(RoutDecisions.TEMPLATE_BUSH).value(),
            density,
            body.inputs.get(RoutDecisions.OWN_FACTOR).value(),
            body.inputs.get(RoutDecisions.LAST_PASS).value());
    PassPlan plan = PassPlan.of(job, shop.cutters());
    Provenance sharing =
        body.provenance(cut)
            .with(
                surface,
                body.inputs.get(RoutDecisions.TEMPLATE_THICKNESS),
                body.inputs.get(RoutDecisions.TEMPLATE_BUSH),
                body.inputs.get(RoutDecisions.OWN_FACTOR),
                body.inputs.get(RoutDecisions.LAST_PASS));
    double cutter =
        plan.passes().isEmpty() ? step.corner() * 2 : plan.passes().get(0).cutter().diameter();
    boolean bore =
        switch (body.inputs.get(RoutDecisions.WASTE)) {
          case BORED_FIRST -> true;
          case ROUTED -> false;
        };
    List<Value> depths = new ArrayList<>();
    List<Value> cutters = new ArrayList<>();
    passes(body, step, surface, plan, template, sharing, depths, cutters);
    return new RoutPlan(
        cut,
        step,
        TemplatePlan.of(body, shop, cut, step, cutter),
        bore ? shop.cutters() : List.of(),
        plan,
        depths,
        cutters,
        surface,
        covered
            ? Optional.of(Text.of("before the top is glued on, from the face of the back"))
            : Optional.empty(),
        floor
            .filter(t -> cut.kind() == CutKind.POCKET && Math.abs(t.value()) >= TILTED)
            .map(t -> new Shim(shim(body, t), t.value() > 0)),
        plan.passes().stream().mapToDouble(p -> p.cutter().dial()).min().orElse(0));
  }

  /** A tilted pocket is cut level with its floor: on tapered shims under the template. */
  private static Value shim(CutBody body, Value taper) {
    return body.registry.put(
        RoutKeys.PASS_SHIM.id(),
        taper.value() > 0
            ? Text.of("Shims under the template at the heel end, none at the body edge")
            : Text.of("Shims under the template at the body edge, none at the heel end"),
        FINE_LENGTH,
        "abs(k)",
        in("k", taper));
  }

  /** How a tilted floor is made, in words; empty for a level one. */
  public Optional<Text> tilt() {
    return shim.map(
        s ->
            Text.of(
                s.atHeel()
                    ? "{label}: {height}. The depths below are at the body edge; at the other "
                        + "end the floor is that much higher"
                    : "{label}: {height}. The depths below are at the heel end; at the other end "
                        + "the floor is that much higher",
                s.height().label().small(),
                Text.shown(s.height())));
  }

  private static void passes(
      CutBody body,
      RoutStep step,
      Value surface,
      PassPlan plan,
      double template,
      Provenance sharing,
      List<Value> depths,
      List<Value> cutters) {
    for (int i = 0; i < plan.passes().size(); i++) {
      PassPlan.Pass pass = plan.passes().get(i);
      String id = "pass." + step.name() + "." + (i + 1);
      Value share =
          SearchedValue.of(
              id + ".share",
              Text.of("Share of the whole depth"),
              pass.depth() / Math.max(0.1, surface.value()),
              roughcut.measure.Quantity.RATIO,
              Text.of("found by sharing the depth among the cutters"),
              sharing);
      depths.add(
          body.registry.put(
              id + ".depth",
              Text.of(
                  "Pass {value} of {step}, depth below the wood surface",
                  i + 1,
                  Text.word(step.name())),
              FINE_LENGTH,
              "max(0.1, d) · k",
              in("d", surface),
              in("k", share)));
      Value tau =
          SearchedValue.of(
              id + ".template",
              Text.of("Template"),
              template,
              LENGTH,
              Text.of("found from the template in use"),
              Provenance.of(body.inputs.get(RoutDecisions.TEMPLATE_THICKNESS)));
      body.registry.put(
          RoutKeys.PASS_SETTING.id(step.name(), i + 1),
          Text.of(
              "Pass {value} of {step}, router depth from the template",
              i + 1,
              Text.word(step.name())),
          FINE_LENGTH,
          "d + τ",
          in("d", depths.get(i)),
          in("τ", tau));
      Value diameter =
          SearchedValue.of(
              "cutter." + pass.cutter().name(),
              Text.raw(pass.cutter().name()),
              pass.cutter().diameter(),
              LENGTH,
              Text.of("found among the shop's cutters"),
              sharing);
      cutters.add(
          body.registry.put(
              id + ".cutter",
              Text.of("Pass {value} of {step}, cutter diameter", i + 1, Text.word(step.name())),
              LENGTH,
              "D",
              in("D", diameter)));
    }
  }

  /** What it makes: of a cut with several floors each by its own. */
  public Text words() {
    return floor().isEmpty()
        ? cut.words()
        : Text.of("{cut}, {floor}", cut.words(), Text.word(floor()));
  }

  /** Which of a cut's floors it makes: its legs, its ledge; empty for the cut itself. */
  public String floor() {
    boolean whole = step.name().equals(cut.name());
    return whole ? "" : step.name().substring(cut.name().length() + 1);
  }
}

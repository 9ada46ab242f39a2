package roughcut.blank;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import roughcut.design.BlankDecisions;
import roughcut.design.BlankStep;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.geometry.Outline;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.ValueRegistry;
import roughcut.record.Build;
import roughcut.record.EffectiveInputs;
import roughcut.record.Proposal;
import roughcut.shop.Board;
import roughcut.shop.Saw;
import roughcut.shop.Shop;
import roughcut.shop.Species;

/**
 * What would make strips fit that don't: another saw, another board, thinner strips, fewer strips,
 * or a strip of another wood. Each is tried on a copy, and only what really makes the strips of
 * that wood come out is offered.
 */
public final class RipWaysOut {
  private static final double FINEST = 0.1;
  private static final double THINNEST_SHARE = 0.6;

  private final Build build;
  private final Shop shop;
  private final BlankTree tree;
  private final double halfNeeded;
  private final double spareBelow;
  private final Optional<Outline> nested;
  private final RipPlan plan;
  private final List<Proposal> found = new ArrayList<>();

  private RipWaysOut(Build build, Shop shop, BlankTree tree, Needs needs, RipPlan plan) {
    this.build = build;
    this.shop = shop;
    this.tree = tree;
    this.halfNeeded = needs.half;
    this.spareBelow = needs.spareBelow;
    this.nested = needs.nested;
    this.plan = plan;
  }

  /**
   * What the stack must keep.
   *
   * @param half half its width, mm
   * @param spareBelow stock below the finished back where it is deepest, mm
   * @param nested outline of a neck sawn from one piece; empty for strips
   */
  public record Needs(double half, double spareBelow, Optional<Outline> nested) {}

  /** The ways out for one plan that doesn't fit; none when it does. */
  public static List<Proposal> of(
      Build build, Shop shop, BlankTree tree, Needs needs, RipPlan plan) {
    RipWaysOut ways = new RipWaysOut(build, shop, tree, needs, plan);
    if (!plan.fits()) {
      ways.saws();
      ways.boards();
      ways.several();
      ways.thinner();
      ways.fewer();
      ways.filler();
    } else if (ways.tooThin()) {
      ways.boards();
      ways.several();
      ways.shallower();
      ways.capped();
    } else if (!ways.works(build, null)) {
      ways.boards();
    }
    return List.copyOf(ways.found);
  }

  /**
   * Whether all strips of this wood, and of {@code other} too, come out of their boards in that
   * build.
   */
  private boolean works(Build candidate, String other) {
    NeckRips rips = rips(candidate);
    double width =
        new EffectiveInputs(candidate).neckStrips().stream().mapToDouble(Strip::thickness).sum();
    return width / 2 >= halfNeeded
        && rips.plans().stream()
            .filter(p -> p.species().equals(plan.species()) || p.species().equals(other))
            .allMatch(p -> p.fits() && BlankReadiness.boardProblem(p, rips).isEmpty());
  }

  /** The plans of a candidate, whose strips may be of another depth. */
  private NeckRips rips(Build candidate) {
    EffectiveInputs inputs = new EffectiveInputs(candidate);
    return NeckRips.of(inputs, shop, tree.of(inputs), nested, Provenance.NONE, new ValueRegistry());
  }

  /** Whether this wood's strips come out of its board's width, but not of its thickness. */
  private boolean tooThin() {
    return !plan.strips().isEmpty()
        && !plan.onEdge()
        && plan.board()
            .filter(b -> b.thickness().isPresent())
            .filter(b -> b.thickness().getAsDouble() < tree.depth().value())
            .isPresent();
  }

  /** Measured where it was, decided otherwise. */
  private double counts(NumberDecision decision) {
    return new EffectiveInputs(build).get(decision).value();
  }

  /** A shaft as deep as the board gives, as long as the neck's back stays in it. */
  private void shallower() {
    double missing = tree.depth().value() - plan.board().orElseThrow().thickness().getAsDouble();
    double shaft = counts(Decisions.SHAFT_THICKNESS);
    double next = Math.floor((shaft - missing) * 10) / 10;
    if (Decisions.SHAFT_THICKNESS.allows(next) && missing <= spareBelow) {
      offer(
          Text.of("plane the shaft to {next}: its back is still inside it", Text.length(next, 1)),
          b -> b.withDesign(Decisions.SHAFT_THICKNESS.with(b.design(), next)),
          null);
    }
  }

  /** Depth glued up: a cap on top of strips that are as deep as the board gives. */
  private void capped() {
    double missing = tree.depth().value() - plan.board().orElseThrow().thickness().getAsDouble();
    double cap = Math.ceil(missing + counts(BlankDecisions.FLATTENING));
    if (build.design().neckSteps().size() < BlankStep.MOST_STEPS && cap >= 1 && cap < 40) {
      List<BlankStep> steps = new ArrayList<>(build.design().neckSteps());
      steps.add(new BlankStep(BlankStep.Kind.CAPPED, plan.species(), cap, 0));
      offer(
          Text.of("glue up the depth: a cap of {cap} on top of the strips", Text.length(cap, 0)),
          b -> b.withDesign(b.design().withNeckSteps(steps)),
          null);
    }
  }

  private boolean offer(Text words, UnaryOperator<Build> change, String other) {
    if (works(change.apply(build), other)) {
      found.add(new Proposal(words, change));
      return true;
    }
    return false;
  }

  private void saws() {
    for (Saw saw : shop.saws()) {
      if (saw.wanders()) {
        continue;
      }
      if (saw.kerf() != counts(Decisions.SAW_KERF)
          || saw.allowance() != counts(BlankDecisions.SAW_ALLOWANCE)) {
        offer(
            Text.of(
                "Saw with the {saw}: kerf {kerf}, planing {allowance} per face",
                saw.name(),
                Text.length(saw.kerf(), 1),
                Text.length(saw.allowance(), 1)),
            b -> with(b, saw),
            null);
      }
    }
  }

  /** The build that is ripped with that saw: its name, its kerf and its allowance. */
  public static Build with(Build build, Saw saw) {
    return build.withDesign(
        BlankDecisions.SAW_ALLOWANCE
            .with(Decisions.SAW_KERF.with(build.design(), saw.kerf()), saw.allowance())
            .withSaw("rip", saw.name()));
  }

  private void boards() {
    for (Board board : shop.boards()) {
      if (board.species().equals(plan.species())
          && !plan.board().map(b -> b.id().equals(board.id())).orElse(false)) {
        offer(
            Text.of(
                board.irreplaceable()
                    ? "Use board {id}, which can't be replaced"
                    : "Use board {id}",
                board.id()),
            b -> b.withDesign(b.design().withBoard("neck." + plan.species(), board.id())),
            null);
      }
    }
  }

  /** The maker named one board: without it all of the wood may give strips. */
  private void several() {
    if (build.design().boardFor("neck." + plan.species()).isPresent()) {
      offer(
          Text.of("saw them from several boards"),
          b -> b.withDesign(b.design().withoutBoard("neck." + plan.species())),
          null);
    }
  }

  private void thinner() {
    for (double less = FINEST; less < 30; less += FINEST) {
      double by = Math.round(less / FINEST) * FINEST;
      Stack stack =
          changed(
              s ->
                  s.thickness() - by >= Math.max(Strip.LEAST, s.thickness() * THINNEST_SHARE)
                      ? s.withThickness(Math.round((s.thickness() - by) * 1000) / 1000.0)
                      : null);
      if (stack == null) {
        return;
      }
      if (offer(
          Text.of(
              plan.done().isEmpty()
                  ? "Make each strip of {wood} {by} thinner"
                  : "Make each strip of {wood} still to be cut {by} thinner",
              plan.wood().name(),
              Text.length(by, 1)),
          b -> b.withDesign(b.design().withNeckStack(stack)),
          null)) {
        return;
      }
    }
  }

  /** The stack with each strip of this wood changed; null when one can't be. */
  private Stack changed(UnaryOperator<Strip> change) {
    List<Strip> strips = new ArrayList<>();
    int number = 0;
    for (Strip strip : build.design().neckStack().strips()) {
      number++;
      // What is cut already stays as it is.
      boolean open = strip.species().equals(plan.species()) && !plan.done().contains(number);
      Strip next = open ? change.apply(strip) : strip;
      if (next == null) {
        return null;
      }
      strips.add(next);
    }
    return new Stack(strips, build.design().neckStack().mirrored());
  }

  /** Leaves the outermost strips of this wood away, where they are the outermost of all. */
  private void fewer() {
    Stack stack = build.design().neckStack();
    boolean cut = plan.done().contains(1) || stack.mirrored() && plan.done().contains(stack.size());
    if (!cut && stack.size() > 2 && stack.strips().get(0).species().equals(plan.species())) {
      offer(
          Text.of(
              stack.mirrored()
                  ? "Leave out the outermost strips"
                  : "Leave out the outermost strip"),
          b -> b.withDesign(b.design().withNeckStack(stack.remove(0))),
          null);
    }
  }

  /** The strips that found no place in another wood that the rack has enough of. */
  private void filler() {
    List<Integer> placed = plan.cuts().cuts().stream().map(RipLayout.Cut::strip).toList();
    List<Integer> homeless = plan.strips().stream().filter(s -> !placed.contains(s)).toList();
    for (Species wood : shop.woods().all()) {
      boolean inRack =
          shop.boards().stream().anyMatch(b -> b.species().equals(wood.id()) && !b.irreplaceable());
      if (!inRack || wood.id().equals(plan.species()) || homeless.isEmpty()) {
        continue;
      }
      Stack stack = build.design().neckStack();
      for (int strip : homeless) {
        stack = stack.change(strip - 1, s -> s.withSpecies(wood.id()));
      }
      Stack next = stack;
      if (offer(
          Text.of(
              homeless.size() == 1
                  ? "Make the missing strip from {wood}"
                  : "Make the missing strips from {wood}",
              wood.name()),
          b -> b.withDesign(b.design().withNeckStack(next)),
          wood.id())) {
        return;
      }
    }
  }
}

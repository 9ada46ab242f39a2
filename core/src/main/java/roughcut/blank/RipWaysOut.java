package roughcut.blank;

import static roughcut.measure.NumberWriter.fixed;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import roughcut.design.BlankDecisions;
import roughcut.design.Build;
import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.measure.Ledger;
import roughcut.shop.Board;
import roughcut.shop.Saw;
import roughcut.shop.Shop;
import roughcut.shop.Species;
import roughcut.shop.SpeciesBook;

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
  private final RipPlan plan;
  private final List<WayOut> found = new ArrayList<>();

  private RipWaysOut(Build build, Shop shop, BlankTree tree, double halfNeeded, RipPlan plan) {
    this.build = build;
    this.shop = shop;
    this.tree = tree;
    this.halfNeeded = halfNeeded;
    this.plan = plan;
  }

  /**
   * The ways out for one plan that doesn't fit; none when it does.
   *
   * @param halfNeeded half the width that the stack must keep, mm
   */
  public static List<WayOut> of(
      Build build, Shop shop, BlankTree tree, double halfNeeded, RipPlan plan) {
    RipWaysOut ways = new RipWaysOut(build, shop, tree, halfNeeded, plan);
    if (!plan.fits()) {
      ways.saws();
      ways.boards();
      ways.thinner();
      ways.fewer();
      ways.filler();
    }
    return List.copyOf(ways.found);
  }

  /**
   * Whether all strips of this wood, and of {@code other} too, come out of their boards in that
   * build.
   */
  private boolean works(Build candidate, String other) {
    NeckRips rips = NeckRips.of(new Givens(candidate), shop, tree, new Ledger());
    double width =
        candidate.design().neckStack().strips().stream().mapToDouble(Strip::thickness).sum();
    return width / 2 >= halfNeeded
        && rips.plans().stream()
            .filter(p -> p.species().equals(plan.species()) || p.species().equals(other))
            .allMatch(p -> p.fits() && BlankReadiness.boardTrouble(p, rips).isEmpty());
  }

  private boolean offer(String words, UnaryOperator<Build> change, String other) {
    if (works(change.apply(build), other)) {
      found.add(new WayOut(words, change));
      return true;
    }
    return false;
  }

  private void saws() {
    for (Saw saw : shop.saws()) {
      if (saw.kerf() != Decisions.SAW_KERF.in(build.design())
          || saw.allowance() != BlankDecisions.SAW_ALLOWANCE.in(build.design())) {
        offer(
            "saw with the "
                + saw.name()
                + ": kerf "
                + fixed(saw.kerf(), 1)
                + ", planing "
                + fixed(saw.allowance(), 1)
                + " a face",
            b -> with(b, saw),
            null);
      }
    }
  }

  /** The build with that saw's kerf and allowance. */
  public static Build with(Build build, Saw saw) {
    return build.withDesign(
        BlankDecisions.SAW_ALLOWANCE.with(
            Decisions.SAW_KERF.with(build.design(), saw.kerf()), saw.allowance()));
  }

  private void boards() {
    for (Board board : shop.boards()) {
      if (board.species().equals(plan.species())
          && !plan.board().map(b -> b.id().equals(board.id())).orElse(false)) {
        String kept = board.irreplaceable() ? ", which can't be replaced" : "";
        offer(
            "take board " + board.id() + kept,
            b -> b.withDesign(b.design().withBoard("neck." + plan.species(), board.id())),
            null);
      }
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
          "make each strip of " + plan.species() + " " + fixed(by, 1) + " mm thinner",
          b -> b.withDesign(b.design().withNeckStack(stack)),
          null)) {
        return;
      }
    }
  }

  /** The stack with each strip of this wood changed; null when one can't be. */
  private Stack changed(UnaryOperator<Strip> change) {
    List<Strip> strips = new ArrayList<>();
    for (Strip strip : build.design().neckStack().strips()) {
      Strip next = strip.species().equals(plan.species()) ? change.apply(strip) : strip;
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
    if (stack.size() > 2 && stack.strips().get(0).species().equals(plan.species())) {
      offer(
          "leave the outermost " + (stack.mirrored() ? "strips" : "strip") + " away",
          b -> b.withDesign(b.design().withNeckStack(stack.remove(0))),
          null);
    }
  }

  /** The strips that found no place in another wood that the rack has enough of. */
  private void filler() {
    List<Integer> placed = plan.cuts().cuts().stream().map(RipLayout.Cut::strip).toList();
    List<Integer> homeless = plan.strips().stream().filter(s -> !placed.contains(s)).toList();
    for (Species wood : SpeciesBook.all()) {
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
          "make the missing " + (homeless.size() == 1 ? "strip" : "strips") + " of " + wood.name(),
          b -> b.withDesign(b.design().withNeckStack(next)),
          wood.id())) {
        return;
      }
    }
  }
}

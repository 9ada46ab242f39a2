package roughcut.rout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;

/**
 * A hole on which templates and body are pinned: a bore of a kind that registers. In the end it
 * lies in waste, or something covers it (handbook page 8, "Registration").
 *
 * @param coveredBy what hides it in the end; empty when nothing does
 */
public record IndexHole(Fitting fitting, Point at, Optional<String> coveredBy) {

  static List<IndexHole> all(CutSlab slab) {
    List<IndexHole> holes = new ArrayList<>();
    for (Fitting fitting : slab.givens.design().fittings(FittingType.BORE)) {
      if (!fitting.listed().registers()) {
        continue;
      }
      slab.cut(fitting.name())
          .ifPresent(
              cut -> {
                Outline hole = cut.shapes().get(0);
                holes.add(new IndexHole(fitting, hole.centre(), cover(slab, cut, hole)));
              });
    }
    return holes;
  }

  private static Optional<String> cover(CutSlab slab, Cut own, Outline hole) {
    if (!slab.surface.edge().holds(hole.centre())) {
      return Optional.of("the waste outside the outline");
    }
    for (Cut cut : slab.cuts) {
      if (cut != own && cut.steps().stream().anyMatch(s -> covers(s, hole))) {
        return Optional.of("the rout of the " + cut.words());
      }
    }
    for (Part part : slab.parts) {
      if (part.above() && hole.corners().stream().allMatch(part.outline()::holds)) {
        return Optional.of("the " + part.words());
      }
    }
    return Optional.empty();
  }

  private static boolean covers(Step step, Outline hole) {
    return step.shapes().stream().anyMatch(s -> hole.corners().stream().allMatch(s::holds));
  }
}

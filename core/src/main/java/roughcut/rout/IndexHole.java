package roughcut.rout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Text;

/**
 * A hole on which templates and body are pinned: a bore of a kind that registers. In the end it
 * lies in waste, or something covers it (handbook page 8, "Registration").
 *
 * @param coveredBy what hides it in the end; empty when nothing does
 */
public record IndexHole(Fitting fitting, Point at, Optional<Text> coveredBy) {

  static List<IndexHole> all(CutBody body) {
    List<IndexHole> holes = new ArrayList<>();
    for (Fitting fitting : body.inputs.design().fittings(FittingType.BORE)) {
      if (!fitting.listed().registers()) {
        continue;
      }
      body.cut(fitting.name())
          .ifPresent(
              cut -> {
                Outline hole = cut.shapes().get(0);
                holes.add(new IndexHole(fitting, hole.centre(), cover(body, cut, hole)));
              });
    }
    return holes;
  }

  private static Optional<Text> cover(CutBody body, Cut own, Outline hole) {
    if (!body.surface.edge().contains(hole.centre())) {
      return Optional.of(Text.of("the waste outside the outline"));
    }
    for (Cut cut : body.cuts) {
      if (cut != own && cut.steps().stream().anyMatch(s -> covers(s, hole))) {
        return Optional.of(Text.of("the rout of the {cut}", cut.words()));
      }
    }
    for (HardwareSolid part : body.parts) {
      if (part.above() && hole.corners().stream().allMatch(part.outline()::contains)) {
        return Optional.of(Text.of("the {part}", part.words()));
      }
    }
    return Optional.empty();
  }

  private static boolean covers(RoutStep step, Outline hole) {
    return hole.corners().stream()
        .allMatch(p -> step.shapes().stream().anyMatch(s -> s.contains(p)));
  }
}

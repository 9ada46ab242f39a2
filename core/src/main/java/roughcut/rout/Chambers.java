package roughcut.rout;

import static roughcut.measure.ComputedValue.in;

import java.util.List;
import java.util.Set;
import roughcut.design.BodyDecisions;
import roughcut.design.Fitting;
import roughcut.finding.Message;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.measure.Value;

/**
 * Chambers: hollowed out of the back before the top is glued on, for weight and sound (handbook
 * page 3, "Weight"). Their outline is a box or drawn; what the cutter can't reach stays.
 */
final class Chambers {
  private final CutBuilder builder;
  private final CavityArea areas;

  Chambers(CutBuilder builder, CavityArea areas) {
    this.builder = builder;
    this.areas = areas;
  }

  void chamber(Fitting chamber) {
    RoutArea area = areas.of(chamber, List.of(), 0);
    areas.problems(chamber, List.of(), area);
    double corner = builder.value(chamber, "corner");
    Point middle = area.shapes().get(0).centre();
    double closed = builder.cap();
    if (closed == 0) {
      builder.addProblem(
          chamber.id("kind"),
          Message.of(
                  Text.of(
                      "{chamber} is hollowed out, and nothing closes it.",
                      chamber.words().capital()))
              .why(Text.of("A body without a top shows it."))
              .fix(Text.of("Add a top, or choose a cavity with a cover.")),
          middle);
    }
    Value cap = builder.glueFace(closed);
    Value depth =
        builder.depth(
            chamber.id("depth"),
            chamber.name(),
            chamber.title(),
            "max(1, t − c − l)",
            in("t", builder.thickness()),
            in("c", cap),
            in("l", builder.get(chamber, "left")));
    builder.add(
        new Cut(
            chamber.name(),
            chamber.words(),
            CutKind.CHAMBER,
            CutFrom.TOP,
            List.of(builder.below(chamber.name(), area, depth, corner, closed)),
            List.of(),
            Set.of(),
            List.of(
                chamber.id("left"),
                "rout." + chamber.name() + ".depth",
                chamber.id("x"),
                chamber.id("y"),
                BodyDecisions.BODY_THICKNESS.id()),
            false));
    builder.floorUnder(cap, chamber.name(), chamber.words(), depth);
  }
}

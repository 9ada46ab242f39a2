package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.blank.PlacedStrip;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.neck.NeckProfile;
import roughcut.neck.NeckShape;
import roughcut.plan.Plan;

/**
 * What will be seen of the neck's strips when it is carved and fitted: from behind and from the
 * treble side, each strip in its wood, with what body and pocket cover hatched (handbook page 3,
 * "What will be seen").
 */
final class SeenView {
  private static final double SLICE = 6;
  private static final double HATCH = 5;

  private final Plan plan;
  private final Sketch sketch;
  private final NeckShape neck;
  private final double from;
  private final double to;

  SeenView(Plan plan, Sketch sketch) {
    this.plan = plan;
    this.sketch = sketch;
    this.neck = plan.neck();
    this.from = neck.head().breakX();
    this.to = neck.heelEnd().value();
  }

  /** From behind, turned over about the length: bass side up. */
  void back() {
    sketch.seen(View.BEHIND);
    Outline outline = outline();
    for (PlacedStrip strip : plan.blank().strips()) {
      strip
          .seen(from - 1, to + 1)
          .intersection(outline)
          .forEach(piece -> sketch.wood(piece, plan.wood(strip.strip().species())));
    }
    for (int line = 1; line < plan.blank().strips().size(); line++) {
      PlacedStrip strip = plan.blank().strips().get(line);
      for (double[] stretch : plan.seen().get(line - 1).stretches()) {
        sketch.path(Role.GLUE_LINE, false, GlueLines.along(strip.lower(), stretch[0], stretch[1]));
      }
    }
    if (!neck.through()) {
      Outline hidden =
          Outline.rectangle(
              neck.joint().value(), -neck.halfWidth(to) - 2, to, neck.halfWidth(to) + 2);
      hidden
          .intersection(outline)
          .forEach(
              piece -> {
                sketch.fill(Role.COVERED, piece, "#F3EFE6");
                sketch.hatch(Role.COVERED, piece, HATCH);
              });
      sketch.seen(View.PLAIN);
      sketch.text(
          Role.NOTE,
          neck.joint().value() + 4,
          neck.halfWidth(to) + 4,
          Text.of("hidden by the pocket"),
          Mark.Anchor.START,
          Mark.Size.SMALL);
    }
    sketch.outline(Role.OUTLINE, outline);
    sketch.seen(View.PLAIN);
    sketch.text(Role.NOTE, from - 8, -2, Text.of("from behind"), Mark.Anchor.END, Mark.Size.SMALL);
  }

  private Outline outline() {
    List<Point> upper = new ArrayList<>();
    upper.add(new Point(from, neck.halfWidth(0)));
    double joint = neck.joint().value();
    if (neck.halfInBody(joint) != neck.taper().halfWidth(joint)) {
      upper.add(new Point(joint, neck.taper().halfWidth(joint)));
      upper.add(new Point(joint, neck.halfInBody(joint)));
    }
    upper.add(new Point(to, neck.halfWidth(to)));
    List<Point> all = new ArrayList<>(upper);
    for (int i = upper.size() - 1; i >= 0; i--) {
      all.add(new Point(upper.get(i).x(), -upper.get(i).y()));
    }
    return new Outline(all);
  }

  /** From the treble side: each strip where it comes to the carved surface. */
  void side() {
    double end = neck.through() ? neck.joint().value() : to;
    for (PlacedStrip strip : plan.blank().strips()) {
      List<Point> low = new ArrayList<>();
      List<Point> high = new ArrayList<>();
      for (double x = 0; ; x = Math.min(end, x + SLICE)) {
        NeckProfile profile = neck.profile(x);
        double inner = Math.max(0, strip.from(x));
        double outer = Math.min(profile.halfWidth(), strip.to(x));
        if (outer > inner && neck.carved(x)) {
          low.add(new Point(x, -profile.depthAt(inner)));
          high.add(new Point(x, outer >= profile.halfWidth() ? 0 : -profile.depthAt(outer)));
        } else if (low.size() > 1) {
          band(strip, low, high);
          low.clear();
          high.clear();
        }
        if (x >= end) {
          break;
        }
      }
      if (low.size() > 1) {
        band(strip, low, high);
      }
    }
    sketch.text(Role.NOTE, from - 8, -8, Text.of("treble side"), Mark.Anchor.END, Mark.Size.SMALL);
  }

  private void band(PlacedStrip strip, List<Point> low, List<Point> high) {
    List<Point> corners = new ArrayList<>(low);
    for (int i = high.size() - 1; i >= 0; i--) {
      corners.add(high.get(i));
    }
    Outline band = new Outline(corners);
    sketch.wood(band, plan.wood(strip.strip().species()));
    sketch.outline(Role.GLUE_LINE, band);
  }
}

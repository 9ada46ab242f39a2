package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.body.Contour;
import roughcut.design.BodyFace;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.plan.Plan;

/** Level lines of what is taken off a face, and where round-over and carving end. */
final class BodyContours {
  /** Share of its depth at which a hollow that fades out is drawn to end. */
  private static final double FAINT = 0.06;

  /** Of its reach, where a contour's name stands. */
  private static final double LABELLED = 1.25;

  private final Plan plan;
  private final Sketch sketch;
  private final BodyFace face;
  private final Outline shape;

  BodyContours(Plan plan, Sketch sketch, BodyFace face) {
    this.plan = plan;
    this.sketch = sketch;
    this.face = face;
    this.shape = plan.body().outline().shape();
  }

  /**
   * Draws them.
   *
   * @param named whether each contour is named and leads to its decision
   */
  void draw(boolean named) {
    for (Contour contour : plan.cuts().surface().contours()) {
      if (contour.face() == face) {
        for (int i = 0; i < 4; i++) {
          level(contour, i == 0 && contour.length() > 0 ? FAINT : i / 4.0);
        }
        Point at =
            contour
                .outermost()
                .plus(
                    -contour.way().x() * contour.reach() * LABELLED,
                    -contour.way().y() * contour.reach() * LABELLED);
        if (named) {
          sketch.text(
              Role.NOTE,
              at.x(),
              at.y(),
              contour.name(),
              Anchor.MIDDLE,
              Size.SMALL,
              contour.kind().depth().id());
        }
      }
    }
    double reach = plan.cuts().surface().edgeReach(face);
    if (reach > 0) {
      for (Outline inner : shape.shrink(reach)) {
        sketch.outline(Role.COVERED, inner);
      }
    }
    double drop = plan.cuts().surface().drop();
    if (drop > 0 && face == BodyFace.TOP) {
      for (double share : new double[] {0.25, 0.5, 0.75}) {
        double in = plan.cuts().surface().ledge() + share * (reach - plan.cuts().surface().ledge());
        shape.shrink(in).forEach(o -> sketch.outline(Role.COVERED, o));
      }
    }
  }

  /** The line on which a contour takes that share of its depth. */
  private void level(Contour contour, double share) {
    double half = contour.length() == 0 ? 260 : contour.length() / 2;
    List<Point> run = new ArrayList<>();
    int pieces = 48;
    for (int i = 0; i <= pieces; i++) {
      double aside = -half + 2 * half * i / pieces;
      double fade =
          contour.length() == 0 ? 1 : Math.pow(Math.cos(Math.PI * aside / contour.length()), 2);
      double in = fade <= share ? Double.NaN : contour.reach() * (1 - share / fade);
      Point p =
          contour
              .outermost()
              .plus(
                  -contour.way().x() * in - contour.way().y() * aside,
                  -contour.way().y() * in + contour.way().x() * aside);
      if (Double.isNaN(in) || !shape.contains(p)) {
        flush(run, share);
      } else {
        run.add(p);
      }
    }
    flush(run, share);
  }

  private void flush(List<Point> run, double share) {
    if (run.size() > 1) {
      sketch.path(share == 0 ? Role.HIDDEN : Role.COVERED, false, run);
    }
    run.clear();
  }
}

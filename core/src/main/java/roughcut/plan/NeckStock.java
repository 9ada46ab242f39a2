package roughcut.plan;

import java.util.ArrayList;
import java.util.List;
import roughcut.blank.BlankTree;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.layout.FretboardTaper;
import roughcut.neck.HeadLine;
import roughcut.record.EffectiveInputs;

/**
 * What a neck from one piece takes of a board, seen from above: head, shaft and room for the saw.
 */
final class NeckStock {
  /** Room outside the finished outline for the saw, mm. */
  private static final double SAWN_OUTSIDE = 3;

  private NeckStock() {}

  /**
   * The outline in its own length and width: x from the head's end of the stock, y from 0 upwards.
   *
   * @param headFace the head, the break at x = 0 and the tip to the right
   */
  static Outline outline(
      EffectiveInputs inputs, BlankTree tree, FretboardTaper taper, Outline headFace) {
    double trim = inputs.get(BlankDecisions.END_TRIM).value();
    double length = tree.length().value();
    double heelEnd = inputs.get(Decisions.HEEL_END).value();
    double breakAt = length - trim - heelEnd - HeadLine.of(inputs).nutThickness().value();
    Bounds head = headFace.bounds();
    double wide = Math.max(head.high(), taper.halfWidth(heelEnd)) + SAWN_OUTSIDE;
    List<Point> upper = new ArrayList<>();
    double headHalf = head.high() + SAWN_OUTSIDE;
    double nut = taper.halfWidth(0) + SAWN_OUTSIDE;
    double heel = taper.halfWidth(heelEnd) + SAWN_OUTSIDE;
    // Straight saw lines round the head: its fullest width, then in to the nut.
    upper.add(new Point(0, headHalf));
    upper.add(new Point(Math.max(1, breakAt - head.right() * 0.2), headHalf));
    upper.add(new Point(Math.max(2, breakAt), nut));
    upper.add(new Point(length, heel));
    List<Point> corners = new ArrayList<>();
    for (Point p : upper) {
      corners.add(new Point(p.x(), wide + p.y()));
    }
    for (int i = upper.size() - 1; i >= 0; i--) {
      corners.add(new Point(upper.get(i).x(), wide - upper.get(i).y()));
    }
    return new Outline(corners);
  }
}

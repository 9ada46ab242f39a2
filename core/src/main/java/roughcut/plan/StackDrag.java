package roughcut.plan;

import java.util.List;
import roughcut.blank.PlacedStrip;

/** What dragging a strip of the neck's stack, or one of its edges, across the drawing means. */
public final class StackDrag {
  /** Strips are told apart so far before the heel's end, where the stack is widest, mm. */
  private static final double BEFORE_HEEL = 24;

  private StackDrag() {}

  /**
   * How thick a strip becomes when its inner edge is dragged: to 0.1. Of a mirrored stack the
   * middle strip grows at both sides; a strip on the bass side grows the other way, with everything
   * that lies inside it.
   *
   * @param number from 1, from the bass side
   * @param dy mm to the treble side
   */
  public static double thickness(Plan plan, int number, double dy) {
    List<PlacedStrip> strips = plan.blank().strips();
    boolean mirrored = plan.build().design().neckStack().mirrored();
    boolean middle = 2 * number - 1 == strips.size();
    boolean bass = 2 * number <= strips.size();
    double change = mirrored && middle ? 2 * dy : mirrored && bass ? -dy : dy;
    return Math.round((strips.get(number - 1).strip().thickness() + change) * 10) / 10.0;
  }

  /** The number, from 1, of the strip on which a dragged one is let go; its own off the stack. */
  public static int target(Plan plan, int number, double dy) {
    List<PlacedStrip> strips = plan.blank().strips();
    double x = strips.get(0).lower().heelEnd() - BEFORE_HEEL;
    PlacedStrip own = strips.get(number - 1);
    double y = (own.from(x) + own.to(x)) / 2 + dy;
    for (int i = 0; i < strips.size(); i++) {
      if (y >= strips.get(i).from(x) && y <= strips.get(i).to(x)) {
        return i + 1;
      }
    }
    return number;
  }
}

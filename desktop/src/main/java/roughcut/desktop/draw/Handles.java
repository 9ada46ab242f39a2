package roughcut.desktop.draw;

import java.util.List;
import roughcut.geometry.Point;
import roughcut.plan.Grip;

/** What dragging means on a drawing; distances in mm of the plan, whichever way it is seen. */
public interface Handles {
  /** A drawing on which nothing can be dragged. */
  Handles NONE =
      new Handles() {
        @Override
        public String words(Grip grip, double dx, double dy) {
          return "";
        }

        @Override
        public void drop(Grip grip, double dx, double dy) {}
      };

  /** Where the thing would come to lie, in a few words, while it is dragged. */
  String words(Grip grip, double dx, double dy);

  /** The thing was let go there. */
  void drop(Grip grip, double dx, double dy);

  /** The line that would come of it, in the plan; nothing for what moves as it is. */
  default List<Point> shape(Grip grip, double dx, double dy) {
    return List.of();
  }

  /**
   * The drawing was clicked twice where nothing can be held.
   *
   * @param at on the drawing, mm
   * @param near what is so near to it was meant, mm
   * @return false when that means nothing here
   */
  default boolean twice(Point at, double near) {
    return false;
  }

  /**
   * What was worked on last is to be taken out.
   *
   * @return false when there is nothing to take out
   */
  default boolean remove() {
    return false;
  }

  /** The thing was clicked and not dragged. */
  default void pick(Grip grip) {}
}

package roughcut.desktop.draw;

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

  /** The thing was clicked and not dragged. */
  default void pick(Grip grip) {}
}

package roughcut.desktop.station;

import java.util.function.Supplier;
import roughcut.desktop.control.OutlineEditor;
import roughcut.desktop.session.Session;
import roughcut.geometry.Frame;
import roughcut.geometry.Point;
import roughcut.plan.Grip;

/** Dragging where an outline's points lie over the drawing: what is held is worked on. */
final class PointHandles extends DesignHandles {
  private final OutlineEditor points;
  private final Supplier<Frame> frame;

  /**
   * Makes them.
   *
   * @param frame how the plan's own sides lie on the drawing
   */
  PointHandles(Session session, OutlineEditor points, Supplier<Frame> frame) {
    super(session);
    this.points = points;
    this.frame = frame;
  }

  /** Another point there. */
  @Override
  public boolean twice(Point at, double near) {
    return points.add(frame.get().of(at), near); // a frame seen through itself is the plan again
  }

  @Override
  public boolean remove() {
    return points.remove();
  }

  @Override
  void dropped(Grip grip) {
    pick(grip);
  }

  @Override
  public void pick(Grip grip) {
    grip.heldPoint().ifPresent(points::choose);
  }
}

package roughcut.desktop.station;

import java.util.Optional;
import java.util.function.Supplier;
import roughcut.desktop.control.OutlineEditor;
import roughcut.desktop.session.Session;
import roughcut.geometry.Frame;
import roughcut.geometry.Point;
import roughcut.plan.Grip;

/** Dragging where an outline's points may lie over the drawing: what is held is worked on. */
class PointHandles extends DesignHandles {
  private final Supplier<Optional<OutlineEditor>> points;
  private final Supplier<Frame> frame;

  /**
   * Makes them.
   *
   * @param points where there are any
   * @param frame how the plan's own sides lie on the drawing
   */
  PointHandles(Session session, Supplier<Optional<OutlineEditor>> points, Supplier<Frame> frame) {
    super(session);
    this.points = points;
    this.frame = frame;
  }

  /** Another point there. */
  @Override
  public final boolean twice(Point at, double near) {
    Point plan = frame.get().of(at); // a frame seen through itself is the plan again
    return points.get().filter(p -> p.add(plan, near)).isPresent();
  }

  @Override
  public final boolean remove() {
    return points.get().filter(OutlineEditor::remove).isPresent();
  }

  @Override
  final void dropped(Grip grip) {
    pick(grip);
  }

  @Override
  public void pick(Grip grip) {
    points.get().ifPresent(p -> grip.heldPoint().ifPresent(p::choose));
  }
}

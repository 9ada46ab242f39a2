package roughcut.desktop.station;

import roughcut.desktop.control.OutlineEditor;
import roughcut.desktop.session.Session;
import roughcut.plan.Grip;

/** Dragging where an outline's points lie over the drawing: what is held is worked on. */
final class PointHandles extends DesignHandles {
  private final OutlineEditor points;

  PointHandles(Session session, OutlineEditor points) {
    super(session);
    this.points = points;
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

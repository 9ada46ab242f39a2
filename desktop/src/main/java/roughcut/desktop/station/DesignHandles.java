package roughcut.desktop.station;

import java.util.List;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.Session;
import roughcut.geometry.Point;
import roughcut.plan.Drag;
import roughcut.plan.Grip;

/** Dragging what the design decides: each drag is one edit, with a name for undo. */
class DesignHandles implements Handles {
  private final Session session;

  DesignHandles(Session session) {
    this.session = session;
  }

  @Override
  public final String words(Grip grip, double dx, double dy) {
    return Drag.of(session.plan().get(), grip, dx, dy)
        .map(d -> d.words().in(session.units().get()))
        .orElse("");
  }

  @Override
  public final List<Point> shape(Grip grip, double dx, double dy) {
    return Drag.of(session.plan().get(), grip, dx, dy).map(Drag::shape).orElse(List.of());
  }

  @Override
  public final void drop(Grip grip, double dx, double dy) {
    Drag.of(session.plan().get(), grip, dx, dy)
        .ifPresent(
            drag -> {
              session.make(
                  drag.name().in(session.units().get()),
                  grip.key(),
                  b -> b.withDesign(drag.design()));
              session.history().settle();
              dropped(grip);
            });
  }

  /** The edit was made. */
  void dropped(Grip grip) {}
}

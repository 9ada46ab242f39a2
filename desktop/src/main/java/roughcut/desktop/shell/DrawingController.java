package roughcut.desktop.shell;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import roughcut.desktop.draw.DrawingSurface;
import roughcut.desktop.session.Session;
import roughcut.desktop.station.Station;
import roughcut.drawing.AsBuilt;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/**
 * A station's drawing on the surface: what is kept, drawn once, with the drawn lines thin under
 * what came out; over it what a try would change.
 */
final class DrawingController {
  private final Session session;
  private final DrawingSurface surface;
  private Drawn drawn;

  DrawingController(Session session, DrawingSurface surface) {
    this.session = session;
    this.surface = surface;
  }

  /** The drawing of what is kept, as it stands on the screen. */
  private record Drawn(Plan plan, Drawing drawing) {}

  /** Another station or page is shown: the drawing is made anew. */
  void forget() {
    drawn = null;
  }

  void show(Station here, Units units) {
    Plan kept = session.kept();
    surface.showFrets(here.hasFrets());
    if (!session.trying() || drawn == null || drawn.plan != kept) {
      Drawing real = here.drawing(kept, units);
      drawn =
          new Drawn(
              kept,
              kept.asDrawn()
                  .map(d -> AsBuilt.over(real, here.drawing(d, units), units))
                  .orElse(real));
      surface.show(
          drawn.drawing,
          kept.frets(),
          units,
          here.knifeLeast(kept),
          here.knifeMost(kept),
          here.stops(kept));
    }
    Plan plan = session.plan().get();
    surface.tried(session.trying() ? fresh(here.drawing(plan, units)) : List.of());
    here.show(plan, units, surface.knife());
  }

  /** Marks that the drawing of what is kept doesn't have. */
  private List<Mark> fresh(Drawing tried) {
    Set<Mark> kept = new HashSet<>(drawn.drawing.marks());
    return tried.marks().stream().filter(m -> !kept.contains(m)).toList();
  }
}

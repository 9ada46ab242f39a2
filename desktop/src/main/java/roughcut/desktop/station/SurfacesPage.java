package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import javafx.scene.layout.Region;
import roughcut.design.BodyDecisions;
import roughcut.design.StringDecisions;
import roughcut.design.SurfaceDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BodyDrawing;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** The body's edges, contours and carved top, and what comes near them. */
final class SurfacesPage extends BodyViewPage {
  private final FactTable table = new FactTable();

  SurfacesPage(StationContext context, PagedStation station, ViewSide looking) {
    super(context, station, looking);
  }

  @Override
  BodyDrawing.Shows shows() {
    return BodyDrawing.Shows.SURFACES;
  }

  @Override
  Panel makePanel() {
    return begun()
        .heading(say("Decisions"))
        .decisions(
            BodyDecisions.BODY_THICKNESS,
            SurfaceDecisions.ROUND_TOP,
            SurfaceDecisions.ROUND_BACK,
            SurfaceDecisions.ARM_DEPTH,
            SurfaceDecisions.BELLY_DEPTH,
            SurfaceDecisions.HEEL_CARVE_DEPTH,
            SurfaceDecisions.CARVE_DROP,
            StringDecisions.CARVE_RISE)
        .more(
            SurfaceDecisions.ARM_REACH,
            SurfaceDecisions.ARM_TURN,
            SurfaceDecisions.BELLY_REACH,
            SurfaceDecisions.BELLY_LENGTH,
            SurfaceDecisions.BELLY_TURN,
            SurfaceDecisions.HEEL_CARVE_REACH,
            SurfaceDecisions.HEEL_CARVE_LENGTH,
            SurfaceDecisions.HEEL_CARVE_TURN,
            SurfaceDecisions.CARVE_WIDTH,
            SurfaceDecisions.CARVE_LEDGE);
  }

  @Override
  Region makeBeside() {
    return beside(say("Routs near a carved or rounded face"), table);
  }

  @Override
  void showBeside(Plan plan, Units units) {
    super.showBeside(plan, units);
    table.begin();
    plan.clearances().stream()
        .filter(s -> s.left().id().matches("rout\\..*\\.surface"))
        .forEach(
            s -> table.row(false, say(s.state().word()), s.what().in(units), s.left().text(units)));
    plan.values().values().stream()
        .filter(v -> v.id().matches("rout\\..*\\.surface"))
        .filter(v -> plan.clearances().stream().noneMatch(s -> s.left() == v))
        .forEach(v -> table.row(false, say("clear"), v.label().in(units), v.text(units)));
    if (table.empty()) {
      table.row(false, say("nothing"), say("no rout or bore is close to one"));
    }
    table.end();
  }

  @Override
  public String name() {
    return "Edges";
  }

  @Override
  public String about() {
    return say("Round-overs, contours and a carved top, and what they come close to.");
  }
}

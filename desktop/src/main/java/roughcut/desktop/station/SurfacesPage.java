package roughcut.desktop.station;

import javafx.scene.layout.Region;
import roughcut.design.BodyDecisions;
import roughcut.design.StringDecisions;
import roughcut.design.SurfaceDecisions;
import roughcut.desktop.control.Facts;
import roughcut.desktop.session.Desk;
import roughcut.drawing.BodyDrawing;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** The body's edges, contours and carved top, and what comes near them. */
final class SurfacesPage extends BodyViewPage {
  private final Facts facts = new Facts();

  SurfacesPage(Desk desk, PagedStation station, Looking looking) {
    super(desk, station, looking);
  }

  @Override
  BodyDrawing.Shows shows() {
    return BodyDrawing.Shows.SURFACES;
  }

  @Override
  Panel makePanel() {
    return begun()
        .heading("You decide")
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
    return beside("What comes near a carved or rounded face", facts);
  }

  @Override
  void showBeside(Plan plan, Units units) {
    super.showBeside(plan, units);
    facts.begin();
    plan.thinSpots().stream()
        .filter(s -> s.left().id().matches("rout\\..*\\.surface"))
        .forEach(s -> facts.row(false, s.state().word(), s.what(), s.left().text(units)));
    plan.values().values().stream()
        .filter(v -> v.id().matches("rout\\..*\\.surface"))
        .filter(v -> plan.thinSpots().stream().noneMatch(s -> s.left() == v))
        .forEach(v -> facts.row(false, "clear", v.label(), v.text(units)));
    if (facts.empty()) {
      facts.row(false, "nothing", "no rout or bore comes near one");
    }
    facts.end();
  }

  @Override
  public String name() {
    return "Edges";
  }
}

package roughcut.desktop.station;

import javafx.scene.layout.Region;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BodyDrawing;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Measurables;
import roughcut.rout.Bolts;
import roughcut.rout.FretAccess;
import roughcut.rout.Pocket;
import roughcut.rout.RoutKeys;

/** The neck's pocket, its bolts, and how far in the neck stands. */
final class PocketPage extends BodyViewPage {
  private final FactTable table = new FactTable();

  PocketPage(StationContext context, PagedStation station, ViewSide looking) {
    super(context, station, looking);
  }

  @Override
  BodyDrawing.Shows shows() {
    return BodyDrawing.Shows.POCKET;
  }

  @Override
  Panel makePanel() {
    return begun()
        .heading("Decisions")
        .decisions(
            BodyDecisions.NECK_JOINT,
            Decisions.JOINT_X,
            Decisions.HEEL_END,
            Decisions.HEEL_THICKNESS,
            StringDecisions.EXPOSED,
            RoutDecisions.POCKET_CLEARANCE,
            RoutDecisions.BOLT_KIND,
            RoutDecisions.BOLT_BITE)
        .more(
            RoutDecisions.POCKET_TIGHT,
            RoutDecisions.POCKET_RADIUS,
            RoutDecisions.POCKET_RADIUS_BASS,
            RoutDecisions.POCKET_CORNERS,
            RoutDecisions.POCKET_FINISH,
            RoutDecisions.FINISH,
            RoutDecisions.FILM,
            RoutDecisions.BOLT_COUNT,
            RoutDecisions.BOLT_DIAMETER,
            RoutDecisions.BOLT_PLATE,
            RoutDecisions.BOLT_COUNTERBORE,
            RoutDecisions.BOLT_HEAD,
            RoutDecisions.BOLT_CLEARANCE,
            RoutDecisions.BOLT_REACH,
            RoutDecisions.BOLT_FIRST,
            RoutDecisions.BOLT_ALONG,
            RoutDecisions.BOLT_ACROSS,
            RoutDecisions.BOLT_ACROSS_END,
            RoutDecisions.INSERT_BORE,
            RoutDecisions.INSERT_LENGTH)
        .set(
            RoutKeys.POCKET_DEPTH_FRONT.id(),
            "Depth at body edge",
            RoutKeys.POCKET_DEPTH_END.id(),
            "Depth at heel end",
            RoutKeys.BOLT_BODY_BORE.id(),
            "Hole through the body",
            RoutKeys.BOLT_PILOT.id(),
            "Pilot hole in the heel",
            "bolt.pilot-stop",
            "Pilot hole depth")
        .readings(Measurables.POCKET_EDGE, Measurables.POCKET_END, Measurables.HEEL_TAPER)
        .know(RoutKeys.POCKET_FLOOR.id(), "Floor left", "bolt.length", "Bolt length under head");
  }

  @Override
  Region makeBeside() {
    return beside("Joint and access", table);
  }

  @Override
  void showBeside(Plan plan, Units units) {
    super.showBeside(plan, units);
    FretAccess reach = plan.cuts().fretAccess();
    table.begin();
    table.row(
        false,
        "upper access",
        "the treble cutaway meets fret "
            + reach.access().text(units)
            + ", "
            + reach.cutaway().text(units)
            + " from the nut line");
    table.row(
        false,
        "reach",
        "fret 1 is " + reach.first().text(units) + " from the front of the longer horn");
    table.row(false, "balance", plan.cuts().mass().balance().text(units) + " from the nut line");
    plan.cuts().pocket().ifPresent(p -> pocket(p, units));
    plan.cuts().bolts().ifPresent(b -> bolts(b, units));
    if (plan.cuts().pocket().isEmpty()) {
      table.row(false, "pocket", "none: the neck runs through, with body wings glued on");
    }
    table.end();
  }

  private void pocket(Pocket p, Units units) {
    table.row(false, "area", p.area().text(units) + " glue or contact area");
    table.row(
        false,
        "first cut",
        (p.tight().value() < 0 ? "undersize for the neck: " : "clearance ")
            + p.tight().text(units)
            + " per side. Try the neck, then ease it");
    table.row(
        false,
        "corners",
        p.mismatch().value() == 0
            ? "square heel and pocket match"
            : "a square heel leaves a gap of " + p.mismatch().text(units));
    if (p.gap().value() > 0.05) {
      table.row(
          false,
          "at the end",
          "a square heel leaves a gap of "
              + p.gap().text(units)
              + " in the tilted pocket. Tilt that wall, or bevel the heel");
    }
    table.row(false, "with finish", p.finished().text(units) + " left per side");
  }

  private void bolts(Bolts b, Units units) {
    table.row(
        false,
        "tips",
        b.tip().text(units) + " below the fretboard; last bolts " + b.last().text(units) + " long");
    b.channel()
        .ifPresent(c -> table.row(false, "channels", c.text(units) + " from bolt to channel"));
    table.row(false, "heel edge", b.edge().text(units) + " from the bolt centre");
  }

  @Override
  public String name() {
    return "Pocket";
  }
}

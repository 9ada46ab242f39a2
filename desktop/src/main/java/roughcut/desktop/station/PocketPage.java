package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import javafx.scene.layout.Region;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BodyDrawing;
import roughcut.measure.Units;
import roughcut.neck.NeckKeys;
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
        .heading(say("Decisions"))
        .decisions(
            BodyDecisions.NECK_JOINT,
            Decisions.JOINT_X,
            Decisions.HEEL_END,
            Decisions.HEEL_THICKNESS,
            BodyDecisions.TENON_WIDTH,
            BodyDecisions.TENON_DEPTH,
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
            say("Depth at body edge"),
            RoutKeys.POCKET_DEPTH_END.id(),
            say("Depth at heel end"),
            NeckKeys.TENON_OFF_EDGE.id(),
            say("Off each side of the tenon, at the body edge"),
            NeckKeys.TENON_OFF_END.id(),
            say("Off each side of the tenon, at its end"),
            NeckKeys.TENON_OFF_UNDER.id(),
            say("Off the underside of the tenon"),
            RoutKeys.BOLT_BODY_BORE.id(),
            say("Hole through the body"),
            RoutKeys.BOLT_PILOT.id(),
            say("Pilot hole in the heel"),
            "bolt.pilot-stop",
            say("Pilot hole depth"))
        .readings(Measurables.POCKET_EDGE, Measurables.POCKET_END, Measurables.HEEL_TAPER)
        .know(
            RoutKeys.POCKET_FLOOR.id(),
            say("Floor left"),
            "bolt.length",
            say("Bolt length under head"));
  }

  @Override
  Region makeBeside() {
    return beside(say("Joint and access"), table);
  }

  @Override
  void showBeside(Plan plan, Units units) {
    super.showBeside(plan, units);
    FretAccess reach = plan.cuts().fretAccess();
    table.begin();
    table.row(
        false,
        say("upper access"),
        say(
            "the treble cutaway meets fret {access}, {cutaway} from the nut line",
            reach.access().text(units),
            reach.cutaway().text(units)));
    table.row(
        false,
        say("reach"),
        say("fret 1 is {first} from the front of the longer horn", reach.first().text(units)));
    table.row(
        false,
        say("balance"),
        say("{balance} from the nut line", plan.cuts().mass().balance().text(units)));
    plan.cuts().pocket().ifPresent(p -> pocket(p, units));
    plan.cuts().bolts().ifPresent(b -> bolts(b, units));
    if (plan.cuts().pocket().isEmpty()) {
      table.row(false, say("pocket"), say("none: the neck runs through, with body wings glued on"));
    }
    table.end();
  }

  private void pocket(Pocket p, Units units) {
    table.row(false, say("area"), say("{area} glue or contact area", p.area().text(units)));
    table.row(
        false,
        say("first cut"),
        say(
            p.tight().value() < 0
                ? "undersize for the neck: {size} per side. Try the neck, then ease it"
                : "clearance {size} per side. Try the neck, then ease it",
            p.tight().text(units)));
    table.row(
        false,
        say("corners"),
        p.mismatch().value() == 0
            ? say("square heel and pocket match")
            : say("a square heel leaves a gap of {mismatch}", p.mismatch().text(units)));
    if (p.gap().value() > 0.05) {
      table.row(
          false,
          say("at the end"),
          say(
              "a square heel leaves a gap of {gap} in the tilted pocket. Tilt that "
                  + "wall, or bevel the heel",
              p.gap().text(units)));
    }
    table.row(false, say("with finish"), say("{finished} left per side", p.finished().text(units)));
  }

  private void bolts(Bolts b, Units units) {
    table.row(
        false,
        say("tips"),
        say(
            "{tip} below the fretboard; last bolts {last} long",
            b.tip().text(units),
            b.last().text(units)));
    b.channel()
        .ifPresent(
            c -> table.row(false, say("channels"), say("{c} from bolt to channel", c.text(units))));
    table.row(false, say("heel edge"), say("{edge} from the bolt centre", b.edge().text(units)));
  }

  @Override
  public String name() {
    return "Pocket";
  }

  @Override
  public String about() {
    return say("The neck pocket or joint: its size, depth and fastening. Measure the heel first.");
  }
}

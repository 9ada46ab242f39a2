package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.Locale;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.NeckDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.AccessDrawing;
import roughcut.drawing.Drawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.neck.AccessBore;
import roughcut.neck.NeckKeys;
import roughcut.neck.RodAccess;
import roughcut.plan.Plan;

/** The bore through which the rod is turned: its entry, angle, stop, and what it leaves. */
final class AccessPage extends PlainPage {
  private final StationContext context;
  private final PagedStation station;
  private final FactTable remains = new FactTable();
  private final FactTable steps = new FactTable();

  AccessPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .decisions(
            NeckDecisions.ROD_REACH,
            NeckDecisions.ROD_AXIS,
            NeckDecisions.ACCESS_BORE,
            NeckDecisions.ACCESS_TILT,
            NeckDecisions.ACCESS_PILOT,
            NeckDecisions.ACCESS_CHUCK,
            NeckDecisions.HEAD_POCKET_LENGTH,
            NeckDecisions.HEAD_POCKET_WIDTH,
            NeckDecisions.HEAD_POCKET_DEPTH,
            NeckDecisions.HEAD_POCKET_LAP,
            NeckDecisions.ACCESS_WELL,
            NeckDecisions.BIT_HELD,
            FretboardDecisions.NOTCH_LENGTH,
            FretboardDecisions.NOTCH_WIDTH,
            NeckDecisions.KEY_SIZE,
            Decisions.ROD_START)
        .set(
            NeckKeys.ACCESS_DEPTH.id(),
            say("Access hole, drilling depth"),
            NeckKeys.ACCESS_WELL_DEPTH.id(),
            say("Recess depth"),
            NeckKeys.ACCESS_GROOVE_DEPTH.id(),
            say("Groove depth"),
            NeckKeys.ACCESS_RELIEF_HEIGHT.id(),
            say("Relief height"),
            NeckKeys.ACCESS_COVER_LENGTH.id(),
            say("Cover length"),
            NeckKeys.ACCESS_COVER_WIDTH.id(),
            say("Cover width"))
        .mark(
            "access.centre-at",
            say("Centre from the break line"),
            "access.opens-at",
            say("Opens at"),
            "access.closes-at",
            say("Closes at"),
            NeckKeys.ACCESS_COVER_SCREW_AT.id(),
            say("Its screw at"))
        .know(NeckKeys.ACCESS_BIT_LENGTH.id(), say("Shortest bit"));
  }

  @Override
  ColumnBox makeLower() {
    return new ColumnBox().add(say("Remaining wood"), remains).add(say("At the bench"), steps);
  }

  @Override
  void showLower(Plan plan, Units units) {
    AccessBore bore = plan.details().access().orElse(null);
    remains.begin();
    steps.begin();
    plan.details().keyWay().ifPresent(way -> showWay(way, units));
    if (bore == null) {
      if (plan.details().keyWay().isEmpty()) {
        remains.row(false, say("The bore never meets the headstock face."));
        steps.row(false, say("Tilt the drill until its axis meets the headstock face"));
      }
    } else {
      remains
          .row(false, say("under the nut seat"), bore.underNut().text(units))
          .row(false, say("to the neck back"), bore.back().text(units))
          .row(false, say("around the key"), bore.key().text(units))
          .row(
              false,
              say("key"),
              say(
                  "within {angle}° of the axis; tilt {tilt}°",
                  NumberWriter.fixed(AccessBore.KEY_ANGLE, 0),
                  NumberWriter.fixed(bore.tilt().value(), 1)));
      int number = 1;
      for (Text step : bore.steps()) {
        steps.row(false, Integer.toString(number++), step.in(units));
      }
      steps.row(
          false,
          say("stop"),
          say(
              "{depth} from the face, marked on the bit. Clamp the headstock and " + "drill slowly",
              bore.depth().text(units)));
    }
    remains.end();
    steps.end();
  }

  private void showWay(RodAccess way, Units units) {
    for (RodAccess.Left left : way.lefts()) {
      remains.row(false, left.what().in(units), left.value().text(units));
    }
    for (Value setting : way.settings()) {
      remains.row(false, setting.label().in(units).toLowerCase(Locale.ROOT), setting.text(units));
    }
    int number = 1;
    for (Text step : way.steps()) {
      steps.row(false, Integer.toString(number++), step.in(units));
    }
    way.problem().ifPresent(p -> steps.row(true, "", p.text().in(units)));
  }

  @Override
  public String name() {
    return "Access";
  }

  @Override
  public String about() {
    return say(
        "Room to reach the truss rod: choose where its adjuster is, then check that the wrench "
            + "passes.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return AccessDrawing.of(plan, units);
  }
}

package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import javafx.scene.layout.Region;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.desktop.control.HeadWays;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.drawing.StationDrawing;
import roughcut.measure.Units;
import roughcut.neck.NeckKeys;
import roughcut.plan.Plan;

/** The neck from the side: head angle and joint, thickness, heel, and the ways to make the head. */
final class SidePage extends KnifePage {
  private final StationContext context;
  private final PagedStation station;
  private HeadWays ways;

  SidePage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .decisions(
            Decisions.HEAD_ANGLE,
            Decisions.HEAD_LENGTH,
            NeckDecisions.HEAD_STUB,
            Decisions.HEAD_THICKNESS,
            Decisions.SHAFT_THICKNESS,
            NeckDecisions.HEAD_MAKING,
            Decisions.SCARF_SCHOOL,
            Decisions.THICKNESS_1,
            Decisions.THICKNESS_12)
        .more(
            Decisions.DRUM_RADIUS,
            NeckDecisions.DRUM_HEIGHT,
            NeckDecisions.HEAD_STEP,
            NeckDecisions.STEP_RADIUS,
            Decisions.JOINT_X,
            Decisions.HEEL_END,
            Decisions.HEEL_THICKNESS,
            Decisions.HEEL_BLEND,
            NeckDecisions.SPLINES,
            NeckDecisions.SPLINE_WIDTH,
            NeckDecisions.SPLINE_DEPTH,
            NeckDecisions.SPLINE_OFFSET)
        .set(
            NeckKeys.SCARF_WEDGE.id(),
            say("Wedge"),
            NeckKeys.HEAD_ONE_PIECE_DEPTH.id(),
            say("Blank depth"),
            NeckKeys.HEAD_ONE_PIECE_LENGTH.id(),
            say("Blank length"),
            NeckKeys.HEAD_FLAT_DEPTH.id(),
            say("Blank depth"),
            NeckKeys.HEAD_FLAT_LENGTH.id(),
            say("Blank length"),
            NeckKeys.HEADLESS_LENGTH.id(),
            say("Blank length"))
        .mark(
            NeckKeys.SCARF_MARK_TOP.id(),
            say("Mark on the top"),
            NeckKeys.SCARF_MARK_BACK.id(),
            say("Mark on the back"),
            "scarf.saw-off",
            say("Saw line outside them"),
            NeckKeys.HEAD_ONE_PIECE_BREAK.id(),
            say("Break line, from the headstock end"),
            NeckKeys.HEAD_ONE_PIECE_FACE.id(),
            say("Face line on the end grain"),
            NeckKeys.HEAD_ONE_PIECE_BACK.id(),
            say("Back below the face"))
        .know(
            NeckKeys.SCARF_RUN.id(),
            say("Run of the saw cut"),
            NeckKeys.SCARF_BEVEL.id(),
            say("Bevel length"),
            NeckKeys.HEAD_GRAIN_THROUGH.id(),
            say("Grain through the headstock"),
            NeckKeys.HEAD_STEP_RUN.id(),
            say("Ramp down to the face"));
  }

  @Override
  Region makeBeside() {
    ways = new HeadWays(context.session());
    ways.setMinWidth(404);
    return ways;
  }

  @Override
  void showBeside(Plan plan, Units units) {
    ways.show(plan.blanks().ways(), units);
  }

  @Override
  public String name() {
    return "Side";
  }

  @Override
  public String about() {
    return say(
        "The neck from the side: thickness, headstock angle and its joint. Set the headstock "
            + "angle first.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return StationDrawing.NECK.of(plan, units);
  }
}

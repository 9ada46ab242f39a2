package roughcut.desktop.station;

import javafx.scene.layout.Region;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.desktop.control.HeadWays;
import roughcut.desktop.session.Desk;
import roughcut.drawing.Drawing;
import roughcut.drawing.StationDrawing;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** The neck from the side: head angle and joint, thickness, heel, and the ways to make the head. */
final class SidePage extends KnifePage {
  private final Desk desk;
  private final PagedStation station;
  private HeadWays ways;

  SidePage(Desk desk, PagedStation station) {
    this.desk = desk;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    return new Panel(desk)
        .node(turner(station))
        .heading("You decide")
        .decisions(
            Decisions.HEAD_ANGLE,
            Decisions.HEAD_LENGTH,
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
        .settings(
            "scarf.mark-top",
            "Mark on the top",
            "scarf.mark-back",
            "Mark on the back",
            "scarf.saw-off",
            "Saw line beyond them",
            "scarf.run",
            "Run of the saw cut",
            "scarf.bevel",
            "Bevel, along the cut",
            "scarf.wedge",
            "Wedge",
            "head.one-piece-break",
            "Break, from the head end",
            "head.one-piece-face",
            "Face's line on the end",
            "head.one-piece-back",
            "Back below the face",
            "head.one-piece-depth",
            "Blank, deep",
            "head.one-piece-length",
            "Blank, long",
            "head.grain-through",
            "Grain through the head",
            "head.flat-depth",
            "Blank, deep",
            "head.flat-length",
            "Blank, long",
            "head.step-run",
            "Way down to the face");
  }

  @Override
  Region makeBeside() {
    ways = new HeadWays(desk.session());
    ways.setMinWidth(400);
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
  public Drawing drawing(Plan plan, Units units) {
    return StationDrawing.NECK.of(plan, units);
  }
}

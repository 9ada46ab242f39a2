package roughcut.desktop.station;

import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import roughcut.blank.GlueJob;
import roughcut.blank.GlueUp;
import roughcut.design.BlankDecisions;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.OpenProblems;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.drawing.GlueUpDrawing;
import roughcut.finding.Topic;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** Gluing the neck's strips within the open time with the clamps there are. */
final class GlueUpPage extends PlainPage {
  private final StationContext context;
  private final PagedStation station;
  private final FactTable gluing = new FactTable();
  private final Label verdict = new Label();
  private final OpenProblems questions = new OpenProblems();

  GlueUpPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    return new Panel(context)
        .node(turner(station))
        .heading("Decisions")
        .decisions(
            BlankDecisions.GLUE,
            BlankDecisions.TEMPERATURE,
            BlankDecisions.CLAMPS,
            BlankDecisions.CLAMP_FORCE,
            BlankDecisions.CLAMP_PAD,
            BlankDecisions.CAUL,
            BlankDecisions.PIN_DIAMETER,
            BlankDecisions.END_TRIM)
        .more(
            BlankDecisions.GLUE_FACE,
            BlankDecisions.GLUE_AREA,
            BlankDecisions.GLUE_BEGIN,
            BlankDecisions.GLUE_CLAMP,
            BlankDecisions.GLUE_SPARE)
        .set(
            "glue.mass",
            "Glue to mix",
            "clamps.by-force",
            "Clamps by force",
            "clamps.by-spacing",
            "Clamps by spacing")
        .know(
            "glue.time",
            "Spreading and closing",
            "glue.open-time",
            "Open time",
            "glue.stages",
            "Stages");
  }

  @Override
  ColumnBox makeLower() {
    verdict.getStyleClass().add("lower-note");
    verdict.setWrapText(true);
    ControlNames.set(verdict, "glue-verdict");
    return new ColumnBox().add("The glue-up", verdict, gluing).add(questions);
  }

  @Override
  public String name() {
    return "Glue-up";
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return GlueUpDrawing.of(plan, units);
  }

  @Override
  void showLower(Plan plan, Units units) {
    GlueJob glue = plan.glueUp().job();
    verdict.setText(glue.verdict().in(units));
    gluing
        .begin()
        .row(
            false,
            "glue",
            glue.glue().name()
                + (glue.glue().note().isEmpty() ? "" : " (" + glue.glue().note() + ")"));
    int number = 1;
    for (List<Integer> faces : glue.faceStages()) {
      gluing.row(
          false,
          "stage " + number++,
          "lines " + faces.stream().map(String::valueOf).collect(Collectors.joining(", ")));
    }
    for (GlueUp.Assembly step : plan.glueUp().steps()) {
      GlueJob own = step.job();
      gluing.row(
          false,
          step.words().in(units),
          NumberWriter.fixed(own.faces().value(), 0)
              + (own.faces().value() == 1 ? " face, " : " faces, ")
              + own.clamps().text(units)
              + " clamps, "
              + own.mass().text(units)
              + " of glue");
    }
    gluing.row(
        false,
        "then",
        NumberWriter.fixed(glue.glue().clampMinutes(), 0)
            + " min in the clamps, ready to work after "
            + NumberWriter.fixed(glue.glue().cureHours(), 0)
            + " h");
    gluing.row(
        false,
        "pins",
        plan.glueUp()
            .pins()
            .map(
                p ->
                    NumberWriter.text(p.fromHeadEnd(), Quantity.LENGTH, units)
                        + " from the head end, "
                        + NumberWriter.text(p.fromHeelEnd(), Quantity.LENGTH, units)
                        + " from the heel end")
            .orElse(GlueUp.WITHOUT_PINS.in(units)));
    gluing
        .row(
            false,
            "order",
            "Align, close lightly along the whole length, then tighten from the middle out")
        .end();
    questions.show("Neck blank", plan.about(Topic.NECK_BLANK), units);
  }
}

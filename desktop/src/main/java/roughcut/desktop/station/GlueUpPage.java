package roughcut.desktop.station;

import static roughcut.desktop.words.Words.count;
import static roughcut.desktop.words.Words.say;

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
        .heading(say("Decisions"))
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
            BlankDecisions.PRESSURE_SOFT,
            BlankDecisions.PRESSURE_MEDIUM,
            BlankDecisions.PRESSURE_DENSE,
            BlankDecisions.GLUE_FACE,
            BlankDecisions.GLUE_AREA,
            BlankDecisions.GLUE_BEGIN,
            BlankDecisions.GLUE_CLAMP,
            BlankDecisions.GLUE_SPARE)
        .set(
            "glue.mass",
            say("Glue to mix"),
            "clamps.by-force",
            say("Clamps by force"),
            "clamps.by-spacing",
            say("Clamps by spacing"))
        .know(
            "glue.time",
            say("Spreading and closing"),
            "glue.open-time",
            say("Open time"),
            "glue.stages",
            say("Stages"));
  }

  @Override
  ColumnBox makeLower() {
    verdict.getStyleClass().add("lower-note");
    verdict.setWrapText(true);
    ControlNames.set(verdict, "glue-verdict");
    return new ColumnBox().add(say("The glue-up"), verdict, gluing).add(questions);
  }

  @Override
  public String name() {
    return "Glue-up";
  }

  @Override
  public String about() {
    return say(
        "The glue-up of the neck blank: how much glue, how many clamps, how long it stays open.");
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
            say("glue"),
            glue.glue().name()
                + (glue.glue().note().isEmpty() ? "" : " (" + say(glue.glue().note()) + ")"));
    int number = 1;
    for (List<Integer> faces : glue.faceStages()) {
      gluing.row(
          false,
          say("stage {value}", number++),
          say(
              "lines {list}",
              faces.stream().map(String::valueOf).collect(Collectors.joining(", "))));
    }
    for (GlueUp.Assembly step : plan.glueUp().steps()) {
      GlueJob own = step.job();
      gluing.row(
          false,
          step.words().in(units),
          count(
              Math.round(own.faces().value()),
              "{n} face, {clamps} clamps, {mass} of glue",
              "{n} faces, {clamps} clamps, {mass} of glue",
              own.clamps().text(units),
              own.mass().text(units)));
    }
    gluing.row(
        false,
        say("then"),
        say(
            "{clampMinutes} min in the clamps, ready to work after {cureHours} h",
            NumberWriter.fixed(glue.glue().clampMinutes(), 0),
            NumberWriter.fixed(glue.glue().cureHours(), 0)));
    gluing.row(
        false,
        say("pins"),
        plan.glueUp()
            .pins()
            .map(
                p ->
                    say(
                        "{fromHeadEnd} from the headstock end, {fromHeelEnd} from the heel end",
                        NumberWriter.text(p.fromHeadEnd(), Quantity.LENGTH, units),
                        NumberWriter.text(p.fromHeelEnd(), Quantity.LENGTH, units)))
            .orElse(GlueUp.WITHOUT_PINS.in(units)));
    gluing
        .row(
            false,
            say("order"),
            say("Align, close lightly along the whole length, then tighten from the middle out"))
        .end();
    questions.show(say("Neck blank"), plan.about(Topic.NECK_BLANK), units);
  }
}

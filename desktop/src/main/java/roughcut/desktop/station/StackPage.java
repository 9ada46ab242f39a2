package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.blank.BlankKeys;
import roughcut.blank.NeckBlank;
import roughcut.blank.PlacedStrip;
import roughcut.blank.SeenLines;
import roughcut.clearance.ClearanceKeys;
import roughcut.design.BlankDecisions;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.FixList;
import roughcut.desktop.control.ScrollBox;
import roughcut.desktop.control.StackEditor;
import roughcut.desktop.control.StepEditor;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.drawing.StationDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.neck.NeckKeys;
import roughcut.plan.Plan;
import roughcut.record.Measurables;
import roughcut.whatif.FixSuggestions;

/** The neck blank's strips, where the outline cuts through them, and what will be seen. */
final class StackPage extends KnifePage {
  private final StationContext context;
  private final PagedStation station;
  private final FactTable lines = new FactTable();
  private StackEditor editor;
  private FixList ways;

  StackPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Region makeBeside() {
    Label title = new Label(say("Glue lines and where they show"));
    title.getStyleClass().add("lower-title");
    VBox story = new VBox(8, title, ScrollBox.of(lines));
    story.setMinWidth(280);
    ways = new FixList(context.session(), say("Fixes"));
    ways.setMinWidth(150);
    ways.setPrefWidth(280);
    HBox beside = new HBox(18, story, ways);
    HBox.setHgrow(ways, Priority.ALWAYS);
    return beside;
  }

  @Override
  Panel makePanel() {
    editor = new StackEditor(context.session(), StackEditor.Which.NECK);
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .node(editor)
        .more(
            say("Steps after gluing, and more"),
            new StepEditor(context.session()),
            Decisions.SHAFT_THICKNESS,
            Decisions.ROUGHING_MARGIN,
            BodyDecisions.NECK_JOINT,
            BlankDecisions.CORE_LAID,
            Decisions.SCARF_PLANING,
            Decisions.SCARF_TRIM,
            BlankDecisions.WING_TRIM,
            BlankDecisions.MOISTURE_NOW,
            BlankDecisions.MOISTURE_LATER)
        .readings(Measurables.BLANK_WIDTH, Measurables.BLANK_LENGTH)
        .set(
            "stack.width",
            say("Total width"),
            NeckKeys.SCARF_BLANK_LENGTH.id(),
            say("Length, shaft and headstock"),
            NeckKeys.HEAD_ONE_PIECE_LENGTH.id(),
            say("Length, one piece"),
            NeckKeys.HEAD_ONE_PIECE_DEPTH.id(),
            say("Depth, one piece"),
            NeckKeys.HEAD_FLAT_LENGTH.id(),
            say("Length, flat headstock"),
            NeckKeys.HEAD_FLAT_DEPTH.id(),
            say("Depth, flat headstock"),
            NeckKeys.CORE_STRIPS_ALONG.id(),
            say("Depth, along the neck"),
            NeckKeys.CORE_STRIPS_LEVEL.id(),
            say("Depth, level"),
            "head.wing.treble",
            say("Headstock wings, each"))
        .know(
            ClearanceKeys.BLANK_SIDE_SPARE.id(),
            say("Spare beside the neck"),
            BlankKeys.MOISTURE_MOVEMENT.id(),
            say("Expected shrinkage"),
            BlankKeys.NECK_MASS.id(),
            say("Expected neck weight"));
  }

  @Override
  public String title() {
    return say("Strips");
  }

  @Override
  public String name() {
    return "Stack";
  }

  @Override
  public String about() {
    return say(
        "The strips of the neck blank, in their order. Click one to change its wood and "
            + "thickness.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return StationDrawing.BLANKS.of(plan, units);
  }

  @Override
  void showBeside(Plan plan, Units units) {
    var found = FixSuggestions.stack(plan);
    ways.show(
        found, plan.blank().crossings().isEmpty() ? say("The outline crosses no glue line.") : "");
    lines.begin();
    boolean alike = plan.blank().symmetrical();
    int count = plan.blank().strips().size();
    for (int line = 1; line < count; line++) {
      // Both sides of a stack alike tell the same story; it is told once.
      if (!alike || 2 * line <= count) {
        story(plan, line, units);
      }
    }
    if (count == 1) {
      lines.row(false, say("One piece: no glue lines."));
    }
    lines.end();
  }

  private void story(Plan plan, int line, Units units) {
    PlacedStrip strip = plan.blank().strips().get(line);
    SeenLines seen = plan.seen().get(line - 1);
    lines.row(
        false,
        say(
            "line {line} at {distance}",
            line,
            NumberWriter.number(Math.abs(strip.from()), Quantity.LENGTH, units)),
        fate(plan, line, strip.from(), units),
        say(
            "{back} back, {head} head",
            NumberWriter.number(seen.back().value(), Quantity.ROUGH_LENGTH, units),
            NumberWriter.number(seen.head().value(), Quantity.ROUGH_LENGTH, units)));
  }

  /** What becomes of a glue line, in a few words. */
  private static String fate(Plan plan, int line, double y, Units units) {
    for (NeckBlank.Crossing crossing : plan.blank().crossings()) {
      if (crossing.line() == line) {
        return say(
            "cut at {x}, {near}",
            NumberWriter.number(crossing.x().value(), Quantity.LENGTH, units),
            plan.frets().near(crossing.x().value()).in(units));
      }
    }
    return Math.abs(y) < plan.taper().halfWidth(0)
        ? say("inside the outline all along")
        : say("on the headstock only");
  }

  @Override
  public boolean goTo(String decisionId) {
    panel();
    if (!decisionId.startsWith("neck.strip.")) {
      return super.goTo(decisionId);
    }
    return editor.take(decisionId);
  }

  @Override
  public Handles handles() {
    return new DesignHandles(context.session());
  }
}

package roughcut.desktop.station;

import static roughcut.desktop.words.Words.count;
import static roughcut.desktop.words.Words.say;

import javafx.scene.layout.VBox;
import roughcut.blank.BlankKeys;
import roughcut.blank.BodyBlank;
import roughcut.blank.GlueJob;
import roughcut.design.BodyDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.OpenProblems;
import roughcut.desktop.control.StackEditor;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BodyBlankDrawing;
import roughcut.drawing.Drawing;
import roughcut.finding.Topic;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.RoutKeys;

/** The body's blank: its pieces, the outline laid on it, top, weight and binding. */
final class BodyPage extends PlainPage {
  private static final double TURN_ARM = 350;

  private final StationContext context;
  private final PagedStation station;
  private final FactTable table = new FactTable();
  private final OpenProblems questions = new OpenProblems();
  private final VBox strips = new VBox();
  private StackEditor editor;

  BodyPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    editor = new StackEditor(context.session(), StackEditor.Which.BODY);
    strips.getChildren().add(editor);
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .decisions(BodyDecisions.BODY_BACK)
        .node(strips)
        .decisions(
            BodyDecisions.BODY_HALVES,
            BodyDecisions.BODY_SPECIES,
            BodyDecisions.BODY_THICKNESS,
            BodyDecisions.BODY_TOP,
            BodyDecisions.BODY_ACCENT,
            BodyDecisions.BODY_LAID_X,
            BodyDecisions.BODY_LAID_Y,
            BodyDecisions.BODY_LAID_TURN)
        .more(
            BodyDecisions.TOP_SPECIES,
            BodyDecisions.TOP_CLAMPING,
            BodyDecisions.BODY_SANDING,
            BodyDecisions.BODY_BLANK_LENGTH,
            BodyDecisions.BODY_BLANK_WIDTH,
            BodyDecisions.BODY_LENGTH,
            BodyDecisions.BODY_LOWER,
            BodyDecisions.BODY_WAIST,
            BodyDecisions.BODY_UPPER,
            BodyDecisions.BODY_HORN_BASS,
            BodyDecisions.BODY_HORN_TREBLE,
            BodyDecisions.BODY_SLANT,
            BodyDecisions.BODY_TRIM,
            BodyDecisions.TOP_LEAF_1,
            BodyDecisions.TOP_LEAF_2,
            BodyDecisions.BINDING_LAYERS,
            BodyDecisions.BINDING_LAYER,
            BodyDecisions.BINDING_HEIGHT,
            BodyDecisions.BINDING_SPECIES,
            BodyDecisions.BEND_FACTOR,
            BodyDecisions.BINDING_SPARE,
            BodyDecisions.BODY_WEIGHED,
            BodyDecisions.NECK_WEIGHED)
        .set(
            BlankKeys.BODY_BACK_THICKNESS.id(),
            say("Plane the back to"),
            BlankKeys.RESAW_LEAF_THICKNESS.id(),
            say("Plane both leaves to"),
            BlankKeys.BINDING_CHANNEL_WIDTH.id(),
            say("Binding channel"))
        .know(
            BlankKeys.BODY_BLANK_MASS.id(),
            say("Blank weight now"),
            RoutKeys.BODY_MASS.id(),
            say("Finished body weight"));
  }

  @Override
  public boolean goTo(String decisionId) {
    return super.goTo(decisionId) || editor.take(decisionId);
  }

  @Override
  ColumnBox makeLower() {
    return new ColumnBox().add(questions).add(say("Gluing, weight, binding"), table);
  }

  @Override
  public String name() {
    return "Body";
  }

  @Override
  public String about() {
    return say(
        "The body blank: its pieces, the top, and how the outline lies on them. Choose the woods "
            + "first.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return BodyBlankDrawing.of(plan, units);
  }

  @Override
  void showLower(Plan plan, Units units) {
    BodyBlank body = plan.body();
    boolean laminated = body.laminated();
    strips.setVisible(laminated);
    strips.setManaged(laminated);
    questions.show(say("Body blank"), plan.about(Topic.BODY_BLANK), units);
    table.begin();
    table.row(
        false,
        say("joint"),
        body.join().faces().value() == 0 ? say("none") : glue(body.join(), units));
    body.topping().ifPresent(job -> table.row(false, say("top"), glue(job, units)));
    table.row(
        false,
        say("weight"),
        say(
            "neck {neck}, body as a slab {body}",
            plan.weights().neck().text(units),
            plan.weights().body().text(units)));
    body.binding()
        .ifPresent(
            b ->
                table.row(
                    false,
                    say("binding"),
                    say(
                        "bends to a radius of {bendsTo}, needs {tightest}, {length} per layer",
                        b.bendsTo().text(units),
                        b.tightest().map(t -> t.text(units)).orElse(say("none")),
                        b.length().text(units))));
    table.row(
        false,
        say("outline"),
        say(
            "{area}, {perimeter} round the edge",
            body.outline().area().text(units),
            body.outline().perimeter().text(units)));
    table.end();
  }

  private static String glue(GlueJob job, Units units) {
    String pressed =
        job.clamps().value() == 0
            ? say("in the vacuum bag")
            : say("{clamps} clamps", job.clamps().text(units));
    return count(
        Math.round(job.faces().value()),
        "{n} face, {pressed}, {mass} of glue, {minutes} of {open} min",
        "{n} faces, {pressed}, {mass} of glue, {minutes} of {open} min",
        pressed,
        job.mass().text(units),
        NumberWriter.fixed(Math.ceil(job.time().value() / 60), 0),
        NumberWriter.fixed(job.open().value() / 60, 0));
  }

  @Override
  public Handles handles() {
    return new DesignHandles(context.session());
  }
}

package roughcut.drawing;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import roughcut.blank.GlueJob;
import roughcut.blank.RipPlan;
import roughcut.design.BlankDecisions;
import roughcut.design.Strip;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.geometry.Bounds;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.shop.Species;

/**
 * The glue-up of the neck blank on one sheet for the bench: what is sawn from which board, what the
 * planer leaves, the order of gluing, clamps and pins by their places, times and cautions.
 */
public final class GlueUpSheet {
  /** Fits an A4 or Letter page laid on its long side, mm. */
  private static final double WIDTH = 250;

  private static final double COLUMN = 120;
  private static final int LETTERS = 84;
  private static final double LINE = 5.2;

  private final Plan plan;
  private final Units units;
  private final Sketch sketch;
  private double x;
  private double y;

  private GlueUpSheet(Plan plan, Units units) {
    this.plan = plan;
    this.units = units;
    this.sketch = new Sketch(plan, units);
  }

  public static Drawing of(Plan plan, Units units) {
    return new GlueUpSheet(plan, units).draw();
  }

  private Drawing draw() {
    sketch.text(Role.OUTLINE, 0, 0, plan.name() + ": neck blank", Anchor.START, Size.TITLE);
    y = -4;
    pictures();
    double top = y;
    heading("Saw and plane");
    saw();
    heading("Glue");
    glue();
    double low = y;
    x = WIDTH - COLUMN;
    y = top;
    heading("Clamps and pins");
    clamps();
    heading("Still open");
    open();
    heading("Take care");
    cautions();
    return sketch.drawing(
        plan.name() + ": glue-up", new Bounds(-4, Math.min(low, y) - 2, WIDTH + 4, 8));
  }

  private void pictures() {
    double scale = WIDTH / plan.tree().length().value();
    double room = (plan.blank().halfWidth() + plan.given(BlankDecisions.CAUL) + 16) * scale;
    y -= room + 3;
    sketch.origin(0, y);
    sketch.scale(scale);
    GlueUpDrawing drawing = drawing();
    drawing.above();
    sketch.scale(1);
    double depth = plan.tree().depth().value();
    y -= room + depth + 8;
    sketch.origin(plan.blank().halfWidth(), y);
    drawing.endGrain();
    sketch.origin(0, 0);
    sketch.text(
        Role.NOTE,
        2 * plan.blank().halfWidth() + 8,
        y + depth / 2,
        "end grain at full size, bass side at the left; rings say the stage of each face",
        Anchor.START,
        Size.SMALL);
    y -= 1;
  }

  private GlueUpDrawing drawing() {
    return GlueUpDrawing.on(plan, sketch);
  }

  private void heading(String words) {
    y -= 3;
    sketch.text(Role.OUTLINE, x, y - 3.4, words, Anchor.START, Size.NORMAL);
    sketch.line(Role.NOTE, x, y - 5, x + COLUMN, y - 5);
    y -= LINE + 4;
  }

  private void line(String words) {
    // About 1.25 mm to a letter of this size; longer lines go on below.
    for (String part : WrappedWords.lines(words, LETTERS)) {
      sketch.text(Role.OUTLINE, x, y, part, Anchor.START, Size.SMALL);
      y -= LINE - 0.7;
    }
  }

  private String mm(double value) {
    return NumberWriter.text(value, Quantity.LENGTH, units);
  }

  private void saw() {
    for (RipPlan rip : plan.rips().plans()) {
      String board =
          rip.partly()
              ? "what is left of the board"
              : rip.board().map(b -> "board " + b.id()).orElse("no board in the rack");
      line(
          plan.wood(rip.species()).name()
              + " from "
              + board
              + ": "
              + rip.strips().size()
              + (rip.onEdge() ? " × on edge, saw to " : " × saw to ")
              + rip.rough().text(units)
              + ", need "
              + rip.need().text(units)
              + (rip.missing() == null
                  ? ", width not known"
                  : rip.fits() ? ", all come out" : ", " + rip.missing().text(units) + " missing"));
    }
    int number = 1;
    List<String> strips = new ArrayList<>();
    for (Strip strip : plan.neckStrips()) {
      strips.add(
          number++
              + " "
              + plan.wood(strip.species()).name()
              + " "
              + mm(strip.thickness())
              + (strip.tapered() ? " to " + mm(strip.heelThickness()) + " at the heel" : "")
              + (strip.grain() == Strip.Grain.TO_HEEL ? " →" : " ←"));
    }
    line("Plane, from the bass side: " + String.join(";  ", strips));
    line(
        "Each strip "
            + plan.tree().length().text(units)
            + " long and "
            + plan.tree().depth().text(units)
            + " deep. → and ← say which way the grain rises: heel or head.");
  }

  private void glue() {
    GlueJob job = plan.glueUp().job();
    line(
        job.glue().name()
            + ": "
            + job.mass().text(units)
            + " for "
            + job.faces().text(units)
            + " faces. Open for "
            + minutes(job.open().value())
            + " at "
            + NumberWriter.fixed(plan.given(BlankDecisions.TEMPERATURE), 0)
            + " °C; spreading and closing all at once takes "
            + minutes(job.time().value())
            + ".");
    int number = 1;
    for (List<Integer> faces : job.faceStages()) {
      line(
          "Stage "
              + number++
              + " of "
              + job.faceStages().size()
              + ": glue lines "
              + faces.stream().map(String::valueOf).collect(Collectors.joining(", "))
              + " (line 1 is between strips 1 and 2).");
    }
    line(
        "In the clamps "
            + NumberWriter.fixed(job.glue().clampMinutes(), 0)
            + " min a stage; worked only after "
            + NumberWriter.fixed(job.glue().cureHours(), 0)
            + " h. Look for a bead of glue all along both sides.");
  }

  static String minutes(double seconds) {
    return seconds < 120
        ? NumberWriter.fixed(seconds, 0) + " s"
        : NumberWriter.fixed(seconds / 60, 1) + " min";
  }

  private void clamps() {
    GlueJob job = plan.glueUp().job();
    int count = (int) job.clamps().value();
    double length = plan.tree().length().value();
    List<String> places = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      places.add(
          NumberWriter.number(
              GlueUpDrawing.clampAt(i, count, length), Quantity.ROUGH_LENGTH, units));
    }
    line(
        count
            + " clamps ("
            + job.byForce().text(units)
            + " by force, "
            + job.bySpacing().text(units)
            + " by spacing; "
            + job.owned().text(units)
            + " owned), from the head end at "
            + String.join(", ", places)
            + " "
            + units.sign()
            + ".");
    line("Align, light all along, then tighten from the middle out; numbers on the picture.");
    plan.glueUp()
        .pins()
        .ifPresentOrElse(
            pins ->
                line(
                    "Pins of "
                        + mm(pins.diameter())
                        + " through the stack from side to side, "
                        + mm(pins.fromHeadEnd())
                        + " from the head end and "
                        + mm(pins.fromHeelEnd())
                        + " from the heel end, in waste."),
            () ->
                line(
                    "No waste for pins: the stack can creep. End stops, or a few grains of salt"
                        + " in the glue."));
  }

  private void open() {
    if (plan.about(Topic.NECK_BLANK).isEmpty()) {
      line("Nothing.");
    }
    for (Finding question : plan.about(Topic.NECK_BLANK)) {
      line(question.severity().word() + ": " + question.words(units));
    }
  }

  private void cautions() {
    Set<String> dusty = new LinkedHashSet<>();
    for (Strip strip : plan.neckStrips()) {
      Species wood = plan.wood(strip.species());
      if (!wood.dust().isEmpty()) {
        dusty.add(wood.name() + " (" + wood.dust() + ")");
      }
    }
    line(
        "Guards and riving knife in place, push blocks, no gloves at machines; extraction and a"
            + " fitted mask.");
    if (!dusty.isEmpty()) {
      line("Dust known to irritate or sensitise: " + String.join(", ", dusty) + ".");
    }
    String note = plan.glueUp().job().glue().note();
    line(
        (note.isEmpty() ? "" : "Glue: " + note + ". ")
            + "Your machines' manuals, the glue's data sheet and local rules come first.");
  }
}

package roughcut.drawing;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
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
import roughcut.measure.Text;
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
    sketch.text(
        Role.OUTLINE, 0, 0, Text.of("{plan}: neck blank", plan.name()), Anchor.START, Size.TITLE);
    y = -4;
    pictures();
    double top = y;
    heading(Text.of("Saw and plane"));
    saw();
    heading(Text.of("Glue"));
    glue();
    double low = y;
    x = WIDTH - COLUMN;
    y = top;
    heading(Text.of("Clamps and pins"));
    clamps();
    heading(Text.of("To clear up"));
    open();
    heading(Text.of("Safety"));
    cautions();
    return sketch.drawing(
        Text.of("{plan}: glue-up", plan.name()),
        new Bounds(-4, Math.min(low, y) - 2, WIDTH + 4, 8));
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
        Text.of("end grain at full size, bass side on the left; rings show the stage of each face"),
        Anchor.START,
        Size.SMALL);
    y -= 1;
  }

  private GlueUpDrawing drawing() {
    return GlueUpDrawing.on(plan, sketch);
  }

  private void heading(Text words) {
    y -= 3;
    sketch.text(Role.OUTLINE, x, y - 3.4, words, Anchor.START, Size.NORMAL);
    sketch.line(Role.NOTE, x, y - 5, x + COLUMN, y - 5);
    y -= LINE + 4;
  }

  private void line(Text words) {
    // About 1.25 mm to a letter of this size; longer lines go on below.
    for (String part : WrappedWords.lines(words.in(units), LETTERS)) {
      sketch.text(Role.OUTLINE, x, y, Text.raw(part), Anchor.START, Size.SMALL);
      y -= LINE - 0.7;
    }
  }

  private Text mm(double value) {
    return Text.only(Text.shown(value, Quantity.LENGTH));
  }

  private void saw() {
    for (RipPlan rip : plan.rips().plans()) {
      Text board =
          rip.partly()
              ? Text.of("what is left of the board")
              : rip.board()
                  .map(b -> Text.of("board {id}", b.id()))
                  .orElse(Text.of("no board in the rack"));
      line(
          Text.of(
              rip.onEdge()
                  ? "{wood} from {board}: {count} × on edge, saw to {rough}, need {need}, {state}"
                  : "{wood} from {board}: {count} × saw to {rough}, need {need}, {state}",
              plan.wood(rip.species()).name(),
              board,
              rip.strips().size(),
              Text.shown(rip.rough()),
              Text.shown(rip.need()),
              rip.missing() == null
                  ? Text.of("width not known")
                  : rip.fits()
                      ? Text.of("all sawn")
                      : Text.of("{missing} missing", Text.shown(rip.missing()))));
    }
    int number = 1;
    List<Text> strips = new ArrayList<>();
    for (Strip strip : plan.neckStrips()) {
      strips.add(
          Text.of(
              strip.grain() == Strip.Grain.TO_HEEL
                  ? "{number} {wood} {thickness} →"
                  : "{number} {wood} {thickness} ←",
              number++,
              plan.wood(strip.species()).name(),
              strip.tapered()
                  ? Text.of(
                      "{nut} to {heel} at the heel",
                      mm(strip.thickness()),
                      mm(strip.heelThickness()))
                  : mm(strip.thickness())));
    }
    line(Text.of("Plane, from the bass side: {strips}", Text.joined(strips, ";  ")));
    line(
        Text.of(
            "Each strip is {tree} long and {depth} deep. → and ← show which way the grain "
                + "rises: towards the heel or the headstock.",
            Text.shown(plan.tree().length()),
            Text.shown(plan.tree().depth())));
  }

  private void glue() {
    GlueJob job = plan.glueUp().job();
    line(
        Text.of(
            "{glue}: {mass} for {faces} faces. Open time {minutes} at {temperature}. "
                + "Spreading and closing all at once takes {together}.",
            job.glue().name(),
            Text.shown(job.mass()),
            Text.shown(job.faces()),
            minutes(job.open().value()),
            Text.shown(plan.given(BlankDecisions.TEMPERATURE), Quantity.CELSIUS),
            minutes(job.time().value())));
    int number = 1;
    for (List<Integer> faces : job.faceStages()) {
      line(
          Text.of(
              "Stage {value} of {size}: glue lines {list} (line 1 is between strips 1 and 2).",
              number++,
              job.faceStages().size(),
              Text.joined(faces.stream().map(i -> Text.of("{number}", i)).toList(), ", ")));
    }
    line(
        Text.of(
            "Leave it in the clamps for {number} min per stage, and work it only after "
                + "{hours} h. Look for squeeze-out all along both sides.",
            Text.fixed(job.glue().clampMinutes(), 0),
            Text.fixed(job.glue().cureHours(), 0)));
  }

  static Text minutes(double seconds) {
    return seconds < 120
        ? Text.of("{number} s", Text.fixed(seconds, 0))
        : Text.of("{number} min", Text.fixed(seconds / 60, 1));
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
        Text.of(
            "{count} clamps ({force} by force, {spacing} by spacing; {owned} owned), from the "
                + "head end at {list} {sign}.",
            count,
            Text.shown(job.byForce()),
            Text.shown(job.bySpacing()),
            Text.shown(job.owned()),
            String.join(", ", places),
            units.sign()));
    line(
        Text.of(
            "Align, close lightly along the whole length, then tighten from the middle "
                + "out. The numbers are on the picture."));
    plan.glueUp()
        .pins()
        .ifPresentOrElse(
            pins ->
                line(
                    Text.of(
                        "Pins of {diameter} through the strips from side to side, {head} from "
                            + "the head end and {heel} from the heel end, in the waste.",
                        mm(pins.diameter()),
                        mm(pins.fromHeadEnd()),
                        mm(pins.fromHeelEnd()))),
            () ->
                line(
                    Text.of(
                        "No waste for pins, so the strips can creep. Use end stops, or a few "
                            + "grains of "
                            + "salt in the glue.")));
  }

  private void open() {
    if (plan.about(Topic.NECK_BLANK).isEmpty()) {
      line(Text.of("Nothing."));
    }
    for (Finding question : plan.about(Topic.NECK_BLANK)) {
      line(Text.of("{severity}: {question}", question.severity().word(), question.words(units)));
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
        Text.of(
            "Keep guards and riving knife in place, use push blocks, no gloves at "
                + "machines; dust extraction and a fitted mask."));
    if (!dusty.isEmpty()) {
      line(Text.of("This dust can irritate or sensitise: {list}.", String.join(", ", dusty)));
    }
    String note = plan.glueUp().job().glue().note();
    line(
        note.isEmpty()
            ? Text.of("Machine manuals, the data sheet of the glue and local rules come first.")
            : Text.of(
                "Glue: {note}. Machine manuals, the data sheet of the glue and local rules come "
                    + "first.",
                Text.of(note)));
  }
}

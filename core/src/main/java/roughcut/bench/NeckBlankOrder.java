package roughcut.bench;

import static roughcut.bench.ReferenceFace.NECK_BACK;
import static roughcut.bench.ReferenceFace.NECK_EDGE;
import static roughcut.bench.ReferenceFace.NECK_LINES;
import static roughcut.bench.ReferenceFace.NECK_OPEN;
import static roughcut.bench.ReferenceFace.NECK_SIDES;
import static roughcut.bench.ReferenceFace.NECK_TOP;
import static roughcut.finding.Chapter.BLANKS;
import static roughcut.finding.Chapter.FRETBOARD;
import static roughcut.finding.Chapter.NECK;

import java.util.List;
import roughcut.blank.BlankKeys;
import roughcut.blank.GlueJob;
import roughcut.blank.GlueUp;
import roughcut.blank.PlaningWay;
import roughcut.blank.WoodPart;
import roughcut.design.OperationId;
import roughcut.design.PartDecisions;
import roughcut.design.Strip;
import roughcut.layout.LayoutKeys;
import roughcut.measure.SettingRef;
import roughcut.measure.Text;
import roughcut.neck.NeckKeys;
import roughcut.part.PartId;
import roughcut.record.Measurables;

/** The neck's blank: boards milled, strips sawn and glued, flattened, and its lines drawn. */
final class NeckBlankOrder {
  /** Freshly milled wood moves; so long it rests, h. */
  private static final double REST = 48;

  private final OperationListBuilder list;

  NeckBlankOrder(OperationListBuilder list) {
    this.list = list;
  }

  /**
   * The neck's own parts; its strips are told by their rip plan, unless that has nothing to say.
   */
  private static boolean of(WoodPart part, boolean strips) {
    return switch (part.use()) {
      case NECK, NECK_STEP -> true;
      case NECK_STRIP -> strips;
      case HEAD_WING, FRETBOARD, BODY, BODY_STRIP, BODY_WING, TOP, SMALL -> false;
    };
  }

  void all() {
    List<Strip> strips = list.plan.neckStrips();
    List<Text> ripping = list.stripTrouble();
    list.add(
        list.neck(OperationId.NECK_MILL, BLANKS, Text.of("Joint and plane the neck boards"), 90)
            .problems(ripping)
            .problems(list.woodTrouble(p -> of(p, ripping.isEmpty())))
            .tools(Text.of("jointer"), Text.of("planer"), Text.of("winding sticks"))
            .set(BlankKeys.STACK_LENGTH, BlankKeys.STACK_DEPTH)
            .waits(REST, Text.of("freshly milled wood has moved and settled"))
            .movesWood()
            .cautions(Caution.PLANER, Caution.DUST)
            .unsafeAction(Text.of("one dimension of the board was never measured")));
    for (int i = 1; i <= strips.size(); i++) {
      String wood = strips.get(i - 1).species();
      list.add(
          list.neck(
                  OperationId.stripSawn(i),
                  BLANKS,
                  Text.of("Saw strip {i} of {wood}", i, list.plan.wood(wood).name()),
                  15)
              .after(OperationId.NECK_MILL, Text.of("its board has no true face yet"))
              .tools(Text.of("the saw chosen on the Boards page"), Text.of("push block"))
              .setIfThere(BlankKeys.STRIP_SAWN.of(wood, i))
              .setIfThere(list.plan.rips().boardWidth(i).stream().toArray(SettingRef[]::new))
              .movesWood()
              .cautions(Caution.SAW, Caution.DUST)
              .unsafeAction(Text.of("the kerf was forgotten, or another saw finished the job")));
    }
    OperationDraft plane =
        list.neck(
                OperationId.NECK_STRIPS_PLANE, BLANKS, Text.of("Plane the strips to thickness"), 30)
            .tools(Text.of("planer or drum sander"), Text.of("caliper"))
            .movesWood()
            .cautions(Caution.PLANER, Caution.DUST)
            .unsafeAction(
                Text.of("a strip comes out thinner than drawn, and the lamination narrower"));
    for (int i = 1; i <= strips.size(); i++) {
      plane.after(OperationId.stripSawn(i), Text.of("it isn't sawn yet"));
    }
    list.add(plane);
    if (strips.size() > 1) {
      glue(strips);
    }
    OperationDraft flatten =
        list.neck(
                OperationId.NECK_FLATTEN,
                BLANKS,
                Text.of("Flatten the blank, its top square to the glue lines"),
                40)
            .after(
                strips.size() > 1 ? OperationId.NECK_GLUE : OperationId.NECK_STRIPS_PLANE,
                Text.of("there is no blank yet"))
            .makes(NECK_TOP, NECK_BACK, NECK_EDGE, NECK_SIDES, NECK_OPEN)
            .tools(Text.of("jointer or plane"), Text.of("try square"), Text.of("straightedge"))
            .set(BlankKeys.BLANK_WIDTH, BlankKeys.CHECK_ALLOWED, BlankKeys.CHECK_ALLOWED_SQUARE)
            .hazards(PlaningWay.words(strips))
            .movesWood()
            .cautions(Caution.PLANER, Caution.DUST)
            .unsafeAction(
                Text.of(
                    "the top isn't square to the glue lines, and a stripe runs out along the neck"));
    list.add(flatten);
    for (GlueUp.Assembly step : list.plan.glueUp().steps()) {
      step(step);
    }
    list.add(
        list.neck(
                OperationId.NECK_LINES,
                NECK,
                Text.of("Draw centre line and nut line and carry them round every face and end"),
                15)
            .needsFaces(NECK_TOP)
            .measures(NECK_EDGE)
            .makes(NECK_LINES)
            .tools(Text.of("knife or sharp pencil"), Text.of("square"))
            .set(LayoutKeys.FRETBOARD_END_FROM_NUT)
            .setIfThere(NeckKeys.HEEL_END_FROM_BREAK)
            .undoable()
            .hold(
                HoldPoint.measured(
                    Measurables.BLANK_WIDTH,
                    list.plan.asDrawn().orElse(list.plan).value(BlankKeys.BLANK_WIDTH.id()),
                    0.5,
                    Text.of("caliper at both ends"),
                    Text.of("the fence for every channel is set from this edge")))
            .unsafeAction(
                Text.of("a distance is measured from the end of the rule instead of the line")));
  }

  private void glue(List<Strip> strips) {
    GlueJob job = list.plan.glueUp().job();
    OperationDraft dry =
        list.neck(
                OperationId.NECK_DRY_FIT,
                BLANKS,
                Text.of("Dry-fit the strips with pins in the waste"),
                20)
            .after(OperationId.NECK_STRIPS_PLANE, Text.of("the strips aren't planed yet"))
            .tools(Text.of("pins"), Text.of("clamps and cauls"))
            .undoable();
    list.add(dry);
    OperationDraft glue =
        list.neck(OperationId.NECK_GLUE, BLANKS, Text.of("Glue the neck strips"), 40)
            .after(OperationId.NECK_DRY_FIT, Text.of("the dry fit hasn't shown that it closes"))
            .tools(
                Text.raw(job.glue().name()),
                Text.of("roller"),
                Text.of("clamps, cauls, parting film"))
            .glues(job)
            .set(BlankKeys.GLUE_STAGES.of("glue"))
            .cures(job.glue(), PartId.NECK)
            .cautions(Caution.GLUE)
            .hold(
                HoldPoint.look(
                        "stack.closed",
                        Text.of("The dry stack closes all along"),
                        Text.of("light behind every joint, clamps hand-tight"),
                        Text.of("a joint that is forced shut opens later"))
                    .within(HoldPoint.FLAT_DAYS))
            .unsafeAction(Text.of("the glue grabs before the last strip is in place"));
    for (int i = 1; i <= strips.size(); i++) {
      glue.hold(
          list.measured(
              PartDecisions.stripThickness(i),
              0.15,
              Text.of("caliper at headstock, middle and heel"),
              Text.of("all offsets in the stack follow from it")));
    }
    list.add(glue);
  }

  private void step(GlueUp.Assembly step) {
    OperationId id = OperationId.blankStep(step.number());
    OperationId before =
        step.number() == 1 ? OperationId.NECK_FLATTEN : OperationId.blankStep(step.number() - 1);

    list.add(
        list.neck(id, BLANKS, Text.of("Blank {value}: {step}", step.number() + 1, step.words()), 60)
            .after(before, Text.of("the blank isn't made yet"))
            .needsFaces(NECK_EDGE)
            .tools(Text.raw(step.job().glue().name()), Text.of("clamps and cauls"))
            .glues(step.job())
            .cures(step.job().glue(), PartId.NECK)
            .movesWood()
            .cautions(Caution.GLUE, Caution.SAW)
            .hold(
                HoldPoint.look(
                        "step." + step.number() + ".flat",
                        Text.of("Both glue faces are flat"),
                        Text.of("straightedge against the light, along and across"),
                        Text.of("flat last month is not flat today"))
                    .within(HoldPoint.FLAT_DAYS)));
  }
}

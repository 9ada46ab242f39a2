package roughcut.bench;

import static roughcut.bench.ReferenceFace.HEEL_FLAT;
import static roughcut.bench.ReferenceFace.NECK_BACK;
import static roughcut.bench.ReferenceFace.NECK_EDGE;
import static roughcut.bench.ReferenceFace.NECK_LINES;
import static roughcut.bench.ReferenceFace.NECK_OPEN;
import static roughcut.bench.ReferenceFace.NECK_SIDES;
import static roughcut.bench.ReferenceFace.NECK_TOP;
import static roughcut.finding.Chapter.BLANKS;
import static roughcut.finding.Chapter.FRETBOARD;
import static roughcut.finding.Chapter.NECK;
import static roughcut.finding.Chapter.ROUTS;

import java.util.List;
import java.util.Optional;
import roughcut.blank.BlankKeys;
import roughcut.blank.GlueJob;
import roughcut.blank.GlueUp;
import roughcut.blank.PlaningWay;
import roughcut.blank.WoodPart;
import roughcut.clearance.ClearanceKeys;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.OperationId;
import roughcut.design.PartDecisions;
import roughcut.design.Strip;
import roughcut.fretboard.FretboardKeys;
import roughcut.layout.LayoutKeys;
import roughcut.measure.SettingRef;
import roughcut.measure.Text;
import roughcut.neck.NeckKeys;
import roughcut.neck.Tenon;
import roughcut.part.PartId;
import roughcut.record.Measurables;
import roughcut.rout.CutKind;
import roughcut.rout.CutLocations;
import roughcut.rout.RoutKeys;
import roughcut.strings.HeelSeat;
import roughcut.strings.StringKeys;

/** The neck's operations: its blank, channels, outline, and the carving at the end. */
final class NeckOrder {
  /** Freshly milled wood moves; so long it rests, h. */
  private static final double REST = 48;

  private final OperationListBuilder list;

  NeckOrder(OperationListBuilder list) {
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

  void blank() {
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

  /** Rod and stiffeners: by a fence while there is an edge, by a jig any time. */
  void channels() {
    if (list.there(NeckKeys.ROD_LEAST.of()) || list.there(NeckKeys.ROD_END_FROM_NUT)) {
      OperationDraft rod =
          channel(OperationId.ROD_CHANNEL, Text.of("Rout the truss rod channel"), 40, "rod")
              .hold(
                  list.measured(
                      Decisions.ROD_WIDTH,
                      0.1,
                      Text.of("caliper"),
                      Text.of("a loose rod rattles, a tight one splits the neck")))
              .hold(
                  list.measured(
                      Decisions.ROD_DEPTH,
                      0.2,
                      Text.of("caliper"),
                      Text.of("it must lie flush, and every mm costs wood under it")))
              .unsafeAction(Text.of("the ends stay round, and the rod rides up on them"));
      list.add(tried(rod, OperationId.ROD_CHANNEL));
    }
    if (list.there(NeckKeys.STIFFENER_LEAST)) {
      list.add(
          tried(
              channel(
                  OperationId.STIFFENER_CHANNELS,
                  Text.of("Rout the stiffener channels"),
                  40,
                  "stiffener"),
              OperationId.STIFFENER_CHANNELS));
    }
  }

  private OperationDraft channel(OperationId id, Text title, int minutes, String of) {
    OperationDraft draft =
        list.neck(id, NECK, title, minutes)
            .needsFaces(NECK_BACK, NECK_OPEN)
            .setIfThere(
                NeckKeys.CHANNEL_FENCE.of(of),
                NeckKeys.CHANNEL_FENCE_FAR.of(of),
                NeckKeys.CHANNEL_FENCE_HEEL.of(of),
                NeckKeys.CHANNEL_WEDGE.of(of),
                NeckKeys.CHANNEL_NEAR_RAIL.of(of),
                NeckKeys.CHANNEL_FAR_RAIL.of(of))
            .set(
                NeckKeys.CHANNEL_START_STOP.of(of),
                NeckKeys.CHANNEL_END_STOP.of(of),
                NeckKeys.CHANNEL_PASSES.of(of))
            .deep(NeckKeys.CHANNEL_PASS_DEPTH.of(of))
            .repaired(Repair.CUT_FURTHER, Repair.SHIM)
            .cautions(Caution.ROUTER, Caution.DUST);
    return switch (list.choice(NeckDecisions.CHANNEL_MACHINE)) {
      case ROUTER_TABLE, EDGE_GUIDE ->
          draft
              .measures(NECK_EDGE, NECK_LINES)
              .tools(Text.of("router"), Text.of("fence"), Text.of("stops at both ends"));
      case RAILED_JIG ->
          draft
              .measures(NECK_LINES)
              .tools(Text.of("router"), Text.of("railed jig"), Text.of("stops at both ends"));
    };
  }

  /** A fence is tried along the whole channel, once what it is set by was measured. */
  private OperationDraft tried(OperationDraft draft, OperationId routs) {
    list.plan.blanks().routing().runs().stream()
        .filter(run -> run.routs().filter(routs::equals).isPresent())
        .flatMap(run -> run.trials().stream())
        .forEach(
            trial ->
                draft.hold(
                    HoldPoint.measured(
                        trial.read(),
                        Optional.of(trial.wanted()),
                        0.15,
                        Text.of("a light touch of the cutter, then caliper from the edge"),
                        Text.of("a fence that isn't parallel takes the channel off the middle"))));
    return draft;
  }

  void outline() {
    list.add(
        list.neck(
                OperationId.NECK_OUTLINE,
                NECK,
                Text.of("Saw outside the neck outline, trim it to the template"),
                60)
            .needsFaces(NECK_BACK)
            .measures(NECK_LINES)
            .destroys(NECK_EDGE, NECK_SIDES)
            .tools(Text.of("bandsaw"), Text.of("template"), Text.of("bearing cutter"))
            .setIfThere(LayoutKeys.FRET_WIDTH.of(1), LayoutKeys.FRET_WIDTH.of(12))
            .set(FretboardKeys.FRETBOARD_END_WIDTH, ClearanceKeys.BLANK_SIDE_SPARE)
            .movesWood()
            .cautions(Caution.BANDSAW, Caution.ROUTER, Caution.DUST)
            .unsafeAction(Text.of("the stripe is cut through where the neck tapers")));
    list.add(
        list.neck(
                OperationId.NECK_SUPPORTS,
                NECK,
                Text.of("Tape the offcuts back on, so that the neck sits square"),
                10)
            .after(OperationId.NECK_OUTLINE, Text.of("the offcuts aren't sawn off yet"))
            .makes(NECK_SIDES)
            .tools(Text.of("the offcuts"), Text.of("tape"))
            .undoable());
  }

  void sideProfile() {
    list.add(
        list.neck(
                OperationId.NECK_BACK_SAW,
                NECK,
                list.plan.details().headpiece().isPresent()
                    ? Text.of("Saw the back of the neck and heel, with a margin")
                    : Text.of("Saw the back of the neck, volute and heel, with a margin"),
                40)
            .needsFaces(NECK_SIDES)
            .measures(NECK_LINES)
            .afterIfThere(
                OperationId.HEAD_THICKNESS,
                Text.of("the volute runs into the back of the headstock"))
            .tools(Text.of("bandsaw"), Text.of("support under the headstock"))
            .setIfThere(NeckKeys.VOLUTE_TANGENT, NeckKeys.VOLUTE_APEX, NeckKeys.HEEL_END_FROM_BREAK)
            .movesWood()
            .cautions(Caution.BANDSAW, Caution.DUST)
            .unsafeAction(Text.of("nothing is left to support the second profile")));
    if (list.plan.cuts().pocket().isEmpty()) {
      return;
    }
    OperationDraft faces =
        list.neck(OperationId.HEEL_FACES, NECK, Text.of("Bring the heel to its final faces"), 40)
            .after(OperationId.NECK_BACK_SAW, Text.of("the heel isn't sawn yet"))
            .makes(HEEL_FLAT)
            .measures(NECK_LINES)
            .tools(Text.of("plane or router on rails"), Text.of("square"))
            .cautions(Caution.EDGES)
            .unsafeAction(Text.of("the pocket is fitted to a heel that changes afterwards"));
    HeelSeat seat = list.plan.stringPlan().heights().seat().orElseThrow();
    list.add(
        switch (seat.made()) {
          // The taper is what lies on the floor: a tenon's own underside, sawn afterwards.
          case PLANED_HEEL -> seat.tenoned() ? faces : faces.deep(StringKeys.HEEL_TAPER);
          case TILTED_FLOOR, WEDGE -> faces;
        });
    list.plan.details().tenon().ifPresent(t -> tenon(t, seat));
    if (seat.wedged()) {
      list.add(
          list.neck(
                  OperationId.HEEL_WEDGE,
                  NECK,
                  Text.of("Plane the full-face wedge that goes under the heel"),
                  40)
              .after(OperationId.HEEL_FACES, Text.of("it is fitted to the final faces of the heel"))
              .afterIfThere(OperationId.TENON_SAW, Text.of("it is as wide as the tenon"))
              .tools(
                  Text.of("plane"),
                  Text.of("a board with a stop"),
                  Text.of("the same wood as the neck"))
              .deep(StringKeys.HEEL_TAPER)
              .undoable()
              .cautions(Caution.EDGES)
              .unsafeAction(
                  Text.of("a shim at one end leaves the heel hollow, and the neck bends over it")));
    }
  }

  /**
   * A tenon's shoulders, from the heel's final faces; its underside tapers where that is planed.
   */
  private void tenon(Tenon tenon, HeelSeat seat) {
    OperationDraft draft =
        list.neck(OperationId.TENON_SAW, NECK, Text.of("Saw the tenon and its shoulders"), 60)
            .after(
                OperationId.HEEL_FACES,
                Text.of("its shoulders are marked from the final faces of the heel"))
            .measures(NECK_LINES)
            .tools(
                Text.of("marking knife"),
                Text.of("fine saw"),
                Text.of("shoulder plane"),
                Text.of("square"))
            .set(NeckKeys.TENON_LENGTH)
            .setIfThere(NeckKeys.TENON_OFF_EDGE, NeckKeys.TENON_OFF_END, NeckKeys.TENON_OFF_UNDER);
    if (seat.tenoned() && seat.planed()) {
      draft.deep(StringKeys.HEEL_TAPER);
    }
    tenon
        .under()
        .ifPresent(
            u ->
                draft.hold(
                    list.measured(
                        Decisions.HEEL_THICKNESS,
                        0.3,
                        Text.of("caliper"),
                        Text.of("what comes off its underside follows from it"))));
    list.add(
        draft
            .hold(
                HoldPoint.look(
                    "tenon.shoulders",
                    Text.of("The shoulders are in one line, square to the centre line"),
                    Text.of("square against the neck top, straightedge across both"),
                    Text.of("a gap beside the heel shows for good")))
            .cautions(Caution.EDGES)
            .unsafeAction(
                Text.of("sawn on the wrong side of the line, the joint is loose for good")));
  }

  /** What is bored into the heel while it is flat. */
  void pilots() {
    if (!list.there(RoutKeys.BOLT_PILOT_STOP.of())) {
      return;
    }
    list.add(
        list.neck(
                OperationId.BOLT_PILOTS, ROUTS, Text.of("Drill the heel for pilots or inserts"), 25)
            .needsFaces(HEEL_FLAT)
            .measures(NECK_LINES)
            .tools(Text.of("drill press"), Text.of("template of the bolts"), Text.of("stop"))
            .placed(boltPlaces())
            .set(
                RoutKeys.BOLT_PILOT,
                RoutKeys.BOLT_PILOT_STOP.of(),
                RoutKeys.BOLT_LENGTH.of(),
                RoutKeys.BOLT_TIP_CLEARANCE)
            .hold(
                list.measured(
                    Decisions.HEEL_THICKNESS,
                    0.3,
                    Text.of("caliper, both sides"),
                    Text.of("the distance from bolt tip to fretboard follows from it")))
            .cautions(Caution.DRILL)
            .unsafeAction(Text.of("forgotten until the neck is carved")));
  }

  /** The heel's bores stand under the body's. */
  private SettingRef[] boltPlaces() {
    return list.plan.cuts().cuts().stream()
        .filter(c -> c.kind() == CutKind.BOLT)
        .flatMap(c -> CutLocations.of(c.name()).stream())
        .filter(list::there)
        .toArray(SettingRef[]::new);
  }

  void carve() {
    int octave = (int) list.plan.frets().divisions().value();
    list.add(
        list.neck(OperationId.NECK_CARVE, NECK, Text.of("Carve the back from its facet lines"), 150)
            .after(OperationId.NECK_BACK_SAW, Text.of("its back isn't sawn yet"))
            .afterIfThere(
                OperationId.HEAD_TUNERS,
                Text.of("the headstock is clamped by its flat back for drilling"))
            .afterIfThere(
                OperationId.HEADPIECE_DRILL,
                Text.of("the neck's end lies on its flat back for drilling"))
            .destroys(NECK_BACK, HEEL_FLAT, NECK_SIDES)
            .tools(
                Text.of("spokeshave"), Text.of("rasp"), Text.of("facet lines"), Text.of("caliper"))
            .setIfThere(
                NeckKeys.FACET_ON_BACK.of(1, 1),
                NeckKeys.FACET_ON_SIDE.of(1, 1),
                NeckKeys.FACET_ON_BACK.of(octave, 1),
                NeckKeys.FACET_ON_SIDE.of(octave, 1),
                NeckKeys.ROD_LEAST.of(),
                NeckKeys.ROD_LEAST_X)
            .waits(
                24 * list.value(NeckDecisions.REST_DAYS), Text.of("the neck has finished moving"))
            .movesWood()
            .cautions(Caution.EDGES, Caution.DUST)
            .unsafeAction(Text.of("a rule of thumb cuts into the profile, or through to the rod")));
    list.add(
        list.neck(
                OperationId.NECK_STRAIGHTEDGE,
                FRETBOARD,
                Text.of("Check the rested neck with a straightedge"),
                10)
            .after(OperationId.NECK_CARVE, Text.of("it isn't carved yet"))
            .tools(Text.of("straightedge"), Text.of("feeler gauge"), Text.of("caliper"))
            .hold(
                list.measured(
                    NeckDecisions.BOW,
                    0.3,
                    Text.of("straightedge and feeler gauge, rod neutral"),
                    Text.of("what the rod can't take out has to be levelled out of the frets")))
            .hold(thick(Decisions.THICKNESS_1))
            .hold(thick(Decisions.THICKNESS_12))
            .hold(
                HoldPoint.look(
                    "carve.even",
                    Text.of("The back runs evenly from nut to heel"),
                    Text.of("raking light, and a straightedge along it"),
                    Text.of("the player feels a hollow at every stretch")))
            .undoable());
  }

  private HoldPoint thick(NumberDecision decision) {
    return list.measured(
        decision,
        0.3,
        Text.of("caliper"),
        Text.of("the wood over the rod channel follows from it"));
  }
}

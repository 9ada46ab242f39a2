package roughcut.bench;

import static roughcut.bench.ReferenceFace.HEAD_FACE;
import static roughcut.bench.ReferenceFace.NECK_BACK;
import static roughcut.bench.ReferenceFace.NECK_EDGE;
import static roughcut.bench.ReferenceFace.NECK_LINES;
import static roughcut.bench.ReferenceFace.NECK_SIDES;
import static roughcut.finding.Chapter.NECK;

import java.util.stream.IntStream;
import java.util.stream.Stream;
import roughcut.design.Decisions;
import roughcut.design.HeadMaking;
import roughcut.design.NeckDecisions;
import roughcut.design.OperationId;
import roughcut.measure.SettingRef;
import roughcut.measure.Text;
import roughcut.neck.Headpiece;
import roughcut.neck.NeckKeys;
import roughcut.part.PartId;

/** The head's operations: its angle, face and back, tuners and the way to the rod. */
final class HeadOrder {
  private final OperationListBuilder list;

  HeadOrder(OperationListBuilder list) {
    this.list = list;
  }

  void all() {
    HeadMaking making = list.choice(NeckDecisions.HEAD_MAKING);
    Runnable made =
        switch (making) {
          case SCARF -> this::scarf;
          case ONE_PIECE -> this::sawn;
          case FLAT -> this::steppedDown;
          case HEADLESS -> this::headless;
        };
    made.run();
    list.plan.details().headpiece().ifPresentOrElse(this::headpiece, this::headFaces);
    rodAccess();
  }

  private void headless() {
    list.add(
        list.neck(OperationId.HEAD_OUTLINE, NECK, Text.of("Saw the end of the neck to length"), 15)
            .needsFaces(NECK_EDGE, NECK_SIDES)
            .measures(NECK_LINES)
            .makes(HEAD_FACE)
            .tools(Text.of("mitre saw or bandsaw"), Text.of("square"), Text.of("shooting board"))
            .set(NeckKeys.HEADLESS_END)
            .cautions(Caution.BANDSAW, Caution.SMALL_PARTS));
  }

  private void headpiece(Headpiece piece) {
    list.add(
        head(OperationId.HEADPIECE_DRILL, Text.of("Drill for the headpiece's screws"), 20)
            .repaired(Repair.PLUG)
            .needsFaces(HEAD_FACE)
            .measures(NECK_LINES)
            .after(OperationId.HEAD_OUTLINE, Text.of("the neck's end isn't sawn yet"))
            .set(NeckKeys.HEADPIECE_PILOT, NeckKeys.HEADPIECE_UNDER)
            .placed(
                Stream.concat(
                        Stream.of(NeckKeys.HEADPIECE_ALONG),
                        IntStream.rangeClosed(1, piece.screws().size())
                            .mapToObj(k -> NeckKeys.HEADPIECE_ACROSS.of(k)))
                    .toArray(SettingRef[]::new))
            .deep(NeckKeys.HEADPIECE_DEPTH)
            .tools(Text.of("drill press"), Text.of("the headpiece as its own template"))
            .hold(
                list.measured(
                    NeckDecisions.HEADPIECE_SPREAD,
                    0.3,
                    Text.of("caliper, outer screws of the headpiece in hand"),
                    Text.of("holes drilled from memory fit no other maker's headpiece")))
            .cautions(Caution.DRILL));
  }

  private void sawn() {
    list.add(
        list.neck(
                OperationId.HEAD_SAW,
                NECK,
                Text.of("Saw the headstock angle out of the deep blank"),
                40)
            .needsFaces(NECK_EDGE, NECK_SIDES)
            .measures(NECK_LINES)
            .makes(HEAD_FACE)
            .tools(Text.of("bandsaw"), Text.of("bevel gauge"))
            .set(
                NeckKeys.HEAD_ONE_PIECE_DEPTH,
                NeckKeys.HEAD_ONE_PIECE_BREAK,
                NeckKeys.HEAD_ONE_PIECE_FACE,
                NeckKeys.HEAD_ONE_PIECE_BACK)
            .movesWood()
            .cautions(Caution.BANDSAW, Caution.DUST));
  }

  private void steppedDown() {
    list.add(
        list.neck(
                OperationId.HEAD_STEP_DOWN,
                NECK,
                Text.of("Lower the headstock face by its step"),
                35)
            .needsFaces(NECK_BACK)
            .measures(NECK_LINES)
            .makes(HEAD_FACE)
            .tools(Text.of("router on rails, or saw and plane"))
            .set(NeckKeys.HEAD_FLAT_DEPTH, NeckKeys.HEAD_FLAT_LENGTH)
            .cautions(Caution.ROUTER, Caution.DUST));
  }

  private void scarf() {
    list.add(
        list.neck(OperationId.HEAD_SCARF_SAW, NECK, Text.of("Saw the scarf"), 30)
            .needsFaces(NECK_EDGE, NECK_SIDES)
            .measures(NECK_LINES)
            .tools(Text.of("bandsaw or tenon saw with the wedge as a guide"))
            .setIfThere(NeckKeys.SCARF_SAW_TOP.of(), NeckKeys.SCARF_SAW_BACK.of())
            .setIfThere(
                NeckKeys.SCARF_MARK_TOP,
                NeckKeys.SCARF_MARK_BACK,
                NeckKeys.SCARF_WEDGE,
                NeckKeys.SCARF_RUN)
            .hold(
                list.measured(
                    Decisions.SHAFT_THICKNESS,
                    0.2,
                    Text.of("caliper, both edges"),
                    Text.of("the bevel length and the joint follow from it")))
            .movesWood()
            .cautions(Caution.BANDSAW, Caution.DUST)
            .unsafeAction(
                Text.of("the shaft was thinner than drawn, and the joint ended up elsewhere")));
    list.add(
        list.neck(OperationId.HEAD_SCARF_PLANE, NECK, Text.of("Plane both bevels together"), 40)
            .after(OperationId.HEAD_SCARF_SAW, Text.of("it isn't sawn yet"))
            .tools(Text.of("plane"), Text.of("straightedge"), Text.of("square"))
            .setIfThere(NeckKeys.SCARF_BEVEL, NeckKeys.SCARF_FLATNESS)
            .cautions(Caution.EDGES));
    list.add(
        list.neck(
                OperationId.HEAD_SCARF_GLUE,
                NECK,
                Text.of("Glue on the headstock, pinned beside the neck"),
                40)
            .after(OperationId.HEAD_SCARF_PLANE, Text.of("the bevels aren't planed yet"))
            .makes(HEAD_FACE)
            .tools(
                Text.raw(list.plan.glueUp().job().glue().name()),
                Text.of("pins"),
                Text.of("cauls"),
                Text.of("parting film"))
            .setIfThere(
                NeckKeys.SCARF_SHIFT, NeckKeys.SCARF_SEAM_TOP.of(), NeckKeys.SCARF_SEAM_BACK)
            .setIfThere(NeckKeys.SCARF_PIN_SIDE)
            .hold(
                HoldPoint.look(
                        "scarf.tight",
                        Text.of("No light between the bevels"),
                        Text.of("straightedge along and across, the two held together"),
                        Text.of("a gap under the fretboard can't be seen or mended later"))
                    .within(HoldPoint.FLAT_DAYS))
            .cures(list.plan.glueUp().job().glue(), PartId.NECK, PartId.HEAD)
            .cautions(Caution.GLUE)
            .unsafeAction(Text.of("the joint creeps under the clamps")));
  }

  private void headFaces() {
    if (list.value(Decisions.HEAD_VENEER) > 0) {
      list.add(
          head(OperationId.HEAD_VENEER, Text.of("Glue the face veneer"), 30)
              .needsFaces(HEAD_FACE)
              .tools(
                  Text.of("veneer, its nut end bevelled by the angle below"),
                  Text.of("caul"),
                  Text.of("clamps"))
              .setIfThere(NeckKeys.HEAD_VENEER_BEVEL)
              .cures(list.plan.glueUp().job().glue(), PartId.HEAD, PartId.NECK)
              .cautions(Caution.GLUE)
              .unsafeAction(Text.of("once the volute is cut, nothing lies flat behind it")));
    }
    list.add(
        head(OperationId.HEAD_THICKNESS, Text.of("Thickness the headstock from its back"), 30)
            .needsFaces(HEAD_FACE)
            .tools(Text.of("drum sander or plane"), Text.of("caliper"))
            .set(NeckKeys.DRUM_TURNS, NeckKeys.DRUM_RISER.of(), NeckKeys.HEAD_GRIP)
            .cautions(Caution.SMALL_PARTS, Caution.DUST)
            .unsafeAction(Text.of("the drum is shorter than the headstock is wide")));
    list.add(
        head(OperationId.HEAD_OUTLINE, Text.of("Saw and trim the headstock outline"), 45)
            .needsFaces(HEAD_FACE)
            .measures(NECK_LINES)
            .tools(Text.of("bandsaw"), Text.of("template"), Text.of("bearing cutter"))
            .movesWood()
            .cautions(Caution.BANDSAW, Caution.ROUTER, Caution.DUST));
    list.add(
        head(OperationId.HEAD_TUNERS, Text.of("Drill the tuner holes"), 30)
            .repaired(Repair.PLUG)
            .set(NeckKeys.TUNER_BIT.of())
            .placed(
                IntStream.rangeClosed(1, list.plan.stringSet().size())
                    .boxed()
                    .flatMap(
                        i -> Stream.of(NeckKeys.TUNER_ALONG.of(i), NeckKeys.TUNER_ACROSS.of(i)))
                    .toArray(SettingRef[]::new))
            .needsFaces(HEAD_FACE)
            .measures(NECK_LINES)
            .after(
                OperationId.HEAD_THICKNESS,
                Text.of("the holes would not be square to its back yet"))
            .tools(Text.of("drill press"), Text.of("fence"), Text.of("backing board"))
            .hold(
                list.measured(
                    NeckDecisions.TUNER_BUSHING,
                    0.1,
                    Text.of("caliper, every tuner"),
                    Text.of("a hole drilled from memory fits no other maker's post")))
            .hold(
                list.measured(
                    Decisions.HEAD_THICKNESS,
                    0.3,
                    Text.of("caliper beside each post"),
                    Text.of("the tuners only clamp a certain range of headstock thickness")))
            .cautions(Caution.DRILL));
  }

  private void rodAccess() {
    if (list.there(NeckKeys.ACCESS_DEPTH)) {
      list.add(
          head(OperationId.ROD_ACCESS, Text.of("Drill the access hole for the truss rod"), 25)
              .needsFaces(HEAD_FACE)
              .measures(NECK_LINES)
              .tools(Text.of("drill press, table tilted"), Text.of("long bit"), Text.of("stop"))
              .setIfThere(NeckKeys.ACCESS_CENTRE_AT.of(), NeckKeys.ACCESS_OPENS_AT.of())
              .set(NeckKeys.ACCESS_BIT_LENGTH, NeckKeys.ACCESS_BACK_LEAST)
              .deep(NeckKeys.ACCESS_DEPTH)
              .cautions(Caution.DRILL)
              .repaired(Repair.PLUG)
              .unsafeAction(Text.of("the hole goes where it should not")));
    }
  }

  private static OperationDraft head(OperationId id, Text title, int minutes) {
    return Operation.of(id, PartId.HEAD, NECK, title, minutes);
  }
}

package roughcut.bench;

import static roughcut.bench.ReferenceFace.HEEL_FLAT;
import static roughcut.bench.ReferenceFace.NECK_BACK;
import static roughcut.bench.ReferenceFace.NECK_EDGE;
import static roughcut.bench.ReferenceFace.NECK_LINES;
import static roughcut.bench.ReferenceFace.NECK_OPEN;
import static roughcut.bench.ReferenceFace.NECK_SIDES;
import static roughcut.finding.Chapter.FRETBOARD;
import static roughcut.finding.Chapter.NECK;

import java.util.Optional;
import roughcut.clearance.ClearanceKeys;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.OperationId;
import roughcut.fretboard.FretboardKeys;
import roughcut.layout.LayoutKeys;
import roughcut.measure.Text;
import roughcut.neck.NeckKeys;

/** The neck's operations between blank and heel: channels, outline, sides, and its carving. */
final class NeckOrder {
  private final OperationListBuilder list;

  NeckOrder(OperationListBuilder list) {
    this.list = list;
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

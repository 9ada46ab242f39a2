package roughcut.bench;

import static roughcut.bench.ReferenceFace.HEEL_FLAT;
import static roughcut.bench.ReferenceFace.NECK_LINES;
import static roughcut.finding.Chapter.NECK;
import static roughcut.finding.Chapter.ROUTS;

import roughcut.design.Decisions;
import roughcut.design.OperationId;
import roughcut.measure.SettingRef;
import roughcut.measure.Text;
import roughcut.neck.NeckKeys;
import roughcut.neck.Tenon;
import roughcut.rout.CutKind;
import roughcut.rout.CutLocations;
import roughcut.rout.RoutKeys;
import roughcut.strings.HeelSeat;
import roughcut.strings.StringKeys;

/** The heel brought to its final faces, its tenon and wedge, and what is bored into it. */
final class HeelOrder {
  private final OperationListBuilder list;

  HeelOrder(OperationListBuilder list) {
    this.list = list;
  }

  /** What lies in the pocket; a neck that runs through the body has no heel to seat. */
  void faces() {
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
}

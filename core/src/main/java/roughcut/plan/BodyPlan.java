package roughcut.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.blank.BlankReadiness;
import roughcut.blank.BoardLayout;
import roughcut.blank.BodyBlank;
import roughcut.blank.BodyMarks;
import roughcut.blank.NeckBlank;
import roughcut.blank.Weights;
import roughcut.clearance.BodyClearances;
import roughcut.design.BodyFace;
import roughcut.fretboard.Slots;
import roughcut.geometry.Outline;
import roughcut.layout.BodyOutline;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.measure.ValueRegistry;
import roughcut.memo.Memo;
import roughcut.neck.NeckShape;
import roughcut.neck.RodChannel;
import roughcut.neck.Stiffeners;
import roughcut.record.EffectiveInputs;
import roughcut.rout.BodyCuts;
import roughcut.rout.Cut;
import roughcut.rout.HardwareSolid;
import roughcut.rout.PickupSetUp;
import roughcut.strings.Bridge;
import roughcut.strings.Heights;

/**
 * The body: everything that is cut into it, and where marks in its wood come to lie.
 *
 * @param pickups as they are once they are fitted and wired
 * @param marks in the boards' wood, as they lie in the blank
 */
public record BodyPlan(
    BodyCuts cuts, PickupSetUp pickups, List<BodyMarks> marks, ChapterResult told) {

  /**
   * What the body is made of: nothing else of the chapters before it.
   *
   * @param outline as it was drawn
   */
  record From(
      FretLayout frets,
      FretboardTaper taper,
      StringSpread strings,
      BodyOutline outline,
      Slots slots,
      Heights heights,
      Bridge bridge,
      NeckShape neck,
      NeckBlank blank,
      RodChannel rod,
      Optional<Stiffeners> stiffeners,
      BodyBlank body,
      BoardLayout boards,
      Weights weights) {

    static From of(
        LayoutPlan layout,
        FretboardPlan fretboard,
        StringPlan strings,
        NeckPlan neck,
        BlankPlan blanks) {
      return new From(
          layout.frets(),
          layout.taper(),
          layout.strings(),
          layout.outline(),
          fretboard.slots(),
          strings.heights(),
          strings.bridge(),
          neck.shape(),
          neck.blank(),
          neck.rod(),
          neck.details().stiffeners(),
          blanks.body(),
          blanks.boards(),
          blanks.weights());
    }

    /** All of it. */
    List<Object> parts() {
      List<Object> all =
          new ArrayList<>(
              List.of(
                  frets, taper, strings, outline, slots, heights, bridge, neck, blank, rod, body,
                  boards, weights));
      stiffeners.ifPresent(all::add);
      return all;
    }
  }

  static BodyPlan of(PlanInputs given, From from, Memo memo) {
    EffectiveInputs inputs = given.inputs();
    ValueRegistry registry = new ValueRegistry();
    BodyCuts cuts =
        BodyCuts.of(
            new BodyCuts.From(
                inputs,
                given.shop(),
                from.frets,
                from.taper,
                from.strings,
                from.neck,
                from.heights,
                from.slots,
                from.bridge,
                NeckPlan.channels(from.rod, from.stiffeners),
                NeckPlan.channelled(from.rod, from.stiffeners),
                from.blank,
                NeckPlan.density(from.blank, given.shop()),
                from.body,
                from.weights,
                memo),
            registry);
    PickupSetUp pickups = PickupSetUp.of(inputs, cuts.pickups(), registry);
    List<BodyMarks> marks =
        memo.block(
            "marks",
            uncovered(from, cuts),
            () ->
                BodyMarks.of(
                    given.build().design(), given.shop(), from.body, from.boards, covers(cuts)));
    return new BodyPlan(
        cuts,
        pickups,
        marks,
        ChapterResult.of(
            registry,
            BodyClearances.of(given.shop(), inputs, cuts, registry, memo),
            List.of(
                BodyProblems.of(inputs, from.outline, cuts),
                BlankReadiness.ofBody(from.body, from.boards, marks, given.shop()),
                Readiness.routs(cuts),
                Readiness.letIn(from.heights, from.neck, from.taper, cuts),
                pickups.findings())));
  }

  /** What marks in the wood hang on. */
  private static List<Object> uncovered(From from, BodyCuts cuts) {
    List<Object> all = new ArrayList<>(List.of(from.body, from.boards));
    all.addAll(cuts.cuts());
    all.addAll(cuts.parts());
    return all;
  }

  /** Routs that open a face, and what lies on the top, as they hide marks in the wood. */
  private static BodyMarks.Covers covers(BodyCuts cuts) {
    List<Outline> top = new ArrayList<>();
    List<Outline> back = new ArrayList<>();
    for (Cut cut : cuts.cuts()) {
      if (cut.from().opens(BodyFace.TOP)) {
        top.addAll(cut.shapes());
      } else if (cut.from().opens(BodyFace.BACK)) {
        back.addAll(cut.shapes());
      }
    }
    cuts.parts().stream().filter(HardwareSolid::above).forEach(p -> top.add(p.outline()));
    return new BodyMarks.Covers(top, back);
  }
}

package roughcut.plan;

import java.util.ArrayList;
import java.util.List;
import roughcut.blank.BlankReadiness;
import roughcut.blank.BodyMarks;
import roughcut.design.BodyFace;
import roughcut.geometry.Outline;
import roughcut.measure.Ledger;
import roughcut.memo.Memo;
import roughcut.record.Givens;
import roughcut.rout.BodyCuts;
import roughcut.rout.Cut;
import roughcut.rout.Part;
import roughcut.rout.PickupSetUp;
import roughcut.thin.BodyThinSpots;

/**
 * The body: everything that is cut into it, and where marks in its wood come to lie.
 *
 * @param pickups as they are once they are fitted and wired
 * @param marks in the boards' wood, as they lie in the blank
 */
public record BodyPlan(BodyCuts cuts, PickupSetUp pickups, List<BodyMarks> marks, Told told) {

  static BodyPlan of(
      Ground ground,
      LayoutPlan layout,
      FretboardPlan fretboard,
      StringPlan strings,
      NeckPlan neck,
      BlankPlan blanks,
      Memo memo) {

    Givens givens = ground.givens();
    Ledger ledger = new Ledger();
    BodyCuts cuts =
        BodyCuts.of(
            new BodyCuts.From(
                givens,
                ground.shop(),
                layout.frets(),
                layout.taper(),
                layout.strings(),
                neck.shape(),
                strings.heights(),
                fretboard.slots(),
                strings.bridge(),
                neck.channels(),
                neck.channelled(),
                neck.blank(),
                neck.density(ground.shop()),
                blanks.body(),
                blanks.weights(),
                memo),
            ledger);
    PickupSetUp pickups = PickupSetUp.of(givens, cuts.pickups(), ledger);
    List<BodyMarks> marks =
        BodyMarks.of(
            ground.build().design(), ground.shop(), blanks.body(), blanks.boards(), covers(cuts));
    return new BodyPlan(
        cuts,
        pickups,
        marks,
        Told.of(
            ledger,
            BodyThinSpots.of(ground.shop(), givens, cuts, ledger, memo),
            List.of(
                BodyProblems.of(givens, layout.outline(), cuts),
                BlankReadiness.ofBody(blanks.body(), blanks.boards(), marks, ground.shop()),
                Readiness.routs(cuts),
                Readiness.letIn(strings.heights(), neck.shape(), layout.taper(), cuts),
                pickups.findings())));
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
    cuts.parts().stream().filter(Part::above).forEach(p -> top.add(p.outline()));
    return new BodyMarks.Covers(top, back);
  }
}

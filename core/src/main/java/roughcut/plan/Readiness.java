package roughcut.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import roughcut.design.FretboardDecisions;
import roughcut.design.NeckDecisions;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Topic;
import roughcut.fretboard.FretboardWork;
import roughcut.fretboard.Markers;
import roughcut.fretboard.Slots;
import roughcut.measure.Precision;
import roughcut.measure.Sentence;
import roughcut.record.Givens;
import roughcut.rout.BodyCuts;
import roughcut.rout.Pocket;
import roughcut.rout.RoutPlan;
import roughcut.shop.Shop;
import roughcut.strings.Bridge;
import roughcut.strings.Heights;
import roughcut.thin.ThinKind;

/**
 * What keeps the maker from beginning, apart from the blanks: bores without a possible depth, a
 * pocket that the finish closes, a cutter that isn't in the drawer, a bridge out of reach.
 */
final class Readiness {
  private Readiness() {}

  /** Limits of the shop's own for kinds of thin spot that there aren't. */
  static List<Finding> limits(Shop shop) {
    Findings found = new Findings(Topic.LAYOUT);
    for (String kind : shop.limits().keySet()) {
      if (ThinKind.find(kind).isEmpty()) {
        String group = kind.contains(".") ? kind.substring(0, kind.indexOf('.') + 1) : kind;
        String alike =
            Arrays.stream(ThinKind.values())
                .map(ThinKind::id)
                .filter(id -> id.startsWith(group))
                .distinct()
                .collect(Collectors.joining(", "));
        found.look(
            "shop.json has a limit for “"
                + kind
                + "”, which is no kind of thin spot"
                + (alike.isEmpty() ? "" : "; there are " + alike));
      }
    }
    return found.list();
  }

  static List<Finding> strings(Heights heights, Bridge bridge) {
    Findings strings = new Findings(Topic.STRINGS);
    if (!heights.reaches(bridge.kind())) {
      strings.stop(StringDecisions.BRIDGE.id(), heights.reach(bridge.kind()));
    }
    return strings.list();
  }

  static List<Finding> routs(BodyCuts cuts) {
    List<Finding> all = new ArrayList<>();
    cuts.pocket().ifPresent(p -> all.addAll(pocket(p)));
    Findings routs = new Findings(Topic.ROUTS);
    for (RoutPlan rout : cuts.routs()) {
      rout.plan()
          .missing()
          .ifPresent(words -> routs.get(rout.step().name().replace('-', ' ') + ": " + words));
    }
    all.addAll(routs.list());
    return all;
  }

  /** Dots that need the same change are told together. */
  static List<Finding> fretboard(Givens givens, Slots slots, Markers markers, FretboardWork work) {
    Findings found = new Findings(Topic.FRETBOARD);
    slots(givens, slots, found);
    List<Markers.Dot> never = markers.dots().stream().filter(d -> !d.possible()).toList();
    if (!never.isEmpty()) {
      double lack =
          never.stream().mapToDouble(d -> d.least().value() - d.most().value()).max().orElse(0);
      found.stop(
          FretboardDecisions.MARKER_THICKNESS.id(),
          "no depth will do for the marker"
              + (never.size() == 1 ? " at fret " : "s at frets ")
              + never.stream()
                  .map(d -> Integer.toString(d.fret()))
                  .collect(Collectors.joining(", "))
              + ": "
              + Sentence.mm(lack, 2)
              + " more are wanted between the face and the bore's bottom");
    }
    work.inlay()
        .filter(i -> i.least().value() > i.most().value())
        .ifPresent(
            i ->
                found.stop(
                    "no depth will do for the inlay, by "
                        + Sentence.mm(i.least().value() - i.most().value(), 2)
                        + ": a thicker inlay, or a thicker board"));
    return found.list();
  }

  /** Slots that no longer hold the tang when all is sanded off that is to be. */
  private static void slots(Givens givens, Slots slots, Findings found) {
    double tang = givens.get(FretboardDecisions.WIRE_TANG).value();
    double least =
        slots.slots().stream().mapToDouble(s -> s.done().value()).min().orElse(Double.MAX_VALUE);
    if (least < tang - Precision.NEAR && !givens.done("frets.press")) {
      double clearance = givens.get(FretboardDecisions.CLEARANCE).value();
      found.stop(
          givens.get(FretboardDecisions.SANDED).measured()
              ? FretboardDecisions.SANDED.id()
              : NeckDecisions.BOW.id(),
          (least > 0
                  ? "the slots are " + Sentence.mm(least, 2) + " deep"
                  : "nothing is left of the slots")
              + " when the fretboard is sanded as it has to be, the tang takes "
              + Sentence.mm(tang, 2)
              + ": deepen them by "
              + Sentence.mm(tang + clearance - least, 2)
              + " after sanding");
    }
  }

  private static List<Finding> pocket(Pocket pocket) {
    Findings found = new Findings(Topic.BODY);
    double finished = pocket.finished().value();
    if (finished < 0) {
      found.stop(
          RoutDecisions.POCKET_CLEARANCE.id(),
          "with finish in it the pocket is "
              + Sentence.mm(-finished, 2)
              + " a side too narrow for the neck: more clearance, or keep finish out of it");
    }
    return found.list();
  }
}

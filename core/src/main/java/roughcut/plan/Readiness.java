package roughcut.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import roughcut.clearance.ClearanceKind;
import roughcut.design.BodyFace;
import roughcut.design.FretboardDecisions;
import roughcut.design.NeckDecisions;
import roughcut.design.OperationId;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.fretboard.FretboardWork;
import roughcut.fretboard.Markers;
import roughcut.fretboard.Slots;
import roughcut.geometry.Point;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.neck.NeckShape;
import roughcut.record.EffectiveInputs;
import roughcut.rout.BodyCuts;
import roughcut.rout.Pocket;
import roughcut.rout.RoutPlan;
import roughcut.shop.Shop;
import roughcut.strings.Bridge;
import roughcut.strings.Heights;

/**
 * What keeps the maker from beginning, apart from the blanks: bores without a possible depth, a
 * pocket that the finish closes, a cutter that isn't in the drawer, a bridge out of reach.
 */
final class Readiness {
  /** So many places beyond the pocket are looked at. */
  private static final int LOOKS = 20;

  /** A corner so small is eased with a file, mm. */
  private static final double FILED = 1;

  private Readiness() {}

  /** A fretboard let into the body that reaches beyond the pocket lies in wood. */
  static List<Finding> letIn(Heights heights, NeckShape neck, FretboardTaper taper, BodyCuts cuts) {
    Findings found = new Findings(Topic.BODY);
    double end = taper.end().value();
    double beyond = end - neck.heelEnd().value();
    double heelEnd = neck.heelEnd().value();
    double deep = Math.max(fretboardBelow(heights, end), fretboardBelow(heights, heelEnd));
    boolean wood =
        IntStream.rangeClosed(0, LOOKS)
            .mapToDouble(i -> heelEnd + 1 + (beyond - 1) * i / LOOKS)
            .anyMatch(x -> !opened(cuts, x));
    if (wood && cuts.pocket().isPresent() && beyond > Precision.NEAR && deep > Precision.NEAR) {
      found.stop(
          StringDecisions.EXPOSED.id(),
          Message.of(
                  Text.of(
                      "The fretboard runs {beyond} beyond the pocket, {deep} inside the body.",
                      Text.length(beyond, 1),
                      Text.length(deep, 1)))
              .why(Text.of("There is wood where it would lie, so the neck can't be seated."))
              .fix(
                  Text.of(
                      "Use a longer heel, a shorter fretboard, or {more} more height above the "
                          + "body.",
                      Text.length(deep, 1))));
    }
    return found.list();
  }

  /** Whether something else opens the top on the centre line at x. */
  private static boolean opened(BodyCuts cuts, double x) {
    Point there = new Point(x, 0);
    return cuts.cuts().stream()
        .filter(c -> c.from().opens(BodyFace.TOP) && !c.covered())
        .flatMap(c -> c.steps().stream())
        .flatMap(s -> s.shapes().stream())
        .anyMatch(s -> s.contains(there));
  }

  /** How deep the fretboard's underside lies below the body's top at x, mm. */
  private static double fretboardBelow(Heights heights, double x) {
    double stack = heights.joint().value() - heights.exposed().value();
    return stack - heights.fretPlane(x);
  }

  /** Limits of the shop's own for kinds of thin spot that there aren't. */
  static List<Finding> limits(Shop shop) {
    Findings found = new Findings(Topic.LAYOUT);
    for (String kind : shop.limits().keySet()) {
      if (ClearanceKind.find(kind).isEmpty()) {
        String group = kind.contains(".") ? kind.substring(0, kind.indexOf('.') + 1) : kind;
        String alike =
            Arrays.stream(ClearanceKind.values())
                .map(ClearanceKind::id)
                .filter(id -> id.startsWith(group))
                .distinct()
                .collect(Collectors.joining(", "));
        found.look(
            Message.of(
                    Text.of(
                        "Your shop has a limit for “{kind}”, which is no kind of clearance.", kind))
                .fix(
                    alike.isEmpty()
                        ? Text.of("Take it out of shop.json.")
                        : Text.of("In shop.json, use one of these names: {alike}.", alike)));
      }
    }
    return found.list();
  }

  static List<Finding> strings(Heights heights, Bridge bridge) {
    Findings strings = new Findings(Topic.STRINGS);
    if (!heights.reaches(bridge.kind())) {
      strings.stop(StringDecisions.BRIDGE.id(), heights.outOfReach(bridge.kind()));
    }
    return strings.list();
  }

  static List<Finding> routs(BodyCuts cuts) {
    List<Finding> all = new ArrayList<>();
    cuts.pocket().ifPresent(p -> all.addAll(pocket(p)));
    Findings routs = new Findings(Topic.ROUTS);
    for (RoutPlan rout : cuts.routs()) {
      if (rout.template().owned().isPresent() && !rout.template().say().isEmpty()) {
        routs.look(
            Message.of(
                Text.of(
                    "The template for the {rout}: {say}.", rout.words(), rout.template().say())));
      }
      rout.plan()
          .missing()
          .ifPresent(
              lack ->
                  routs.get(
                      Message.of(
                              Text.of(
                                  "{rout}: {problem}", rout.words().capital(), lack.what().small()))
                          .fix(lack.fix())));
    }
    all.addAll(routs.list());
    return all;
  }

  /** Dots that need the same change are told together. */
  static List<Finding> fretboard(
      EffectiveInputs inputs, Slots slots, Markers markers, FretboardWork work) {
    Findings found = new Findings(Topic.FRETBOARD);
    slots(inputs, slots, found);
    List<Markers.Dot> never = markers.dots().stream().filter(d -> !d.possible()).toList();
    if (!never.isEmpty()) {
      double lack =
          never.stream().mapToDouble(d -> d.least().value() - d.most().value()).max().orElse(0);
      found.stop(
          FretboardDecisions.MARKER_THICKNESS.id(),
          Message.of(
                  Text.of(
                      never.size() == 1
                          ? "No depth works for the marker at fret {frets}: {lack} is missing."
                          : "No depth works for the markers at frets {frets}: {lack} is missing.",
                      Text.joined(never.stream().map(d -> Text.only(d.fret())).toList(), ", "),
                      Text.length(lack, 2)))
              .why(
                  Text.of(
                      "Sanding the radius would go through the dot, or the hole through the "
                          + "board."))
              .fix(Text.of("Use thicker dots, or a thicker fretboard.")));
    }
    work.inlay()
        .filter(i -> i.least().value() > i.most().value())
        .ifPresent(
            i ->
                found.stop(
                    Message.of(
                            Text.of(
                                "No depth works for the inlay: {length} is missing.",
                                Text.length(i.least().value() - i.most().value(), 2)))
                        .why(Text.of("Sanding the radius would go through it."))
                        .fix(Text.of("Use a thicker inlay, or a thicker fretboard."))));
    return found.list();
  }

  /** Slots that no longer hold the tang when all is sanded off that is to be. */
  private static void slots(EffectiveInputs inputs, Slots slots, Findings found) {
    double tang = inputs.get(FretboardDecisions.WIRE_TANG).value();
    double least =
        slots.slots().stream().mapToDouble(s -> s.done().value()).min().orElse(Double.MAX_VALUE);
    if (least < tang - Precision.NEAR && !inputs.done(OperationId.FRETS_PRESS)) {
      double clearance = inputs.get(FretboardDecisions.CLEARANCE).value();
      found.stop(
          inputs.get(FretboardDecisions.SANDED).measured()
              ? FretboardDecisions.SANDED.id()
              : NeckDecisions.BOW.id(),
          Message.of(
                  least > 0
                      ? Text.of(
                          "The slots are {least} deep once the fretboard is sanded, and the tang "
                              + "needs {tang}.",
                          Text.length(least, 2),
                          Text.length(tang, 2))
                      : Text.of(
                          "No slot depth is left once the fretboard is sanded, and the tang needs "
                              + "{tang}.",
                          Text.length(tang, 2)))
              .why(Text.of("The frets would not seat."))
              .fix(
                  Text.of(
                      "Deepen them by {length} after sanding.",
                      Text.length(tang + clearance - least, 2))));
    }
  }

  private static List<Finding> pocket(Pocket pocket) {
    Findings found = new Findings(Topic.BODY);
    double square = pocket.mismatch().value();
    if (square > FILED) {
      found.stop(
          RoutDecisions.POCKET_CORNERS.id(),
          Message.of(
                  Text.of(
                      "A square heel leaves a gap of {square} at the pocket end.",
                      Text.length(square, 2)))
              .why(Text.of("Its corners meet the pocket's round ones before it is seated."))
              .fix(
                  Text.of(
                      "Round the heel, chisel the corners, or use a corner radius of at most "
                          + "{filed}.",
                      Text.length(FILED, 1))));
    }
    double finished = pocket.finished().value();
    if (finished < 0) {
      found.stop(
          RoutDecisions.POCKET_CLEARANCE.id(),
          Message.of(
                  Text.of(
                      "With finish in it the pocket is {value} per side too narrow for the neck.",
                      Text.length(-finished, 2)))
              .why(Text.of("The neck forced in cracks the finish, or the body."))
              .fix(Text.of("Increase the clearance, or mask the pocket.")));
    }
    return found.list();
  }
}

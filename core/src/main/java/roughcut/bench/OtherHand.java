package roughcut.bench;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roughcut.design.Decisions;
import roughcut.design.Handedness;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.part.BodyWork;
import roughcut.part.PartId;
import roughcut.plan.Plan;
import roughcut.record.ChangedDecision;
import roughcut.record.DoneOperation;
import roughcut.rout.Cut;

/**
 * What was cut on one side while the instrument was planned for the other hand. No number of it
 * changes with the hand, the wood does.
 */
final class OtherHand {
  /** Nearer to the centre line, or to its own mirror image, a cut has no hand, mm. */
  private static final double ASIDE = 0.5;

  private OtherHand() {}

  /** A stop for each cut of the body that lies on the wrong side now. */
  static List<Verdict.Item> of(Plan plan) {
    List<ChangedDecision> changes =
        plan.log().decided().stream().filter(c -> c.of().equals(Decisions.HAND.id())).toList();
    if (changes.isEmpty()) {
      return List.of();
    }
    List<Verdict.Item> all = new ArrayList<>();
    Handedness now = plan.given(Decisions.HAND);
    rows(plan)
        .forEach(
            (row, cuts) ->
                plan.log()
                    .done(DoneOperation.cut(row))
                    .flatMap(done -> hand(changes, done.at()))
                    .filter(then -> !then.equals(now) && handed(cuts))
                    .ifPresent(then -> all.add(item(cuts.get(0).words(), then, now))));
    plan.log()
        .done(BodyWork.OUTLINE.operation().text())
        .flatMap(done -> hand(changes, done.at()))
        .filter(then -> !then.equals(now) && handed(plan.body().outline().shape()))
        .ifPresent(then -> all.add(item(Text.of("body outline"), then, now)));
    return all;
  }

  /** Whether the two sides of a shape differ by more than a saw does. */
  private static boolean handed(Outline shape) {
    double differs = shape.difference(shape.mirrored()).stream().mapToDouble(Outline::area).sum();
    return differs > ASIDE * shape.perimeter();
  }

  private static Verdict.Item item(Text cut, Handedness then, Handedness now) {
    return new Verdict.Item(
        Verdict.State.STOP,
        Text.of(
            "the {cut} was cut for a {then} instrument, and the plan is now {now}: make a "
                + "new body, or change the decision back",
            cut,
            then.label(),
            now.label()),
        Set.of(PartId.BODY));
  }

  /** The hand that was decided then; empty where it wasn't changed since. */
  private static Optional<Handedness> hand(List<ChangedDecision> changes, LocalDateTime at) {
    return changes.stream()
        .filter(c -> c.at().isAfter(at))
        .findFirst()
        .flatMap(c -> Decisions.HAND.find(c.was()));
  }

  private static Map<String, List<Cut>> rows(Plan plan) {
    Map<String, List<Cut>> rows = new LinkedHashMap<>();
    for (Cut cut : plan.cuts().cuts()) {
      rows.computeIfAbsent(cut.row(), r -> new ArrayList<>()).add(cut);
    }
    return rows;
  }

  /** Whether the cuts of one operation lie otherwise in a mirror. */
  private static boolean handed(List<Cut> cuts) {
    List<Point> places =
        cuts.stream().flatMap(c -> c.outlines().stream()).map(o -> o.centre()).toList();
    return places.stream()
        .anyMatch(
            p -> places.stream().noneMatch(q -> q.distance(new Point(p.x(), -p.y())) < 2 * ASIDE));
  }
}

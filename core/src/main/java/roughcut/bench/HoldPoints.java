package roughcut.bench;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.measure.DecidedValue;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.record.Reading;

/** Hold points of one plan at a time: what was read for them, and whether it still counts. */
final class HoldPoints {
  private final Plan plan;
  private final Route route;
  private final LocalDateTime now;

  HoldPoints(Plan plan, Route route, LocalDateTime now) {
    this.plan = plan;
    this.route = route;
    this.now = now;
  }

  /** What readings of the latest day say together; empty where there is but one. */
  Optional<Bench.Spread> spread(HoldPoint hold) {
    Reading last = plan.log().current().get(hold.of());
    if (last == null || hold.looked()) {
      return Optional.empty();
    }
    DoubleSummaryStatistics all =
        plan.log().readings().stream()
            .filter(Reading::counts)
            .filter(r -> r.of().equals(hold.of()) && r.on().equals(last.on()))
            .mapToDouble(Reading::value)
            .summaryStatistics();
    return all.getCount() < 2
        ? Optional.empty()
        : Optional.of(
            new Bench.Spread((int) all.getCount(), all.getAverage(), all.getMax() - all.getMin()));
  }

  Bench.Held held(Operation op, HoldPoint hold) {
    Optional<Reading> reading = Optional.ofNullable(plan.log().current().get(hold.of()));
    HoldPoint.State state =
        reading
            .map(
                r -> {
                  if (isOutdated(op, hold, r)) {
                    return HoldPoint.State.STALE;
                  }
                  boolean off =
                      hold.looked()
                          ? r.value() == 0
                          : hold.nominal()
                              .map(
                                  n ->
                                      Math.abs(r.value() - n.value())
                                          > hold.tolerance() + Precision.SAME)
                              .orElse(false);
                  return off ? HoldPoint.State.OFF : HoldPoint.State.HOLDS;
                })
            .orElse(HoldPoint.State.MISSING);
    return new Bench.Held(hold, state, reading);
  }

  /** Older than it counts, or something heavy was taken off the part since. */
  private boolean isOutdated(Operation op, HoldPoint hold, Reading reading) {
    if (hold.days() == 0) {
      return false;
    }
    if (reading.at().plusDays(hold.days()).isBefore(now)) {
      return true;
    }
    return route.order().stream()
        .filter(o -> o.part() == op.part() && o.movesWood())
        .anyMatch(o -> plan.log().when(o.id()).map(t -> t.isAfter(reading.at())).orElse(false));
  }

  /**
   * What can be read off what an operation has made: where it is, and whatever a decision says is
   * its result; each held against what was drawn.
   */
  List<Bench.Held> results(Operation op) {
    Plan drawn = plan.asDrawn().orElse(plan);
    List<Bench.Held> all = new ArrayList<>();
    Stream<Measurable> places =
        op.settings().stream()
            .flatMap(id -> Measurables.onlyRead(plan.build().design(), id).stream());
    Stream<Measurable> decided =
        Decisions.of(plan.build().design()).stream()
            .flatMap(d -> d.number().flatMap(Measurable::of).stream());
    Stream<Measurable> worked =
        Measurables.all().stream().filter(m -> drawn.value(m.drawn()).isPresent());
    Stream.concat(places, Stream.concat(decided, worked))
        .filter(m -> m.kind().fold(p -> false, s -> false, r -> true, a -> false))
        .filter(m -> m.kind().madeBy(op.id()))
        .map(m -> held(op, result(m, drawn)))
        .forEach(all::add);
    return all;
  }

  private static HoldPoint result(Measurable measurable, Plan drawn) {
    Optional<Value> nominal =
        drawn
            .value(measurable.drawn())
            .or(
                () ->
                    Decisions.find(drawn.build().design(), measurable.id())
                        .flatMap(Decision::number)
                        .filter(d -> !d.none(d.in(drawn.build().design())))
                        .map(d -> new DecidedValue(d.key(), d.in(drawn.build().design()))));
    return HoldPoint.measured(
        measurable,
        nominal,
        measurable.tolerance(),
        Text.of("caliper, rule or square"),
        Text.of("later cuts follow from it"));
  }
}

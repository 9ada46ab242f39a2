package roughcut.bench;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roughcut.measure.NumberWriter;
import roughcut.measure.Precision;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.part.BodyWork;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Done;
import roughcut.record.Log;
import roughcut.record.Measurables;
import roughcut.record.Reading;

/**
 * Something that is made already and no longer agrees with the plan. What a reading of the result
 * says is how it came out, never how it is wanted: wanted is what the plan has without that
 * reading.
 *
 * @param operation that made it
 * @param is as it was read off the result, or else what was set when it was made
 * @param read whether it was read off the result
 * @param wants what the plan has now
 */
public record Spoiled(Operation operation, double is, boolean read, Value wants) {
  /** What can't be set or seen any finer, mm or degrees; counts differ by one. */
  public static final double SEEN = 0.1;

  /** What is wanted less what is there. */
  public double by() {
    return wants.value() - is;
  }

  /** What was made, how it is, which number the plan wants, and by how much it is off. */
  public String told(Units units) {
    return operation.title()
        + ": "
        + wants.label()
        + (read ? " came out at " : " was set to ")
        + NumberWriter.text(is, wants.quantity(), units)
        + ", wanted "
        + wants.text(units)
        + ": "
        + amount(units)
        + " "
        + operation.sizing(wants.id()).word(by());
  }

  /** By how much it is off; never rounded away to nothing. */
  public String amount(Units units) {
    Quantity quantity =
        wants.quantity() == Quantity.LENGTH ? Quantity.FINE_LENGTH : wants.quantity();
    return NumberWriter.text(Math.abs(by()), quantity, units);
  }

  /** Everything made that no longer agrees, in the order of work. */
  public static List<Spoiled> of(Plan plan, Route route) {
    List<Spoiled> all = new ArrayList<>();
    Log log = plan.build().log();
    for (Operation op : route.order()) {
      Optional<Done> done = log.done(op.id());
      if (done.isPresent() && !done.get().cutAt().isEmpty()) {
        of(plan, op, done.get(), all);
      }
    }
    return all;
  }

  private static void of(Plan plan, Operation op, Done done, List<Spoiled> into) {
    Build then = then(plan.build(), done);
    Plan asIs = then == plan.build() ? plan : Plan.of(then, plan.shop());
    Set<String> results = results(then, op.id());
    Plan wanting = results.isEmpty() ? asIs : Plan.of(without(then, results), plan.shop());
    for (Map.Entry<String, Double> cut : done.cutAt().entrySet()) {
      Optional<Value> wants = wanting.value(cut.getKey());
      if (wants.isEmpty()) {
        continue;
      }
      // A reading of the result tells how the cut is where the number hangs on it.
      Optional<Double> seen =
          asIs.value(cut.getKey())
              .map(Value::value)
              .filter(v -> Math.abs(v - wants.get().value()) > Precision.NEAR);
      double is = seen.orElse(cut.getValue());
      if (Math.abs(wants.get().value() - is) >= SEEN - Precision.SAME
          && !done.accepts(cut.getKey(), wants.get().value(), SEEN)) {
        into.add(new Spoiled(op, is, seen.isPresent(), wants.get()));
      }
    }
  }

  /** Ids of what stands that was read off what an operation has made. */
  public static Set<String> results(Build build, String operation) {
    Set<String> ids = new HashSet<>();
    for (Reading reading : build.measured().values()) {
      Measurables.find(build.design(), reading.of())
          .filter(m -> m.kind().madeBy().contains(operation))
          .ifPresent(m -> ids.add(reading.of()));
    }
    return ids;
  }

  static Build without(Build build, Set<String> readings) {
    Build next = build;
    for (String id : readings) {
      next = next.withoutMeasured(id);
    }
    return next;
  }

  /**
   * The build with the body as thick and as wide as it was when something was cut into it: what was
   * set then counted from the faces that were there.
   */
  private static Build then(Build build, Done done) {
    Log log = build.log();
    for (BodyWork work : new BodyWork[] {BodyWork.THICKNESS, BodyWork.OUTLINE}) {
      Optional<LocalDateTime> at = log.when(work.operation());
      if (done.operation().startsWith(Done.cut("")) && at.filter(done.at()::isBefore).isPresent()) {
        log = log.without(Done.of(work.operation(), done.at()));
      }
    }
    return log == build.log() ? build : build.withLog(log);
  }
}

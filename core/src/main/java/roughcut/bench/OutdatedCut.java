package roughcut.bench;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.measure.Precision;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.part.BodyWork;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
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
 * @param planned what the plan has now
 */
public record OutdatedCut(Operation operation, double is, boolean read, Value planned) {
  /** What can't be set or seen any finer, mm or degrees; counts differ by one. */
  public static final double SEEN = 0.1;

  /** What is wanted less what is there. */
  public double by() {
    return planned.value() - is;
  }

  /** What was made, how it is, which number the plan wants, and by how much it is off. */
  public String sentence(Units units) {
    return text().in(units);
  }

  /** The same as a sentence among others. */
  public Text text() {
    String template =
        read
            ? "{operation}: {label} came out at {is}, planned {planned}: {off} {direction}"
            : "{operation}: {label} was set to {is}, planned {planned}: {off} {direction}";
    return Text.of(
        template,
        operation.title(),
        planned.label(),
        Text.amount(is, planned.quantity()),
        Text.amount(planned.value(), planned.quantity()),
        Text.amount(Math.abs(by()), fine()),
        operation.sizing(planned.id()).word(by()));
  }

  /** A length's difference is told finer than the length. */
  private Quantity fine() {
    return planned.quantity() == Quantity.LENGTH ? Quantity.FINE_LENGTH : planned.quantity();
  }

  /** By how much it is off; never rounded away to nothing. */
  public Text difference() {
    return Text.only(Text.shown(Math.abs(by()), fine()));
  }

  /** Everything made that no longer agrees, in the order of work. */
  public static List<OutdatedCut> of(Plan plan, Route route) {
    List<OutdatedCut> all = new ArrayList<>();
    Log log = plan.build().log();
    Wanting plans = new Wanting(plan);
    for (Operation op : route.order()) {
      Optional<DoneOperation> done = log.done(op.id());
      if (done.isPresent() && !done.get().cutAt().isEmpty()) {
        of(plan, op, done.get(), plans, all);
      }
    }
    return all;
  }

  private static void of(
      Plan plan, Operation op, DoneOperation done, Wanting plans, List<OutdatedCut> into) {
    Build then = then(plan.build(), done);
    Plan asIs = then == plan.build() ? plan : plans.of(then);
    Set<String> results = off(then, results(then, op.id()));
    Plan wanting = results.isEmpty() ? asIs : plans.of(without(then, results));
    for (Map.Entry<String, Double> cut : done.cutAt().entrySet()) {
      Optional<Value> wants = wanting.value(cut.getKey());
      // What is only known of a board was never set on a machine.
      if (wants.filter(v -> !v.dependsOn().stream().allMatch(OutdatedCut::measurable)).isEmpty()) {
        continue;
      }
      // A reading of the result tells how the cut is where the number hangs on it.
      Optional<Double> seen =
          asIs.value(cut.getKey())
              .map(Value::value)
              .filter(v -> Math.abs(v - wants.get().value()) > Precision.NEAR);
      if (seen.isPresent() && op.onTheWay(cut.getKey())) {
        continue; // the machine was set as it was; what came out is told once
      }
      double is = seen.orElse(cut.getValue());
      if (Math.abs(wants.get().value() - is) >= SEEN - Precision.SAME
          && !done.accepts(cut.getKey(), wants.get().value(), SEEN)) {
        into.add(new OutdatedCut(op, is, seen.isPresent(), wants.get()));
      }
    }
  }

  /** Plans without what was read of results; many operations share one. */
  private static final class Wanting {
    private final Plan plan;
    private final Map<Build, Plan> made = new HashMap<>();

    Wanting(Plan plan) {
      this.plan = plan;
    }

    Plan of(Build build) {
      return made.computeIfAbsent(build, b -> Plan.of(b, plan.shop()));
    }
  }

  private static boolean measurable(Value value) {
    return switch (value.origin()) {
      case KNOWN -> true;
      case DECIDED, MEASURED, WORKED, FOUND -> false;
    };
  }

  /** Those of which the reading isn't what was decided: the others change nothing. */
  private static Set<String> off(Build build, Set<String> readings) {
    Set<String> off = new HashSet<>();
    for (String id : readings) {
      double read = build.measured().get(id).value();
      boolean same =
          Decisions.find(build.design(), id)
              .flatMap(Decision::number)
              .map(d -> d.in(build.design()))
              .filter(d -> Math.abs(d - read) < SEEN / 2)
              .isPresent();
      if (!same) {
        off.add(id);
      }
    }
    return off;
  }

  /** Ids of what stands that was read off what an operation has made. */
  public static Set<String> results(Build build, String operation) {
    Set<String> ids = new HashSet<>();
    for (Reading reading : build.measured().values()) {
      Measurables.find(build.design(), reading.of())
          .filter(m -> m.kind().madeBy(operation))
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
  private static Build then(Build build, DoneOperation done) {
    Log log = build.log();
    for (BodyWork work : new BodyWork[] {BodyWork.THICKNESS, BodyWork.OUTLINE}) {
      Optional<LocalDateTime> at = log.when(work.operation().text());
      if (done.operation().startsWith(DoneOperation.cut(""))
          && at.filter(done.at()::isBefore).isPresent()) {
        log = log.without(DoneOperation.of(work.operation().text(), done.at()));
      }
    }
    return log == build.log() ? build : build.withLog(log);
  }
}

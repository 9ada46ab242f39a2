package roughcut.bench;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Log;

/** A plan asked at another stage of the work: after an operation, or when all is finished. */
public final class PlanAtStage {
  private PlanAtStage() {}

  /** As it will be when everything is done. */
  public static Plan finished(Plan plan, LocalDateTime at) {
    return after(plan, Route.of(plan).order(), at);
  }

  /**
   * As it will be once an operation and all before it in the order are done; empty where there is
   * no such operation.
   */
  public static Optional<Plan> after(Plan plan, String operation, LocalDateTime at) {
    List<Operation> order = Route.of(plan).order();
    for (int i = 0; i < order.size(); i++) {
      if (order.get(i).id().equals(operation)) {
        return Optional.of(after(plan, order.subList(0, i + 1), at));
      }
    }
    return Optional.empty();
  }

  private static Plan after(Plan plan, List<Operation> done, LocalDateTime at) {
    Build build = plan.build();
    Log log = build.log();
    for (Operation op : done) {
      if (!log.isDone(op.id())) {
        log = log.with(DoneOperation.of(op.id(), at));
      }
    }
    return Plan.of(build.withLog(log), plan.shop());
  }
}

package roughcut.benchmark;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import roughcut.demo.Demo;
import roughcut.design.Applicability;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.plan.Plan;
import roughcut.plan.PlanEngine;
import roughcut.record.Build;
import roughcut.shop.Shop;

/**
 * How long the plan takes after an edit: of every number of the largest demo that counts, in turn.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class EditBenchmark {
  private final Build heron = Demo.heron(LocalDate.now());
  private final Shop shop = Demo.shop();
  private final List<NumberDecision> numbers = new ArrayList<>();
  private final PlanEngine engine = new PlanEngine();
  private Build now = heron;
  private int next;

  public EditBenchmark() {
    Decisions.of(heron.design()).stream()
        .flatMap(d -> d.number().stream())
        .filter(d -> Applicability.idle(heron.design(), d.id()).isEmpty())
        .forEach(numbers::add);
  }

  /**
   * One decision after another a step further, or back where there is no further; in the next round
   * back to where it was.
   */
  @Benchmark
  @Goal(median = 1.5, most = 5)
  public Plan edit() {
    NumberDecision decision = numbers.get(next++ % numbers.size());
    double from = decision.in(heron.design());
    double away =
        decision.allows(from + decision.step()) ? from + decision.step() : from - decision.step();
    double to = decision.in(now.design()) == from ? away : from;
    if (decision.allows(to)) {
      now = now.withDesign(decision.with(now.design(), to));
    }
    return engine.plan(now, shop);
  }
}

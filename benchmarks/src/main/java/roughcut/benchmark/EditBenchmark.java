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
  private int next;

  public EditBenchmark() {
    Decisions.of(heron.design()).stream()
        .flatMap(d -> d.number().stream())
        .filter(d -> Applicability.idle(heron.design(), d.id()).isEmpty())
        .forEach(numbers::add);
  }

  /** Each decision a step further, or back where there is no further. */
  @Benchmark
  @Goal(median = 1.5, most = 5)
  public Plan edit() {
    NumberDecision decision = numbers.get(next++ % numbers.size());
    double now = decision.in(heron.design());
    double to =
        decision.allows(now + decision.step()) ? now + decision.step() : now - decision.step();
    Build edited =
        decision.allows(to) ? heron.withDesign(decision.with(heron.design(), to)) : heron;
    return engine.plan(edited, shop);
  }
}

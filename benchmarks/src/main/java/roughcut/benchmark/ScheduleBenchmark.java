package roughcut.benchmark;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import roughcut.demo.Demo;
import roughcut.plan.Plan;
import roughcut.schedule.Schedule;
import roughcut.schedule.ShopPlanning;
import roughcut.shop.ShopHours;

/** Six builds of some ninety operations over a year of evenings. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class ScheduleBenchmark {
  private final LocalDateTime now = LocalDateTime.now();
  private final List<Plan> plans = plans();
  private final ShopPlanning work = ShopPlanning.of(plans, ShopHours.USUAL, Map.of());

  private static List<Plan> plans() {
    List<Plan> all = new ArrayList<>();
    Demo.builds(LocalDate.now()).forEach(b -> all.add(Plan.of(b, Demo.shop())));
    all.add(all.get(1));
    all.add(all.get(3));
    return all;
  }

  @Benchmark
  @Goal(median = 50)
  public Schedule schedule() {
    return Schedule.of(work, ShopHours.USUAL, now, ZoneId.of("Europe/Berlin"));
  }

  /** The same with what binds the operations worked out anew. */
  @Benchmark
  public Schedule scheduleFromPlans() {
    return Schedule.of(
        ShopPlanning.of(plans, ShopHours.USUAL, Map.of()),
        ShopHours.USUAL,
        now,
        ZoneId.of("Europe/Berlin"));
  }
}

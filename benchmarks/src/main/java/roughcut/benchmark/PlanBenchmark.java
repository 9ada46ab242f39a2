package roughcut.benchmark;

import java.time.LocalDate;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import roughcut.demo.Demo;
import roughcut.design.Build;
import roughcut.design.Decisions;
import roughcut.drawing.Drawing;
import roughcut.drawing.SectionView;
import roughcut.drawing.StationDrawing;
import roughcut.measure.Units;
import roughcut.measure.Unreadable;
import roughcut.plan.Plan;
import roughcut.shop.Shop;

/** How long a plan takes, and a keystroke's way to the list of marks. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class PlanBenchmark {
  private final Build heron = Demo.heron(LocalDate.now());
  private final Shop shop = Demo.shop();
  private final Plan plan = Plan.of(heron, shop);
  private int key;

  /** Target: under 1 ms median. */
  @Benchmark
  public Plan plan() {
    return Plan.of(heron, shop);
  }

  /** Target: under 5 ms median. */
  @Benchmark
  public Drawing keystrokeToMarks() throws Unreadable {
    String typed = Integer.toString(620 + key++ % 40);
    Build edited = heron.withDesign(Decisions.SCALE_LENGTH.typed(heron.design(), typed, Units.MM));
    return StationDrawing.NECK.of(Plan.of(edited, shop), Units.MM);
  }

  /** What the knife costs at each step. */
  @Benchmark
  public Drawing section() {
    return SectionView.at(plan, key++ % 480, Units.MM);
  }
}

package roughcut.benchmark;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import roughcut.bench.Bench;
import roughcut.bench.Consequences;
import roughcut.demo.Demo;
import roughcut.drawing.BenchDrawing;
import roughcut.drawing.Drawing;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Reading;
import roughcut.shop.Shop;

/** The bench, beside a fixed loop of geometry, since machines differ. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class BenchBenchmark {
  private final LocalDateTime now = LocalDateTime.now();
  private final Shop shop = Demo.shop();
  private final Build avocet = Demo.avocet();
  private final Build heron = Demo.heron(LocalDate.now());
  private final Plan largest = Plan.of(avocet, shop);
  private final Plan read = Plan.of(heron, shop);
  private final List<Outline> shapes =
      List.of(
          Shapes.circle(new Point(0, 0), 40),
          Shapes.rounded(new Point(10, 5), 80, 50, 6, 12),
          Shapes.rounded(new Point(-20, 15), 120, 30, 10, -8));
  private int key;

  /** What the others are held against: the same whatever the program does. */
  @Benchmark
  public double control() {
    double sum = 0;
    for (int i = 0; i < 60; i++) {
      for (Outline shape : shapes) {
        sum += shape.edgeDistance(new Point(i - 30, 30 - i));
      }
    }
    return sum;
  }

  /** Target: under 3 ms median. */
  @Benchmark
  public Plan planOfLargest() {
    return Plan.of(avocet, shop);
  }

  /** Route and states of the largest demo; target: under 5 ms median. */
  @Benchmark
  public Bench routeAndStates() {
    return Bench.of(largest, now);
  }

  /** A reading entered to what it changes, and the picture of the work; target: under 50 ms. */
  @Benchmark
  public Drawing readingToEverything() {
    Build next = heron.withReading(Reading.of("heel.thickness", 20 + key++ % 30 / 10.0, now));
    Plan plan = Plan.of(next, shop);
    Consequences changed = Consequences.of(read, plan);
    return BenchDrawing.of(Bench.of(plan, now), changed.verdict().word(), Units.MM);
  }
}

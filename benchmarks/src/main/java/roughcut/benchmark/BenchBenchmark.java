package roughcut.benchmark;

import java.time.Duration;
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
import roughcut.bench.ImpactReport;
import roughcut.bench.Operation;
import roughcut.bench.OutdatedCut;
import roughcut.bench.Route;
import roughcut.demo.Demo;
import roughcut.drawing.BenchDrawing;
import roughcut.drawing.Drawing;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Proposal;
import roughcut.record.Reading;
import roughcut.shop.Shop;
import roughcut.whatif.RecoveryOptions;
import roughcut.whatif.SeatWays;

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

  @Benchmark
  @Goal(median = 8)
  public Plan planOfLargest() {
    return Plan.of(avocet, shop);
  }

  /** Route and states of the largest demo. */
  @Benchmark
  @Goal(median = 5)
  public Bench routeAndStates() {
    return Bench.of(largest, now);
  }

  /** A reading entered to what it changes, and the picture of the work. */
  @Benchmark
  @Goal(median = 50)
  public Drawing readingToEverything() {
    Build next = heron.withReading(Reading.of("heel.thickness", 20 + key++ % 30 / 10.0, now));
    Plan plan = Plan.of(next, shop);
    ImpactReport changed = ImpactReport.of(read, plan);
    Bench bench = Bench.of(plan, now);
    return BenchDrawing.of(
        bench, changed.verdict().word().in(Units.MM) + bench.verdict().items().size(), Units.MM);
  }

  /** A pocket too deep and tilted otherwise, read on the seated neck. */
  private Plan seated() {
    Bench bench = Bench.of(read, now);
    Operation pocket = bench.step("body.cut.pocket").orElseThrow().operation();
    Build cut = bench.done(heron, pocket, Duration.ZERO, "", "");
    Plan drawn = Plan.of(cut, shop);
    double standing = drawn.value("proof.standing-wanted").orElseThrow().value();
    double edge = drawn.value("proof.straightedge-wanted").orElseThrow().value();
    return Plan.of(
        cut.withReading(Reading.of("proof.standing", standing - 0.8, now))
            .withReading(Reading.of("proof.straightedge", edge - 3, now)),
        shop);
  }

  private final Plan seated = seated();
  private final List<OutdatedCut> off = OutdatedCut.of(seated, Route.of(seated));

  /** Ways out of a neck that sits wrong, each tried on the model. */
  @Benchmark
  @Goal(median = 500)
  public List<SeatWays.Way> waysOutOfASeat() {
    return SeatWays.of(seated);
  }

  /** Ways out of whatever is made otherwise, in turn. */
  @Benchmark
  @Goal(median = 500)
  public List<Proposal> waysOutOfADeviation() {
    return RecoveryOptions.of(seated, off.get(key++ % off.size()));
  }
}

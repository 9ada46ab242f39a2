package roughcut.benchmark;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import roughcut.demo.Demo;
import roughcut.design.BodyFace;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point3;
import roughcut.machining.BodyPrograms;
import roughcut.machining.MachineProgram;
import roughcut.machining.SetUp;
import roughcut.machining.Simulation;
import roughcut.machining.SimulationReport;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.stock.Contact;
import roughcut.stock.HeightMap;
import roughcut.stock.Sweep;
import roughcut.stock.Tip;

/** Programs for a driven router: making them, and running them on simulated stock. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class MachiningBenchmark {
  private final Plan plan;
  private final MachineProgram program;
  private final SetUp setUp;
  private final HeightMap field = HeightMap.level(new Bounds(0, 0, 500, 350), 0.25, 0);
  private final float[] plain = new float[field.columns() * field.rows()];
  private final float[] copy = new float[plain.length];
  private double depth;

  public MachiningBenchmark() {
    List<Build> builds = Demo.builds(LocalDate.now());
    Build avocet = builds.stream().filter(b -> b.name().equals("Avocet")).findFirst().orElseThrow();
    plan = Plan.of(avocet, Demo.shop());
    BodyPrograms programs = BodyPrograms.of(plan, BodyFace.TOP, Optional.empty());
    program = programs.programs().get(0);
    setUp = programs.setUp().withCutters(Map.of(1, program.cutter()));
  }

  /** All paths of the demo with most routs from the top, written and run. */
  @Benchmark
  @Goal(median = 1000)
  public BodyPrograms programs() {
    return BodyPrograms.of(plan, BodyFace.TOP, Optional.empty());
  }

  /** Its longest program, read and run in cells of 0.25 mm. */
  @Benchmark
  @Goal(median = 3000)
  public SimulationReport simulated() {
    return Simulation.run(program.text(), setUp);
  }

  /** A cutter as wide as the field across it: each of its 2.8 million cells is cut once. */
  @Benchmark
  public Contact swept() {
    depth -= 0.001;
    return new Sweep(field, -100)
        .cut(new Tip.Flat(), 175, new Point3(0, 175, depth), new Point3(500, 175, depth));
  }

  /** The same memory copied. */
  @Benchmark
  public float[] copied() {
    System.arraycopy(plain, 0, copy, 0, plain.length);
    return copy;
  }
}

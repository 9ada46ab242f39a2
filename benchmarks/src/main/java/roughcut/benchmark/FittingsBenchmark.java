package roughcut.benchmark;

import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import roughcut.demo.Demo;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.FittingType;
import roughcut.design.NumberDecision;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Shop;

/** How a plan's time grows with what is fitted into the body; it should grow as that does. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class FittingsBenchmark {
  @Param({"10", "30", "60", "120"})
  private int fittings;

  private Build build;
  private final Shop shop = Demo.shop();

  /** Bores, controls and cavities over the whole body, as many as wanted. */
  @Setup
  public void fit() {
    Build heron = Demo.heron(LocalDate.now());
    Design design = heron.design();
    for (int i = 0; design.fittings().size() < fittings; i++) {
      FittingType type =
          List.of(FittingType.BORE, FittingType.CONTROL, FittingType.RELIEF).get(i % 3);
      String name = design.freeFittingName(type.word() + "-own");
      Fitting fitting =
          new Fitting(type, name, roughcut.shop.FittingBook.of(type.word()).get(0).id());
      design = design.addFitting(fitting);
      design = at(design, fitting, "x", 500 + i * 37 % 330);
      design = at(design, fitting, "y", i * 53 % 280 - 140);
    }
    build = heron.withDesign(design);
  }

  private static Design at(Design design, Fitting fitting, String key, double value) {
    NumberDecision decision = FittingDecisions.number(fitting, key);
    return decision.with(design, Math.max(decision.least(), Math.min(decision.most(), value)));
  }

  @Benchmark
  public Plan plan() {
    return Plan.of(build, shop);
  }
}

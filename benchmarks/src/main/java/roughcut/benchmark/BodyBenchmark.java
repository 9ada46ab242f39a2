package roughcut.benchmark;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import roughcut.clearance.WallThickness;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.design.DrawnPart;
import roughcut.drawing.BodySection;
import roughcut.drawing.Drawing;
import roughcut.file.FileException;
import roughcut.file.OutlineFile;
import roughcut.geometry.Edge;
import roughcut.geometry.Outline;
import roughcut.measure.InvalidInput;
import roughcut.measure.Units;
import roughcut.memo.Memo;
import roughcut.plan.Plan;
import roughcut.plan.PlanEngine;
import roughcut.record.Build;
import roughcut.rout.Cut;
import roughcut.shop.Shop;

/** What is cut into the body: all pairs, a pickup dragged, a section, a file made to harm. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class BodyBenchmark {
  private final Shop shop = Demo.shop();
  private final List<Build> builds = Demo.builds(LocalDate.now());
  private final Plan heron = Plan.of(builds.get(0), shop);
  private final List<Cut> sixty = sixty();
  private final Path hostile = hostile();
  private final PlanEngine engine = new PlanEngine();
  private int key;

  /** 60 routs and bores, every pair, and each against the curved outline. */
  @Benchmark
  @Goal(median = 20)
  public Object allPairsOfSixty() {
    List<Object> all = new ArrayList<>(WallThickness.all(sixty, 20, new Memo()));
    Edge edge = heron.cuts().surface().edge();
    for (Cut cut : sixty) {
      for (Outline outline : cut.outlines()) {
        all.add(edge.nearest(outline));
      }
    }
    return all;
  }

  /** A pickup moved, as in a window. */
  @Benchmark
  @Goal(median = 5)
  public Plan pickupMoved() throws InvalidInput {
    Build build = builds.get(0);
    String typed = 40 + key++ % 20 + "." + key % 2 * 5;
    return engine.plan(
        build.withDesign(
            Decisions.find(build.design(), "pickup.bridge.from-saddle")
                .orElseThrow()
                .typed(build.design(), typed, Units.MM)),
        shop);
  }

  @Benchmark
  public Plan bittern() {
    return Plan.of(builds.get(1), shop);
  }

  @Benchmark
  public Plan dunlin() {
    return Plan.of(builds.get(2), shop);
  }

  @Benchmark
  public Drawing bodySection() {
    return BodySection.across(heron, 440 + key++ % 380, Units.MM);
  }

  /** A million points, refused. */
  @Benchmark
  @Goal(median = 2000)
  public Object millionPoints() {
    try {
      return OutlineFile.read(hostile, DrawnPart.BODY);
    } catch (FileException e) {
      return e.getMessage();
    }
  }

  /** The cuts of all three demo bodies, new names on each so that nothing is meant to meet. */
  private List<Cut> sixty() {
    List<Cut> all = new ArrayList<>();
    for (Build build : builds) {
      for (Cut cut : Plan.of(build, shop).cuts().cuts()) {
        if (all.size() < 60) {
          all.add(
              new Cut(
                  cut.name() + all.size(),
                  cut.words(),
                  cut.kind(),
                  cut.from(),
                  cut.steps(),
                  cut.bores(),
                  Set.of(),
                  cut.changedBy(),
                  false));
        }
      }
    }
    if (all.size() != 60) {
      throw new IllegalStateException("only " + all.size() + " cuts");
    }
    return all;
  }

  private static Path hostile() {
    try {
      Path file = Files.createTempFile("million", ".svg");
      Files.writeString(file, "<svg><path d=\"M0 0" + "h1".repeat(1_000_000) + "z\"/></svg>");
      return file;
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}

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
import roughcut.design.DrawnPart;
import roughcut.geometry.Chain;
import roughcut.plan.Drag;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.plan.PlanEngine;
import roughcut.plan.PointOutline;
import roughcut.record.Build;
import roughcut.shop.Shop;

/** How long a point of the largest outline takes while it is dragged, and when it is let go. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class OutlineBenchmark {
  private final Build heron = Demo.heron(LocalDate.now());
  private final Shop shop = Demo.shop();
  private final PlanEngine engine = new PlanEngine();
  private final Plan drawn;
  private final PlanEngine controls = new PlanEngine();
  private final DrawnPart cavity =
      DrawnPart.of(heron.design().fitting("controls").orElseThrow()).orElseThrow();
  private final Plan hollowed;
  private int next;

  public OutlineBenchmark() {
    PointOutline outline = PointOutline.of(engine.plan(heron, shop), DrawnPart.BODY).orElseThrow();
    Chain chain = outline.chain();
    for (int i = 0; chain.points() < PointOutline.MOST; i += 2) {
      chain = chain.added(i % chain.segments().size(), 0.5);
    }
    drawn = engine.plan(heron.withDesign(outline.with(chain)), shop);
    Plan plan = controls.plan(heron, shop);
    hollowed =
        controls.plan(heron.withDesign(PointOutline.of(plan, cavity).orElseThrow().begun()), shop);
  }

  /** The whole plan once a point of the controls' cavity is let go. */
  @Benchmark
  @Goal(median = 4)
  public Plan cavityDropped() {
    Grip grip = new Grip.OutlinePoint(cavity, 1 + next++ % 2, Grip.Hold.POINT);
    Drag drag = Drag.of(hollowed, grip, 1 + next % 3, 2).orElseThrow();
    return controls.plan(heron.withDesign(drag.design()), shop);
  }

  /** The line and the words that are painted for each move of the mouse. */
  @Benchmark
  @Goal(median = 4)
  public Drag dragged() {
    int point = next++ % PointOutline.MOST;
    Grip grip = new Grip.OutlinePoint(DrawnPart.BODY, point, Grip.Hold.POINT);
    return Drag.of(drawn, grip, 1 + next % 3, 2).orElseThrow();
  }

  /** The whole plan once it is let go. */
  @Benchmark
  @Goal(median = 4)
  public Plan dropped() {
    return engine.plan(heron.withDesign(dragged().design()), shop);
  }
}

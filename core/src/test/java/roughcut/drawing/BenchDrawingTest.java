package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roughcut.bench.Bench;
import roughcut.bench.Operation;
import roughcut.demo.Demo;
import roughcut.geometry.Bounds;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** The order of work as a picture, and each operation's own drawing. */
class BenchDrawingTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private static Bench bench(Build build) {
    return Bench.of(Plan.of(build, Demo.shop()), DAY.atTime(12, 0));
  }

  /**
   * Blocks follow each other by their minutes, none over another, and each can be taken hold of.
   */
  @Test
  void everyOperationHasItsBlockInTheOrderOfWork() {
    for (Build build : Demo.builds(DAY)) {
      Bench bench = bench(build);
      List<Mark.Handle> blocks =
          BenchDrawing.of(bench, "", Units.MM).marks().stream()
              .filter(Mark.Handle.class::isInstance)
              .map(Mark.Handle.class::cast)
              .toList();
      assertThat(blocks).hasSameSizeAs(bench.steps());
      double before = 0;
      for (Bench.OperationStatus step : bench.steps()) {
        Mark.Handle block =
            blocks.stream()
                .filter(h -> h.grip().key().equals(step.operation().id()))
                .findFirst()
                .orElseThrow();
        double left = block.ghost().stream().mapToDouble(p -> p.x()).min().orElseThrow();
        double right = block.ghost().stream().mapToDouble(p -> p.x()).max().orElseThrow();
        assertThat(left).as(block.grip().key()).isGreaterThanOrEqualTo(before - 1e-9);
        if (step.operation().minutes() >= 30) {
          assertThat(right - left)
              .isCloseTo(step.operation().minutes() / 60.0 * 15 - 0.8, within(1e-9));
        }
        before = right;
        double middle = BenchDrawing.from(bench, block.grip().key());
        assertThat(BenchDrawing.at(bench, middle))
            .as("let go over itself")
            .isEqualTo(block.grip().key());
      }
      assertThat(BenchDrawing.at(bench, before + 1000)).as("behind all").isEmpty();
    }
  }

  /** A face's line ends exactly where the operation that takes it away begins. */
  @Test
  void aFaceEndsWhereItIsTakenAway() {
    Bench bench = bench(Demo.heron(DAY));
    Set<Double> ends = new HashSet<>();
    for (Mark mark : BenchDrawing.of(bench, "", Units.MM).marks()) {
      if (mark instanceof Mark.Stroke path && path.role() == Role.STOP) {
        ends.add(path.points().get(0).x());
      }
    }
    double carve =
        bench.steps().stream()
            .map(Bench.OperationStatus::operation)
            .takeWhile(o -> !o.id().equals("neck.carve"))
            .mapToDouble(o -> Math.max(5.5, o.minutes() / 4.0))
            .sum();
    assertThat(ends).anySatisfy(x -> assertThat(x).isCloseTo(carve, within(1e-6)));
    assertThat(ends.size()).as("outline, fretboard, taper, radius, top, carving").isGreaterThan(5);
  }

  /**
   * Every operation of every demo instrument has a drawing, near its cut and with nothing to drag.
   */
  @Test
  void everyOperationIsDrawn() {
    for (Build build : Demo.builds(DAY)) {
      Plan plan = Plan.of(build, Demo.shop());
      for (Bench.OperationStatus step :
          Bench.of(plan, LocalDateTime.of(2026, 5, 4, 12, 0)).steps()) {
        Operation op = step.operation();
        Drawing drawing = OperationDrawing.of(plan, op, Units.MM);
        assertThat(drawing.marks()).as(op.id()).isNotEmpty();
        assertThat(drawing.marks()).noneMatch(Mark.Handle.class::isInstance);
        if (op.id().startsWith("body.cut.")) {
          Bounds shown = drawing.bounds();
          plan.cuts().cuts().stream()
              .filter(c -> op.id().equals("body.cut." + c.row()))
              .forEach(
                  c -> {
                    Bounds b = c.shapes().get(0).bounds();
                    assertThat(shown.left()).as(op.id()).isLessThan(b.left());
                    assertThat(shown.right()).isGreaterThan(b.right());
                  });
        }
      }
    }
  }
}

package roughcut.benchmark;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import roughcut.blank.BoardLayout;
import roughcut.blank.WoodPart;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.drawing.Drawing;
import roughcut.drawing.SectionView;
import roughcut.drawing.StationDrawing;
import roughcut.measure.InvalidInput;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.plan.PlanEngine;
import roughcut.record.Build;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;
import roughcut.shop.Shop;
import roughcut.shop.Woods;

/** How long a plan takes, and a keystroke's way to the list of marks. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class PlanBenchmark {
  private final Build heron = Demo.heron(LocalDate.now());
  private final Shop shop = Demo.shop();
  private final Plan plan = Plan.of(heron, shop);
  private final List<WoodPart> parts = fortyParts();
  private final List<Board> boards = twelveBoards();
  private final PlanEngine engine = new PlanEngine();
  private int key;

  /** From nothing. */
  @Benchmark
  @Goal(median = 8)
  public Plan plan() {
    return Plan.of(heron, shop);
  }

  /**
   * As in a window, which keeps what an edit doesn't touch; the scale touches nearly everything.
   */
  @Benchmark
  @Goal(median = 5)
  public Drawing keystrokeToMarks() throws InvalidInput {
    String typed = Integer.toString(620 + key++ % 40);
    Build edited = heron.withDesign(Decisions.SCALE_LENGTH.typed(heron.design(), typed, Units.MM));
    return StationDrawing.NECK.of(engine.plan(edited, shop), Units.MM);
  }

  /** Automatic lay-out of 40 parts on 12 marked boards. */
  @Benchmark
  @Goal(median = 100)
  public BoardLayout layOut() {
    return BoardLayout.of(parts, boards, Woods.BOOK, Map.of(), List.of(), List.of(), 3);
  }

  private static List<WoodPart> fortyParts() {
    Random random = new Random(40);
    List<WoodPart> parts = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      parts.add(
          new WoodPart(
              "part." + i,
              Text.of("part {i}", i),
              WoodPart.Use.NECK,
              "cherry",
              120 + random.nextInt(500),
              12 + random.nextInt(90),
              8 + random.nextInt(20),
              true,
              i % 3 == 0,
              i > 32,
              null));
    }
    return parts;
  }

  private static List<Board> twelveBoards() {
    Random random = new Random(12);
    List<Board> boards = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      List<BoardMark> marks = new ArrayList<>();
      for (int m = 0; m < 4; m++) {
        marks.add(
            new BoardMark(
                BoardMark.Kind.KNOT,
                random.nextInt(800),
                random.nextInt(80),
                40,
                20,
                BoardMark.Intent.values()[m],
                ""));
      }
      boards.add(
          Board.unknown("board-" + i, "cherry")
              .withLength(OptionalDouble.of(900 + random.nextInt(700)))
              .withWidth(OptionalDouble.of(110 + random.nextInt(120)))
              .withThickness(OptionalDouble.of(20 + random.nextInt(20)))
              .withMarks(marks));
    }
    return boards;
  }

  /** What the knife costs at each step. */
  @Benchmark
  public Drawing section() {
    return SectionView.at(plan, key++ % 480, Units.MM);
  }
}

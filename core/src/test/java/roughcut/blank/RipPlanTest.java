package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.Vectors;
import roughcut.demo.Demo;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.record.Proposal;
import roughcut.record.Reading;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;
import roughcut.shop.Shop;
import roughcut.whatif.FixSuggestions;

class RipPlanTest {
  private static final Board.Grain FLAT = Board.Grain.FLAT;

  static Board board(String species, double length, double width, BoardMark... marks) {
    return new Board(
        species + "-test",
        species,
        OptionalDouble.of(length),
        OptionalDouble.of(width),
        OptionalDouble.of(40),
        OptionalDouble.of(9),
        FLAT,
        0,
        List.of(marks),
        false,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        "");
  }

  private static RipPlan plan(Plan plan, String species) {
    return plan.rips().plans().stream()
        .filter(p -> p.species().equals(species))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void countsStripsAsTheTableDoes() {
    for (Map<String, Double> row : Vectors.read("ripping.csv")) {
      double rough = row.get("strip_mm") + 2 * row.get("allowance_per_face_mm");
      assertThat((double) RipPlan.strips(row.get("board_mm"), rough, row.get("kerf_mm")))
          .as("%s", row)
          .isEqualTo(row.get("strips"));
      assertThat(RipPlan.need(Collections.nCopies(5, rough), row.get("kerf_mm")))
          .isCloseTo(row.get("five_need_mm"), within(1e-9));
    }
  }

  @Test
  void theNeedIsWhatTheStripsAndTheKerfsBetweenThemTake() {
    Plan heron = Heron.with("saw.kerf=3", "saw.allowance=0.5");
    assertThat(value(heron, "rip.hornbeam.need")).isCloseTo(8.2 + 9 + 8.2 + 6, within(1e-9));
    assertThat(value(heron, "rip.cherry.need")).isCloseTo(20.8 * 2 + 3, within(1e-9));
    assertThat(heron.rips().fit()).isTrue();
    assertThat(heron.about(Topic.NECK_BLANK))
        .filteredOn(Finding::stops)
        .as("only the fretboard's board, whose width nobody measured")
        .extracting(f -> f.what().toString())
        .containsExactly("Fretboard: the width of board robinia-1 isn't measured.");
  }

  @Test
  void bitternsFirstStackMissesAndTheWaysOutWork() {
    Plan bittern = Plan.of(Demo.bittern(), Demo.shop());
    RipPlan plum = plan(bittern, "plum");
    assertThat(plum.fits()).isFalse();
    assertThat(value(bittern, "rip.need")).isCloseTo(4 * 12.5 + 9, within(1e-9));
    assertThat(value(bittern, "rip.short")).isCloseTo(2, within(1e-9));
    List<Proposal> ways = FixSuggestions.strips(bittern, plum);
    assertThat(ways)
        .extracting(Proposal::words)
        .anyMatch(w -> w.contains("bandsaw"))
        .anyMatch(w -> w.contains("plum-2"))
        .anyMatch(w -> w.contains("thinner"));
    for (Proposal way : ways) {
      Plan after = Plan.of(way.change().apply(Demo.bittern()), Demo.shop());
      after.rips().plans().stream()
          .filter(p -> p.species().equals("plum"))
          .forEach(p -> assertThat(p.fits()).as(way.words()).isTrue());
      assertThat(value(after, "blank.side-spare")).as(way.words()).isNotNegative();
    }
  }

  @Test
  void nothingIsOfferedThatIsNotNeeded() {
    Plan heron = Heron.with();
    heron.rips().plans().forEach(p -> assertThat(FixSuggestions.strips(heron, p)).isEmpty());
  }

  @Test
  void stripsThatAreSawnAreOutAndTheRestComesFromTheWidthLeft() {
    Build build =
        Demo.bittern()
            .withReading(Reading.of("neck.strip.1.thickness", 11.4, LocalDate.of(2026, 5, 4)))
            .withReading(Reading.of("rip.plum.left", 29, LocalDate.of(2026, 5, 4)));
    assertThat(plan(Plan.of(build, Demo.shop()), "plum").done())
        .as("measured is not sawn")
        .isEmpty();
    Log log = build.log();
    for (int strip : new int[] {1, 3}) {
      log = log.turned(DoneOperation.stripSawn(strip), LocalDate.of(2026, 5, 4).atTime(10, 0));
    }
    Plan plan = Plan.of(build.withLog(log), Demo.shop());
    RipPlan plum = plan(plan, "plum");
    assertThat(plum.done()).containsExactly(1, 3);
    assertThat(plan.about(Topic.NECK_BLANK))
        .noneMatch(f -> f.words().contains("Measure the width"));
    Plan unmeasured =
        Plan.of(
            build.withoutMeasured("rip.plum.left").withLog(log.withdrawn("rip.plum.left")),
            Demo.shop());
    assertThat(unmeasured.about(Topic.NECK_BLANK))
        .anyMatch(f -> f.words().contains("2 strips are sawn off board plum"));
    assertThat(plum.strips()).containsExactly(5, 7);
    assertThat(plum.from().value()).isEqualTo(29);
    assertThat(plum.need().value())
        .isCloseTo(plum.strips().size() * 12.5 + 3 * (plum.strips().size() - 1), within(1e-9));
  }

  @Test
  void anUnmeasuredBoardIsNeverReady() {
    Shop shop =
        Demo.shop()
            .withBoards(
                List.of(
                    new Board(
                        "plum-x",
                        "plum",
                        OptionalDouble.of(900),
                        OptionalDouble.empty(),
                        OptionalDouble.of(30),
                        OptionalDouble.empty(),
                        FLAT,
                        0,
                        List.of(),
                        false,
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        "")));
    Plan plan = Plan.of(Demo.bittern(), shop);
    assertThat(plan(plan, "plum").fits()).isFalse();
    assertThat(plan.about(Topic.NECK_BLANK))
        .anyMatch(q -> q.stops() && q.words().contains("width of board plum-x isn't measured"));
    assertThat(plan.about(Topic.NECK_BLANK))
        .anyMatch(q -> q.stops() && q.words().contains("There is no larch"));
    assertThat(plan.value("rip.plum.strips")).isEmpty();
  }

  @Test
  void stripsKeepClearOfMarksThatSpoilThem() {
    BoardMark knot =
        new BoardMark(BoardMark.Kind.KNOT, 300, 20, 40, 12, BoardMark.Intent.AVOID, "");
    Board knotted = board("plum", 800, 80, knot);
    RipLayout layout =
        RipLayout.of(
            Optional.of(knotted),
            0,
            79,
            1,
            new RipLayout.Strips(List.of(1, 2, 3, 4), List.of(14.0, 14.0, 14.0, 14.0)),
            RipLayout.Strips.NONE,
            1,
            700);
    for (RipLayout.Cut cut : layout.cuts()) {
      boolean below = cut.y() + cut.rough() <= 19;
      boolean above = cut.y() >= 31;
      assertThat(below || above).as("strip from %s", cut.y()).isTrue();
    }
    assertThat(layout.cuts()).hasSize(4);
    Board seen =
        board(
            "plum",
            800,
            80,
            new BoardMark(BoardMark.Kind.FIGURE, 300, 20, 40, 12, BoardMark.Intent.SHOW, ""));
    RipLayout.Strips one = new RipLayout.Strips(List.of(1), List.of(60.0));
    assertThat(RipLayout.of(Optional.of(seen), 0, 79, 1, one, RipLayout.Strips.NONE, 1, 700).cuts())
        .as("a mark to be shown is no trouble")
        .hasSize(1);
  }

  @Test
  void stripsNeverOverlapAndStayOnTheBoard() {
    Random random = new Random(37);
    for (int i = 0; i < 200; i++) {
      double width = 30 + random.nextDouble() * 200;
      double kerf = random.nextDouble() * 3;
      List<Integer> strips = new ArrayList<>();
      List<Double> rough = new ArrayList<>();
      for (int s = 1; s <= 1 + random.nextInt(9); s++) {
        strips.add(s);
        rough.add(3 + random.nextDouble() * 25);
      }
      Board board =
          board(
              "plum",
              700 + random.nextDouble() * 1600,
              width + 1,
              new BoardMark(
                  BoardMark.Kind.CHECK,
                  random.nextDouble() * 660,
                  random.nextDouble() * (width - 9),
                  30,
                  9,
                  BoardMark.Intent.ANY,
                  ""));
      RipLayout layout =
          RipLayout.of(
              Optional.of(board),
              0,
              width,
              1,
              new RipLayout.Strips(strips, rough),
              RipLayout.Strips.NONE,
              kerf,
              690);
      for (RipLayout.Cut a : layout.cuts()) {
        assertThat(a.y()).isGreaterThanOrEqualTo(-1e-9);
        assertThat(a.y() + a.rough()).isLessThanOrEqualTo(width + 1e-9);
        assertThat(a.x() + a.length()).isLessThanOrEqualTo(board.length().getAsDouble() + 1e-9);
        for (RipLayout.Cut b : layout.cuts()) {
          if (a != b && a.row() == b.row() && a.y() <= b.y()) {
            assertThat(b.y())
                .as("a kerf between strips")
                .isGreaterThanOrEqualTo(a.y() + a.rough() + kerf - 1e-9);
          }
        }
      }
      assertThat(layout.cuts().size() == strips.size()).isEqualTo(layout.missing() == 0);
    }
  }

  @Test
  void onACleanBoardOfOneLengthFirstFitMissesJustWhatTheSumMisses() {
    Random random = new Random(41);
    for (int i = 0; i < 100; i++) {
      double width = 20 + random.nextDouble() * 80;
      List<Integer> strips = List.of(1, 2, 3);
      List<Double> rough =
          List.of(
              5 + random.nextDouble() * 20,
              5 + random.nextDouble() * 20,
              5 + random.nextDouble() * 20);
      RipLayout layout =
          RipLayout.of(
              Optional.of(board("plum", 710, width + 1)),
              0,
              width,
              1,
              new RipLayout.Strips(strips, rough),
              RipLayout.Strips.NONE,
              1.5,
              700);
      assertThat(layout.missing())
          .isCloseTo(Math.max(0, RipPlan.need(rough, 1.5) - width), within(1e-9));
    }
  }

  /** Of strips that are all sawn nothing is told as if they were still to be sawn. */
  @Test
  void whenAllIsSawnThereIsNothingMoreToSaw() {
    String[] sawn = new String[5];
    for (int i = 1; i <= 5; i++) {
      sawn[i - 1] = "done=" + DoneOperation.stripSawn(i);
    }
    Plan before = Plan.of(Heron.build(), Demo.shop());
    Plan after = Plan.of(Heron.lived(Heron.build(), sawn), Demo.shop());
    assertThat(before.rips().sawn()).isFalse();
    assertThat(before.value("rip.strips")).isPresent();
    assertThat(after.rips().sawn()).isTrue();
    assertThat(after.value("rip.strips")).isEmpty();
    assertThat(after.value("rip.rough")).isEmpty();
    Plan four =
        Plan.of(Heron.lived(Heron.build(), sawn[0], sawn[1], sawn[2], sawn[3]), Demo.shop());
    assertThat(four.rips().sawn()).isFalse();
    assertThat(four.value("rip.strips")).isPresent();
  }

  /** A saw without kerf or planing takes no width for what is sawn already: no count of nothing. */
  @Test
  void ofNoStripLeftNoNumberIsCounted() {
    Set<String> woods = new HashSet<>();
    Build build = Heron.lived(Heron.build(), "saw.kerf=0", "saw.allowance=0");
    for (int i = 1; i <= build.design().neckStack().strips().size(); i++) {
      woods.add(build.design().neckStack().strips().get(i - 1).species());
      build = Heron.lived(build, "done=" + DoneOperation.stripSawn(i));
    }
    Plan plan = Plan.of(build, Demo.shop());
    assertThat(plan.values().values()).allMatch(v -> Double.isFinite(v.value()));
    for (String wood : woods) {
      assertThat(plan.value("rip." + wood + ".strips")).isEmpty();
      assertThat(plan.value("rip." + wood + ".short").orElseThrow().value()).isZero();
    }
  }

  /** Two necks of a stack for which one board is too narrow: a strip may come from either. */
  @Test
  void aStripOfTwoNecksMayComeFromTwoBoards() {
    Build dunlin =
        Demo.builds(java.time.LocalDate.of(2026, 5, 4)).stream()
            .filter(b -> b.name().equals("Dunlin"))
            .findFirst()
            .orElseThrow();
    dunlin = dunlin.withDesign(dunlin.design().withoutBoard("neck.plum"));
    Plan plan = Plan.of(Heron.lived(dunlin, "neck.copies=2"), Demo.shop());
    assertThat(plan.value("rip.plum.strip.1")).isPresent();
    assertThat(plan.value("rip.plum.2.strip.1").orElseThrow().label().toString())
        .contains("from the other board");
  }
}

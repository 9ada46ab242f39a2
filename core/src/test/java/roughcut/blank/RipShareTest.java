package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.bench.Bench;
import roughcut.demo.Demo;
import roughcut.design.BlankStep;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.finding.Topic;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.shop.Board;
import roughcut.shop.Shop;

/** Strips of one wood from several boards, flat or on edge, and wood that is gone. */
class RipShareTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private static Board board(String id, double length, double width, double thickness) {
    return new Board(
        id,
        "maple",
        OptionalDouble.of(length),
        OptionalDouble.of(width),
        OptionalDouble.of(thickness),
        OptionalDouble.of(8),
        Board.Grain.FLAT,
        0,
        List.of(),
        false,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        "");
  }

  private static Shop shop(Board... boards) {
    return Demo.shop().withBoards(List.of(boards));
  }

  /** A neck of maple strips alone, so thick each, with the saw's kerf 3 and planing 0.5 a face. */
  private static Build neck(double... thick) {
    Build build =
        Heron.lived(
            Heron.build().asDesigned(),
            "saw.kerf=3",
            "saw.allowance=0.5",
            "blank.flattening=0.5",
            "shaft.thickness=24");
    List<Strip> strips = new ArrayList<>();
    for (double t : thick) {
      strips.add(new Strip("maple", t, Strip.Grain.TO_HEEL));
    }
    return build.withDesign(
        build
            .design()
            .withoutBoard("neck.maple")
            .withNeckStack(new Stack(strips, false))
            .withNeckSteps(List.of()));
  }

  private static List<String> fit(Plan plan) {
    return plan.rips().plans().stream()
        .map(
            p ->
                p.board().map(Board::id).orElse("none")
                    + (p.onEdge() ? " on edge " : " ")
                    + p.strips()
                    + (p.fits() ? "" : " short"))
        .toList();
  }

  /** Three boards of one strip each give three strips; each is told with its own width. */
  @Test
  void stripsComeFromAsManyBoardsAsItTakes() {
    Shop shop = shop(board("a", 1100, 24, 40), board("b", 1100, 24, 40), board("c", 1100, 24, 40));
    Plan plan = Plan.of(neck(19, 19, 19), shop);
    assertThat(fit(plan)).containsExactlyInAnyOrder("a [1]", "b [2]", "c [3]");
    assertThat(plan.rips().fit()).isTrue();
    assertThat(plan.about(Topic.NECK_BLANK)).noneMatch(f -> f.words().contains("missing"));
    assertThat(plan.value("rip.maple.2.need").orElseThrow().value()).isCloseTo(20, within(1e-9));
    assertThat(plan.boards().laid())
        .filteredOn(l -> l.part().id().startsWith("neck.strip."))
        .extracting(BoardLayout.Laid::board)
        .containsExactlyInAnyOrder("a", "b", "c");
    for (int strip = 1; strip <= 3; strip++) {
      assertThat(value(plan, "rip.maple.strip." + strip)).isCloseTo(20, within(1e-9));
    }
  }

  /** A board that was chosen is the only one, until the maker lets several give them. */
  @Test
  void aBoardThatWasChosenIsTheOnlyOne() {
    Shop shop = shop(board("a", 1100, 24, 40), board("b", 1100, 48, 40));
    Build chosen = neck(19, 19, 19);
    chosen = chosen.withDesign(chosen.design().withBoard("neck.maple", "a"));
    Plan plan = Plan.of(chosen, shop);
    assertThat(fit(plan)).containsExactly("a [1, 2, 3] short");
    List<roughcut.record.Proposal> ways =
        roughcut.whatif.FixSuggestions.strips(plan, plan.rips().plans().get(0));
    assertThat(ways).anyMatch(w -> w.words().contains("from several boards"));
    Build after =
        ways.stream()
            .filter(w -> w.words().contains("several boards"))
            .findFirst()
            .orElseThrow()
            .change()
            .apply(chosen);
    assertThat(fit(Plan.of(after, shop))).containsExactlyInAnyOrder("a [1]", "b [2, 3]");
  }

  /** 19 thick and 150 wide: two strips 17.5 thick have their depth from its width. */
  @Test
  void aThinWideBoardGivesStripsOnEdge() {
    Plan flat = Plan.of(neck(17.5, 17.5), shop(board("wide", 1100, 150, 40)));
    assertThat(fit(flat)).containsExactly("wide [1, 2]");
    Plan plan = Plan.of(neck(17.5, 17.5), shop(board("thin", 1100, 150, 19)));
    assertThat(fit(plan)).containsExactly("thin on edge [1, 2]");
    double depth = plan.rips().depth().value();
    assertThat(value(plan, "rip.maple.rough")).isCloseTo(depth, within(1e-9));
    assertThat(value(plan, "rip.maple.need")).isCloseTo(2 * depth + 3, within(1e-9));
    assertThat(plan.about(Topic.NECK_BLANK)).noneMatch(f -> f.words().contains("too thin"));
    plan.boards().laid().stream()
        .filter(l -> l.part().id().startsWith("neck.strip."))
        .forEach(
            l -> {
              assertThat(l.part().width()).isCloseTo(depth, within(1e-9));
              assertThat(l.part().thickness()).isCloseTo(18.5, within(1e-9));
            });
    Plan thinner = Plan.of(neck(17.5, 17.5), shop(board("thin", 1100, 150, 18.4)));
    assertThat(fit(thinner)).containsExactly("thin [1, 2]");
    assertThat(thinner.about(Topic.NECK_BLANK)).anyMatch(f -> f.words().contains("too thin"));
  }

  /**
   * Whatever is shared out lies on its board, clear of its fellows; what fits alone isn't shared.
   */
  @Test
  void sharesHeldAgainstEveryWayToShare() {
    Random random = new Random(270);
    int several = 0;
    int edge = 0;
    for (int round = 0; round < 120; round++) {
      int n = 1 + random.nextInt(3);
      double[] thick = new double[n];
      for (int i = 0; i < n; i++) {
        thick[i] = 8 + random.nextInt(16);
      }
      Board[] boards = new Board[1 + random.nextInt(3)];
      for (int i = 0; i < boards.length; i++) {
        boards[i] = board("b" + i, 1100, 14 + random.nextInt(60), random.nextBoolean() ? 32 : 20);
      }
      Plan plan = Plan.of(neck(thick), shop(boards));
      if (n == 1) {
        continue; // a neck from one piece is nested, not ripped
      }
      double depth = plan.rips().depth().value();
      List<RipPlan> shares = plan.rips().plans();
      boolean fits =
          shares.stream().allMatch(RipPlan::fits) && BlankReadiness.comesOut(plan.rips());
      // A first fit may miss what every way to share would find, but never claims more.
      if (fits) {
        assertThat(possible(thick, boards, depth)).as("round " + round).isTrue();
        assertThat(shares.stream().mapToInt(s -> s.strips().size()).sum()).isEqualTo(n);
        several += shares.size() > 1 ? 1 : 0;
        edge += shares.stream().anyMatch(RipPlan::onEdge) ? 1 : 0;
      }
      if (shares.size() > 1) {
        for (Board board : boards) {
          assertThat(alone(thick, board, depth)).as("round " + round + " " + board.id()).isFalse();
        }
      }
    }
    assertThat(several).isGreaterThan(10);
    assertThat(edge).isGreaterThan(3);
  }

  /** Each strip to some board, flat or on edge as the whole board is: all assignments tried. */
  private static boolean possible(double[] thick, Board[] boards, double depth) {
    int ways = (int) Math.pow(boards.length, thick.length);
    for (int way = 0; way < ways; way++) {
      boolean all = true;
      for (int b = 0; b < boards.length && all; b++) {
        int board = b;
        int w = way;
        double[] own =
            IntStream.range(0, thick.length)
                .filter(i -> w / (int) Math.pow(boards.length, i) % boards.length == board)
                .mapToDouble(i -> thick[i])
                .toArray();
        all = own.length == 0 || alone(own, boards[b], depth);
      }
      if (all) {
        return true;
      }
    }
    return false;
  }

  private static boolean alone(double[] thick, Board board, double depth) {
    double width = board.width().getAsDouble() - 1;
    double most = IntStream.range(0, thick.length).mapToDouble(i -> thick[i]).max().orElse(0);
    double flat = -3;
    for (double t : thick) {
      flat += t + 1 + 3;
    }
    return board.thickness().getAsDouble() >= depth && flat <= width + 1e-9
        || board.thickness().getAsDouble() < depth
            && board.thickness().getAsDouble() >= most + 1 - 1e-9
            && thick.length * (depth + 3) - 3 <= width + 1e-9;
  }

  /** What is sawn off a board is gone: nothing else is laid there, and it isn't counted again. */
  @Test
  void woodThatIsSawnOffIsNotLaidOnAgain() {
    Shop shop = shop(board("a", 1100, 90, 40));
    Build build = Heron.lived(neck(19, 19, 19), "head.width=90", "head.wing-trim=2");
    for (int sawn = 0; sawn <= 3; sawn++) {
      Build now = build;
      for (int strip = 1; strip <= sawn; strip++) {
        now = sawn(now, shop, strip);
      }
      Plan plan = Plan.of(now, shop);
      double off = sawn == 0 ? 0 : 1 + sawn * 23;
      for (BoardLayout.Laid laid : plan.boards().on("a")) {
        assertThat(laid.y())
            .as(sawn + " sawn: " + laid.part().id())
            .isGreaterThanOrEqualTo(off - 1e-9);
      }
      if (sawn < 3) {
        assertThat(value(plan, "rip.maple.need")).isCloseTo((3 - sawn) * 23 - 3, within(1e-9));
        assertThat(plan.rips().plans().get(0).from().value())
            .isCloseTo(90 - 1 - sawn * 23, within(1e-9));
        assertThat(plan.rips().fit()).isTrue();
      }
      // Measured as left: the same wood is gone, and no more.
      Plan left = Plan.of(Heron.lived(now, "rip.maple.left=" + (89 - sawn * 23)), shop);
      for (BoardLayout.Laid laid : left.boards().on("a")) {
        assertThat(laid.y()).isGreaterThanOrEqualTo(off - 1e-9);
      }
    }
  }

  /** Done at the bench, which records what it was sawn from. */
  private static Build sawn(Build build, Shop shop, int strip) {
    Bench bench = Bench.of(Plan.of(build, shop), DAY.atTime(9, strip));
    return bench.done(
        build,
        bench.route().find(DoneOperation.stripSawn(strip)).orElseThrow(),
        Duration.ZERO,
        "",
        "");
  }

  /** The board is measured anew after a strip is off it: that strip isn't taken off twice. */
  @Test
  void aBoardListedAnewIsNotShortOfWhatWasSawnBefore() {
    Build sawn = sawn(neck(19, 19, 19), shop(board("a", 1100, 68, 40)), 1);
    assertThat(fit(Plan.of(sawn, shop(board("a", 1100, 44.5, 40))))).containsExactly("a [2, 3]");
    assertThat(fit(Plan.of(sawn, shop(board("a", 1100, 43, 40)))))
        .containsExactly("a [2, 3] short");
    assertThat(fit(Plan.of(sawn, shop(board("a", 1100, 68, 40), board("b", 1100, 44.5, 40)))))
        .as("another board gave nothing yet")
        .containsExactly("b [2, 3]");
  }

  /** A board that holds three strips and no more is short by one when a fourth is wanted of it. */
  @Test
  void aSawnStripIsMissedFromTheWidth() {
    Shop shop = shop(board("a", 1100, 68, 40));
    Build build = neck(19, 19, 19);
    assertThat(fit(Plan.of(build, shop))).containsExactly("a [1, 2, 3]");
    Build sawn = sawn(build, shop, 1);
    assertThat(fit(Plan.of(sawn, shop))).containsExactly("a [2, 3]");
    Build thicker =
        sawn.withDesign(
            sawn.design()
                .withNeckStack(sawn.design().neckStack().change(2, s -> s.withThickness(21))));
    Plan plan = Plan.of(thicker, shop);
    assertThat(fit(plan)).containsExactly("a [2, 3] short");
    assertThat(value(plan, "rip.maple.short")).isCloseTo(1, within(1e-9));
  }

  /** The leaves of an opened blank are joined at a face that is shot first: it costs wood. */
  @Test
  void anOpenedBlanksJointCostsItsStripWood() {
    Build build = neck(10, 12);
    Build opened =
        build.withDesign(
            build
                .design()
                .withNeckSteps(List.of(new BlankStep(BlankStep.Kind.OPENED, "maple", 0, 0))));
    Shop shop = shop(board("a", 1100, 120, 90));
    double before = value(Plan.of(build, shop), "rip.maple.need");
    Plan plan = Plan.of(opened, shop);
    assertThat(value(plan, "rip.maple.need")).isCloseTo(before + 1, within(1e-9));
    assertThat(value(plan, "rip.maple.strip.1")).isCloseTo(10 + 1 + 1, within(1e-9));
    assertThat(value(plan, "rip.maple.strip.2")).isCloseTo(12 + 1, within(1e-9));
  }

  /** Sawing on, strip by strip as the bench has it, never makes wood short that was enough. */
  @Test
  void whatWasEnoughStaysEnoughWhileItIsSawn() {
    Random random = new Random(281);
    int shared = 0;
    for (int round = 0; round < 50; round++) {
      Board[] boards = new Board[1 + random.nextInt(3)];
      for (int i = 0; i < boards.length; i++) {
        boards[i] = board("b" + i, 1100, 22 + random.nextInt(45), random.nextInt(3) == 0 ? 22 : 32);
      }
      Shop shop = shop(boards);
      Build build = neck(8 + random.nextInt(12), 8 + random.nextInt(12), 8 + random.nextInt(12));
      Plan plan = Plan.of(build, shop);
      if (!plan.rips().fit() || !BlankReadiness.comesOut(plan.rips())) {
        continue;
      }
      shared += plan.rips().plans().size() > 1 ? 1 : 0;
      List<Integer> order = new ArrayList<>(List.of(1, 2, 3));
      java.util.Collections.shuffle(order, random);
      for (int strip : order) {
        build = sawn(build, shop, strip);
        Plan after = Plan.of(build, shop);
        assertThat(after.rips().fit()).as("round " + round + " " + order + fit(after)).isTrue();
        assertThat(after.about(Topic.NECK_BLANK))
            .noneMatch(f -> f.words().contains("Measure the width"));
      }
    }
    assertThat(shared).isGreaterThan(3);
  }

  /** A board that gave strips before another was chosen has lost that wood all the same. */
  @Test
  void woodIsGoneFromABoardThatIsNoLongerTaken() {
    Shop shop = shop(board("a", 1100, 60, 40), board("b", 1100, 90, 40));
    Build sawn = sawn(neck(19, 19), shop, 1);
    assertThat(Plan.of(sawn, shop).rips().gone(1))
        .extracting(BoardLayout.Gone::board)
        .contains("a");
    Build other = sawn.withDesign(sawn.design().withBoard("neck.maple", "b"));
    Build all = sawn(other, shop, 2);
    for (Build build : List.of(other, all)) {
      Plan plan = Plan.of(build, shop);
      assertThat(plan.rips().gone(1))
          .filteredOn(g -> g.board().equals("a"))
          .extracting(BoardLayout.Gone::width)
          .containsExactly(1 + 20 + 3.0);
      for (BoardLayout.Laid laid : plan.boards().on("a")) {
        assertThat(laid.y() >= 24 - 1e-9 || laid.x() >= plan.rips().length().value() - 1e-9)
            .isTrue();
      }
    }
  }
}

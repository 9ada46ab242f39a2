package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.file.ReadBack;
import roughcut.finding.Topic;
import roughcut.geometry.Outline;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Proposal;
import roughcut.record.Reading;
import roughcut.shop.Board;
import roughcut.shop.Cutter;
import roughcut.shop.Saw;
import roughcut.shop.Shop;
import roughcut.whatif.FixSuggestions;

/**
 * Ripping: each strip's own fence, each cut's own saw, and ways out that leave what is cut alone.
 */
class RipFencesTest {
  private static Build build(Stack stack) {
    Build build = Heron.build().asDesigned();
    return build.withDesign(build.design().withNeckStack(stack).withNeckSteps(List.of()));
  }

  private static Board board(String id, double width, double thick) {
    return Board.unknown(id, "hornbeam")
        .withLength(OptionalDouble.of(1200))
        .withWidth(OptionalDouble.of(width))
        .withThickness(OptionalDouble.of(thick))
        .withMoisture(OptionalDouble.of(8));
  }

  private static Stack strips(double... sizes) {
    List<Strip> all = new ArrayList<>();
    for (double t : sizes) {
      all.add(new Strip("hornbeam", t, Strip.Grain.TO_HEEL));
    }
    return new Stack(all, false);
  }

  @Test
  void everyStripHasItsOwnFence() {
    Plan plan = Plan.of(build(strips(8, 16, 24, 16, 8)), Demo.shop());
    double p = BlankDecisions.SAW_ALLOWANCE.in(plan.build().design());
    double[] sizes = {8, 16, 24, 16, 8};
    for (int i = 0; i < sizes.length; i++) {
      assertThat(value(plan, "rip.hornbeam.strip." + (i + 1)))
          .isCloseTo(sizes[i] + 2 * p, within(1e-9));
    }
  }

  /** Two necks whose tapered strips don't come out of one board: the same strip is on both. */
  @Test
  void aStripOfTwoNecksMayComeFromTwoBoards() {
    List<Strip> tapered = new ArrayList<>();
    for (double t : new double[] {12, 20, 12}) {
      tapered.add(new Strip("hornbeam", t, t + 2, 0, Strip.Grain.TO_HEEL));
    }
    Build build = build(new Stack(tapered, false));
    Build two =
        build.withDesign(Heron.set(build.design().withoutBoard("neck.hornbeam"), "neck.copies=2"));
    int split = 0;
    for (int width = 24; width <= 60; width += 6) {
      List<Board> boards = new ArrayList<>();
      for (int i = 1; i <= 6; i++) {
        boards.add(board("h-" + i, width, 60));
      }
      Shop shop = Demo.shop().withBoards(boards);
      Plan plan = Plan.of(two, shop);
      assertThat(value(plan, "neck.strip.1.widest")).isCloseTo(14, within(1e-9));
      List<List<Integer>> open = plan.rips().plans().stream().map(RipPlan::strips).toList();
      split +=
          IntStream.rangeClosed(1, 3)
                  .anyMatch(n -> open.stream().filter(o -> o.contains(n)).count() > 1)
              ? 1
              : 0;
    }
    assertThat(split).as("a strip was on both boards").isPositive();
  }

  @Test
  void whatWasCutAlreadyIsNeverChanged() {
    Shop shop = Demo.shop().withBoards(List.of(board("h-1", 60, 40), board("h-2", 20, 40)));
    Build build =
        build(strips(14, 14, 14, 14, 14))
            .withReading(Reading.of("neck.strip.1.thickness", 14.2, LocalDate.of(2026, 5, 4)))
            .withReading(Reading.of("neck.strip.5.thickness", 13.9, LocalDate.of(2026, 5, 4)));
    LocalDateTime then = LocalDate.of(2026, 5, 4).atTime(11, 30);
    build =
        build.withLog(
            build
                .log()
                .turned(DoneOperation.stripSawn(1), then)
                .turned(DoneOperation.stripSawn(5), then));
    Plan plan = Plan.of(build.withDesign(build.design().withBoard("neck.hornbeam", "h-2")), shop);
    RipPlan rip = plan.rips().plans().get(0);
    assertThat(rip.done()).containsExactly(1, 5);
    assertThat(rip.fits()).isFalse();
    List<Proposal> ways = FixSuggestions.strips(plan, rip);
    assertThat(ways).isNotEmpty();
    for (Proposal way : ways) {
      Build next = way.change().apply(plan.build());
      for (int strip : rip.done()) {
        assertThat(next.design().neckStack().strips().get(strip - 1))
            .as(way.words())
            .isEqualTo(plan.build().design().neckStack().strips().get(strip - 1));
      }
      assertThat(next.measured()).isEqualTo(plan.build().measured());
      assertThat(Plan.of(next, shop).rips().plans().get(0).fits()).as(way.words()).isTrue();
    }
  }

  @Test
  void aBoardTooThinIsAnsweredWithBoardsDepthOrACap() {
    Shop shop = Demo.shop().withBoards(List.of(board("thin", 200, 13), board("good", 200, 60)));
    Build thin = build(strips(12, 12, 12, 12, 12));
    Plan plan = Plan.of(thin.withDesign(thin.design().withBoard("neck.hornbeam", "thin")), shop);
    RipPlan rip = plan.rips().plans().get(0);
    assertThat(rip.fits()).as("its width is enough").isTrue();
    assertThat(plan.about(Topic.NECK_BLANK))
        .anyMatch(q -> q.stops() && q.words().contains("too thin for its strips"));
    List<Proposal> ways = FixSuggestions.strips(plan, rip);
    assertThat(ways).anyMatch(w -> w.words().contains("Use board good"));
    assertThat(ways).anyMatch(w -> w.words().contains("cap of"));
    for (Proposal way : ways) {
      Plan next = Plan.of(way.change().apply(plan.build()), shop);
      assertThat(next.about(Topic.NECK_BLANK))
          .as(way.words())
          .noneMatch(q -> q.words().contains("too thin for its strips"));
    }
  }

  @Test
  void aSawThatCutsTooLowSaysSo() {
    Shop demo = Demo.shop();
    Saw low = new Saw("little saw", 1, 1, 1.5, 30);
    List<Saw> saws = new ArrayList<>(demo.saws());
    saws.add(low);
    Shop shop = demo.withSaws(saws).withBoards(List.of(board("h", 200, 50)));
    Build build = RipWaysOut.with(build(strips(12, 12, 12, 12, 12)), low);
    assertThat(Plan.of(build, shop).about(Topic.NECK_BLANK))
        .anyMatch(q -> q.stops() && q.words().contains("little saw cuts 30 mm high"));
    Build other = RipWaysOut.with(build, new Saw("tall saw", 1, 1, 1.5, 90));
    assertThat(Plan.of(other, shop).about(Topic.NECK_BLANK))
        .noneMatch(q -> q.words().contains("mm high"));
  }

  /** A blade that wanders is said of the saw that was chosen, and no dull one is a way out. */
  @Test
  void aDullBladeIsSaidAndNeverOffered() {
    Shop demo = Demo.shop();
    Saw dull = new Saw("old saw", 0.4, 0.3, 1.5, 300, Cutter.Condition.DULL);
    Saw sharp = new Saw("new saw", 0.4, 0.3, 1.5, 300);
    Build build = RipWaysOut.with(build(strips(12, 12, 12, 12, 12)), dull);
    Shop shop = demo.withSaws(List.of(dull, sharp)).withBoards(List.of(board("h", 200, 50)));
    assertThat(Plan.of(build, shop).about(Topic.NECK_BLANK))
        .anyMatch(
            q ->
                q.words().contains("The blade of the old saw is dull")
                    && q.words().contains("the new saw"));
    assertThat(Plan.of(RipWaysOut.with(build, sharp), shop).about(Topic.NECK_BLANK))
        .noneMatch(q -> q.words().contains("is dull"));
    Plan little =
        Plan.of(build(strips(12, 12, 12, 12, 12)), shop.withBoards(List.of(board("h", 62, 50))));
    assertThat(
            FixSuggestions.strips(little, little.rips().plans().get(0)).stream()
                .map(p -> p.words())
                .toList())
        .noneMatch(w -> w.contains("old saw"));
  }

  @Test
  void ripResawAndScarfHaveTheirOwnKerfAndTheSawKeepsItsName() throws Exception {
    Plan plan = Heron.with("saw.kerf=3", "resaw.kerf=1.2", "scarf.kerf=0.8");
    assertThat(value(plan, "resaw.need"))
        .isCloseTo(2 * value(plan, "resaw.rough") + 1.2, within(1e-9));
    double theta = Math.toRadians(12.5);
    Plan wide = Heron.with("saw.kerf=3", "resaw.kerf=1.2", "scarf.kerf=1.8");
    assertThat(value(wide, "scarf.blank-length") - value(plan, "scarf.blank-length"))
        .isCloseTo(1 / Math.sin(theta), within(1e-9));
    assertThat(value(Heron.with("saw.kerf=3"), "resaw.need"))
        .as("follows the ripping saw until it is decided")
        .isCloseTo(2 * value(plan, "resaw.rough") + 3, within(1e-9));
    Build named = RipWaysOut.with(Heron.build(), new Saw("blue saw", 1.1, 0.9, 1.5, 200));
    Build measured = named.withReading(Reading.of("saw.kerf", 1.25, LocalDate.of(2026, 5, 4)));
    assertThat(measured.design().sawFor("rip")).contains("blue saw");
    assertThat(ReadBack.of(measured).design().sawFor("rip")).contains("blue saw");
    assertThat(Decisions.SAW_KERF.in(ReadBack.of(measured).design())).isEqualTo(1.1);
  }

  /** Necks from one piece, nested: the width said is the one that really holds them, sawn apart. */
  @Test
  void nestedNecksNeedTheWidthThatTheyAreDrawnIn() {
    Random random = new Random(9);
    for (int copies = 2; copies <= 4; copies++) {
      Build build = build(strips(62));
      Plan plan =
          Plan.of(
              build.withDesign(
                  Heron.set(
                      build.design(),
                      "neck.copies=" + copies,
                      "head.width=" + (70 + 20 * random.nextDouble()))),
              Demo.shop());
      Outline neck =
          plan.parts().stream()
              .filter(p -> p.id().equals("neck.piece"))
              .findFirst()
              .orElseThrow()
              .shape();
      double need = value(plan, "rip.hornbeam.need");
      double side = copies * neck.bounds().high() + (copies - 1);
      assertThat(need).as("less than side by side").isLessThan(side - 5);
      // Laid by hand: each turned end for end, moved by an equal step; none nearer than the kerf.
      double step = (need - neck.bounds().high()) / (copies - 1);
      double length = value(plan, "stack.length");
      Outline before = neck;
      for (int i = 1; i < copies; i++) {
        Outline own = i % 2 == 1 ? Nesting.turned(neck, length) : neck;
        Outline moved = own.translate(0, i * step);
        assertThat(moved.overlaps(before)).isFalse();
        assertThat(moved.distance(before)).isGreaterThanOrEqualTo(0.99);
        before = moved;
      }
      assertThat(before.bounds().high()).isLessThanOrEqualTo(need + 0.01);
    }
  }
}

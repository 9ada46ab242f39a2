package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Placement;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Said;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;
import roughcut.shop.Woods;

class BoardLayoutTest {
  static Board board(String id, double length, double width, double thick, BoardMark... marks) {
    return Board.unknown(id, "cherry")
        .withLength(OptionalDouble.of(length))
        .withWidth(OptionalDouble.of(width))
        .withThickness(OptionalDouble.of(thick))
        .withMarks(List.of(marks));
  }

  private static WoodPart part(String id, double length, double width, double thickness) {
    return WoodPart.rectangle(
        id, Text.raw(id), WoodPart.Use.NECK, "cherry", length, width, thickness);
  }

  private static BoardLayout lay(List<WoodPart> parts, List<Board> boards) {
    return BoardLayout.of(parts, boards, Woods.BOOK, Map.of(), List.of(), List.of(), 3);
  }

  private static List<String> reasons(List<BoardLayout.Reason> all) {
    return Said.all(all.stream().map(r -> r.message().what()).toList());
  }

  @Test
  void partsNeverOverlapLeaveTheBoardOrLieOverWhatSpoilsThem() {
    Random random = new Random(5);
    int placed = 0;
    for (int round = 0; round < 60; round++) {
      List<Board> boards = new ArrayList<>();
      for (int i = 0; i < 6; i++) {
        double length = 600 + 900 * random.nextDouble();
        double width = 60 + 180 * random.nextDouble();
        BoardMark mark =
            new BoardMark(
                BoardMark.Kind.KNOT,
                random.nextDouble() * (length - 60),
                random.nextDouble() * (width - 30),
                50,
                25,
                random.nextBoolean() ? BoardMark.Intent.AVOID : BoardMark.Intent.ANY,
                "");
        boards.add(board("b" + i, length, width, 20 + 20 * random.nextDouble(), mark));
      }
      List<WoodPart> parts = new ArrayList<>();
      for (int i = 0; i < 20; i++) {
        parts.add(
            part(
                "p" + i,
                80 + 600 * random.nextDouble(),
                10 + 90 * random.nextDouble(),
                5 + 30 * random.nextDouble()));
      }
      BoardLayout layout = lay(parts, boards);
      assertThat(layout.laid().size() + layout.homeless().size()).isEqualTo(20);
      placed += layout.laid().size();
      for (BoardLayout.Laid a : layout.laid()) {
        Board on = boards.stream().filter(b -> b.id().equals(a.board())).findFirst().orElseThrow();
        assertThat(a.x()).isGreaterThanOrEqualTo(-1e-6);
        assertThat(a.y()).isGreaterThanOrEqualTo(-1e-6);
        assertThat(a.x() + a.part().length()).isLessThanOrEqualTo(on.length().getAsDouble() + 1e-6);
        assertThat(a.y() + a.part().width()).isLessThanOrEqualTo(on.width().getAsDouble() + 1e-6);
        assertThat(on.thickness().getAsDouble()).isGreaterThanOrEqualTo(a.part().thickness());
        for (BoardMark mark : on.marks()) {
          if (mark.spoilsStrength()) {
            assertThat(
                    mark.overlaps(
                        a.x(), a.y(), a.x() + a.part().length(), a.y() + a.part().width()))
                .isFalse();
          }
        }
        for (BoardLayout.Laid b : layout.on(a.board())) {
          boolean apart =
              a == b
                  || a.x() + a.part().length() + 3 <= b.x() + 1e-6
                  || b.x() + b.part().length() + 3 <= a.x() + 1e-6
                  || a.y() + a.part().width() + 3 <= b.y() + 1e-6
                  || b.y() + b.part().width() + 3 <= a.y() + 1e-6;
          assertThat(apart).as(a + " and " + b).isTrue();
        }
      }
    }
    assertThat(placed).isGreaterThan(500);
  }

  @Test
  void whatCanNotBeReplacedIsTakenLastAndSmallPartsComeFromOffcuts() {
    Board dear = board("dear", 900, 100, 30).withIrreplaceable(true);
    Board plain = board("plain", 900, 100, 30);
    WoodPart cover =
        new WoodPart(
            "small.cover",
            Text.of("cover"),
            WoodPart.Use.NECK,
            "cherry",
            100,
            60,
            4,
            true,
            true,
            true,
            null);
    BoardLayout layout = lay(List.of(cover, part("a", 700, 90, 25)), List.of(dear, plain));
    assertThat(layout.of("a").orElseThrow().board()).isEqualTo("plain");
    assertThat(layout.of("small.cover").orElseThrow().board()).isEqualTo("plain");
    assertThat(layout.of("small.cover").orElseThrow().x()).isGreaterThan(700);
    BoardLayout both =
        lay(List.of(part("a", 700, 90, 25), part("b", 700, 90, 25)), List.of(dear, plain));
    assertThat(both.laid().stream().map(BoardLayout.Laid::board)).containsExactly("plain", "dear");
  }

  @Test
  void figureToBeShownIsLaidUnderAPartThatIsSeenAndWhatIsToBeHiddenIsKeptOut() {
    BoardMark burr =
        new BoardMark(BoardMark.Kind.FIGURE, 600, 20, 100, 60, BoardMark.Intent.SHOW, "burr");
    BoardMark sap =
        new BoardMark(BoardMark.Kind.SAPWOOD, 0, 0, 1200, 15, BoardMark.Intent.HIDE, "sap");
    Board board = board("b", 1200, 140, 30, burr, sap);
    BoardLayout.Laid seen = lay(List.of(part("a", 300, 100, 20)), List.of(board)).laid().get(0);
    assertThat(seen.x()).isBetween(400.0, 700.0);
    assertThat(seen.y()).isGreaterThanOrEqualTo(15);
    BoardLayout.Laid hidden =
        lay(List.of(part("a", 300, 100, 20).hidden()), List.of(board)).laid().get(0);
    assertThat(hidden.x()).isZero();
    assertThat(hidden.y()).isZero();
  }

  /**
   * A knot to be hidden is kept out while there is room; else the part lies over it, and it is
   * said.
   */
  @Test
  void whatIsToBeHiddenKeepsNoPartHomeless() {
    BoardMark knot =
        new BoardMark(BoardMark.Kind.KNOT, 140, 30, 20, 20, BoardMark.Intent.HIDE, "knot");
    BoardMark check =
        new BoardMark(BoardMark.Kind.CHECK, 140, 30, 20, 20, BoardMark.Intent.ANY, "check");
    WoodPart part = part("a", 300, 70, 20);
    Board wide = board("wide", 310, 160, 30, knot);
    BoardLayout.Laid clear = lay(List.of(part), List.of(wide)).laid().get(0);
    assertThat(clear.shunned(wide)).isEmpty();
    assertThat(clear.y()).isGreaterThanOrEqualTo(50);
    Board narrow = board("narrow", 310, 80, 30, knot);
    BoardLayout.Laid over = lay(List.of(part), List.of(narrow)).laid().get(0);
    assertThat(over.shunned(narrow)).containsExactly(knot);
    assertThat(over.trouble().toString()).isEmpty();
    Board weak = board("weak", 310, 80, 30, check);
    assertThat(lay(List.of(part), List.of(weak)).laid()).as("a strong part isn't").isEmpty();
  }

  /** Parts of neck and top over a mark are told as well as halves of the body. */
  @Test
  void partsOverAMarkAreTold() {
    Board maple =
        board("m", 1100, 70, 40)
            .withSpecies("hornbeam")
            .withMarks(
                List.of(
                    new BoardMark(
                        BoardMark.Kind.KNOT, 200, 0, 30, 70, BoardMark.Intent.HIDE, "dark knot")));
    List<Board> rack = new ArrayList<>(roughcut.demo.Demo.shop().boards());
    rack.removeIf(b -> b.species().equals("hornbeam"));
    rack.add(maple);
    roughcut.plan.Plan plan =
        roughcut.plan.Plan.of(
            roughcut.Heron.build().asDesigned(), roughcut.demo.Demo.shop().withBoards(rack));
    assertThat(plan.about(roughcut.finding.Topic.NECK_BLANK))
        .anyMatch(f -> f.words().matches("Neck strip \\d is over “dark knot” on board m\\..*"));
  }

  @Test
  void aPartWithoutAPlaceSaysWhy() {
    List<Board> boards = List.of(board("b", 500, 80, 20));
    assertThat(why(part("a", 600, 50, 10), boards)).contains("long enough: 500 mm of 600 mm");
    assertThat(why(part("a", 100, 90, 10), boards)).contains("wide enough: 80 mm of 90 mm");
    assertThat(why(part("a", 100, 50, 21), boards)).contains("thick enough: 20 mm of 21 mm");
    assertThat(why(part("a", 100, 50, 21), List.of())).contains("no cherry in your wood rack");
    Board narrow = board("b", 500, 80, 30).withWidth(OptionalDouble.empty());
    assertThat(why(part("a", 100, 50, 21), List.of(narrow)))
        .contains("width of board b isn't measured", "Measure it");
  }

  private static String why(WoodPart part, List<Board> boards) {
    return lay(List.of(part), boards).homeless().get(0).why().message().text().toString();
  }

  /** One reason is told once, for all parts that it keeps from having a place, in their order. */
  @Test
  void partsThatWantTheSameAreToldTogether() {
    List<WoodPart> parts = new ArrayList<>();
    for (String id : List.of("neck.strip.3", "neck.strip.1", "neck.strip.2")) {
      parts.add(named(id, "neck strip " + id.substring(11), "cherry", false));
    }
    parts.add(named("neck.heel", "heel block", "cherry", false));
    parts.add(named("fretboard", "fretboard", "robinia", false));
    parts.add(named("cover.1", "cover 1", "cherry", true));
    BoardLayout layout = lay(parts, List.of());
    assertThat(layout.homeless()).hasSize(6);
    assertThat(reasons(layout.wanting(p -> true)))
        .containsExactly(
            "Fretboard: there is no robinia in your wood rack.",
            "Heel block, neck strip 1, 2, 3: there is no cherry in your wood rack.");
    assertThat(
            Said.all(
                layout.wanting(p -> p.id().endsWith("2")).stream()
                    .map(r -> r.message().what())
                    .toList()))
        .containsExactly("Neck strip 2: there is no cherry in your wood rack.");
    assertThat(reasons(layout.smallWanting(p -> true)))
        .containsExactly("Cover 1: there is no cherry in your wood rack.");
  }

  private static WoodPart named(String id, String label, String wood, boolean small) {
    int number = label.lastIndexOf(' ') + 1;
    boolean numbered = label.substring(number).matches("\\d+");
    Text words =
        numbered
            ? Text.of(
                label.substring(0, number) + "{number}", Integer.valueOf(label.substring(number)))
            : Text.of(label);
    return new WoodPart(id, words, WoodPart.Use.NECK, wood, 300, 30, 20, true, false, small, null);
  }

  @Test
  void aPartLaidByHandStaysAndSaysWhatIsWrongWithItsPlace() {
    BoardMark check =
        new BoardMark(BoardMark.Kind.CHECK, 300, 0, 50, 20, BoardMark.Intent.ANY, "check");
    List<Board> boards = List.of(board("b", 500, 80, 20, check));
    WoodPart a = part("a", 100, 40, 10);
    assertThat(hand(a, boards, 100, 10).trouble().toString()).isEmpty();
    assertThat(hand(a, boards, 450, 10).trouble().toString()).contains("overhangs");
    assertThat(hand(a, boards, 280, 10).trouble().toString()).contains("lies over “check”");
    BoardLayout layout =
        BoardLayout.of(
            List.of(a, part("c", 400, 70, 10)),
            boards,
            Woods.BOOK,
            Map.of("a", new Placement("b", 100, 10, true)),
            List.of(),
            List.of(),
            3);
    assertThat(layout.of("c")).as("no room beside it").isEmpty();
    assertThat(layout.of("a").orElseThrow().turned()).isTrue();
  }

  private static BoardLayout.Laid hand(WoodPart part, List<Board> boards, double x, double y) {
    return BoardLayout.of(
            List.of(part),
            boards,
            Woods.BOOK,
            Map.of("a", new Placement("b", x, y, false)),
            List.of(),
            List.of(),
            3)
        .of("a")
        .orElseThrow();
  }

  @Test
  void twoNecksAreNestedAsCloselyAsTheSawAllows() {
    Outline neck =
        Outline.of(new Point(0, 0), new Point(700, 20), new Point(700, 70), new Point(0, 90));
    double step = Nesting.step(neck, 700, 3);
    Outline turned = Nesting.turned(neck, 700);
    assertThat(neck.distance(turned.translate(0, step))).isCloseTo(3, within(0.01));
    assertThat(step).isLessThan(90 + 3);
    // A tenth nearer would be too near, whatever the place along the board.
    assertThat(neck.distance(turned.translate(0, step - 0.5))).isLessThan(3);
    WoodPart one =
        new WoodPart(
            "n1", Text.of("n"), WoodPart.Use.NECK, "cherry", 700, 90, 20, true, true, false, neck);
    WoodPart two =
        new WoodPart(
            "n2", Text.of("n"), WoodPart.Use.NECK, "cherry", 700, 90, 20, true, true, false, neck);
    BoardLayout layout = lay(List.of(one, two), List.of(board("b", 720, 90 + step + 0.01, 25)));
    assertThat(layout.laid()).hasSize(2);
    assertThat(layout.of("n2").orElseThrow().turned()).isTrue();
  }

  @Test
  void theDemosPartsAreLaidOnceAndTheYieldIsTheirShare() {
    for (var build : Demo.builds(java.time.LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build.asDesigned(), Demo.shop());
      assertThat(plan.boards().laid().size() + plan.boards().homeless().size())
          .as(build.name())
          .isEqualTo(plan.parts().size());
      double parts =
          plan.boards().laid().stream()
              .mapToDouble(
                  l ->
                      l.part().shape() == null
                          ? l.part().length() * l.part().width()
                          : l.part().shape().area())
              .sum();
      double boards =
          plan.boards().laid().stream()
              .map(BoardLayout.Laid::board)
              .distinct()
              .mapToDouble(
                  id -> {
                    Board b = Demo.shop().board(id).orElseThrow();
                    return b.length().getAsDouble() * b.width().getAsDouble();
                  })
              .sum();
      assertThat(Heron.value(plan, "board.yield")).isCloseTo(100 * parts / boards, within(1e-9));
    }
  }
}

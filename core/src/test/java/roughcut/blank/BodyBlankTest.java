package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.plan.Plan;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;
import roughcut.shop.Shop;

class BodyBlankTest {
  @Test
  void theHandbooksBackIsPlanedTo38() {
    Plan plan =
        Heron.with(
            "body.thickness=44", "body.top-thickness=5.5", "body.accent=0.6", "body.sanding=0.4");
    assertThat(value(plan, "body.back-thickness")).isCloseTo(38.3, within(1e-9));
  }

  @Test
  void theOutlineIsFairClosedAndAsLargeAsDecided() {
    Outline shape = Heron.with().body().outline().shape();
    assertThat(shape.bounds().right()).isCloseTo(432 + 395, within(1.0));
    assertThat(shape.bounds().high()).isCloseTo(165, within(2.0));
    assertThat(shape.bounds().low()).isCloseTo(-165, within(2.0));
    assertThat(shape.bounds().left()).isCloseTo(432 - 52, within(2.0));
    assertThat(shape.covers(Outline.rectangle(500, -60, 780, 60))).isTrue();
    double around = 0;
    List<Point> p = shape.corners();
    for (int i = 0; i < p.size(); i++) {
      around += p.get(i).distance(p.get((i + 1) % p.size()));
    }
    assertThat(value(Heron.with(), "body.around")).isCloseTo(around, within(1e-6));
  }

  @Test
  void anOutlineThatRunsOffItsBlankOrOffTheJointIsTold() {
    assertThat(words(Heron.with())).noneMatch(w -> w.contains("over the edge"));
    assertThat(words(Heron.with("body.laid-x=60", "body.blank-length=490")))
        .anyMatch(w -> w.matches("The outline is .* mm over the edge of the blank\\..*"));
    assertThat(words(Heron.with("body.laid-y=4"))).anyMatch(w -> w.contains("centre joint"));
    assertThat(words(Heron.with("body.laid-turn=2"))).anyMatch(w -> w.contains("centre joint"));
    assertThat(words(Heron.with("body.laid-turn=2", "body.back=one-piece")))
        .noneMatch(w -> w.contains("centre joint"));
  }

  private static List<String> words(Plan plan) {
    return plan.about(Topic.BODY_BLANK).stream().map(Finding::words).toList();
  }

  private static Plan marked(String arrangement, BoardMark mark, String... more) {
    Board elm =
        Board.unknown("elm-9", "elm")
            .withLength(OptionalDouble.of(1100))
            .withWidth(OptionalDouble.of(200))
            .withThickness(OptionalDouble.of(50))
            .withMarks(List.of(mark));
    Shop shop = Demo.shop().withBoards(List.of(elm));
    String[] settings = new String[more.length + 3];
    settings[0] = "body.halves=" + arrangement;
    settings[1] = "body.blank-length=490";
    settings[2] = "body.blank-width=360";
    System.arraycopy(more, 0, settings, 3, more.length);
    var build = Heron.build().asDesigned();
    return Plan.of(build.withDesign(Heron.set(build.design(), settings)), shop);
  }

  @Test
  void theFourWaysToLayAHalfBringItsMarkToFourPlaces() {
    // In the second half, 40 from its beginning and 30 from its lower edge.
    BoardMark mark =
        new BoardMark(BoardMark.Kind.KNOT, 511 + 40, 30, 20, 10, BoardMark.Intent.HIDE, "knot");
    double[][] wanted = {{40, 30, 0}, {40, 140, 1}, {430, 140, 0}, {430, 30, 1}};
    String[] words = {"as-sawn", "opened", "end-for-end", "both"};
    for (int i = 0; i < 4; i++) {
      BodyMarks found = marked(words[i], mark).bodyMarks().get(0);
      assertThat(found.place().bounds().left()).as(words[i]).isCloseTo(wanted[i][0], within(1e-9));
      assertThat(found.place().bounds().low()).as(words[i]).isCloseTo(wanted[i][1], within(1e-9));
      assertThat(found.otherFace()).as(words[i]).isEqualTo(wanted[i][2] == 1);
    }
  }

  @Test
  void aMarkIsInWasteHiddenOrShowingByWhereItLies() {
    BoardMark inside =
        new BoardMark(BoardMark.Kind.KNOT, 300, 150, 20, 10, BoardMark.Intent.HIDE, "knot");
    assertThat(marked("as-sawn", inside).bodyMarks().get(0).fate())
        .isEqualTo(BodyMarks.Fate.HIDDEN);
    Plan bare = marked("as-sawn", inside, "body.top-thickness=0", "body.accent=0");
    // A part that is seen is laid clear of it by itself.
    assertThat(bare.bodyMarks()).allMatch(m -> m.fate() != BodyMarks.Fate.SHOWING || m.met());
    BoardMark corner =
        new BoardMark(BoardMark.Kind.KNOT, 2, 2, 10, 10, BoardMark.Intent.AVOID, "knot");
    assertThat(marked("as-sawn", corner).bodyMarks())
        .as("laid clear of it, or else in waste")
        .allMatch(m -> m.fate() == BodyMarks.Fate.IN_WASTE && m.met());
  }

  @Test
  void aKnotInThePocketIsHidden() {
    // A body of one piece without a top, its blank's middle line on the board at y = 180.
    Board wide =
        Board.unknown("elm-8", "elm")
            .withLength(OptionalDouble.of(600))
            .withWidth(OptionalDouble.of(400))
            .withThickness(OptionalDouble.of(60));
    for (double[] at : new double[][] {{40, 1}, {330, 0}}) {
      var build = Heron.build().asDesigned();
      var design =
          Heron.set(
              build.design(),
              "body.top-thickness=0",
              "body.accent=0",
              "body.back=one-piece",
              "body.blank-length=490",
              "body.blank-width=360");
      Plan bare = Plan.of(build.withDesign(design), Demo.shop().withBoards(List.of(wide)));
      BoardLayout.Laid laid = bare.boards().of("body.piece").orElseThrow();
      // On the instrument: so far behind the body's edge, on the centre line.
      Point middle = bare.body().placement().onBlank(new Point(432 + at[0], 0));
      BoardMark knot =
          new BoardMark(
              BoardMark.Kind.KNOT,
              laid.x() + middle.x() - 6,
              laid.y() + 180 + middle.y() - 6,
              12,
              12,
              BoardMark.Intent.HIDE,
              "knot");
      var placed =
          design.withPlacement(
              "body.piece", new roughcut.design.Placement("elm-8", laid.x(), laid.y(), false));
      Plan plan =
          Plan.of(
              build.withDesign(placed),
              Demo.shop().withBoards(List.of(wide.withMarks(List.of(knot)))));
      BodyMarks found = plan.bodyMarks().get(0);
      assertThat(found.fate())
          .as("%s behind the edge", at[0])
          .isEqualTo(at[1] == 1 ? BodyMarks.Fate.COVERED : BodyMarks.Fate.SHOWING);
      assertThat(found.met()).isEqualTo(at[1] == 1);
    }
  }

  @Test
  void aVacuumBagNeedsNoClampsAndSaysWhatItLacks() {
    Plan clamps = Heron.with("top.clamping=clamps");
    assertThat(value(clamps, "top.clamps.needed")).isGreaterThan(30);
    Plan bag = Heron.with("top.clamping=vacuum-bag");
    assertThat(value(bag, "top.clamps.needed")).isZero();
    assertThat(words(bag)).anyMatch(w -> w.contains("0.08 MPa"));
    assertThat(value(bag, "top.glue.faces")).isEqualTo(2);
    assertThat(value(Heron.with("body.accent=0"), "top.glue.faces")).isEqualTo(1);
  }

  @Test
  void bindingBendsOrNeedsThinnerLayers() {
    Plan thick = Heron.with("binding.layers=1", "binding.layer-width=3", "binding.bend-factor=30");
    assertThat(value(thick, "binding.bends-to")).isEqualTo(90);
    assertThat(words(thick)).anyMatch(w -> w.contains("thinner layers"));
    Plan thin = Heron.with("binding.layers=4", "binding.layer-width=0.5", "binding.bend-factor=20");
    assertThat(value(thin, "binding.channel-width")).isEqualTo(2);
    assertThat(words(thin)).noneMatch(w -> w.contains("thinner layers"));
    assertThat(value(thin, "binding.length"))
        .isCloseTo(1.05 * value(thin, "body.around"), within(1e-9));
    assertThat(Heron.with().body().binding()).isEmpty();
  }

  @Test
  void twoLeavesAreResawnWithWanderAndKerf() {
    Plan plan = Heron.with("saw.kerf=1", "saw.resaw-allowance=1.5", "body.top-thickness=5.5");
    assertThat(value(plan, "resaw.rough")).isEqualTo(8.5);
    assertThat(value(plan, "resaw.need")).isEqualTo(18);
    assertThat(value(plan, "resaw.leaves")).as("from 21").isEqualTo(2);
    assertThat(value(plan, "resaw.short")).isZero();
    assertThat(value(Heron.with("saw.kerf=4"), "resaw.short")).isZero();
    assertThat(value(Heron.with("saw.kerf=5"), "resaw.short")).isEqualTo(1);
    assertThat(value(Heron.with("top.leaf-1=7.2", "top.leaf-2=6.9"), "resaw.leaf-thickness"))
        .isEqualTo(6.9);
  }

  @Test
  void aWeighedBoardCorrectsTheDensity() {
    // elm-1 weighs 6400 g at 1080 × 190 × 52.
    double density = 6400 / (1080.0 * 190 * 52) * 1e6;
    Plan plan = Heron.with("body.blank-length=490", "body.blank-width=360");
    double back = value(plan, "body.back-thickness");
    assertThat(value(plan, "body.blank-mass"))
        .isCloseTo(490 * 360 * (back * density + 6.1 * 690) / 1e6, within(1e-6));
    assertThat(value(Heron.with("body.weighed=2800"), "body.mass")).isEqualTo(2800);
  }

  @Test
  void theFaceIsAcceptedByItsUse() {
    // 0.05 over 300 for a glue face: 0.1 over 600.
    assertThat(Heron.with("check.length=600", "check.gap=0.1").faceCheck().flat()).isTrue();
    assertThat(Heron.with("check.length=600", "check.gap=0.11").faceCheck().flat()).isFalse();
    assertThat(
            Heron.with("check.face=reference-face", "check.length=600", "check.gap=0.2")
                .faceCheck()
                .flat())
        .isTrue();
    assertThat(Heron.with("check.square-height=30", "check.square-gap=0.1").faceCheck().square())
        .isTrue();
    assertThat(Heron.with("check.wind=0.5").faceCheck().passes()).isFalse();
  }

  @Test
  void thePlanerRefusesWhatItCanNotTakeSafely() {
    assertThat(advice("mill.length=200")).anyMatch(w -> w.contains("Never feed it alone"));
    assertThat(advice("mill.width=400")).anyMatch(w -> w.contains("90 mm wider than the planer"));
    assertThat(advice("mill.to=6")).anyMatch(w -> w.contains("carrier board"));
    assertThat(advice("mill.bite=3")).anyMatch(w -> w.contains("more than the planer takes"));
    assertThat(advice()).noneMatch(w -> w.contains("Never")).hasSize(1);
  }

  private static List<String> advice(String... settings) {
    return Heron.with(settings).about(Topic.PLANER).stream().map(Finding::words).toList();
  }

  @Test
  void stagesGlueEveryFaceOnceHalvesFirst() {
    for (int faces = 1; faces <= 12; faces++) {
      for (int stages = 1; stages <= faces; stages++) {
        List<List<Integer>> all = GlueJob.stagesOf(faces, stages);
        assertThat(all).hasSize(stages);
        assertThat(all.stream().flatMap(List::stream).sorted().toList())
            .containsExactlyElementsOf(
                java.util.stream.IntStream.rangeClosed(1, faces).boxed().toList());
      }
    }
    assertThat(GlueJob.stagesOf(4, 2)).containsExactly(List.of(1, 4), List.of(2, 3));
  }

  @Test
  void pinsStandInWasteOrItIsSaidThatThereIsNone() {
    GlueUp.Pins pins = Heron.with().glueUp().pins().orElseThrow();
    assertThat(pins.fromHeelEnd()).isEqualTo(5);
    assertThat(pins.fromHeadEnd()).isEqualTo(10);
    Plan none = Heron.with("blank.end-trim=6");
    assertThat(none.glueUp().pins()).isEmpty();
    assertThat(none.about(Topic.NECK_BLANK).stream().map(Finding::words))
        .anyMatch(w -> w.contains("creep"));
  }
}

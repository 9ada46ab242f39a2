package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Design;
import roughcut.finding.Topic;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Board;
import roughcut.shop.Shop;
import roughcut.whatif.FixSuggestions;
import roughcut.whatif.SeatWays;

/** Lengths in sentences, in the maker's units. */
class TextTest {
  @Test
  void lengthsAreConvertedAndNothingElse() {
    String saw = "saw " + Text.mm(12.7, 1) + " deep at 3°, 4 passes of 20 mm²";
    assertThat(Text.in(saw, Units.DECIMAL_INCH))
        .isEqualTo("saw 0.500 in deep at 3°, 4 passes of 20 mm²");
    assertThat(Text.in(saw, Units.MM)).isEqualTo("saw 12.7 mm deep at 3°, 4 passes of 20 mm²");
    assertThat(Text.in("from " + Text.mm(-25.4, 0) + " to " + Text.mm(50.8, 0), Units.FRACTION_64))
        .isEqualTo("from −1.000 in to 2.000 in");
    assertThat(Text.in(Text.mm(-0.04, 1), Units.MM)).isEqualTo("0.0 mm");
    assertThat(Text.in("nothing", Units.FRACTION_64)).isEqualTo("nothing");
  }

  /** What the maker typed is not a length of the program's, whatever it looks like. */
  @Test
  void whatTheMakerTypedStaysAsItIs() {
    String name = "offcut 30 mm {} %s";
    Text text = Text.of("board " + name + " is " + Text.mm(4, 1) + " too thin");
    assertThat(text.in(Units.DECIMAL_INCH)).isEqualTo("board " + name + " is 0.157 in too thin");
    String wood = Heron.build().design().neckStack().strips().get(0).species();
    Board board =
        Board.unknown("offcut 30 mm", wood)
            .withLength(OptionalDouble.of(900))
            .withWidth(OptionalDouble.of(200))
            .withThickness(OptionalDouble.of(9));
    Design design = Heron.set(Heron.build().design(), "saw.kerf=3");
    Build build =
        Heron.build().asDesigned().withDesign(design.withBoard("neck." + wood, "offcut 30 mm"));
    List<Board> rack = new ArrayList<>(Demo.shop().boards());
    rack.removeIf(b -> b.species().equals(wood));
    rack.add(board);
    Shop shop = Demo.shop().withBoards(rack);
    List<String> said =
        Plan.of(build, shop).findings().stream()
            .map(f -> f.words(Units.DECIMAL_INCH))
            .filter(w -> w.contains("offcut"))
            .toList();
    assertThat(said).isNotEmpty().allMatch(w -> w.contains("offcut 30 mm"));
  }

  /** A mark that somebody pasted into a name is none of ours: what is said around it is said. */
  @Test
  void aPastedMarkSpoilsNothing() {
    String mark = Text.mm(3, 1).substring(0, 1);
    for (String name :
        List.of(mark, mark + mark, Text.mm(3, 1).substring(0, 3), mark + "1x\uE001", "\uE001")) {
      Text text = Text.of("board " + name + " is " + Text.mm(12.7, 1) + " too thin");
      assertThat(text.in(Units.DECIMAL_INCH))
          .startsWith("board ")
          .endsWith(" is 0.500 in too thin")
          .doesNotContain(mark);
      assertThat(Text.of(text.words())).isEqualTo(text);
    }
    Design called = Heron.build().design().withFittingCalled("neck", "N" + mark);
    Plan plan = Plan.of(Heron.build().withDesign(called), Demo.shop().withCutters(List.of()));
    assertThat(plan.findings()).anyMatch(f -> f.words().startsWith("N\uFFFD"));
  }

  /** Put into other words and taken out again, it is the same sentence. */
  @Test
  void aSentenceGoesIntoAnother() {
    Text one = Text.of("left " + Text.mm(1.23456, 1) + ", under " + Text.mm(3, 0));
    assertThat(Text.of(one.words())).isEqualTo(one);
    assertThat(one.and("; spare " + Text.mm(2, 1)).in(Units.MM))
        .isEqualTo("left 1.2 mm, under 3 mm; spare 2.0 mm");
    assertThat(one.alike(Text.of("left " + Text.mm(9, 1) + ", under " + Text.mm(4, 0)))).isTrue();
    assertThat(one.alike(Text.of("left " + Text.mm(1.23456, 1) + ", over " + Text.mm(3, 0))))
        .isFalse();
    assertThat(Text.of("at most 3.5°, 12 frets").alike(Text.of("at most 12°, 9 frets"))).isTrue();
    assertThat(Text.of("at most 3.5°").alike(Text.of("at least 3.5°"))).isFalse();
    assertThat(Text.in("deep " + Text.number(12.34, Quantity.FINE_LENGTH), Units.MM))
        .isEqualTo("deep 12.34 mm");
    assertThat(Text.in(Text.number(3, Quantity.ANGLE), Units.DECIMAL_INCH)).isEqualTo("3°");
  }

  /** Lengths that aren't, as long as nothing can be worked out, are said all the same. */
  @Test
  void anyNumberIsSaid() {
    for (double value : new double[] {0, 1e-9, 1e12, Double.NaN, Double.NEGATIVE_INFINITY}) {
      assertThat(Text.of("so " + Text.mm(value, 2)).in(Units.MM)).startsWith("so ");
    }
  }

  /** Whatever core says about the demos and about builds gone wrong, no bare number is a length. */
  @Test
  void noSentenceSaysMillimetresToAMakerInInches() {
    Pattern bare =
        Pattern.compile(
            "\\d(?:\\.\\d+)? (?:wide|thick|deep|long|high|short|missing|apart|outside)");
    List<Build> builds = new ArrayList<>(Demo.builds(LocalDate.of(2026, 5, 4)));
    Build heron = Heron.build();
    for (String[] settings :
        new String[][] {
          {"head.thickness=20", "nut.edge-margin=15"},
          {"scale.bass=690", "scale.treble=640", "fretboard.past-last-fret=3"},
          {"saw.kerf=6", "body.blank-length=300", "heel.thickness=40"},
          {"rod.depth=30", "stiffener.offset-head=30", "channel.cutter=12"},
          {"proof.standing=9", "proof.straightedge=27"},
          {"jack.output.depth=2", "body.thickness=30"},
        }) {
      builds.add(heron.asDesigned().withDesign(Heron.set(heron.design(), settings)));
    }
    int said = 0;
    for (Build build : builds) {
      Plan plan = Plan.of(build, Demo.shop());
      List<String> all = new ArrayList<>();
      plan.problems().forEach(p -> all.add(p.text().words()));
      plan.about(Topic.NECK_BLANK).forEach(q -> all.add(q.text().words()));
      plan.about(Topic.BODY_BLANK).forEach(q -> all.add(q.text().words()));
      plan.about(Topic.PLANER).forEach(q -> all.add(q.text().words()));
      FixSuggestions.stack(plan).forEach(w -> all.add(w.text().words()));
      plan.rips()
          .plans()
          .forEach(r -> FixSuggestions.strips(plan, r).forEach(w -> all.add(w.text().words())));
      plan.cuts().routs().forEach(r -> all.add(r.template().say()));
      plan.cuts().routs().forEach(r -> r.plan().missing().ifPresent(all::add));
      all.add(plan.stringPlan().heights().reach(plan.stringPlan().bridge().kind()));
      all.add(plan.stringPlan().bridge().trouble());
      all.addAll(plan.nutWork().advice());
      SeatWays.of(plan).forEach(w -> all.add(w.proposal().text().words()));
      for (String sentence : all) {
        String inches = Text.in(sentence, Units.DECIMAL_INCH);
        assertThat(inches).doesNotContain(" mm ").doesNotEndWith(" mm").doesNotContain("\uE000");
        assertThat(bare.matcher(Text.in(sentence, Units.MM)).find())
            .as("a length without its unit: " + sentence)
            .isFalse();
        said += inches.equals(Text.in(sentence, Units.MM)) ? 0 : 1;
      }
    }
    assertThat(said).isGreaterThan(12);
  }
}

package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.bench.Bench;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.drawing.AllDrawings;
import roughcut.finding.Topic;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Board;
import roughcut.shop.Shop;
import roughcut.shop.Species;
import roughcut.whatif.FixSuggestions;
import roughcut.whatif.SeatWays;

/** Lengths in sentences, in the maker's units. */
class TextTest {
  @Test
  void lengthsAreConvertedAndNothingElse() {
    Text saw =
        Text.of("saw {depth} deep at 3°, {passes} passes of 20 mm²", Text.length(12.7, 1), 4);
    assertThat(saw.in(Units.DECIMAL_INCH)).isEqualTo("saw 0.500 in deep at 3°, 4 passes of 20 mm²");
    assertThat(saw.in(Units.MM)).isEqualTo("saw 12.7 mm deep at 3°, 4 passes of 20 mm²");
    assertThat(
            Text.of("from {a} to {b}", Text.length(-25.4, 0), Text.length(50.8, 0))
                .in(Units.FRACTION_64))
        .isEqualTo("from −1.000 in to 2.000 in");
    assertThat(Text.of("{a}", Text.length(-0.04, 1)).in(Units.MM)).isEqualTo("0.0 mm");
    assertThat(Text.of("nothing").in(Units.FRACTION_64)).isEqualTo("nothing");
    assertThat(Text.of("{a}", Text.amount(12.34, Quantity.FINE_LENGTH))).hasToString("12.34 mm");
    assertThat(Text.of("{a}", Text.amount(3, Quantity.ANGLE)).in(Units.DECIMAL_INCH))
        .isEqualTo("3°");
  }

  /** A sentence with more or fewer things than holes is a mistake of ours, wherever it is made. */
  @Test
  void everyHoleIsFilled() {
    assertThatThrownBy(() -> Text.of("{a} and {b}", 1)).isInstanceOf(RuntimeException.class);
    assertThatThrownBy(() -> Text.of("{a}", 1, 2)).isInstanceOf(RuntimeException.class);
    assertThat(Text.of("{a}", "{b} {c}")).hasToString("{b} {c}");
  }

  /** What the maker typed is not a length of the program's, whatever it looks like. */
  @Test
  void whatTheMakerTypedStaysAsItIs() {
    String name = "offcut 30 mm {} %s";
    Text text = Text.of("board {name} is {by} too thin", name, Text.length(4, 1));
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

  /** Whatever somebody pastes into a name stays in it: a hole of ours, a letter for private use. */
  @Test
  void aPastedNameSpoilsNothing() {
    String mark = "\uE000";
    for (String name : List.of(mark, "{by}", "{", "}", "{{", mark + "1x\uE001", "$1 \\1 %s")) {
      Text text = Text.of("board {name} is {by} too thin", name, Text.length(12.7, 1));
      assertThat(text.in(Units.DECIMAL_INCH)).isEqualTo("board " + name + " is 0.500 in too thin");
    }
    Design called = Heron.build().design().withFittingCalled("neck", "N" + mark);
    Plan plan = Plan.of(Heron.build().withDesign(called), Demo.shop().withCutters(List.of()));
    assertThat(plan.findings()).anyMatch(f -> f.words().startsWith("N" + mark));
  }

  /** Braces in whatever a maker may type: plan, bench and every drawing are made, and show them. */
  @Test
  void bracesInNamesAreNoHoles() {
    Design design = Heron.build().design().withFittingCalled("neck", "N{by}");
    Shop shop = Demo.shop();
    Species cherry = shop.woods().get("cherry");
    Species named = cherry.called("cherry", "{cherry} {1}");
    shop = shop.withWoods(shop.woods().with(named)).withCutters(List.of());
    Plan plan = Plan.of(Heron.build().withDesign(design).withName("{Heron}"), shop);
    AllDrawings.of(plan, Units.FRACTION_64).values().forEach(Supplier::get);
    String bench =
        Bench.of(plan, LocalDate.of(2026, 5, 4).atTime(12, 0)).steps().stream()
            .map(s -> s.operation().title() + " " + s.why())
            .collect(Collectors.joining("\n"));
    assertThat(bench).contains("N{by}");
    assertThat(plan.wood("cherry").name()).isEqualTo("{cherry} {1}");
    assertThat(Decisions.FRETBOARD_SPECIES.offered(shop.woods()))
        .anyMatch(c -> c.label().toString().equals("{cherry} {1}"));
  }

  /** A sentence within another keeps its numbers and what it is about. */
  @Test
  void aSentenceGoesIntoAnother() {
    Text one = left("left", 1.23456, 3);
    Text whole = Text.of("{part}: {what}", Text.of("neck"), one);
    assertThat(whole.numbers()).containsExactly(1.23456, 3.0);
    assertThat(whole.matter()).isEqualTo("neck: left # mm, under # mm");
    assertThat(whole.capital()).hasToString("Neck: left 1.2 mm, under 3 mm");
    assertThat(whole.capital().small()).hasToString("neck: left 1.2 mm, under 3 mm");
    assertThat(Text.joined(List.of(one, Text.NONE, Text.of("b")), "; "))
        .hasToString("left 1.2 mm, under 3 mm; b");
  }

  /** Two are of one kind when they say the same of other numbers. */
  @Test
  void whatIsAlikeSaysTheSameOfOtherNumbers() {
    Text one = left("left", 1.23456, 3);
    assertThat(one.alike(left("left", 9, 4))).isTrue();
    assertThat(one.alike(left("right", 9, 4))).isFalse();
    assertThat(Text.of("{n} frets", 12).alike(Text.of("{n} frets", 9))).isTrue();
    assertThat(Text.of("at most {n}", 3).alike(Text.of("at least {n}", 3))).isFalse();
    assertThat(Text.of("{a}", Text.length(1, 1)).alike(Text.of("{a}", "1 mm"))).isFalse();
    assertThat(Text.of("of {a}", one).alike(Text.of("of {a}", left("left", 2, 2)))).isTrue();
    assertThat(Text.of("of {a}", one).alike(Text.of("of {a}", left("over", 2, 2)))).isFalse();
  }

  private static Text left(String what, double left, double least) {
    return Text.of(
        "{what} {left}, under {least}", what, Text.length(left, 1), Text.length(least, 0));
  }

  /** A translation is looked up by the English sentence, and may turn the order of its holes. */
  @Test
  void aSentenceIsReadInAnotherLanguage() {
    Map<String, String> words =
        Map.of(
            "{part} is {left} thick",
            "dick {left}, der {part}",
            "neck",
            "Hals",
            "{a} and {b}",
            "{a} und {c}");
    Units german = Units.MM.in(english -> words.getOrDefault(english, english));
    Text thick = Text.of("{part} is {left} thick", Text.of("neck"), Text.length(3.04, 1));
    assertThat(thick.in(german)).isEqualTo("dick 3.0 mm, der Hals");
    assertThat(thick).hasToString("neck is 3.0 mm thick");
    assertThat(thick.matter()).isEqualTo("neck is # mm thick");
    assertThat(Text.of("{a} and {b}", 1, 2).in(german))
        .as("a translation that asks for what isn't there is none")
        .isEqualTo("1 and 2");
    assertThat(Text.raw("neck").in(german)).as("a name stays what it is").isEqualTo("neck");
    assertThat(Text.of("{n} frets", 24).in(Units.MM.in(new Pseudo()))).startsWith("２４ ");
  }

  /** Lengths that aren't, as long as nothing can be worked out, are said all the same. */
  @Test
  void anyNumberIsSaid() {
    for (double value : new double[] {0, 1e-9, 1e12, Double.NaN, Double.NEGATIVE_INFINITY}) {
      assertThat(Text.of("so {a}", Text.length(value, 2)).in(Units.MM)).startsWith("so ");
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
      List<Text> all = new ArrayList<>();
      plan.problems().forEach(p -> all.add(p.text()));
      plan.about(Topic.NECK_BLANK).forEach(q -> all.add(q.text()));
      plan.about(Topic.BODY_BLANK).forEach(q -> all.add(q.text()));
      plan.about(Topic.PLANER).forEach(q -> all.add(q.text()));
      FixSuggestions.stack(plan).forEach(w -> all.add(w.text()));
      plan.rips()
          .plans()
          .forEach(r -> FixSuggestions.strips(plan, r).forEach(w -> all.add(w.text())));
      plan.cuts().routs().forEach(r -> all.add(r.template().say()));
      plan.cuts().routs().forEach(r -> r.plan().missing().ifPresent(m -> all.add(m.text())));
      all.add(plan.stringPlan().heights().reach(plan.stringPlan().bridge().kind()));
      all.add(plan.stringPlan().bridge().problem().text());
      all.addAll(plan.nutWork().advice());
      SeatWays.of(plan).forEach(w -> all.add(w.proposal().text()));
      for (Text sentence : all) {
        String inches = sentence.in(Units.DECIMAL_INCH);
        assertThat(inches).doesNotContain(" mm ").doesNotEndWith(" mm").doesNotContain("\uE000");
        assertThat(bare.matcher(sentence.in(Units.MM)).find())
            .as("a length without its unit: %s", sentence)
            .isFalse();
        said += inches.equals(sentence.in(Units.MM)) ? 0 : 1;
      }
    }
    assertThat(said).isGreaterThan(12);
  }
}

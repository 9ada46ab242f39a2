package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.Heron;
import roughcut.bench.Bench;
import roughcut.blank.BlankKeys;
import roughcut.demo.Demo;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.design.WoodChoice;
import roughcut.drawing.Drawing;
import roughcut.drawing.Sheet;
import roughcut.file.BuildFile;
import roughcut.file.ShopFile;
import roughcut.measure.InvalidInput;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.record.Build;
import roughcut.schedule.ShoppingList;
import roughcut.shop.Board;
import roughcut.shop.Shop;
import roughcut.shop.Species;
import roughcut.shop.SpeciesBook;
import roughcut.shop.Woods;

/** Woods under the maker's names and numbers count wherever wood does. */
class OwnWoodsTest {
  private static Plan in(Woods woods, String... settings) {
    Build build = Heron.lived(Heron.build().asDesigned(), settings);
    return Plan.of(build, Demo.shop().withBoards(List.of()).withWoods(woods));
  }

  private static String words(Drawing drawing) {
    StringBuilder all = new StringBuilder();
    drawing.marks().forEach(m -> all.append(m).append('\n'));
    return all.toString();
  }

  @Test
  void aBodyWeighsWhatItsWoodDoesInThisShop() {
    String wood = BodyDecisions.BODY_SPECIES.in(Heron.build().design()).word();
    Plan book = in(Woods.BOOK);
    Plan heavier =
        in(Woods.BOOK.with(SpeciesBook.get(wood).weighing(SpeciesBook.get(wood).density() * 1.2)));
    double before = value(book, "body.blank-mass");
    assertThat(value(heavier, "body.blank-mass") / before)
        .isCloseTo(1.2, within(0.25))
        .isGreaterThan(1.02);
  }

  @Test
  void aStackMovesAsItsWoodDoesInThisShop() {
    Species hornbeam = SpeciesBook.get("hornbeam");
    Woods still =
        Woods.BOOK.with(hornbeam.shrinking(0, 0)).with(SpeciesBook.get("cherry").shrinking(0, 0));
    assertThat(value(in(Woods.BOOK), BlankKeys.MOISTURE_MOVEMENT.id())).isNotZero();
    assertThat(value(in(still), BlankKeys.MOISTURE_MOVEMENT.id())).isZero();
  }

  @Test
  void whatItIsCalledIsReadOnSheetsAndInTheTree() {
    Woods woods = Woods.BOOK.with(SpeciesBook.get("cherry").called("cherry", "orchard wood"));
    Plan plan = in(woods);
    assertThat(plan.tree().root().toString()).contains("orchard wood").doesNotContain(", cherry");
    assertThat(words(Sheet.GLUE_UP.of(plan, Units.MM))).contains("orchard wood");
  }

  /** Kept in the files of shop and build, read back, and decided on where woods are. */
  @Test
  void aWoodOfOnesOwnIsDecidedKeptAndReadBack(@TempDir Path folder) throws Exception {
    Species mine = Woods.BOOK.another(SpeciesBook.get("pear")).weighing(444);
    Woods woods = Woods.BOOK.with(mine.called(mine.id(), "the old pear tree"));
    Build build =
        Heron.lived(
            Heron.build().asDesigned(),
            "body.species=" + mine.id(),
            "fretboard.species=" + mine.id());
    Shop shop = Demo.shop().withWoods(woods);
    ShopFile.write(folder.resolve("shop.json"), shop);
    BuildFile file = BuildFile.at(folder.resolve("mine" + BuildFile.ENDING));
    file.save(build);
    Shop back = ShopFile.read(folder.resolve("shop.json"));
    Build again = BuildFile.open(file.path()).build();
    assertThat(back.woods()).isEqualTo(woods);
    assertThat(BodyDecisions.BODY_SPECIES.in(again.design()).word()).isEqualTo(mine.id());
    Plan plan = Plan.of(again, back);
    assertThat(plan.fretboardWood().name()).isEqualTo("the old pear tree");
    assertThat(plan.partsOf(mine.id())).isNotEmpty();
    Plan without = Plan.of(again, Demo.shop());
    assertThat(without.fretboardWood().name())
        .as("in a shop that doesn't know it")
        .isEqualTo(mine.id());
  }

  @Test
  void aWoodThatNobodyHasIsRefused() {
    assertThatThrownBy(() -> Decisions.FRETBOARD_SPECIES.read("chery"))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("is none of");
    assertThatThrownBy(() -> Decisions.FRETBOARD_SPECIES.read("own-"))
        .isInstanceOf(InvalidInput.class);
    assertThat(Decisions.FRETBOARD_SPECIES.offered(Woods.BOOK)).hasSameSizeAs(SpeciesBook.all());
    Woods more = Woods.BOOK.with(Woods.BOOK.another(SpeciesBook.get("ash")));
    assertThat(Decisions.FRETBOARD_SPECIES.offered(more))
        .contains(new WoodChoice("own-ash-2", Text.raw("ash 2")))
        .hasSize(SpeciesBook.all().size() + 1);
  }

  /** Where every wood is the maker's own, none is told by the word that files know it by. */
  @Test
  void noWoodIsToldByItsId() {
    Woods woods = Woods.BOOK;
    for (String id : List.of("cherry", "hornbeam", "elm", "robinia", "pear")) {
      Species next = woods.another(SpeciesBook.get(id));
      woods = woods.with(next.called(next.id(), "old " + id));
    }
    Build build =
        Heron.lived(
            Heron.build().asDesigned(),
            "fretboard.species=own-robinia-2",
            "body.species=own-elm-2",
            "body.top-species=own-pear-2",
            "head.veneer-species=own-pear-2");
    Stack own =
        new Stack(
            build.design().neckStack().strips().stream()
                .map(s -> new Strip("own-" + s.species() + "-2", s.thickness(), s.grain()))
                .toList(),
            true);
    build =
        build.withDesign(
            build.design().withNeckStack(own).withNeckSteps(List.of()).withSmallParts(List.of()));
    for (List<Board> rack : List.of(List.<Board>of(), List.of(small("own-cherry-2")))) {
      Plan plan = Plan.of(build, Demo.shop().withWoods(woods).withBoards(rack));
      StringBuilder told = new StringBuilder();
      plan.values().values().forEach(v -> told.append(v.label().toString()).append('\n'));
      plan.findings().forEach(f -> told.append(f.words()).append('\n'));
      plan.boards()
          .homeless()
          .forEach(h -> told.append(h.why().message().text().toString()).append('\n'));
      Bench.of(plan, LocalDate.of(2026, 5, 4).atStartOfDay())
          .steps()
          .forEach(
              s ->
                  told.append(s.operation().title().toString())
                      .append(s.operation().cautions())
                      .append('\n'));
      ShoppingList.shopping(plan, Units.MM)
          .forEach(l -> told.append(l.what().toString()).append(l.why().toString()).append('\n'));
      for (Sheet sheet : Sheet.values()) {
        told.append(words(sheet.of(plan, Units.MM)));
      }
      assertThat(told.toString()).doesNotContain("own-").contains("old cherry", "old hornbeam");
      assertThat(told.toString())
          .as("a copy of an irritant wood is one")
          .contains("Dust of old robinia");
    }
  }

  private static Board small(String wood) {
    return Board.unknown("plank", wood)
        .withLength(OptionalDouble.of(300))
        .withWidth(OptionalDouble.of(60))
        .withThickness(OptionalDouble.of(30));
  }
}

package roughcut.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class WoodsTest {
  private static final Species CHERRY = SpeciesBook.get("cherry");

  @Test
  void aWoodOfTheBookUnderTheMakersNameStandsInItsPlace() {
    Woods woods = Woods.BOOK.with(CHERRY.called("cherry", "orchard cherry").weighing(610));
    assertThat(woods.all()).hasSameSizeAs(SpeciesBook.all());
    assertThat(woods.get("cherry").name()).isEqualTo("orchard cherry");
    assertThat(woods.get("cherry").density()).isCloseTo(610, within(1e-9));
    assertThat(woods.get("elm")).isEqualTo(SpeciesBook.get("elm"));
    assertThat(woods.all()).extracting(Species::name).isSorted().doesNotContain("cherry");
    assertThat(woods.isOwn("cherry")).isTrue();
    assertThat(woods.without("cherry")).isEqualTo(Woods.BOOK);
    assertThat(woods.with(CHERRY)).as("Reset to default").isEqualTo(Woods.BOOK);
  }

  @Test
  void itsRangeMovesAlongWithItsMean() {
    Species heavy = CHERRY.weighing(CHERRY.density() * 1.1);
    assertThat(heavy.densityLow()).isCloseTo(CHERRY.densityLow() * 1.1, within(1e-9));
    assertThat(heavy.densityHigh()).isCloseTo(CHERRY.densityHigh() * 1.1, within(1e-9));
    assertThat(heavy.density()).isCloseTo(CHERRY.density() * 1.1, within(1e-9));
    assertThat(heavy.weighing(CHERRY.density()).density())
        .isCloseTo(CHERRY.density(), within(1e-9));
    Species moving = CHERRY.shrinking(4.5, 8);
    assertThat(moving.radial()).isCloseTo(0.045, within(1e-12));
    assertThat(moving.tangential()).isCloseTo(0.08, within(1e-12));
    assertThat(moving.radialPercent()).isCloseTo(4.5, within(1e-9));
    assertThat(moving.density()).isEqualTo(CHERRY.density());
  }

  @Test
  void anotherWoodHasANameAndAnIdOfItsOwn() {
    Woods woods = Woods.BOOK;
    for (int i = 0; i < 5; i++) {
      Species next = woods.another(woods.all().get(i));
      assertThat(woods.find(next.id())).isEmpty();
      assertThat(woods.all()).extracting(Species::name).doesNotContain(next.name());
      assertThat(Woods.isOwnId(next.id())).isTrue();
      woods = woods.with(next);
    }
    Species again = woods.another(woods.own().get(0));
    assertThat(Woods.isOwnId(again.id())).isTrue();
    assertThat(woods.with(again).own()).hasSize(6);
    assertThat(woods.all()).hasSize(SpeciesBook.all().size() + 5);
  }

  @Test
  void whatCantBeIsRefusedInWords() {
    assertThatThrownBy(() -> Woods.BOOK.with(CHERRY.called("cherry", "elm")))
        .hasMessage("another wood is called “elm”");
    assertThatThrownBy(() -> Woods.BOOK.with(CHERRY.called("cherry", " ")))
        .hasMessageContaining("needs a name");
    assertThatThrownBy(() -> Woods.BOOK.with(CHERRY.called("cherry", "x".repeat(41))))
        .hasMessageContaining("at most 40 letters");
    for (double density : new double[] {0, -3, Double.NaN, 2500, Double.POSITIVE_INFINITY}) {
      assertThatThrownBy(() -> CHERRY.weighing(density)).hasMessageContaining("density");
    }
    for (double share : new double[] {-1, 31, Double.NaN}) {
      assertThatThrownBy(() -> CHERRY.shrinking(share, 10)).hasMessageContaining("0 to 30 %");
      assertThatThrownBy(() -> CHERRY.shrinking(10, share)).hasMessageContaining("0 to 30 %");
    }
    assertThatThrownBy(() -> new Woods(List.of(CHERRY, CHERRY))).hasMessageContaining("two woods");
  }

  @Test
  void aWoodThatSomethingIsOfIsNotTakenAway() {
    Species mine = Woods.BOOK.another(CHERRY);
    Shop shop =
        Shop.usual("mine")
            .withWoods(Woods.BOOK.with(mine))
            .addBoard(Board.unknown("plank", mine.id()));
    assertThatThrownBy(() -> shop.withoutWood(mine.id(), List.of("body back")))
        .hasMessage("still of cherry 2: body back, board plank");
    assertThat(shop.withoutBoard("plank").withoutWood(mine.id(), List.of()).woods())
        .isEqualTo(Woods.BOOK);
    Shop renamed =
        shop.withWoods(shop.woods().with(CHERRY.called("cherry", "mine")))
            .addBoard(Board.unknown("other", "cherry"));
    assertThat(renamed.withoutWood("cherry", List.of("strip 1")).woods().own())
        .as("the book's own stays, whatever is of it")
        .containsExactly(mine);
  }

  /** Nobody weighed it: its wood's mean counts, as the maker has it. */
  @Test
  void aBoardWeighsWhatItsWoodDoesUntilItIsWeighed() {
    Woods woods = Woods.BOOK.with(CHERRY.weighing(650));
    Board board =
        Board.unknown("b", "cherry")
            .withLength(OptionalDouble.of(1000))
            .withWidth(OptionalDouble.of(100))
            .withThickness(OptionalDouble.of(20));
    assertThat(board.density(woods)).isCloseTo(650, within(1e-9));
    assertThat(board.withMass(OptionalDouble.of(1180)).density(woods)).isCloseTo(590, within(1e-9));
  }
}

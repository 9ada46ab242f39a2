package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class ValueRowTest {
  private static final ValueRow PASS = new ValueRow("pass.{}.{}.setting");

  @Test
  void eachPlaceTakesItsOwnWhich() {
    assertThat(PASS.id("pocket", 2)).isEqualTo("pass.pocket.2.setting");
    assertThat(PASS.of("pocket", 2).id()).isEqualTo("pass.pocket.2.setting");
    assertThat(new ValueRow("{}.fence").id("rod")).isEqualTo("rod.fence");
    assertThat(new ValueRow("fret.{}").id(12)).isEqualTo("fret.12");
  }

  /** A cut may be called anything; braces in its name are not filled once more. */
  @Test
  void aNameWithBracesIsTakenAsItIs() {
    assertThat(PASS.id("{}", "{}")).isEqualTo("pass.{}.{}.setting");
  }

  @Test
  void oneTooFewOrTooManyIsNoName() {
    assertThatThrownBy(() -> PASS.id("pocket")).hasMessageContaining("more places");
    assertThatThrownBy(() -> PASS.id("pocket", 1, 2)).hasMessageContaining("fewer places");
    assertThatThrownBy(() -> PASS.id()).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void twoOfOneRowAreEqualByTheirName() {
    assertThat(PASS.of("pocket", 1)).isEqualTo(PASS.of("pocket", "1"));
  }

  @Test
  void aRowKnowsItsOwn() {
    ValueRow board = new ValueRow("board.{}.width");
    assertThat(board.names("board.elm-1.width")).isTrue();
    assertThat(board.names("board.elm.1.width")).as("an id may have points in it").isTrue();
    assertThat(board.names("board..width")).as("it is told which").isFalse();
    assertThat(board.names("board.width")).isFalse();
    assertThat(board.names("board.elm-1.width.now")).isFalse();
    assertThat(board.names("a.board.elm-1.width")).isFalse();
    assertThat(PASS.names(PASS.id("neck-legs", 12))).isTrue();
    assertThat(PASS.names("pass.neck.setting")).isFalse();
    assertThat(new ValueRow("bolt.length").names("bolt.length")).isTrue();
    assertThat(new ValueRow("bolt.length").names("bolt.lengths")).isFalse();
    assertThat(new ValueRow("{}.fence").names("rod.fence")).isTrue();
  }
}

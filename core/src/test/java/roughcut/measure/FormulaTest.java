package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Formulas are worked as they are read. */
class FormulaTest {
  private static double value(String formula, Object... symbols) {
    List<ComputedValue.Input> inputs = new ArrayList<>();
    for (int i = 0; i < symbols.length; i += 2) {
      String symbol = (String) symbols[i];
      double number = ((Number) symbols[i + 1]).doubleValue();
      inputs.add(
          ComputedValue.in(
              symbol, DecidedValue.of(symbol, Text.raw(symbol), number, Quantity.RATIO)));
    }
    return new ComputedValue(new ValueKey("x", "x", Quantity.RATIO), Formula.of(formula), inputs)
        .value();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "1 + 2 · 3; 7",
        "(1 + 2) · 3; 9",
        "10 − 4 − 3; 3",
        "24 / 4 / 3; 2",
        "2 · 3^2; 18",
        "−2^2; -4",
        "2^(−1); 0.5",
        "√(2 · 8); 4",
        "√9 + 1; 4",
        "sin(30); 0.5",
        "tan(45); 1",
        "atan(1); 45",
        "asin(1); 90",
        "log2(8); 3",
        "max(3, 5) − min(3, 5); 2",
        "abs(2 − 5); 3",
        "floor(2.9999999999); 3",
        "floor(2.99); 2",
        "ceil(3.00000001); 4",
        "ceil(3.000000000001); 3"
      })
  void arithmeticGoesByItsSigns(String formula, double expected) {
    assertThat(value(formula)).isCloseTo(expected, within(1e-9));
  }

  @Test
  void symbolsMayBeGreekOrHaveAnIndex() {
    assertThat(value("t / tan(θ)", "t", 16, "θ", 12.5))
        .isCloseTo(16 / Math.tan(Math.toRadians(12.5)), within(1e-12));
    assertThat(
            value("w_nut + (w_2 − w_nut) · x / x_2", "w_nut", 43, "w_2", 56, "x", 100, "x_2", 200))
        .isEqualTo(49.5);
    assertThat(value("2 · Σ − Σ", "Σ", 3)).isEqualTo(3);
  }

  @Test
  void aWholeNumberIsTakenAsItIsThoughTheComputerMissesIt() {
    Random random = new Random(3);
    for (int i = 0; i < 2000; i++) {
      int strips = 1 + random.nextInt(30);
      double rough = 3 + random.nextInt(400) / 10.0;
      double kerf = random.nextInt(40) / 10.0;
      double board = strips * rough + (strips - 1) * kerf;
      assertThat(value("floor((B + k) / (r + k))", "B", board, "k", kerf, "r", rough))
          .as("%d strips of %s with %s", strips, rough, kerf)
          .isEqualTo(strips);
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "1 +", "(1 + 2", "1 2", "sin 30", "nope(1)", "max(1)", "a b", "· 2"})
  void whatCantBeReadSaysWhere(String formula) {
    assertThatThrownBy(() -> value(formula)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aSymbolThatIsntPutInIsNamed() {
    assertThatThrownBy(() -> value("a + b", "a", 1))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("“b”");
  }
}

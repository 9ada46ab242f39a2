package roughcut.mutants;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;

class BreakerTest {
  private static List<String> told(String body) throws IOException {
    return Breaker.of(
            "A.java", "class A {\n  Object a(double b, double c) {\n" + body + "\n  }\n}\n")
        .stream()
        .map(Mutant::told)
        .toList();
  }

  @Test
  void arithmeticAndConstantsAreBrokenOneByOne() throws IOException {
    assertThat(told("return b - /* - */ 2.5 * c;"))
        .containsExactly(
            "“b - /* - */ 2.5 * c” → “b + /* - */ 2.5 * c”",
            "“2.5 * c” → “2.5 / c”",
            "“2.5” → “2.55”");
    assertThat(told("return -Math.min(b, 7);"))
        .containsExactly(
            "“-Math.min(b, 7)” → “Math.min(b, 7)”",
            "“Math.min(b, 7)” → “Math.max(b, 7)”",
            "“7” → “8”");
  }

  @Test
  void comparisonsAreTurnedRoundAndConditionsNeverMet() throws IOException {
    assertThat(told("if (b <= c && !(b == 0.0)) return true; return null;"))
        .containsExactly(
            "“(b <= c && !(b == 0.0))” → “(false)”",
            "“b <= c && !(b == 0.0)” → “b <= c || !(b == 0.0)”",
            "“b <= c” → “b > c”",
            "“!(b == 0.0)” → “(b == 0.0)”",
            "“b == 0.0” → “b != 0.0”",
            "“0.0” → “1.0”",
            "“true” → “false”");
  }

  /** Words are put together with a sign that isn't arithmetic. */
  @Test
  void wordsAndWhatTellsOfAnObjectAreLeftAlone() throws IOException {
    assertThat(told("return \"x\" + b + c;")).isEmpty();
    String whole = "class A {\n  public int hashCode() { return 31 * 2; }\n}\n";
    assertThat(Breaker.of("A.java", whole)).isEmpty();
  }

  @Test
  void aBrokenSourceDiffersInThatPlaceOnly() throws IOException {
    String whole = "class A {\n  int a() {\n    return 3;\n  }\n}\n";
    Mutant mutant = Breaker.of("A.java", whole).get(0);
    assertThat(mutant.source()).isEqualTo(whole.replace("3", "4"));
    assertThat(mutant.line()).isEqualTo(3);
  }
}

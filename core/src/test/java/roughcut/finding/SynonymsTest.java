package roughcut.finding;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.AlphaChars;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The words that handbook page 9 wants found, and nothing found by mistake. */
class SynonymsTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "truss|Rod channel length",
        "headstock|Head outline",
        "intonation|String 3 compensation, from stiffness",
        "intonation|Saddle travel, back",
        "blade|Saw kerf",
        "12th|Fret 12",
        "octave|Thickness at fret 12",
        "print|Full-size sheets",
        "shim|Neck angle",
        "bookmatch|First leaf as sawn",
        "licence|Keyboard shortcuts",
        "stud|Bridge post bore",
        "truss length|Rod channel length",
        "TRUSS|rod channel",
        "tru|rod channel"
      })
  void isFound(String wanted, String text) {
    assertThat(Synonyms.answer(text, wanted)).isTrue();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "truss|Scale length",
        "truss width|Rod channel length",
        "tr|rod",
        "shim|Fret height"
      })
  void isNotFound(String wanted, String text) {
    assertThat(Synonyms.answer(text, wanted)).isFalse();
  }

  /** What has the words as typed is always found: synonyms add, they never take away. */
  @Property
  void whatHasTheWordsIsFound(
      @ForAll @AlphaChars @StringLength(min = 1, max = 8) String one,
      @ForAll @AlphaChars @StringLength(min = 1, max = 8) String two) {
    String text = "Something " + two + " and " + one + " more";
    assertThat(Synonyms.answer(text, one + "  " + two)).isTrue();
    assertThat(Synonyms.of(one)).startsWith(one.toLowerCase(java.util.Locale.ROOT));
  }
}

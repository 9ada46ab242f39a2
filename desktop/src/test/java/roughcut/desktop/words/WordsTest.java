package roughcut.desktop.words;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import roughcut.measure.Language;
import roughcut.measure.Text;

/** One language for all windows; how many is part of the sentence. */
class WordsTest {
  @AfterEach
  void english() {
    Words.speak(Language.ENGLISH);
  }

  @Test
  void oneAndSeveralAreTwoSentences() {
    assertThat(Words.count(1, "{n} board of {wood}", "{n} boards of {wood}", "elm"))
        .isEqualTo("1 board of elm");
    assertThat(Words.count(0, "{n} board", "{n} boards")).isEqualTo("0 boards");
    assertThat(Words.count(2, "{n} board of {wood}", "{n} boards of {wood}", "{elm}"))
        .as("a name with a brace is a name")
        .isEqualTo("2 boards of {elm}");
  }

  @Test
  void aTranslationIsFoundByTheEnglishSentenceAndMayTurnItRound() {
    Words.speak(english -> english.equals("{a} of {b}") ? "{b}: {a}" : english);
    assertThat(Words.say("{a} of {b}", "width", "nut")).isEqualTo("nut: width");
    assertThat(Words.say(Text.of("{a} of {b}", 3, "nut"))).isEqualTo("nut: 3");
    assertThat(Words.say("Add board")).isEqualTo("Add board");
    assertThat(Words.spoken().template("{a} of {b}")).isEqualTo("{b}: {a}");
  }
}

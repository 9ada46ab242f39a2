package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class WrappedWordsTest {
  @Test
  void breaksBetweenWordsAndNotBeforeAUnit() {
    assertThat(WrappedWords.lines("plane it to 19.8 mm and no more", 16))
        .containsExactly("plane it to", "   19.8 mm and", "   no more");
    assertThat(WrappedWords.lines("a 5 mm, b 6 mm", 100)).containsExactly("a 5 mm, b 6 mm");
    assertThat(WrappedWords.lines("", 10)).containsExactly("");
  }

  @Test
  void losesNoWord() {
    Random random = new Random(4);
    for (int i = 0; i < 200; i++) {
      StringBuilder words = new StringBuilder("x");
      for (int k = 0; k < 30; k++) {
        words.append(random.nextInt(4) == 0 ? " mm" : " w" + random.nextInt(99999));
      }
      List<String> lines = WrappedWords.lines(words.toString(), 10 + random.nextInt(40));
      assertThat(String.join(" ", lines).replaceAll(" +", " ")).isEqualTo(words.toString());
      assertThat(lines).noneMatch(l -> l.strip().startsWith("mm"));
    }
  }
}

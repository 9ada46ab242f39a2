package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.measure.Text;

class LaidTest {
  private static BoardLayout.Laid laid(String board, int x, int y, int length, int width) {
    WoodPart part =
        WoodPart.rectangle("p", Text.of("part"), WoodPart.Use.NECK, "elm", length, width, 20);
    return new BoardLayout.Laid(part, board, x, y, false, false, Text.NONE);
  }

  private static boolean holds(BoardLayout.Laid one, double x, double y) {
    return x > one.x()
        && x < one.x() + one.part().length()
        && y > one.y()
        && y < one.y() + one.part().width();
  }

  /** Square by square: they meet where one square lies in both. */
  @Test
  void partsMeetWhereTheyShareWood() {
    Random random = new Random(70);
    int meeting = 0;
    for (int i = 0; i < 3000; i++) {
      BoardLayout.Laid[] two = new BoardLayout.Laid[2];
      for (int k = 0; k < 2; k++) {
        two[k] =
            laid(
                "b",
                random.nextInt(12),
                random.nextInt(12),
                1 + random.nextInt(8),
                1 + random.nextInt(8));
      }
      boolean shared = false;
      for (int x = 0; x < 20; x++) {
        for (int y = 0; y < 20; y++) {
          shared |= holds(two[0], x + 0.5, y + 0.5) && holds(two[1], x + 0.5, y + 0.5);
        }
      }
      assertThat(two[0].meets(two[1])).as(two[0] + " " + two[1]).isEqualTo(shared);
      assertThat(two[1].meets(two[0])).isEqualTo(shared);
      meeting += shared ? 1 : 0;
    }
    assertThat(meeting).isBetween(500, 2500);
    assertThat(laid("b", 0, 0, 5, 5).meets(laid("c", 0, 0, 5, 5))).as("on two boards").isFalse();
  }
}

package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.TreeSet;
import javafx.stage.Stage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.measure.Units;

/**
 * Every page on a display with twice the dots: words are as wide as their dots make them, so
 * another place may be too narrow there. The scale holds for a whole program, so this one has its
 * own.
 */
@Tag(TwiceTest.TWICE)
class TwiceTest extends PageWalk {
  /** Run with {@code -Dglass.gtk.uiScale=2}, which the build gives. */
  static final String TWICE = "twice";

  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  @Test
  void nothingIsCutOff() throws Exception {
    assertThat(stage.getOutputScaleX()).isEqualTo(2);
    assertThat(stage.getOutputScaleY()).isEqualTo(2);
    TreeSet<String> found = new TreeSet<>();
    if (ALL) {
      assertThat(wrongAnywhere()).isEmpty();
      return;
    }
    sized(1000, 640);
    found.addAll(wrong("Bittern", Units.FRACTION_64));
    sized(1100, 700);
    found.addAll(wrong("Avocet", Units.MM, Units.DECIMAL_INCH));
    assertThat(found).isEmpty();
  }
}

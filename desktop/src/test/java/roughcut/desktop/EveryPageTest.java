package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.Pattern;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.measure.Units;

/** Every page of every station, looked at on every instrument of the demo. */
class EveryPageTest extends PageWalk {
  private static final Pattern MM = Pattern.compile("\\bmm\\b");

  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  @Test
  void nothingIsCutOffAndEveryFieldHasItsName() throws Exception {
    TreeSet<String> found = new TreeSet<>();
    // The others are walked in other windows and units below.
    for (String build : List.of("Avocet", OwnBass.NAME)) {
      found.addAll(wrong(build, Units.MM));
    }
    assertThat(found).isEmpty();
  }

  /** Switched where one stands, every field and sentence follows: no page is made anew for it. */
  @Test
  void afterASwitchOfUnitsNothingSpeaksOfMillimetres() throws Exception {
    TreeSet<String> found = new TreeSet<>();
    everyPage(
        "Avocet",
        Units.MM,
        where -> {
          session().units().set(Units.DECIMAL_INCH);
          stage.getScene().getRoot().applyCss();
          for (Node node : all(stage.getScene().getRoot())) {
            if (node instanceof Labeled l
                && l.getText() != null
                && (MM.matcher(l.getText()).find() || l.getText().indexOf('\uE000') >= 0)) {
              found.add(where + ": " + l.getText());
            }
          }
          session().units().set(Units.MM);
        });
    assertThat(found).isEmpty();
  }

  /** In the smallest window in every unit; in larger ones in those with the longest words. */
  @Test
  void inEveryWindowAndEveryUnit() throws Exception {
    TreeSet<String> found = new TreeSet<>();
    if (ALL) {
      assertThat(wrongAnywhere()).isEmpty();
      return;
    }
    sized(1000, 640);
    found.addAll(wrong("Bittern", Units.MM, Units.DECIMAL_INCH, Units.FRACTION_64));
    found.addAll(wrong("Dunlin", Units.FRACTION_64));
    found.addAll(wrong("Dotterel", Units.FRACTION_64));
    found.addAll(wrong("Heron", Units.DECIMAL_INCH));
    found.addAll(wrong(OwnBass.NAME, Units.FRACTION_64));
    sized(1600, 1000);
    found.addAll(wrong("Bittern", Units.DECIMAL_INCH));
    assertThat(found).isEmpty();
  }
}

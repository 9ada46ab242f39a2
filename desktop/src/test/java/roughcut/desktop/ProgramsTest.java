package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;

/** Programs for a driven router: made beside the window, seen, and written. */
class ProgramsTest extends WindowTest {
  @TempDir static Path folder;

  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private void into(Path to) {
    show(() -> find(robot, "programs.folder", TextField.class).setText(to.toString()));
    click("programs.save");
  }

  @Test
  void programsFollowTheFaceAndThePlanAndAreWritten() throws IOException {
    page(5, "Programs");
    until(() -> said(robot, "runs on simulated stock without a fault"));
    assertThat(said(robot, "A flat cutter leaves up to"))
        .as("what is left by hand, and why")
        .isTrue();
    Path to = folder.resolve("nc");
    into(to);
    assertThat(text("programs.result")).startsWith("Saved to").contains("top-1-spiral-8.nc");
    String before = Files.readString(to.resolve("top-1-spiral-8.nc"));
    assertThat(before).contains("(neck pickup, ").endsWith("M30\n%\n");

    show(() -> find(robot, "face.back", ToggleButton.class).fire());
    until(() -> said(robot, "controls, ledge; controls"));
    click("programs.save");
    assertThat(text("programs.result")).contains("back-1-spiral-8.nc");

    type("pickup.neck.from-saddle", "120.5");
    page(5, "Programs");
    show(() -> find(robot, "face.top", ToggleButton.class).fire());
    until(() -> said(robot, "runs on simulated stock without a fault"));
    click("programs.save");
    assertThat(Files.readString(to.resolve("top-1-spiral-8.nc"))).isNotEqualTo(before);
  }

  /** Up to its beginning nothing is cut; at its end the pickups' routs are there. */
  @Test
  void theStockIsSeenUpToAnyLine() {
    page(5, "Programs");
    until(() -> said(robot, "runs on simulated stock without a fault"));
    Slider line = find(robot, "programs.line", Slider.class);
    until(() -> picture() != null);
    int end = colours();
    assertThat(text("programs.line-text")).endsWith(": %");
    Image whole = picture();
    show(() -> line.setValue(12));
    until(() -> picture() != whole);
    assertThat(colours()).as("a plain board").isLessThan(end / 4).isLessThan(6);
    assertThat(text("programs.line-text")).startsWith("Line 12: ");
    Image plain = picture();
    show(() -> line.setValue(line.getMax() / 2));
    until(() -> picture() != plain);
    assertThat(colours()).isGreaterThan(6);
    show(
        () -> {
          window.root().getScene().getWindow().setWidth(1000);
          window.root().getScene().getWindow().setHeight(640);
        });
    Node button = find(robot, "programs.save", Node.class);
    until(() -> right(line) <= right(button) + 1 && right(button) < 1000);
  }

  private static double right(Node node) {
    return node.localToScene(node.getLayoutBounds()).getMaxX();
  }

  private Image picture() {
    return robot
        .lookup((Node n) -> n instanceof ImageView && n.isVisible())
        .queryAllAs(ImageView.class)
        .stream()
        .map(ImageView::getImage)
        .filter(i -> i != null && i.getWidth() == 520)
        .findFirst()
        .orElse(null);
  }

  private int colours() {
    Image image = picture();
    Set<Integer> all = new HashSet<>();
    for (int x = 0; x < image.getWidth(); x++) {
      for (int y = 0; y < image.getHeight(); y++) {
        all.add(image.getPixelReader().getArgb(x, y));
      }
    }
    return all.size();
  }

  @Test
  void whatCantBeSavedIsSaidAndAnEmptyDrawerToo() throws IOException {
    page(5, "Programs");
    until(() -> said(robot, "runs on simulated stock without a fault"));
    Path file = Files.writeString(folder.resolve("taken"), "");
    into(file);
    assertThat(text("programs.result")).startsWith("Not saved: ");
    show(() -> session().editShop("", "drawer", s -> s.withCutters(List.of(s.cutters().get(0)))));
    until(() -> said(robot, "No rout with a level floor is cut from this face."));
    assertThat(find(robot, "programs.save", javafx.scene.control.Button.class).isDisabled())
        .isTrue();
  }
}

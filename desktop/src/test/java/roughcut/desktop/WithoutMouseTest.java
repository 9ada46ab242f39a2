package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.blank.RipPlan;
import roughcut.blank.WoodPart;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.station.StationId;
import roughcut.file.BuildFile;
import roughcut.plan.Plan;
import roughcut.shop.Board;
import roughcut.shop.SpeciesBook;

/**
 * From nothing to a finished layout, a rip plan and a printed sheet, by keys alone: the pointer
 * lies in a corner all the while.
 */
class WithoutMouseTest extends WindowTest {
  private static final int MOST_TABS = 60;

  private ShopWindow mine;

  @Start
  void start(Stage shown) throws IOException {
    open(shown);
  }

  @Stop
  void stop() {
    if (mine != null) {
      mine.workspace().close();
    }
    close();
  }

  /** Goes on with Tab until something of that id has the keyboard. */
  private void tabTo(String id) {
    for (int i = 0; i < MOST_TABS; i++) {
      Node at = mine.root().getScene().getFocusOwner();
      if (at != null && ControlNames.is(at, id)) {
        return;
      }
      robot.push(KeyCode.TAB);
      settle();
    }
    throw new AssertionError(id + " isn't reached with Tab");
  }

  private void fill(String id, String text) {
    tabTo(id);
    robot.push(KeyCode.CONTROL, KeyCode.A);
    robot.write(text, 0).push(KeyCode.ENTER);
    settle();
  }

  private void begin(String name) {
    robot.moveTo(stage.getX() + 1, stage.getY() + 1);
    robot.push(KeyCode.CONTROL, KeyCode.N);
    settle();
    robot.write(name, 0).push(KeyCode.ENTER);
    until(() -> shown(name).isPresent());
    mine = opened(name);
    show(() -> mine.root().getScene().getWindow().requestFocus());
    until(() -> mine.root().getScene().getWindow().isFocused());
  }

  private Plan now() {
    return mine.workspace().session().plan().get();
  }

  @Test
  void fromNothingToAPrintedSheet() throws Exception {
    begin("Ruff");
    fill("scale.length", "628");
    assertThat(now().frets().scale().value()).isEqualTo(628);
    assertThat(now().about(roughcut.finding.Topic.LAYOUT))
        .as("a layout without a word against it")
        .isEmpty();

    robot.push(KeyCode.CONTROL, KeyCode.DIGIT2);
    settle();
    turnToTheRack();
    Map<String, double[]> wanted = new TreeMap<>();
    for (WoodPart part : now().parts()) {
      double[] size = wanted.computeIfAbsent(part.species(), s -> new double[3]);
      size[0] = Math.max(size[0], part.length());
      size[1] += part.width() + 20;
      size[2] = Math.max(size[2], part.thickness());
    }
    for (Map.Entry<String, double[]> one : wanted.entrySet()) {
      board(one.getKey(), one.getValue());
    }
    List<RipPlan> rips = now().rips().plans();
    assertThat(rips).isNotEmpty();
    assertThat(rips).allMatch(r -> r.from() != null && r.missing().value() == 0);

    robot.push(KeyCode.CONTROL, KeyCode.P);
    settle();
    tabTo("export.one");
    robot.push(KeyCode.SPACE);
    Path folder = mine.workspace().path().getParent().resolveSibling("sheets").resolve("Ruff");
    until(() -> Files.exists(folder.resolve("plan.pdf")));
    try (PDDocument sheet = Loader.loadPDF(Files.readAllBytes(folder.resolve("plan.pdf")))) {
      assertThat(sheet.getNumberOfPages()).isGreaterThan(4);
      assertThat(new PDFTextStripper().getText(sheet)).contains("Ruff").contains("scale 628.0 mm");
    }
    try (var files = Files.list(folder)) {
      assertThat(files).as("the one sheet that was asked for").hasSize(1);
    }
    tabTo("sheets.folder");
    robot.push(KeyCode.CONTROL, KeyCode.A);
    robot.write(folder.resolve("plan.pdf").toString(), 0).push(KeyCode.ENTER);
    until(() -> words(robot, "export-result").contains("can't"));
    robot.push(KeyCode.CONTROL, KeyCode.S);
    mine.workspace().save();
    assertThat(BuildFile.open(mine.workspace().path()).build().design().numbers())
        .containsEntry("scale.length", 628.0);
  }

  /** Turns through the pages by Alt and a number. */
  private void turnToTheRack() {
    for (int i = 1; i <= 9; i++) {
      robot.push(KeyCode.ALT, KeyCode.getKeyCode(Integer.toString(i)));
      settle();
      if (there("board.add")) {
        return;
      }
    }
    throw new AssertionError("no page has the rack");
  }

  /** A board of that wood, large enough for its parts, entered as it was measured. */
  private void board(String species, double[] size) {
    tabTo("board.add");
    robot.push(KeyCode.SPACE);
    settle();
    tabTo("board.species");
    robot.write(SpeciesBook.get(species).name(), 0);
    settle();
    fill("board.length", Math.round(size[0] + 60) + "");
    fill("board.width", Math.round(size[1] + 40) + "");
    fill("board.thickness", Math.round(size[2] + 6) + "");
    List<Board> boards = mine.workspace().session().shop().get().boards();
    Board last = boards.get(boards.size() - 1);
    assertThat(last.species()).isEqualTo(species);
    assertThat(last.unmeasured()).isEmpty();
  }

  private String help(String id) {
    return String.valueOf(find(robot, id, Node.class).getAccessibleHelp());
  }

  /** What is wrong with a number is told at its field, and no longer once it is right. */
  @Test
  void aFieldTellsWhatIsWrongWithIt() {
    page(0, "");
    String before = help("nut.width");
    type("nut.width", "five");
    String wrong = help("nut.width");
    String message = text("nut.width.message");
    assertThat(message).isNotBlank();
    assertThat(wrong).startsWith(message).endsWith(before).isNotEqualTo(before);
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(help("nut.width")).isEqualTo(before);
  }

  /** The station that is shown says so, and only that one. */
  @Test
  void theStationThatIsShownSaysSo() {
    for (StationId shown : List.of(StationId.NECK, StationId.LAYOUT)) {
      show(() -> window.choose(shown));
      for (StationId id : StationId.values()) {
        assertThat(help("station." + id.word()).contains("Shown now"))
            .as(id.word())
            .isEqualTo(id == shown);
      }
    }
  }
}

package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalDouble;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;
import roughcut.blank.BoardLayout;
import roughcut.design.Placement;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.shell.Windows;
import roughcut.file.DemoFolder;
import roughcut.file.ShopFile;
import roughcut.measure.Units;
import roughcut.record.DoneOperation;
import roughcut.shop.Board;

/** From the rack to the glue-up, through the real controls. */
class BlanksTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private void page(FxRobot robot, String name) {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT2);
    robot.clickOn(find(robot, "page." + name, ToggleButton.class));
    WaitForAsyncUtils.waitForFxEvents();
  }

  private Board board(String id) {
    return session().shop().get().board(id).orElseThrow();
  }

  @Test
  void theBoardThatWasNeverMeasuredIsMeasuredAndTheFretboardFindsItsPlace(FxRobot robot) {
    assertThat(session().plan().get().boards().of("fretboard")).isEmpty();
    page(robot, "rack");
    TableView<?> table = find(robot, "board-table", TableView.class);
    robot.interact(
        () -> {
          for (int i = 0; i < table.getItems().size(); i++) {
            if (((Board) table.getItems().get(i)).id().equals("robinia-1")) {
              table.getSelectionModel().clearAndSelect(i);
            }
          }
        });
    type(robot, "board.width", "72");
    assertThat(board("robinia-1").width()).isEqualTo(OptionalDouble.of(72));
    assertThat(session().plan().get().boards().of("fretboard")).isPresent();
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(board("robinia-1").width()).isEmpty();
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
    until(() -> shopOnDisk("robinia-1").width().isPresent());
    type(robot, "board.width", "wide");
    assertThat(words(robot, "board.width.message")).contains("is not a length");
    assertThat(board("robinia-1").width()).isEqualTo(OptionalDouble.of(72));
  }

  private Board shopOnDisk(String id) throws IOException {
    return ShopFile.read(data.resolve("demo").resolve(ShopFile.NAME)).board(id).orElseThrow();
  }

  private void choose(FxRobot robot, String id) {
    TableView<?> table = find(robot, "board-table", TableView.class);
    robot.interact(
        () -> {
          for (int i = 0; i < table.getItems().size(); i++) {
            if (((Board) table.getItems().get(i)).id().equals(id)) {
              table.getSelectionModel().clearAndSelect(i);
            }
          }
        });
    WaitForAsyncUtils.waitForFxEvents();
  }

  @Test
  void aRenamedBoardKeepsWhatWasLaidOnItAndChosenFromIt(FxRobot robot) {
    robot.interact(
        () ->
            session()
                .make(
                    "cherry",
                    "cherry",
                    b ->
                        b.withDesign(
                            b.design()
                                .withBoard("neck.cherry", "cherry-1")
                                .withPlacement(
                                    "neck.step.1", new Placement("cherry-1", 900, 5, false)))));
    page(robot, "rack");
    choose(robot, "cherry-1");
    TextField name = find(robot, "board.name", TextField.class);
    robot.clickOn(name).push(KeyCode.CONTROL, KeyCode.A).write("barn beam", 0).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(session().shop().get().board("cherry-1")).isEmpty();
    assertThat(board("barn beam").width()).isPresent();
    assertThat(session().build().get().design().boardFor("neck.cherry")).contains("barn beam");
    assertThat(session().build().get().design().placements().get("neck.step.1").board())
        .isEqualTo("barn beam");
    assertThat(session().plan().get().rips().plans())
        .anyMatch(r -> r.board().map(b -> b.id().equals("barn beam")).orElse(false));
    choose(robot, "barn beam");
    robot.clickOn(name).push(KeyCode.CONTROL, KeyCode.A).write("elm-1", 0).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(board("barn beam").species())
        .as("a name that is taken is refused")
        .isEqualTo("cherry");
    assertThat(board("elm-1").species()).isEqualTo("elm");
  }

  @Test
  void aNewBoardIsCalledByItsWoodUntilItIsNamed(FxRobot robot) {
    page(robot, "rack");
    choose(robot, "elm-1");
    robot.clickOn(find(robot, "board.add", Button.class));
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(session().shop().get().board("elm-2")).isPresent();
    javafx.scene.control.ComboBox<?> wood =
        find(robot, "board.species", javafx.scene.control.ComboBox.class);
    robot.interact(wood::requestFocus);
    robot.write("pl", 0);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(session().shop().get().board("elm-2")).as("typed: plum").isEmpty();
    assertThat(board("plum-2").species()).isEqualTo("plum");
  }

  @Test
  void marksAreDraggedAndRefuseToLeaveTheBoard(FxRobot robot) {
    page(robot, "rack");
    double before = board("cherry-1").marks().get(0).x();
    dragHandle("mark.0", 100, 10);
    assertThat(board("cherry-1").marks().get(0).x()).isCloseTo(before + 100, within(3.0));
    dragHandle("mark.0", 0, 200);
    assertThat(words(robot, "rack-told")).contains("outside the board");
    assertThat(board("cherry-1").marks().get(0).y()).isLessThan(60);
    robot.clickOn(find(robot, "board.add", Button.class));
    assertThat(session().shop().get().boards()).hasSize(15);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(session().shop().get().boards()).hasSize(14);
  }

  @Test
  void aWayOutMakesBitternsStripsFitWithOnePress(FxRobot robot) throws Exception {
    robot.interact(
        () -> {
          try {
            window.workspace().close();
            window = Windows.open(DemoFolder.build(data.resolve("demo"), "Bittern"), stage);
          } catch (IOException e) {
            throw new AssertionError(e);
          }
        });
    page(robot, "boards");
    assertThat(value("rip.short")).isEqualTo(2);
    assertThat(session().plan().get().rips().fit()).isFalse();
    Button first =
        robot
            .lookup((javafx.scene.Node n) -> n instanceof Button b && "Apply".equals(b.getText()))
            .query();
    robot.clickOn(first);
    assertThat(session().plan().get().rips().fit()).isTrue();
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(value("rip.short")).isEqualTo(2);
  }

  @Test
  void aStripIsTickedAsSawnAndUndoBringsItBackToItsBoard(FxRobot robot) {
    // The shaft that came out thin is another story: ticking would ask why.
    show(() -> session().edit("", "unread", b -> b.withLog(b.log().unread())));
    page(robot, "boards");
    // The demo's strips are all sawn: taken back, their boards have to give them again.
    for (int i = 1; i <= 5; i++) {
      click("done." + DoneOperation.stripSawn(i));
    }
    double need = value("rip.hornbeam.need");
    click("done." + DoneOperation.stripSawn(1));
    assertThat(session().build().get().log().isDone(DoneOperation.stripSawn(1))).isTrue();
    // Its own rough width, and one kerf less.
    assertThat(value("rip.hornbeam.need")).isLessThan(need - 7);
    // Noted which board it came off: nothing else is laid there.
    assertThat(session().plan().get().rips().gone(1))
        .extracting(BoardLayout.Gone::board)
        .containsExactly("hornbeam-1");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(session().build().get().log().isDone(DoneOperation.stripSawn(1))).isFalse();
    assertThat(value("rip.hornbeam.need")).isEqualTo(need);
    assertThat(find(robot, "done." + DoneOperation.stripSawn(1), CheckBox.class).isSelected())
        .isFalse();
  }

  @Test
  void aStripsEdgeIsDraggedAndBothSidesFollow(FxRobot robot) {
    page(robot, "stack");
    double width = value("blank.width");
    dragHandle("edge.4", 0, 6);
    assertThat(session().build().get().design().neckStack().strips().get(3).thickness())
        .isCloseTo(25.8, within(1.1));
    assertThat(session().build().get().design().neckStack().symmetrical()).isTrue();
    assertThat(value("blank.width")).isGreaterThan(width + 2);
    dragHandle("strip.1", 0, 18);
    assertThat(session().build().get().design().neckStack().strips().get(0).species())
        .isEqualTo("cherry");
    robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(value("blank.width")).isEqualTo(width);
  }

  @Test
  void stripsMoveByKeysAndTaperIsTyped(FxRobot robot) {
    page(robot, "stack");
    robot
        .clickOn(find(robot, "neck.strip.1.thickness", TextField.class))
        .push(KeyCode.ALT, KeyCode.DOWN);
    assertThat(session().build().get().design().neckStack().strips().get(0).species())
        .isEqualTo("cherry");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    robot.clickOn(find(robot, "neck.strip.2.shape", Button.class));
    type(robot, "neck.strip.2.heel-thickness", "24");
    assertThat(session().build().get().design().neckStack().strips().get(3).heelThickness())
        .isEqualTo(24);
    type(robot, "neck.strip.2.thickness", "0");
    assertThat(words(robot, "neck.strip.2.thickness.message")).contains("too small");
  }

  @Test
  void aPartIsDraggedOnItsBoardAndGivenBack(FxRobot robot) {
    page(robot, "boards");
    dragHandle("part.body.half.1", 30, 5);
    Placement placed = session().build().get().design().placements().get("body.half.1");
    assertThat(placed.board()).isEqualTo("elm-1");
    assertThat(placed.x()).isCloseTo(30, within(3.0));
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(session().build().get().design().placements()).isEmpty();
  }

  @Test
  void theBodysOutlineIsLaidByDragAndTurn(FxRobot robot) {
    page(robot, "body");
    dragHandle("body.laid", 8, 4);
    var numbers = session().build().get().design().numbers();
    assertThat(numbers.get("body.laid-x")).isCloseTo(28, within(1.5));
    assertThat(numbers.get("body.laid-y")).isCloseTo(4, within(1.5));
    dragHandle("body.turn", 0, 20);
    assertThat(session().build().get().design().numbers().get("body.laid-turn")).isPositive();
    robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(session().plan().get().body().placement().centred()).isTrue();
  }

  @Test
  void aTableOfBoardsIsReadWithItsTroublesTold(FxRobot robot) throws Exception {
    page(robot, "rack");
    Path csv =
        Files.writeString(
            data.resolve("boards.csv"), "name,species,width_mm\nn-1,pear,80\nn-2,pear,x\n");
    robot.interact(() -> window.readBoards(csv));
    assertThat(words(robot, "rack-told")).contains("1 board imported").contains("row 3, width_mm");
    assertThat(session().shop().get().board("n-1")).isPresent();
    robot.interact(() -> window.readBoards(data.resolve("nowhere.csv")));
    assertThat(words(robot, "rack-told")).contains("Not imported").contains("no file");
    robot.clickOn(find(robot, "board.irreplaceable", CheckBox.class));
    assertThat(session().shop().get().boards()).anyMatch(Board::irreplaceable);
  }

  @Test
  void planerAndGlueUpFollowWhatIsMeasured(FxRobot robot) {
    page(robot, "planer");
    type(robot, "mill.from", "20");
    assertThat(value("mill.passes")).isEqualTo(5);
    robot.clickOn(find(robot, "mill.bite", TextField.class)).push(KeyCode.F2);
    robot.write("0.8", 0).push(KeyCode.ENTER);
    assertThat(value("mill.full-passes")).as("the machine's real bite").isEqualTo(4);
    page(robot, "glue-up");
    type(robot, "shop.temperature", "5");
    assertThat(find(robot, "glue-verdict", Label.class).getText()).contains("Too cold");
  }

  /** An empty rack has a door: wood that is missing is added with a press each, and undone. */
  @Test
  void anEmptyRackOffersTheBoardsThatAreMissing(FxRobot robot) {
    robot.interact(() -> session().makeShop("no boards", "boards", s -> s.withBoards(List.of())));
    page(robot, "rack");
    until(() -> !offers().isEmpty());
    robot.interact(() -> session().units().set(Units.DECIMAL_INCH));
    until(() -> offers().stream().allMatch(b -> b.getText().endsWith(" in")));
    robot.interact(() -> session().units().set(Units.MM));
    until(() -> !offers().isEmpty() && offers().get(0).getText().endsWith(" mm"));
    int added = 0;
    while (session().plan().get().boards().homeless().stream().anyMatch(h -> !h.part().small())) {
      until(() -> !offers().isEmpty());
      robot.interact(() -> offers().get(0).fire());
      added++;
      assertThat(session().shop().get().boards()).hasSize(added);
    }
    assertThat(added).as("one board of each wood").isGreaterThan(2);
    until(() -> offers().isEmpty());
    assertThat(session().plan().get().boards().homeless()).noneMatch(h -> !h.part().small());
    robot.interact(session()::undo);
    assertThat(session().shop().get().boards()).hasSize(added - 1);
  }

  private List<Button> offers() {
    return PageWalk.all(stage.getScene().getRoot()).stream()
        .filter(n -> ControlNames.of(n).startsWith("board-offer."))
        .map(Button.class::cast)
        .toList();
  }
}

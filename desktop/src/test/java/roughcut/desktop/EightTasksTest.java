package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.print.DocFlavor;
import javax.print.PrintService;
import javax.print.StreamPrintServiceFactory;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.design.Decisions;
import roughcut.design.Handedness;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.session.Computer;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.Windows;
import roughcut.desktop.station.StationId;
import roughcut.plan.Plan;
import roughcut.shop.Board;

/**
 * What a new user wants first, in clicks and keys: each in at most four beyond typing. An arrow key
 * or a click is one; a word typed into a field is none.
 */
class EightTasksTest extends WindowTest {
  private static final int MOST = 4;

  private final ByteArrayOutputStream paper = new ByteArrayOutputStream();
  private int actions;

  @Start
  void start(Stage stage) throws IOException {
    PrintService printer =
        StreamPrintServiceFactory.lookupStreamPrintServiceFactories(
            DocFlavor.SERVICE_FORMATTED.PAGEABLE, "application/postscript")[0]
            .getPrintService(paper);
    Windows.computer(
        new Computer() {
          @Override
          public List<PrintService> printers() {
            return List.of(printer);
          }

          @Override
          public void show(Path path) {
            throw new AssertionError("nothing was asked for");
          }
        });
    open(stage);
  }

  @Stop
  void stop() {
    close();
    Windows.computer(Computer.own(path -> {}));
  }

  @AfterEach
  void inFourActions() {
    assertThat(actions).isBetween(1, MOST);
  }

  private void key(KeyCode... keys) {
    actions++;
    robot.push(keys);
    settle();
  }

  private void click(Node node) {
    actions++;
    robot.clickOn(node);
    settle();
  }

  private void typing(String words) {
    robot.write(words, 0);
    settle();
  }

  private String focused() {
    return ControlNames.of(stage.getScene().getFocusOwner());
  }

  private String sum() {
    StringBuilder words = new StringBuilder();
    for (Node node : PageWalk.all(find(robot, "sum-card", Node.class))) {
      if (node instanceof Labeled labeled) {
        words.append(labeled.getText()).append('\n');
      }
    }
    return words.toString();
  }

  /** New, both scales, begin: the last fret of the bass side is where its own scale puts it. */
  @Test
  void fromNothingToTheFirstNumberOfAFan() {
    key(KeyCode.CONTROL, KeyCode.N);
    typing("Turnstone");
    click(find(robot, "new.bass", TextField.class));
    typing("680");
    double shorter = Double.parseDouble(find(robot, "new.scale", TextField.class).getText());
    key(KeyCode.ENTER);
    until(() -> shown("Turnstone").isPresent());
    ShopWindow mine = opened("Turnstone");
    Plan plan = mine.workspace().session().plan().get();
    assertThat(plan.findings())
        .as("nothing that one didn't cause")
        .noneMatch(f -> f.stops() && !f.missing());
    // From two frets, where they cross the outer strings, the scale that each was cut for.
    double share = Math.pow(2, -1.0 / 12) - 0.5;
    double bass = number(plan, "fret.12.at-bass") - number(plan, "fret.1.at-bass");
    double treble = number(plan, "fret.12.at-treble") - number(plan, "fret.1.at-treble");
    assertThat(bass / share).isCloseTo(680, within(1.0));
    assertThat(treble / share).isCloseTo(shorter, within(1.0));
    show(() -> ((Stage) mine.root().getScene().getWindow()).hide());
    mine.workspace().close();
  }

  private static double number(Plan plan, String id) {
    return plan.value(id).orElseThrow().value();
  }

  @Test
  void whereTheBridgeGoes() {
    key(KeyCode.CONTROL, KeyCode.K);
    typing("where does the bridge go");
    key(KeyCode.ENTER);
    assertThat(sum())
        .contains(plan().value("bridge.datum").orElseThrow().text(session().units().get()));
  }

  @Test
  void howDeepThePocketIs() {
    key(KeyCode.CONTROL, KeyCode.K);
    typing("how deep is the pocket");
    key(KeyCode.ENTER);
    assertThat(sum()).containsIgnoringCase("pocket").containsPattern("\\d+\\.\\d mm");
  }

  /** The red chip leads to the place, and says what is missing of how much. */
  @Test
  void whyItIsRed() {
    String worst = plan().clearances().get(0).left().id();
    click(find(robot, "thin." + worst, Node.class));
    assertThat(sum())
        .contains(plan().clearances().get(0).left().label().toString())
        .contains("−0.4");
  }

  /** What isn't ready leads to the very field, with the keyboard in it, in view. */
  @Test
  void whyItIsNotReady() {
    Node chip =
        robot
            .lookup(
                (Node n) -> n instanceof Labeled l && ("" + l.getText()).startsWith("neck blank: "))
            .query();
    click(chip);
    until(() -> focused().equals("shaft.thickness"));
    assertThat(window.here().id()).isEqualTo(StationId.NECK);
    Node field = stage.getScene().getFocusOwner();
    double y = field.localToScene(0, 0).getY();
    assertThat(y).isBetween(60.0, stage.getScene().getHeight() - 60);
  }

  /** A board that isn't measured leads to its row in the rack. */
  @Test
  void whichBoardToMeasure() {
    key(KeyCode.CONTROL, KeyCode.K);
    typing("go to boards");
    key(KeyCode.ENTER);
    Node told =
        robot
            .lookup(
                (Node n) ->
                    n instanceof Labeled l
                        && l.isVisible()
                        && l.getText().contains("the width of board robinia-1 isn't measured"))
            .query();
    click(told);
    until(() -> focused().equals("board-table"));
    assertThat(window.here().pageName()).isEqualTo("Rack");
    assertThat(
            ((Board)
                    find(robot, "board-table", TableView.class)
                        .getSelectionModel()
                        .getSelectedItem())
                .id())
        .isEqualTo("robinia-1");
  }

  @Test
  void recordingAMeasurement() {
    key(KeyCode.CONTROL, KeyCode.K);
    typing("heel thickness");
    key(KeyCode.ENTER);
    key(KeyCode.F2);
    typing("20.9");
    key(KeyCode.ENTER);
    assertThat(session().build().get().measured().get("heel.thickness").value()).isEqualTo(20.9);
  }

  @Test
  void takingAnEditBack() {
    double before = Decisions.SCALE_LENGTH.in(session().build().get().design());
    show(() -> window.goTo("scale.length"));
    settle();
    robot.push(KeyCode.CONTROL, KeyCode.A);
    typing("700");
    key(KeyCode.ENTER);
    assertThat(Decisions.SCALE_LENGTH.in(session().build().get().design())).isEqualTo(700);
    actions = 0;
    key(KeyCode.CONTROL, KeyCode.Z);
    assertThat(Decisions.SCALE_LENGTH.in(session().build().get().design())).isEqualTo(before);
  }

  @Test
  void printingTheNeck() {
    key(KeyCode.CONTROL, KeyCode.P);
    until(() -> find(robot, "print.printer", ComboBox.class).getValue() != null);
    key(KeyCode.SPACE);
    until(() -> find(robot, "print.told", Label.class).getText().contains("sent to"));
    assertThat(paper.size()).isPositive();
    assertThat(window.here().id()).isEqualTo(StationId.SHEETS);
  }

  @Test
  void forALeftHandedPlayer() {
    key(KeyCode.CONTROL, KeyCode.K);
    typing("left handed");
    key(KeyCode.ENTER);
    assertThat(focused()).isEqualTo("instrument.hand");
    key(KeyCode.DOWN);
    assertThat(Decisions.HAND.in(session().build().get().design())).isEqualTo(Handedness.LEFT);
  }
}

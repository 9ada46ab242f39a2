package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.control.Toggle;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.desktop.control.ReadingField;
import roughcut.desktop.control.SettingRow;
import roughcut.desktop.control.SumCard;
import roughcut.desktop.station.StationId;
import roughcut.record.Measurables;

class EditingTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  @Test
  void theDrawingFollowsWhileTypingAndOneUndoTakesItBack(FxRobot robot) {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT1);
    keys(robot, "scale.length", "62");
    assertThat(value("saddle.from-nut")).as("62 alone can't be made").isEqualTo(640);
    robot.write("8", 0);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(value("saddle.from-nut")).as("the plan on the screen follows").isEqualTo(628);
    assertThat(Decisions.SCALE_LENGTH.in(session().build().get().design()))
        .as("and nothing is stored")
        .isEqualTo(640);
    assertThat(words(robot, "about")).as("what the try changes").matches("trial: \\d{3} numbers.*");
    robot.push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(words(robot, "about")).startsWith("6 strings");
    assertThat(Decisions.SCALE_LENGTH.in(session().build().get().design())).isEqualTo(628);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(value("saddle.from-nut")).isEqualTo(640);
    assertThat(find(robot, "scale.length", TextField.class).getText()).isEqualTo("640");
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
    assertThat(value("saddle.from-nut")).isEqualTo(628);
  }

  @Test
  void aBadNumberStaysAsTypedMarkedWithTheReasonAndTheLastGoodPlanStays(FxRobot robot) {
    type(robot, "head.angle", "90");
    assertThat(words(robot, "head.angle.message")).contains("at most 25°");
    type(robot, "neck.thickness-1", "abc");
    assertThat(words(robot, "neck.thickness-1.message"))
        .contains("abc")
        .contains("is not a length");
    assertThat(find(robot, "head.angle", TextField.class).getText()).isEqualTo("90");
    assertThat(session().build().get().design().numbers().get("head.angle")).isEqualTo(12.5);
    robot.clickOn(find(robot, "head.angle", TextField.class)).push(KeyCode.ESCAPE);
    assertThat(find(robot, "head.angle", TextField.class).getText())
        .as("Esc gives up")
        .isEqualTo("12.5");
  }

  @Test
  void whatDoesNotFitYetIsTakenAndSaidUntilItFits(FxRobot robot) {
    type(robot, "head.thickness", "15.5");
    assertThat(session().build().get().design().numbers().get("head.thickness")).isEqualTo(15.5);
    assertThat(words(robot, "head.thickness.message")).contains("at most 14.9 mm");
    robot.clickOn(find(robot, "shaft.thickness.forget", Button.class));
    until(() -> !there("head.thickness.message"));
    assertThat(find(robot, "head.thickness", TextField.class).getText()).isEqualTo("15.5");
  }

  @Test
  void arrowsNudge(FxRobot robot) {
    robot
        .clickOn(find(robot, "head.length", TextField.class))
        .push(KeyCode.UP)
        .push(KeyCode.UP)
        .push(KeyCode.SHIFT, KeyCode.DOWN);
    assertThat(session().build().get().design().numbers().get("head.length")).isEqualTo(177);
  }

  @Test
  void inchesAreTypedAndShownAndChangeNothing(FxRobot robot) {
    robot.clickOn(find(robot, "units", Button.class));
    assertThat(find(robot, "head.length", TextField.class).getText()).isEqualTo("7.283");
    type(robot, "head.length", "7 1/2");
    assertThat(session().build().get().design().numbers().get("head.length"))
        .isCloseTo(190.5, within(1e-9));
    robot.push(KeyCode.CONTROL, KeyCode.U).push(KeyCode.CONTROL, KeyCode.U);
    assertThat(find(robot, "head.length", TextField.class).getText()).isEqualTo("190.5");
  }

  /** What a field shows in inches is rounded; typed again as it stands it changes nothing. */
  @Test
  void whatIsShownAndTypedAgainIsTheSameValue(FxRobot robot) {
    Design before = session().build().get().design();
    for (int unit = 0; unit < 2; unit++) {
      robot.clickOn(find(robot, "units", Button.class));
      for (String id :
          List.of("head.angle", "head.length", "head.thickness", "neck.thickness-12")) {
        String shown = find(robot, id, TextField.class).getText();
        type(robot, id, shown + "1");
        assertThat(session().build().get().design()).as(id).isNotEqualTo(before);
        show(() -> session().undo());
        type(robot, id, " " + shown);
        assertThat(session().build().get().design()).as(id + " " + shown).isEqualTo(before);
        assertThat(session().history().undoName()).as(id).isEmpty();
      }
    }
  }

  /** A caliper's value is kept to its last figure, whatever unit the maker reads. */
  @Test
  void aCalipersValueIsNotRoundedToTheUnitThatIsShown(FxRobot robot) {
    show(() -> window.choose(StationId.BENCH));
    show(() -> window.page("Set-up"));
    for (double mm : new double[] {0.237, 0.2413}) {
      robot.clickOn(find(robot, "units", Button.class));
      Node node = find(robot, Measurables.RELIEF.id(), TextField.class);
      while (!(node instanceof ReadingField)) {
        node = node.getParent();
      }
      ReadingField field = (ReadingField) node;
      show(() -> assertThat(field.take(mm)).isEmpty());
      assertThat(session().build().get().measured().get(Measurables.RELIEF.id()).value())
          .isEqualTo(mm);
    }
  }

  @Test
  void asDesignedPutsTheDecidedNumbersBack(FxRobot robot) {
    assertThat(value("scarf.run")).isCloseTo(67.2, within(0.05));
    robot.clickOn("As designed");
    assertThat(value("scarf.run")).isCloseTo(72.2, within(0.05));
    robot.push(KeyCode.CONTROL, KeyCode.B);
    assertThat(value("scarf.run")).isCloseTo(67.2, within(0.05));
    assertThat((Object) robot.lookup("As built").queryAs(javafx.scene.control.ToggleButton.class))
        .matches(t -> ((Toggle) t).isSelected());
  }

  @Test
  void aMeasurementIsEnteredAtTheField(FxRobot robot) {
    robot.clickOn(find(robot, "neck.thickness-12", TextField.class)).push(KeyCode.F2);
    robot.write("20.4", 0).push(KeyCode.ENTER);
    assertThat(session().build().get().measured().get("neck.thickness-12").value()).isEqualTo(20.4);
    assertThat(session().build().get().design().numbers().getOrDefault("neck.thickness-12", 21.0))
        .isEqualTo(21);
    assertThat(find(robot, "neck.thickness-12", TextField.class).getText())
        .as("the decision stays in sight")
        .isEqualTo("21");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(session().build().get().measured()).doesNotContainKey("neck.thickness-12");
  }

  @Test
  void aSettingShowsItsSumAndLeadsToItsDecision(FxRobot robot) {
    robot.clickOn(find(robot, "setting.scarf.run", SettingRow.class));
    SumCard card = find(robot, "sum-card", SumCard.class);
    assertThat(card.isVisible()).isTrue();
    robot.clickOn("Headstock angle, decided");
    until(() -> find(robot, "head.angle", TextField.class).isFocused());
    robot
        .clickOn(find(robot, "setting.scarf.bevel", SettingRow.class))
        .push(KeyCode.CONTROL, KeyCode.C);
    String copied =
        WaitForAsyncUtils.waitForAsyncFx(2000, () -> Clipboard.getSystemClipboard().getString());
    assertThat(Double.parseDouble(copied)).isCloseTo(68.8, within(0.05));
    robot.push(KeyCode.ESCAPE);
    assertThat(card.isVisible()).isFalse();
  }

  @Test
  void stripsAreAddedChangedAndTakenAwayOnBothSides(FxRobot robot) {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT2);
    robot.clickOn("Add outer strip");
    assertThat(session().build().get().design().neckStack().size()).isEqualTo(7);
    type(robot, "neck.strip.1.thickness", "3");
    assertThat(value("blank.width")).isEqualTo(68);
    ComboBox<?> wood = find(robot, "neck.strip.1.species", ComboBox.class);
    robot.clickOn(wood).push(KeyCode.DOWN).push(KeyCode.ENTER);
    assertThat(session().build().get().design().neckStack().symmetrical()).isTrue();
    robot
        .push(KeyCode.CONTROL, KeyCode.Z)
        .push(KeyCode.CONTROL, KeyCode.Z)
        .push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(value("blank.width")).isEqualTo(62);
    assertThat(session().build().get().design().neckStack().size()).isEqualTo(5);
  }

  @Test
  void everythingIsFoundByItsWords(FxRobot robot) {
    robot.push(KeyCode.CONTROL, KeyCode.K);
    robot.write("edge margin", 0).push(KeyCode.ENTER);
    until(() -> find(robot, "nut.edge-margin", TextField.class).isFocused());
    robot.push(KeyCode.CONTROL, KeyCode.K);
    robot.write("fret 7 from the nut", 0).push(KeyCode.ENTER);
    assertThat(find(robot, "sum-card", SumCard.class).isVisible()).isTrue();
  }
}

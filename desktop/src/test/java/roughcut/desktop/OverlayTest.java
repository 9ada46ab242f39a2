package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.design.Decisions;
import roughcut.desktop.control.ControlNames;

/** Cards over the window: one at a time, left by Esc or a press beside, the keyboard back after. */
class OverlayTest extends WindowTest {
  @Start
  void start(Stage shown) throws IOException {
    open(shown);
  }

  @Stop
  void end() {
    close();
  }

  private Node owner() {
    return stage.getScene().getFocusOwner();
  }

  @Test
  void escGivesTheKeyboardBackToTheFieldThatHadIt() {
    show(() -> window.goTo(Decisions.HEAD_ANGLE.id()));
    Node field = owner();
    assertThat(field).isInstanceOf(TextField.class);
    robot.push(KeyCode.F1);
    settle();
    assertThat(there("help-card")).isTrue();
    assertThat(owner()).isNotSameAs(field);
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(there("help-card")).isFalse();
    assertThat(owner()).isSameAs(field);
  }

  @Test
  void oneCardTakesTheOthersPlaceAndAPressBesideLeaves() {
    robot.push(KeyCode.F1);
    robot.push(KeyCode.CONTROL, KeyCode.K);
    settle();
    assertThat(there("find-card")).isTrue();
    assertThat(there("help-card")).isFalse();
    robot.clickOn(stage.getScene().getRoot().localToScreen(8, 780));
    settle();
    assertThat(there("find-card")).isFalse();
  }

  /** What is behind the card can't be reached while it is open: no key goes through to it. */
  @Test
  void keysDoNotGoThroughTheCard() {
    type(Decisions.HEAD_LENGTH.id(), "190");
    String station = window.stations().get(3).pageName();
    robot.push(KeyCode.F1);
    settle();
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT1);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    robot.push(KeyCode.CONTROL, KeyCode.U);
    robot.push(KeyCode.ALT, KeyCode.DIGIT4);
    robot.push(KeyCode.F6);
    settle();
    assertThat(there("help-card")).isTrue();
    assertThat(design().numbers().get(Decisions.HEAD_LENGTH.id())).isEqualTo(190);
    assertThat(session().units().get().metric()).isTrue();
    assertThat(window.stations().get(3).pageName()).isEqualTo(station);
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(there("page.side")).as("still at the neck").isTrue();
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(design().numbers().get(Decisions.HEAD_LENGTH.id())).isEqualTo(185);
  }

  @Test
  void whatIsFoundIsGoneTo() {
    robot.push(KeyCode.CONTROL, KeyCode.K);
    robot.write("scale length", 0);
    settle();
    robot.push(KeyCode.ENTER);
    settle();
    assertThat(there("find-card")).isFalse();
    assertThat(ControlNames.of(owner())).isEqualTo(Decisions.SCALE_LENGTH.id());
  }
}

package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.design.Decisions;
import roughcut.desktop.session.Workspace;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.Windows;
import roughcut.file.Autosave;
import roughcut.file.BuildFile;
import roughcut.file.DemoFolder;
import roughcut.file.FileException;
import roughcut.record.Build;

class FilesTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private static double scale(Build build) {
    return build.design().numbers().get("scale.length");
  }

  private Autosave.Saving saving() {
    return window.workspace().state().get().saving();
  }

  @Test
  void editsAreSavedByThemselvesAndOpenAgain(FxRobot robot) throws Exception {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT1);
    type(robot, "scale.length", "655");
    until(() -> scale(BuildFile.open(heron).build()) == 655);
    until(() -> saving() == Autosave.Saving.SAVED);
    Workspace again = Workspace.open(heron, data, clock());
    assertThat(scale(again.session().build().get())).isEqualTo(655);
    again.close();
  }

  /** A build that is open comes to the front; it has no second window with numbers of its own. */
  @Test
  void aBuildThatIsOpenComesToTheFront() throws Exception {
    ShopWindow[] again = new ShopWindow[2];
    Path other = DemoFolder.build(data.resolve("demo"), "Bittern");
    show(
        () -> {
          try {
            again[0] =
                Windows.open(heron.getParent().resolve("../builds").resolve(heron.getFileName()));
            again[1] = Windows.open(other);
          } catch (FileException e) {
            throw new AssertionError(e);
          }
        });
    assertThat(again[0]).isSameAs(window);
    assertThat(again[1]).isNotSameAs(window);
    show(() -> again[1].root().getScene().getWindow().hide());
    show(again[1].workspace()::close);
  }

  /** Another program writes the file: the window shows it, and prints nothing older. */
  @Test
  void aWindowFollowsItsFile(FxRobot robot) throws Exception {
    BuildFile.Opened other = BuildFile.open(heron);
    other
        .file()
        .save(other.build().withDesign(Decisions.HEAD_LENGTH.with(other.build().design(), 199)));
    until(() -> session().build().get().design().numbers().get("head.length") == 199);
    until(() -> saving() == Autosave.Saving.SAVED);
    other
        .file()
        .save(other.build().withDesign(Decisions.HEAD_LENGTH.with(other.build().design(), 201)));
    show(() -> window.workspace().follow());
    assertThat(session().build().get().design().numbers().get("head.length")).isEqualTo(201);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(session().build().get().design().numbers().get("head.length"))
        .as("taken back like any edit")
        .isEqualTo(199);
    until(() -> BuildFile.open(heron).build().design().numbers().get("head.length") == 199);
  }

  @Test
  void closingSavesWhatWasStillWaiting(FxRobot robot) throws Exception {
    type(robot, "head.length", "190");
    robot.interact(() -> window.workspace().close());
    assertThat(BuildFile.open(heron).build().design().numbers().get("head.length")).isEqualTo(190);
  }

  @Test
  void aFileChangedByAnotherProgramIsToldAndBothAreKept(FxRobot robot) throws Exception {
    BuildFile.Opened other = BuildFile.open(heron);
    // Typed here while the other writes: neither can be taken in without the other.
    keys(robot, "head.length", "191");
    other.file().save(other.build().withName("Theirs"));
    robot.push(KeyCode.ENTER);
    until(() -> saving() == Autosave.Saving.CHANGED_ON_DISK);
    assertThat(BuildFile.open(heron).build().name()).isEqualTo("Theirs");
    Path rescue = window.workspace().state().get().rescue();
    assertThat(BuildFile.open(rescue).build().design().numbers().get("head.length")).isEqualTo(191);
    robot.clickOn("Keep mine");
    until(() -> BuildFile.open(heron).build().name().equals("Heron"));
    until(() -> saving() == Autosave.Saving.SAVED);
  }

  @Test
  void whenSavingFailsItIsSaidAndTheWorkIsRescued(FxRobot robot) throws Exception {
    Path builds = heron.getParent();
    Path away = builds.resolveSibling("builds-away");
    Files.move(builds, away);
    Files.writeString(builds, "a file where the folder was");
    type(robot, "head.length", "192");
    until(() -> saving() == Autosave.Saving.FAILED);
    assertThat(words(robot, "saving")).startsWith("not saved");
    Path rescue = window.workspace().state().get().rescue();
    assertThat(BuildFile.open(rescue).build().design().numbers().get("head.length")).isEqualTo(192);
    assertThat(find(robot, "head.length", TextField.class).getText()).isEqualTo("192");
    Files.delete(builds);
    Files.move(away, builds);
    robot.clickOn("Try again");
    until(() -> BuildFile.open(heron).build().design().numbers().get("head.length") == 192);
  }

  @Test
  void theSheetsAreWrittenIntoAFolder(FxRobot robot) {
    Path folder = data.resolve("sheets");
    robot.push(KeyCode.CONTROL, KeyCode.P);
    robot.interact(() -> window.sheets().exportTo(folder, words -> {}));
    until(() -> words(robot, "export-result").startsWith("Saved to"));
    assertThat(folder.resolve("plan.pdf")).isNotEmptyFile();
    robot.interact(() -> window.sheets().exportTo(heron, words -> {}));
    until(() -> words(robot, "export-result").contains("can't save"));
  }
}

package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import atlantafx.base.controls.Tile;
import java.io.IOException;
import java.lang.ref.WeakReference;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.session.OwnShop;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.TroubleWindow;
import roughcut.desktop.shell.Windows;
import roughcut.file.Autosave;
import roughcut.file.BuildFile;
import roughcut.file.DemoFolder;
import roughcut.file.FileException;
import roughcut.file.RescueCopies;
import roughcut.file.ShopFile;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.record.Reading;
import roughcut.shop.Board;

/** Own work and the demo's are apart, and nothing that was made is lost on the way. */
class OwnWorkTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private ShopWindow openWindow(Path build) {
    ShopWindow[] opened = new ShopWindow[1];
    robot.interact(
        () -> {
          try {
            opened[0] = Windows.open(build);
          } catch (IOException e) {
            throw new AssertionError(e);
          }
        });
    return opened[0];
  }

  private void press(String words) {
    Button button =
        robot
            .lookup((Node n) -> n instanceof Button b && b.getText().equals(words) && b.isVisible())
            .query();
    show(button::fire);
  }

  private String notice() {
    return robot
        .lookup((Node n) -> ControlNames.is(n, "notice"))
        .queryAs(Tile.class)
        .getDescription();
  }

  private Path demo() {
    return data.resolve("demo");
  }

  @Test
  void resettingTheDemoAsksTouchesOnlyTheDemoAndIsBroughtBackWhole() throws Exception {
    Path own = new OwnShop(data).folder();
    ShopFile.Opened mine = ShopFile.open(own);
    mine.file().save(mine.shop().addBoard(Board.unknown("my own ash", "ash")));
    show(() -> session().editShop("a board", "b", s -> s.addBoard(Board.unknown("new", "elm"))));
    type(robot, "head.length", "201");
    Files.writeString(
        DemoFolder.build(demo(), "Dunlin"),
        Files.readString(DemoFolder.build(demo(), "Dunlin")).replace("\"Dunlin\"", "\"Played\""));

    show(() -> window.command("Reset demo …"));
    assertThat(notice()).contains("Reset the demo?");
    assertThat(session().shop().get().board("new")).as("nothing is done unasked").isPresent();
    press("Reset");
    assertThat(session().shop().get().boards()).hasSameSizeAs(Demo.shop().boards());
    assertThat(BuildFile.open(DemoFolder.build(demo(), "Dunlin")).build().name())
        .isEqualTo("Dunlin");
    assertThat(ShopFile.open(own).shop().board("my own ash")).isPresent();
    press("Undo reset");
    assertThat(session().shop().get().board("new")).isPresent();
    assertThat(session().build().get().design().numbers().get("head.length")).isEqualTo(201);
    assertThat(BuildFile.open(DemoFolder.build(demo(), "Dunlin")).build().name())
        .isEqualTo("Played");
    assertThat(BuildFile.open(heron).build().design().numbers().get("head.length")).isEqualTo(201);
  }

  @Test
  void aResetIsUndoneLikeAnyEditShopIncluded() throws Exception {
    show(() -> session().editShop("a board", "b", s -> s.addBoard(Board.unknown("new", "elm"))));
    show(() -> window.command("Reset demo …"));
    press("Reset");
    assertThat(session().shop().get().board("new")).isEmpty();
    undo();
    assertThat(session().shop().get().board("new")).isPresent();
    show(() -> window.workspace().save());
    assertThat(ShopFile.open(demo()).shop().board("new")).isPresent();
  }

  @Test
  void ownWorkIsSavedInTheOwnShopAndEditsOfItsRackLeaveTheDemoAlone() throws Exception {
    OwnShop own = new OwnShop(data);
    Path plover = own.builds().resolve("Plover.roughcut.json");
    show(
        () -> {
          try {
            window.workspace().saveAs(plover, ShopFile.open(own.folder()));
          } catch (FileException e) {
            throw new AssertionError(e);
          }
        });
    assertThat(((Stage) window.root().getScene().getWindow()).getTitle()).startsWith("Plover");
    assertThat(session().shop().get().boards()).as("the own shop begins empty").isEmpty();
    show(() -> session().editShop("a board", "b", s -> s.addBoard(Board.unknown("mine", "elm"))));
    show(() -> window.workspace().save());
    assertThat(ShopFile.open(own.folder()).shop().board("mine")).isPresent();
    assertThat(ShopFile.open(demo()).shop().boards()).hasSameSizeAs(Demo.shop().boards());
    undo();
    robot.push(KeyCode.CONTROL, KeyCode.Z); // there is nothing more
    settle();
    show(() -> window.workspace().save());
    assertThat(ShopFile.open(own.folder()).shop().boards())
        .as("undoing never puts the demo's boards into the own shop")
        .isEmpty();
    show(() -> window.root().getScene().getWindow().fireEvent(closeRequest()));
    assertThat(Preferences.in(data).text(Windows.LAST_BUILD))
        .as("where the maker left off is opened next time")
        .contains(plover.toAbsolutePath().toString());
  }

  private WindowEvent closeRequest() {
    return new WindowEvent(window.root().getScene().getWindow(), WindowEvent.WINDOW_CLOSE_REQUEST);
  }

  @Test
  void aBuildSavedElsewhereKeepsItsBoards() throws Exception {
    Path far = data.resolve("somewhere").resolve("Heron 2.roughcut.json");
    show(
        () -> {
          try {
            window.workspace().saveAs(far, window.workspace().copyOfShop(far.getParent()));
          } catch (FileException e) {
            throw new AssertionError(e);
          }
        });
    ShopWindow again = openWindow(far);
    assertThat(again.workspace().session().shop().get().boards())
        .hasSameSizeAs(Demo.shop().boards());
    assertThat(again.workspace().shopFolder()).isEqualTo(far.toAbsolutePath().getParent());
    show(() -> again.root().getScene().getWindow().hide());
  }

  @Test
  void takingTheOthersChangesIsUndone() throws Exception {
    BuildFile.Opened other = BuildFile.open(heron);
    // Both at once: a window that looks between them takes theirs in, and there is no choice.
    show(
        () -> {
          saved(other.file(), other.build().withName("Theirs"));
          session()
              .make(
                  "length",
                  "head.length",
                  b -> b.withDesign(Decisions.HEAD_LENGTH.with(b.design(), 195)));
        });
    until(() -> window.workspace().state().get().saving() == Autosave.Saving.CHANGED_ON_DISK);
    until(() -> there("notice"));
    press("Dismiss");
    assertThat(robot.lookup((Node n) -> ControlNames.is(n, "notice")).query().isVisible())
        .isFalse();
    show(() -> find(robot, "saving", Button.class).fire());
    assertThat(notice()).as("the choice comes back").contains("changed by another");
    press("Use their version");
    assertThat(session().build().get().name()).isEqualTo("Theirs");
    undo();
    assertThat(session().build().get().design().numbers().get("head.length")).isEqualTo(195);
    until(() -> BuildFile.open(heron).build().name().equals("Heron"));
  }

  private static void saved(BuildFile file, Build build) {
    try {
      file.save(build);
    } catch (FileException e) {
      throw new AssertionError(e);
    }
  }

  /** Two windows at one bench: an operation marked there, a reading taken here, both kept. */
  @Test
  void whatWasDoneInAnotherWindowIsTakenInWithoutAsking() throws Exception {
    BuildFile.Opened other = BuildFile.open(heron);
    Log log = other.build().log();
    DoneOperation there = DoneOperation.of("body.cut.index", LocalDateTime.of(2026, 5, 4, 9, 30));
    other.file().save(other.build().withLog(log.with(there)));
    show(
        () ->
            session()
                .make(
                    "a reading",
                    "reading",
                    b -> b.withReading(Reading.of("heel.thickness", 20.7, clock().today()))));
    until(() -> BuildFile.open(heron).build().log().current().containsKey("heel.thickness"));
    Log both = BuildFile.open(heron).build().log();
    assertThat(both.isDone("body.cut.index")).isTrue();
    assertThat(both.current().get("heel.thickness").value()).isEqualTo(20.7);
    assertThat(session().build().get().log().isDone("body.cut.index")).isTrue();
    assertThat(notice()).contains("Another window changed this build too");
    until(() -> window.workspace().state().get().saving() == Autosave.Saving.SAVED);
    undo();
    assertThat(session().build().get().log().isDone("body.cut.index"))
        .as("undone like any edit")
        .isFalse();
  }

  @Test
  void savingThatWorksAgainTakesItsNoticeBack() throws Exception {
    Path builds = heron.getParent();
    Path away = builds.resolveSibling("builds-away");
    Files.move(builds, away);
    type(robot, "head.length", "192");
    until(() -> window.workspace().state().get().saving() == Autosave.Saving.FAILED);
    until(() -> robot.lookup((Node n) -> ControlNames.is(n, "notice")).query().isVisible());
    Files.move(away, builds);
    type(robot, "head.length", "193");
    until(() -> window.workspace().state().get().saving() == Autosave.Saving.SAVED);
    until(() -> !robot.lookup((Node n) -> ControlNames.is(n, "notice")).query().isVisible());
  }

  @Test
  void whatWasRescuedIsOfferedAndBroughtBack() throws Exception {
    Path builds = heron.getParent();
    Path away = builds.resolveSibling("builds-away");
    Files.move(builds, away);
    type(robot, "head.length", "207");
    until(() -> window.workspace().state().get().saving() == Autosave.Saving.FAILED);
    assertThat(new RescueCopies(data).builds()).hasSize(1);
    Files.move(away, builds);
    // The program was killed here and is started again.
    show(() -> window.root().getScene().getWindow().hide());
    window = openWindow(heron);
    assertThat(session().build().get().design().numbers().get("head.length")).isEqualTo(185);
    assertThat(notice()).contains("couldn't be saved");
    press("Restore");
    assertThat(session().build().get().design().numbers().get("head.length")).isEqualTo(207);
    until(() -> new RescueCopies(data).builds().isEmpty());
    undo();
    assertThat(session().build().get().design().numbers().get("head.length")).isEqualTo(185);
  }

  @Test
  void aBrokenBuildOpensAWindowWithItsEarlierVersions() throws Exception {
    Path broken = DemoFolder.build(demo(), "Bittern");
    BuildFile.Opened opened = BuildFile.open(broken);
    opened.file().save(opened.build().withName("the good one"));
    opened.file().save(opened.build().withName("the last one"));
    Files.writeString(broken, "{ \"kind\": \"rough-cut-bui");
    robot.interact(
        () -> {
          try {
            Windows.open(broken);
            throw new AssertionError("opened");
          } catch (FileException e) {
            // As at the start of the program: the window is there before the file is read.
            Stage early = new Stage();
            early.show();
            new TroubleWindow(early, broken, DemoFolder.heron(demo())).show(e);
          }
        });
    settle();
    Label said = find(robot, "trouble.words", Label.class);
    assertThat(said.getScene().getWidth()).isGreaterThan(700);
    assertThat(said.lookup(".text").toString()).doesNotContain("...\"");
    assertThat(words(robot, "trouble.words")).contains("broken").contains("line 1");
    Button back =
        robot
            .lookup(
                (Node n) -> n instanceof Button b && b.getText().startsWith("Restore the build"))
            .query();
    show(back::fire);
    assertThat(BuildFile.open(broken).build().name()).isEqualTo("the good one");
    for (Window shown : List.copyOf(Window.getWindows())) {
      if (shown.getScene().getUserData() instanceof ShopWindow again && again != window) {
        assertThat(again.workspace().session().build().get().name()).isEqualTo("the good one");
        show(shown::hide);
      }
    }
  }

  @Test
  void whatWasDoneToFretsIsNotHiddenByAsDesigned() {
    page(2, "Frets");
    show(() -> find(robot, "frets.all.seated", Button.class).fire());
    show(() -> session().asBuilt().set(false));
    javafx.scene.control.CheckBox box =
        find(robot, "fret.5.seated", javafx.scene.control.CheckBox.class);
    assertThat(box.isSelected()).isTrue();
    show(box::fire);
    assertThat(session().build().get().frets().count(22, roughcut.record.FretStage.SEATED))
        .as("one is taken back, the others stay")
        .isEqualTo(21);
  }

  @Test
  void anEarlierShopIsReachedToo() throws Exception {
    show(() -> session().editShop("none", "b", s -> s.withBoards(List.of())));
    show(() -> window.workspace().save());
    show(
        () -> {
          try {
            window.workspace().restoreShop(window.workspace().shopVersions().get(0).path());
          } catch (IOException e) {
            throw new AssertionError(e);
          }
        });
    assertThat(session().shop().get().boards()).hasSameSizeAs(Demo.shop().boards());
    undo();
    assertThat(session().shop().get().boards()).isEmpty();
  }

  @Test
  void aWindowThatIsClosedIsForgotten() throws Exception {
    List<WeakReference<Build>> builds = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      ShopWindow opened = openWindow(DemoFolder.build(demo(), "Dunlin"));
      builds.add(new WeakReference<>(opened.workspace().session().build().get()));
      Window shown = opened.root().getScene().getWindow();
      show(() -> shown.fireEvent(new WindowEvent(shown, WindowEvent.WINDOW_CLOSE_REQUEST)));
      show(shown::hide);
    }
    robot.push(KeyCode.F1).push(KeyCode.ESCAPE);
    until(
        () -> {
          System.gc();
          return builds.stream().filter(b -> b.get() == null).count() >= 3;
        });
  }

  @Test
  void theDemoIsDatedFromTheDayItIsLaidOut() throws Exception {
    assertThat(session().build().get().measured().values())
        .allMatch(m -> !m.on().isAfter(clock().today()));
  }
}

package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import atlantafx.base.controls.Tile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.design.Decisions;
import roughcut.desktop.control.ScrollBox;
import roughcut.desktop.session.LeftOff;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.session.RecentBuilds;
import roughcut.desktop.session.Session;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.Windows;
import roughcut.desktop.station.StationId;
import roughcut.file.BuildFile;
import roughcut.file.DemoFolder;
import roughcut.file.EarlierWork;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** Closing, coming back to where one was, and the menu that leads from build to build. */
class LeavingTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private List<Stage> windows() {
    return Window.getWindows().stream()
        .filter(w -> w.getScene() != null && w.getScene().getUserData() instanceof ShopWindow)
        .map(Stage.class::cast)
        .toList();
  }

  private ShopWindow again(Path build) {
    ShopWindow[] opened = new ShopWindow[1];
    show(
        () -> {
          try {
            opened[0] = Windows.open(build);
          } catch (IOException e) {
            throw new AssertionError(e);
          }
        });
    return opened[0];
  }

  private MenuButton menu() {
    return find(robot, "build-menu", MenuButton.class);
  }

  private MenuItem item(String words) {
    return menu().getItems().stream()
        .filter(i -> Objects.toString(i.getText(), "").startsWith(words))
        .findFirst()
        .orElseThrow(() -> new AssertionError("not in the menu: " + words));
  }

  /** Station, page, knife and how far the panel was scrolled are there again. */
  @Test
  void oneComesBackToWhereOneWas() {
    show(() -> window.choose(StationId.NECK));
    show(() -> window.page("Carving"));
    show(() -> window.surface().knife(212.5));
    show(() -> ScrollBox.in(window.here().panel()).orElseThrow().setVvalue(0.4));
    robot.push(KeyCode.CONTROL, KeyCode.W);
    until(() -> windows().isEmpty());
    ShopWindow back = again(heron);
    assertThat(back.here().id()).isEqualTo(StationId.NECK);
    assertThat(back.here().pageName()).isEqualTo("Carving");
    assertThat(back.surface().knife()).isEqualTo(212.5);
    until(() -> ScrollBox.in(back.here().panel()).orElseThrow().getVvalue() == 0.4);
    show(() -> ((Stage) back.root().getScene().getWindow()).hide());
    back.workspace().close();
  }

  /** What was remembered of another version, or written by another program, breaks nothing. */
  @Test
  void aPlaceThatIsNotThereAnyMoreIsLeftOut() {
    Preferences preferences = Preferences.in(data);
    for (String spoilt :
        List.of("", "|", "NECK|x", "NECK|Carving|NaN|x", "GONE|Page|10|0", "BODY|Gone|1e9|7")) {
      preferences.remember("left." + heron.toAbsolutePath().normalize(), spoilt);
      preferences.save();
      ShopWindow one = again(DemoFolder.heron(data.resolve("demo")));
      assertThat(one.here()).as(spoilt).isNotNull();
    }
    assertThat(LeftOff.of(preferences, Path.of("never.roughcut.json"))).isEmpty();
  }

  @Test
  void theMenuLeadsToTheBuildsThatWereOpenLast() {
    Path bittern = heron.resolveSibling("Bittern.roughcut.json");
    ShopWindow other = again(bittern);
    assertThat(RecentBuilds.of(Preferences.in(data)))
        .containsExactly(bittern.toAbsolutePath(), heron.toAbsolutePath());
    show(() -> ((Stage) other.root().getScene().getWindow()).hide());
    other.workspace().close();
    show(() -> menu().show());
    Menu recent = (Menu) item("Open recent");
    assertThat(recent.getItems()).extracting(MenuItem::getText).containsExactly("Bittern");
    show(() -> recent.getItems().get(0).fire());
    until(() -> shown("Bittern").isPresent());
    ShopWindow opened = opened("Bittern");
    show(() -> ((Stage) opened.root().getScene().getWindow()).hide());
    opened.workspace().close();
  }

  /** What would be undone is said; what can't be, is grey. */
  @Test
  void undoSaysWhatItUndoes() {
    show(() -> menu().show());
    assertThat(item("Undo").isDisable()).isTrue();
    show(() -> menu().hide());
    type(robot, "head.angle", "11");
    show(() -> menu().show());
    assertThat(item("Undo").getText()).startsWith("Undo ").isNotEqualTo("Undo");
    assertThat(item("Undo").isDisable()).isFalse();
    show(() -> item("Undo").fire());
    assertThat(session().build().get().design().numbers().get("head.angle")).isNotEqualTo(11.0);
  }

  /** Undo goes on where the last session ended, and redo comes back; both are saved. */
  @Test
  void undoGoesBackOverARestart() throws Exception {
    double first = angle(session().build().get());
    for (String typed : List.of("11", "10")) {
      type(robot, "head.angle", typed);
      until(() -> angle(BuildFile.open(heron).build()) == Double.parseDouble(typed));
    }
    robot.push(KeyCode.CONTROL, KeyCode.W);
    until(() -> windows().isEmpty());
    ShopWindow back = again(heron);
    Session later = back.workspace().session();
    until(() -> later.earlier().get() >= 2);
    until(() -> !find(robot, "undo", Button.class).isDisabled());
    assertThat(later.history().undoName().orElseThrow()).contains("Headstock angle").contains("10");
    show(() -> later.undo());
    assertThat(angle(later.build().get())).isEqualTo(11);
    show(() -> later.undo());
    assertThat(angle(later.build().get())).isEqualTo(first);
    until(() -> angle(BuildFile.open(heron).build()) == first);
    show(() -> later.redo());
    show(() -> later.redo());
    assertThat(angle(later.build().get())).isEqualTo(10);
    until(() -> angle(BuildFile.open(heron).build()) == 10);
    show(() -> ((Stage) back.root().getScene().getWindow()).hide());
    back.workspace().close();
  }

  /** Undo never leaves a window that shows one build and would save another. */
  @Test
  void aStepThatCanNotBeShownIsLeftAgain() {
    Build before = session().build().get();
    Plan shown = plan();
    List<EarlierWork.Step> broken = List.of(new EarlierWork.Step(null, Text.raw("a broken build")));
    show(() -> session().earlier(broken, session().shop().get()));
    show(() -> session().undo());
    assertThat(session().build().get()).isEqualTo(before);
    assertThat(session().history().current().build()).isEqualTo(before);
    assertThat(plan()).isSameAs(shown);
    assertThat(find(robot, "notice", Tile.class).getDescription()).contains("can't be calculated");
    type(robot, "head.angle", "11");
    assertThat(angle(session().build().get())).isEqualTo(11);
  }

  /** What the menu has and what search has of its own are two things: none is found twice. */
  @Test
  void noCommandIsFoundTwice() {
    for (String words : List.of("Undo", "Redo", "Print …", "Quit", "Preferences …")) {
      robot.push(KeyCode.CONTROL, KeyCode.K);
      robot.write(words.replace(" …", ""), 0);
      settle();
      ListView<?> found = find(robot, "find-results", ListView.class);
      long times =
          found.getItems().stream()
              .filter(c -> c.toString().contains("words=" + words + ","))
              .count();
      assertThat(times).as(words).isEqualTo(1);
      robot.push(KeyCode.ESCAPE);
      settle();
    }
  }

  private static double angle(Build build) {
    return Decisions.HEAD_ANGLE.in(build.design());
  }

  /** Each window is asked; what was done in it is saved. */
  @Test
  void quitClosesEveryWindow() {
    again(heron.resolveSibling("Bittern.roughcut.json"));
    assertThat(windows()).hasSize(2);
    show(() -> stage.requestFocus());
    until(stage::isFocused);
    robot.push(KeyCode.CONTROL, KeyCode.Q);
    until(() -> windows().isEmpty());
    assertThat(Preferences.in(data).text(Windows.LAST_BUILD)).isPresent();
  }
}

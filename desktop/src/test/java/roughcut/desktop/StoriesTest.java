package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.clearance.Clearance;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.Windows;
import roughcut.desktop.station.StationId;
import roughcut.file.Autosave;
import roughcut.file.BuildFile;
import roughcut.file.RescueCopies;
import roughcut.file.ShopBuilds;
import roughcut.measure.Units;
import roughcut.record.Build;
import roughcut.record.DoneOperation;

/** Days in the shop that went otherwise than planned, from the first surprise to the end. */
class StoriesTest extends BenchWalk {
  private static final Pattern MM = Pattern.compile("\\bmm\\b");

  @Start
  void start(Stage shown) throws IOException {
    open(shown);
  }

  @Stop
  void stop() {
    leave();
  }

  private Set<String> stops() {
    return plan().clearances().stream()
        .filter(s -> s.state() == Clearance.State.STOP)
        .map(s -> s.left().id())
        .collect(Collectors.toCollection(TreeSet::new));
  }

  private Autosave.Saving saving() {
    return window.workspace().state().get().saving();
  }

  private void pressFirst(String words) {
    Node found =
        robot
            .lookup((Node n) -> n instanceof Button b && words.equals(b.getText()) && b.isVisible())
            .queryAll()
            .stream()
            .findFirst()
            .orElseThrow(() -> new AssertionError("nothing says “" + words + "”"));
    show(((Button) found)::fire);
  }

  /**
   * The heel comes out of the plane too thin: the reading turns spots to stop where it was entered,
   * a way that is offered there mends them without a new stop, and all of it, reading and remedy,
   * is on the disk, undone and done again.
   */
  @Test
  void aNeckThatCameOutThin() throws Exception {
    toBench();
    look("body.cut.pocket");
    Set<String> before = stops();
    String read = null;
    for (String thin : List.of("18.6", "17.4", "16.2", "15")) {
      type(robot, "hold.heel.thickness", thin);
      if (!log().current().containsKey("heel.thickness")
          || log().current().get("heel.thickness").value() != Double.parseDouble(thin)) {
        // So far off it is asked about once.
        type(robot, "hold.heel.thickness", thin);
      }
      read = thin;
      if (!before.containsAll(stops())) {
        break;
      }
    }
    Set<String> worse = stops();
    worse.removeAll(before);
    assertThat(worse).as("what the thin heel makes impossible").isNotEmpty();
    assertThat(words(robot, "operation.verdict")).startsWith("Stop").contains("on the body");
    Build thin = session().build().get();

    click("operation.help");
    until(
        () ->
            robot
                .lookup((Node n) -> n instanceof Labeled l && "Apply".equals(l.getText()))
                .tryQuery()
                .isPresent());
    pressFirst("Apply");
    Build mended = session().build().get();
    Set<String> after = stops();
    assertThat(before).as("nothing new stands below minimum").containsAll(after);
    assertThat(log().current().get("heel.thickness").value())
        .as("the wood stays as it is")
        .isEqualTo(Double.parseDouble(read));
    assertThat(mended.log().decided()).as("what was decided anew is written down").isNotEmpty();

    undo();
    assertThat(session().build().get()).isEqualTo(thin);
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
    settle();
    assertThat(session().build().get()).isEqualTo(mended);
    click("hold.look.pocket.rails.yes");
    click("operation.done");
    robot.clickOn(find(robot, "operation.reason", TextField.class)).write("as mended", 0);
    robot.push(KeyCode.ENTER);
    settle();
    window.workspace().save();
    Build kept = BuildFile.open(heron).build();
    assertThat(kept.log().current().get("heel.thickness").value())
        .isEqualTo(Double.parseDouble(read));
    DoneOperation done = kept.log().done("body.cut.pocket").orElseThrow();
    assertThat(done.note()).as("the heel is off what was drawn").contains("reason: as mended");
    assertThat(kept.design()).isEqualTo(mended.design());
  }

  /** Two instruments laid out on the same boards: each says so, until one of them goes. */
  @Test
  void twoBuildsOnOneBoard() throws Exception {
    ShopBuilds shop = new ShopBuilds(data.resolve("demo"));
    page(StationId.BENCH.ordinal(), "Days");
    assertThat(saying("Twin's")).isEmpty();
    Path twin = shop.duplicate(heron);
    BuildFile.Opened opened = BuildFile.open(twin);
    opened.file().save(opened.build().withName("Twin"));
    page(StationId.BENCH.ordinal(), "Log");
    page(StationId.BENCH.ordinal(), "Days");
    until(() -> !saying("Twin's").isEmpty());

    ShopWindow[] other = new ShopWindow[1];
    show(() -> other[0] = inOwnWindow(twin));
    ShopWindow first = window;
    window = other[0];
    page(StationId.BENCH.ordinal(), "Days");
    until(() -> !saying("Heron's").isEmpty());
    window = first;
    show(() -> other[0].root().getScene().getWindow().hide());
    other[0].workspace().close();
    shop.bin(twin);
    page(StationId.BENCH.ordinal(), "Log");
    page(StationId.BENCH.ordinal(), "Days");
    until(() -> saying("Twin's").isEmpty());
  }

  private static ShopWindow inOwnWindow(Path build) {
    try {
      return Windows.open(build);
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }

  /** Words in sight that hold some others. */
  private List<String> saying(String part) {
    List<String> said = new ArrayList<>();
    // Where the page is made, lest it is made anew while it is read.
    show(
        () ->
            robot
                .lookup((Node n) -> n instanceof Labeled l && l.getText() != null && l.isVisible())
                .queryAll()
                .stream()
                .map(n -> ((Labeled) n).getText())
                .filter(t -> t.contains(part))
                .forEach(said::add));
    return said;
  }

  /**
   * The stick with the shop on it is pulled out in the middle of work: what is read and decided
   * meanwhile is rescued, the program is closed, and with the stick in again all of it comes back.
   */
  @Test
  void aStickThatWasPulledOut() throws Exception {
    Path shop = data.resolve("demo");
    Path pocket = data.resolve("in the pocket");
    type("head.length", "190");
    window.workspace().save();
    Files.move(shop, pocket);
    type("head.length", "191");
    until(() -> saving() == Autosave.Saving.FAILED);
    type("head.width", "91");
    toBench();
    look("body.cut.pocket");
    type(robot, "hold.heel.thickness", "20.4");
    assertThat(plan().given(roughcut.design.Decisions.HEEL_THICKNESS)).isEqualTo(20.4);
    until(
        () ->
            new RescueCopies(data)
                .of(heron)
                .map(c -> read(c.copy()).log().current().containsKey("heel.thickness"))
                .orElse(false));
    assertThat(Files.exists(shop)).as("no folder is made in the place of the stick's").isFalse();
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT8);
    settle();
    click("export.one");
    until(() -> words(robot, "export-result").contains("can't"));
    assertThat(Files.exists(shop)).isFalse();
    show(() -> window.root().getScene().getWindow().hide());
    close();

    Files.move(pocket, shop);
    show(() -> window = inOwnWindow(heron));
    assertThat(design().numbers()).containsEntry("head.length", 190.0);
    pressFirst("Restore");
    assertThat(design().numbers())
        .containsEntry("head.length", 191.0)
        .containsEntry("head.width", 91.0);
    assertThat(log().current().get("heel.thickness").value()).isEqualTo(20.4);
    until(() -> new RescueCopies(data).builds().isEmpty());
    assertThat(read(heron).design().numbers()).containsEntry("head.length", 191.0);
    assertThat(read(heron).log().current()).containsKey("heel.thickness");
  }

  private static Build read(Path file) {
    try {
      return BuildFile.open(file).build();
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }

  /**
   * A full disk, for which the kernel's device that is always full stands in: the file stays as it
   * was, the work is rescued elsewhere, and once there is room again it is saved.
   */
  @Test
  void aFullDisk() throws Exception {
    byte[] before = Files.readAllBytes(heron);
    long pid = ProcessHandle.current().pid();
    for (int i = 0; i < 5000; i++) {
      Path next = heron.resolveSibling("." + heron.getFileName() + "." + pid + "-" + i + ".new");
      Files.createSymbolicLink(next, Path.of("/dev/full"));
    }
    type("head.length", "191");
    until(() -> saving() == Autosave.Saving.FAILED);
    assertThat(words(robot, "saving")).startsWith("not saved");
    assertThat(Files.readAllBytes(heron)).isEqualTo(before);
    Path rescued = window.workspace().state().get().rescue();
    assertThat(read(rescued).design().numbers()).containsEntry("head.length", 191.0);
    try (var all = Files.list(heron.getParent())) {
      for (Path link : all.filter(Files::isSymbolicLink).toList()) {
        Files.delete(link);
      }
    }
    type("head.width", "91");
    until(() -> saving() == Autosave.Saving.SAVED);
    assertThat(read(heron).design().numbers())
        .containsEntry("head.length", 191.0)
        .containsEntry("head.width", 91.0);
  }

  /** One who knows no millimetres: types, reads and prints in inches, and never meets one. */
  @Test
  void inInchesOnly() throws Exception {
    show(() -> session().units().set(Units.FRACTION_64));
    type("scale.length", "25 1/2");
    assertThat(plan().frets().scale().value()).isCloseTo(25.5 * 25.4, within(1e-9));
    type("head.length", "7 5/16\"");
    assertThat(design().numbers().get("head.length")).isCloseTo(7.3125 * 25.4, within(1e-9));
    toBench();
    look("body.cut.pocket");
    type(robot, "hold.heel.thickness", "13/16");
    assertThat(log().current().get("heel.thickness").value()).isCloseTo(20.6375, within(1e-9));
    Set<String> foreign = new TreeSet<>();
    for (StationId station : StationId.values()) {
      show(() -> window.choose(station));
      for (String title : window.here().pageTitles()) {
        show(() -> window.page(title));
        saying("mm").stream()
            .filter(t -> MM.matcher(t).find())
            .forEach(t -> foreign.add(station + ", " + title + ": " + t));
      }
    }
    assertThat(foreign).isEmpty();
    Path folder = data.resolve("sheets");
    show(() -> window.choose(StationId.SHEETS));
    show(() -> window.sheets().exportTo(folder, words -> {}));
    until(() -> words(robot, "export-result").startsWith("Saved to"));
    assertThat(Files.readString(folder.resolve("frets.csv"))).isNotBlank();
    try (var sheet = org.apache.pdfbox.Loader.loadPDF(folder.resolve("plan.pdf").toFile())) {
      String text = new org.apache.pdfbox.text.PDFTextStripper().getText(sheet);
      assertThat(text).contains("scale 25 1/2");
      assertThat(text.lines().filter(l -> MM.matcher(l).find()).toList())
          .as("but for the check bar, which is told in both")
          .allMatch(l -> l.contains(" 4 in"));
    }
    assertThat(log().current().get("heel.thickness").on()).isEqualTo(clock().today());
  }
}

package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.draw.Ink;
import roughcut.desktop.session.OwnShop;
import roughcut.desktop.session.Preferences;
import roughcut.drawing.Mark;
import roughcut.drawing.Shading;
import roughcut.file.FileException;
import roughcut.file.ShopFile;
import roughcut.measure.Measures;
import roughcut.measure.Units;

/** What is the person's: kept from one start to the next, and true of everything that is shown. */
class PreferencesTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  @AfterEach
  void asItWas() {
    show(() -> Ink.drawn(Ink.Light.DAY, 1));
  }

  private void preferences() {
    show(() -> window.command("Preferences …"));
  }

  private Color pixel(double x, double y) {
    return robot.capture(window.surface()).getImage().getPixelReader().getColor((int) x, (int) y);
  }

  /** Who weighs in ounces may work in millimetres; what is typed is read in what is shown. */
  @Test
  void weightsAndTemperaturesAreChosenApartFromLengths() {
    preferences();
    pick("pref.measures", "US: oz, lb, °F");
    click("pref.close");
    Units kept = Preferences.in(data).units();
    assertThat(kept.measures()).isEqualTo(Measures.CUSTOMARY);
    assertThat(kept.metric()).isTrue();
    robot.push(KeyCode.CONTROL, KeyCode.U);
    settle();
    assertThat(session().units().get().measures())
        .as("lengths alone")
        .isEqualTo(Measures.CUSTOMARY);
    assertThat(session().units().get().metric()).isFalse();
    show(() -> window.goTo("shop.temperature"));
    assertThat(find(robot, "shop.temperature", TextField.class).getText()).isEqualTo("64.4");
    type("shop.temperature", "70");
    assertThat(BlankDecisions.TEMPERATURE.in(session().build().get().design()))
        .isCloseTo(21.11, within(0.01));
    type("shop.temperature", "20 °C");
    assertThat(BlankDecisions.TEMPERATURE.in(session().build().get().design())).isEqualTo(20);
    preferences();
    pick("pref.measures", "metric: g, N, °C");
    pick("pref.units", "millimetres");
    click("pref.close");
    assertThat(session().units().get()).isEqualTo(Units.MM);
  }

  /** Sheets begin as line drawings; what was chosen instead is there again, and on the preview. */
  @Test
  void sheetsAreInLinesUntilWoodColoursAreChosen() {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT8);
    settle();
    assertThat(tints()).containsOnly("#FFFFFF");
    pick("shading", "wood colours");
    assertThat(tints()).hasSizeGreaterThan(1).doesNotContain("#FFFFFF");
    assertThat(Preferences.in(data).text("shading")).contains("WOOD");
    assertThat(window.sheets().setup().shading()).isEqualTo(Shading.WOOD);
    pick("shading", "lines only");
    assertThat(tints()).containsOnly("#FFFFFF");
  }

  /** The colours of the wood on the drawing that is shown. */
  private Set<String> tints() {
    return window.surface().drawing().marks().stream()
        .flatMap(m -> m.wood().stream())
        .map(Mark.Fill::fill)
        .collect(Collectors.toSet());
  }

  /** A formula is worked in the program's own units; who reads others is told so, and only they. */
  @Test
  void aSumSaysInWhichUnitsItIsWorked() {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT4);
    click("setting.scarf.run");
    assertThat(there("sum.shown-in")).isFalse();
    preferences();
    pick("pref.units", "inches, decimal");
    click("pref.close");
    click("setting.scarf.run");
    assertThat(there("sum.shown-in")).isTrue();
    assertThat(find(robot, "sum.shown-in", Label.class).getText()).contains("millimetres");
  }

  @Test
  void unitsLightAndSizeArePickedAndKept() {
    double before = find(robot, "head.length", TextField.class).getFont().getSize();
    assertThat(pixel(20, 120).getBrightness()).isGreaterThan(0.9);
    preferences();
    pick("pref.units", "inches, in 1/32");
    pick("pref.light", "dark, for a dim shop");
    pick("pref.text", "largest");
    click("pref.close");
    assertThat(session().units().get()).isEqualTo(new Units(Units.System.FRACTION, 32));
    assertThat(pixel(20, 120).getBrightness()).as("dark paper").isLessThan(0.3);
    assertThat(find(robot, "head.length", TextField.class).getFont().getSize())
        .isGreaterThan(before * 1.25);
    Preferences kept = Preferences.in(data);
    assertThat(kept.units()).isEqualTo(new Units(Units.System.FRACTION, 32));
    // Round the units and back: fractions are still those that the person works in.
    robot.push(KeyCode.CONTROL, KeyCode.U).push(KeyCode.CONTROL, KeyCode.U);
    robot.push(KeyCode.CONTROL, KeyCode.U);
    settle();
    assertThat(session().units().get().denominator()).isEqualTo(32);
    preferences();
    pick("pref.light", "light, for daylight");
    pick("pref.text", "normal");
    click("pref.close");
    assertThat(pixel(20, 120).getBrightness()).isGreaterThan(0.9);
    assertThat(find(robot, "head.length", TextField.class).getFont().getSize()).isEqualTo(before);
  }

  /** A limit changed in the list is the limit that its spots are held against, and is undone. */
  @Test
  void limitsAreChangedInOneList() {
    preferences();
    Node row = find(robot, "limit.rod.least", Node.class);
    TextField better = (TextField) ControlNames.find(row, "limit.better").orElseThrow();
    show(better::requestFocus);
    robot.push(KeyCode.CONTROL, KeyCode.A);
    robot.write("9", 0).push(KeyCode.ENTER);
    settle();
    assertThat(session().shop().get().limits().get("rod.least").warn()).isEqualTo(9);
    assertThat(plan().clearances())
        .filteredOn(s -> s.kind().id().equals("rod.least"))
        .allMatch(s -> s.limit().warn() == 9)
        .isNotEmpty();
    robot.push(KeyCode.ESCAPE);
    undo();
    assertThat(session().shop().get().limits()).doesNotContainKey("rod.least");
  }

  @Test
  void theShopIsCalledOtherwiseAndABadNameIsRefusedThere() {
    preferences();
    TextField name = find(robot, "pref.shop", TextField.class);
    show(
        () -> {
          name.requestFocus();
          name.setText(" ");
        });
    robot.push(KeyCode.ENTER);
    settle();
    assertThat(text("pref.wrong")).contains("a shop needs a name");
    show(() -> name.setText("Shed/north …"));
    robot.push(KeyCode.ENTER);
    settle();
    assertThat(text("pref.wrong")).isEmpty();
    assertThat(session().shop().get().name()).isEqualTo("Shed/north …");
  }

  /** The own shop may lie elsewhere; when that place is gone nothing is made in its stead. */
  @Test
  void theOwnShopLiesWhereTheMakerSaysAndAMissingStickIsSaid() throws Exception {
    Path stick = Files.createDirectory(data.resolve("stick"));
    OwnShop.keepIn(stick, Preferences.in(data));
    assertThat(new OwnShop(data).folder()).isEqualTo(stick.toAbsolutePath());
    Files.delete(stick.resolve(ShopFile.NAME));
    Files.walk(stick).sorted(java.util.Comparator.reverseOrder()).forEach(p -> p.toFile().delete());
    assertThat(org.assertj.core.api.Assertions.catchThrowable(() -> new OwnShop(data).folder()))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("Is its disk connected?");
    assertThat(stick).doesNotExist();
    robot.push(KeyCode.CONTROL, KeyCode.H);
    settle();
    assertThat(there("home")).as("not opened on nothing").isFalse();
  }

  /** Two windows each remember what was changed in them, and nothing of what the other did. */
  @Test
  void habitsOfTwoWindowsDontOverwriteEachOther() {
    Preferences one = Preferences.in(data);
    Preferences other = Preferences.in(data);
    one.remember("look.text", "LARGER");
    one.save();
    other.units(Units.DECIMAL_INCH);
    assertThat(Preferences.in(data).text("look.text")).contains("LARGER");
    assertThat(Preferences.in(data).units()).isEqualTo(Units.DECIMAL_INCH);
  }

  /** Earlier versions say what was changed after them; one is brought back and undone. */
  @Test
  @SuppressWarnings("unchecked")
  void earlierVersionsAreToldApartByWhatWasChanged() {
    type("head.length", "191");
    robot.push(KeyCode.CONTROL, KeyCode.S);
    settle();
    type("head.angle", "13");
    robot.push(KeyCode.CONTROL, KeyCode.S);
    settle();
    show(() -> window.command("Earlier versions of this build …"));
    ListView<Object> list = find(robot, "versions.list", ListView.class);
    until(() -> list.getItems().size() >= 2);
    until(() -> words(list).stream().anyMatch(w -> w.contains("Headstock angle 12.5° → 13°")));
    assertThat(words(list)).anyMatch(w -> w.contains("Headstock length 185.0 mm → 191.0 mm"));
    show(
        () -> {
          list.requestFocus();
          list.getSelectionModel().select(1);
        });
    robot.push(KeyCode.ENTER);
    settle();
    assertThat(decided("head.length")).isEqualTo(185);
    undo();
    assertThat(decided("head.length")).isEqualTo(191);
    assertThat(decided("head.angle")).isEqualTo(13);
  }

  private double decided(String id) {
    return ((NumberDecision) Decisions.find(design(), id).orElseThrow()).in(design());
  }

  private static List<String> words(ListView<?> list) {
    return list.lookupAll(".door-words").stream().map(n -> ((Label) n).getText()).toList();
  }
}

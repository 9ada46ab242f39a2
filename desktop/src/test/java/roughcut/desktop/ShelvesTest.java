package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.design.Decisions;
import roughcut.file.ShopFile;
import roughcut.shop.Shelf;
import roughcut.shop.ShelfItem;
import roughcut.shop.Species;
import roughcut.shop.SpeciesBook;

/** Hardware is put on the shelf, edited there, and taken from it, as a maker would. */
class ShelvesTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private Shelf shelf() {
    return session().shop().get().shelf();
  }

  /** Measured, put on the shelf, changed in the build, taken again: as measured, undone in one. */
  @Test
  void aRodGoesToTheShelfAndComesBack() throws Exception {
    page(3, "Channels");
    TextField width = find(robot, "rod.width", TextField.class);
    robot.clickOn(width).push(KeyCode.F2);
    robot.write("6.15", 0).push(KeyCode.ENTER);
    settle();
    click("shelf.rod.put");
    robot.write("short rod", 0).push(KeyCode.ENTER);
    settle();
    ShelfItem rod = shelf().piece("rod", "short rod").orElseThrow();
    assertThat(rod.measured()).containsEntry("rod.width", 6.15);
    type("rod.length", "333");
    show(() -> session().make("", "", b -> b.withoutMeasured("rod.width")));
    pick("shelf.rod", "short rod");
    assertThat(session().build().get().measured().get("rod.width").value()).isEqualTo(6.15);
    assertThat(plan().given(Decisions.ROD_WIDTH)).isEqualTo(6.15);
    assertThat(rod.listed().get("rod.length")).isNotEqualTo(333);
    undo();
    assertThat(session().build().get().measured()).doesNotContainKey("rod.width");
    robot.push(KeyCode.CONTROL, KeyCode.S);
    settle();
    assertThat(ShopFile.read(window.workspace().shopFolder().resolve(ShopFile.NAME)).shelf())
        .isEqualTo(shelf());
  }

  @Test
  void aBadNameIsRefusedInItsPlaceAndEscLeaves() {
    page(6, "Bridge");
    click("shelf.bridge.put");
    robot.push(KeyCode.ENTER);
    settle();
    assertThat(text("shelf.bridge.message")).contains("needs a name");
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(there("shelf.bridge.name")).isFalse();
    assertThat(shelf()).isEqualTo(Shelf.EMPTY);
  }

  @Test
  void aSetOfStringsIsTakenByItsName() {
    page(6, "Strings");
    pick("shelf.strings", "six strings, heavy");
    assertThat(design().strings().get(5).gauge()).isEqualTo(1.372);
    undo();
    assertThat(design().strings().get(5).gauge()).isNotEqualTo(1.372);
  }

  @Test
  void shelvesAreEditedOnceInOneCard() {
    page(3, "Headstock");
    click("shelf.tuners.put");
    robot.write("six in hand", 0).push(KeyCode.ENTER);
    settle();
    show(() -> window.command("Inventory: strings and hardware …"));
    TableView<?> table = find(robot, "shelves.table", TableView.class);
    assertThat(table.getItems()).hasSize(1);
    TextField post = find(robot, "shelves.tuner.post.measured", TextField.class);
    robot.clickOn(post).write("6.21", 0).push(KeyCode.ENTER);
    settle();
    assertThat(shelf().pieces().get(0).measured()).containsEntry("tuner.post", 6.21);
    TextField name = find(robot, "shelves.name", TextField.class);
    robot.clickOn(name).push(KeyCode.CONTROL, KeyCode.A);
    robot.write("locking, six", 0).push(KeyCode.ENTER);
    settle();
    assertThat(shelf().piece("tuners", "locking, six")).isPresent();
    click("shelves.copy");
    assertThat(shelf().pieces()).extracting(ShelfItem::name).contains("locking, six 2");
    click("shelves.remove");
    assertThat(shelf().pieces()).hasSize(1);
    click("shelves.close");
    undo();
    assertThat(shelf().pieces()).as("taking it off is undone").hasSize(2);
  }

  /** A wood gets the maker's name and weight, another is added and used, and both can be undone. */
  @Test
  void woodsAreCalledWhatTheMakerCallsThem() throws Exception {
    show(() -> window.command("Woods: names, weight, movement …"));
    assertThat(find(robot, "woods.name", TextField.class).getText()).isEqualTo("hornbeam");
    type(robot, "woods.name", "hedge wood");
    type(robot, "woods.density", "801");
    assertThat(session().shop().get().woods().get("hornbeam").name()).isEqualTo("hedge wood");
    assertThat(plan().wood("hornbeam").density()).isEqualTo(801);
    assertThat(plan().tree().root().toString()).contains("hedge wood").doesNotContain("hornbeam");
    type(robot, "woods.name", "cherry");
    assertThat(text("woods.wrong")).contains("another wood is called “cherry”");
    assertThat(plan().wood("hornbeam").name()).isEqualTo("hedge wood");
    type(robot, "woods.density", "0");
    assertThat(plan().wood("hornbeam").density()).as("refused").isEqualTo(801);
    click("woods.another");
    robot.write("hedge, the pale one", 0).push(KeyCode.ENTER);
    settle();
    assertThat(session().shop().get().woods().get("own-hornbeam-2").name())
        .isEqualTo("hedge, the pale one");
    robot.push(KeyCode.ESCAPE);
    settle();
    show(() -> window.goTo("body.species"));
    settle();
    pick("body.species", "hedge, the pale one");
    assertThat(plan().body().backWood().name()).isEqualTo("hedge, the pale one");
    show(() -> window.command("Woods: names, weight, movement …"));
    @SuppressWarnings("unchecked")
    TableView<Species> woods = find(robot, "woods.table", TableView.class);
    show(() -> woods.getSelectionModel().select(plan().wood("own-hornbeam-2")));
    click("woods.away");
    assertThat(text("woods.wrong")).startsWith("still of hedge, the pale one: ");
    show(
        () ->
            woods
                .getSelectionModel()
                .clearAndSelect(woods.getItems().indexOf(plan().wood("hornbeam"))));
    assertThat(find(robot, "woods.name", TextField.class).getText()).isEqualTo("hedge wood");
    click("woods.away");
    assertThat(text("woods.wrong")).isEmpty();
    assertThat(plan().wood("hornbeam")).isEqualTo(SpeciesBook.get("hornbeam"));
    robot.push(KeyCode.ESCAPE);
    undo();
    assertThat(plan().wood("hornbeam").name()).isEqualTo("hedge wood");
  }
}

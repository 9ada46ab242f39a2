package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.clearance.Clearance;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.design.Handedness;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.station.StationId;
import roughcut.rout.Cut;

/** The body's stations, driven in a real window. */
class BodyTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private void body(String page) {
    page(4, page);
  }

  private void routs(String page) {
    page(5, page);
  }

  @Test
  void clickingARoutOpensItsCardAndItsNumberMovesIt() {
    routs("Cuts");
    Cut pickup = plan().cuts().cut("bridge").orElseThrow();
    var middle = pickup.outlines().get(0).centre();
    robot.clickOn(screen(middle.x() + 12, 22));
    settle();
    assertThat(there("pickup.bridge.from-saddle")).isTrue();
    assertThat(text("fitting.listed")).contains("Listed sizes only");
    type("pickup.bridge.from-saddle", "52");
    // In plan, where the leaning neck brings the saddle line a little nearer.
    double saddle = plan().cuts().neckSeating().atBridge(640);
    assertThat(plan().cuts().pickups().get(1).centre().x()).isCloseTo(saddle - 52, within(1e-9));
    undo();
    assertThat(plan().cuts().pickups().get(1).centre().x()).isCloseTo(saddle - 46, within(1e-9));
  }

  @Test
  void aPickupDraggedAlongTheStringsKeepsToTheirLine() {
    routs("Cuts");
    Point2D at = screen(594 - 12, 22);
    double scale = window.surface().view().scale();
    robot.drag(at, MouseButton.PRIMARY).moveTo(at.add(-20 * scale, -0.8 * scale)).drop();
    settle();
    assertThat(design().numbers().get("pickup.bridge.from-saddle")).isBetween(63.0, 69.0);
    assertThat(design().numbers().get("pickup.bridge.aside")).as("snapped").isEqualTo(0.0);
    assertThat(there("pickup.bridge.from-saddle")).as("its card is open now").isTrue();
  }

  @Test
  void aControlDraggedTurnedOverMovesTheRightWay() {
    routs("Cuts");
    show(() -> find(robot, "face.back", javafx.scene.control.ToggleButton.class).fire());
    double before = design().numbers().get("control.tone.y");
    dragHandle("cut.tone", 0, -12);
    assertThat(design().numbers().get("control.tone.y"))
        .as("down on the turned body is further to the treble side")
        .isGreaterThan(before + 7);
    assertThat(
            plan()
                .cuts()
                .cut("controls")
                .orElseThrow()
                .steps()
                .get(1)
                .outline()
                .contains(plan().cuts().cut("tone").orElseThrow().outlines().get(0).centre()))
        .as("its cavity goes along")
        .isTrue();
  }

  /** The mirror image is drawn, and what is dragged on it is dragged in the maker's own sides. */
  @Test
  void onALeftHandedBodyDownIsTheTrebleSideFromTheTop() {
    show(
        () ->
            session()
                .make(
                    "handedness",
                    Decisions.HAND.id(),
                    b -> b.withDesign(Decisions.HAND.with(b.design(), Handedness.LEFT))));
    routs("Cuts");
    double before = design().numbers().get("control.tone.y");
    Point2D handle =
        window.surface().targets().stream()
            .filter(t -> t.handle() != null && t.handle().grip().key().equals("cut.tone"))
            .map(t -> new Point2D(t.handle().at().x(), t.handle().at().y()))
            .findFirst()
            .orElseThrow();
    assertThat(handle.getY()).as("drawn below the centre line").isCloseTo(-before, within(0.5));
    dragHandle("cut.tone", 0, -12);
    assertThat(design().numbers().get("control.tone.y")).isGreaterThan(before + 7);
    show(() -> find(robot, "face.back", javafx.scene.control.ToggleButton.class).fire());
    dragHandle("cut.tone", 0, -12);
    assertThat(design().numbers().get("control.tone.y")).isLessThan(before + 7);
  }

  @Test
  void fittingsAreAddedMeasuredAndTakenAway() {
    routs("Cuts");
    pick("fitting.type", "CONTROL");
    click("fitting.add");
    assertThat(design().fitting("control-1")).isPresent();
    assertThat(plan().problems())
        .as("it hangs in nothing yet, and that is said")
        .anyMatch(p -> p.where().equals("control.control-1.x"));
    assertThat(said(robot, "belongs to no cavity")).as("beside its field").isTrue();
    assertThat(there("fitting.trouble")).as("and only there").isFalse();
    pick("cut.which", "controls");
    click("fitting.holds.control-1");
    assertThat(design().fitting("controls").orElseThrow().with()).contains("control-1");
    pick("cut.which", "control-1");
    type("control.control-1.x", "712");
    type("control.control-1.y", "62");
    assertThat(plan().problems()).isEmpty();
    show(() -> find(robot, "fitting.remove", javafx.scene.control.Button.class).fire());
    assertThat(design().fitting("control-1")).isEmpty();
    assertThat(design().fitting("controls").orElseThrow().with()).doesNotContain("control-1");
    undo();
    assertThat(design().fitting("control-1")).as("nothing is lost").isPresent();
  }

  /** A body takes so many fittings; where one more is added it is said why not. */
  @Test
  void oneFittingTooManyIsRefusedWhereItIsAdded() {
    routs("Cuts");
    show(() -> session().make("many", "many relief holes", b -> b.withDesign(full(b.design()))));
    pick("fitting.type", "STRAP");
    click("fitting.add");
    assertThat(design().fittings()).hasSize(Design.MOST_FITTINGS);
    assertThat(text("fitting.add-refused")).contains("at most " + Design.MOST_FITTINGS);
  }

  private static Design full(Design design) {
    Design next = design;
    for (int i = next.fittings().size(); i < Design.MOST_FITTINGS; i++) {
      next = next.addFitting(new Fitting(FittingType.RELIEF, "many-" + i, "relief-bore"));
    }
    return next;
  }

  @Test
  void aFittingIsCalledOtherwiseInAnyScriptAndTakenBackInOneStep() {
    routs("Cuts");
    pick("cut.which", "bridge");
    type(robot, "fitting.name", "Zadní №1");
    assertThat(design().fitting("bridge").orElseThrow().words().toString()).isEqualTo("Zadní №1");
    assertThat(there("pickup.bridge.from-saddle")).as("its card stays open").isTrue();
    assertThat(said(robot, "Zadní №1")).as("its title").isTrue();
    type(robot, "fitting.name", "Neck pickup");
    assertThat(text("fitting.trouble")).contains("another is called “neck pickup” already");
    assertThat(design().fitting("bridge").orElseThrow().words().toString()).isEqualTo("Zadní №1");
    robot.push(KeyCode.ESCAPE);
    assertThat(find(robot, "fitting.name", TextField.class).getText()).isEqualTo("Zadní №1");
    undo();
    assertThat(design().fitting("bridge").orElseThrow().label()).isEmpty();
  }

  @Test
  void aTemplateOfNoRoutHereIsGivenToOne() {
    routs("Templates");
    pick("template.which", "controls");
    click("template.make");
    pick("template.belongs", "neck");
    assertThat(session().shop().get().template("controls")).isEmpty();
    assertThat(session().shop().get().template("neck")).isPresent();
  }

  @Test
  void anotherKindBringsItsOwnSizes() {
    routs("Cuts");
    pick("cut.which", "bridge");
    double before = plan().cuts().cut("bridge").orElseThrow().outlines().get(0).area();
    pick("pickup.bridge.kind", "narrow single-coil");
    assertThat(plan().cuts().cut("bridge").orElseThrow().outlines().get(0).area())
        .isLessThan(before * 0.6);
  }

  @Test
  void badNumbersStayWhereTheyWereTypedWithTheirReason() {
    routs("Cuts");
    pick("cut.which", "bridge");
    show(
        () -> find(robot, "fitting.more", javafx.scene.control.TitledPane.class).setExpanded(true));
    type("rout.bridge.depth", "60");
    assertThat(find(robot, "rout.bridge.depth", TextField.class).getText()).isEqualTo("60");
    assertThat(words(robot, "rout.bridge.depth.message")).contains("and the body 44.0 mm thick");
    assertThat(value("pickup.bridge.depth")).as("drawn all the same").isEqualTo(60);
    type("rout.bridge.depth", "14");
    assertThat(value("pickup.bridge.depth")).isEqualTo(14);
  }

  @Test
  void outlinePointsAreDraggedAndTheKnifeRunsThroughTheBody() {
    body("Outline");
    double high = plan().body().outline().bounds().high();
    dragHandle("outline.treble.6", 0, 12);
    assertThat(plan().body().outline().bounds().high()).isGreaterThan(high + 6);
    show(() -> window.surface().knife(700));
    assertThat(window.surface().knife()).isEqualTo(700);
    assertThat(text("section-title")).contains("tone control");
    robot.push(KeyCode.PAGE_DOWN);
    show(() -> window.surface().knife(9000));
    assertThat(window.surface().knife()).isCloseTo(plan().body().outline().end(), within(1e-6));
  }

  @Test
  void anOutlineDrawnElsewhereIsTakenInAndAHostileOneRefused() throws Exception {
    Path good = Files.createTempDirectory("outline").resolve("egg.svg");
    Files.writeString(
        good,
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"500mm\" height=\"400mm\" viewBox=\"0 0 500 400\">"
            + "<ellipse cx=\"250\" cy=\"200\" rx=\"200\" ry=\"160\"/></svg>");
    body("Outline");
    show(() -> window.outline(good));
    assertThat(design().drawn()).isPresent();
    assertThat(text("outline.said")).contains("egg.svg").contains("400.0 mm long");
    assertThat(plan().body().outline().bounds().width()).isCloseTo(400, within(0.1));
    Path bad = good.resolveSibling("bad.svg");
    Files.writeString(
        bad, "<!DOCTYPE svg [<!ENTITY x SYSTEM \"file:///etc/hosts\">]><svg>&x;</svg>");
    show(() -> window.outline(bad));
    assertThat(text("outline.said")).contains("entities");
    assertThat(design().drawn().orElseThrow().source()).isEqualTo("egg.svg");
    click("outline.own");
    assertThat(design().drawn()).isEmpty();
  }

  @Test
  void bodyMovedAlongTheNeckMovesWhatHangsOnIt() {
    body("Pocket");
    double access = value("reach.access-fret");
    dragHandle("joint", -24, 0);
    assertThat(value("reach.access-fret")).isLessThan(access);
    assertThat(plan().neck().joint().value()).isBetween(405.0, 411.0);
  }

  @Test
  void passesFollowTheDrawerAndSayWhatIsMissing() {
    routs("Passes");
    pick("passes.which", "pocket");
    assertThat(plan().cuts().plansOf("pocket").get(0).plan().missing()).isEmpty();
    assertThat(there("passes.missing")).isFalse();
    routs("Drawer");
    int cutters = session().shop().get().cutters().size();
    for (String name : new String[] {"bearing 12.7", "bearing 12.7 short", "bearing 9.5 long"}) {
      pick("cutter.which", Integer.toString(index(name)));
      click("cutter.remove");
    }
    assertThat(session().shop().get().cutters()).hasSize(cutters - 3);
    routs("Passes");
    assertThat(plan().cuts().plansOf("pocket").get(0).plan().changes()).isPositive();
    pick("passes.which", "bridge");
    assertThat(text("passes.missing")).contains("You have no cutter that continues");
    assertThat(there("passes.missing")).isTrue();
  }

  private int index(String cutter) {
    var all = session().shop().get().cutters();
    for (int i = 0; i < all.size(); i++) {
      if (all.get(i).name().equals(cutter)) {
        return i;
      }
    }
    return -1;
  }

  @Test
  void aCutterPutInIsEditedAndUsed() {
    routs("Drawer");
    click("cutter.add");
    type(robot, "cutter.diameter", "9.5");
    type(robot, "cutter.cutting", "22");
    var added = session().shop().get().cutters().stream().reduce((a, b) -> b).orElseThrow();
    assertThat(added.diameter()).isEqualTo(9.5);
    assertThat(added.bearing()).as("its bearing goes with it").isEqualTo(9.5);
    assertThat(plan().cuts().plansOf("bridge").stream().map(r -> r.plan().missing()))
        .as("the gap in the drawer is closed")
        .allMatch(Optional::isEmpty);
    type(robot, "cutter.diameter", "900");
    assertThat(text("cutter.diameter.message")).contains("needs a possible diameter");
    assertThat(
            session().shop().get().cutters().stream().reduce((a, b) -> b).orElseThrow().diameter())
        .isEqualTo(9.5);
  }

  @Test
  void aTemplateIsMadeAndItsOpeningMeasured() {
    routs("Templates");
    pick("template.which", "bridge");
    click("template.make");
    type(robot, "template.opening", "40.2");
    assertThat(plan().cuts().plansOf("bridge").get(0).template().say().toString())
        .contains("40.20");
    click("template.make");
    assertThat(session().shop().get().templates()).isEmpty();
  }

  @Test
  void aThinSpotInTheBodyFliesToItsStation() {
    routs("Cuts");
    pick("cut.which", "bridge");
    type("pickup.bridge.from-saddle", "84");
    int index = -1;
    for (int i = 0; i < plan().clearances().size(); i++) {
      if (plan().clearances().get(i).what().toString().equals("neck pickup to bridge pickup")) {
        index = i;
      }
    }
    Clearance clearance = plan().clearances().get(index);
    assertThat(clearance.state()).isEqualTo(Clearance.State.STOP);
    show(() -> window.choose(StationId.LAYOUT));
    click("thin." + clearance.left().id());
    assertThat(window.surface().knife()).isCloseTo(clearance.x(), within(0.01));
    assertThat(there("page.cuts")).as("the station that owns it").isTrue();
  }

  @Test
  void goingToADecisionOpensItsCard() {
    show(() -> window.choose(StationId.LAYOUT));
    show(() -> window.goTo("control.tone.y"));
    settle();
    assertThat(ControlNames.of(stage.getScene().getFocusOwner())).isEqualTo("control.tone.y");
  }
}

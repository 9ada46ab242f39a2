package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.bench.Bench;
import roughcut.bench.Operation;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.design.OrderChange;
import roughcut.file.BuildFile;
import roughcut.file.ShopBuilds;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Reading;

/** The bench's station in real windows. */
class BenchTest extends BenchWalk {
  @Start
  void start(Stage shown) throws IOException {
    open(shown);
  }

  @Stop
  void stop() {
    leave();
  }

  @Test
  void anIrreversibleCutIsStoppedOnceUntilItsMeasureIsTaken(FxRobot robot) {
    toBench();
    look("body.cut.pocket");
    assertThat(words(robot, "operation.state")).startsWith("ready");
    click("operation.done");
    assertThat(log().isDone("body.cut.pocket")).as("asked first").isFalse();
    assertThat(said("operation.stakes"))
        .contains("not known: Heel thickness: not measured yet")
        .anyMatch(w -> w.contains("rails"));
    assertThat(find(robot, "operation.confirm", Button.class).isDisabled())
        .as("a reason is wanted")
        .isTrue();
    click("operation.cancel");
    assertThat(there("operation.stakes")).isFalse();
    click("hold.look.pocket.rails.yes");
    assertThat(log().current().get("look.pocket.rails").value()).isEqualTo(1);
    type(robot, "hold.heel.thickness", "21.8");
    assertThat(log().current().get("heel.thickness").value()).isEqualTo(21.8);
    assertThat(words(robot, "operation.changed")).contains("new settings");
    click("operation.done");
    assertThat(said("operation.stakes"))
        .as("what can't be undone is asked with its figures")
        .anyMatch(w -> w.contains("Depth from the current surface 20.8 mm"));
    assertThat(log().isDone("body.cut.pocket")).isFalse();
    click("operation.confirm");
    assertThat(log().isDone("body.cut.pocket")).isTrue();
    assertThat(log().done("body.cut.pocket").orElseThrow().note()).as("all was known").isEmpty();
    assertThat(log().done("body.cut.pocket").orElseThrow().cutAt())
        .containsKeys("pass.pocket.depth-now", "place.pocket.along", "pass.pocket.shim");
    // From another operation, one press takes the last tick back and goes there.
    look("body.edges");
    click("operation.undo");
    assertThat(log().isDone("body.cut.pocket")).isFalse();
    assertThat(bench().chosen().get()).isEqualTo("body.cut.pocket");
    undo();
    until(() -> log().isDone("body.cut.pocket"));
  }

  /** What the words in a control are. */
  private List<String> said(String id) {
    return find(robot, id, javafx.scene.Parent.class).lookupAll(".label").stream()
        .map(n -> ((Label) n).getText())
        .toList();
  }

  /** When, how long and what was noted can be mended; what can't be is said beside it. */
  @Test
  void whatWasTickedIsMendedByHand(FxRobot robot) {
    toBench();
    look("head.scarf.saw");
    type(robot, "made.minutes", "one hour");
    assertThat(words(robot, "made.message")).contains("Whole minutes");
    type(robot, "made.minutes", "55");
    assertThat(log().done("head.scarf.saw").orElseThrow().hands().toMinutes()).isEqualTo(55);
    type(robot, "made.at", "2031-01-01 10:00");
    assertThat(words(robot, "made.message")).contains("in the future");
    type(robot, "made.at", "2026-04-01 10:30");
    assertThat(log().when("head.scarf.saw").orElseThrow().toString()).isEqualTo("2026-04-01T10:30");
    type(robot, "made.note", "blade was blunt");
    DoneOperation done = log().done("head.scarf.saw").orElseThrow();
    assertThat(done.note()).isEqualTo("blade was blunt");
    assertThat(done.cutAt()).as("what was set stays").isNotEmpty();
  }

  /** The whole plan's verdict stands while it stands, whatever is read next. */
  @Test
  void aStopIsntForgottenWithTheNextReading(FxRobot robot) {
    toBench();
    look("body.cut.pocket");
    assertThat(words(robot, "operation.verdict"))
        .startsWith("Stop · 2 problems elsewhere, none here");
    type(robot, "hold.heel.thickness", "2.3");
    assertThat(log().current()).as("asked").doesNotContainKey("heel.thickness");
    type(robot, "hold.heel.thickness", "32");
    assertThat(words(robot, "hold.heel.thickness.message"))
        .contains("10.0 mm more than the planned 22.0 mm", "Did you mean 22.0 mm?");
    type(robot, "hold.heel.thickness", "32");
    assertThat(log().current().get("heel.thickness").value()).isEqualTo(32);
    assertThat(words(robot, "operation.verdict")).startsWith("Stop · 4 problems");
    click("hold.look.pocket.rails.yes");
    assertThat(words(robot, "operation.verdict")).startsWith("Stop · 4 problems");
  }

  /** By keys a row of the order is moved; where it can't go it stays, and the reason is told. */
  @Test
  void theOrderIsChangedByKeys(FxRobot robot) {
    toBench();
    List<String> before = order();
    TableView<?> list = find(robot, "step-list", TableView.class);
    show(() -> list.getSelectionModel().select(before.indexOf("body.cut.tone")));
    settle();
    show(list::requestFocus);
    robot.push(KeyCode.ALT, KeyCode.UP);
    until(() -> order().indexOf("body.cut.tone") == before.indexOf("body.cut.tone") - 1);
  }

  /** What another of the shop's builds found stands where this one is about to cut. */
  @Test
  void lastTimesMisfitIsToldAtItsHoldPoint(FxRobot robot) throws Exception {
    ShopBuilds shop = new ShopBuilds(data.resolve("demo"));
    for (ShopBuilds.Entry entry : shop.all()) {
      if (entry.name().equals("Dunlin")) {
        BuildFile.Opened other = BuildFile.open(entry.path());
        NumberDecision heel =
            (NumberDecision) Decisions.find(other.build().design(), "heel.thickness").orElseThrow();
        double measured = heel.in(other.build().design()) - 0.7;
        other
            .file()
            .save(other.build().withReading(Reading.of(heel.id(), measured, clock().today())));
      }
    }
    toBench();
    look("body.cut.pocket");
    until(() -> there("hold.heel.thickness.last"));
    assertThat(words(robot, "hold.heel.thickness.last"))
        .startsWith("Last time, on Dunlin, this came out 0.7 mm under the planned ");
    assertThat(there("hold.look.pocket.rails.last")).isFalse();
  }

  /** Heron's scarf was sawn for the shaft as drawn: its ways out are offered where that is told. */
  @Test
  void whatNoLongerAgreesIsTakenAsItIsAndSaidNoMore(FxRobot robot) {
    toBench();
    look("head.scarf.saw");
    String ways = "ways.scarf.run";
    assertThat(there(ways)).isTrue();
    click(ways);
    until(
        () ->
            robot
                .lookup(
                    (Node n) ->
                        n instanceof Button b
                            && b.getAccessibleText() != null
                            && b.getAccessibleText().contains("accept as it is"))
                .tryQuery()
                .isPresent());
    Node take =
        robot
            .lookup(
                (Node n) ->
                    n instanceof Button b
                        && "Apply".equals(b.getText())
                        && b.getAccessibleText().contains("accept as it is"))
            .query();
    show(((Button) take)::fire);
    settle();
    assertThat(there(ways)).isFalse();
    assertThat(log().done("head.scarf.saw").orElseThrow().note()).contains("accepted as it is");
    undo();
    assertThat(there(ways)).isTrue();
  }

  /** What a reading makes impossible stays in sight with what it changed and what would help. */
  @Test
  void whatAReadingMakesThinIsToldWhereItWasRead(FxRobot robot) {
    toBench();
    look("body.cut.pocket");
    type(robot, "hold.heel.thickness", "32");
    type(robot, "hold.heel.thickness", "32");
    assertThat(bench().chosen().get()).isEqualTo("body.cut.pocket");
    assertThat(words(robot, "operation.verdict")).startsWith("Stop");
    assertThat(there("bench.odd")).isFalse();
    // It may be below what is in sight of the card.
    show(find(robot, "operation.help", Button.class)::fire);
    until(
        () ->
            robot
                .lookup((Node n) -> n instanceof Labeled l && "Apply".equals(l.getText()))
                .tryQuery()
                .isPresent());
  }

  /** “As designed” is only a way of looking: what is known of the wood is known at the bench. */
  @Test
  void theBenchKnowsTheWoodWhileThePlanIsLookedAtAsDesigned(FxRobot robot) {
    toBench();
    look("body.cut.pocket");
    type(robot, "hold.heel.thickness", "21.8");
    click("hold.look.pocket.rails.yes");
    show(() -> session().asBuilt().set(false));
    Operation pocket = bench().bench().step("body.cut.pocket").orElseThrow().operation();
    assertThat(bench().bench().unknown(pocket)).isEmpty();
    show(() -> bench().done(pocket, ""));
    DoneOperation done = log().done("body.cut.pocket").orElseThrow();
    assertThat(done.note()).isEmpty();
    show(() -> session().asBuilt().set(true));
    assertThat(done.cutAt().get("pass.pocket.depth-now"))
        .as("set as the real heel wants it")
        .isEqualTo(plan().value("pass.pocket.depth-now").orElseThrow().value());
  }

  private void doneAllTheSame(String reason) {
    click("operation.done");
    TextField why = find(robot, "operation.reason", TextField.class);
    robot.clickOn(why).write(reason, 0).push(KeyCode.ENTER);
    settle();
  }

  @Test
  void whatIsCutAllTheSameIsWrittenDown(FxRobot robot) {
    toBench();
    look("body.cut.pocket");
    doneAllTheSame("the heel was measured yesterday");
    assertThat(log().done("body.cut.pocket").orElseThrow().note())
        .contains("marked done anyway – not known: Heel thickness")
        .endsWith("reason: the heel was measured yesterday");
  }

  @Test
  void theSumsMadePartIsToldWhileTypingAnotherValue(FxRobot robot) {
    toBench();
    look("body.cut.pocket");
    doneAllTheSame("it fits");
    show(() -> window.goTo("heel.thickness"));
    settle();
    robot.push(KeyCode.CONTROL, KeyCode.A).write("23", 0);
    until(() -> session().trying());
    Label about = (Label) robot.lookup(".about").query();
    assertThat(about.getText()).contains("spoils").contains("Rout the neck pocket");
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(session().trying()).isFalse();
  }

  /** Several changes are tried together; nothing of it reaches the file before it is kept. */
  @Test
  void whatIsTriedIsKeptOrDroppedAsOne(FxRobot robot) throws Exception {
    Build before = session().build().get();
    robot.push(KeyCode.CONTROL, KeyCode.T);
    settle();
    assertThat(words(robot, "what-if.words")).contains("Nothing is saved");
    type("body.thickness", "41");
    type("joint.x", "428");
    assertThat(words(robot, "what-if.words")).contains("clearances").contains("settings");
    click("what-if.open");
    TableView<?> table = find(robot, "what-if.table", TableView.class);
    assertThat(table.getItems()).hasSizeGreaterThan(5);
    window.workspace().save();
    assertThat(BuildFile.open(heron).build().design()).isEqualTo(before.design());
    click("what-if.drop");
    assertThat(session().build().get()).isEqualTo(before);
    assertThat(there("what-if")).isFalse();
    undo();
    assertThat(session().build().get().design().numbers()).containsEntry("joint.x", 428.0);
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
    settle();
    assertThat(session().build().get()).isEqualTo(before);

    robot.push(KeyCode.CONTROL, KeyCode.T);
    settle();
    type("body.thickness", "42");
    click("what-if.keep");
    window.workspace().save();
    assertThat(BuildFile.open(heron).build().design().numbers())
        .containsEntry("body.thickness", 42.0);
  }

  /** Inches taken for millimetres are asked about, and taken once the unit says so. */
  @Test
  void aSlipOfUnitsIsAskedAbout(FxRobot robot) {
    look("body.cut.pocket");
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    robot.push(KeyCode.M).write("0.86", 0).push(KeyCode.ENTER);
    settle();
    assertThat(machine("machine.message")).contains("did you mean 21.8 mm?");
    assertThat(log().current()).doesNotContainKey("heel.thickness");
    robot.push(KeyCode.CONTROL, KeyCode.A).write("0.86 in", 0).push(KeyCode.ENTER);
    settle();
    assertThat(log().current().get("heel.thickness").value()).isCloseTo(21.844, within(1e-6));
  }

  @Test
  void aBlockDraggedWhereItCantBeIsRefusedInWords() {
    toBench();
    List<String> before = order();
    String refusal = bench().move("neck.back.saw", "neck.supports").orElseThrow();
    assertThat(refusal).contains("straight sides");
    assertThat(order()).isEqualTo(before);
    show(() -> bench().move("body.edges", "body.cut.pocket"));
    assertThat(order().indexOf("body.edges")).isEqualTo(order().indexOf("body.cut.pocket") - 1);
    assertThat(session().build().get().design().order())
        .containsExactly(new OrderChange("body.edges", "body.cut.pocket"));
    undo();
    assertThat(order()).isEqualTo(before);
  }

  private List<String> order() {
    return bench().bench().steps().stream()
        .map(Bench.OperationStatus::operation)
        .map(Operation::id)
        .toList();
  }
}

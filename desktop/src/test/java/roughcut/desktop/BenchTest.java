package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.Slider;
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
import roughcut.design.OrderChange;
import roughcut.desktop.session.AtBench;
import roughcut.file.BuildFile;
import roughcut.record.Build;
import roughcut.record.Done;
import roughcut.record.Log;
import roughcut.record.Reading;
import roughcut.shop.Cutter;
import roughcut.shop.CutterKind;

/** The bench in real windows: by mouse at the station, by keys alone at the machine. */
class BenchTest extends WindowTest {
  @Start
  void start(Stage shown) throws IOException {
    open(shown);
  }

  @Stop
  void stop() {
    robot.interact(() -> window.atMachine().ifPresent(m -> m.close()));
    close();
  }

  private Log log() {
    return session().build().get().log();
  }

  private AtBench bench() {
    return window.bench();
  }

  private void look(String operation) {
    show(() -> bench().chosen().set(operation));
  }

  private void toBench() {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT9);
    settle();
  }

  private String machine(String id) {
    return window.atMachine().orElseThrow().content().lookupAll("*").stream()
        .filter(n -> id.equals(n.getId()))
        .map(n -> n instanceof Labeled l ? l.getText() : ((TextField) n).getText())
        .findFirst()
        .orElseThrow();
  }

  @Test
  void anIrreversibleCutIsStoppedOnceUntilItsMeasureIsTaken(FxRobot robot) {
    toBench();
    look("body.cut.pocket");
    assertThat(words(robot, "operation.state")).startsWith("can be done now");
    click("operation.done");
    assertThat(log().isDone("body.cut.pocket")).as("asked first").isFalse();
    assertThat(words(robot, "operation.unknown")).contains("Heel thickness").contains("rails");
    click("hold.look.pocket.rails.yes");
    assertThat(log().standing().get("look.pocket.rails").value()).isEqualTo(1);
    type(robot, "hold.heel.thickness", "20.6");
    assertThat(log().standing().get("heel.thickness").value()).isEqualTo(20.6);
    assertThat(words(robot, "operation.changed")).contains("settings are new");
    click("operation.done");
    assertThat(log().isDone("body.cut.pocket")).isTrue();
    assertThat(log().done("body.cut.pocket").orElseThrow().note()).as("all was known").isEmpty();
    assertThat(log().done("body.cut.pocket").orElseThrow().cutAt())
        .containsKey("pass.pocket.depth-now");
    undo();
    assertThat(log().isDone("body.cut.pocket")).isFalse();
  }

  /** Heron's scarf was sawn for the shaft as drawn: its ways out are offered where that is told. */
  @Test
  void whatNoLongerAgreesIsTakenAsItIsAndSaidNoMore(FxRobot robot) {
    toBench();
    look("head.scarf.saw");
    String ways = "ways.scarf.run";
    assertThat(there(ways)).isTrue();
    click(ways);
    Node take =
        robot
            .lookup(
                (Node n) ->
                    n instanceof Button b
                        && "do this".equals(b.getText())
                        && b.getAccessibleText().contains("take it as it is"))
            .query();
    show(((Button) take)::fire);
    settle();
    assertThat(there(ways)).isFalse();
    assertThat(log().done("head.scarf.saw").orElseThrow().note()).contains("taken as it is");
    undo();
    assertThat(there(ways)).isTrue();
  }

  /** What a reading makes impossible stays in sight with what it changed and what would help. */
  @Test
  void whatAReadingMakesThinIsToldWhereItWasRead(FxRobot robot) {
    toBench();
    look("body.cut.pocket");
    type(robot, "hold.heel.thickness", "32");
    assertThat(bench().chosen().get()).isEqualTo("body.cut.pocket");
    assertThat(words(robot, "operation.changed")).startsWith("stop");
    assertThat(there("bench.odd")).isFalse();
    click("operation.help");
    assertThat(
            robot
                .lookup((Node n) -> n instanceof Labeled l && "do this".equals(l.getText()))
                .queryAll())
        .isNotEmpty();
  }

  /** “As designed” is only a way of looking: what is known of the wood is known at the bench. */
  @Test
  void theBenchKnowsTheWoodWhileThePlanIsLookedAtAsDesigned(FxRobot robot) {
    toBench();
    look("body.cut.pocket");
    type(robot, "hold.heel.thickness", "21");
    click("hold.look.pocket.rails.yes");
    show(() -> session().asBuilt().set(false));
    Operation pocket = bench().bench().step("body.cut.pocket").orElseThrow().operation();
    assertThat(bench().bench().unknown(pocket)).isEmpty();
    show(() -> bench().turn(pocket));
    Done done = log().done("body.cut.pocket").orElseThrow();
    assertThat(done.note()).isEmpty();
    show(() -> session().asBuilt().set(true));
    assertThat(done.cutAt().get("pass.pocket.depth-now"))
        .as("set as the real heel wants it")
        .isEqualTo(plan().value("pass.pocket.depth-now").orElseThrow().value());
  }

  @Test
  void whatIsCutAllTheSameIsWrittenDown(FxRobot robot) {
    toBench();
    look("body.cut.pocket");
    click("operation.done");
    assertThat(words(robot, "operation.done")).isEqualTo("Done all the same");
    click("operation.done");
    assertThat(log().done("body.cut.pocket").orElseThrow().note())
        .contains("done without: Heel thickness");
  }

  @Test
  void theSumsMadePartIsToldWhileTypingAnotherValue(FxRobot robot) {
    toBench();
    look("body.cut.pocket");
    click("operation.done");
    click("operation.done");
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
    assertThat(words(robot, "what-if.words")).contains("nothing of it is stored");
    type("body.thickness", "41");
    type("joint.x", "428");
    assertThat(words(robot, "what-if.words")).contains("thin spots").contains("settings");
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
    assertThat(log().standing()).doesNotContainKey("heel.thickness");
    robot.push(KeyCode.CONTROL, KeyCode.A).write("0.86 in", 0).push(KeyCode.ENTER);
    settle();
    assertThat(log().standing().get("heel.thickness").value()).isCloseTo(21.844, within(1e-6));
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
    return bench().bench().steps().stream().map(Bench.Step::operation).map(Operation::id).toList();
  }

  /** From the first operation that can be done to the last, at the machine, by keys alone. */
  @Test
  void anInstrumentIsCarriedThroughByKeysAlone(FxRobot robot) {
    Cutter narrow =
        new Cutter(
            "long 9.5",
            CutterKind.of("top-bearing"),
            9.5,
            22,
            8,
            9.5,
            5,
            2,
            70,
            20000,
            0,
            Cutter.Condition.SHARP);
    Cutter wide =
        new Cutter(
            "long 19",
            CutterKind.of("top-bearing"),
            19,
            40,
            12.7,
            19,
            6,
            2,
            90,
            18000,
            0,
            Cutter.Condition.SHARP);
    show(
        () ->
            session()
                .editShop(
                    "drawer",
                    "drawer",
                    shop -> {
                      List<Cutter> all = new ArrayList<>(shop.cutters());
                      all.add(narrow);
                      all.add(wide);
                      return shop.withCutters(all);
                    }));
    LocalDateTime[] now = {LocalDateTime.now()};
    show(() -> bench().clock(() -> now[0]));
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    int done = 0;
    for (int round = 0; round < 90; round++) {
      Bench.Step next = bench().bench().ready().stream().findFirst().orElse(null);
      if (next == null) {
        break;
      }
      look(next.operation().id());
      int guard = 0;
      while (!bench().bench().unknown(next.operation()).isEmpty() && guard++ < 6) {
        Bench.Held held = bench().bench().unknown(next.operation()).get(0);
        if (held.hold().looked()) {
          robot.push(KeyCode.Y);
        } else {
          double wanted = held.hold().nominal().map(n -> n.value()).orElse(8.0);
          robot.push(KeyCode.M);
          settle();
          robot.write(Double.toString(Math.round(wanted * 100) / 100.0), 0).push(KeyCode.ENTER);
        }
        settle();
      }
      assertThat(bench().bench().unknown(next.operation())).as(next.operation().id()).isEmpty();
      String id = next.operation().id();
      robot.push(KeyCode.D);
      settle();
      assertThat(log().isDone(id)).as(id).isTrue();
      assertThat(log().done(id).orElseThrow().note()).as("nothing was left unknown").isEmpty();
      done++;
      // Glue cures and film hardens meanwhile.
      now[0] = now[0].plusDays(15);
    }
    assertThat(done).isGreaterThan(30);
    assertThat(bench().bench().steps()).as("it plays").allMatch(s -> s.state() == Bench.State.DONE);
    assertThat(bench().bench().steps().get(bench().bench().steps().size() - 1).operation().id())
        .isEqualTo("setup.intonation");
  }

  @Test
  void atTheMachineFiguresAreLargeAndKeysDoEverything(FxRobot robot) {
    look("body.cut.pocket");
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    assertThat(machine("machine.title")).isEqualTo("Rout the neck pocket, from the top");
    List<Node> figures =
        List.copyOf(window.atMachine().orElseThrow().content().lookupAll(".machine-figure"));
    assertThat(figures).isNotEmpty();
    assertThat(figures)
        .allSatisfy(f -> assertThat(((Label) f).getFont().getSize()).isGreaterThanOrEqualTo(60));
    assertThat(machine("machine.hold")).startsWith("Measure: Heel thickness");
    robot.push(KeyCode.D);
    settle();
    assertThat(machine("machine.message")).contains("can't be undone");
    assertThat(log().isDone("body.cut.pocket")).isFalse();
    robot.push(KeyCode.M).write("abc", 0).push(KeyCode.ENTER);
    settle();
    assertThat(machine("machine.message")).isNotEmpty();
    assertThat(machine("machine.entry")).as("stays as it was typed").isEqualTo("abc");
    robot.push(KeyCode.CONTROL, KeyCode.A).write("206", 0).push(KeyCode.ENTER);
    settle();
    assertThat(machine("machine.message")).contains("too large");
    robot.push(KeyCode.CONTROL, KeyCode.A).write("20.9", 0).push(KeyCode.ENTER);
    settle();
    assertThat(log().standing().get("heel.thickness").value()).isEqualTo(20.9);
    assertThat(machine("machine.message")).contains("settings are new");
    robot.push(KeyCode.K).write("blade wants sharpening", 0).push(KeyCode.ENTER);
    settle();
    robot.push(KeyCode.Y);
    settle();
    robot.push(KeyCode.D);
    settle();
    Done pocket = log().done("body.cut.pocket").orElseThrow();
    assertThat(pocket.note()).isEqualTo("blade wants sharpening");
    robot.push(KeyCode.LEFT);
    settle();
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(window.atMachine().orElseThrow().showing()).isFalse();
  }

  /** The plan's window is closed; the machine's screen works on, and what is done there is kept. */
  @Test
  void theScreenAtTheMachineGoesOnWhenThePlansWindowIsClosed(FxRobot robot) throws Exception {
    look("body.cut.index");
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    show(
        () ->
            stage.fireEvent(
                new javafx.stage.WindowEvent(
                    stage, javafx.stage.WindowEvent.WINDOW_CLOSE_REQUEST)));
    assertThat(window.atMachine().orElseThrow().showing()).isTrue();
    show(() -> window.atMachine().orElseThrow().open());
    robot.push(KeyCode.D);
    settle();
    robot.push(KeyCode.ESCAPE);
    until(() -> BuildFile.open(heron).build().log().isDone("body.cut.index"));
  }

  /** The jaw is drawn onto a part, settles, and one key puts it where it is measured. */
  @Test
  void theSimulatedCalipersValueGoesToWhatIsMeasured(FxRobot robot) {
    look("body.cut.pocket");
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    robot.push(KeyCode.F4);
    settle();
    assertThat(machine("machine.message")).contains("hasn't settled");
    show(() -> window.command("Caliper, simulated"));
    Slider jaw = find(robot, "caliper.jaw", Slider.class);
    show(() -> jaw.setValue(20.44));
    until(() -> words(robot, "caliper.state").equals("settled"));
    show(() -> window.atMachine().orElseThrow().open());
    robot.push(KeyCode.F4);
    settle();
    Reading reading = log().standing().get("heel.thickness");
    assertThat(reading).isNotNull();
    assertThat(reading.value()).isCloseTo(20.44, within(0.03));
    show(() -> find(robot, "caliper.unplug", javafx.scene.control.ToggleButton.class).fire());
    assertThat(words(robot, "caliper.state")).contains("gone");
    show(() -> find(robot, "caliper.jaw", Node.class).getScene().getWindow().hide());
  }
}

package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;
import roughcut.bench.Bench;
import roughcut.bench.Operation;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.session.BenchState;
import roughcut.desktop.session.Workspace;
import roughcut.desktop.shell.Windows;
import roughcut.file.BuildFile;
import roughcut.measure.Units;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Reading;

/**
 * The screen at the machine, by keys alone, with the caliper, and with the plan's window closed.
 */
class MachineTest extends BenchWalk {
  @Start
  void start(Stage shown) throws IOException {
    open(shown);
  }

  @Stop
  void stop() {
    leave();
  }

  /** From the first operation that can be done to the last, at the machine, by keys alone. */
  @Test
  void anInstrumentIsCarriedThroughByKeysAlone(FxRobot robot) {
    longCutters();
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    int done = 0;
    for (int round = 0; round < 90; round++) {
      Bench.OperationStatus next = bench().bench().ready().stream().findFirst().orElse(null);
      if (next == null) {
        break;
      }
      look(next.operation().id());
      answer(robot, next.operation());
      assertThat(bench().bench().unknown(next.operation())).as(next.operation().id()).isEmpty();
      String id = next.operation().id();
      ticked(robot, id);
      assertThat(log().done(id).orElseThrow().note())
          .as("nothing was left unknown")
          .doesNotContain("not known")
          .doesNotContain("not ready");
      done++;
      // Glue cures and film hardens meanwhile.
      time.passes(Duration.ofDays(15));
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
    assertThat(machine("machine.hold")).startsWith("Why do you mark it done anyway?");
    assertThat(log().isDone("body.cut.pocket")).isFalse();
    robot.push(KeyCode.ENTER);
    settle();
    assertThat(machine("machine.message")).isEqualTo("Type a few words why, or press Esc.");
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(machine("machine.message")).isEqualTo("Cancelled.");
    assertThat(log().isDone("body.cut.pocket")).isFalse();
    robot.push(KeyCode.M).write("abc", 0).push(KeyCode.ENTER);
    settle();
    assertThat(machine("machine.message")).isNotEmpty();
    assertThat(machine("machine.entry")).as("stays as it was typed").isEqualTo("abc");
    robot.push(KeyCode.CONTROL, KeyCode.A).write("206", 0).push(KeyCode.ENTER);
    settle();
    assertThat(machine("machine.message")).contains("too large");
    robot.push(KeyCode.CONTROL, KeyCode.A).write("21.9", 0).push(KeyCode.ENTER);
    settle();
    assertThat(log().current().get("heel.thickness").value()).isEqualTo(21.9);
    assertThat(machine("machine.message")).contains("new settings");
    robot.push(KeyCode.K).write("blade wants sharpening", 0).push(KeyCode.ENTER);
    settle();
    robot.push(KeyCode.Y);
    settle();
    ticked(robot, "body.cut.pocket");
    DoneOperation pocket = log().done("body.cut.pocket").orElseThrow();
    assertThat(pocket.note()).isEqualTo("blade wants sharpening");
    robot.push(KeyCode.RIGHT);
    settle();
    robot.push(KeyCode.U);
    settle();
    assertThat(log().isDone("body.cut.pocket")).as("the last tick, from anywhere").isFalse();
    assertThat(machine("machine.message"))
        .isEqualTo("Not done: Rout the neck pocket, from the top");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    until(() -> log().isDone("body.cut.pocket"));
    assertThat(machine("machine.message")).startsWith("Undone: not done: Rout the neck pocket");
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(window.atMachine().orElseThrow().showing()).isFalse();
  }

  /** Passes one after another, the next thing that is ready by one key, any from the list. */
  @Test
  void figuresPageByPageAndTheNextReadyByOneKey(FxRobot robot) {
    look("body.cut.pocket");
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    assertThat(figures())
        .as("where and how the floor leans, first")
        .anyMatch(w -> w.contains("Shims"));
    robot.push(KeyCode.DOWN);
    settle();
    robot.push(KeyCode.DOWN);
    until(() -> machine("machine.page").startsWith("Pass "));
    assertThat(figures()).anyMatch(w -> w.contains("router depth from the template"));
    robot.push(KeyCode.SPACE);
    until(() -> !bench().chosen().get().equals("body.cut.pocket"));
    assertThat(bench().step().orElseThrow().state()).isEqualTo(Bench.State.READY);
    robot.push(KeyCode.O);
    settle();
    robot.push(KeyCode.HOME).push(KeyCode.ENTER);
    until(() -> bench().chosen().get().equals(bench().bench().steps().get(0).operation().id()));
    look("board.slots");
    settle();
    assertThat(machine("machine.page")).as("every fret, in pages").contains("page 1 of 6");
  }

  private List<String> figures() {
    return window.atMachine().orElseThrow().content().lookupAll(".machine-what").stream()
        .map(n -> ((Label) n).getText())
        .toList();
  }

  /** Closed in the middle of a reading: the timer goes on, and what was typed is there again. */
  @Test
  void theTimerAndWhatIsHalfTypedOutliveTheScreen(FxRobot robot) {
    look("body.cut.pocket");
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    robot.push(KeyCode.T);
    settle();
    robot.push(KeyCode.M).write("21", 0);
    settle();
    show(() -> window.atMachine().orElseThrow().close());
    time.passes(Duration.ofMinutes(25));
    show(() -> window.atMachine().orElseThrow().open());
    assertThat(machine("machine.entry")).isEqualTo("21");
    assertThat(machine("machine.clock")).startsWith("0:25:0");
    robot.push(KeyCode.M).write(".9", 0).push(KeyCode.ENTER);
    settle();
    assertThat(log().current().get("heel.thickness").value()).isEqualTo(21.9);
    robot.push(KeyCode.Y);
    settle();
    ticked(robot, "body.cut.pocket");
    assertThat(log().done("body.cut.pocket").orElseThrow().hands().toMinutes()).isEqualTo(25);
  }

  /** A program that was killed goes on where one was: operation, timer, note and half a reading. */
  @Test
  void whatIsBegunOutlivesTheProgram(FxRobot robot) throws Exception {
    look("body.cut.pocket");
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    robot.push(KeyCode.T).push(KeyCode.K).write("tear-out, bass side", 0).push(KeyCode.ENTER);
    robot.push(KeyCode.M).write("21", 0);
    Path kept = data.resolve("halfway");
    until(() -> written(kept).contains("=21"));
    show(() -> bench().go(1));
    assertThat(machine("machine.entry")).as("another operation's entry").isEmpty();
    show(() -> bench().go(-1));
    assertThat(machine("machine.entry")).isEqualTo("21");
    until(() -> written(kept).contains("at=body.cut.pocket"));
    time.passes(Duration.ofMinutes(12));
    Workspace again = Workspace.open(heron, data, clock());
    BenchState there =
        WaitForAsyncUtils.asyncFx(() -> new BenchState(again.session(), again.halfway()))
            .get(1, TimeUnit.MINUTES);
    assertThat(there.chosen().get()).isEqualTo("body.cut.pocket");
    assertThat(there.typed("body.cut.pocket")).isEqualTo("21");
    assertThat(there.timer().of("body.cut.pocket")).isEqualTo(Duration.ofMinutes(12));
    Operation pocket = there.step().orElseThrow().operation();
    show(() -> there.done(pocket, "again"));
    assertThat(again.session().build().get().log().done(pocket.id()).orElseThrow().note())
        .contains("tear-out, bass side");
    assertThat(written(kept)).doesNotContain("tear-out").doesNotContain("running");
    show(again::close);
  }

  private static String written(Path folder) {
    try (Stream<Path> files = Files.list(folder)) {
      StringBuilder all = new StringBuilder();
      for (Path file : files.toList()) {
        all.append(Files.readString(file));
      }
      return all.toString();
    } catch (IOException e) {
      return "";
    }
  }

  /** A clock that was set back is said where the reading is typed; the reading stands. */
  @Test
  void aClockThatWasSetBackIsSaid(FxRobot robot) {
    look("body.cut.pocket");
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    robot.push(KeyCode.M).write("21.9", 0).push(KeyCode.ENTER);
    settle();
    assertThat(machine("machine.message")).doesNotContain("clock");
    time.passes(Duration.ofHours(-2));
    robot.push(KeyCode.R);
    robot.push(KeyCode.CONTROL, KeyCode.A).write("21.8", 0).push(KeyCode.ENTER);
    settle();
    assertThat(machine("machine.message")).contains("The clock says");
    assertThat(log().current().get("heel.thickness").value()).isEqualTo(21.8);
  }

  /** Whole inches and a fraction are read whole, on every page of every operation. */
  @Test
  void noFigureIsCutOff(FxRobot robot) {
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    show(() -> session().units().set(new Units(Units.System.FRACTION, 64)));
    Region content = window.atMachine().orElseThrow().content();
    int seen = 0;
    for (Bench.OperationStatus step : bench().bench().steps()) {
      show(() -> bench().chosen().set(step.operation().id()));
      for (Node node : content.lookupAll(".machine-figure")) {
        Label figure = (Label) node;
        assertThat(figure.getWidth())
            .as(step.operation().id() + " " + figure.getText())
            .isGreaterThanOrEqualTo(figure.prefWidth(-1) - 0.5);
        seen++;
      }
    }
    assertThat(seen).isGreaterThan(100);
  }

  /** A screen of 1100 × 700 cuts no figure in half: fewer stand on a page. */
  @Test
  void onALowScreenFewerFiguresStandOnAPage(FxRobot robot) {
    look("body.cut.pocket");
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    Region content = window.atMachine().orElseThrow().content();
    show(() -> content.getScene().getWindow().setHeight(700));
    until(() -> content.lookupAll(".machine-figure").size() == 2);
    for (Node figure : content.lookupAll(".machine-figure")) {
      double low = figure.localToScene(figure.getBoundsInLocal()).getMaxY();
      Node below = content.lookup(".machine-hold");
      assertThat(low).isLessThan(below.localToScene(below.getBoundsInLocal()).getMinY());
    }
    show(() -> content.getScene().getWindow().setHeight(800));
    until(() -> content.lookupAll(".machine-figure").size() == 4);
  }

  /** One finger on the screen does what keys do. */
  @Test
  void everyKeyIsAButtonToo(FxRobot robot) {
    look("body.cut.index");
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    robot.clickOn(find(robot, "machine.key.d", Node.class));
    settle();
    assertThat(machine("machine.hold")).startsWith("Mark it done with these sizes?");
    robot.clickOn(find(robot, "machine.key.d", Node.class));
    until(() -> log().isDone("body.cut.index"));
    robot.clickOn(find(robot, "machine.key.u", Node.class));
    until(() -> !log().isDone("body.cut.index"));
  }

  /** A finger with dust on it hits what is 40 px wide and high, on the smallest screen too. */
  @Test
  void everyKeyIsAsLargeAsAFinger(FxRobot robot) {
    look("body.cut.pocket");
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
    Parent root = find(robot, "machine.key.d", Node.class).getScene().getRoot();
    show(
        () -> {
          root.applyCss();
          root.layout();
        });
    List<Node> small =
        PageWalk.all(root).stream()
            .filter(ButtonBase.class::isInstance)
            .filter(
                n -> n.getLayoutBounds().getWidth() < 40 || n.getLayoutBounds().getHeight() < 40)
            .toList();
    assertThat(small).isEmpty();
    assertThat(PageWalk.all(root)).filteredOn(ButtonBase.class::isInstance).hasSizeGreaterThan(5);
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
    ticked(robot, "body.cut.index");
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
    until(() -> machine("machine.message").contains("isn't stable"));
    show(() -> window.command("Simulated caliper"));
    Slider jaw = find(robot, "caliper.jaw", Slider.class);
    show(() -> jaw.setValue(20.44));
    until(() -> words(robot, "caliper.state").equals("settled"));
    show(() -> window.atMachine().orElseThrow().open());
    robot.push(KeyCode.F4);
    until(() -> log().current().containsKey("heel.thickness"));
    Reading reading = log().current().get("heel.thickness");
    assertThat(reading).isNotNull();
    assertThat(reading.value()).isCloseTo(20.44, within(0.03));
    show(() -> find(robot, "caliper.unplug", javafx.scene.control.ToggleButton.class).fire());
    assertThat(words(robot, "caliper.state")).contains("disconnected");
    show(() -> find(robot, "caliper.jaw", Node.class).getScene().getWindow().hide());
  }

  /** The caliper's jaws closed on something so wide, until they stand still. */
  private void close(FxRobot robot, double mm) {
    show(() -> window.command("Simulated caliper"));
    show(() -> find(robot, "caliper.jaw", Slider.class).setValue(mm));
    until(() -> words(robot, "caliper.state").equals("settled"));
    show(() -> window.atMachine().orElseThrow().open());
  }

  /** Whether that came from the jaws; a key takes its time to them and back. */
  private boolean read(String of, double mm) {
    Reading reading = log().current().get(of);
    return reading != null && Math.abs(reading.value() - mm) < 0.2;
  }

  /** Asks again for what is known until that is asked for. */
  private void askFor(FxRobot robot, String what) {
    for (int i = 0; i < 9 && !machine("machine.hold").contains("again: " + what); i++) {
      robot.push(KeyCode.R);
      settle();
    }
    assertThat(machine("machine.hold")).contains("again: " + what);
  }

  /** One operation, whatever it wants read by caliper and looked at by eye. */
  private void carryOut(FxRobot robot, Bench.OperationStatus step, double off) {
    String id = step.operation().id();
    look(id);
    for (int guard = 0;
        guard < 8 && !bench().bench().unknown(step.operation()).isEmpty();
        guard++) {
      Bench.Held held = bench().bench().unknown(step.operation()).get(0);
      if (held.hold().looked()) {
        robot.push(KeyCode.Y);
      } else {
        double wanted = held.hold().nominal().map(n -> n.value()).orElse(0.5);
        if (wanted < 150) {
          close(robot, wanted + off);
          robot.push(KeyCode.F4);
        } else {
          // Longer than the jaws reach: a rule, and typed.
          robot.push(KeyCode.M).write(Double.toString(wanted), 0).push(KeyCode.ENTER);
        }
      }
      settle();
    }
    assertThat(bench().bench().unknown(step.operation())).as(id).isEmpty();
    ticked(robot, id);
  }

  /**
   * Five days at the bench, the program ended every evening: the next morning stands where the
   * evening left it, to the last reading. On the third day the jaws slip, and it is measured again;
   * on the fifth the caliper's battery is empty, and fingers type.
   */
  @Test
  void aWeekWithTheCaliper(FxRobot robot) throws Exception {
    int done = 0;
    for (int day = 1; day <= 5; day++) {
      robot.push(KeyCode.F9);
      until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
      int today = 0;
      for (Bench.OperationStatus step : bench().bench().ready()) {
        if (today < 3 && bench().bench().ready().contains(step)) {
          carryOut(robot, step, 0);
          today++;
        }
      }
      assertThat(today).as("day " + day).isPositive();
      done += today;
      if (day == 3) {
        look("body.cut.pocket");
        askFor(robot, "Heel thickness");
        close(robot, 23.7);
        robot.push(KeyCode.F4);
        until(() -> read("heel.thickness", 23.7));
        double slipped = log().current().get("heel.thickness").value();
        robot.push(KeyCode.F4);
        settle();
        assertThat(machine("machine.message")).as("all is known").isNotEmpty();
        assertThat(log().current().get("heel.thickness").value()).isEqualTo(slipped);
        askFor(robot, "Heel thickness");
        assertThat(machine("machine.hold")).startsWith("Measure again: Heel thickness");
        close(robot, 21.9);
        robot.push(KeyCode.F4);
        until(() -> read("heel.thickness", 21.9));
        until(() -> !machine("machine.hold").contains("again"));
        Reading again = log().current().get("heel.thickness");
        assertThat(again.value()).isCloseTo(21.9, within(0.05)).isNotCloseTo(slipped, within(1.0));
        assertThat(log().readings())
            .as("both are kept")
            .filteredOn(r -> r.of().equals("heel.thickness"))
            .anyMatch(r -> r.value() == slipped);
      }
      if (day == 5) {
        show(() -> window.command("Simulated caliper"));
        show(() -> find(robot, "caliper.unplug", javafx.scene.control.ToggleButton.class).fire());
        show(() -> window.atMachine().orElseThrow().open());
        look("body.cut.pocket");
        askFor(robot, "Heel thickness");
        robot.write("21.85", 0).push(KeyCode.ENTER);
        until(() -> read("heel.thickness", 21.85));
        assertThat(log().current().get("heel.thickness").value()).isEqualTo(21.85);
      }
      Build evening = session().build().get();
      robot.push(KeyCode.ESCAPE);
      settle();
      robot.interact(
          () -> {
            window.atMachine().ifPresent(m -> m.close());
            robot.lookup((Node n) -> ControlNames.is(n, "caliper.jaw")).queryAll().stream()
                .map(n -> n.getScene().getWindow())
                .distinct()
                .forEach(javafx.stage.Window::hide);
            window.workspace().close();
          });
      assertThat(BuildFile.open(heron).build().log()).as("evening " + day).isEqualTo(evening.log());
      robot.interact(
          () -> {
            try {
              window = Windows.open(heron, stage);
            } catch (IOException e) {
              throw new IllegalStateException(e);
            }
          });
      settle();
      assertThat(session().build().get().log()).isEqualTo(evening.log());
      toBench();
      time.passes(Duration.ofDays(1));
    }
    assertThat(log().done().size()).isGreaterThanOrEqualTo(done);
    assertThat(log().readings().stream().filter(r -> r.with().equals(Reading.CALIPER)).count())
        .isGreaterThan(2);
  }

  /** Whatever else is ticked, what is being timed goes on being timed. */
  @Test
  void aTickElsewhereStopsNoTimer() {
    String timed = "body.cut.pocket";
    show(() -> bench().timer().turn(timed));
    time.passes(Duration.ofMinutes(4));
    Operation edges = bench().bench().step("body.edges").orElseThrow().operation();
    show(() -> bench().done(edges, "it is as it is"));
    time.passes(Duration.ofMinutes(3));
    assertThat(bench().timer().runs(timed)).isTrue();
    assertThat(bench().timer().of(timed)).isEqualTo(Duration.ofMinutes(7));
  }
}

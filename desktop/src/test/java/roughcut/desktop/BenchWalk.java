package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;
import roughcut.bench.Bench;
import roughcut.bench.Operation;
import roughcut.bench.Verdict;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.session.BenchState;
import roughcut.record.Log;
import roughcut.shop.Cutter;
import roughcut.shop.CutterKind;

/** What walks at the bench share: the operation looked at, the log, the screen at the machine. */
abstract class BenchWalk extends WindowTest {
  Log log() {
    return session().build().get().log();
  }

  BenchState bench() {
    return window.bench();
  }

  void look(String operation) {
    show(() -> bench().chosen().set(operation));
  }

  void toBench() {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT9);
    settle();
  }

  String machine(String id) {
    return window.atMachine().orElseThrow().content().lookupAll("*").stream()
        .filter(n -> ControlNames.is(n, id))
        .map(n -> n instanceof Labeled l ? l.getText() : ((TextField) n).getText())
        .findFirst()
        .orElseThrow();
  }

  void leave() {
    robot.interact(() -> window.atMachine().ifPresent(m -> m.close()));
    close();
  }

  /** Cutters long enough for all that the demo's drawer leaves to get. */
  void longCutters() {
    List<Cutter> more = new ArrayList<>();
    for (double[] one : new double[][] {{9.5, 22, 8, 5, 20000}, {19, 40, 12.7, 6, 18000}}) {
      more.add(
          new Cutter(
              "long " + one[0],
              CutterKind.of("top-bearing"),
              one[0],
              one[1],
              one[2],
              one[0],
              one[3],
              2,
              one[1] > 30 ? 90 : 70,
              (int) one[4],
              0,
              Cutter.Condition.SHARP));
    }
    show(
        () ->
            session()
                .editShop(
                    "drawer",
                    "drawer",
                    shop -> {
                      List<Cutter> all = new ArrayList<>(shop.cutters());
                      all.addAll(more);
                      return shop.withCutters(all);
                    }));
  }

  void toMachine() {
    robot.push(KeyCode.F9);
    until(() -> window.atMachine().map(m -> m.showing()).orElse(false));
  }

  /** Everything that an operation wants known, as drawn, at the machine. */
  void answer(FxRobot robot, Operation op) {
    for (int guard = 0; guard < 8 && !bench().bench().unknown(op).isEmpty(); guard++) {
      Bench.Held held = bench().bench().unknown(op).get(0);
      if (held.hold().looked()) {
        robot.push(KeyCode.Y);
      } else {
        measured(robot, held.hold().nominal().map(n -> n.value()).orElse(0.5));
      }
      settle();
    }
  }

  /**
   * Types a reading at the machine. What is pressed before the screen has the keyboard, or the
   * entry has it, goes elsewhere: each is waited for.
   */
  void measured(FxRobot robot, double value) {
    until(() -> window.atMachine().orElseThrow().content().getScene().getWindow().isFocused());
    robot.push(KeyCode.M);
    until(() -> entry().isFocused());
    int before = log().readings().size();
    String said = machine("machine.message");
    String typed = Double.toString(Math.round(value * 100) / 100.0);
    robot.write(typed, 0);
    until(() -> entry().getText().equals(typed));
    robot.push(KeyCode.ENTER);
    until(
        () ->
            log().readings().size() > before
                || !entry().isFocused()
                || !machine("machine.message").equals(said));
  }

  private TextField entry() {
    return (TextField)
        window.atMachine().orElseThrow().content().lookupAll("*").stream()
            .filter(n -> ControlNames.is(n, "machine.entry"))
            .findFirst()
            .orElseThrow();
  }

  /** What comes of keys that were pressed may come later than they; it need not come at all. */
  private static void seen(Callable<Boolean> condition) {
    try {
      WaitForAsyncUtils.waitFor(6, TimeUnit.SECONDS, condition);
    } catch (TimeoutException e) {
      // the walk goes on, and says itself what is missing
    }
    settle();
  }

  private boolean asks(String words) {
    return machine("machine.hold").startsWith(words);
  }

  /** D, and once more where what can't be put back is asked with its figures. */
  void ticked(FxRobot robot, String id) {
    robot.push(KeyCode.D);
    String sizes = "Mark it done with these sizes?";
    seen(() -> log().isDone(id) || asks("Why") || asks(sizes));
    if (asks("Why")) {
      // A neck too thin, wood to get: whatever is done all the same asks why.
      robot.write("it is as it is", 0).push(KeyCode.ENTER);
      seen(() -> log().isDone(id) || asks(sizes));
    }
    if (!log().isDone(id)) {
      assertThat(machine("machine.hold")).as(id).startsWith(sizes);
      robot.push(KeyCode.D);
      seen(() -> log().isDone(id));
    }
    assertThat(log().isDone(id)).as(id).isTrue();
  }

  /** What stops the whole plan as it stands, in words. */
  Set<String> planStops() {
    return bench().bench().verdict().stops().stream()
        .map(Verdict.Item::words)
        .collect(Collectors.toSet());
  }

  /** Goes to an operation. */
  Operation at(String operation) {
    look(operation);
    return bench().bench().step(operation).orElseThrow().operation();
  }

  boolean done(String operation) {
    return log().isDone(operation);
  }

  /** Takes the way out whose words begin so, on the bench's station. */
  void takeWay(String ask, String words) {
    show(find(robot, ask, Button.class)::fire);
    until(() -> way(words) != null);
    show(way(words)::fire);
  }

  Button way(String words) {
    return seen(
            robot,
            n ->
                n instanceof Button b
                    && b.getAccessibleText() != null
                    && b.getAccessibleText().startsWith("Apply: " + words))
        .stream()
        .map(Button.class::cast)
        .findFirst()
        .orElse(null);
  }

  /** Draws a number otherwise by so much. */
  void moved(String decision, double by) {
    NumberDecision number = (NumberDecision) Decisions.find(design(), decision).orElseThrow();
    show(
        () ->
            session()
                .edit(
                    "moved",
                    decision,
                    b -> b.withDesign(number.with(b.design(), number.in(b.design()) + by))));
  }
}

package roughcut.desktop;

import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import roughcut.desktop.control.Ids;
import roughcut.desktop.session.AtBench;
import roughcut.record.Log;

/** What walks at the bench share: the operation looked at, the log, the screen at the machine. */
abstract class BenchWalk extends WindowTest {
  Log log() {
    return session().build().get().log();
  }

  AtBench bench() {
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
        .filter(n -> Ids.is(n, id))
        .map(n -> n instanceof Labeled l ? l.getText() : ((TextField) n).getText())
        .findFirst()
        .orElseThrow();
  }

  void leave() {
    robot.interact(() -> window.atMachine().ifPresent(m -> m.close()));
    close();
  }
}

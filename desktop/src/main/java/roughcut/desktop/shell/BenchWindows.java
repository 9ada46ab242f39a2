package roughcut.desktop.shell;

import java.util.Optional;
import javafx.scene.Node;
import roughcut.desktop.control.TakesReading;
import roughcut.desktop.session.AtBench;
import roughcut.desktop.session.CaliperAtHand;
import roughcut.desktop.session.Session;

/** What stands beside the plan's window at the bench: the screen at the machine, the caliper. */
final class BenchWindows {
  private final Session session;
  private final AtBench bench;
  private final Notice notice;
  private final CaliperAtHand caliper = new CaliperAtHand();
  private MachineWindow machine;
  private CaliperWindow calipers;

  BenchWindows(Session session, AtBench bench, Notice notice) {
    this.session = session;
    this.bench = bench;
    this.notice = notice;
  }

  /** The screen at the machine; empty before it was opened. */
  Optional<MachineWindow> machine() {
    return Optional.ofNullable(machine);
  }

  /** Opens the screen that is read at the machine, or brings it forward. */
  void openMachine() {
    if (machine == null) {
      machine = new MachineWindow(session, bench, caliper);
    }
    machine.open();
  }

  /** Opens the simulated caliper. */
  void openCaliper() {
    if (calipers == null) {
      calipers = new CaliperWindow(session, caliper);
    }
    calipers.open();
  }

  /**
   * What the caliper settled on goes to the field that has the keyboard.
   *
   * @param focused what has it; null for nothing
   */
  void fromCaliper(Node focused) {
    Node at = focused;
    while (at != null && !(at instanceof TakesReading)) {
      at = at.getParent();
    }
    if (at == null) {
      notice.tell("The caliper's value goes to a field that is measured: go to one first.");
    } else if (caliper.settled().get().isEmpty()) {
      notice.tell(
          caliper.shown().get() == null
              ? "No caliper is connected; Ctrl+Shift+M opens a simulated one."
              : "The caliper hasn't settled yet.");
    } else {
      ((TakesReading) at)
          .take(caliper.settled().get().getAsDouble())
          .ifPresent(words -> notice.show("Not taken: " + words + "."));
    }
  }
}

package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import roughcut.caliper.LineCaliper;
import roughcut.desktop.control.TakesReading;
import roughcut.desktop.session.BenchState;
import roughcut.desktop.session.ConnectedCaliper;
import roughcut.desktop.session.Session;

/** What stands beside the plan's window at the bench: the screen at the machine, the caliper. */
final class BenchWindows {
  private final Session session;
  private final BenchState bench;
  private final Notice notice;
  private final ConnectedCaliper caliper = new ConnectedCaliper();
  private MachineWindow machine;
  private CaliperWindow calipers;
  private LineCaliper onLine;

  BenchWindows(Session session, BenchState bench, Notice notice) {
    this.session = session;
    this.bench = bench;
    this.notice = notice;
    caliper
        .told()
        .addListener(
            (p, was, is) -> {
              if (!is.isEmpty()) {
                notice.tell(say("Caliper: {is}.", is));
              }
            });
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

  /** Asks for the file that the system shows a caliper's serial line as, and listens to it. */
  void connectCaliper(Window over) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(say("Serial port of the caliper, for example /dev/ttyUSB0"));
    File device = chooser.showOpenDialog(over);
    if (device != null) {
      connect(device.toPath());
    }
  }

  /** Listens to a caliper on a line; the one before is let go. */
  void connect(Path device) {
    if (onLine != null) {
      onLine.close();
    }
    caliper.well();
    onLine = LineCaliper.at(device, session.units().get().metric(), Platform::runLater);
    onLine.open(caliper);
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
      notice.tell(say("Choose a measured field first. The caliper reading goes there."));
    } else if (caliper.settled().get().isEmpty()) {
      notice.tell(
          caliper.shown().get() == null
              ? say(
                  "No caliper is connected. Press Ctrl+Shift+M for a simulated one, or choose "
                      + "“Connect caliper” in Ctrl+K.")
              : say("The caliper reading isn't stable yet."));
    } else {
      ((TakesReading) at)
          .take(caliper.settled().get().getAsDouble())
          .ifPresent(words -> notice.show(say("Reading not entered: {words}.", words)));
    }
  }
}

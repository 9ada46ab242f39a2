package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.stage.Screen;
import javafx.stage.Stage;
import roughcut.bench.Bench;
import roughcut.bench.ImpactReport;
import roughcut.bench.Operation;
import roughcut.bench.Risk;
import roughcut.desktop.session.BenchState;
import roughcut.desktop.session.ConnectedCaliper;
import roughcut.desktop.session.Session;
import roughcut.desktop.words.Words;
import roughcut.measure.InvalidInput;

/**
 * The screen at the machine: one operation, read from two metres, worked by keys alone or by one
 * finger. A foot switch is a key. It goes on while the plan's window is closed; what is half typed
 * and the timer outlive its own closing.
 */
public final class MachineWindow {
  private static final double WIDTH = 1280;
  private static final double HEIGHT = 800;

  /** What the entry is for. */
  private enum Mode {
    LOOKING,
    NOTING,
    /** A reason is wanted. */
    REASONING,
    /** The figures are asked for once more. */
    CONFIRMING
  }

  private final Session session;
  private final BenchState bench;
  private final ConnectedCaliper caliper;
  private final Stage stage = new Stage();
  private final MachineView view = new MachineView(this::press, this::chose);
  private final Timeline tick =
      new Timeline(new KeyFrame(javafx.util.Duration.seconds(1), e -> clock()));
  private final UnfinishedInput half;
  private Mode mode = Mode.LOOKING;
  private int page;
  private boolean swallow;

  /** Makes the screen; nothing is shown yet. */
  public MachineWindow(Session session, BenchState bench, ConnectedCaliper caliper) {
    this.caliper = caliper;
    this.session = session;
    this.bench = bench;
    this.half = new UnfinishedInput(view.entry(), bench, this::typedFor);
    Scene scene = Windows.styled(view);
    scene.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    // The letter of a key that opened the entry isn't the first letter in it.
    scene.addEventFilter(
        KeyEvent.KEY_TYPED,
        e -> {
          if (swallow) {
            swallow = false;
            e.consume();
          }
        });
    scene.heightProperty().addListener((p, was, is) -> show());
    stage.setScene(scene);
    stage.titleProperty().bind(session.build().map(b -> say("{b} – machine view", b.name())));
    tick.setCycleCount(Animation.INDEFINITE);
    session.plan().addListener((p, was, is) -> show());
    session.units().addListener((p, was, is) -> show());
    bench
        .chosen()
        .addListener(
            (p, was, is) -> {
              mode = Mode.LOOKING;
              page = 0;
              view.message("");
              view.lookAtDrawing();
              show();
              restore();
            });
  }

  /** Opens it, on the second screen where there is one, or brings it forward. */
  public void open() {
    if (!stage.isShowing()) {
      List<Screen> screens = Screen.getScreens();
      Rectangle2D where = screens.get(screens.size() > 1 ? 1 : 0).getVisualBounds();
      stage.setX(where.getMinX());
      stage.setY(where.getMinY());
      stage.setWidth(Math.min(WIDTH, where.getWidth()));
      stage.setHeight(Math.min(HEIGHT, where.getHeight()));
      stage.show();
      tick.play();
    }
    show();
    restore();
    stage.toFront();
    view.requestFocus();
  }

  /** What to do once it is closed. */
  public void onClosed(Runnable action) {
    stage.setOnHidden(e -> action.run());
  }

  public boolean showing() {
    return stage.isShowing();
  }

  /** The whole content, for tests and pictures. */
  public Region content() {
    return view;
  }

  /** Closes it; the timer goes on, and what is half typed is there again when it is opened. */
  public void close() {
    tick.stop();
    stage.close();
  }

  private void show() {
    if (stage.isShowing()) {
      view.show(session, bench, page, mode == Mode.NOTING);
      clock();
    }
  }

  // What is half typed.

  private String typedFor() {
    String operation = bench.step().map(s -> s.operation().id()).orElse("");
    return mode == Mode.LOOKING ? operation : operation + " " + mode;
  }

  private void restore() {
    if (half.turn()) {
      view.message(say("Unfinished entry: press M to continue it."));
    }
  }

  // Keys.

  /** A key pressed with a finger. */
  private void press(KeyCode code) {
    if (code == KeyCode.D && mode == Mode.REASONING) {
      enter();
      return;
    }
    if (code == KeyCode.ESCAPE && (view.choosing() || mode != Mode.LOOKING)) {
      leave();
      return;
    }
    Runnable action = action(code, false);
    if (action != null) {
      action.run();
    }
  }

  private void key(KeyEvent e) {
    swallow = false;
    if (view.choosing() && e.getCode() != KeyCode.ESCAPE) {
      return; // the list has the keys
    }
    if (e.getCode() == KeyCode.F4) {
      fromCaliper();
      e.consume();
      return;
    }
    if (view.entry().isFocused()) {
      typed(e);
      return;
    }
    if (e.getCode() == KeyCode.ESCAPE && (view.choosing() || mode != Mode.LOOKING)) {
      leave();
      e.consume();
      return;
    }
    Runnable action = action(e.getCode(), e.isShortcutDown());
    if (action != null) {
      swallow = e.getCode().isLetterKey();
      action.run();
      e.consume();
    }
  }

  private Runnable action(KeyCode code, boolean shortcut) {
    return switch (code) {
      case RIGHT, PAGE_DOWN -> () -> bench.go(1);
      case LEFT, PAGE_UP -> () -> bench.go(-1);
      case SPACE -> bench::goReady;
      case O -> () -> view.choose(bench);
      case D -> this::done;
      case U -> this::undoLast;
      case M, F2 -> this::measure;
      case R -> this::again;
      case Y -> () -> look(true);
      case N -> () -> look(false);
      case K -> this::note;
      case T -> this::timer;
      case DOWN -> () -> turn(1);
      case UP -> () -> turn(-1);
      case L -> view::lamp;
      case F4 -> this::fromCaliper;
      case Z -> shortcut ? this::undo : null;
      case ESCAPE -> this::close;
      default -> null;
    };
  }

  private void typed(KeyEvent e) {
    if (e.getCode() == KeyCode.ESCAPE) {
      leave();
      e.consume();
    } else if (e.getCode() == KeyCode.ENTER) {
      enter();
      e.consume();
    } else if (e.getCode() == KeyCode.R
        && mode == Mode.LOOKING
        && view.entry().getText().isEmpty()) {
      // Nothing that is measured begins with a letter: on to the one before.
      swallow = true;
      again();
      e.consume();
    }
  }

  private void chose(String operation) {
    view.lookAtDrawing();
    if (operation.equals(bench.chosen().get())) {
      leave();
    } else {
      bench.chosen().set(operation);
      view.requestFocus();
    }
  }

  /** Whatever was asked or being typed is left as it was. */
  private void leave() {
    bench.cancelQuestion();
    if (mode == Mode.REASONING || mode == Mode.CONFIRMING) {
      view.message(say("Cancelled."));
    }
    view.entry().clear();
    mode = Mode.LOOKING;
    view.lookAtDrawing();
    view.requestFocus();
    show();
  }

  // Readings.

  /** The settled value goes where a measure is asked for. */
  private void fromCaliper() {
    Bench.Held held = bench.asked().filter(h -> !h.hold().looked()).orElse(null);
    if (held == null || mode != Mode.LOOKING) {
      view.message(say("Nothing to measure here."));
    } else if (caliper.settled().get().isEmpty()) {
      view.message(say("The caliper reading isn't stable yet. Hold still."));
    } else {
      view.message("");
      bench
          .fromCaliper(held.hold(), caliper.settled().get().getAsDouble())
          .ifPresentOrElse(view::message, this::showChange);
      view.entry().clear();
      view.requestFocus();
      show();
    }
  }

  private void enter() {
    String text = view.entry().getText().strip();
    switch (mode) {
      case NOTING -> noted(text);
      case REASONING -> reasoned(text);
      case LOOKING, CONFIRMING -> read(text);
    }
  }

  private void noted(String text) {
    bench.step().ifPresent(s -> bench.note(s.operation(), text));
    leave();
    view.message(text.isEmpty() ? "" : say("Note added."));
  }

  private void read(String text) {
    Bench.Held held = bench.asked().orElse(null);
    if (held == null || text.isEmpty()) {
      leave();
      return;
    }
    try {
      Optional<String> refused = bench.read(held.hold(), text);
      if (refused.isPresent()) {
        view.message(refused.get());
        return;
      }
    } catch (InvalidInput refusal) {
      view.message(Words.why(refusal, session.units().get()));
      return;
    }
    showChange();
    view.entry().clear();
    view.requestFocus();
    show();
  }

  private void showChange() {
    ImpactReport changed = bench.changed().get();
    if (changed == null) {
      return;
    }
    String spots =
        changed.newClearances().stream()
            .map(
                s ->
                    s.what().in(session.units().get()) + " " + s.left().text(session.units().get()))
            .reduce((a, b) -> a + ", " + b)
            .map(s -> " · " + s)
            .orElse("");
    String clock =
        Bench.clockSaid(session.build().get().log(), session.now().second())
            .map(words -> " · " + words.in(session.units().get()))
            .orElse("");
    view.message(changed.summary().in(session.units().get()) + spots + clock);
  }

  private void measure() {
    if (bench.asked().filter(h -> !h.hold().looked()).isPresent()) {
      view.entry().setVisible(true);
      view.entry().requestFocus();
      view.entry().end();
    }
  }

  /** Asks again for what is known, so that a slip is mended where it happened. */
  private void again() {
    bench.askAgain();
    show();
    measure();
  }

  private void look(boolean yes) {
    bench
        .asked()
        .filter(h -> h.hold().looked())
        .ifPresent(
            h -> {
              bench.look(h.hold(), yes);
              showChange();
            });
  }

  private void note() {
    mode = Mode.NOTING;
    show();
    view.entry().requestFocus();
  }

  // Done and not done.

  private void done() {
    Bench.OperationStatus step = bench.step().orElse(null);
    if (step == null || step.state() == Bench.State.DONE) {
      view.message(step == null ? "" : say("Already done. Press U to undo the last one."));
      return;
    }
    if (mode == Mode.CONFIRMING) {
      tickOff(step.operation(), "");
      return;
    }
    List<Risk> risks = bench.risks(step.operation());
    if (risks.isEmpty()) {
      tickOff(step.operation(), "");
      return;
    }
    boolean reason = Risk.wantReason(risks);
    mode = reason ? Mode.REASONING : Mode.CONFIRMING;
    view.stakes(risks, reason, session.units().get());
    view.message("");
    if (reason) {
      view.entry().requestFocus();
    }
  }

  private void reasoned(String reason) {
    if (reason.isEmpty()) {
      view.message(say("Type a few words why, or press Esc."));
      return;
    }
    bench.step().ifPresent(s -> tickOff(s.operation(), reason));
  }

  private void tickOff(Operation op, String reason) {
    view.entry().clear();
    mode = Mode.LOOKING;
    view.lookAtDrawing();
    view.requestFocus();
    Duration worked = bench.timer().of(op.id());
    bench.done(op, worked, reason);
    bench.chosen().set(op.id());
    bench.go(1);
    view.message(say("Done: {title} · U undoes it", op.title().in(session.units().get())));
    show();
  }

  private void undoLast() {
    Optional<Operation> back = bench.undoLast();
    view.message(
        back.map(o -> say("Not done: {title}", o.title().in(session.units().get())))
            .orElse(say("Nothing is done yet.")));
    show();
  }

  private void undo() {
    Optional<String> name = session.history().undoName();
    session.undo();
    view.message(name.map(n -> say("Undone: {n}", n)).orElse(say("Nothing to undo.")));
  }

  // Timer and figures.

  private void timer() {
    bench.step().ifPresent(s -> bench.timer().turn(s.operation().id()));
    clock();
  }

  private void clock() {
    String id = bench.step().map(s -> s.operation().id()).orElse("");
    Duration worked = bench.timer().of(id);
    boolean runs = bench.timer().runs(id);
    view.clock(
        worked.isZero() && !runs ? "" : runs ? time(worked) : say("{time} stopped", time(worked)));
  }

  private static String time(Duration worked) {
    return String.format(
        "%d:%02d:%02d", worked.toHours(), worked.toMinutesPart(), worked.toSecondsPart());
  }

  private void turn(int way) {
    page += way;
    show();
  }
}

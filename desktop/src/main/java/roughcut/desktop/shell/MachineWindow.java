package roughcut.desktop.shell;

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
import roughcut.bench.Consequences;
import roughcut.bench.Operation;
import roughcut.desktop.session.AtBench;
import roughcut.desktop.session.CaliperAtHand;
import roughcut.desktop.session.Session;
import roughcut.measure.Unreadable;

/**
 * The screen at the machine: one operation, read from two metres, worked by keys alone. A foot
 * switch is a key. It goes on while the plan's window is closed.
 */
public final class MachineWindow {
  private static final double WIDTH = 1280;
  private static final double HEIGHT = 800;

  private final Session session;
  private final AtBench bench;
  private final CaliperAtHand caliper;
  private final Stage stage = new Stage();
  private final MachineView view = new MachineView();
  private final Timeline tick =
      new Timeline(new KeyFrame(javafx.util.Duration.seconds(1), e -> clock()));
  private Duration running = Duration.ZERO;
  private String insisted = "";
  private String noting = "";
  private int figuresFrom;
  private boolean swallow;

  /** Makes the screen; nothing is shown yet. */
  public MachineWindow(Session session, AtBench bench, CaliperAtHand caliper) {
    this.caliper = caliper;
    this.session = session;
    this.bench = bench;
    Scene scene = Windows.styled(view);
    scene.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    // The letter of a key that opened the view.entry() isn't the first letter in it.
    scene.addEventFilter(
        KeyEvent.KEY_TYPED,
        e -> {
          if (swallow) {
            swallow = false;
            e.consume();
          }
        });
    stage.setScene(scene);
    stage.titleProperty().bind(session.build().map(b -> b.name() + " – at the machine"));
    tick.setCycleCount(Animation.INDEFINITE);
    session.plan().addListener((p, was, is) -> show());
    session.units().addListener((p, was, is) -> show());
    bench
        .chosen()
        .addListener(
            (p, was, is) -> {
              insisted = "";
              figuresFrom = 0;
              view.message("");
              show();
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
    }
    show();
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

  public void close() {
    tick.stop();
    stage.close();
  }

  private void show() {
    if (stage.isShowing()) {
      view.show(session, bench, figuresFrom, !noting.isEmpty());
    }
  }

  private Optional<Bench.Held> asked() {
    return bench.asked();
  }

  private void key(KeyEvent e) {
    swallow = false;
    if (e.getCode() == KeyCode.F4) {
      fromCaliper();
      e.consume();
      return;
    }
    if (view.entry().isFocused()) {
      typed(e);
      return;
    }
    Runnable action =
        switch (e.getCode()) {
          case RIGHT, PAGE_DOWN -> () -> bench.go(1);
          case LEFT, PAGE_UP -> () -> bench.go(-1);
          case D -> () -> done(false);
          case U -> () -> done(true);
          case M, F2 -> this::measure;
          case R -> this::again;
          case Y -> () -> look(true);
          case N -> () -> look(false);
          case K -> this::note;
          case T -> this::timer;
          case DOWN -> this::more;
          case L -> view::lamp;
          case Z -> e.isShortcutDown() ? session::undo : null;
          case ESCAPE -> this::close;
          default -> null;
        };
    if (action != null) {
      swallow = e.getCode().isLetterKey();
      action.run();
      e.consume();
    }
  }

  private void typed(KeyEvent e) {
    if (e.getCode() == KeyCode.ESCAPE) {
      bench.askNoMore();
      leaveEntry();
      e.consume();
    } else if (e.getCode() == KeyCode.ENTER) {
      enter();
      e.consume();
    } else if (e.getCode() == KeyCode.R && noting.isEmpty() && view.entry().getText().isEmpty()) {
      // Nothing that is measured begins with a letter: on to the one before.
      swallow = true;
      again();
      e.consume();
    }
  }

  /** The settled value goes where a measure is asked for. */
  private void fromCaliper() {
    Bench.Held held = asked().filter(h -> !h.hold().looked()).orElse(null);
    if (held == null) {
      view.message("Nothing is to be measured here.");
    } else if (caliper.settled().get().isEmpty()) {
      view.message("The caliper hasn't settled; hold still.");
    } else {
      view.message("");
      bench
          .fromCaliper(held.hold(), caliper.settled().get().getAsDouble())
          .ifPresentOrElse(view::message, this::tellChange);
      leaveEntry();
    }
  }

  private void leaveEntry() {
    noting = "";
    view.entry().clear();
    view.requestFocus();
    show();
  }

  private void enter() {
    String text = view.entry().getText().strip();
    if (!noting.isEmpty()) {
      String of = noting;
      Optional<Operation> op = bench.bench().step(of).map(Bench.Step::operation);
      op.ifPresent(o -> bench.note(o, text));
      view.message(text.isEmpty() ? "" : "noted");
      leaveEntry();
      return;
    }
    Bench.Held held = asked().orElse(null);
    if (held == null || text.isEmpty()) {
      leaveEntry();
      return;
    }
    try {
      Optional<String> refused = bench.read(held.hold(), text);
      if (refused.isPresent()) {
        view.message(refused.get());
        return;
      }
    } catch (Unreadable refusal) {
      view.message(refusal.getMessage());
      return;
    }
    tellChange();
    leaveEntry();
  }

  private void tellChange() {
    Consequences changed = bench.changed().get();
    if (changed == null) {
      return;
    }
    String spots =
        changed.spots().stream()
            .map(s -> s.what() + " " + s.left().text(session.units().get()))
            .reduce((a, b) -> a + ", " + b)
            .map(s -> " · " + s)
            .orElse("");
    view.message(changed.told() + spots);
  }

  private void measure() {
    if (asked().filter(h -> !h.hold().looked()).isPresent()) {
      view.entry().setVisible(true);
      view.entry().requestFocus();
    }
  }

  /** Asks again for what is known, so that a slip is mended where it happened. */
  private void again() {
    bench.askAgain();
    show();
    measure();
  }

  private void look(boolean yes) {
    asked()
        .filter(h -> h.hold().looked())
        .ifPresent(
            h -> {
              bench.look(h.hold(), yes);
              tellChange();
            });
  }

  private void note() {
    noting = bench.step().map(s -> s.operation().id()).orElse("");
    show();
    view.entry().requestFocus();
  }

  private void done(boolean back) {
    Bench.Step step = bench.step().orElse(null);
    if (step == null || back != (step.state() == Bench.State.DONE)) {
      return;
    }
    Operation op = step.operation();
    List<Bench.Held> unknown = back || op.undoable() ? List.of() : bench.bench().unknown(op);
    if (!unknown.isEmpty() && !insisted.equals(op.id())) {
      insisted = op.id();
      view.message(
          "It can't be undone, and isn't known yet: "
              + String.join("; ", unknown.stream().map(h -> h.hold().what()).toList())
              + ". Press D again if it is done all the same.");
      return;
    }
    insisted = "";
    String id = op.id();
    bench.turn(op, running, "");
    tick.stop();
    running = Duration.ZERO;
    view.clock("");
    bench.chosen().set(id);
    if (!back) {
      bench.go(1);
    }
    view.message((back ? "not done: " : "done: ") + op.title());
  }

  private void timer() {
    if (tick.getStatus() == Animation.Status.RUNNING) {
      tick.stop();
    } else {
      tick.play();
    }
    clock();
  }

  private void clock() {
    if (tick.getStatus() == Animation.Status.RUNNING) {
      running = running.plusSeconds(1);
    }
    view.clock(
        String.format(
                "%d:%02d:%02d", running.toHours(), running.toMinutesPart(), running.toSecondsPart())
            + (tick.getStatus() == Animation.Status.RUNNING ? "" : " stopped"));
  }

  private void more() {
    figuresFrom += MachineView.FIGURES;
    show();
  }
}

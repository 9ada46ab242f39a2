package roughcut.desktop.shell;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Pos;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Screen;
import javafx.stage.Stage;
import roughcut.bench.Bench;
import roughcut.bench.Caution;
import roughcut.bench.Consequences;
import roughcut.bench.HoldPoint;
import roughcut.bench.Operation;
import roughcut.desktop.control.States;
import roughcut.desktop.draw.DrawingPane;
import roughcut.desktop.session.AtBench;
import roughcut.desktop.session.CaliperAtHand;
import roughcut.desktop.session.Session;
import roughcut.drawing.OperationDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Sentence;
import roughcut.measure.Units;
import roughcut.measure.Unreadable;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/**
 * The screen at the machine: one operation, read from two metres, worked by keys alone. A foot
 * switch is a key. It goes on while the plan's window is closed.
 */
public final class MachineWindow {
  private static final int FIGURES = 6;
  private static final double WIDTH = 1280;
  private static final double HEIGHT = 800;

  private final Session session;
  private final AtBench bench;
  private final CaliperAtHand caliper;
  private final Stage stage = new Stage();
  private final BorderPane root = new BorderPane();
  private final Label place = new Label();
  private final Label title = new Label();
  private final Label state = new Label();
  private final FlowPane figures = new FlowPane(34, 10);
  private final DrawingPane drawing = new DrawingPane();
  private final Label hold = new Label();
  private final TextField entry = new TextField();
  private final HBox ask = new HBox(16, hold, entry);
  private final Label message = new Label();
  private final Label caution = new Label();
  private final Label clock = new Label();
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
    root.getStyleClass().add("machine");
    assemble();
    Scene scene = Windows.styled(root);
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
              message.setText("");
              show();
            });
  }

  private void assemble() {
    place.getStyleClass().add("machine-small");
    title.getStyleClass().add("machine-title");
    title.setWrapText(true);
    title.setId("machine.title");
    state.getStyleClass().add("machine-state");
    state.setWrapText(true);
    state.setId("machine.state");
    clock.getStyleClass().add("machine-small");
    clock.setId("machine.clock");
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    VBox head = new VBox(2, new HBox(place, space, clock), title, state);
    root.setTop(head);
    figures.setAlignment(Pos.TOP_LEFT);
    figures.setPrefWrapLength(640);
    VBox.setVgrow(drawing, Priority.ALWAYS);
    HBox.setHgrow(drawing, Priority.ALWAYS);
    figures.setMinWidth(620);
    HBox middle = new HBox(24, figures, drawing);
    VBox.setVgrow(middle, Priority.ALWAYS);
    root.setCenter(middle);
    hold.getStyleClass().add("machine-hold");
    hold.setWrapText(true);
    hold.setId("machine.hold");
    HBox.setHgrow(hold, Priority.ALWAYS);
    hold.setMaxWidth(Double.MAX_VALUE);
    entry.setId("machine.entry");
    entry.getStyleClass().add("machine-entry");
    entry.setPrefColumnCount(7);
    entry.setAccessibleText("what was measured, or a note");
    ask.setAlignment(Pos.CENTER_LEFT);
    message.getStyleClass().add("machine-message");
    message.setWrapText(true);
    message.setId("machine.message");
    caution.getStyleClass().add("machine-small");
    caution.setWrapText(true);
    Label keys =
        new Label(
            "→ next   ← back   D done   U not done   M measure   Y yes   N no   K note   T timer"
                + "   ↓ more figures   F4 from the caliper   L lamp   Esc leave");
    keys.getStyleClass().add("machine-keys");
    keys.setWrapText(true);
    root.setBottom(new VBox(8, ask, message, caution, keys));
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
    root.requestFocus();
  }

  public boolean showing() {
    return stage.isShowing();
  }

  /** The whole content, for tests and pictures. */
  public Region content() {
    return root;
  }

  public void close() {
    tick.stop();
    stage.close();
  }

  private void show() {
    if (!stage.isShowing()) {
      return;
    }
    Plan plan = session.plan().get();
    Units units = session.units().get();
    Bench.Step step = bench.step().orElse(null);
    if (step == null) {
      title.setText("Nothing to do");
      return;
    }
    Operation op = step.operation();
    List<Bench.Step> steps = bench.bench().steps();
    place.setText(
        session.build().get().name()
            + " · "
            + op.part().word()
            + " · "
            + (steps.indexOf(step) + 1)
            + " of "
            + steps.size());
    title.setText(op.title());
    state.setText(
        step.why().isEmpty()
            ? step.state().words()
            : step.state().words() + ": " + Sentence.in(step.why().get(0), units));
    state.pseudoClassStateChanged(
        States.WRONG, step.state() != Bench.State.READY && step.state() != Bench.State.DONE);
    figures(op, units);
    drawing.show(OperationDrawing.of(plan, op, units));
    holds(op, units);
    List<String> words = new ArrayList<>();
    op.cautions().forEach(c -> words.add(c.words()));
    words.add(Caution.STANDING);
    caution.setText(String.join(" ", words));
  }

  private void figures(Operation op, Units units) {
    List<Value> settings = bench.bench().settings(op);
    if (figuresFrom >= settings.size()) {
      figuresFrom = 0;
    }
    figures.getChildren().clear();
    for (Value value :
        settings.subList(figuresFrom, Math.min(settings.size(), figuresFrom + FIGURES))) {
      Label number = new Label(NumberWriter.number(value.value(), value.quantity(), units));
      number.getStyleClass().add("machine-figure");
      Label unit = new Label(NumberWriter.sign(value.quantity(), units));
      unit.getStyleClass().add("machine-unit");
      HBox row = new HBox(6, number, unit);
      row.setAlignment(Pos.BASELINE_LEFT);
      Label what = new Label(value.label());
      what.getStyleClass().add("machine-what");
      what.setWrapText(true);
      what.setPrefWidth(290);
      figures.getChildren().add(new VBox(-4, row, what));
    }
    if (settings.size() > FIGURES) {
      Label more =
          new Label(
              (figuresFrom + 1)
                  + "–"
                  + Math.min(settings.size(), figuresFrom + FIGURES)
                  + " of "
                  + settings.size()
                  + " figures, ↓ for more");
      more.getStyleClass().add("machine-small");
      figures.getChildren().add(more);
    }
  }

  /** The hold point that is asked for: the first that isn't known. */
  private Optional<Bench.Held> asked() {
    return bench.step().flatMap(s -> bench.bench().unknown(s.operation()).stream().findFirst());
  }

  private void holds(Operation op, Units units) {
    if (!noting.isEmpty()) {
      hold.setText("Note:");
      entry.setVisible(true);
      return;
    }
    Optional<Bench.Held> asked = asked();
    entry.setVisible(asked.filter(h -> !h.hold().looked()).isPresent());
    List<Bench.Held> all = bench.bench().held(op);
    hold.setText(
        asked
            .map(h -> words(h.hold(), units))
            .orElse(
                all.isEmpty()
                    ? "Nothing has to be known first."
                    : all.size()
                        + (all.size() == 1 ? " thing" : " things")
                        + " known: "
                        + String.join(
                            "; ",
                            all.stream()
                                .map(h -> h.hold().what() + " " + h.state().word())
                                .toList())));
  }

  private static String words(HoldPoint hold, Units units) {
    return hold.looked()
        ? "Look: " + hold.what() + "? Y or N – " + hold.how()
        : "Measure: "
            + hold.what()
            + hold.nominal()
                .map(n -> ", drawn " + NumberWriter.text(n.value(), n.quantity(), units))
                .orElse("")
            + " – "
            + hold.datum()
            + ", "
            + hold.how();
  }

  private void key(KeyEvent e) {
    swallow = false;
    if (e.getCode() == KeyCode.F4) {
      fromCaliper();
      e.consume();
      return;
    }
    if (entry.isFocused()) {
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
          case Y -> () -> look(true);
          case N -> () -> look(false);
          case K -> this::note;
          case T -> this::timer;
          case DOWN -> this::more;
          case L -> this::lamp;
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
      leaveEntry();
      e.consume();
    } else if (e.getCode() == KeyCode.ENTER) {
      enter();
      e.consume();
    }
  }

  /** The settled value goes where a measure is asked for. */
  private void fromCaliper() {
    Bench.Held held = asked().filter(h -> !h.hold().looked()).orElse(null);
    if (held == null) {
      message.setText("Nothing is to be measured here.");
    } else if (caliper.settled().get().isEmpty()) {
      message.setText("The caliper hasn't settled; hold still.");
    } else {
      message.setText("");
      bench
          .read(held.hold(), caliper.settled().get().getAsDouble())
          .ifPresentOrElse(message::setText, this::tellChange);
      leaveEntry();
    }
  }

  private void leaveEntry() {
    noting = "";
    entry.clear();
    root.requestFocus();
    show();
  }

  private void enter() {
    String text = entry.getText().strip();
    if (!noting.isEmpty()) {
      String of = noting;
      Optional<Operation> op = bench.bench().step(of).map(Bench.Step::operation);
      op.ifPresent(o -> bench.note(o, text));
      message.setText(text.isEmpty() ? "" : "noted");
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
        message.setText(refused.get());
        return;
      }
    } catch (Unreadable refusal) {
      message.setText(refusal.getMessage());
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
    message.setText(
        changed.verdict().word().toUpperCase(java.util.Locale.ROOT)
            + " · "
            + changed.settings().size()
            + " settings are new"
            + (changed.spoiled().isEmpty()
                ? ""
                : " · " + changed.spoiled().size() + " made parts no longer agree")
            + spots);
  }

  private void measure() {
    if (asked().filter(h -> !h.hold().looked()).isPresent()) {
      entry.setVisible(true);
      entry.requestFocus();
    }
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
    entry.requestFocus();
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
      message.setText(
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
    clock.setText("");
    bench.chosen().set(id);
    if (!back) {
      bench.go(1);
    }
    message.setText((back ? "not done: " : "done: ") + op.title());
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
    clock.setText(
        String.format(
                "%d:%02d:%02d", running.toHours(), running.toMinutesPart(), running.toSecondsPart())
            + (tick.getStatus() == Animation.Status.RUNNING ? "" : " stopped"));
  }

  private void more() {
    figuresFrom += FIGURES;
    show();
  }

  private void lamp() {
    boolean lamp = !root.getStyleClass().contains("machine-lamp");
    root.getStyleClass().remove("machine-lamp");
    if (lamp) {
      root.getStyleClass().add("machine-lamp");
    }
  }
}

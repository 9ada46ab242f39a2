package roughcut.desktop.control;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.WeakChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.design.Build;
import roughcut.design.Measurement;
import roughcut.design.NumberDecision;
import roughcut.desktop.session.Ago;
import roughcut.desktop.session.Session;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.measure.Unreadable;
import roughcut.plan.Plan;
import roughcut.plan.Problem;

/**
 * A number that the maker decides: typed with or without its unit, nudged with the arrow keys,
 * followed by the drawing while typing. What can't be read or can't be had stays as typed, marked,
 * with the reason beneath; it is tried again when something else changes. Beneath stands what was
 * measured, and the key F2 takes a new measurement.
 */
public final class DecisionField extends VBox {
  private static final double FINE = 0.1;
  private static final double COARSE = 10;

  private final NumberDecision decision;
  private final Session session;
  private final TextField field = new TextField();
  private final Label unit = new Label();
  private final Label message = new Label();
  private final Label measured = new Label();
  private final Button forget = new Button("take back");
  private final HBox measuredRow = new HBox(6, measured, forget);
  private final ChangeListener<Plan> follower = (p, was, is) -> follow();
  private final ChangeListener<Units> unitsFollower = (p, was, is) -> unitsChanged();
  private double before = Double.NaN;
  private boolean writing;
  private boolean measuring;
  private boolean pending;

  public DecisionField(NumberDecision decision, Session session) {
    this(decision, session, label(decision));
  }

  /**
   * A field with something else before it than its label.
   *
   * @param lead what stands at its left
   */
  public DecisionField(NumberDecision decision, Session session, Region lead) {
    this.decision = decision;
    this.session = session;
    getStyleClass().add("decision");
    field.setId(decision.id());
    field.getStyleClass().add("decision-field");
    field.setAccessibleText(decision.label());
    field.setAccessibleHelp(decision.hint());
    Tips.on(
        field, decision.hint() + (decision.measurable() ? "\nF2: enter what was measured" : ""));
    unit.getStyleClass().add("decision-unit");
    unit.setMinWidth(Region.USE_PREF_SIZE);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    HBox box = new HBox(field, unit);
    box.getStyleClass().add("decision-box");
    box.setAlignment(Pos.CENTER_RIGHT);
    box.setMinWidth(Region.USE_PREF_SIZE);
    HBox row = new HBox(8, lead, space, box);
    row.setAlignment(Pos.CENTER_LEFT);
    message.getStyleClass().add("decision-message");
    message.setWrapText(true);
    message.setId(decision.id() + ".message");
    measuredRow.getStyleClass().add("measured-row");
    measuredRow.setAlignment(Pos.CENTER_RIGHT);
    forget.setId(decision.id() + ".forget");
    forget.getStyleClass().add("text-button");
    forget.setOnAction(e -> forgetMeasured());
    getChildren().addAll(row, message, measuredRow);
    field.textProperty().addListener((p, was, is) -> typed());
    field.focusedProperty().addListener((p, was, is) -> focus(is));
    field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    session.plan().addListener(new WeakChangeListener<>(follower));
    session.units().addListener(new WeakChangeListener<>(unitsFollower));
    sceneProperty().addListener((p, was, is) -> shown());
    refresh();
  }

  private static Label label(NumberDecision decision) {
    Label label = new Label(decision.label());
    label.getStyleClass().add("decision-label");
    Tips.on(label, decision.hint());
    label.setMinWidth(0);
    label.setWrapText(true);
    return label;
  }

  /** A field that isn't on the screen doesn't follow; it catches up when it comes back. */
  private void shown() {
    if (getScene() != null && !pending && !measuring) {
      refresh();
    }
  }

  public NumberDecision decision() {
    return decision;
  }

  /** Moves the keyboard here with everything selected. */
  public void take() {
    field.requestFocus();
    field.selectAll();
  }

  private void typed() {
    if (writing) {
      return;
    }
    if (Double.isNaN(before)) {
      before = decided();
    }
    try {
      double value = decision.read(field.getText(), session.units().get());
      Optional<String> refusal = measuring ? Optional.empty() : apply(value);
      tell(refusal.orElse(null));
      refusal.ifPresent(words -> takeBack());
    } catch (Unreadable e) {
      tell(e.getMessage());
      takeBack();
    }
  }

  /**
   * On the way to “90” the drawing followed “9”; when the whole can't be, what was decided before
   * the typing holds.
   */
  private void takeBack() {
    if (!measuring && decided() != before) {
      apply(before);
    }
  }

  private Optional<String> apply(double value) {
    return session.edit(
        decision.label().toLowerCase(Locale.ROOT),
        decision.id(),
        build -> build.withDesign(decision.with(build.design(), value)));
  }

  private void tell(String words) {
    pending = words != null;
    String said = words != null ? words : standing();
    message.setText(said);
    show(message, !said.isEmpty());
    field.pseudoClassStateChanged(States.WRONG, !said.isEmpty());
  }

  /** What is wrong with it in the plan that is drawn; empty for nothing. */
  private String standing() {
    return session.plan().get().problems().stream()
        .filter(p -> p.drawn() && p.decisionId().equals(decision.id()))
        .map(Problem::message)
        .findFirst()
        .orElse("");
  }

  private void focus(boolean has) {
    if (!has) {
      before = Double.NaN;
      session.history().settle();
      if (measuring) {
        endMeasuring();
      } else if (!pending) {
        refresh();
      }
    }
  }

  /**
   * The plan changed: show what is decided now, unless the maker is typing here or something typed
   * still waits to be possible.
   */
  private void follow() {
    if (getScene() == null) {
      return;
    }
    if (pending && !measuring) {
      try {
        double value = decision.read(field.getText(), session.units().get());
        Platform.runLater(() -> apply(value).ifPresentOrElse(this::tell, () -> tell(null)));
      } catch (Unreadable e) {
        tell(e.getMessage());
      }
    } else if (!measuring && (!field.isFocused() || !says(decided()))) {
      refresh();
    } else if (!pending) {
      tell(null);
    }
    showMeasured();
  }

  private void unitsChanged() {
    if (getScene() != null) {
      refresh();
    }
  }

  private double decided() {
    return decision.in(session.build().get().design());
  }

  /** Whether what is typed already reads as that value; then typing is not disturbed. */
  private boolean says(double value) {
    try {
      return decision.read(field.getText(), session.units().get()) == value;
    } catch (Unreadable e) {
      return false;
    }
  }

  private void refresh() {
    Units units = session.units().get();
    write(NumberWriter.editable(decided(), decision.quantity(), units));
    unit.setText(NumberWriter.sign(decision.quantity(), units));
    tell(null);
    showMeasured();
  }

  private void write(String text) {
    writing = true;
    if (!field.getText().equals(text)) {
      field.setText(text);
      field.end();
    }
    writing = false;
  }

  private void showMeasured() {
    Measurement reading = session.build().get().measured().get(decision.id());
    show(measuredRow, reading != null && session.asBuilt().get());
    if (reading != null) {
      measured.setText(
          "measured "
              + NumberWriter.text(reading.value(), decision.quantity(), session.units().get())
              + ", "
              + Ago.days(reading.on(), LocalDate.now()));
    }
  }

  private static void show(Region node, boolean shown) {
    node.setVisible(shown);
    node.setManaged(shown);
  }

  private void key(KeyEvent e) {
    if (e.isAltDown()) {
      return; // moves a strip in its stack
    }
    switch (e.getCode()) {
      case UP -> nudge(e, 1);
      case DOWN -> nudge(e, -1);
      case F2 -> startMeasuring();
      case ENTER -> enter();
      case ESCAPE -> {
        if (!measuring && !pending) {
          return;
        }
        endMeasuring();
      }
      default -> {
        return;
      }
    }
    e.consume();
  }

  private void nudge(KeyEvent e, int direction) {
    if (measuring) {
      return;
    }
    double steps = direction * (e.isShiftDown() ? COARSE : e.isShortcutDown() ? FINE : 1);
    Units units = session.units().get();
    double next = decision.nudged(decided(), steps, units);
    apply(next).ifPresentOrElse(this::tell, () -> tell(null));
    if (!pending) {
      write(NumberWriter.editable(decided(), decision.quantity(), units));
      field.selectAll();
    }
  }

  private void enter() {
    if (measuring) {
      takeMeasured();
    } else {
      before = Double.NaN;
      session.history().settle();
      if (!pending) {
        refresh();
      }
      field.selectAll();
    }
  }

  private void startMeasuring() {
    if (decision.measurable()) {
      measuring = true;
      field.pseudoClassStateChanged(States.MEASURING, true);
      write("");
      field.setPromptText("measured");
      tell(null);
    }
  }

  private void takeMeasured() {
    try {
      double value = decision.read(field.getText(), session.units().get());
      Optional<String> refusal =
          session.edit(
              "measured " + decision.label().toLowerCase(Locale.ROOT),
              "measured " + decision.id(),
              build -> build.withMeasured(decision.id(), new Measurement(value, LocalDate.now())));
      if (refusal.isPresent()) {
        tell(refusal.get());
        return;
      }
      session.asBuilt().set(true);
      endMeasuring();
    } catch (Unreadable e) {
      tell(e.getMessage());
    }
  }

  private void endMeasuring() {
    measuring = false;
    field.setPromptText("");
    field.pseudoClassStateChanged(States.MEASURING, false);
    refresh();
    field.selectAll();
  }

  private void forgetMeasured() {
    session.edit(
        "taking back a measurement",
        "measured " + decision.id(),
        (Build build) -> build.withoutMeasured(decision.id()));
  }
}

package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.neck.NeckKeys;
import roughcut.plan.Plan;

/**
 * A number that a machine or ruler is to be set to: large, never editable, copied with Ctrl+C,
 * asked for its sum with a click or Enter.
 */
public final class SettingRow extends HBox {
  private final Label label = new Label();
  private final Label number = new Label();
  private final Label unit = new Label();
  private final Label rounding = new Label();
  private final Consumer<Value> ask;
  private final boolean own;
  private Value value;
  private Units units = Units.MM;

  /**
   * A row.
   *
   * @param called what stands beside the number; empty for what the value itself is called
   */
  public SettingRow(String called, Consumer<Value> ask) {
    this.ask = ask;
    this.own = called.isEmpty();
    getStyleClass().add("setting");
    setAlignment(Pos.BASELINE_LEFT);
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.BUTTON);
    label.setText(called);
    label.getStyleClass().add("setting-label");
    label.setMinWidth(0);
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    rounding.getStyleClass().add("setting-unit");
    VBox words = new VBox(label, rounding);
    words.setMinWidth(0);
    HBox.setHgrow(words, Priority.ALWAYS);
    words.setMaxWidth(Double.MAX_VALUE);
    number.getStyleClass().add("setting-number");
    number.setMinWidth(Region.USE_PREF_SIZE);
    unit.getStyleClass().add("setting-unit");
    unit.setMinWidth(Region.USE_PREF_SIZE);
    getChildren().addAll(words, number, unit);
    setOnMouseClicked(
        e -> {
          requestFocus();
          if (e.getButton() == MouseButton.PRIMARY) {
            askForSum();
          }
        });
    setOnKeyPressed(this::key);
    Menus.on(
        this,
        () ->
            new ContextMenu(
                Menus.item(say("Show the sum"), this::askForSum),
                Menus.item(say("Copy number"), this::copy),
                Menus.asks(this, say("What changes this"), NumberEvent.CHANGED_BY, value.id())));
    LazyTooltip.on(this, say("Click for the sum, Ctrl+C to copy the number"));
  }

  /** Shows a value of a plan; null when it has none just now. */
  public void show(Plan plan, Value next, Units in) {
    value = next;
    units = in;
    setVisible(next != null);
    setManaged(next != null);
    if (next == null) {
      return;
    }
    ControlNames.set(this, "setting." + next.id());
    if (own) {
      String all = next.label().in(units);
      String words = all.substring(all.indexOf(": ") + 1).strip();
      label.setText(words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1));
    }
    boolean ratio = next.id().equals(NeckKeys.SCARF_WEDGE.id());
    number.setText((ratio ? "1 : " : "") + NumberWriter.number(next.value(), next.quantity(), in));
    unit.setText(NumberWriter.sign(next.quantity(), in));
    String error = NumberWriter.roundingError(next.value(), next.quantity(), in);
    rounding.setText(error.isEmpty() ? "" : say("rounded by {error}", error));
    rounding.setVisible(!error.isEmpty());
    rounding.setManaged(!error.isEmpty());
    number.pseudoClassStateChanged(StyleStates.MEASURING, plan.fromWood(next));
    setAccessibleText(label.getText() + ": " + next.text(in));
  }

  private void key(KeyEvent e) {
    if (e.isShortcutDown() && e.getCode() == KeyCode.C) {
      copy();
      e.consume();
    } else if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
      askForSum();
      e.consume();
    }
  }

  private void askForSum() {
    if (value != null) {
      ask.accept(value);
    }
  }

  private void copy() {
    if (value != null) {
      NumberClipboard.copy(value, units);
    }
  }
}

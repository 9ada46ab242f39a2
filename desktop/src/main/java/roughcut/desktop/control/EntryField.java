package roughcut.desktop.control;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.Session;
import roughcut.measure.NumberReader;
import roughcut.measure.NumberWriter;
import roughcut.measure.Pitch;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Unreadable;

/**
 * A number of something that the maker owns or lays by hand: typed with or without its unit, left
 * empty where it isn't known. What can't be read or can't be had stays as typed, with the reason
 * beneath.
 */
public final class EntryField extends VBox {
  private final Session session;
  private final Quantity quantity;
  private final boolean mayBeEmpty;
  private final Supplier<OptionalDouble> value;
  private final Function<OptionalDouble, Optional<String>> enter;
  private final TextField field = new TextField();
  private final Label unit = new Label();
  private final Label message = new Label();
  private boolean writing;
  private boolean wrong;

  /**
   * Makes a field.
   *
   * @param value what it is now
   * @param enter enters a new value; hands back what can't be, in words
   */
  public EntryField(
      String id,
      String called,
      Quantity quantity,
      boolean mayBeEmpty,
      Session session,
      Supplier<OptionalDouble> value,
      Function<OptionalDouble, Optional<String>> enter) {
    this.session = session;
    this.quantity = quantity;
    this.mayBeEmpty = mayBeEmpty;
    this.value = value;
    this.enter = enter;
    getStyleClass().add("decision");
    Label label = new Label(called);
    label.getStyleClass().add("decision-label");
    label.setLabelFor(field);
    field.setId(id);
    field.getStyleClass().add("decision-field");
    field.setAccessibleText(called);
    field.setPromptText(mayBeEmpty ? "not known" : "");
    unit.getStyleClass().add("decision-unit");
    unit.setMinWidth(Region.USE_PREF_SIZE);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    HBox box = new HBox(field, unit);
    box.getStyleClass().add("decision-box");
    box.setAlignment(Pos.CENTER_RIGHT);
    HBox row = new HBox(8, label, space, box);
    row.setAlignment(Pos.CENTER_LEFT);
    message.getStyleClass().add("decision-message");
    message.setWrapText(true);
    message.setId(id + ".message");
    getChildren().addAll(row, message);
    tell(null);
    field.textProperty().addListener((p, was, is) -> typed());
    field
        .focusedProperty()
        .addListener(
            (p, was, is) -> {
              if (!is) {
                session.history().settle();
                show();
              }
            });
    field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
  }

  private void key(KeyEvent e) {
    if (e.getCode() == KeyCode.ESCAPE && wrong) {
      wrong = false;
      show();
      e.consume();
    } else if (e.getCode() == KeyCode.ENTER) {
      session.history().settle();
      field.selectAll();
      e.consume();
    }
  }

  private void typed() {
    if (writing) {
      return;
    }
    String text = field.getText();
    if (text.isBlank()) {
      tell(mayBeEmpty ? enter.apply(OptionalDouble.empty()).orElse(null) : "nothing typed yet");
      return;
    }
    try {
      tell(enter.apply(OptionalDouble.of(read(text))).orElse(null));
    } catch (Unreadable e) {
      tell(e.getMessage());
    }
  }

  private double read(String text) throws Unreadable {
    Units units = session.units().get();
    return quantity.isLength()
        ? NumberReader.length(text, units)
        : quantity == Quantity.ANGLE
            ? NumberReader.angle(text)
            : quantity == Quantity.PITCH
                ? Pitch.read(text)
                : NumberReader.ratio(text.replace(quantity.sign(), ""));
  }

  private void tell(String words) {
    wrong = words != null;
    message.setText(words == null ? "" : words);
    message.setVisible(wrong);
    message.setManaged(wrong);
    field.pseudoClassStateChanged(States.WRONG, wrong);
  }

  /** Shows what it is now, unless the maker is typing here or something wrong stands here. */
  public void show() {
    Units units = session.units().get();
    unit.setText(NumberWriter.sign(quantity, units));
    if (field.isFocused() || wrong) {
      return;
    }
    OptionalDouble now = value.get();
    writing = true;
    field.setText(now.isPresent() ? NumberWriter.editable(now.getAsDouble(), quantity, units) : "");
    writing = false;
    tell(null);
  }

  /** Another thing is shown here from now on: what was typed for the last one is let go. */
  public void another() {
    wrong = false;
    show();
  }
}

package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.WeakChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.Session;
import roughcut.desktop.words.Words;
import roughcut.measure.InvalidInput;
import roughcut.measure.NumberReader;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;

/**
 * A number of something that the maker owns or lays by hand: typed with or without its unit, left
 * empty where it isn't known, entered when it is done ({@link FieldEntry}). What can't be read or
 * can't be had stays as typed, with the reason beneath.
 */
public final class EntryField extends VBox implements FieldEntry.Into {
  /** Held here, for the session holds it weakly: fields come and go with what they show. */
  private final ChangeListener<Units> unitsFollower = (p, was, is) -> show();

  private final Session session;
  private final Quantity quantity;
  private final boolean mayBeEmpty;
  private final Supplier<OptionalDouble> value;
  private final Function<OptionalDouble, Optional<String>> enter;
  private final TextField field = new TextField();
  private final FieldEntry typing;
  private final Label unit = new Label();
  private final Label message = new Label();

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
    this.typing = new FieldEntry(field, session, this);
    getStyleClass().add("decision");
    Label label = new Label(called);
    label.getStyleClass().add("decision-label");
    label.setLabelFor(field);
    ControlNames.set(field, id);
    field.getStyleClass().add("decision-field");
    field.setAccessibleText(called);
    field.setPromptText(mayBeEmpty ? say("none") : "");
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
    ControlNames.set(message, id + ".message");
    getChildren().addAll(row, message);
    session.units().addListener(new WeakChangeListener<>(unitsFollower));
    tell(null);
  }

  @Override
  public Optional<String> attempt(String text) {
    return use(text, v -> Optional.empty());
  }

  @Override
  public Optional<String> enter(String text) {
    return use(text, enter);
  }

  private Optional<String> use(String text, Function<OptionalDouble, Optional<String>> use) {
    if (text.isBlank()) {
      return mayBeEmpty
          ? use.apply(OptionalDouble.empty())
          : Optional.of(say("No number typed yet"));
    }
    try {
      return use.apply(OptionalDouble.of(read(text)));
    } catch (InvalidInput e) {
      return Optional.of(Words.why(e, session.units().get()));
    }
  }

  @Override
  public String shown() {
    OptionalDouble now = value.get();
    return now.isPresent()
        ? NumberWriter.editable(now.getAsDouble(), quantity, session.units().get())
        : "";
  }

  @Override
  public boolean says(String text) {
    OptionalDouble now = value.get();
    try {
      return text.isBlank() ? now.isEmpty() : now.isPresent() && read(text) == now.getAsDouble();
    } catch (InvalidInput e) {
      return false;
    }
  }

  private double read(String text) throws InvalidInput {
    Units units = session.units().get();
    return NumberReader.amount(text, quantity, units);
  }

  @Override
  public void tell(String words) {
    boolean wrong = words != null;
    message.setText(wrong ? words : "");
    message.setVisible(wrong);
    message.setManaged(wrong);
    SpokenState.show(field, StyleStates.WRONG, wrong, words);
    SpokenState.show(
        field, StyleStates.TRIED, !wrong && typing.pending(), say("Typed, not entered yet"));
  }

  /** Moves the keyboard here with everything selected. */
  public void take() {
    field.requestFocus();
    field.selectAll();
  }

  /** Shows what it is now, unless something typed stands here. */
  public void show() {
    unit.setText(NumberWriter.sign(quantity, session.units().get()));
    typing.refresh();
  }

  /** Another thing is shown here from now on: what was typed for the last one is let go. */
  public void another() {
    typing.another();
    show();
  }
}

package roughcut.desktop.control;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.util.StringConverter;

/**
 * One of several things, chosen from a list; for what isn't a decision of the build.
 *
 * @param <T> what is chosen
 */
public final class PickField<T> extends HBox {
  private final ComboBox<T> box = new ComboBox<>();
  private final Function<T, String> words;
  private List<String> said = List.of();
  private boolean showing;
  private boolean pending;

  /**
   * Makes a field.
   *
   * @param words what a thing is called in the list
   * @param picked gets what the maker picked
   */
  public PickField(String id, String called, Function<T, String> words, Consumer<T> picked) {
    super(8);
    this.words = words;
    getStyleClass().add("decision");
    setAlignment(Pos.CENTER_LEFT);
    Label label = new Label(called);
    label.getStyleClass().add("decision-label");
    label.setLabelFor(box);
    label.setMinWidth(Region.USE_PREF_SIZE);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    ControlNames.set(box, id);
    box.getStyleClass().add("choice-box");
    box.setAccessibleText(called);
    box.setPrefWidth(156);
    SearchAsYouType.on(box);
    box.setConverter(
        new StringConverter<>() {
          @Override
          public String toString(T thing) {
            return thing == null ? "" : words.apply(thing);
          }

          @Override
          public T fromString(String text) {
            throw new UnsupportedOperationException("not editable");
          }
        });
    // A long name is cut off in the narrow panel.
    LazyTooltip.on(box, called);
    box.valueProperty()
        .addListener(
            (p, was, is) -> {
              LazyTooltip.on(box, is == null ? called : words.apply(is));
              if (showing || is == null) {
                return;
              }
              // A list that is open is still being gone through; what comes of a choice may change
              // it.
              if (box.isShowing()) {
                pending = true;
              } else {
                picked.accept(is);
              }
            });
    box.setOnHidden(
        e -> {
          T last = box.getValue();
          if (pending && last != null) {
            pending = false;
            picked.accept(last);
          }
        });
    getChildren().addAll(label, space, box);
  }

  /** For things that are told in a number or two. */
  public PickField<T> narrow() {
    box.setPrefWidth(84);
    return this;
  }

  /** What is picked now; null for nothing. */
  public T chosen() {
    return box.getValue();
  }

  /** Shows the things there are, and the chosen one; null for none. */
  public void show(List<T> things, T chosen) {
    showing = true;
    pending = false;
    // A thing that is called otherwise is still the same thing, and has to be written anew.
    List<String> next = things.stream().map(words).toList();
    if (!box.getItems().equals(things)) {
      box.getItems().setAll(things);
    } else if (!next.equals(said)) {
      box.setValue(null);
    }
    said = next;
    box.setValue(chosen);
    showing = false;
  }
}

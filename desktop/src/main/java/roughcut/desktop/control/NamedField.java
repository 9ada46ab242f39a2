package roughcut.desktop.control;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** A field of words with its name before it, as decisions have theirs. */
public final class NamedField extends HBox {
  private final Label label;

  /**
   * Puts them on one line.
   *
   * @param width of the field, pixels
   */
  public NamedField(String words, TextField field, double width) {
    super(8);
    label = new Label(words);
    label.getStyleClass().add("decision-label");
    label.setLabelFor(field);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    field.setPrefWidth(width);
    getChildren().addAll(label, space, field);
    setAlignment(Pos.CENTER_LEFT);
  }

  /** Calls it otherwise: by another unit. */
  public void called(String words) {
    label.setText(words);
  }
}

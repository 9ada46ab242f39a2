package roughcut.desktop.control;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.shape.SVGPath;

/** One line of the slim rail: a shape, a number and a name, as wide as its words. */
final class Chip extends HBox {
  private final SVGPath shape = new SVGPath();
  private final Label number = new Label();
  private final Label what = new Label();

  Chip() {
    super(7);
    setAlignment(Pos.CENTER_LEFT);
    shape.getStyleClass().add("thin-shape");
    number.getStyleClass().add("chip-number");
    what.getStyleClass().add("thin-what");
    number.setMinWidth(Region.USE_PREF_SIZE);
    what.setMinWidth(Region.USE_PREF_SIZE);
    getChildren().addAll(shape, number, what);
  }

  void show(String path, String left, String words) {
    shape.setContent(path);
    number.setText(left);
    number.setManaged(!left.isEmpty());
    what.setText(words);
  }
}

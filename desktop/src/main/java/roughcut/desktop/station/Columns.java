package roughcut.desktop.station;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Columns beneath a drawing, each under its title. */
final class Columns extends HBox {
  private static final double PREFERRED = 320;
  private static final double LEAST = 200;

  Columns() {
    super(26);
    getStyleClass().add("lower");
  }

  /** Adds a column with a title of its own. */
  Columns add(String title, Node... parts) {
    Label heading = new Label(title);
    heading.getStyleClass().add("lower-title");
    VBox column = new VBox(6, heading);
    column.getChildren().addAll(parts);
    return add(column);
  }

  /** Adds a column that isn't made narrower than that, px: a table of many numbers. */
  Columns addWide(String title, double least, Node... parts) {
    add(title, parts);
    ((VBox) getChildren().get(getChildren().size() - 1)).setMinWidth(least);
    return this;
  }

  /** Adds a column that brings its title. */
  Columns add(VBox column) {
    column.setPrefWidth(PREFERRED);
    column.setMinWidth(LEAST);
    HBox.setHgrow(column, Priority.ALWAYS);
    getChildren().add(column);
    return this;
  }
}

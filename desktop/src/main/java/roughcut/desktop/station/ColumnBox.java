package roughcut.desktop.station;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.ScrollBox;

/** Columns beneath a drawing, each under its title. */
final class ColumnBox extends HBox {
  private static final double PREFERRED = 320;
  private static final double LEAST = 160;

  ColumnBox() {
    super(26);
    getStyleClass().add("lower");
  }

  /** Adds a column with a title of its own; what is longer than the room is scrolled. */
  ColumnBox add(String title, Node... parts) {
    VBox inside = new VBox(6, parts);
    return add(new VBox(6, titled(title), ScrollBox.of(inside)));
  }

  /** Adds a column whose content sees to its own scrolling. */
  ColumnBox addFilling(String title, Node part) {
    VBox.setVgrow(part, Priority.ALWAYS);
    return add(new VBox(6, titled(title), part));
  }

  /** Adds a column that isn't made narrower than that, px: a table of many numbers. */
  ColumnBox addWide(String title, double least, Node... parts) {
    add(title, parts);
    ((VBox) getChildren().get(getChildren().size() - 1)).setMinWidth(least);
    return this;
  }

  private static Label titled(String title) {
    Label heading = new Label(title);
    heading.getStyleClass().add("lower-title");
    return heading;
  }

  /** Adds a column that brings its title. */
  ColumnBox add(VBox column) {
    column.setPrefWidth(PREFERRED);
    column.setMinWidth(LEAST);
    HBox.setHgrow(column, Priority.ALWAYS);
    getChildren().add(column);
    return this;
  }
}

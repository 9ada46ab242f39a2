package roughcut.desktop.station;

import javafx.scene.control.ToggleButton;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import roughcut.design.BodyFace;

/** From which side the body is looked at, and at which cut; one for all pages of a station. */
final class Looking {
  private final Runnable redraw;
  private BodyFace face = BodyFace.TOP;
  private String chosen = "";

  /**
   * Makes it.
   *
   * @param redraw called when something else is looked at
   */
  Looking(Runnable redraw) {
    this.redraw = redraw;
  }

  BodyFace face() {
    return face;
  }

  /** Name of the cut that is looked at; empty for none. */
  String chosen() {
    return chosen;
  }

  void choose(String name) {
    if (!chosen.equals(name)) {
      chosen = name;
      redraw.run();
    }
  }

  void turn(BodyFace next) {
    face = next;
    redraw.run();
  }

  /** Two buttons that turn the body over. */
  GridPane turner() {
    GridPane grid = new GridPane();
    grid.getStyleClass().addAll("page-turner");
    for (BodyFace one : BodyFace.values()) {
      ToggleButton button = new ToggleButton(one == BodyFace.TOP ? "from the top" : "turned over");
      button.setId("face." + one.word());
      button.setMaxWidth(Double.MAX_VALUE);
      button.setPrefWidth(100);
      GridPane.setHgrow(button, Priority.ALWAYS);
      button.setOnAction(e -> turn(one));
      grid.add(button, one.ordinal(), 0);
    }
    show(grid);
    return grid;
  }

  /** Lights the face that is looked at. */
  void show(GridPane turner) {
    for (int i = 0; i < turner.getChildren().size(); i++) {
      ((ToggleButton) turner.getChildren().get(i)).setSelected(face.ordinal() == i);
    }
  }
}

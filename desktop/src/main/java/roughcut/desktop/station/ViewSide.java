package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.function.Consumer;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import roughcut.design.BodyFace;
import roughcut.desktop.control.ControlNames;

/** From which side the body is looked at, and at which cut; one for all pages of a station. */
final class ViewSide {
  private final Runnable redraw;
  private final Consumer<String> chose;
  private BodyFace face = BodyFace.TOP;
  private String chosen = "";

  /**
   * Makes it.
   *
   * @param redraw called when something else is looked at
   * @param chose gets the name of the cut that is looked at from now on
   */
  ViewSide(Runnable redraw, Consumer<String> chose) {
    this.redraw = redraw;
    this.chose = chose;
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
      chose.accept(name);
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
      ToggleButton button =
          new ToggleButton(one == BodyFace.TOP ? say("From the top") : say("From the back"));
      ControlNames.set(button, "face." + one.word());
      button.setMaxWidth(Double.MAX_VALUE);
      button.setPrefWidth(100);
      GridPane.setHgrow(button, Priority.ALWAYS);
      button.setOnAction(e -> turn(one));
      button.setUserData(one);
      grid.addRow(0, button);
    }
    show(grid);
    return grid;
  }

  /** Lights the face that is looked at. */
  void show(GridPane turner) {
    turner.getChildren().forEach(b -> ((ToggleButton) b).setSelected(b.getUserData() == face));
  }
}

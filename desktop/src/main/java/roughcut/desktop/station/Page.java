package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.draw.Handles;
import roughcut.drawing.Drawing;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** One page of a station that has several. */
interface Page {

  /** Names it for links and files; never changed. */
  String name();

  /** What it is called on the screen. */
  default String title() {
    return say(name());
  }

  /** What it is for and what to do there first, in a sentence or two. */
  String about();

  Drawing drawing(Plan plan, Units units);

  Node panel();

  Node lower();

  void show(Plan plan, Units units, double knife);

  default void knife(double x) {}

  boolean goTo(String decisionId);

  /** Whether the ruler starts at the nut line and the section knife runs along it. */
  default boolean hasKnife() {
    return false;
  }

  default Handles handles() {
    return Handles.NONE;
  }

  /** The pages to turn to, with this one lit. */
  default GridPane turner(PagedStation station) {
    GridPane grid = new GridPane();
    grid.getStyleClass().addAll("page-turner");
    // Four stand two by two, so that none stands alone.
    int inARow = station.pages().size() == 4 ? 2 : 3;
    for (int i = 0; i < station.pages().size(); i++) {
      int index = i;
      Page page = station.pages().get(i);
      ToggleButton button = new ToggleButton(page.title());
      ControlNames.set(button, "page." + page.name().toLowerCase(Locale.ROOT));
      button.setSelected(page == this);
      button.setFocusTraversable(page == this); // one stop on the way to the first decision
      button.setMaxWidth(Double.MAX_VALUE);
      GridPane.setHgrow(button, Priority.ALWAYS);
      button.setPrefWidth(80);
      button.setWrapText(true);
      button.setOnAction(
          e -> {
            button.setSelected(page == this);
            station.turnTo(index);
          });
      grid.add(button, i % inARow, i / inARow);
    }
    return grid;
  }
}

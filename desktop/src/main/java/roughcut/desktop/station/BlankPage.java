package roughcut.desktop.station;

import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import roughcut.drawing.Drawing;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** One page of the Blanks station. */
interface BlankPage {
  String name();

  Drawing drawing(Plan plan, Units units);

  Node panel();

  Node lower();

  void show(Plan plan, Units units, double knife);

  void knife(double x);

  boolean goTo(String decisionId);

  boolean hasKnife();

  /** The row of pages to turn to, with this one lit. */
  default HBox turner(BlanksStation station) {
    HBox row = new HBox();
    row.getStyleClass().addAll("switch", "page-switch");
    for (int i = 0; i < station.pages().size(); i++) {
      int index = i;
      BlankPage page = station.pages().get(i);
      ToggleButton button = new ToggleButton(page.name());
      button.setId("page." + page.name().toLowerCase(Locale.ROOT));
      button.setSelected(page == this);
      button.setMaxWidth(Double.MAX_VALUE);
      HBox.setHgrow(button, Priority.ALWAYS);
      button.setOnAction(
          e -> {
            button.setSelected(page == this);
            station.turnTo(index);
          });
      row.getChildren().add(button);
    }
    return row;
  }
}

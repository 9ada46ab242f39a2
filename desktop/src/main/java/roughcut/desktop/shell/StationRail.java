package roughcut.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.IntConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.States;
import roughcut.desktop.control.Tips;
import roughcut.desktop.station.Station;
import roughcut.plan.Plan;
import roughcut.plan.Standing;

/** The stations down the left in the order of work, each with how it stands. */
final class StationRail extends VBox {
  private final List<Button> buttons = new ArrayList<>();
  private final List<Label> states = new ArrayList<>();
  private final List<Station> stations;

  StationRail(List<Station> stations, IntConsumer choose) {
    this.stations = stations;
    getStyleClass().add("station-rail");
    for (int i = 0; i < stations.size(); i++) {
      int index = i;
      Label name = new Label(stations.get(i).name());
      name.getStyleClass().add("station-name");
      Label state = new Label();
      state.getStyleClass().add("station-state");
      Button button = new Button();
      button.setGraphic(new VBox(2, name, state));
      button.getStyleClass().add("station-button");
      button.setMaxWidth(Double.MAX_VALUE);
      button.setId("station." + stations.get(i).name().toLowerCase(Locale.ROOT));
      Tips.on(button, stations.get(i).name() + " (Ctrl+" + (i + 1) + ")");
      button.setOnAction(e -> choose.accept(index));
      buttons.add(button);
      states.add(state);
      getChildren().add(button);
    }
  }

  void show(Plan plan, int chosen) {
    for (int i = 0; i < stations.size(); i++) {
      Station station = stations.get(i);
      Standing standing = station.standing(plan);
      String words = standing.words();
      Label state = states.get(i);
      state.setText(words);
      state.getStyleClass().setAll("station-state", "is-" + standing.state().word());
      buttons.get(i).pseudoClassStateChanged(States.CHOSEN, i == chosen);
      buttons.get(i).setAccessibleText(station.name() + (words.isEmpty() ? "" : ", " + words));
    }
  }
}

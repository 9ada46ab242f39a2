package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.LazyTooltip;
import roughcut.desktop.control.SpokenState;
import roughcut.desktop.control.StyleStates;
import roughcut.desktop.station.Station;
import roughcut.desktop.station.StationId;
import roughcut.plan.ChapterStatus;
import roughcut.plan.Plan;

/** The stations down the left in the order of work, each with how it stands. */
final class StationRail extends VBox {
  private final List<Button> buttons = new ArrayList<>();
  private final List<Label> states = new ArrayList<>();
  private final List<Station> stations;

  StationRail(List<Station> stations, Consumer<StationId> choose) {
    this.stations = stations;
    getStyleClass().add("station-rail");
    for (Station station : stations) {
      StationId id = station.id();
      Label name = new Label(id.title());
      name.getStyleClass().add("station-name");
      Label state = new Label();
      state.getStyleClass().add("station-state");
      Button button = new Button();
      button.setGraphic(new VBox(2, name, state));
      button.getStyleClass().add("station-button");
      button.setMaxWidth(Double.MAX_VALUE);
      ControlNames.set(button, "station." + id.word());
      LazyTooltip.on(button, say("{title} (Ctrl+{digit})", id.title(), id.digit()));
      button.setOnAction(e -> choose.accept(id));
      buttons.add(button);
      states.add(state);
      getChildren().add(button);
    }
  }

  void show(Plan plan, StationId chosen) {
    for (int i = 0; i < stations.size(); i++) {
      Station station = stations.get(i);
      ChapterStatus status = station.standing(plan);
      String words = say(status.words());
      Label state = states.get(i);
      state.setText(words);
      state.getStyleClass().setAll("station-state", "is-" + status.state().word());
      SpokenState.show(
          buttons.get(i), StyleStates.CHOSEN, station.id() == chosen, say("Shown now"));
      buttons.get(i).setAccessibleText(station.name() + (words.isEmpty() ? "" : ", " + words));
    }
  }
}

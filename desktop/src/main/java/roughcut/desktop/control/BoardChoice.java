package roughcut.desktop.control;

import java.util.List;
import java.util.Objects;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import roughcut.blank.RipPlan;
import roughcut.desktop.session.Session;
import roughcut.plan.Plan;
import roughcut.shop.Board;

/** Which board of the rack the strips of one wood come from. */
final class BoardChoice extends HBox {
  private final Session session;
  private final Label wood = new Label();
  private final ComboBox<String> boards = new ComboBox<>();
  private String species = "";
  private boolean showing;

  BoardChoice(Session session) {
    super(8);
    this.session = session;
    setAlignment(Pos.CENTER_LEFT);
    getStyleClass().add("decision");
    wood.getStyleClass().add("decision-label");
    Region space = new Region();
    setHgrow(space, Priority.ALWAYS);
    boards.getStyleClass().add("choice-box");
    boards.setPrefWidth(150);
    boards.setPlaceholder(new Label("none in the rack"));
    boards.valueProperty().addListener((p, was, is) -> chosen(is));
    getChildren().addAll(wood, space, boards);
  }

  void show(RipPlan rip, Plan plan) {
    showing = true;
    species = rip.species();
    wood.setText(rip.wood().name());
    Ids.set(boards, "board." + species);
    boards.setAccessibleText("Board for " + rip.wood().name());
    List<String> ids =
        plan.shop().boards().stream()
            .filter(b -> b.species().equals(species))
            .map(Board::id)
            .toList();
    if (!boards.getItems().equals(ids)) {
      boards.getItems().setAll(ids);
    }
    boards.setValue(rip.board().map(Board::id).orElse(null));
    showing = false;
  }

  private void chosen(String id) {
    if (!showing
        && id != null
        && !Objects.equals(
            session.build().get().design().boardFor("neck." + species).orElse(null), id)) {
      session.make(
          "board for " + species,
          "board.neck." + species,
          b -> b.withDesign(b.design().withBoard("neck." + species, id)));
      session.history().settle();
    }
  }
}

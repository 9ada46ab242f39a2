package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import roughcut.blank.RipPlan;
import roughcut.design.Design;
import roughcut.desktop.session.Session;
import roughcut.plan.Plan;
import roughcut.shop.Board;

/** Which board of the rack the strips of one wood come from. */
final class BoardChoice extends HBox {
  private final String any = say("any that fits");

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
    boards.setPlaceholder(new Label(say("none in the wood rack")));
    boards.valueProperty().addListener((p, was, is) -> chosen(is));
    getChildren().addAll(wood, space, boards);
  }

  /** Shows the boards of one wood; several where its strips come from more than one. */
  void show(List<RipPlan> rips, Plan plan) {
    showing = true;
    RipPlan rip = rips.get(0);
    species = rip.species();
    wood.setText(rip.wood().name());
    ControlNames.set(boards, "board." + species);
    boards.setAccessibleText(say("Board for {wood}", rip.wood().name()));
    boolean chosen = plan.build().design().boardFor("neck." + species).isPresent();
    List<String> own =
        plan.shop().boards().stream()
            .filter(b -> b.species().equals(species))
            .map(Board::id)
            .toList();
    List<String> ids = new ArrayList<>(own);
    String now =
        rips.stream()
            .flatMap(r -> r.board().stream())
            .map(Board::id)
            .collect(Collectors.joining(", "));
    if (rips.size() > 1) {
      ids.add(now);
    }
    if (chosen && own.size() > 1) {
      ids.add(any);
    }
    if (!boards.getItems().equals(ids)) {
      boards.getItems().setAll(ids);
    }
    boards.setValue(now.isEmpty() ? null : now);
    showing = false;
  }

  private void chosen(String id) {
    Design design = session.build().get().design();
    String part = "neck." + species;
    boolean known = session.plan().get().shop().board(id == null ? "" : id).isPresent();
    boolean follows = any.equals(id);
    if (showing
        || !follows && !known
        || Objects.equals(design.boardFor(part).orElse(follows ? id : null), id)) {
      return;
    }
    session.make(
        say("board for {species}", species),
        "board.neck." + species,
        b ->
            b.withDesign(follows ? b.design().withoutBoard(part) : b.design().withBoard(part, id)));
    session.history().settle();
  }
}

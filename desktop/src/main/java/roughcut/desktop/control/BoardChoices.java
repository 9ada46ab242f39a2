package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.blank.RipPlan;
import roughcut.blank.RipWaysOut;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.desktop.session.Session;
import roughcut.plan.Plan;
import roughcut.shop.Saw;

/** The saw, and a board for each wood in the stack. */
public final class BoardChoices extends VBox {
  private final Session session;
  private final ComboBox<String> saws = new ComboBox<>();
  private final VBox boards = new VBox(4);
  private boolean showing;

  public BoardChoices(Session session) {
    super(4);
    this.session = session;
    Label label = new Label(say("Saw"));
    label.getStyleClass().add("decision-label");
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    ControlNames.set(saws, "saw");
    saws.getStyleClass().add("choice-box");
    saws.setPrefWidth(150);
    saws.setPromptText(say("by its numbers"));
    saws.setAccessibleText(say("Saw"));
    saws.valueProperty().addListener((p, was, is) -> chosen(is));
    HBox row = new HBox(8, label, space, saws);
    row.setAlignment(Pos.CENTER_LEFT);
    getChildren().addAll(row, boards);
  }

  public void show(Plan plan) {
    showing = true;
    saws.getItems().setAll(plan.shop().saws().stream().map(Saw::name).toList());
    double kerf = plan.given(Decisions.SAW_KERF);
    double allowance = plan.given(BlankDecisions.SAW_ALLOWANCE);
    saws.setValue(
        plan.build()
            .design()
            .sawFor("rip")
            .filter(n -> plan.shop().saws().stream().anyMatch(s -> s.name().equals(n)))
            .or(
                () ->
                    plan.shop().saws().stream()
                        .filter(s -> s.kerf() == kerf && s.allowance() == allowance)
                        .map(Saw::name)
                        .findFirst())
            .orElse(null));
    showing = false;
    Map<String, List<RipPlan>> woods =
        plan.rips().plans().stream()
            .collect(
                Collectors.groupingBy(RipPlan::species, LinkedHashMap::new, Collectors.toList()));
    while (boards.getChildren().size() < woods.size()) {
      boards.getChildren().add(new BoardChoice(session));
    }
    boards.getChildren().remove(woods.size(), boards.getChildren().size());
    int i = 0;
    for (List<RipPlan> rips : woods.values()) {
      ((BoardChoice) boards.getChildren().get(i++)).show(rips, plan);
    }
  }

  private void chosen(String name) {
    if (showing || name == null) {
      return;
    }
    session.plan().get().shop().saws().stream()
        .filter(s -> s.name().equals(name))
        .findFirst()
        .ifPresent(
            saw -> {
              session.make(say("the saw"), "saw", b -> RipWaysOut.with(b, saw));
              session.history().settle();
            });
  }
}

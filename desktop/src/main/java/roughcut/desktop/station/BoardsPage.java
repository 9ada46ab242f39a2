package roughcut.desktop.station;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import roughcut.blank.RipPlan;
import roughcut.blank.WayOut;
import roughcut.design.Decisions;
import roughcut.desktop.control.BoardChoices;
import roughcut.desktop.control.Questions;
import roughcut.desktop.control.WaysOut;
import roughcut.desktop.session.Session;
import roughcut.drawing.BoardsDrawing;
import roughcut.drawing.Drawing;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/**
 * The boards that the strips come from, with this saw: what comes out, what is missing, and what
 * would make it fit.
 */
final class BoardsPage implements BlankPage {
  private final Session session;
  private final Consumer<Value> ask;
  private final BlanksStation station;
  private final HBox lower = new HBox(28);
  private Panel panel;
  private BoardChoices choices;
  private Questions questions;
  private WaysOut ways;

  BoardsPage(Session session, Consumer<Value> ask, BlanksStation station) {
    this.session = session;
    this.ask = ask;
    this.station = station;
  }

  private void open() {
    if (panel != null) {
      return;
    }
    choices = new BoardChoices(session);
    questions = new Questions();
    ways = new WaysOut(session, "What would make it fit");
    for (var part : List.of(questions, ways)) {
      part.setPrefWidth(400);
      part.setMinWidth(240);
      HBox.setHgrow(part, Priority.ALWAYS);
    }
    lower.getStyleClass().add("lower");
    lower.getChildren().addAll(questions, ways);
    panel =
        new Panel(session)
            .node(turner(station))
            .heading("You decide")
            .node(choices)
            .decisions(
                Decisions.SAW_KERF,
                Decisions.SAW_ALLOWANCE,
                Decisions.JOINTING,
                Decisions.END_TRIM,
                Decisions.FLATTENING)
            .settings(
                ask,
                "rip.rough",
                "Widest strip, rough",
                "rip.need",
                "Width needed",
                "rip.short",
                "Width missing",
                "rip.strips",
                "Such strips come out",
                "stack.length",
                "Cut strips this long",
                "stack.depth",
                "and this deep",
                "board.yield",
                "Becomes strips");
  }

  @Override
  public String name() {
    return "Boards";
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return BoardsDrawing.of(plan, units);
  }

  @Override
  public Node panel() {
    open();
    return panel.node();
  }

  @Override
  public Node lower() {
    open();
    return lower;
  }

  @Override
  public void show(Plan plan, Units units, double knife) {
    open();
    panel.show(plan, units);
    choices.show(plan);
    questions.show("The neck blank", plan.openForBlank());
    List<WayOut> found = new ArrayList<>();
    for (RipPlan rip : plan.rips().plans()) {
      found.addAll(plan.waysOut(rip));
    }
    ways.show(
        found,
        plan.rips().fit()
            ? "All strips come out of their boards."
            : "No single change makes it fit: take another wood, or change the stack by hand.");
  }

  @Override
  public void knife(double x) {}

  @Override
  public boolean goTo(String decisionId) {
    open();
    return panel.goTo(decisionId);
  }

  @Override
  public boolean hasKnife() {
    return false;
  }
}

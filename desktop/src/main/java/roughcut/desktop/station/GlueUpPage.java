package roughcut.desktop.station;

import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import roughcut.blank.GlueUp;
import roughcut.design.Decisions;
import roughcut.desktop.control.Facts;
import roughcut.desktop.session.Session;
import roughcut.drawing.Drawing;
import roughcut.drawing.StationDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/**
 * Gluing the strips within the open time with the clamps there are, and planing a piece to
 * thickness pass by pass.
 */
final class GlueUpPage implements BlankPage {
  private final Session session;
  private final Consumer<Value> ask;
  private final BlanksStation station;
  private final HBox lower = new HBox(28);
  private final Facts gluing = new Facts();
  private final Facts passes = new Facts();
  private final Label verdict = new Label();
  private Panel panel;

  GlueUpPage(Session session, Consumer<Value> ask, BlanksStation station) {
    this.session = session;
    this.ask = ask;
    this.station = station;
  }

  private void open() {
    if (panel != null) {
      return;
    }
    verdict.getStyleClass().add("lower-note");
    verdict.setWrapText(true);
    lower.getStyleClass().add("lower");
    lower
        .getChildren()
        .addAll(
            column("The glue-up", verdict, gluing),
            column("Down to thickness", new Label(), passes));
    panel =
        new Panel(session)
            .node(turner(station))
            .heading("You decide")
            .decisions(
                Decisions.GLUE,
                Decisions.TEMPERATURE,
                Decisions.CLAMPS,
                Decisions.CLAMP_FORCE,
                Decisions.CLAMP_PAD,
                Decisions.CAUL)
            .more(
                Decisions.MILL_FROM, Decisions.MILL_TO, Decisions.MILL_BITE, Decisions.MILL_FINISH)
            .settings(
                ask,
                "glue.time",
                "Spread and close in",
                "glue.open-time",
                "Glue stays open",
                "glue.stages",
                "Stages",
                "glue.mass",
                "Glue to pour",
                "clamps.by-force",
                "Clamps by force",
                "clamps.by-spacing",
                "Clamps by spacing");
  }

  private static VBox column(String title, Label note, Facts facts) {
    Label heading = new Label(title);
    heading.getStyleClass().add("lower-title");
    VBox column = new VBox(6, heading, note, facts);
    column.setPrefWidth(400);
    column.setMinWidth(240);
    HBox.setHgrow(column, Priority.ALWAYS);
    return column;
  }

  @Override
  public String name() {
    return "Glue-up";
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return StationDrawing.GLUE_UP.of(plan, units);
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
    GlueUp glue = plan.glueUp();
    verdict.setText(verdict(glue));
    gluing
        .begin()
        .row(
            false,
            "glue",
            glue.glue().name()
                + (glue.glue().note().isEmpty() ? "" : " (" + glue.glue().note() + ")"))
        .row(false, "in the clamps", NumberWriter.fixed(glue.glue().clampMinutes(), 0) + " min")
        .row(false, "worked after", NumberWriter.fixed(glue.glue().cureHours(), 0) + " h")
        .row(
            glue.clamps().value() > glue.owned().value(),
            "clamps",
            glue.clamps().text(units) + " wanted, " + glue.owned().text(units) + " owned")
        .row(false, "order", "align, light all along, then from the middle out")
        .end();
    passes.begin();
    int number = 1;
    double left = plan.milling().from().value();
    for (double depth : plan.milling().depths()) {
      left -= depth;
      if (number <= MOST_PASSES) {
        passes.row(
            false,
            "pass " + number,
            number % 2 == 1 ? "one face" : "the other face",
            "take " + NumberWriter.text(depth, Quantity.FINE_LENGTH, units),
            "then " + NumberWriter.text(left, Quantity.FINE_LENGTH, units));
      }
      number++;
    }
    if (plan.milling().depths().isEmpty()) {
      passes.row(
          false,
          plan.milling().from().value() < plan.milling().to().value()
              ? "Already thinner than wanted."
              : "At its thickness.");
    }
    passes.end();
  }

  private static final int MOST_PASSES = 6;

  private static String verdict(GlueUp glue) {
    if (glue.faces().value() == 0) {
      return "A single piece: nothing to glue.";
    }
    if (glue.tooCold()) {
      return "Too cold for this glue: warm wood and room first.";
    }
    if (glue.inTime()) {
      return "All faces at once: closed before the glue grabs.";
    }
    return glue.stages().value() == 0
        ? "This glue grabs before even one face is closed: take a slower one."
        : "Not all at once: halves first, then the middle joint, in "
            + NumberWriter.fixed(glue.stages().value(), 0)
            + " stages.";
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

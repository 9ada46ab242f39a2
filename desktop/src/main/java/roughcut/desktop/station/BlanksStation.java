package roughcut.desktop.station;

import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import roughcut.blank.NeckBlank;
import roughcut.design.Decisions;
import roughcut.desktop.control.StackEditor;
import roughcut.desktop.session.Session;
import roughcut.drawing.Drawing;
import roughcut.drawing.StationDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.thin.ThinSpot;

/** The neck blank's strips, and where the outline cuts through them. */
public final class BlanksStation implements Station {
  private final Panel panel;
  private final Lower lower;
  private final GridPane lines = new GridPane();
  private final StackEditor editor;

  public BlanksStation(Session session, Consumer<Value> ask) {
    editor = new StackEditor(session);
    Label title = new Label("Glue lines and the outline");
    title.getStyleClass().add("lower-title");
    lines.getStyleClass().add("facts");
    VBox beside = new VBox(8, title, lines);
    beside.setMinWidth(340);
    lower = new Lower(beside);
    panel =
        new Panel(session)
            .heading("You decide")
            .node(editor)
            .decisions(Decisions.SHAFT_THICKNESS, Decisions.SAW_KERF, Decisions.ROUGHING_MARGIN)
            .more(Decisions.SCARF_PLANING, Decisions.SCARF_TRIM)
            .settings(
                ask,
                "blank.width",
                "Width of the blank",
                "scarf.blank-length",
                "Length, shaft and head",
                "head.one-piece-depth",
                "Depth, head in one piece",
                "blank.side-spare",
                "Spare beside the neck",
                "shaft.spare",
                "Spare under the back");
  }

  @Override
  public String name() {
    return "Blanks";
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return StationDrawing.BLANKS.of(plan, units);
  }

  @Override
  public Node panel() {
    return panel.node();
  }

  @Override
  public Node lower() {
    return lower.node();
  }

  @Override
  public void show(Plan plan, Units units, double knife) {
    panel.show(plan, units);
    lower.show(plan, units, knife);
    lines.getChildren().clear();
    int row = 0;
    for (int line = 1; line < plan.blank().strips().size(); line++) {
      double y = plan.blank().strips().get(line).from();
      lines.addRow(
          row++,
          fact("line " + line),
          fact(
              NumberWriter.text(Math.abs(y), Quantity.LENGTH, units)
                  + (y < 0 ? " bass side" : y > 0 ? " treble side" : " on the centre line")),
          fact(story(plan, line, y, units)));
    }
    if (row == 0) {
      lines.addRow(0, fact("A single piece: no glue lines."));
    }
  }

  /** What becomes of a glue line, in a few words. */
  private static String story(Plan plan, int line, double y, Units units) {
    for (NeckBlank.Crossing crossing : plan.blank().crossings()) {
      if (crossing.line() == line) {
        return "cut through at "
            + crossing.x().text(units)
            + ", "
            + plan.frets().near(crossing.x().value());
      }
    }
    return Math.abs(y) < plan.taper().halfWidth(0)
        ? "inside the neck all along"
        : "shows on the head only";
  }

  private static Label fact(String words) {
    Label label = new Label(words);
    label.getStyleClass().add("fact");
    return label;
  }

  @Override
  public void knife(double x) {
    lower.knife(x);
  }

  @Override
  public boolean goTo(String decisionId) {
    if (!decisionId.startsWith("neck.strip.")) {
      return panel.goTo(decisionId);
    }
    Node field = editor.lookup("#" + decisionId.replace(".", "\\."));
    if (field == null) {
      field =
          editor.lookupAll(".decision-field").stream()
              .filter(n -> decisionId.equals(n.getId()))
              .findFirst()
              .orElse(null);
    }
    if (field != null) {
      field.requestFocus();
    }
    return field != null;
  }

  @Override
  public boolean owns(ThinSpot spot) {
    return spot.kind().startsWith("blank.");
  }
}

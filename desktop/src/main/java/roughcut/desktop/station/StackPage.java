package roughcut.desktop.station;

import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import roughcut.blank.NeckBlank;
import roughcut.design.Decisions;
import roughcut.desktop.control.Facts;
import roughcut.desktop.control.StackEditor;
import roughcut.desktop.session.Session;
import roughcut.drawing.Drawing;
import roughcut.drawing.StationDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/** The neck blank's strips, and where the outline cuts through them. */
final class StackPage implements BlankPage {
  private final Session session;
  private final Consumer<Value> ask;
  private final BlanksStation station;
  private final Facts lines = new Facts();
  private Panel panel;
  private Lower lower;
  private StackEditor editor;

  StackPage(Session session, Consumer<Value> ask, BlanksStation station) {
    this.session = session;
    this.ask = ask;
    this.station = station;
  }

  private void open() {
    if (panel != null) {
      return;
    }
    editor = new StackEditor(session);
    Label title = new Label("Glue lines and the outline");
    title.getStyleClass().add("lower-title");
    VBox beside = new VBox(8, title, lines);
    beside.setMinWidth(340);
    lower = new Lower(beside);
    panel =
        new Panel(session)
            .node(turner(station))
            .heading("You decide")
            .node(editor)
            .decisions(Decisions.SHAFT_THICKNESS, Decisions.ROUGHING_MARGIN)
            .more(
                Decisions.SCARF_PLANING,
                Decisions.SCARF_TRIM,
                Decisions.WING_TRIM,
                Decisions.MOISTURE_NOW,
                Decisions.MOISTURE_LATER)
            .settings(
                ask,
                "stack.width",
                "Width of the stack",
                "scarf.blank-length",
                "Length, shaft and head",
                "head.one-piece-depth",
                "Depth, head in one piece",
                "blank.side-spare",
                "Spare beside the neck",
                "head.wing.treble",
                "Head wings, each",
                "moisture.movement",
                "Will shrink by");
  }

  @Override
  public String name() {
    return "Stack";
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return StationDrawing.BLANKS.of(plan, units);
  }

  @Override
  public Node panel() {
    open();
    return panel.node();
  }

  @Override
  public Node lower() {
    open();
    return lower.node();
  }

  @Override
  public void show(Plan plan, Units units, double knife) {
    open();
    panel.show(plan, units);
    lower.show(plan, units, knife);
    lines.begin();
    for (int line = 1; line < plan.blank().strips().size(); line++) {
      double y = plan.blank().strips().get(line).from();
      String side = y < 0 ? " bass side" : y > 0 ? " treble side" : " on the centre line";
      lines.row(
          false,
          "line " + line,
          NumberWriter.text(Math.abs(y), Quantity.LENGTH, units) + side,
          story(plan, line, y, units));
    }
    if (plan.blank().strips().size() == 1) {
      lines.row(false, "A single piece: no glue lines.");
    }
    lines.end();
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

  @Override
  public void knife(double x) {
    lower.knife(x);
  }

  @Override
  public boolean goTo(String decisionId) {
    open();
    if (!decisionId.startsWith("neck.strip.")) {
      return panel.goTo(decisionId);
    }
    Node field =
        editor.lookupAll(".decision-field").stream()
            .filter(n -> decisionId.equals(n.getId()))
            .findFirst()
            .orElse(null);
    if (field != null) {
      field.requestFocus();
    }
    return field != null;
  }

  @Override
  public boolean hasKnife() {
    return true;
  }
}

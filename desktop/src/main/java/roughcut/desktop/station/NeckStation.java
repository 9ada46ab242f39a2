package roughcut.desktop.station;

import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import roughcut.design.Decisions;
import roughcut.design.ScarfSchool;
import roughcut.desktop.control.Facts;
import roughcut.desktop.session.Session;
import roughcut.drawing.Drawing;
import roughcut.drawing.StationDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.neck.ScarfJoint;
import roughcut.plan.Plan;
import roughcut.thin.ThinSpot;

/** Head angle, scarf, thickness and rod channel. */
public final class NeckStation implements Station {
  private Panel panel;
  private Lower lower;
  private final Facts ways = new Facts();

  private final Session session;
  private final Consumer<Value> ask;

  public NeckStation(Session session, Consumer<Value> ask) {
    this.session = session;
    this.ask = ask;
  }

  /** Makes the controls when the maker first comes here. */
  private void open() {
    if (panel != null) {
      return;
    }
    Label title = new Label("Ways to make this head");
    title.getStyleClass().add("lower-title");
    VBox beside = new VBox(8, title, ways);
    beside.setMinWidth(430);
    lower = new Lower(beside);
    panel =
        new Panel(session)
            .heading("You decide")
            .decisions(
                Decisions.HEAD_ANGLE,
                Decisions.HEAD_LENGTH,
                Decisions.HEAD_THICKNESS,
                Decisions.SHAFT_THICKNESS,
                Decisions.SCARF_SCHOOL,
                Decisions.THICKNESS_1,
                Decisions.THICKNESS_12,
                Decisions.PROFILE_EXPONENT,
                Decisions.ROD_DEPTH)
            .more(
                Decisions.ROD_WIDTH,
                Decisions.ROD_START,
                Decisions.ROD_LENGTH,
                Decisions.HEAD_WIDTH,
                Decisions.DRUM_RADIUS,
                Decisions.JOINT_X,
                Decisions.HEEL_END,
                Decisions.HEEL_THICKNESS,
                Decisions.HEEL_BLEND)
            .settings(
                ask,
                "scarf.run",
                "Run of the saw cut",
                "scarf.bevel",
                "Bevel, along the cut",
                "scarf.wedge",
                "Wedge",
                "scarf.blank-length",
                "Length of blank",
                "rod.least",
                "Left under the rod",
                "rod.end.from-nut",
                "Channel stops at");
  }

  @Override
  public String name() {
    return "Neck";
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return StationDrawing.NECK.of(plan, units);
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
    ways.begin().row(false, "", "blank", "grain in head");
    String width = NumberWriter.number(plan.blank().width().value(), Quantity.ROUGH_LENGTH, units);
    plan.scarf().ifPresent(scarf -> scarfs(scarf, width, plan, units));
    double length = plan.onePiece().length().value();
    boolean flat = plan.scarf().isEmpty();
    String grain =
        plan.onePiece().grain() == null ? "full length" : plan.onePiece().grain().text(units);
    ways.row(
        flat,
        flat ? "flat head, one piece" : "one piece",
        size(length, width, plan.onePiece().depth().value(), units),
        grain);
    ways.end();
  }

  private void scarfs(ScarfJoint scarf, String width, Plan plan, Units units) {
    String size = size(scarf.blankLength().value(), width, plan.neck().shaft().value(), units);
    for (ScarfSchool school : ScarfSchool.values()) {
      ways.row(school == scarf.school(), "scarf, " + school.label(), size, "full length");
    }
  }

  private static String size(double length, String width, double depth, Units units) {
    return NumberWriter.number(length, Quantity.ROUGH_LENGTH, units)
        + " × "
        + width
        + " × "
        + NumberWriter.number(depth, Quantity.LENGTH, units);
  }

  @Override
  public void knife(double x) {
    lower.knife(x);
  }

  @Override
  public boolean goTo(String decisionId) {
    open();
    return panel.goTo(decisionId);
  }

  @Override
  public boolean owns(ThinSpot spot) {
    return spot.kind().startsWith("rod.") || spot.kind().startsWith("shaft.");
  }
}

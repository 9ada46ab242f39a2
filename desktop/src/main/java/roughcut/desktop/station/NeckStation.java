package roughcut.desktop.station;

import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.design.Decisions;
import roughcut.design.ScarfSchool;
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
  private final Panel panel;
  private final Lower lower;
  private final GridPane ways = new GridPane();

  public NeckStation(Session session, Consumer<Value> ask) {
    Label title = new Label("Ways to make this head");
    title.getStyleClass().add("lower-title");
    ways.getStyleClass().add("facts");
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
    ways.getChildren().clear();
    ways.addRow(0, fact("", false), fact("blank", false), fact("grain in head", false));
    String width = NumberWriter.number(plan.blank().width().value(), Quantity.ROUGH_LENGTH, units);
    int row = 1;
    if (plan.scarf().isPresent()) {
      ScarfJoint scarf = plan.scarf().get();
      String size = size(scarf.blankLength().value(), width, plan.neck().shaft().value(), units);
      for (ScarfSchool school : ScarfSchool.values()) {
        boolean chosen = school == scarf.school();
        ways.addRow(
            row++,
            fact("scarf, " + school.label(), chosen),
            fact(size, chosen),
            fact("full length", chosen));
      }
    }
    double length =
        plan.neck().heelEnd().value()
            - plan.neck().head().at(plan.neck().head().length().value(), 0).x();
    boolean flat = plan.scarf().isEmpty();
    String grain =
        plan.onePiece().grain() == null ? "full length" : plan.onePiece().grain().text(units);
    ways.addRow(
        row,
        fact(flat ? "flat head, one piece" : "one piece", flat),
        fact(size(length, width, plan.onePiece().depth().value(), units), flat),
        fact(grain, flat));
  }

  private static String size(double length, String width, double depth, Units units) {
    return NumberWriter.number(length, Quantity.ROUGH_LENGTH, units)
        + " × "
        + width
        + " × "
        + NumberWriter.number(depth, Quantity.LENGTH, units);
  }

  private static Label fact(String words, boolean strong) {
    Label label = new Label(words);
    label.getStyleClass().add(strong ? "fact-strong" : "fact");
    label.setMinWidth(Region.USE_PREF_SIZE);
    return label;
  }

  @Override
  public void knife(double x) {
    lower.knife(x);
  }

  @Override
  public boolean goTo(String decisionId) {
    return panel.goTo(decisionId);
  }

  @Override
  public boolean owns(ThinSpot spot) {
    return spot.kind().startsWith("rod.") || spot.kind().startsWith("shaft.");
  }
}

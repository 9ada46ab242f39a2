package roughcut.desktop.station;

import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import roughcut.blank.NeckBlank;
import roughcut.blank.PlacedStrip;
import roughcut.blank.SeenLines;
import roughcut.design.BlankDecisions;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.PartDecisions;
import roughcut.desktop.control.Facts;
import roughcut.desktop.control.StackEditor;
import roughcut.desktop.control.StepEditor;
import roughcut.desktop.control.WaysOut;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.Session;
import roughcut.drawing.Drawing;
import roughcut.drawing.StationDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/** The neck blank's strips, where the outline cuts through them, and what will be seen. */
final class StackPage implements Page {
  private final Session session;
  private final Consumer<Value> ask;
  private final PagedStation station;
  private final Facts lines = new Facts();
  private Panel panel;
  private Lower lower;
  private StackEditor editor;
  private WaysOut ways;

  StackPage(Session session, Consumer<Value> ask, PagedStation station) {
    this.session = session;
    this.ask = ask;
    this.station = station;
  }

  private void open() {
    if (panel != null) {
      return;
    }
    editor = new StackEditor(session, StackEditor.Which.NECK);
    Label title = new Label("Glue lines, and what is seen of them");
    title.getStyleClass().add("lower-title");
    VBox story = new VBox(8, title, lines);
    story.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
    ways = new WaysOut(session, "Ways out");
    ways.setMinWidth(230);
    ways.setPrefWidth(280);
    HBox beside = new HBox(18, story, ways);
    HBox.setHgrow(ways, Priority.ALWAYS);
    lower = new Lower(beside, Lower.Section.NECK);
    panel =
        new Panel(session)
            .node(turner(station))
            .heading("You decide")
            .node(editor)
            .more(
                "after gluing, and more",
                new StepEditor(session),
                Decisions.SHAFT_THICKNESS,
                Decisions.ROUGHING_MARGIN,
                BodyDecisions.NECK_FIXING,
                Decisions.SCARF_PLANING,
                Decisions.SCARF_TRIM,
                BlankDecisions.WING_TRIM,
                BlankDecisions.MOISTURE_NOW,
                BlankDecisions.MOISTURE_LATER)
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
                "Will shrink by",
                "neck.mass",
                "Neck will weigh");
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
    var found = plan.stackWaysOut();
    ways.show(found, plan.blank().crossings().isEmpty() ? "The outline crosses no glue line." : "");
    lines.begin();
    boolean alike = plan.blank().symmetrical();
    int count = plan.blank().strips().size();
    for (int line = 1; line < count; line++) {
      // Both sides of a stack alike tell the same story; it is told once.
      if (!alike || 2 * line <= count) {
        story(plan, line, units);
      }
    }
    if (count == 1) {
      lines.row(false, "A single piece: no glue lines.");
    }
    lines.end();
  }

  private void story(Plan plan, int line, Units units) {
    PlacedStrip strip = plan.blank().strips().get(line);
    SeenLines seen = plan.seen().get(line - 1);
    lines.row(
        false,
        "line "
            + line
            + " at "
            + NumberWriter.number(Math.abs(strip.from()), Quantity.LENGTH, units),
        fate(plan, line, strip.from(), units),
        NumberWriter.number(seen.back().value(), Quantity.ROUGH_LENGTH, units)
            + " back, "
            + NumberWriter.number(seen.head().value(), Quantity.ROUGH_LENGTH, units)
            + " head");
  }

  /** What becomes of a glue line, in a few words. */
  private static String fate(Plan plan, int line, double y, Units units) {
    for (NeckBlank.Crossing crossing : plan.blank().crossings()) {
      if (crossing.line() == line) {
        return "cut at "
            + NumberWriter.number(crossing.x().value(), Quantity.LENGTH, units)
            + ", "
            + plan.frets().near(crossing.x().value());
      }
    }
    return Math.abs(y) < plan.taper().halfWidth(0) ? "inside all along" : "on the head only";
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

  @Override
  public Handles handles() {
    return new Handles() {
      private int number(String id) {
        return Integer.parseInt(id.substring(id.indexOf('.') + 1));
      }

      private double thickness(String id, double dy) {
        Plan plan = session.plan().get();
        boolean mirrored = plan.build().design().neckStack().mirrored();
        PlacedStrip strip = plan.blank().strips().get(number(id) - 1);
        boolean middle = 2 * number(id) - 1 == plan.blank().strips().size();
        boolean bass = 2 * number(id) <= plan.blank().strips().size();
        double change = mirrored && middle ? 2 * dy : mirrored && bass ? -dy : dy;
        // A bass strip's inner face moves with everything that lies inside it.
        return Math.round((strip.strip().thickness() + change) * 10) / 10.0;
      }

      @Override
      public String words(String id, double dx, double dy) {
        return id.startsWith("edge.")
            ? "strip "
                + number(id)
                + ": "
                + NumberWriter.text(thickness(id, dy), Quantity.LENGTH, session.units().get())
            : "strip " + number(id) + " to another place";
      }

      @Override
      public void drop(String id, double dx, double dy) {
        if (id.startsWith("edge.")) {
          var decision = PartDecisions.stripThickness(number(id));
          session.edit(
              "thickness of a strip",
              decision.id(),
              b -> b.withDesign(decision.with(b.design(), thickness(id, dy))));
          session.history().settle();
          return;
        }
        int index = number(id) - 1;
        var strips = session.plan().get().blank().strips();
        double x = strips.get(0).lower().heelEnd() - 24;
        double y = (strips.get(index).from(x) + strips.get(index).to(x)) / 2 + dy;
        int target = index;
        for (int i = 0; i < strips.size(); i++) {
          if (y >= strips.get(i).from(x) && y <= strips.get(i).to(x)) {
            target = i;
          }
        }
        editor.move(index, target - index);
      }
    };
  }
}

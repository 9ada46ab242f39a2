package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import roughcut.design.Decisions;
import roughcut.design.StringDecisions;
import roughcut.desktop.control.FretList;
import roughcut.desktop.control.RuleBox;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.drawing.StationDrawing;
import roughcut.finding.Chapter;
import roughcut.layout.LayoutKeys;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** Scale, frets, nut, strings and the fretboard's taper. */
public final class LayoutStation implements Station {
  private Panel panel;
  private LowerPanel lower;
  private FretList frets;
  private RuleBox rule;
  private Plan plan;

  private final StationContext context;

  public LayoutStation(StationContext context) {
    this.context = context;
  }

  /** Makes the controls when the maker first comes here. */
  private void open() {
    if (panel != null) {
      return;
    }
    frets = new FretList(context::knife);
    rule = new RuleBox(context.session(), frets::measure);
    VBox beside = new VBox(6, frets, rule);
    VBox.setVgrow(frets, Priority.ALWAYS);
    beside.setMinWidth(420);
    beside.setPrefWidth(430);
    lower = new LowerPanel(beside, LowerPanel.Section.NECK);
    panel =
        new Panel(context)
            .heading(say("Decisions"))
            .decisions(Decisions.HAND, Decisions.SCALE_LENGTH)
            .decisions(
                StringDecisions::fanned,
                StringDecisions.SCALE_BASS,
                StringDecisions.SCALE_TREBLE,
                StringDecisions.SCALE_SQUARE)
            .decisions(
                Decisions.FRETS,
                Decisions.NUT_WIDTH,
                Decisions.FRETBOARD_END_WIDTH,
                Decisions.FRETBOARD_WIDTH_AT,
                Decisions.NUT_EDGE_MARGIN,
                Decisions.NUT_SPACING,
                Decisions.BRIDGE_SPREAD)
            .more(
                Decisions.DIVISIONS,
                Decisions.FRETBOARD_PAST_LAST,
                Decisions.FRETBOARD_THICKNESS,
                Decisions.RADIUS_NUT,
                Decisions.RADIUS_END,
                Decisions.FRETBOARD_SPECIES,
                Decisions.NUT_THICKNESS)
            .mark(
                LayoutKeys.SADDLE_FROM_NUT.id(),
                say("Saddle line"),
                "fret.12.from-nut",
                say("Fret 12"),
                LayoutKeys.FRETBOARD_END_FROM_NUT.id(),
                say("Fretboard end"),
                LayoutKeys.NUT_SPREAD.id(),
                say("Outer strings at the nut"),
                LayoutKeys.NUT_GAP.id(),
                "",
                "fretboard.edge.end",
                say("Fretboard edge, end"));
  }

  @Override
  public String about() {
    return say(
        "Scale, frets and the fretboard's width: what the player feels. Set the scale length "
            + "first; "
            + "everything is measured from the nut line.");
  }

  @Override
  public StationId id() {
    return StationId.LAYOUT;
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return StationDrawing.LAYOUT.of(plan, units);
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
  public void show(Plan next, Units units, double knife) {
    open();
    plan = next;
    panel.show(next, units);
    frets.show(next, units);
    rule.show(next, units);
    lower.show(next, units, knife);
  }

  @Override
  public void knife(double x) {
    lower.knife(x);
    int nearest = plan.frets().nearest(x);
    boolean onIt = nearest > 0 && Math.abs(plan.frets().at(nearest) - x) < 0.05;
    frets.follow(onIt ? nearest : 0);
  }

  @Override
  public boolean goTo(String decisionId) {
    open();
    return panel.goTo(decisionId);
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.LAYOUT);
  }
}

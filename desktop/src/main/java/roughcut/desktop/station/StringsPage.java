package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import roughcut.design.Decisions;
import roughcut.design.StringDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.ShelfRow;
import roughcut.desktop.control.StringEditor;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BridgeDrawing;
import roughcut.drawing.Drawing;
import roughcut.layout.LayoutKeys;
import roughcut.measure.NumberWriter;
import roughcut.measure.Pitch;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.strings.Compensation;
import roughcut.strings.StringKeys;

/** The set of strings: gauges, pitches, pull and compensation, spread and poles. */
final class StringsPage extends PlainPage {
  private final StationContext context;
  private final PagedStation station;
  private final FactTable set = FactTable.tight();
  private final FactTable poles = new FactTable();
  private final Label says = new Label();
  private final Label advice = new Label();

  private StringEditor editor;

  StringsPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Panel makePanel() {
    editor = new StringEditor(context.session());
    return new Panel(context)
        .node(turner(station))
        .heading(say("Decisions"))
        .node(ShelfRow.ofStrings(context.session()))
        .node(editor)
        .decisions(
            StringDecisions.STRING_KIND,
            StringDecisions.COMPENSATION,
            Decisions.NUT_SPACING,
            Decisions.NUT_EDGE_MARGIN,
            Decisions.BRIDGE_SPREAD,
            Decisions.COURSE_STRINGS,
            Decisions.COURSE_AT_NUT,
            Decisions.COURSE_AT_SADDLE,
            StringDecisions.SPREAD_X,
            StringDecisions.POLE_SPREAD)
        .more(
            StringDecisions.SCALE_BASS,
            StringDecisions.SCALE_TREBLE,
            StringDecisions.SCALE_SQUARE,
            StringDecisions.STRAIGHT_TREBLE,
            StringDecisions.STRAIGHT_ANGLE,
            StringDecisions.WRAP_DENSITY)
        .know(
            StringKeys.STRINGS_TOTAL_TENSION.id(),
            say("Total tension"),
            LayoutKeys.NUT_SPREAD.id(),
            say("Outer strings at the nut"),
            LayoutKeys.NUT_GAP.id(),
            "",
            StringKeys.STRINGS_SPREAD_THERE.id(),
            say("Outer strings at the chosen place"),
            StringKeys.BREAK_NUT.id(),
            say("Least break angle over the nut"));
  }

  @Override
  public boolean goTo(String decisionId) {
    return super.goTo(decisionId) || editor.take(decisionId);
  }

  @Override
  ColumnBox makeLower() {
    set.setVgap(3);
    says.getStyleClass().add("lower-note");
    says.setWrapText(true);
    advice.getStyleClass().add("decision-message");
    advice.setWrapText(true);
    advice.setMinHeight(Region.USE_PREF_SIZE);
    says.setMinHeight(Region.USE_PREF_SIZE);

    return new ColumnBox()
        .addWide(say("Strings, treble first"), 390, set)
        .addWide(say("Poles and inner strings"), 225, advice, poles, says);
  }

  @Override
  void showLower(Plan plan, Units units) {
    Compensation compensation = plan.stringPlan().compensation();
    boolean fanned = plan.frets().fan().fanned();
    set.begin()
        .row(
            false,
            "",
            say("tuning"),
            say("tension, {unit}", NumberWriter.sign(Quantity.NEWTON, units)),
            fanned ? say("scale") : "",
            say("stretch"),
            say("stiffness"),
            say("saddle"));
    for (int i = 1; i <= plan.strings().count(); i++) {
      Compensation.Part part = compensation.parts().get(i - 1);
      set.row(
          false,
          Integer.toString(i),
          Pitch.name(plan.build().design().strings().get(i - 1).pitch()),
          number(plan.stringPlan().pull().tensions().get(i - 1), units),
          fanned ? number(plan.stringPlan().pull().scales().get(i - 1), units) : "",
          number(part.stretch(), units),
          number(part.stiffness(), units),
          number(part.used(), units));
    }
    set.end();
    poles.begin();
    StringBuilder errors = new StringBuilder();
    plan.nutWork()
        .poleErrors()
        .forEach(v -> errors.append(errors.length() > 0 ? " · " : "").append(number(v, units)));
    poles.row(false, say("outside their poles"), errors.toString());
    poles.row(
        false,
        say("there"),
        say("{spreadThere} between the outer strings", plan.nutWork().spreadThere().text(units)));
    if (fanned) {
      StringBuilder fan = new StringBuilder();
      plan.nutWork()
          .fanError()
          .forEach(v -> fan.append(fan.length() > 0 ? " · " : "").append(number(v, units)));
      poles.row(false, say("frets off their scale by"), fan.toString());
    }

    poles.end();
    advice.setText(Text.joined(plan.nutWork().advice(), "\n").in(units));
    advice.setVisible(!advice.getText().isEmpty());
    advice.setManaged(advice.isVisible());
    says.setText(
        switch (compensation.by()) {
          case ESTIMATE ->
              say("Compensation is estimated from stretch and stiffness. Set the saddles by ear.");
          case OWN_TABLE -> say("Compensation from your own table, with the estimate beside it.");
          case STRAIGHT_LINE ->
              say("Compensation on a straight line, with the estimate beside it.");
        });
  }

  private static String number(Value value, Units units) {
    return NumberWriter.number(value.value(), value.quantity(), units);
  }

  @Override
  public String name() {
    return "Strings";
  }

  @Override
  public String about() {
    return say(
        "Strings, tuning and tension. Choose a set: nut, bridge and heights follow from it.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return BridgeDrawing.of(plan, units);
  }
}

package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import javafx.scene.layout.Region;
import roughcut.design.RoutDecisions;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.TemplateEditor;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.BodyDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.RoutPlan;

/** The templates that this instrument needs, and those that are made. */
final class TemplatesPage extends BodyViewPage {
  private final TemplateEditor editor;
  private final FactTable table = new FactTable();

  TemplatesPage(StationContext context, PagedStation station, ViewSide looking) {
    super(context, station, looking);
    editor = new TemplateEditor(context.session(), looking::choose);
  }

  @Override
  BodyDrawing.Shows shows() {
    return BodyDrawing.Shows.TEMPLATES;
  }

  /** The first rout until one is chosen, so that there is something to see. */
  @Override
  String chosen(Plan plan) {
    return looking.chosen().isEmpty()
        ? plan.cuts().routs().stream().findFirst().map(r -> r.cut().name()).orElse("")
        : looking.chosen();
  }

  @Override
  Panel makePanel() {
    return begun()
        .heading(say("Decisions"))
        .decisions(RoutDecisions.TEMPLATE_THICKNESS, RoutDecisions.TEMPLATE_BUSH)
        .heading(say("Selected template"))
        .node(editor);
  }

  @Override
  Region makeBeside() {
    return beside(say("Templates for this instrument"), table);
  }

  @Override
  void showBeside(Plan plan, Units units) {
    super.showBeside(plan, units);
    editor.show(plan, looking.chosen());
    table.begin();
    table.row(false, say("for"), say("opening, length × width"), say("thick"), "");
    for (RoutPlan rout : plan.cuts().routs()) {
      table.row(
          rout.cut().name().equals(looking.chosen()),
          rout.words().in(units),
          NumberWriter.number(rout.template().width().value(), Quantity.LENGTH, units)
              + " × "
              + rout.template().length().text(units),
          rout.template()
              .owned()
              .map(t -> NumberWriter.text(t.thickness(), Quantity.LENGTH, units))
              .orElse("–"),
          rout.template().say().isEmpty() ? say("made") : rout.template().say().in(units));
    }
    plan.cuts()
        .indexHoles()
        .forEach(
            h ->
                table.row(
                    h.coveredBy().isEmpty(),
                    h.fitting().words().in(units),
                    h.coveredBy()
                        .map(c -> say("hidden by {c}", c.in(units)))
                        .orElse(say("nothing hides it"))));
    if (plan.cuts().indexHoles().isEmpty()) {
      table.row(
          false,
          say("index holes"),
          say("none: add two index holes on the centre line, on page Cuts"));
    }
    table.end();
  }

  @Override
  public String name() {
    return "Templates";
  }

  @Override
  public String about() {
    return say("Templates for the routs, with the offset of the bearing or guide bush.");
  }
}

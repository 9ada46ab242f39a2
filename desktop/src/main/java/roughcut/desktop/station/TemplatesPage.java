package roughcut.desktop.station;

import javafx.scene.layout.Region;
import roughcut.design.RoutDecisions;
import roughcut.desktop.control.Facts;
import roughcut.desktop.control.TemplateEditor;
import roughcut.desktop.session.Desk;
import roughcut.drawing.BodyDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.RoutPlan;

/** The templates that this instrument needs, and those that are made. */
final class TemplatesPage extends BodyViewPage {
  private final TemplateEditor editor;
  private final Facts facts = new Facts();

  TemplatesPage(Desk desk, PagedStation station, Looking looking) {
    super(desk, station, looking);
    editor = new TemplateEditor(desk.session(), looking::choose);
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
        .heading("You decide")
        .decisions(RoutDecisions.TEMPLATE_THICKNESS, RoutDecisions.TEMPLATE_BUSH)
        .heading("The template in hand")
        .node(editor);
  }

  @Override
  Region makeBeside() {
    return beside("Templates that this instrument needs", facts);
  }

  @Override
  void showBeside(Plan plan, Units units) {
    super.showBeside(plan, units);
    editor.show(plan, looking.chosen());
    facts.begin();
    facts.row(false, "for", "opening, along × across", "thick", "");
    for (RoutPlan rout : plan.cuts().routs()) {
      facts.row(
          rout.cut().name().equals(looking.chosen()),
          rout.words(),
          NumberWriter.number(rout.template().width().value(), Quantity.LENGTH, units)
              + " × "
              + rout.template().length().text(units),
          rout.template()
              .owned()
              .map(t -> NumberWriter.text(t.thickness(), Quantity.LENGTH, units))
              .orElse("–"),
          rout.template().say().isEmpty() ? "made" : Text.in(rout.template().say(), units));
    }
    plan.cuts()
        .indexHoles()
        .forEach(
            h ->
                facts.row(
                    h.coveredBy().isEmpty(),
                    h.fitting().words(),
                    h.coveredBy()
                        .map(c -> "hidden by " + c)
                        .orElse("nothing hides it in the end")));
    if (plan.cuts().indexHoles().isEmpty()) {
      facts.row(false, "index holes", "none: add two index bores on the centre line, at Cuts");
    }
    facts.end();
  }

  @Override
  public String name() {
    return "Templates";
  }
}

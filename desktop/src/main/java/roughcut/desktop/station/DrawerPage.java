package roughcut.desktop.station;

import javafx.scene.layout.Region;
import roughcut.desktop.control.CutterEditor;
import roughcut.desktop.control.Facts;
import roughcut.desktop.session.Desk;
import roughcut.drawing.BodyDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.RoutPlan;
import roughcut.shop.Cutter;

/** The cutter drawer: what is owned, how sharp it is, and what this instrument uses of it. */
final class DrawerPage extends BodyViewPage {
  private final CutterEditor editor;
  private final Facts facts = new Facts();

  DrawerPage(Desk desk, PagedStation station, Looking looking) {
    super(desk, station, looking);
    editor = new CutterEditor(desk.session());
  }

  @Override
  BodyDrawing.Shows shows() {
    return BodyDrawing.Shows.PASSES;
  }

  @Override
  Panel makePanel() {
    return begun().heading("In the drawer").node(editor);
  }

  @Override
  Region makeBeside() {
    return beside("Cutters and bits", facts);
  }

  @Override
  void showBeside(Plan plan, Units units) {
    super.showBeside(plan, units);
    facts.begin();
    facts.row(false, "", "kind", "diameter, cuts", "/min", "used");
    for (Cutter cutter : plan.shop().cutters()) {
      facts.row(
          cutter.condition() != Cutter.Condition.SHARP,
          cutter.name(),
          cutter.kind().label(),
          NumberWriter.number(cutter.diameter(), Quantity.LENGTH, units)
              + " × "
              + NumberWriter.number(cutter.cutting(), Quantity.LENGTH, units),
          NumberWriter.fixed(cutter.dial(), 0),
          cutter.condition() == Cutter.Condition.SHARP
              ? used(plan, cutter)
              : cutter.condition().word());
    }
    facts.end();
  }

  private static String used(Plan plan, Cutter cutter) {
    long routs = plan.cuts().routs().stream().filter(r -> uses(r, cutter)).count();
    return routs == 0 ? "" : routs + (routs == 1 ? " rout" : " routs");
  }

  private static boolean uses(RoutPlan rout, Cutter cutter) {
    return rout.plan().passes().stream().anyMatch(p -> p.cutter().equals(cutter))
        || rout.bored().filter(b -> b.bit().equals(cutter)).isPresent();
  }

  @Override
  public String name() {
    return "Drawer";
  }
}

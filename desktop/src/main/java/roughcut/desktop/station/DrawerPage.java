package roughcut.desktop.station;

import static roughcut.desktop.words.Words.count;
import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.TableColumn;
import javafx.scene.layout.Region;
import roughcut.desktop.control.CutterEditor;
import roughcut.desktop.control.NumberTable;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.CutterDrawing;
import roughcut.drawing.Drawing;
import roughcut.geometry.Bounds;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.RoutPlan;
import roughcut.shop.Cutter;

/** The cutter drawer: the chosen one to scale beside its template, and all of them beneath. */
final class DrawerPage extends PlainPage {
  private final StationContext context;
  private final PagedStation station;
  private final CutterEditor editor;
  private final NumberTable<Cutter> table =
      new NumberTable<>("drawer", say("Cutters"), this::chosen);
  private Units units = Units.MM;
  private Plan plan;

  DrawerPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
    this.editor = new CutterEditor(context.session(), context::refresh);
    table.words("", Cutter::name).setMinWidth(130);
    table.words(say("kind"), c -> say(c.kind().label())).setMinWidth(120);
    table.column(say("diameter"), c -> number(c.diameter())).setMinWidth(72);
    table.column(say("edges"), c -> number(c.cutting())).setMinWidth(72);
    TableColumn<Cutter, String> speed =
        table.column(say("/min"), c -> NumberWriter.fixed(c.dial(), 0));
    speed.setMinWidth(64);
    speed.setMaxWidth(90);
    table.words(say("used for"), this::used).setMinWidth(76);
    table.words(say("is"), c -> say(c.condition().word())).setMinWidth(60);
  }

  private String number(double mm) {
    return NumberWriter.number(mm, Quantity.LENGTH, units);
  }

  private void chosen(Cutter cutter) {
    editor.choose(plan.shop().cutters().indexOf(cutter));
    context.refresh();
  }

  @Override
  public Drawing drawing(Plan shown, Units in) {
    Optional<Cutter> cutter = editor.chosen();
    return cutter.isPresent()
        ? CutterDrawing.of(shown, cutter.get(), in)
        : new Drawing(say("Empty drawer"), List.of(), new Bounds(0, 0, 100, 60));
  }

  @Override
  Panel makePanel() {
    return new Panel(context).node(turner(station)).heading(say("In the drawer")).node(editor);
  }

  @Override
  Region makeLower() {
    return new ColumnBox().addFilling(say("Cutters and bits"), table);
  }

  @Override
  void showLower(Plan next, Units in) {
    plan = next;
    units = in;
    table.rows(next.shop().cutters());
  }

  private String used(Cutter cutter) {
    long routs = plan.cuts().routs().stream().filter(r -> uses(r, cutter)).count();
    return routs == 0 ? "" : count(routs, "{n} rout", "{n} routs");
  }

  private static boolean uses(RoutPlan rout, Cutter cutter) {
    return rout.plan().passes().stream().anyMatch(p -> p.cutter().equals(cutter))
        || rout.bored().filter(b -> b.bit().equals(cutter)).isPresent();
  }

  @Override
  public String name() {
    return "Drawer";
  }

  @Override
  public String about() {
    return say("Your cutters, with their true sizes. Measure the ones that decide a fit.");
  }
}

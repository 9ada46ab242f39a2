package roughcut.desktop.station;

import javafx.scene.Node;
import javafx.scene.layout.Region;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** A page without the section knife: something of its own beneath the drawing. */
abstract class PlainPage implements Page {
  private Panel panel;
  private Region lower;

  /** Makes the panel when the maker first comes here. */
  abstract Panel makePanel();

  /** Makes what stands beneath the drawing: columns, as a rule. */
  abstract Region makeLower();

  /** Shows a plan beneath the drawing. */
  abstract void showLower(Plan plan, Units units);

  private void open() {
    if (panel == null) {
      lower = makeLower();
      panel = makePanel();
    }
  }

  /** Opens what is folded away on the panel. */
  final void unfold() {
    open();
    panel.unfold();
  }

  @Override
  public final Node panel() {
    open();
    return panel.node();
  }

  @Override
  public final Node lower() {
    open();
    return lower;
  }

  @Override
  public final void show(Plan plan, Units units, double knife) {
    open();
    panel.show(plan, units);
    showLower(plan, units);
  }

  @Override
  public boolean goTo(String decisionId) {
    open();
    return panel.goTo(decisionId);
  }
}

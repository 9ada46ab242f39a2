package roughcut.desktop.station;

import javafx.scene.Node;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** A page without the section knife: columns beneath the drawing. */
abstract class PlainPage implements Page {
  private Panel panel;
  private Columns lower;

  /** Makes the panel when the maker first comes here. */
  abstract Panel makePanel();

  /** Makes the columns. */
  abstract Columns makeLower();

  /** Shows a plan in the columns. */
  abstract void showLower(Plan plan, Units units);

  private void open() {
    if (panel == null) {
      lower = makeLower();
      panel = makePanel();
    }
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

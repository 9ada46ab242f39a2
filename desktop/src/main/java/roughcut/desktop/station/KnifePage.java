package roughcut.desktop.station;

import javafx.scene.Node;
import javafx.scene.layout.Region;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** A page over which the section knife runs: the section stands beneath, beside something else. */
abstract class KnifePage implements Page {
  private Panel panel;
  private LowerPanel lower;

  /** Makes the panel when the maker first comes here. */
  abstract Panel makePanel();

  /** Makes what stands beside the section. */
  abstract Region makeBeside();

  /** How the section at the knife is cut. */
  LowerPanel.Section section() {
    return LowerPanel.Section.NECK;
  }

  /** Shows a plan in what stands beside the section. */
  abstract void showBeside(Plan plan, Units units);

  private void open() {
    if (panel == null) {
      lower = new LowerPanel(makeBeside(), section());
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
    return lower.node();
  }

  @Override
  public final void show(Plan plan, Units units, double knife) {
    open();
    panel.show(plan, units);
    lower.show(plan, units, knife);
    showBeside(plan, units);
  }

  @Override
  public final void knife(double x) {
    lower.knife(x);
    knifeBeside(x);
  }

  /** The knife moved: whatever beside the section goes along with it. */
  void knifeBeside(double x) {}

  @Override
  public boolean goTo(String decisionId) {
    open();
    return panel.goTo(decisionId);
  }

  @Override
  public final boolean hasKnife() {
    return true;
  }
}

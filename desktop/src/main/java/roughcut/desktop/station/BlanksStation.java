package roughcut.desktop.station;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import roughcut.desktop.session.Session;
import roughcut.drawing.Drawing;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.thin.ThinSpot;

/**
 * The neck blank: its strips, the boards that they come from, and gluing them together. Each is a
 * page of its own.
 */
public final class BlanksStation implements Station {
  private final List<BlankPage> pages;
  private final Runnable changed;
  private BlankPage page;

  /**
   * Makes the station.
   *
   * @param changed called when another page was turned to
   */
  public BlanksStation(Session session, Consumer<Value> ask, Runnable changed) {
    this.changed = changed;
    this.pages =
        List.of(
            new StackPage(session, ask, this),
            new BoardsPage(session, ask, this),
            new GlueUpPage(session, ask, this));
    this.page = pages.get(0);
  }

  List<BlankPage> pages() {
    return pages;
  }

  BlankPage page() {
    return page;
  }

  /** Turns to a page. */
  public void turnTo(int index) {
    page = pages.get(index);
    changed.run();
  }

  @Override
  public String name() {
    return "Blanks";
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return page.drawing(plan, units);
  }

  @Override
  public Node panel() {
    return page.panel();
  }

  @Override
  public Node lower() {
    return page.lower();
  }

  @Override
  public void show(Plan plan, Units units, double knife) {
    page.show(plan, units, knife);
  }

  @Override
  public void knife(double x) {
    page.knife(x);
  }

  @Override
  public boolean goTo(String decisionId) {
    for (BlankPage one : pages) {
      if (one.goTo(decisionId)) {
        if (one != page) {
          turnTo(pages.indexOf(one));
          one.goTo(decisionId);
        }
        return true;
      }
    }
    return false;
  }

  @Override
  public boolean owns(ThinSpot spot) {
    return spot.kind().startsWith("blank.");
  }

  @Override
  public boolean hasKnife() {
    return page.hasKnife();
  }

  @Override
  public boolean hasFrets() {
    return page.hasKnife();
  }

  @Override
  public String trouble(Plan plan) {
    long stops = plan.openForBlank().stream().filter(q -> q.stops()).count();
    return stops == 0 ? "" : stops + (stops == 1 ? " thing missing" : " things missing");
  }
}

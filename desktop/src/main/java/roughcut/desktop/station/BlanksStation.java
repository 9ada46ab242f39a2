package roughcut.desktop.station;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.Node;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.Session;
import roughcut.drawing.Drawing;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.thin.ThinSpot;

/**
 * From the rack to the blanks: the boards, the neck's strips, where everything is sawn, gluing,
 * planing, and the body's blank. Each is a page of its own.
 */
public final class BlanksStation implements Station {
  /** The page that is open at first: the neck's stack. */
  private static final int FIRST = 1;

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
            new RackPage(session, this, changed),
            new StackPage(session, ask, this),
            new BoardsPage(session, ask, this),
            new GlueUpPage(session, ask, this),
            new PlanerPage(session, ask, this),
            new BodyPage(session, ask, this));
    this.page = pages.get(FIRST);
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
  public void page(String name) {
    for (int i = 0; i < pages.size(); i++) {
      if (pages.get(i).name().equalsIgnoreCase(name)) {
        turnTo(i);
      }
    }
  }

  /** Reads a table of boards into the rack, and turns there. */
  public void readBoards(Path path) {
    turnTo(0);
    ((RackPage) pages.get(0)).readFrom(path);
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
    return spot.kind().startsWith("blank.") || spot.kind().equals("heel.stock");
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
  public Handles handles() {
    return page.handles();
  }

  @Override
  public String trouble(Plan plan) {
    long stops =
        Stream.of(plan.openForBlank(), plan.openForBody())
            .flatMap(List::stream)
            .filter(q -> q.stops())
            .count();
    return stops == 0 ? "" : stops + " not ready";
  }
}

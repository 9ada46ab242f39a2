package roughcut.desktop.station;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.StationContext;
import roughcut.drawing.Drawing;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** A station whose work is spread over pages; one of them is open. */
abstract class PagedStation implements Station {
  private final StationId id;
  private final StationContext context;
  private final List<Page> pages = new ArrayList<>();
  private Page page;

  /** Makes a station without pages yet. */
  PagedStation(StationId id, StationContext context) {
    this.id = id;
    this.context = context;
  }

  /** Adds the pages in their order, the open one by its number. */
  final void pages(int open, Page... all) {
    pages.addAll(List.of(all));
    page = pages.get(open);
  }

  final List<Page> pages() {
    return pages;
  }

  /** Whether that page is turned to. */
  final boolean shows(Page one) {
    return page == one;
  }

  /** Turns to a page. */
  public final void turnTo(int index) {
    page = pages.get(index);
    context.reopen();
  }

  @Override
  public final void page(String called) {
    for (int i = 0; i < pages.size(); i++) {
      Page one = pages.get(i);
      if (one.name().equalsIgnoreCase(called) || one.title().equalsIgnoreCase(called)) {
        turnTo(i);
      }
    }
  }

  @Override
  public final List<String> pageTitles() {
    return pages.stream().map(Page::title).toList();
  }

  @Override
  public final String pageName() {
    return page.name();
  }

  @Override
  public final String about() {
    return page.about();
  }

  @Override
  public final StationId id() {
    return id;
  }

  @Override
  public final Drawing drawing(Plan plan, Units units) {
    return page.drawing(plan, units);
  }

  @Override
  public final Node panel() {
    return page.panel();
  }

  @Override
  public final Node lower() {
    return page.lower();
  }

  @Override
  public final void show(Plan plan, Units units, double knife) {
    page.show(plan, units, knife);
  }

  @Override
  public final void knife(double x) {
    page.knife(x);
  }

  @Override
  public final boolean goTo(String decisionId) {
    if (page.goTo(decisionId)) {
      return true;
    }
    for (Page one : pages) {
      if (one != page && one.goTo(decisionId)) {
        turnTo(pages.indexOf(one));
        one.goTo(decisionId);
        return true;
      }
    }
    return false;
  }

  @Override
  public final boolean hasKnife() {
    return page.hasKnife();
  }

  @Override
  public final boolean hasFrets() {
    return page.hasKnife();
  }

  @Override
  public final Handles handles() {
    return page.handles();
  }
}

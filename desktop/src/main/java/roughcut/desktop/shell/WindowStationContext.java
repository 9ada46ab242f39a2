package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import roughcut.desktop.draw.DrawingSurface;
import roughcut.desktop.session.BenchState;
import roughcut.desktop.session.Computer;
import roughcut.desktop.session.Session;
import roughcut.desktop.session.ShopDays;
import roughcut.desktop.session.StationContext;
import roughcut.measure.Value;

/** What the stations may ask of their window. */
final class WindowStationContext implements StationContext {
  private final ShopWindow window;
  private final DrawingSurface surface;
  private final Notice notice;

  WindowStationContext(ShopWindow window, DrawingSurface surface, Notice notice) {
    this.window = window;
    this.surface = surface;
    this.notice = notice;
  }

  @Override
  public Session session() {
    return window.workspace().session();
  }

  @Override
  public BenchState bench() {
    return window.bench();
  }

  @Override
  public ShopDays days() {
    return window.days();
  }

  @Override
  public void ask(Value value) {
    window.sum().ask(value, window.units());
  }

  @Override
  public void reopen() {
    window.reopen();
  }

  @Override
  public void refresh() {
    window.refresh();
  }

  @Override
  public void knife(double x) {
    surface.knife(x);
  }

  @Override
  public void follow() {
    window.follow();
  }

  @Override
  public void refused(String words) {
    notice.show(say("Not done: {words}.", words));
  }

  @Override
  public void print() {
    window.print();
  }

  @Override
  public Computer computer() {
    return Windows.computer();
  }

  @Override
  public void machine() {
    window.atBench().openMachine();
  }
}

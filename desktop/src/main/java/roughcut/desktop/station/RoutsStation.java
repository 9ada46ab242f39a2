package roughcut.desktop.station;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import roughcut.desktop.session.Session;
import roughcut.finding.Chapter;
import roughcut.measure.Value;

/** Everything that is cut into the body: where it lies, how it is cut, with what. */
public final class RoutsStation extends BodyPages {

  /**
   * Makes the station.
   *
   * @param changed called when another page was turned to
   * @param redraw called when something else is looked at
   * @param knife puts the section knife somewhere
   */
  public RoutsStation(
      Session session,
      Consumer<Value> ask,
      Runnable changed,
      Runnable redraw,
      DoubleConsumer knife) {
    super("Routs", session, changed, redraw, knife);
    pages(
        0,
        new CutsPage(session, ask, this, looking),
        new PassesPage(session, ask, this, looking),
        new TemplatesPage(session, ask, this, looking),
        new DrawerPage(session, ask, this, looking));
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.ROUTS);
  }
}

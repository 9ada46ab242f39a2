package roughcut.desktop.station;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import roughcut.desktop.session.Session;
import roughcut.finding.Chapter;
import roughcut.measure.Value;

/** The body: its outline, its edges and contours, the neck's pocket and bolts, what it weighs. */
public final class BodyStation extends BodyPages {

  /**
   * Makes the station.
   *
   * @param changed called when another page was turned to
   * @param redraw called when the body is looked at otherwise
   * @param knife puts the section knife somewhere
   */
  public BodyStation(
      Session session,
      Consumer<Value> ask,
      Runnable changed,
      Runnable redraw,
      DoubleConsumer knife) {
    super("Body", session, changed, redraw, knife);
    pages(
        0,
        new OutlinePage(session, ask, this, looking),
        new SurfacesPage(session, ask, this, looking),
        new PocketPage(session, ask, this, looking),
        new WeightPage(session, ask, this, looking));
  }

  /** Takes in an outline drawn elsewhere. */
  public void outline(Path path) {
    turnTo(0);
    ((OutlinePage) pages().get(0)).take(path);
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.BODY);
  }
}

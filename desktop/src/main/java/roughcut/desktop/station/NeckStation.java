package roughcut.desktop.station;

import java.util.Optional;
import java.util.function.Consumer;
import roughcut.desktop.session.Session;
import roughcut.finding.Chapter;
import roughcut.measure.Value;

/** The neck: how its head is made, tuners, channels, the bore to the rod, and carving. */
public final class NeckStation extends PagedStation {

  /**
   * Makes the station.
   *
   * @param changed called when another page was turned to
   */
  public NeckStation(Session session, Consumer<Value> ask, Runnable changed) {
    super("Neck", changed);
    pages(
        0,
        new SidePage(session, ask, this),
        new HeadPage(session, ask, this),
        new ChannelsPage(session, ask, this),
        new AccessPage(session, ask, this),
        new CarvingPage(session, ask, this));
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.NECK);
  }
}

package roughcut.desktop.station;

import java.util.Optional;
import java.util.function.Consumer;
import roughcut.desktop.session.Session;
import roughcut.finding.Chapter;
import roughcut.measure.Value;

/** The strings, where the bridge goes, and the heights of neck, strings and saddle. */
public final class BridgeStation extends PagedStation {

  /**
   * Makes the station.
   *
   * @param changed called when another page was turned to
   */
  public BridgeStation(Session session, Consumer<Value> ask, Runnable changed) {
    super("Bridge", changed);
    pages(
        1,
        new StringsPage(session, ask, this),
        new BridgePage(session, ask, this),
        new HeightsPage(session, ask, this));
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.STRINGS);
  }
}

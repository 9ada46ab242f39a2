package roughcut.desktop.station;

import java.util.Optional;
import roughcut.desktop.session.Desk;
import roughcut.finding.Chapter;

/** The strings, where the bridge goes, and the heights of neck, strings and saddle. */
public final class BridgeStation extends PagedStation {

  public BridgeStation(Desk desk) {
    super(StationId.BRIDGE, desk);
    pages(1, new StringsPage(desk, this), new BridgePage(desk, this), new HeightsPage(desk, this));
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.STRINGS);
  }
}

package roughcut.desktop.station;

import java.util.Optional;
import roughcut.desktop.session.StationContext;
import roughcut.finding.Chapter;

/** The strings, where the bridge goes, and the heights of neck, strings and saddle. */
public final class BridgeStation extends PagedStation {

  public BridgeStation(StationContext context) {
    super(StationId.BRIDGE, context);
    pages(
        1,
        new StringsPage(context, this),
        new BridgePage(context, this),
        new HeightsPage(context, this));
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.STRINGS);
  }
}

package roughcut.desktop.station;

import java.util.Optional;
import roughcut.desktop.session.StationContext;
import roughcut.finding.Chapter;

/** The neck: how its head is made, tuners, channels, the bore to the rod, and carving. */
public final class NeckStation extends PagedStation {

  public NeckStation(StationContext context) {
    super(StationId.NECK, context);
    pages(
        0,
        new SidePage(context, this),
        new HeadPage(context, this),
        new ChannelsPage(context, this),
        new AccessPage(context, this),
        new CarvingPage(context, this));
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.NECK);
  }
}

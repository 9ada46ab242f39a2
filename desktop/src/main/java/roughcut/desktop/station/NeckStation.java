package roughcut.desktop.station;

import java.util.Optional;
import roughcut.desktop.session.Desk;
import roughcut.finding.Chapter;

/** The neck: how its head is made, tuners, channels, the bore to the rod, and carving. */
public final class NeckStation extends PagedStation {

  public NeckStation(Desk desk) {
    super(StationId.NECK, desk);
    pages(
        0,
        new SidePage(desk, this),
        new HeadPage(desk, this),
        new ChannelsPage(desk, this),
        new AccessPage(desk, this),
        new CarvingPage(desk, this));
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.NECK);
  }
}

package roughcut.desktop.station;

import java.nio.file.Path;
import java.util.Optional;
import roughcut.desktop.session.StationContext;
import roughcut.finding.Chapter;

/** The neck: how its head is made, tuners, channels, the bore to the rod, and carving. */
public final class NeckStation extends PagedStation {

  private static final int HEAD = 1;

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

  /** Whether the headstock is looked at, so that a drawing is taken for one of it. */
  public boolean onHead() {
    return shows(pages().get(HEAD));
  }

  /** Asks for a headstock drawn elsewhere. */
  public void importHeadstock() {
    ((HeadPage) pages().get(HEAD)).choose();
  }

  /** Takes in a headstock drawn elsewhere. */
  public void headstock(Path path) {
    turnTo(HEAD);
    ((HeadPage) pages().get(HEAD)).take(path);
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.NECK);
  }
}

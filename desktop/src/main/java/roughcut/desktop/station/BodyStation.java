package roughcut.desktop.station;

import java.nio.file.Path;
import java.util.Optional;
import roughcut.desktop.session.StationContext;
import roughcut.finding.Chapter;

/** The body: its outline, its edges and contours, the neck's pocket and bolts, what it weighs. */
public final class BodyStation extends BodyPages {

  public BodyStation(StationContext context) {
    super(StationId.BODY, context);
    pages(
        0,
        new OutlinePage(context, this, looking),
        new SurfacesPage(context, this, looking),
        new PocketPage(context, this, looking),
        new WeightPage(context, this, looking));
  }

  /** Asks for an outline drawn elsewhere. */
  public void importOutline() {
    turnTo(0);
    ((OutlinePage) pages().get(0)).choose();
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

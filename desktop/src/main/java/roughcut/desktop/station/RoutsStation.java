package roughcut.desktop.station;

import java.util.Optional;
import roughcut.desktop.session.StationContext;
import roughcut.finding.Chapter;

/** Everything that is cut into the body: where it lies, how it is cut, with what. */
public final class RoutsStation extends BodyPages {

  public RoutsStation(StationContext context) {
    super(StationId.ROUTS, context);
    pages(
        0,
        new CutsPage(context, this, looking),
        new PassesPage(context, this, looking),
        new TemplatesPage(context, this, looking),
        new DrawerPage(context, this));
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.ROUTS);
  }
}

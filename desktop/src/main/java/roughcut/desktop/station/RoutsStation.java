package roughcut.desktop.station;

import java.util.Optional;
import roughcut.desktop.session.Desk;
import roughcut.finding.Chapter;

/** Everything that is cut into the body: where it lies, how it is cut, with what. */
public final class RoutsStation extends BodyPages {

  public RoutsStation(Desk desk) {
    super(StationId.ROUTS, desk);
    pages(
        0,
        new CutsPage(desk, this, looking),
        new PassesPage(desk, this, looking),
        new TemplatesPage(desk, this, looking),
        new DrawerPage(desk, this));
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.ROUTS);
  }
}

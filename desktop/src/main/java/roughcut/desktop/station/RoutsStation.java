package roughcut.desktop.station;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Supplier;
import roughcut.desktop.session.StationContext;
import roughcut.finding.Chapter;

/** Everything that is cut into the body: where it lies, how it is cut, with what. */
public final class RoutsStation extends BodyPages {

  /**
   * Makes the station.
   *
   * @param folder where programs go unless the maker says otherwise
   */
  public RoutsStation(StationContext context, Supplier<Path> folder) {
    super(StationId.ROUTS, context);
    pages(
        0,
        new CutsPage(context, this, looking),
        new PassesPage(context, this, looking),
        new TemplatesPage(context, this, looking),
        new ProgramsPage(context, this, looking, folder),
        new DrawerPage(context, this));
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.ROUTS);
  }
}

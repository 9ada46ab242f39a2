package roughcut.desktop.station;

import java.util.Optional;
import roughcut.desktop.session.StationContext;
import roughcut.finding.Chapter;

/** The fretboard: its slots and wire, markers, the frets one by one, and fitting it to the neck. */
public final class FretboardStation extends PagedStation {

  /**
   * Makes the station.
   *
   * @param desk::knife puts the section knife somewhere, mm from the nut line
   * @param changed called when another page was turned to
   */
  public FretboardStation(StationContext context) {
    super(StationId.FRETBOARD, context);
    pages(
        0,
        new SlotsPage(context, this),
        new MarkersPage(context, this),
        new FretsPage(context, this),
        new FittingPage(context, this));
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.FRETBOARD);
  }
}

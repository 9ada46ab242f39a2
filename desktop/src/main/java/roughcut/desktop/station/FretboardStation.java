package roughcut.desktop.station;

import java.util.Optional;
import roughcut.desktop.session.Desk;
import roughcut.finding.Chapter;

/** The fretboard: its slots and wire, markers, the frets one by one, and fitting it to the neck. */
public final class FretboardStation extends PagedStation {

  /**
   * Makes the station.
   *
   * @param desk::knife puts the section knife somewhere, mm from the nut line
   * @param changed called when another page was turned to
   */
  public FretboardStation(Desk desk) {
    super(StationId.FRETBOARD, desk);
    pages(
        0,
        new SlotsPage(desk, this),
        new MarkersPage(desk, this),
        new FretsPage(desk, this),
        new FittingPage(desk, this));
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.FRETBOARD);
  }
}

package roughcut.desktop.station;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import roughcut.desktop.session.Session;
import roughcut.finding.Chapter;
import roughcut.measure.Value;

/** The fretboard: its slots and wire, markers, the frets one by one, and fitting it to the neck. */
public final class FretboardStation extends PagedStation {

  /**
   * Makes the station.
   *
   * @param moveKnife puts the section knife somewhere, mm from the nut line
   * @param changed called when another page was turned to
   */
  public FretboardStation(
      Session session, Consumer<Value> ask, DoubleConsumer moveKnife, Runnable changed) {
    super("Fretboard", changed);
    pages(
        0,
        new SlotsPage(session, ask, moveKnife, this),
        new MarkersPage(session, ask, this),
        new FretsPage(session, ask, this),
        new FittingPage(session, ask, this));
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.FRETBOARD);
  }
}

package roughcut.desktop.station;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import roughcut.desktop.session.Session;
import roughcut.finding.Chapter;
import roughcut.measure.Value;

/**
 * From the rack to the blanks: the boards, the neck's strips, where everything is sawn, gluing,
 * planing, and the body's blank.
 */
public final class BlanksStation extends PagedStation {
  /** The page that is open at first: the neck's stack. */
  private static final int FIRST = 1;

  private final RackPage rack;

  /**
   * Makes the station.
   *
   * @param changed called when another page was turned to
   */
  public BlanksStation(Session session, Consumer<Value> ask, Runnable changed) {
    super("Blanks", changed);
    rack = new RackPage(session, this, changed);
    pages(
        FIRST,
        rack,
        new StackPage(session, ask, this),
        new BoardsPage(session, ask, this),
        new GlueUpPage(session, ask, this),
        new PlanerPage(session, ask, this),
        new BodyPage(session, ask, this));
  }

  /** Reads a table of boards into the rack, and turns there. */
  public void readBoards(Path path) {
    turnTo(pages().indexOf(rack));
    rack.readFrom(path);
  }

  @Override
  public Optional<Chapter> chapter() {
    return Optional.of(Chapter.BLANKS);
  }
}

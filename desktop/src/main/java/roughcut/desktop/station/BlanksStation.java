package roughcut.desktop.station;

import java.nio.file.Path;
import java.util.Optional;
import roughcut.desktop.session.Desk;
import roughcut.finding.Chapter;

/**
 * From the rack to the blanks: the boards, the neck's strips, where everything is sawn, gluing,
 * planing, and the body's blank.
 */
public final class BlanksStation extends PagedStation {
  /** The page that is open at first: the neck's stack. */
  private static final int FIRST = 1;

  private final RackPage rack;

  public BlanksStation(Desk desk) {
    super(StationId.BLANKS, desk);
    rack = new RackPage(desk, this);
    pages(
        FIRST,
        rack,
        new StackPage(desk, this),
        new BoardsPage(desk, this),
        new GlueUpPage(desk, this),
        new PlanerPage(desk, this),
        new BodyPage(desk, this));
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

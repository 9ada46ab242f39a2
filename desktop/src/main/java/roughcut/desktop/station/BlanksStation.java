package roughcut.desktop.station;

import java.nio.file.Path;
import java.util.Optional;
import roughcut.desktop.session.StationContext;
import roughcut.finding.Chapter;

/**
 * From the rack to the blanks: the boards, the neck's strips, where everything is sawn, gluing,
 * planing, and the body's blank.
 */
public final class BlanksStation extends PagedStation {
  /** The page that is open at first: the neck's stack. */
  private static final int FIRST = 1;

  private final RackPage rack;

  public BlanksStation(StationContext context) {
    super(StationId.BLANKS, context);
    rack = new RackPage(context, this);
    pages(
        FIRST,
        rack,
        new StackPage(context, this),
        new BoardsPage(context, this),
        new GlueUpPage(context, this),
        new PlanerPage(context, this),
        new BodyPage(context, this));
  }

  /** Turns to a board of the rack, with the keyboard on its row. */
  public void board(String id) {
    turnTo(pages().indexOf(rack));
    rack.show(id);
  }

  /** Asks for a table of boards, and reads it into the rack. */
  public void importBoards() {
    turnTo(pages().indexOf(rack));
    rack.read();
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

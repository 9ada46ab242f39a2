package roughcut.desktop.control;

import javafx.event.Event;
import javafx.event.EventType;

/**
 * Something asked of a number where it stands: it goes up through what it stands in until the
 * window answers it, so that nobody on the way has to know.
 */
public final class NumberEvent extends Event {
  private static final long serialVersionUID = 1;

  public static final EventType<NumberEvent> ANY = new EventType<>(Event.ANY, "NUMBER");

  /** Where does it come from? */
  public static final EventType<NumberEvent> SUM = new EventType<>(ANY, "NUMBER_SUM");

  /** Which decisions change it? */
  public static final EventType<NumberEvent> CHANGED_BY = new EventType<>(ANY, "NUMBER_CHANGED_BY");

  /** What does it change? */
  public static final EventType<NumberEvent> CHANGES = new EventType<>(ANY, "NUMBER_CHANGES");

  /** Where is it decided, or which board has to be measured? */
  public static final EventType<NumberEvent> PLACE = new EventType<>(ANY, "NUMBER_PLACE");

  private final String id;

  public NumberEvent(EventType<NumberEvent> type, String id) {
    super(type);
    this.id = id;
  }

  /** The number that is asked about. */
  public String id() {
    return id;
  }
}

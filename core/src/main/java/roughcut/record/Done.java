package roughcut.record;

import java.time.Duration;
import java.time.LocalDateTime;

/**
 * One operation that was done.
 *
 * @param operation its id
 * @param at when
 * @param hands how long it took; nothing when nobody said
 * @param note of the maker's own; empty for none
 */
public record Done(String operation, LocalDateTime at, Duration hands, String note) {
  public Done {
    if (operation.isBlank() || at == null) {
      throw new IllegalArgumentException("what was done needs a name and a time");
    }
  }

  /** The operation by which a strip of the neck's stack is sawn off its board. */
  public static String stripSawn(int number) {
    return "neck.strip." + number + ".saw";
  }

  /** The operation by which something is cut into the body. */
  public static String cut(String name) {
    return "body.cut." + name;
  }

  /** An operation of which nothing more is known. */
  public static Done of(String operation, LocalDateTime at) {
    return new Done(operation, at, Duration.ZERO, "");
  }
}

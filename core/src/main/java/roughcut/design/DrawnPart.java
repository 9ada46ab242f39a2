package roughcut.design;

import java.util.List;
import java.util.Optional;
import roughcut.measure.Text;

/**
 * What may have an outline that was drawn.
 *
 * @param kind what it is
 * @param name of the fitting; empty for what an instrument has one of
 */
public record DrawnPart(Kind kind, String name) {
  /** What it is; whoever draws or places one has to know them all. */
  public enum Kind {
    BODY(Text.of("body"), 200, 800),
    HEAD(Text.of("headstock"), 70, 400),
    CAVITY(Text.of("cavity"), 15, 400);

    private final Text words;
    private final double shortest;
    private final double longest;

    Kind(Text words, double shortest, double longest) {
      this.words = words;
      this.shortest = shortest;
      this.longest = longest;
    }
  }

  public static final DrawnPart BODY = new DrawnPart(Kind.BODY, "");
  public static final DrawnPart HEAD = new DrawnPart(Kind.HEAD, "");

  /** Those that every instrument has. */
  public static final List<DrawnPart> WHOLE = List.of(BODY, HEAD);

  /** A fitting's own outline; empty for one that has no outline of its own. */
  public static Optional<DrawnPart> of(Fitting fitting) {
    return switch (fitting.type()) {
      case CAVITY -> Optional.of(new DrawnPart(Kind.CAVITY, fitting.name()));
      case PICKUP, CONTROL, JACK, PLATE, CHANNEL, STRAP, RELIEF, BORE -> Optional.empty();
    };
  }

  /** A stable name, for grips. */
  public String key() {
    return switch (kind) {
      case BODY -> "body";
      case HEAD -> "head";
      case CAVITY -> "cavity." + name;
    };
  }

  /** What of a design it is the id of, as numbers and choices have one. */
  public String id() {
    return "outline-of." + key();
  }

  /** Whether it is of something fitted in, rather than of what every instrument has. */
  public boolean fitted() {
    return !name.isEmpty();
  }

  public Text words() {
    return kind.words;
  }

  /** Whether a part of that length, mm, is one that somebody makes: else the unit is in doubt. */
  public boolean plausible(double length) {
    return length >= kind.shortest && length <= kind.longest;
  }
}

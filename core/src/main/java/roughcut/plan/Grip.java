package roughcut.plan;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import roughcut.design.DrawnPart;

/** What can be taken hold of on a drawing and dragged. */
public sealed interface Grip {
  /** An answer for each kind of grip; whoever moves things has to know them all. */
  interface Cases<T> {
    T single(Single single);

    T cut(Cut cut);

    T bodyPoint(BodyPoint point);

    T outlinePoint(OutlinePoint point);

    T strip(Strip strip);

    T stripEdge(StripEdge edge);

    T boardPart(BoardPart part);

    T boardMark(BoardMark mark);

    T work(Work work);
  }

  <T> T fold(Cases<T> cases);

  /** What is dragged, told from everything else on its drawing. */
  String key();

  /** The cut that is held; empty for anything else. */
  default Optional<String> heldCut() {
    return Optional.empty();
  }

  /** The part on a board that is held; empty for anything else. */
  default Optional<String> heldPart() {
    return Optional.empty();
  }

  /** The board's mark that is held; empty for anything else. */
  default OptionalInt heldMark() {
    return OptionalInt.empty();
  }

  /** The number of the outline's point that is held, or whose pull is; empty for anything else. */
  default OptionalInt heldPoint() {
    return OptionalInt.empty();
  }

  /** Whether it pulls a curve, lying beside it. */
  default boolean pull() {
    return false;
  }

  /** The operation that is held; empty for anything else. */
  default Optional<String> heldWork() {
    return Optional.empty();
  }

  /** What there is one of. */
  enum Single implements Grip {
    /** The body's edge at the neck. */
    JOINT("joint"),
    BRIDGE("bridge.place"),
    FIRST_TUNER("tuner.first"),
    LAST_TUNER("tuner.spacing"),
    /** The body's outline on its blank. */
    BODY_PLACE("body.laid"),
    BODY_TURN("body.turn");

    private final String key;

    Single(String key) {
      this.key = key;
    }

    @Override
    public String key() {
      return key;
    }

    @Override
    public <T> T fold(Cases<T> cases) {
      return cases.single(this);
    }
  }

  /** A cut in the body, by its fitting's name. */
  record Cut(String name) implements Grip {
    @Override
    public Optional<String> heldCut() {
      return Optional.of(name);
    }

    @Override
    public String key() {
      return "cut." + name;
    }

    @Override
    public <T> T fold(Cases<T> cases) {
      return cases.cut(this);
    }
  }

  /**
   * A point of the body's curve that is shaped here.
   *
   * @param side bass or treble: whose decisions it moves by
   * @param number from 1 beside the neck
   * @param mirrored it lies on the treble side of a body whose bass side decides both
   */
  record BodyPoint(String side, int number, boolean mirrored) implements Grip {
    @Override
    public String key() {
      return "outline." + side + "." + number + (mirrored ? ".mirror" : "");
    }

    @Override
    public <T> T fold(Cases<T> cases) {
      return cases.bodyPoint(this);
    }
  }

  /** What of an outline's point is held: itself, or what pulls the curve before or after it. */
  enum Hold {
    POINT,
    BEFORE,
    AFTER
  }

  /**
   * A point of an outline that is drawn point by point.
   *
   * @param number from 0
   */
  record OutlinePoint(DrawnPart part, int number, Hold hold) implements Grip {
    @Override
    public OptionalInt heldPoint() {
      return OptionalInt.of(number);
    }

    @Override
    public boolean pull() {
      return hold != Hold.POINT;
    }

    @Override
    public String key() {
      return part.key() + "." + number + "." + hold.name().toLowerCase(Locale.ROOT);
    }

    @Override
    public <T> T fold(Cases<T> cases) {
      return cases.outlinePoint(this);
    }
  }

  /** A strip of the neck's stack, from 1 at the bass side. */
  record Strip(int number) implements Grip {
    @Override
    public String key() {
      return "strip." + number;
    }

    @Override
    public <T> T fold(Cases<T> cases) {
      return cases.strip(this);
    }
  }

  /** A strip's edge towards the treble side. */
  record StripEdge(int number) implements Grip {
    @Override
    public String key() {
      return "edge." + number;
    }

    @Override
    public <T> T fold(Cases<T> cases) {
      return cases.stripEdge(this);
    }
  }

  /** A part laid on a board, by the part's id. */
  record BoardPart(String part) implements Grip {
    @Override
    public Optional<String> heldPart() {
      return Optional.of(part);
    }

    @Override
    public String key() {
      return "part." + part;
    }

    @Override
    public <T> T fold(Cases<T> cases) {
      return cases.boardPart(this);
    }
  }

  /** A mark on the board that is looked at, from 0. */
  record BoardMark(int index) implements Grip {
    @Override
    public OptionalInt heldMark() {
      return OptionalInt.of(index);
    }

    @Override
    public String key() {
      return "mark." + index;
    }

    @Override
    public <T> T fold(Cases<T> cases) {
      return cases.boardMark(this);
    }
  }

  /** An operation in the order of work, or a piece of work on its day, by its id. */
  record Work(String id) implements Grip {
    @Override
    public Optional<String> heldWork() {
      return Optional.of(id);
    }

    @Override
    public String key() {
      return id;
    }

    @Override
    public <T> T fold(Cases<T> cases) {
      return cases.work(this);
    }
  }
}

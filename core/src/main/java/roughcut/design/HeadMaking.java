package roughcut.design;

import java.util.Arrays;
import java.util.List;

/** How the head is made (handbook page 1, "Where makers disagree"). */
public enum HeadMaking implements Choice {
  /** Sawn off, turned over and glued back at an angle. */
  SCARF("scarf joint", Grain.JOINED, "scarf."),
  /** Sawn at its angle from a deep blank. */
  ONE_PIECE("one piece", Grain.ACROSS, "head.one-piece", "head.grain-through"),
  /** In line with the neck, its face a step lower. */
  FLAT("flat, stepped down", Grain.STRAIGHT_ON, "head.flat-", "head.step");

  /** How the grain runs through the break. */
  public enum Grain {
    /** Along both, across a glue line. */
    JOINED,
    /** On at the shaft's angle, short across the head. */
    ACROSS,
    /** In line. */
    STRAIGHT_ON
  }

  private final String label;
  private final Grain grain;
  private final List<String> own;

  HeadMaking(String label, Grain grain, String... own) {
    this.label = label;
    this.grain = grain;
    this.own = List.of(own);
  }

  /**
   * Whether a value or decision of that id is of another way of making; it is worked out for
   * comparing, but isn't what is set at the machine.
   */
  public boolean foreign(String id) {
    return own.stream().noneMatch(id::startsWith)
        && Arrays.stream(values()).anyMatch(m -> m.own.stream().anyMatch(id::startsWith));
  }

  /** Whether the head is a piece of its own, glued on at its angle. */
  public boolean scarfed() {
    return grain == Grain.JOINED;
  }

  /** Whether it is sawn at its angle out of a blank that is deep enough. */
  public boolean sawnAtAngle() {
    return grain == Grain.ACROSS;
  }

  /** Whether its face lies a step lower, in line with the neck. */
  public boolean stepped() {
    return grain == Grain.STRAIGHT_ON;
  }

  @Override
  public String label() {
    return label;
  }
}

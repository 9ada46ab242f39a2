package roughcut.design;

import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * What is done to a blank after its strips are glued, one step upon the other: so a blank is a tree
 * of glue-ups (handbook page 8).
 *
 * @param species of the wood that the step adds; the stack's own when it adds none
 * @param thickness of what is added, mm: across for a centre strip or a wing, in depth for a cap or
 *     a heel block; 0 where nothing is added
 * @param length of what is added along the blank, mm; 0 for the whole length
 */
public record BlankStep(Kind kind, String species, double thickness, double length) {
  /** The ways to go on with a blank. */
  public enum Kind implements Choice {
    /** Resawn into two leaves, opened like a book and joined, with a centre strip or without. */
    OPENED(Text.of("resawn and bookmatched")),
    /** Sawn into two halves across, one turned end for end, and joined again. */
    TURNED(Text.of("halved, one half turned end for end")),
    /** A cap glued on the top. */
    CAPPED(Text.of("capped")),
    /** Wings glued to both sides at the heel: a through-neck's body. */
    WINGED(Text.of("winged")),
    /** A block glued under the heel. */
    HEEL_BLOCK(Text.of("heel block"));

    private final Text label;

    Kind(Text label) {
      this.label = label;
    }

    @Override
    public Text label() {
      return label;
    }
  }

  public static final int MOST_STEPS = 8;

  /** No step is longer, mm. */
  private static final double LONGEST = 2000;

  /** Nothing thicker is glued on; a centre strip is a strip like others, mm. */
  private static double mostThickness(Kind kind) {
    return kind == Kind.OPENED ? Strip.MOST : 400;
  }

  public BlankStep {
    if (kind == null || species == null || species.isBlank()) {
      throw new InvalidValue(Text.of("a step needs an operation and a wood"));
    }
    if (!(thickness >= 0 && thickness <= mostThickness(kind))
        || !(length >= 0 && length <= LONGEST)) {
      throw new InvalidValue(
          Text.of(
              kind == Kind.OPENED
                  ? "a centre strip is between 0 and {most} thick and at most {longest} long"
                  : "the added wood is between 0 and {most} thick and at most {longest} long",
              Text.length(mostThickness(kind), 0),
              Text.length(LONGEST, 0)));
    }
  }
}

package roughcut.shop;

import roughcut.measure.InvalidValue;
import roughcut.measure.NamedKind;
import roughcut.measure.Text;

/** Kinds of router cutters and boring bits. */
public enum CutterKind implements NamedKind {
  STRAIGHT("straight", Use.ROUTS),
  SPIRAL_UP("spiral, up-cut", Use.ROUTS),
  SPIRAL_DOWN("spiral, down-cut", Use.ROUTS),
  COMPRESSION("spiral, compression", Use.ROUTS),
  TOP_BEARING("pattern, top bearing", Use.ROUTS),
  BOTTOM_BEARING("flush-trim, bottom bearing", Use.ROUTS),
  BOTH_BEARINGS("top and bottom bearing", Use.ROUTS),
  BALL("ball", Use.SHAPES),
  VEE("V", Use.SHAPES),
  ROUND_OVER("round-over", Use.SHAPES),
  FORSTNER("Forstner bit", Use.BORES),
  BRAD_POINT("brad-point", Use.BORES),
  TWIST("twist bit", Use.BORES),
  STEP("step bit", Use.BORES);

  /** What it is for. */
  private enum Use {
    /** Leaves a flat floor and an upright wall. */
    ROUTS,
    /** Shapes an edge or a floor. */
    SHAPES,
    /** Goes into a drill. */
    BORES
  }

  private final String label;
  private final Use use;

  CutterKind(String label, Use use) {
    this.label = label;
    this.use = use;
  }

  public String label() {
    return label;
  }

  /** Whether it goes into a drill rather than a router. */
  public boolean bores() {
    return use == Use.BORES;
  }

  /** Whether it leaves a flat floor and an upright wall. */
  public boolean routs() {
    return use == Use.ROUTS;
  }

  /** Whether a bearing over the cutting edges can follow a template. */
  public boolean followsAbove() {
    return this == TOP_BEARING || this == BOTH_BEARINGS;
  }

  /** Whether a bearing stands below its cutting edges, so that it only cuts right through. */
  public boolean bearingAtTip() {
    return this == BOTTOM_BEARING || this == BOTH_BEARINGS;
  }

  /**
   * The kind of that word.
   *
   * @throws IllegalArgumentException when there is none
   */
  public static CutterKind of(String word) {
    for (CutterKind kind : values()) {
      if (kind.word().equals(word)) {
        return kind;
      }
    }
    throw new InvalidValue(Text.of("there is no kind of cutter called “{word}”", word));
  }
}

package roughcut.shop;

/** Kinds of router cutters and boring bits. */
public enum CutterKind {
  STRAIGHT("straight"),
  SPIRAL_UP("spiral, up-cut"),
  SPIRAL_DOWN("spiral, down-cut"),
  COMPRESSION("spiral, compression"),
  TOP_BEARING("bearing above"),
  BOTTOM_BEARING("bearing below"),
  BOTH_BEARINGS("both bearings"),
  BALL("ball"),
  VEE("V"),
  ROUND_OVER("round-over"),
  FORSTNER("Forstner bit"),
  BRAD_POINT("brad-point"),
  TWIST("twist bit"),
  STEP("step bit");

  private final String label;

  CutterKind(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }

  /** What it is called in files. */
  public String word() {
    return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
  }

  /** Whether it goes into a drill rather than a router. */
  public boolean bores() {
    return ordinal() >= FORSTNER.ordinal();
  }

  /** Whether it leaves a flat floor and an upright wall. */
  public boolean routs() {
    return ordinal() <= BOTH_BEARINGS.ordinal();
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
    throw new IllegalArgumentException("there is no kind of cutter called “" + word + "”");
  }
}

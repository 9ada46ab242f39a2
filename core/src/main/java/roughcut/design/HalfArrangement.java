package roughcut.design;

import roughcut.measure.Text;

/** How the second half of a body or top lies beside the first: four ways to try (page 3). */
public enum HalfArrangement implements Choice {
  AS_SAWN(Text.of("as sawn"), false, false),
  OPENED(Text.of("turned over"), true, false),
  END_FOR_END(Text.of("end for end"), false, true),
  BOTH(Text.of("over and end for end"), true, true);

  private final Text label;
  private final boolean over;
  private final boolean ends;

  HalfArrangement(Text label, boolean over, boolean ends) {
    this.label = label;
    this.over = over;
    this.ends = ends;
  }

  @Override
  public Text label() {
    return label;
  }

  /** Whether the half shows its other face. */
  public boolean over() {
    return over;
  }

  /** Whether the half is turned end for end. */
  public boolean ends() {
    return ends;
  }
}

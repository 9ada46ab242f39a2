package roughcut.design;

/** How the second half of a body or top lies beside the first: four ways to try (page 3). */
public enum HalfArrangement implements Choice {
  AS_SAWN("as sawn", false, false),
  OPENED("turned over", true, false),
  END_FOR_END("end for end", false, true),
  BOTH("over and end for end", true, true);

  private final String label;
  private final boolean over;
  private final boolean ends;

  HalfArrangement(String label, boolean over, boolean ends) {
    this.label = label;
    this.over = over;
    this.ends = ends;
  }

  @Override
  public String label() {
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

package roughcut.design;

/** How the inner strings stand between the outer ones at the nut (handbook page 2). */
public enum StringSpacing implements Choice {
  /** Equal gaps between the strings' edges. */
  EQUAL_GAPS("equal gaps"),
  /** Equal distances between the strings' centres. */
  EQUAL_CENTRES("equal centres");

  private final String label;

  StringSpacing(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

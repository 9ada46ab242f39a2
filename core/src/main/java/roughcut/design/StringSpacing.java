package roughcut.design;

import roughcut.measure.Text;

/** How the inner strings stand between the outer ones at the nut (handbook page 2). */
public enum StringSpacing implements Choice {
  /** Equal gaps between the strings' edges. */
  EQUAL_GAPS(Text.of("equal gaps")),
  /** Equal distances between the strings' centres. */
  EQUAL_CENTRES(Text.of("equal centres"));

  private final Text label;

  StringSpacing(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}

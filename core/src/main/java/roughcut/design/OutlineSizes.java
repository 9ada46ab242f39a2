package roughcut.design;

import roughcut.measure.Text;

/** Where the widths of our own outline are taken. */
public enum OutlineSizes implements Choice {
  /** Across the widest and the narrowest places, where a rule is laid. */
  ACROSS(Text.of("across the curve")),
  /** At the points that the curve goes through; it is a little wider between them. */
  POINTS(Text.of("at its points"));

  private final Text label;

  OutlineSizes(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}

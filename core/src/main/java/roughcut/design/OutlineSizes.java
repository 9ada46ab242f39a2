package roughcut.design;

/** Where the widths of our own outline are taken. */
public enum OutlineSizes implements Choice {
  /** Across the widest and the narrowest places, where a rule is laid. */
  ACROSS("across the curve"),
  /** At the points that the curve goes through; it is a little wider between them. */
  POINTS("at its points");

  private final String label;

  OutlineSizes(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

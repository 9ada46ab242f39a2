package roughcut.design;

/** Where tuners stand across the head. */
public enum TunerRule implements Choice {
  /** Each post beside its string's own straight line. */
  STRAIGHT_PULL("strings run straight"),
  /** Along a line at a fixed offset from the centre line. */
  ALONG_A_LINE("along a line");

  private final String label;

  TunerRule(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

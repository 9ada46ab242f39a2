package roughcut.design;

import roughcut.measure.Text;

/** Where tuners stand across the head. */
public enum TunerRule implements Choice {
  /** Each post beside its string's own straight line. */
  STRAIGHT_PULL(Text.of("straight strings")),
  /** Along a line at a fixed offset from the centre line. */
  ALONG_A_LINE(Text.of("along a line"));

  private final Text label;

  TunerRule(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}

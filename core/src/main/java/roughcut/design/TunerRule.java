package roughcut.design;

import roughcut.measure.Text;

/** Where tuners stand across the head. */
public enum TunerRule implements Choice {
  /** Each post beside its string's own straight line. */
  STRAIGHT_PULL(Text.of("straight strings")),
  /** Along a line at a fixed offset from the centre line. */
  ALONG_A_LINE(Text.of("along a line")),
  /** All as far from the headstock's edge at their side. */
  ALONG_THE_EDGE(Text.of("along the edge"));

  private final Text label;

  TunerRule(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}

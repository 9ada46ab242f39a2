package roughcut.design;

import roughcut.measure.Text;

/** How the saddles are placed (handbook page 1, "Where makers disagree"). */
public enum CompensationBy implements Choice {
  ESTIMATE(Text.of("estimated per string")),
  OWN_TABLE(Text.of("own table")),
  STRAIGHT_LINE(Text.of("straight line at an angle"));

  private final Text label;

  CompensationBy(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}

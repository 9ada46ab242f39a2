package roughcut.design;

import roughcut.measure.Text;

/** Shape of a channel's bottom. */
public enum ChannelBottom implements Choice {
  FLAT("flat"),
  /** Left by a round-nosed cutter as wide as the channel. */
  ROUND("round");

  private final String label;

  ChannelBottom(String label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return Text.of(label);
  }
}

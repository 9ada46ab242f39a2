package roughcut.design;

import roughcut.measure.Text;

/** What the channels are routed with. */
public enum ChannelMachine implements Choice {
  /** The blank is pushed along a fence, over a cutter that stands still. */
  ROUTER_TABLE(Text.of("router table, fence")),
  /** The router moves over the blank, between rails, so that stops count to its base. */
  RAILED_JIG(Text.of("railed jig")),
  /** The router moves over the blank, led along its edge. */
  EDGE_GUIDE(Text.of("edge guide"));

  private final Text label;

  ChannelMachine(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}

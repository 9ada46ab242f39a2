package roughcut.design;

/** What the channels are routed with. */
public enum ChannelMachine implements Choice {
  /** The blank is pushed along a fence, over a cutter that stands still. */
  ROUTER_TABLE("router table, fence"),
  /** The router moves over the blank, between rails, so that stops count to its base. */
  RAILED_JIG("railed jig"),
  /** The router moves over the blank, led along its edge. */
  EDGE_GUIDE("edge guide");

  private final String label;

  ChannelMachine(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

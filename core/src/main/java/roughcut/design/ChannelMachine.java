package roughcut.design;

/** What the channels are routed with. */
public enum ChannelMachine implements Choice {
  ROUTER_TABLE("router table, fence"),
  RAILED_JIG("railed jig"),
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

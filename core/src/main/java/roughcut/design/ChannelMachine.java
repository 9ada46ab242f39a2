package roughcut.design;

/** What the channels are routed with. */
public enum ChannelMachine implements Choice {
  ROUTER_TABLE("router table, fence", true, false),
  RAILED_JIG("railed jig", false, true),
  EDGE_GUIDE("edge guide", true, true);

  private final String label;
  private final boolean fenced;
  private final boolean carried;

  ChannelMachine(String label, boolean fenced, boolean carried) {
    this.fenced = fenced;
    this.carried = carried;
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }

  /** Whether it is led along the blank's edge. */
  public boolean fenced() {
    return fenced;
  }

  /** Whether the router moves over the blank, so that stops count to its base. */
  public boolean carried() {
    return carried;
  }
}

package roughcut.design;

/** What a bolted neck is held by. */
public enum BoltKind implements Choice {
  SCREWS_PLATE("screws and plate", false),
  SCREWS_FERRULES("screws, ferrules", false),
  INSERTS("bolts into inserts", true);

  private final String label;
  private final boolean inserted;

  BoltKind(String label, boolean inserted) {
    this.inserted = inserted;
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }

  /** Whether its thread is in metal that is let into the heel. */
  public boolean inserted() {
    return inserted;
  }
}

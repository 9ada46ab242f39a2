package roughcut.design;

/** What a bolted neck is held by. */
public enum BoltKind implements Choice {
  SCREWS_PLATE("screws and plate"),
  SCREWS_FERRULES("screws, ferrules"),
  INSERTS("bolts into inserts");

  private final String label;

  BoltKind(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

package roughcut.design;

/** What a bolted neck is held by. */
public enum BoltKind implements Choice {
  SCREWS_PLATE("wood screws through a plate"),
  SCREWS_FERRULES("wood screws through ferrules"),
  INSERTS("machine bolts into inserts");

  private final String label;

  BoltKind(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

package roughcut.design;

/** How a rout is emptied (handbook page 1, "Where makers disagree"). */
public enum WasteRemoval implements Choice {
  BORED_FIRST("bored out first"),
  ROUTED("routed all the way");

  private final String label;

  WasteRemoval(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

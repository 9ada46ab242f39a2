package roughcut.design;

/** Whether finish gets into the neck's pocket. */
public enum PocketFinish implements Choice {
  KEPT_OUT("kept out"),
  GOES_IN("goes in");

  private final String label;

  PocketFinish(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

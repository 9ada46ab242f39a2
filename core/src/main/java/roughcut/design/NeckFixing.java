package roughcut.design;

/** How the neck is held in the body (handbook page 1, "Where makers disagree"). */
public enum NeckFixing implements Choice {
  BOLTED("bolted on"),
  GLUED_IN("glued in"),
  /** The neck runs through to the body's end, with the body's sides glued on as wings. */
  THROUGH("through, with wings");

  private final String label;

  NeckFixing(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

package roughcut.design;

/** Which way a truss rod pulls. */
public enum RodActing implements Choice {
  DOUBLE("both ways"),
  /** Against the pull of the strings only: it can't take out a back-bow. */
  SINGLE("against the strings only");

  private final String label;

  RodActing(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

package roughcut.design;

/** What a body's back is made of. */
public enum BodyBack implements Choice {
  HALVES("two halves", true, false),
  ONE_PIECE("one piece", false, false),
  STRIPS("laminated strips", false, true);

  private final String label;
  private final boolean halved;
  private final boolean laminated;

  BodyBack(String label, boolean halved, boolean laminated) {
    this.halved = halved;
    this.laminated = laminated;
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }

  /** Whether one joint runs along its middle. */
  public boolean halved() {
    return halved;
  }

  /** Whether it is glued up of strips that are listed one by one. */
  public boolean laminated() {
    return laminated;
  }
}

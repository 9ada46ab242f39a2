package roughcut.design;

/** What a body's back is made of. */
public enum BodyBack implements Choice {
  /** One joint runs along its middle. */
  HALVES("two halves"),
  ONE_PIECE("one piece"),
  /** Glued up of strips that are listed one by one. */
  STRIPS("laminated strips");

  private final String label;

  BodyBack(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

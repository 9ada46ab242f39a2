package roughcut.design;

/** What a body's back is made of. */
public enum BodyBack implements Choice {
  HALVES("two halves"),
  ONE_PIECE("one piece"),
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

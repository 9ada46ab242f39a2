package roughcut.design;

/** The two faces of a body. */
public enum BodyFace implements Choice {
  TOP("the top"),
  BACK("the back");

  private final String label;

  BodyFace(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }

  public BodyFace other() {
    return this == TOP ? BACK : TOP;
  }
}

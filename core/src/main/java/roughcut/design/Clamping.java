package roughcut.design;

/** What presses a top or a veneer on (handbook page 3). */
public enum Clamping implements Choice {
  CLAMPS("clamps and cauls"),
  /** Fixed 0.08 MPa over the area; for veneers and tops only. */
  VACUUM_BAG("vacuum bag");

  private final String label;

  Clamping(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

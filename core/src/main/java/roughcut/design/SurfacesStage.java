package roughcut.design;

/** Whether round-overs, contours and carving are cut yet. */
public enum SurfacesStage implements Choice {
  CUT("cut"),
  TO_COME("still to come");

  private final String label;

  SurfacesStage(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

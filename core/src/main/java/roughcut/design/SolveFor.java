package roughcut.design;

/** Which of the three heights follows from the other two (handbook page 2, "Heights"). */
public enum SolveFor implements Choice {
  ANGLE("neck angle"),
  EXPOSED("pocket depth"),
  SADDLE("saddle height");

  private final String label;

  SolveFor(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

package roughcut.design;

/** How the saddles are placed (handbook page 1, "Where makers disagree"). */
public enum CompensationBy implements Choice {
  ESTIMATE("estimated per string"),
  OWN_TABLE("own table"),
  STRAIGHT_LINE("straight line at an angle");

  private final String label;

  CompensationBy(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

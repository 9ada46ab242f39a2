package roughcut.design;

/** How the head is made (handbook page 1, "Where makers disagree"). */
public enum HeadMaking implements Choice {
  /** Sawn off, turned over and glued back at an angle. */
  SCARF("scarf joint"),
  /** Sawn at its angle from a deep blank. */
  ONE_PIECE("one piece"),
  /** In line with the neck, its face a step lower. */
  FLAT("flat, stepped down");

  private final String label;

  HeadMaking(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

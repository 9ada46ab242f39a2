package roughcut.design;

/** From where the truss rod is worked (handbook page 4). */
public enum RodReach implements Choice {
  HEAD_BORE("head, through a bore", true),
  HEAD_POCKET("head, from a pocket", true),
  HEEL("heel end", false),
  FRETBOARD_END("fretboard's end", false);

  private final String label;
  private final boolean fromHead;

  RodReach(String label, boolean fromHead) {
    this.fromHead = fromHead;
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }

  /** Whether the adjuster is at the rod's head end. */
  public boolean fromHead() {
    return fromHead;
  }
}

package roughcut.design;

/** From where the truss rod is worked (handbook page 4). */
public enum RodReach implements Choice {
  HEAD_BORE("head, through a bore"),
  HEAD_POCKET("head, from a pocket"),
  HEEL("heel end"),
  FRETBOARD_END("fretboard's end");

  private final String label;

  RodReach(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

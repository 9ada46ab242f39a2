package roughcut.design;

/** How far up a neck bolt may go. */
public enum BoltReach implements Choice {
  GLUE_LINE("below the board"),
  INTO_FRETBOARD("into the board");

  private final String label;

  BoltReach(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }

  /** What stands over the bolt's tip. */
  public String stops() {
    return this == GLUE_LINE ? "fretboard" : "slots";
  }
}

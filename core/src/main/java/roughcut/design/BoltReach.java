package roughcut.design;

/** How far up a neck bolt may go. */
public enum BoltReach implements Choice {
  GLUE_LINE("stays below the fretboard"),
  INTO_FRETBOARD("may go into the fretboard");

  private final String label;

  BoltReach(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

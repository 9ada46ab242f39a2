package roughcut.design;

/** From where a pickup's place is measured. */
public enum LocatedFrom implements Choice {
  SADDLE_LINE("the saddle line"),
  FRETBOARD_END("the fretboard's end");

  private final String label;

  LocatedFrom(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

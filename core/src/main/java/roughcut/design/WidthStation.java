package roughcut.design;

/** Where the fretboard's second width is given (handbook page 2). */
public enum WidthStation implements Choice {
  OCTAVE_FRET("octave fret"),
  LAST_FRET("last fret"),
  END("fretboard end");

  private final String label;

  WidthStation(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

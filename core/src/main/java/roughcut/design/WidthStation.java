package roughcut.design;

import roughcut.measure.Text;

/** Where the fretboard's second width is given (handbook page 2). */
public enum WidthStation implements Choice {
  OCTAVE_FRET(Text.of("octave fret")),
  LAST_FRET(Text.of("last fret")),
  END(Text.of("fretboard end"));

  private final Text label;

  WidthStation(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}

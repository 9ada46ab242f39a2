package roughcut.design;

import roughcut.measure.Text;

/** From where a pickup's place is measured. */
public enum LocatedFrom implements Choice {
  SADDLE_LINE(Text.of("the saddle line")),
  FRETBOARD_END(Text.of("the fretboard end"));

  private final Text label;

  LocatedFrom(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}

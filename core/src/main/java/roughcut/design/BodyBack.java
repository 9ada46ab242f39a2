package roughcut.design;

import roughcut.measure.Text;

/** What a body's back is made of. */
public enum BodyBack implements Choice {
  /** One joint runs along its middle. */
  HALVES(Text.of("two halves")),
  ONE_PIECE(Text.of("one piece")),
  /** Glued up of strips that are listed one by one. */
  STRIPS(Text.of("laminated strips"));

  private final Text label;

  BodyBack(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}

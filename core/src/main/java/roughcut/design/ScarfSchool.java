package roughcut.design;

import roughcut.measure.Text;

/** The two ways to glue the same two pieces of a scarf joint (handbook page 4). */
public enum ScarfSchool implements Choice {
  /** The head piece lies with its flat face on the shaft's bevel; the fretboard covers the seam. */
  SEAM_UNDER_FRETBOARD(Text.of("under the fretboard")),
  /** The head piece's bevel is glued to the shaft's flat back; a face veneer covers the seam. */
  SEAM_ACROSS_HEAD(Text.of("in the headstock"));

  private final Text label;

  ScarfSchool(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}

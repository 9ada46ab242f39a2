package roughcut.design;

/** The two ways to glue the same two pieces of a scarf joint (handbook page 4). */
public enum ScarfSchool implements Choice {
  /** The head piece lies with its flat face on the shaft's bevel; the fretboard covers the seam. */
  SEAM_UNDER_FRETBOARD("under the fretboard"),
  /** The head piece's bevel is glued to the shaft's flat back; a face veneer covers the seam. */
  SEAM_ACROSS_HEAD("in the headstock");

  private final String label;

  ScarfSchool(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

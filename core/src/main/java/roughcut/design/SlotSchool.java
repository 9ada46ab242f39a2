package roughcut.design;

/** When fret slots get their depth (handbook page 5, "Slots"). */
public enum SlotSchool implements Choice {
  AT_FIRST("deep enough at first"),
  AFTER_RADIUS("deepened after the radius"),
  /** While radius and face are only partly sanded. */
  MIDWAY("deepened midway");

  private final String label;

  SlotSchool(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

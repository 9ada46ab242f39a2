package roughcut.design;

/** When fret slots get their depth (handbook page 5, "Slots"). */
public enum SlotSchool implements Choice {
  AT_FIRST("deep enough at first", false, false),
  AFTER_RADIUS("deepened after the radius", true, false),
  MIDWAY("deepened midway", true, true);

  private final String label;
  private final boolean later;
  private final boolean midway;

  SlotSchool(String label, boolean later, boolean midway) {
    this.later = later;
    this.midway = midway;
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }

  /** Whether slots are deepened after the first cut. */
  public boolean later() {
    return later;
  }

  /** Whether that is while radius and face are only partly sanded. */
  public boolean midway() {
    return midway;
  }
}

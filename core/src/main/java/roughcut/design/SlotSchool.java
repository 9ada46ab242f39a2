package roughcut.design;

import roughcut.measure.Text;

/** When fret slots get their depth (handbook page 5, "Slots"). */
public enum SlotSchool implements Choice {
  AT_FIRST(Text.of("full depth now")),
  AFTER_RADIUS(Text.of("deepened after the radius")),
  /** While radius and face are only partly sanded. */
  MIDWAY(Text.of("deepened midway"));

  private final Text label;

  SlotSchool(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}

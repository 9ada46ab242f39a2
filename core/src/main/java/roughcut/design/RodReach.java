package roughcut.design;

import roughcut.measure.Text;

/** From where the truss rod is worked (handbook page 4). */
public enum RodReach implements Choice {
  HEAD_BORE(Text.of("head, access hole"), true),
  HEAD_POCKET(Text.of("head, pocket"), true),
  HEEL(Text.of("heel end"), false),
  FRETBOARD_END(Text.of("fretboard end"), false);

  private final Text label;
  private final boolean fromHead;

  RodReach(Text label, boolean fromHead) {
    this.fromHead = fromHead;
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }

  /** Whether the adjuster is at the rod's head end. */
  public boolean fromHead() {
    return fromHead;
  }
}

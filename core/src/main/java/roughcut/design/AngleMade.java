package roughcut.design;

import roughcut.measure.Text;

/** What makes the neck's angle where its heel sits in a pocket (handbook page 2). */
public enum AngleMade implements Choice {
  /** The pocket's floor is tilted under a straight heel. */
  TILTED_FLOOR(Text.of("tilted pocket floor")),
  /** The floor is level, and the heel's underside planed to a taper. */
  PLANED_HEEL(Text.of("heel planed to a taper")),
  /** The floor is level, and a wedge over its whole face lies under a straight heel. */
  WEDGE(Text.of("full-face wedge"));

  private final Text label;

  AngleMade(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}

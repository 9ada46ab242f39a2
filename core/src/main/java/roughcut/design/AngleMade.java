package roughcut.design;

/** What makes the neck's angle where its heel sits in a pocket (handbook page 2). */
public enum AngleMade implements Choice {
  /** The pocket's floor is tilted under a straight heel. */
  TILTED_FLOOR("tilted pocket floor"),
  /** The floor is level, and the heel's underside planed to a taper. */
  PLANED_HEEL("heel planed to a taper"),
  /** The floor is level, and a wedge over its whole face lies under a straight heel. */
  WEDGE("full-face wedge");

  private final String label;

  AngleMade(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}

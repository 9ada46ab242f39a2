package roughcut.design;

/**
 * How the neck is held in the body (handbook page 1, "Where makers disagree"). What differs between
 * the joints is asked of them; a new one has to answer all of it.
 */
public enum NeckJoint implements Choice {
  BOLT_ON("bolted", "bolt-on", Holds.POCKET, Fastened.SCREWS),
  SET_NECK("glued-in", "set neck, glued", Holds.POCKET, Fastened.GLUE),
  /** The neck runs through to the body's end, with the body's sides glued on as wings. */
  THROUGH("through", "neck-through, with wings", Holds.WINGS, Fastened.GLUE);

  /** What of the body holds the neck. */
  public enum Holds {
    /** A heel in a pocket that is routed into the whole body. */
    POCKET,
    /** Nothing: the neck's core runs through, and the body's sides are glued to it. */
    WINGS
  }

  /** By what the two stay together. */
  public enum Fastened {
    SCREWS,
    GLUE
  }

  private final String word;
  private final String label;
  private final Holds holds;
  private final Fastened fastened;

  NeckJoint(String word, String label, Holds holds, Fastened fastened) {
    this.word = word;
    this.label = label;
    this.holds = holds;
    this.fastened = fastened;
  }

  @Override
  public String word() {
    return word;
  }

  @Override
  public String label() {
    return label;
  }

  /** Whether the heel sits in a pocket of the body. */
  public boolean pocketed() {
    return holds == Holds.POCKET;
  }

  /** Whether the neck's core runs through to the body's end, between its wings. */
  public boolean runsThrough() {
    return holds == Holds.WINGS;
  }

  /** Whether it comes off again. */
  public boolean screwed() {
    return fastened == Fastened.SCREWS;
  }
}

package roughcut.design;

import roughcut.measure.Text;

/**
 * How the neck is held in the body (handbook page 1, "Where makers disagree"). Whoever has to tell
 * them apart switches over all of them, so that a new one doesn't compile until it is answered for.
 */
public enum NeckJoint implements Choice {
  /** A heel in a pocket, held by screws: it comes off again. */
  BOLT_ON("bolted", Text.of("bolt-on")),
  /** A heel in a pocket, glued to stay. */
  SET_NECK("glued-in", Text.of("set neck, glued")),
  /** The neck's core runs through to the body's end, with the body's sides glued on as wings. */
  THROUGH("through", Text.of("neck-through, with wings"));

  private final String word;
  private final Text label;

  NeckJoint(String word, Text label) {
    this.word = word;
    this.label = label;
  }

  @Override
  public String word() {
    return word;
  }

  @Override
  public Text label() {
    return label;
  }
}

package roughcut.design;

import roughcut.measure.Text;

/** Which way a truss rod pulls. */
public enum RodActing implements Choice {
  DOUBLE(Text.of("both ways")),
  /** Against the pull of the strings only: it can't take out a back-bow. */
  SINGLE(Text.of("against the strings only"));

  private final Text label;

  RodActing(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}

package roughcut.bench;

import roughcut.measure.Text;

/** What a number of an operation is a size of, and so what too much or too little of it is. */
public enum Sizing {
  /** Grows with what is taken away downwards. */
  DEPTH(Text.of("too shallow"), Text.of("too deep")),
  /** Grows with what is taken away sideways. */
  OPENING(Text.of("too narrow"), Text.of("too wide")),
  /** Where it is; neither more nor less. */
  PLACE(Text.of("away from its planned position"), Text.of("away from its planned position")),
  /** What is left standing, or anything else that is set. */
  OTHER(Text.of("too little"), Text.of("too much"));

  private final Text less;
  private final Text more;

  Sizing(Text less, Text more) {
    this.less = less;
    this.more = more;
  }

  /**
   * What it is when it is off.
   *
   * @param by what is wanted less what is there
   */
  public Text word(double by) {
    return by > 0 ? less : more;
  }
}

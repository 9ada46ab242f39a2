package roughcut.bench;

/** What a number of an operation is a size of, and so what too much or too little of it is. */
public enum Sizing {
  /** Grows with what is taken away downwards. */
  DEPTH("too shallow", "too deep"),
  /** Grows with what is taken away sideways. */
  OPENING("too narrow", "too wide"),
  /** Where it is; neither more nor less. */
  PLACE("away from where it is drawn", "away from where it is drawn"),
  /** What is left standing, or anything else that is set. */
  OTHER("too little", "too much");

  private final String less;
  private final String more;

  Sizing(String less, String more) {
    this.less = less;
    this.more = more;
  }

  /**
   * What it is when it is off.
   *
   * @param by what is wanted less what is there
   */
  public String word(double by) {
    return by > 0 ? less : more;
  }
}

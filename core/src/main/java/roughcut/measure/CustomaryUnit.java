package roughcut.measure;

/**
 * A unit of the US customary system beside the program's own.
 *
 * @param sign as it is written behind a number
 * @param size of one, in the program's own unit (international yard and pound agreement, 1959:
 *     exact)
 * @param zero what its 0 is in the program's own unit
 * @param decimals digits after the decimal mark when shown
 */
record CustomaryUnit(String sign, double size, double zero, int decimals) {
  /** An avoirdupois pound, g. */
  static final double POUND = 453.59237;

  /** A pound's pull in standard gravity, N. */
  static final double POUND_FORCE = POUND / 1000 * 9.80665;

  double of(double own) {
    return (own - zero) / size;
  }

  double own(double customary) {
    return customary * size + zero;
  }
}

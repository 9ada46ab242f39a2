package roughcut.shop;

import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * The planer and what it can take.
 *
 * @param width widest board, mm
 * @param leastLength shorter pieces are never fed, mm
 * @param carrierBelow thinner pieces ride on a carrier board, mm
 * @param mostBite most that one pass may take, mm
 * @param snipe what it spoils at each end without a carrier, mm
 */
public record Planer(
    double width, double leastLength, double carrierBelow, double mostBite, double snipe) {
  /** Until the maker's own is entered. */
  public static final Planer USUAL = new Planer(310, 350, 8, 2.5, 60);

  public Planer {
    if (!(width > 0) || !(leastLength >= 0) || !(carrierBelow >= 0) || !(mostBite > 0)) {
      throw new InvalidValue(
          Text.of("a planer needs a width, a minimum length and a maximum pass"));
    }
    if (!(snipe >= 0)) {
      throw new InvalidValue(Text.of("snipe is 0 or more"));
    }
  }
}

package roughcut.shop;

import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * A saw of the shop.
 *
 * @param kerf width of the cut, mm
 * @param allowance what planing takes off each sawn face after ripping, mm
 * @param resawAllowance what is left on each face for the blade's wander when a wide board is sawn
 *     through its thickness, mm
 * @param height deepest cut, mm; for resawing it is held against the board's width
 * @param blade how sharp its blade is; a dull one wanders
 */
public record Saw(
    String name,
    double kerf,
    double allowance,
    double resawAllowance,
    double height,
    Cutter.Condition blade) {
  /** Wander that is reckoned with until the saw is known better, mm (handbook page 3). */
  public static final double USUAL_WANDER = 1.5;

  /** No blade of a shop is thicker, mm. */
  public static final double MOST_KERF = 10;

  /** More isn't left for planing or for wander, mm a face. */
  public static final double MOST_ALLOWANCE = 20;

  /** One with a sharp blade. */
  public Saw(String name, double kerf, double allowance, double resawAllowance, double height) {
    this(name, kerf, allowance, resawAllowance, height, Cutter.Condition.SHARP);
  }

  public Saw {
    if (name == null
        || name.isBlank()
        || !(kerf >= 0 && kerf <= MOST_KERF)
        || !(allowance >= 0 && allowance <= MOST_ALLOWANCE)
        || !(resawAllowance >= 0 && resawAllowance <= MOST_ALLOWANCE)
        || !(height > 0 && height <= 2000)) {
      throw new InvalidValue(
          Text.of(
              "a saw needs a name, a kerf of 0 to 10 mm, allowances of 0 to 20 mm and a depth of "
                  + "cut"));
    }
  }

  /** Whether its blade goes where it likes. */
  public boolean wanders() {
    return blade == Cutter.Condition.DULL;
  }
}

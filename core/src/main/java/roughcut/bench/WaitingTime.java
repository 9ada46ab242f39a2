package roughcut.bench;

import roughcut.measure.Text;
import roughcut.shop.Glue;
import roughcut.shop.ShopHours;

/**
 * What has to pass by the clock after an operation before the next can stand on it. The one
 * computation of waits: bench, days, brief and command line ask here.
 *
 * @param listed by the clock, h; of glue at the warmth that it is listed for
 * @param clamped how much of it in clamps, h; 0 where nothing is clamped
 * @param glue whether it is glue that cures, which takes longer in the cold
 * @param reason what happens meanwhile, to go on after “until”
 */
public record WaitingTime(double listed, double clamped, boolean glue, Text reason) {
  static WaitingTime of(double hours, Text reason) {
    return new WaitingTime(hours, 0, false, reason);
  }

  /** A glue's: in clamps first, and then until it may be worked. */
  static WaitingTime cure(Glue glue) {
    return new WaitingTime(
        glue.cureHours(), glue.clampMinutes() / 60, true, Text.of("the glue has cured"));
  }

  /** How long it really is in a shop, h. */
  public double hours(ShopHours shop) {
    return listed * factor(shop);
  }

  /** How long a set of clamps is taken in a shop, h. */
  public double clampHours(ShopHours shop) {
    return clamped * factor(shop);
  }

  /** The same in minutes by the clock, to be counted from when the operation is done. */
  public long minutes(ShopHours shop) {
    return Math.round(60 * hours(shop));
  }

  private double factor(ShopHours shop) {
    return glue ? shop.cureFactor() : 1;
  }
}

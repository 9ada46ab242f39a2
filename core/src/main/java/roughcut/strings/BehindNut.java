package roughcut.strings;

import java.util.Optional;
import roughcut.measure.Text;

/** What the strings run to behind the nut, and what helps there against a wrong break angle. */
public enum BehindNut {
  /** Tuner posts on a headstock. */
  POSTS(
      Text.of("lower post or string tree needed"),
      Text.of("the string will rub: use a higher post or a flatter headstock")),
  /** The headpiece of a headless neck. */
  HEADPIECE(
      Text.of("hold the strings lower at the headpiece, or nearer to the nut"),
      Text.of("the string will rub: hold the strings higher, or further behind the nut"));

  private final Text tooFlat;
  private final Text tooSteep;

  BehindNut(Text tooFlat, Text tooSteep) {
    this.tooFlat = tooFlat;
    this.tooSteep = tooSteep;
  }

  /**
   * What would help.
   *
   * @param degrees by which a string turns down over the nut
   * @return empty where it is within its limits
   */
  public Optional<Text> helps(double degrees) {
    return degrees < NutWork.BREAK_LEAST
        ? Optional.of(tooFlat)
        : degrees > NutWork.BREAK_MOST ? Optional.of(tooSteep) : Optional.empty();
  }
}

package roughcut.design;

/**
 * One string of the set, as bought.
 *
 * @param gauge outer diameter, mm
 * @param wound wound rather than plain
 */
public record StringSpec(double gauge, boolean wound) {
  public StringSpec {
    if (!(gauge >= 0.1 && gauge <= 5)) {
      throw new IllegalArgumentException("a string is between 0.1 and 5 mm thick, not " + gauge);
    }
  }
}

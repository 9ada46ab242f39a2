package roughcut.shop;

/**
 * A saw of the shop.
 *
 * @param kerf width of the cut, mm
 * @param allowance what planing takes off each sawn face, mm
 */
public record Saw(String name, double kerf, double allowance) {
  public Saw {
    if (name == null
        || name.isBlank()
        || !(kerf >= 0 && kerf <= 10)
        || !(allowance >= 0 && allowance <= 20)) {
      throw new IllegalArgumentException(
          "a saw needs a name, a kerf of 0 to 10 mm and an allowance of 0 to 20 mm");
    }
  }
}

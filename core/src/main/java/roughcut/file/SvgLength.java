package roughcut.file;

import java.util.Map;
import java.util.Optional;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;
import roughcut.measure.Units;

/**
 * A length as an SVG drawing tells it: a number in the drawing's own units, or with a unit behind
 * it (CSS: 96 of the drawing's units are an inch, a point is 1/72 inch, a pica 1/6).
 *
 * @param unit as it stands there; empty for the drawing's own
 */
record SvgLength(double number, String unit) {
  /** Millimetres in each. */
  private static final Map<String, Double> MM =
      Map.of(
          "", Units.INCH / 96,
          "px", Units.INCH / 96,
          "mm", 1.0,
          "cm", 10.0,
          "in", Units.INCH,
          "pt", Units.INCH / 72,
          "pc", Units.INCH / 6);

  /**
   * @throws IllegalArgumentException when it is no number, or has a unit that isn't known
   */
  static SvgLength read(String text) {
    return size(text)
        .orElseThrow(
            () ->
                new InvalidValue(
                    Text.of(
                        "“{typed}” has no unit that can be read: mm, cm, in, pt, pc, px",
                        text.strip())));
  }

  /**
   * What a drawing is as wide as; empty where nothing can be measured by it: “auto”, “100%”, so
   * many letters.
   *
   * @throws IllegalArgumentException when it is no number
   */
  static Optional<SvgLength> size(String text) {
    String told = text.strip();
    int end = told.length();
    while (end > 0 && (Character.isLetter(told.charAt(end - 1)) || told.charAt(end - 1) == '%')) {
      end--;
    }
    String unit = told.substring(end);
    return told.isEmpty() || !MM.containsKey(unit)
        ? Optional.empty()
        : Optional.of(new SvgLength(SvgPathData.number(told.substring(0, end).strip()), unit));
  }

  /** Whether it says how long it is on paper, whatever the drawing's units stand for. */
  boolean onPaper() {
    return !unit.isEmpty() && !unit.equals("px");
  }

  /** Its unit, to be told. */
  String words() {
    return unit.equals("in") ? "inches" : unit;
  }

  double mm() {
    return number * MM.get(unit);
  }

  /** In the drawing's own units. */
  double units() {
    return unit.isEmpty() ? number : mm() / MM.get("");
  }
}

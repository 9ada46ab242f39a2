package roughcut.design;

import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * Something small that an offcut is kept for: a cover, a plug, a knob.
 *
 * @param name what it is, unique in the build
 * @param species wood that it shall match
 * @param length along the grain, mm
 * @param width across, mm
 * @param thickness mm
 */
public record SmallPart(
    String name, String species, double length, double width, double thickness) {
  public SmallPart {
    if (name == null || !name.matches("[\\p{L}\\p{N}][\\p{L}\\p{N} -]{0,39}")) {
      throw new InvalidValue(Text.of("a small part needs a short name, not “{name}”", name));
    }
    if (species == null || species.isBlank()) {
      throw new InvalidValue(Text.of("{name} needs a wood", name));
    }
    if (!(length > 0 && length <= 2000)
        || !(width > 0 && width <= 500)
        || !(thickness > 0 && thickness <= 200)) {
      throw new InvalidValue(
          Text.of("{name} needs a length, a width and a thickness, each more than 0", name));
    }
  }
}

package roughcut.shop;

import java.util.List;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * A set of strings as bought, under a name.
 *
 * @param strings from the treble side: string 1 first
 */
public record StringSet(String name, List<StringSpec> strings) {
  public StringSet {
    strings = List.copyOf(strings);
    Shelf.checkName(name);
    if (strings.isEmpty()) {
      throw new InvalidValue(Text.of("{name} has no strings in it", name));
    }
  }

  /** The same under another name. */
  public StringSet withName(String next) {
    return new StringSet(next, strings);
  }
}

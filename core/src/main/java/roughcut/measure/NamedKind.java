package roughcut.measure;

import java.util.Locale;

/** One of a few kinds that files know by a word of their own, whatever it is called on a screen. */
public interface NamedKind {
  String name();

  /** The constant's name as it stands in files: {@code seam-under-fretboard}; never changed. */
  default String word() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}

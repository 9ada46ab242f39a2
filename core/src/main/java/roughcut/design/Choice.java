package roughcut.design;

import java.util.Locale;

/**
 * One of the ways that makers disagree about: an enum constant with a stable word for files and a
 * label for people.
 */
public interface Choice {
  String name();

  String label();

  /**
   * The constant's name as it stands in files and on the command line: {@code
   * seam-under-fretboard}.
   */
  default String word() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}

package roughcut.record;

import java.time.LocalDateTime;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * A note of the maker's own.
 *
 * @param about id of the operation that it is about; empty for none
 * @param picture file that was kept with it; empty for none, and possibly gone since
 */
public record Note(LocalDateTime at, String about, String words, String picture) {
  public static final int LONGEST = 4000;

  public Note {
    if (at == null || words == null || words.isBlank() && picture.isBlank()) {
      throw new InvalidValue(Text.of("a note needs some words or a picture"));
    }
    if (words.length() > LONGEST) {
      throw new InvalidValue(Text.of("a note has at most {most} letters", LONGEST));
    }
  }
}

package roughcut.measure;

import java.util.Collection;
import java.util.List;

/** Sentences as a maker in millimetres reads them. */
public final class Said {
  private Said() {}

  public static List<String> all(Collection<Text> sentences) {
    return sentences.stream().map(Text::toString).toList();
  }
}

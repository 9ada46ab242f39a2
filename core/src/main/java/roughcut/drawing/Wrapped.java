package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;

/** Long words on a sheet, broken into lines between words. */
final class Wrapped {
  private Wrapped() {}

  static List<String> lines(String words, int letters) {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : words.split(" ")) {
      if (line.length() > 0 && line.length() + 1 + word.length() > letters) {
        lines.add(line.toString());
        line.setLength(0);
        line.append("   ");
      }
      line.append(line.length() == 0 || line.toString().isBlank() ? "" : " ").append(word);
    }
    lines.add(line.toString());
    return lines;
  }
}

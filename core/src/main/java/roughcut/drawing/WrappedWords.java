package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Long words on a sheet, broken into lines between words, never between a number and its unit. */
final class WrappedWords {
  private static final Pattern BETWEEN = Pattern.compile(" (?!(mm|in|g|kN|s|°C|%)([\\s,;.)]|$))");

  private WrappedWords() {}

  static List<String> lines(String words, int letters) {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : BETWEEN.split(words.replaceAll(" +", " "))) {
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

package roughcut.gcode;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import roughcut.measure.Text;

/**
 * Takes a program's text apart into blocks of words (handbook page 6, "Driven by numbers"). It
 * knows nothing of who wrote it: comments in round brackets or after a semicolon, spaces anywhere,
 * small letters, line numbers and programs between per cent signs are all usual.
 */
final class BlockReader {
  /** Longer numbers than that are none that anybody typed. */
  private static final int LONGEST_NUMBER = 24;

  private final List<Block> blocks = new ArrayList<>();
  private final List<Fault> faults = new ArrayList<>();
  private int line;
  private String text;
  private int at;

  /** Its blocks, and what couldn't be read; a line with a fault gives no block. */
  record Blocks(List<Block> blocks, List<Fault> faults) {}

  static Blocks read(String program) {
    return new BlockReader().all(program);
  }

  private Blocks all(String program) {
    int marks = 0;
    for (String each : program.split("\r\n|\r|\n", -1)) {
      line++;
      String bare = each.replace("\uFEFF", "").strip();
      if (bare.startsWith("%")) {
        marks++;
        continue;
      }
      // Some begin with a mark, all end with the second.
      if (marks < 2) {
        block(bare);
      }
    }
    return new Blocks(List.copyOf(blocks), List.copyOf(faults));
  }

  private void block(String bare) {
    StringBuilder kept = new StringBuilder();
    if (!withoutComments(bare, kept)) {
      return;
    }
    text = kept.toString().toUpperCase(Locale.ROOT);
    at = 0;
    boolean optional = text.startsWith("/");
    if (optional) {
      at++;
    }
    List<Word> words = new ArrayList<>();
    while (at < text.length()) {
      char letter = text.charAt(at);
      if (letter < 'A' || letter > 'Z') {
        fault(unread(letter));
        return;
      }
      at++;
      Double number = number();
      if (number == null) {
        fault(
            at < text.length() && "#[=".indexOf(text.charAt(at)) >= 0
                ? unread(text.charAt(at))
                : Text.of("{letter} has no number after it.", String.valueOf(letter)));
        return;
      }
      // Line and program numbers are for people.
      if (letter != 'N' && letter != 'O') {
        words.add(new Word(letter, number));
      }
    }
    if (!words.isEmpty()) {
      blocks.add(new Block(line, optional, words));
    }
  }

  private static Text unread(char sign) {
    return switch (sign) {
      case '#', '[', ']', '=' -> Text.of("Variables and calculations aren't understood.");
      default -> Text.of("“{sign}” isn't understood here.", String.valueOf(sign));
    };
  }

  private boolean withoutComments(String bare, StringBuilder kept) {
    int open = -1;
    for (int i = 0; i < bare.length(); i++) {
      char c = bare.charAt(i);
      if (open >= 0) {
        if (c == '(') {
          fault(Text.of("A comment begins within a comment."));
          return false;
        }
        open = c == ')' ? -1 : open;
      } else if (c == '(') {
        open = i;
      } else if (c == ';') {
        return true;
      } else if (!Character.isWhitespace(c)) {
        kept.append(c);
      }
    }
    if (open >= 0) {
      fault(Text.of("A comment isn't closed on its line."));
    }
    return open < 0;
  }

  private Double number() {
    int from = at;
    if (at < text.length() && (text.charAt(at) == '-' || text.charAt(at) == '+')) {
      at++;
    }
    boolean digits = false;
    boolean point = false;
    while (at < text.length()) {
      char c = text.charAt(at);
      if (c >= '0' && c <= '9') {
        digits = true;
      } else if (c == '.' && !point) {
        point = true;
      } else {
        break;
      }
      at++;
    }
    return digits && at - from <= LONGEST_NUMBER ? Double.valueOf(text.substring(from, at)) : null;
  }

  private void fault(Text words) {
    faults.add(new Fault(line, words));
  }
}

package roughcut.measure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A language that nobody speaks, for finding what was forgotten before anybody translates: every
 * letter another, a third longer, figures and the order of holes turned round. What stays English
 * on a page never was a sentence.
 */
public final class Pseudo implements Language {
  private static final Pattern HOLE = Pattern.compile("\\{\\w+}");

  @Override
  public String template(String english) {
    List<String> holes = new ArrayList<>();
    Matcher hole = HOLE.matcher(english);
    StringBuilder words = new StringBuilder();
    int at = 0;
    while (hole.find()) {
      words.append(turned(english.substring(at, hole.start()))).append('\u0000');
      holes.add(hole.group());
      at = hole.end();
    }
    words.append(turned(english.substring(at)));
    Collections.reverse(holes);
    for (String next : holes) {
      int place = words.indexOf("\u0000");
      words.replace(place, place + 1, next);
    }
    return words.toString();
  }

  /** Latin letters become Greek ones; a third of them come twice. */
  static String turned(String words) {
    StringBuilder all = new StringBuilder();
    int letters = 0;
    for (char c : words.toCharArray()) {
      boolean small = c >= 'a' && c <= 'z';
      boolean large = c >= 'A' && c <= 'Z';
      char next = small ? (char) ('α' + (c - 'a') % 24) : large ? (char) ('Α' + (c - 'A') % 16) : c;
      all.append(next);
      if (small && letters++ % 3 == 0) {
        all.append(next);
      }
    }
    return all.toString();
  }

  @Override
  public String figures(String figures) {
    StringBuilder all = new StringBuilder();
    for (char c : figures.toCharArray()) {
      all.append(c >= '0' && c <= '9' ? (char) ('０' + c - '0') : c);
    }
    return all.toString();
  }
}

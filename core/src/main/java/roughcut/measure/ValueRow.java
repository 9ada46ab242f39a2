package roughcut.measure;

import java.util.regex.Pattern;

/**
 * Names of numbers of which there are several of one kind: by fret, by string, by rout.
 *
 * @param pattern the name, with {} wherever it is told which
 */
public record ValueRow(String pattern) {
  private static final String WHICH = "{}";

  /** One of them. */
  private record Member(String id) implements SettingRef {}

  /**
   * The name of one of them.
   *
   * @param which as many as the pattern has places
   * @throws IllegalArgumentException when there are more or fewer
   */
  public String id(Object... which) {
    StringBuilder text = new StringBuilder();
    int from = 0;
    for (Object one : which) {
      int at = pattern.indexOf(WHICH, from);
      if (at < 0) {
        throw new IllegalArgumentException(pattern + " has fewer places than " + which.length);
      }
      text.append(pattern, from, at).append(one);
      from = at + WHICH.length();
    }
    if (pattern.indexOf(WHICH, from) >= 0) {
      throw new IllegalArgumentException(pattern + " has more places than " + which.length);
    }
    return text.append(pattern, from, pattern.length()).toString();
  }

  /** Whether an id is the name of one of them. */
  public boolean names(String id) {
    String[] parts = pattern.split(Pattern.quote(WHICH), -1);
    if (!id.startsWith(parts[0])) {
      return false;
    }
    int at = parts[0].length();
    for (int i = 1; i < parts.length; i++) {
      // The last part ends it; each place has something in it.
      int next =
          i == parts.length - 1 ? id.length() - parts[i].length() : id.indexOf(parts[i], at + 1);
      if (next <= at || !id.startsWith(parts[i], next)) {
        return false;
      }
      at = next + parts[i].length();
    }
    return at == id.length();
  }

  /** One of them, to be set. */
  public SettingRef of(Object... which) {
    return new Member(id(which));
  }
}

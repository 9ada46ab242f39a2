package roughcut.desktop.words;

import roughcut.measure.Language;
import roughcut.measure.Refused;
import roughcut.measure.Text;
import roughcut.measure.Units;

/**
 * What the windows themselves say. A sentence stands here whole, as a template with holes like
 * every {@link Text}; names and numbers that go into it come ready, in the maker's units.
 */
public final class Words {
  private static volatile Units language = Units.MM;

  private Words() {}

  /** Has everything that is said from now on said in a language. */
  public static void speak(Language next) {
    language = Units.MM.in(next);
  }

  /** The language that windows speak: for units in which core's sentences are read. */
  public static Language spoken() {
    return language.language();
  }

  /**
   * A sentence in the maker's language.
   *
   * @param template in English, with a hole {@code {name}} for each argument
   * @param args finished words and whole numbers
   */
  public static String say(String template, Object... args) {
    return Text.of(template, args).in(language);
  }

  /** One of core's names for a thing, in the maker's language. */
  public static String say(Text name) {
    return name.in(language);
  }

  /** Why something failed or was refused, in millimetres. */
  public static String why(Throwable trouble) {
    return why(trouble, language);
  }

  /** The same in the maker's units, which say the language, too. */
  public static String why(Throwable trouble, Units units) {
    return Refused.why(trouble).in(units);
  }

  /** One of two sentences: for one thing, or for several. */
  public static String count(long n, String one, String many, Object... more) {
    return say(n == 1 ? one : many, with(n, more));
  }

  private static Object[] with(long n, Object[] more) {
    Object[] all = new Object[more.length + 1];
    all[0] = n;
    System.arraycopy(more, 0, all, 1, more.length);
    return all;
  }
}

package roughcut.desktop.session;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import roughcut.desktop.words.Words;
import roughcut.file.FileException;
import roughcut.file.SafeFile;
import roughcut.measure.Measures;
import roughcut.measure.Units;

/**
 * What the program remembers about the person, not about an instrument: units, the window's place,
 * whether the look around was seen.
 */
public final class Preferences {
  private static final Set<Integer> FRACTIONS = Set.of(16, 32, 64);

  private final Path file;
  private final Properties values = new Properties();

  /** What was changed here, so that what another window changed meanwhile is left as it is. */
  private final Set<String> changed = new HashSet<>();

  private Preferences(Path file) {
    this.file = file;
  }

  /** Habits kept in that folder; a file that can't be read counts as none. */
  public static Preferences in(Path folder) {
    Preferences preferences = new Preferences(folder.resolve("habits.properties"));
    preferences.values.putAll(preferences.kept());
    return preferences;
  }

  private Properties kept() {
    Properties kept = new Properties();
    try {
      if (Files.exists(file)) {
        kept.load(new StringReader(new String(SafeFile.read(file), StandardCharsets.UTF_8)));
      }
    } catch (IOException | IllegalArgumentException e) {
      kept.clear();
    }
    return kept;
  }

  private void set(String name, String text) {
    values.setProperty(name, text);
    changed.add(name);
  }

  public Units units() {
    try {
      return new Units(
          Units.System.valueOf(values.getProperty("units", "MM")),
          Integer.parseInt(values.getProperty("denominator", "64")),
          Words.spoken(),
          Measures.valueOf(values.getProperty("measures", "METRIC")));
    } catch (IllegalArgumentException e) {
      return Units.MM.in(Words.spoken());
    }
  }

  /** The denominator that the person last chose for fractions of an inch. */
  public int fraction() {
    double kept = number("fraction", 64);
    return FRACTIONS.contains((int) kept) ? (int) kept : 64;
  }

  public void units(Units units) {
    if (units.system() == Units.System.FRACTION) {
      remember("fraction", units.denominator());
    }
    set("units", units.system().name());
    set("denominator", Integer.toString(units.denominator()));
    set("measures", units.measures().name());
    save();
  }

  public boolean seen(String what) {
    return Boolean.parseBoolean(values.getProperty("seen." + what));
  }

  public void markSeen(String what) {
    set("seen." + what, "true");
    save();
  }

  /** A remembered text. */
  public Optional<String> text(String name) {
    return Optional.ofNullable(values.getProperty(name)).filter(t -> !t.isBlank());
  }

  public void remember(String name, String text) {
    set(name, text);
  }

  /** A remembered number, or the given one. */
  public double number(String name, double usual) {
    try {
      double value = Double.parseDouble(values.getProperty(name, ""));
      return Double.isFinite(value) ? value : usual;
    } catch (NumberFormatException e) {
      return usual;
    }
  }

  public void remember(String name, double value) {
    set(name, Double.toString(value));
  }

  /** Writes the habits; when that fails the program works on without them. */
  public void save() {
    StringWriter text = new StringWriter();
    try {
      Properties all = kept();
      changed.forEach(name -> all.setProperty(name, values.getProperty(name)));
      changed.clear();
      values.putAll(all);
      values.store(text, null);
      SafeFile.write(file, text.toString().getBytes(StandardCharsets.UTF_8));
    } catch (FileException e) {
      System.getLogger("roughcut")
          .log(System.Logger.Level.INFO, "Preferences not saved: " + e.getMessage());
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}

package roughcut.desktop.session;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Properties;
import roughcut.file.FileTrouble;
import roughcut.file.SafeFile;
import roughcut.measure.Units;

/**
 * What the program remembers about the person, not about an instrument: units, the window's place,
 * whether the look around was seen.
 */
public final class Habits {
  private final Path file;
  private final Properties values = new Properties();

  private Habits(Path file) {
    this.file = file;
  }

  /** Habits kept in that folder; a file that can't be read counts as none. */
  public static Habits in(Path folder) {
    Habits habits = new Habits(folder.resolve("habits.properties"));
    try {
      if (Files.exists(habits.file)) {
        habits.values.load(
            new StringReader(new String(SafeFile.read(habits.file), StandardCharsets.UTF_8)));
      }
    } catch (IOException | IllegalArgumentException e) {
      habits.values.clear();
    }
    return habits;
  }

  public Units units() {
    try {
      return new Units(
          Units.System.valueOf(values.getProperty("units", "MM")),
          Integer.parseInt(values.getProperty("denominator", "64")));
    } catch (IllegalArgumentException e) {
      return Units.MM;
    }
  }

  public void units(Units units) {
    values.setProperty("units", units.system().name());
    values.setProperty("denominator", Integer.toString(units.denominator()));
    save();
  }

  public boolean seen(String what) {
    return Boolean.parseBoolean(values.getProperty("seen." + what));
  }

  public void markSeen(String what) {
    values.setProperty("seen." + what, "true");
    save();
  }

  /** A remembered text. */
  public Optional<String> text(String name) {
    return Optional.ofNullable(values.getProperty(name)).filter(t -> !t.isBlank());
  }

  public void remember(String name, String text) {
    values.setProperty(name, text);
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
    values.setProperty(name, Double.toString(value));
  }

  /** Writes the habits; when that fails the program works on without them. */
  public void save() {
    StringWriter text = new StringWriter();
    try {
      values.store(text, null);
      SafeFile.write(file, text.toString().getBytes(StandardCharsets.UTF_8));
    } catch (FileTrouble e) {
      System.getLogger("roughcut")
          .log(System.Logger.Level.INFO, "habits not kept: " + e.getMessage());
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}

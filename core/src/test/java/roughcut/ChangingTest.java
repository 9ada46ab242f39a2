package roughcut;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The page that leads a newcomer: what it names is there. */
class ChangingTest {
  private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

  /** {@code room/Class} or {@code data/file.csv}. */
  private static final Pattern FILE = Pattern.compile("`([a-z]+/[A-Za-z][A-Za-z.]*)`");

  /** {@code Class.method()}, and tests by their name. */
  private static final Pattern CLASS =
      Pattern.compile("`([A-Z][A-Za-z]+)(?:\\.([a-z]\\w*))?\\b[^`]*`");

  private static List<Path> sources() throws IOException {
    List<Path> all = new ArrayList<>();
    for (String module : List.of("core", "desktop")) {
      try (Stream<Path> walk = Files.walk(ROOT.resolve(module).resolve("src"))) {
        walk.filter(Files::isRegularFile).forEach(all::add);
      }
    }
    return all;
  }

  @Test
  void everyFileThatItNamesIsThere() throws IOException {
    String page = Files.readString(ROOT.resolve("docs/changing.md"));
    List<String> files = sources().stream().map(p -> p.toString().replace('\\', '/')).toList();
    Matcher named = FILE.matcher(page);
    int count = 0;
    while (named.find()) {
      String name = named.group(1);
      String wanted = "/" + name + (name.contains(".") ? "" : ".java");
      assertThat(files).as(name).anyMatch(f -> f.endsWith(wanted));
      count++;
    }
    assertThat(count).isGreaterThan(50);
  }

  @Test
  void everyClassAndMethodThatItNamesIsThere() throws IOException {
    String page = Files.readString(ROOT.resolve("docs/changing.md"));
    List<Path> sources = sources();
    Matcher named = CLASS.matcher(page);
    int count = 0;
    while (named.find()) {
      String type = named.group(1);
      String method = named.group(2);
      Path file =
          sources.stream()
              .filter(p -> p.endsWith(type + ".java"))
              .findFirst()
              .orElseThrow(() -> new AssertionError(named.group()));
      if (method != null) {
        assertThat(Files.readString(file))
            .as(named.group())
            .containsPattern("\\b" + method + "\\(|\\b" + method + "\\b");
      }
      count++;
    }
    assertThat(count).isGreaterThan(12);
  }
}

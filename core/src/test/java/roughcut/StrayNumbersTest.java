package roughcut;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * How near is the same stands once, in {@code measure/Precision}, or has a name where it is used.
 */
class StrayNumbersTest {
  /** A number that only a computer would write. */
  private static final Pattern TINY =
      Pattern.compile("(?<![\\w.])(1e-\\d+|0\\.00\\d+|0\\.010?)(?![\\w.])");

  private static final Pattern COMPARED = Pattern.compile("([<>]=?|[-+])\\s*" + TINY.pattern());

  @Test
  void nothingIsComparedWithANumberWithoutAName() throws IOException {
    List<String> stray = new ArrayList<>();
    int files = 0;
    for (String room : List.of("src/main/java", "../desktop/src/main/java")) {
      try (Stream<Path> all = Files.walk(Path.of(room))) {
        for (Path file : all.filter(p -> p.toString().endsWith(".java")).toList()) {
          files++;
          for (String line : Files.readAllLines(file)) {
            boolean words = line.contains("\"") || line.strip().startsWith("*");
            if (!words && !line.contains("static final") && COMPARED.matcher(line).find()) {
              stray.add(file.getFileName() + ": " + line.strip());
            }
          }
        }
      }
    }
    assertThat(files).isGreaterThan(700);
    assertThat(stray).isEmpty();
  }
}

package roughcut;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.w3c.dom.Document;

/** The program puts itself into a user's menu, and takes all of it out again. */
class InstallTest {
  private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

  @TempDir Path share;

  private int run(Path script, String... args) throws Exception {
    List<String> command = new ArrayList<>(List.of(script.toString()));
    command.addAll(List.of(args));
    ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
    builder.environment().put("XDG_DATA_HOME", share.toString());
    builder.redirectOutput(ProcessBuilder.Redirect.DISCARD);
    Process process = builder.start();
    assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
    return process.exitValue();
  }

  private Path entry() {
    return share.resolve("applications/rough-cut.desktop");
  }

  private List<Path> ours() throws Exception {
    try (Stream<Path> all = Files.walk(share)) {
      return all.filter(Files::isRegularFile)
          .filter(p -> p.getFileName().toString().startsWith("rough-cut"))
          .toList();
    }
  }

  private static Document xml(Path file) throws Exception {
    DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
    factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
    return factory.newDocumentBuilder().parse(file.toFile());
  }

  @Test
  void intoTheMenuAndOutAgain() throws Exception {
    assertThat(run(ROOT.resolve("roughcut"), "install")).isZero();
    List<String> lines = Files.readAllLines(entry());
    assertThat(lines.get(0)).isEqualTo("[Desktop Entry]");
    String exec =
        lines.stream().filter(l -> l.startsWith("Exec=")).findFirst().orElseThrow().substring(5);
    assertThat(exec).endsWith(" %f");
    Path program = Path.of(exec.substring(1, exec.lastIndexOf('"')));
    assertThat(program).isExecutable().isEqualTo(ROOT.resolve("roughcut"));
    Document kind = xml(share.resolve("mime/packages/rough-cut.xml"));
    String type =
        kind.getElementsByTagName("mime-type")
            .item(0)
            .getAttributes()
            .getNamedItem("type")
            .getNodeValue();
    assertThat(lines).contains("MimeType=" + type + ";");
    assertThat(
            kind.getElementsByTagName("glob")
                .item(0)
                .getAttributes()
                .getNamedItem("pattern")
                .getNodeValue())
        .isEqualTo("*.roughcut.json");
    assertThat(
            xml(share.resolve("icons/hicolor/scalable/apps/rough-cut.svg"))
                .getDocumentElement()
                .getTagName())
        .isEqualTo("svg");
    assertThat(ours()).hasSize(3);
    assertThat(run(ROOT.resolve("roughcut"), "install")).as("again").isZero();
    assertThat(ours()).hasSize(3);
    assertThat(run(ROOT.resolve("roughcut"), "install", "--remove")).isZero();
    assertThat(ours()).isEmpty();
    assertThat(run(ROOT.resolve("roughcut"), "install", "--remove")).as("nothing there").isZero();
  }

  @Test
  void whatItDoesNotKnowIsRefused() throws Exception {
    assertThat(run(ROOT.resolve("roughcut"), "install", "--everywhere")).isEqualTo(2);
    assertThat(ours()).isEmpty();
  }

  /** A folder with blanks, quotes, a dollar and a per cent in its name still starts the program. */
  @Test
  void aFolderOfAnyNameIsQuotedAsAnEntryWants() throws Exception {
    Path odd = Files.createDirectories(share.resolve("a \"b\" $c `d` 100% ö \\e"));
    Files.createDirectories(odd.resolve("tools"));
    Files.copy(ROOT.resolve("tools/install.sh"), odd.resolve("tools/install.sh"));
    Files.copy(ROOT.resolve("tools/rough-cut.svg"), odd.resolve("tools/rough-cut.svg"));
    odd.resolve("tools/install.sh").toFile().setExecutable(true);
    assertThat(run(odd.resolve("tools/install.sh"))).isZero();
    String exec =
        Files.readAllLines(entry()).stream()
            .filter(l -> l.startsWith("Exec="))
            .findFirst()
            .orElseThrow();
    String quoted = exec.substring("Exec=\"".length(), exec.lastIndexOf('"'));
    // Read back as the desktop does: the escapes of any text, then those of a quoted word, then %%.
    String text = quoted.replace("\\\\", "\\");
    String read = text.replaceAll("\\\\([\\\\\"`$])", "$1").replace("%%", "%");
    assertThat(read).isEqualTo(odd.resolve("roughcut").toString());
  }
}

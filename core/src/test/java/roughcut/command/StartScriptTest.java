package roughcut.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What {@code ./roughcut} does before Java starts, with stand-ins for the system's commands. */
class StartScriptTest {
  @TempDir Path folder;

  private static final Path SETUP = Path.of("..", "tools", "setup.sh").toAbsolutePath().normalize();

  private void command(String name, String... lines) throws Exception {
    Path file = folder.resolve(name);
    Files.writeString(file, "#!/bin/bash\n" + String.join("\n", lines) + "\n");
    assertThat(file.toFile().setExecutable(true)).isTrue();
  }

  private String bash(String script) throws Exception {
    ProcessBuilder builder = new ProcessBuilder("bash", "-c", script);
    builder.environment().put("PATH", folder + ":" + System.getenv("PATH"));
    builder.redirectErrorStream(true);
    Process process = builder.start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    process.waitFor();
    return said;
  }

  /** Long lists of libraries with those that are wanted at the head, as on a machine with much. */
  private void libraries(String... there) throws Exception {
    List<String> lines = new ArrayList<>();
    for (String library : there) {
      lines.add("echo '\t" + library + " (libc6,x86-64) => /usr/lib/" + library + "'");
    }
    lines.add(
        "for i in $(seq 20000); do echo \"\tlibother$i.so.1 => /usr/lib/libother$i.so.1\"; done");
    command("ldconfig", lines.toArray(String[]::new));
    command("apt-get", "echo APT \"$@\"");
    command("sudo", "exit 1");
    command("Xvfb", "exit 0");
  }

  @Test
  void whatIsThereIsNotInstalledAgain() throws Exception {
    libraries(
        "libgtk-3.so.0",
        "libXtst.so.6",
        "libXxf86vm.so.1",
        "libGL.so.1",
        "libfreetype.so.6",
        "libfontconfig.so.1");
    String said =
        bash(
            "set -euo pipefail; source '"
                + SETUP
                + "'; PATH='"
                + folder
                + "':$PATH; need_windows always; echo went on");
    assertThat(said).isEqualTo("went on\n");
  }

  @Test
  void whatIsMissingIsNamed() throws Exception {
    libraries("libgtk-3.so.0", "libXtst.so.6", "libXxf86vm.so.1", "libGL.so.1", "libfreetype.so.6");
    command("id", "echo 1000");
    String said =
        bash(
            "set -euo pipefail; source '"
                + SETUP
                + "'; PATH='"
                + folder
                + "':$PATH; need_windows always; echo went on");
    assertThat(said).contains("libfontconfig1").doesNotContain("libgtk").doesNotContain("went on");
  }

  @Test
  void theSumOfTheSourcesTellsTheirContentAndNotTheirAge() throws Exception {
    Path tree = folder.resolve("tree");
    for (String file :
        List.of(
            "pom.xml",
            "core/pom.xml",
            "desktop/pom.xml",
            "core/src/main/A.java",
            "desktop/src/main/B.java")) {
      Files.createDirectories(tree.resolve(file).getParent());
      Files.writeString(tree.resolve(file), file);
    }
    Files.createDirectories(tree.resolve("tools"));
    Files.copy(SETUP, tree.resolve("tools/setup.sh"));
    String sum = "set -euo pipefail; source '" + tree.resolve("tools/setup.sh") + "'; sources_sum";
    String before = bash(sum);
    assertThat(before).matches("[0-9a-f]{64}.*\\s");
    bash("touch -d 2031-01-01 '" + tree.resolve("core/src/main/A.java") + "'");
    assertThat(bash(sum)).isEqualTo(before);
    Files.writeString(tree.resolve("core/src/main/A.java"), "otherwise");
    assertThat(bash(sum)).isNotEqualTo(before);
  }
}

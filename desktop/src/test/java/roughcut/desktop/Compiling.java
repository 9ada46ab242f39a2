package roughcut.desktop;

import com.sun.source.util.JavacTask;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javax.tools.DiagnosticListener;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileObject;
import javax.tools.StandardJavaFileManager;
import javax.tools.StandardLocation;
import javax.tools.ToolProvider;

/** The program's own sources, read or compiled as they are or with something changed. */
final class Compiling {
  private Compiling() {}

  /** All main sources of core and desktop, each with its path from the checkout's root. */
  static List<Path> sources() throws IOException {
    List<Path> all = new ArrayList<>();
    for (String module : List.of("core", "desktop")) {
      try (Stream<Path> files =
          Files.walk(Path.of("..", module, "src/main/java").toAbsolutePath().normalize())) {
        files.filter(p -> p.toString().endsWith(".java")).sorted().forEach(all::add);
      }
    }
    return all;
  }

  /**
   * The sources whose compiled classes name a type: what a change of it can break.
   *
   * @param type its name as classes have it, {@code roughcut/design/NeckJoint}
   */
  static List<Path> naming(String type) throws IOException {
    Set<String> names = new HashSet<>();
    StandardJavaFileManager files =
        ToolProvider.getSystemJavaCompiler().getStandardFileManager(null, null, null);
    for (JavaFileObject one :
        files.list(
            StandardLocation.CLASS_PATH, "roughcut", Set.of(JavaFileObject.Kind.CLASS), true)) {
      try (InputStream in = one.openInputStream()) {
        if (new String(in.readAllBytes(), StandardCharsets.ISO_8859_1).contains(type)) {
          names.add(
              files.inferBinaryName(StandardLocation.CLASS_PATH, one).replaceFirst("\\$.*", ""));
        }
      }
    }
    return sources().stream().filter(p -> names.contains(className(p))).toList();
  }

  private static String className(Path source) {
    String path = source.toString().replace('\\', '/');
    return path.substring(path.indexOf("/java/") + 6, path.length() - ".java".length())
        .replace('/', '.');
  }

  /** A task over those sources that goes on to what flows through them, whatever else is wrong. */
  static JavacTask task(List<Path> sources, DiagnosticListener<? super JavaFileObject> told) {
    JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null);
    return (JavacTask)
        compiler.getTask(
            null,
            files,
            told,
            List.of(
                "-proc:none",
                "-implicit:none",
                "-XDshould-stop.ifError=FLOW",
                "-Xmaxerrs",
                "1000",
                "-cp",
                System.getProperty("java.class.path")),
            null,
            files.getJavaFileObjectsFromPaths(sources));
  }
}

package roughcut.mutants;

import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.net.MalformedURLException;
import java.net.URI;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.tools.FileObject;
import javax.tools.ForwardingJavaFileManager;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileManager;
import javax.tools.JavaFileObject;
import javax.tools.SimpleJavaFileObject;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.platform.engine.discovery.DiscoverySelectors;
import org.junit.platform.launcher.Launcher;
import org.junit.platform.launcher.core.LauncherDiscoveryRequestBuilder;
import org.junit.platform.launcher.core.LauncherFactory;
import org.junit.platform.launcher.listeners.SummaryGeneratingListener;

/**
 * Breaks a room in one place at a time and runs the room's tests, then those that see any number of
 * the demos change: what none of them notices is written out, for someone to read.
 *
 * <p>Arguments: the room, how many of its places (drawn by lot), a seed, the sources, the tests.
 * Instead of how many, what an earlier run has written: then those that were alive.
 */
public final class Mutants {
  /** A broken loop goes round for ever; after so long it counts as noticed, s. */
  private static final long PATIENCE = 120;

  /** Tests that take longer when nothing is broken are too slow to be asked every time, s. */
  private static final double SLOW =
      Double.parseDouble(System.getProperty("roughcut.mutants.slow", "10"));

  private final String room;
  private final Path sources;
  private final Path tests;
  private final List<String> classPath =
      List.of(System.getProperty("java.class.path").split(File.pathSeparator));

  private Mutants(String room, Path sources, Path tests) {
    this.room = room;
    this.sources = sources;
    this.tests = tests;
  }

  /** Prints one line for each place: noticed (and by whom), or ALIVE. */
  public static void main(String[] args) throws Exception {
    Mutants mutants = new Mutants(args[0], Path.of(args[3]), Path.of(args[4]));
    List<Mutant> drawn =
        args[1].matches("\\d+")
            ? mutants.drawn(Integer.parseInt(args[1]), Long.parseLong(args[2]))
            : mutants.alive(Files.readAllLines(Path.of(args[1])));
    if (args.length > 5) {
      mutants.from(drawn, Integer.parseInt(args[5]));
      return;
    }
    // A program that goes round for ever can only be ended with its process; another goes on.
    int next = 0;
    while (next < drawn.size()) {
      int before = next;
      List<String> line =
          new ArrayList<>(
              List.of(
                  Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                  "-Xmx1g",
                  "-XX:+UseSerialGC",
                  "-XX:TieredStopAtLevel=1",
                  "-Djava.awt.headless=true",
                  "-Duser.language=de",
                  "-cp",
                  System.getProperty("java.class.path"),
                  Mutants.class.getName()));
      line.addAll(List.of(args));
      line.add(String.valueOf(next));
      Process one = new ProcessBuilder(line).redirectError(ProcessBuilder.Redirect.DISCARD).start();
      try (var lines = one.inputReader()) {
        for (String told = lines.readLine(); told != null; told = lines.readLine()) {
          if (told.startsWith("M ")) {
            System.out.println(told.substring(2));
            next++;
          }
        }
      }
      one.waitFor();
      if (next == before) {
        throw new IllegalStateException(
            "the tests of " + args[0] + " can't be run, or fail where nothing is broken");
      }
    }
  }

  private List<Mutant> drawn(int count, long seed) throws IOException {
    List<Mutant> all = all();
    Collections.shuffle(all, new Random(seed));
    List<Mutant> some = new ArrayList<>(all.subList(0, Math.min(count, all.size())));
    some.sort(Comparator.comparing(Mutant::file).thenComparing(Mutant::line));
    return some;
  }

  /** What an earlier run told to be alive, where the same words still stand, nearest to there. */
  private List<Mutant> alive(List<String> told) throws IOException {
    List<Mutant> all = all();
    List<Mutant> again = new ArrayList<>();
    Pattern one = Pattern.compile(Pattern.quote(room) + " ALIVE\t(\\S+):(\\d+)  (.*)");
    for (String line : told) {
      Matcher found = one.matcher(line);
      if (found.matches()) {
        all.stream()
            .filter(m -> m.file().equals(found.group(1)) && m.told().equals(found.group(3)))
            .min(Comparator.comparing(m -> Math.abs(m.line() - Long.parseLong(found.group(2)))))
            .ifPresentOrElse(again::add, () -> System.out.println("gone\t" + line));
      }
    }
    return again;
  }

  private List<Mutant> all() throws IOException {
    List<Mutant> all = new ArrayList<>();
    try (Stream<Path> files = Files.list(sources.resolve("roughcut").resolve(room))) {
      for (Path file : files.filter(f -> f.toString().endsWith(".java")).sorted().toList()) {
        all.addAll(Breaker.of(file.getFileName().toString(), Files.readString(file)));
      }
    }
    return all;
  }

  private void from(List<Mutant> drawn, int first) throws Exception {
    List<String> asked = quickest();
    for (int i = first; i < drawn.size(); i++) {
      Mutant mutant = drawn.get(i);
      Map<String, byte[]> broken = compiled(mutant);
      String outcome = broken.isEmpty() ? "no code" : outcome(mutant, broken, asked);
      System.out.println("M " + room + " " + outcome + "\t" + mutant.place());
      System.out.flush();
      if (outcome.equals("noticed: no end")) {
        Runtime.getRuntime().halt(0);
      }
    }
  }

  private String outcome(Mutant mutant, Map<String, byte[]> broken, List<String> asked)
      throws InterruptedException {
    List<String> by = new ArrayList<>();
    Thread run =
        new Thread(
            () -> {
              try (Broken loader = new Broken(broken, urls())) {
                Thread.currentThread().setContextClassLoader(loader);
                for (String name : asked) {
                  if (fails(loader.loadClass(name))) {
                    by.add(name.substring(name.lastIndexOf('.') + 1));
                    return;
                  }
                }
              } catch (ClassNotFoundException | IOException | Error e) {
                by.add(e.toString());
              }
            });
    run.setDaemon(true);
    run.start();
    run.join(TimeUnit.SECONDS.toMillis(PATIENCE));
    if (run.isAlive()) {
      return "noticed: no end";
    }
    return by.isEmpty() ? "ALIVE" : "noticed: " + by.get(0);
  }

  /** The tests to ask, the quickest first; those of all demos' numbers at the end. */
  private List<String> quickest() throws IOException, ClassNotFoundException {
    Map<String, Long> times = new HashMap<>();
    List<String> names = asked();
    try (Broken whole = new Broken(Map.of(), urls())) {
      Thread.currentThread().setContextClassLoader(whole);
      for (String name : names) {
        long from = System.nanoTime();
        if (fails(whole.loadClass(name))) {
          throw new IllegalStateException(name + " fails where nothing is broken");
        }
        times.put(name, System.nanoTime() - from);
      }
    }
    return names.stream()
        .filter(n -> times.get(n) < SLOW * 1e9 || n.startsWith("roughcut.golden"))
        .sorted(
            Comparator.comparing((String n) -> n.startsWith("roughcut.golden"))
                .thenComparing(times::get))
        .toList();
  }

  private List<String> asked() throws IOException {
    List<String> names = new ArrayList<>();
    Path own = tests.resolve("roughcut").resolve(room);
    if (Files.isDirectory(own)) {
      try (Stream<Path> files = Files.list(own)) {
        files
            .map(f -> f.getFileName().toString().replace(".java", ""))
            .filter(n -> n.endsWith("Test") || n.endsWith("Properties"))
            .sorted()
            .forEach(n -> names.add("roughcut." + room + "." + n));
      }
    }
    names.add("roughcut.golden.GoldenTest");
    return names;
  }

  private static boolean fails(Class<?> test) {
    Launcher launcher = LauncherFactory.create();
    SummaryGeneratingListener summary = new SummaryGeneratingListener();
    launcher.execute(
        LauncherDiscoveryRequestBuilder.request()
            .selectors(DiscoverySelectors.selectClass(test))
            .configurationParameter("junit.jupiter.execution.parallel.enabled", "false")
            .configurationParameter("jqwik.tries.default", "100")
            .build(),
        summary);
    if (summary.getSummary().getTestsFoundCount() == 0) {
      throw new IllegalStateException("no tests in " + test);
    }
    return summary.getSummary().getTotalFailureCount() > 0;
  }

  private URL[] urls() {
    return classPath.stream()
        .filter(p -> !p.endsWith(".jar"))
        .map(p -> Path.of(p).toUri())
        .map(Mutants::url)
        .toArray(URL[]::new);
  }

  private static URL url(URI uri) {
    try {
      return uri.toURL();
    } catch (MalformedURLException e) {
      throw new UncheckedIOException(e);
    }
  }

  private Map<String, byte[]> compiled(Mutant mutant) throws IOException {
    JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    Map<String, ByteArrayOutputStream> written = new HashMap<>();
    boolean done;
    try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
      JavaFileManager held =
          new ForwardingJavaFileManager<JavaFileManager>(files) {
            @Override
            public JavaFileObject getJavaFileForOutput(
                Location location, String name, JavaFileObject.Kind kind, FileObject sibling) {
              return new SimpleJavaFileObject(
                  URI.create("bytes:///" + name.replace('.', '/')), kind) {
                @Override
                public OutputStream openOutputStream() {
                  return written.computeIfAbsent(name, n -> new ByteArrayOutputStream());
                }
              };
            }
          };
      done =
          compiler
              .getTask(
                  Writer.nullWriter(),
                  held,
                  d -> {},
                  List.of(
                      "-proc:none",
                      "-parameters",
                      "-implicit:none",
                      "-nowarn",
                      "-cp",
                      String.join(File.pathSeparator, classPath)),
                  null,
                  List.of(Breaker.held("roughcut/" + room + "/" + mutant.file(), mutant.source())))
              .call();
    }
    Map<String, byte[]> bytes = new HashMap<>();
    if (done) {
      written.forEach((name, code) -> bytes.put(name, code.toByteArray()));
    }
    return bytes;
  }

  /** The program with some of its classes broken; all of it is loaded anew. */
  private static final class Broken extends URLClassLoader {
    private final Map<String, byte[]> broken;

    Broken(Map<String, byte[]> broken, URL[] urls) {
      super(urls, Mutants.class.getClassLoader());
      this.broken = broken;
    }

    @Override
    protected Class<?> loadClass(String name, boolean resolve) throws ClassNotFoundException {
      if (!name.startsWith("roughcut.")) {
        return super.loadClass(name, resolve);
      }
      synchronized (getClassLoadingLock(name)) {
        Class<?> loaded = findLoadedClass(name);
        if (loaded != null) {
          return loaded;
        }
        byte[] code = broken.get(name);
        return code != null ? defineClass(name, code, 0, code.length) : findClass(name);
      }
    }
  }
}

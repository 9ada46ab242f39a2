package roughcut.wild;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import roughcut.demo.Demo;
import roughcut.file.BuildFile;
import roughcut.file.ShopFile;
import roughcut.file.Versions;
import roughcut.record.Build;
import roughcut.record.Note;

/**
 * Kills a program that is edited without a pause, at random moments, and reads what it left: every
 * file whole, and nothing lost that was older than a second; nothing at all when it was told to
 * end.
 */
public final class Kills {
  /** Older edits than this must be on the disk whatever happens, ms. */
  static final long MAY_BE_LOST = 1_000;

  private Kills() {}

  /**
   * Kills a program so many times.
   *
   * @param told whether it is told to end, rather than stopped dead
   * @return what was wrong, in words; empty when nothing was
   */
  public static List<String> run(Path folder, int times, long seed, boolean told) throws Exception {
    Random random = new Random(seed);
    List<String> wrong = new ArrayList<>();
    Path build = ShopFile.builds(folder).resolve("Heron" + BuildFile.ENDING);
    ShopFile.at(folder.resolve(ShopFile.NAME)).save(Demo.shop());
    for (int i = 0; i < times; i++) {
      BuildFile.at(build).save(Demo.builds(java.time.LocalDate.of(2026, 5, 4)).get(0));
      Process editor =
          new ProcessBuilder(
                  ProcessHandle.current().info().command().orElse("java"),
                  "-XX:TieredStopAtLevel=1",
                  "-XX:+UseSerialGC",
                  "-cp",
                  System.getProperty("java.class.path"),
                  KillLoop.class.getName(),
                  build.toString())
              .redirectErrorStream(true)
              .start();
      List<String> edits = new ArrayList<>();
      BufferedReader said =
          new BufferedReader(
              new InputStreamReader(editor.getInputStream(), StandardCharsets.UTF_8));
      edits.add(said.readLine());
      Thread.sleep(random.nextInt(1_800));
      long killed = System.currentTimeMillis();
      if (told) {
        editor.toHandle().destroy();
      } else {
        editor.toHandle().destroyForcibly();
      }
      for (String line = said.readLine(); line != null; line = said.readLine()) {
        edits.add(line);
      }
      editor.waitFor(10, TimeUnit.SECONDS);
      check(folder, build, edits, killed, told, i, wrong);
    }
    return wrong;
  }

  private static void check(
      Path folder,
      Path build,
      List<String> edits,
      long killed,
      boolean told,
      int round,
      List<String> wrong)
      throws Exception {
    String which = "kill " + round + (told ? ", told to end: " : ": ");
    try {
      Build left = BuildFile.open(build).build();
      ShopFile.open(folder);
      for (Versions.Version version : Versions.of(build)) {
        BuildFile.open(version.path());
      }
      int last = left.name().startsWith("edit ") ? Integer.parseInt(left.name().substring(5)) : -1;
      log(left, last).ifPresent(words -> wrong.add(which + words));
      for (String edit : edits) {
        String[] parts = edit.split(" ");
        boolean old = Long.parseLong(parts[1]) < killed - (told ? 0 : MAY_BE_LOST);
        if (old && Integer.parseInt(parts[0]) > last) {
          wrong.add(which + "edit " + parts[0] + " is lost, " + last + " is the last one there");
          return;
        }
      }
    } catch (Exception e) {
      wrong.add(which + e);
    }
    try (Stream<Path> all = Files.list(build.getParent())) {
      if (all.filter(p -> p.toString().endsWith(".new")).count() > 2) {
        wrong.add(which + "leftovers pile up");
      }
    }
  }

  /** The log has everything up to the last edit that is there, and nothing twice. */
  private static Optional<String> log(Build left, int last) {
    List<String> noted = left.log().notes().stream().map(Note::words).toList();
    List<String> wanted = IntStream.rangeClosed(0, last).mapToObj(i -> "edit " + i).toList();
    if (!noted.equals(wanted)) {
      return Optional.of("the log has " + noted.size() + " notes of " + wanted.size());
    }
    long read =
        left.log().readings().stream()
            .filter(r -> r.of().equals("nut.width") && r.at().toLocalTime().getNano() != 0)
            .count();
    long done = left.log().done().stream().filter(d -> d.operation().startsWith("work.")).count();
    return read < wanted.size() - 1 || done != Math.min(20, wanted.size())
        ? Optional.of("the log has " + read + " readings and " + done + " operations")
        : Optional.empty();
  }

  /** How many kills, and the seed. */
  public static void main(String[] args) throws Exception {
    Path folder = Files.createTempDirectory("kills");
    int times = Integer.parseInt(args[0]);
    long seed = Long.parseLong(args[1]);
    List<String> wrong = new ArrayList<>(run(folder.resolve("dead"), times, seed, false));
    wrong.addAll(run(folder.resolve("told"), Math.max(1, times / 4), seed + 1, true));
    wrong.forEach(System.out::println);
    System.out.printf(
        "kills: %d stopped dead, %d told to end, %d wrong (seed %d)%n",
        times, Math.max(1, times / 4), wrong.size(), seed);
    System.exit(wrong.isEmpty() ? 0 : 1);
  }
}

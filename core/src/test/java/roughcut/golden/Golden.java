package roughcut.golden;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import roughcut.demo.Demo;
import roughcut.drawing.AllDrawings;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.drawing.Role;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;

/**
 * What the demos' plans and drawings say, written down, so that a change anywhere is seen where it
 * lands. Written anew by {@code tools/golden.sh}; what then differs is read in the commit.
 */
final class Golden {
  /** No drawing or number may hang on the day of the test. */
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private Golden() {}

  static List<Build> builds() {
    return Demo.builds(DAY);
  }

  static Plan plan(Build build) {
    return Plan.of(build, Demo.shop());
  }

  /** Every number by its id, then thin spots and findings in their order. */
  static List<String> values(Plan plan) {
    List<String> lines = new ArrayList<>();
    new TreeMap<>(plan.values()).forEach((id, v) -> lines.add(id + "\t" + v.value()));
    plan.clearances()
        .forEach(
            s ->
                lines.add(
                    "thin "
                        + s.what().toString()
                        + ", "
                        + s.state().word()
                        + "\t"
                        + s.left().value()));
    plan.findings()
        .forEach(
            f -> lines.add("finding " + f.severity().word().toString() + ": " + f.words() + "\t0"));
    return lines;
  }

  /**
   * Of each drawing a line for every role: how many marks there are, how many places and letters
   * they have, and the sums of their places along and across; of these squared, too, or what grows
   * to both sides alike would not be seen.
   */
  static List<String> drawings(Plan plan) {
    List<String> lines = new ArrayList<>();
    AllDrawings.of(plan, Units.MM)
        .forEach(
            (name, drawing) -> {
              if (!name.equals("sheet CERTIFICATE")) { // says when it was last worked on
                roles(drawing.get())
                    .forEach((role, sums) -> lines.add(name + ", " + role + "\t" + sums));
              }
            });
    return lines;
  }

  private static Map<Role, String> roles(Drawing drawing) {
    Map<Role, List<Mark>> byRole = new TreeMap<>();
    for (Mark mark : drawing.marks()) {
      byRole.computeIfAbsent(mark.role(), r -> new ArrayList<>()).add(mark);
    }
    Map<Role, String> sums = new LinkedHashMap<>();
    byRole.forEach((role, marks) -> sums.put(role, sums(marks)));
    return sums;
  }

  private static String sums(List<Mark> marks) {
    int places = 0;
    int letters = 0;
    double along = 0;
    double across = 0;
    double alongSquared = 0;
    double acrossSquared = 0;
    for (Mark mark : marks) {
      letters += AllDrawings.words(mark).length();
      for (Point p : AllDrawings.places(mark)) {
        places++;
        along += p.x();
        across += p.y();
        alongSquared += p.x() * p.x() / 1000;
        acrossSquared += p.y() * p.y() / 1000;
      }
    }
    return String.format(
        Locale.ROOT,
        "%d\t%d\t%d\t%.4f\t%.4f\t%.4f\t%.4f",
        marks.size(),
        places,
        letters,
        along,
        across,
        alongSquared,
        acrossSquared);
  }

  /** Writes all of it into a folder. */
  public static void main(String[] args) throws IOException {
    Path folder = Files.createDirectories(Path.of(args[0]));
    for (Build build : builds()) {
      Plan plan = plan(build);
      write(folder.resolve(build.name() + ".values.tsv"), values(plan));
      write(folder.resolve(build.name() + ".drawings.tsv"), drawings(plan));
    }
  }

  private static void write(Path file, List<String> lines) throws IOException {
    Files.writeString(file, String.join("\n", lines) + "\n", StandardCharsets.UTF_8);
  }
}

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
import java.util.TreeSet;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import roughcut.bench.Bench;
import roughcut.bench.BuildSummary;
import roughcut.bench.FigurePages;
import roughcut.bench.HoldPoint;
import roughcut.bench.Operation;
import roughcut.bench.Risk;
import roughcut.demo.Demo;
import roughcut.design.Applicability;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.drawing.AllDrawings;
import roughcut.drawing.CompoundMarks;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.drawing.Role;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.part.PartId;
import roughcut.plan.Plan;
import roughcut.record.Build;

/**
 * What the demos' plans and drawings say, written down, so that a change anywhere is seen where it
 * lands. Written anew by {@code tools/golden.sh}; what then differs is read in the commit.
 */
final class Golden {
  /** No drawing or number may hang on the day of the test. */
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  /** At which arrows and spots are drawn, mm on paper for one of wood. */
  private static final double SCALE = 0.5;

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
    Map<String, Supplier<Drawing>> all = AllDrawings.of(plan, Units.MM);
    all.putAll(AllDrawings.beside(plan, Units.MM));
    all.forEach(
        (name, drawing) -> {
          if (!name.equals("sheet CERTIFICATE")) { // says when it was last worked on
            Drawing drawn = drawing.get();
            roles(drawn).forEach((role, sums) -> lines.add(name + ", " + role + "\t" + sums));
            lines.add(name + ", bounds\t" + bounds(drawn.bounds()));
          }
        });
    return lines;
  }

  private static String bounds(Bounds b) {
    return String.format(
        Locale.ROOT, "0\t0\t0\t%.4f\t%.4f\t%.4f\t%.4f", b.left(), b.right(), b.low(), b.high());
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
      for (Mark part : CompoundMarks.parts(mark, SCALE)) {
        for (Point p : AllDrawings.places(part)) {
          places++;
          along += p.x();
          across += p.y();
          alongSquared += p.x() * p.x() / 1000;
          acrossSquared += p.y() * p.y() / 1000;
        }
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

  /**
   * The work order in words: of each operation how it stands and why, how long it takes and what
   * waits for it, what it stands on, makes and destroys, what is asked and how narrowly, what can't
   * be undone, and what is read at the machine.
   */
  static List<String> bench(Plan plan) {
    Bench bench = Bench.of(plan, DAY.atTime(12, 0));
    List<String> lines = new ArrayList<>();
    lines.add("summary: " + BuildSummary.of(plan, DAY.atTime(12, 0)).words());
    for (PartId part : PartId.values()) {
      lines.add("verdict " + part.word() + ": " + bench.verdict().sentence(part));
    }
    for (Bench.OperationStatus step : bench.steps()) {
      Operation op = step.operation();
      lines.add(op.id() + ", " + op.part().word() + ", " + op.chapter() + ": " + op.title());
      lines.add("  " + step.state() + " " + step.why() + ", " + op.minutes() + " min");
      op.waiting()
          .ifPresent(
              w ->
                  lines.add(
                      String.format(
                          Locale.ROOT,
                          "  waits %.2f h, clamped %.2f h, %d min",
                          w.hours(plan.shop().hours()),
                          w.clampHours(plan.shop().hours()),
                          w.minutes(plan.shop().hours()))));
      lines.add(
          "  faces "
              + new TreeSet<>(op.neededFaces())
              + new TreeSet<>(op.measuresFrom())
              + new TreeSet<>(op.makes())
              + new TreeSet<>(op.destroys()));
      lines.add("  after " + new TreeMap<>(op.after()) + " clamped " + new TreeSet<>(op.clamped()));
      lines.add("  with " + op.tools() + " set " + op.settings());
      lines.add("  mind " + new TreeSet<>(op.cautions()) + op.hazards() + op.wrong());
      for (String setting : op.settings()) {
        lines.add(
            "  "
                + setting
                + ": "
                + op.sizing(setting)
                + op.heard(setting)
                + op.onTheWay(setting)
                + sorted(op.repairs(setting, 1))
                + sorted(op.repairs(setting, -1)));
      }
      for (HoldPoint hold : op.holds()) {
        lines.add(
            String.format(
                Locale.ROOT,
                "  asks %s, %s: %s, %d days, within %.4f, beside %s",
                hold.of(),
                hold.what(),
                hold.wanted(Units.MM),
                hold.days(),
                hold.tolerance(),
                new TreeMap<>(bench.expected(hold).others())));
      }
      for (Risk risk : bench.risks(op)) {
        lines.add("  risk " + risk.kind() + ": " + risk.words());
      }
      for (FigurePages.Page page : FigurePages.of(plan, op, Units.MM).pages()) {
        lines.add("  page " + page.title());
        page.figures().forEach(f -> lines.add("    " + f.number() + f.unit() + " " + f.what()));
      }
    }
    return lines;
  }

  /**
   * Every decision of a build: between which limits and in which steps it is made, what it is, how
   * it is told, and why it has no say, where that is so.
   */
  static List<String> decisions(Build build) {
    Design design = build.design();
    List<String> lines = new ArrayList<>();
    for (Decision decision : Decisions.of(design)) {
      lines.add(
          decision.id()
              + ", "
              + decision.label()
              + ": "
              + decision.decided(design)
              + Applicability.idle(design, decision.id()).map(why -> ", idle: " + why).orElse(""));
      decision
          .number()
          .ifPresent(
              n ->
                  lines.add(
                      "  "
                          + String.join(
                              " ",
                              n.quantity().name(),
                              Double.toString(n.least()),
                              Double.toString(n.most()),
                              "by",
                              Double.toString(n.step()),
                              n.none(0) ? "none at 0" : "")));
      decision
          .choice()
          .ifPresent(
              c ->
                  lines.add(
                      "  "
                          + c.choices().stream()
                              .map(o -> o.word() + " " + o.label())
                              .collect(Collectors.joining(", "))));
    }
    return lines;
  }

  private static List<String> sorted(List<?> all) {
    return all.stream().map(Object::toString).sorted().toList();
  }

  /** Writes all of it into a folder. */
  public static void main(String[] args) throws IOException {
    Path folder = Files.createDirectories(Path.of(args[0]));
    for (Build build : builds()) {
      Plan plan = plan(build);
      write(folder.resolve(build.name() + ".values.tsv"), values(plan));
      write(folder.resolve(build.name() + ".drawings.tsv"), drawings(plan));
      write(folder.resolve(build.name() + ".bench.txt"), bench(plan));
      write(folder.resolve(build.name() + ".decisions.txt"), decisions(build));
    }
  }

  private static void write(Path file, List<String> lines) throws IOException {
    Files.writeString(file, String.join("\n", lines) + "\n", StandardCharsets.UTF_8);
  }
}

package roughcut.whatif;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import roughcut.bench.ImpactReport;
import roughcut.bench.Operation;
import roughcut.bench.OutdatedCut;
import roughcut.bench.Route;
import roughcut.blank.BoardLayout;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.rout.RoutKeys;

/**
 * Two plans side by side, in what a maker decides by: what stops, made parts that would be spoiled,
 * thin spots, settings still to be used, wood, weight and hours (handbook page 7, "What if").
 */
public final class PlanDiff {
  /** What a row is about, in the order in which it is read. */
  public enum About {
    STOPS("can't be, or isn't ready"),
    MADE("made already"),
    THIN("thin spots"),
    SETTING("settings"),
    WOOD("wood"),
    WEIGHT("weight"),
    HOURS("hours");

    private final String words;

    About(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /**
   * One difference.
   *
   * @param kept as it stands; empty where there is no such thing
   * @param tried as it would be
   */
  public record Row(About about, String what, String kept, String tried) {}

  private final Comparison comparison;
  private final Units units;
  private final List<Row> rows = new ArrayList<>();

  private PlanDiff(Comparison comparison, Units units) {
    this.comparison = comparison;
    this.units = units;
  }

  /** Everything that differs, in the maker's units. */
  public static List<Row> of(Comparison comparison, Units units) {
    PlanDiff sides = new PlanDiff(comparison, units);
    sides.stops();
    sides.made();
    sides.thin();
    sides.settings();
    sides.wood();
    sides.value(RoutKeys.INSTRUMENT_MASS.id(), About.WEIGHT);
    sides.hours();
    return List.copyOf(sides.rows);
  }

  private void row(About about, String what, String kept, String tried) {
    rows.add(new Row(about, what, kept, tried));
  }

  private void stops() {
    for (Finding finding : comparison.fresh()) {
      if (finding.stops()) {
        row(About.STOPS, finding.words(units), "", finding.severity().word());
      }
    }
    for (Finding finding : comparison.mended()) {
      if (finding.stops()) {
        row(About.STOPS, finding.words(units), finding.severity().word(), "");
      }
    }
  }

  private void made() {
    ImpactReport means = comparison.means();
    for (OutdatedCut outdated : means.outdatedCuts()) {
      row(
          About.MADE,
          outdated.operation().title() + ": " + outdated.planned().label(),
          NumberWriter.text(outdated.is(), outdated.planned().quantity(), units),
          outdated.planned().text(units));
    }
    for (Operation operation : means.obsoleteOperations()) {
      row(About.MADE, operation.title(), "done", "in vain");
    }
  }

  private void thin() {
    for (Comparison.Moved moved : comparison.clearances()) {
      if (moved.worse() || moved.better() || visible(moved)) {
        row(About.THIN, moved.what(), lines(moved.kept()), lines(moved.tried()));
      }
    }
  }

  /** Whether it can be told apart as it is written. */
  private boolean visible(Comparison.Moved moved) {
    return !lines(moved.kept()).equals(lines(moved.tried()));
  }

  private String lines(Optional<Clearance> spot) {
    return spot.map(s -> s.left().text(units) + " " + s.state().word()).orElse("");
  }

  private void settings() {
    for (Value value : ImpactReport.of(comparison.kept(), comparison.tried()).settings()) {
      row(
          About.SETTING,
          value.label(),
          comparison.kept().value(value.id()).map(v -> v.text(units)).orElse(""),
          value.text(units));
    }
  }

  private void wood() {
    String kept = boards(comparison.kept());
    String tried = boards(comparison.tried());
    if (!kept.equals(tried)) {
      row(About.WOOD, "boards used", kept, tried);
    }
    String lacking = homeless(comparison.kept());
    String then = homeless(comparison.tried());
    if (!lacking.equals(then)) {
      row(About.WOOD, "parts without a board", lacking, then);
    }
  }

  private static String boards(Plan plan) {
    Set<String> used =
        plan.boards().laid().stream()
            .map(BoardLayout.Laid::board)
            .collect(Collectors.toCollection(TreeSet::new));
    return used.isEmpty() ? "none" : String.join(", ", used);
  }

  private static String homeless(Plan plan) {
    String all =
        plan.boards().homeless().stream()
            .map(h -> h.part().label())
            .sorted()
            .collect(Collectors.joining(", "));
    return all.isEmpty() ? "none" : all;
  }

  private void value(String id, About about) {
    Optional<Value> kept = comparison.kept().value(id);
    Optional<Value> tried = comparison.tried().value(id);
    String before = kept.map(v -> v.text(units)).orElse("");
    String after = tried.map(v -> v.text(units)).orElse("");
    if (!before.equals(after)) {
      row(about, tried.or(() -> kept).orElseThrow().label(), before, after);
    }
  }

  private void hours() {
    int kept = minutes(comparison.kept());
    int tried = minutes(comparison.tried());
    if (kept != tried) {
      row(About.HOURS, "by hand, still to be done", hours(kept), hours(tried));
    }
  }

  private static int minutes(Plan plan) {
    return Route.open(plan).stream().mapToInt(Operation::minutes).sum();
  }

  private static String hours(int minutes) {
    return minutes / 60 + " h " + minutes % 60 + " min";
  }
}

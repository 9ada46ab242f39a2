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
import roughcut.measure.Text;
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
    STOPS(Text.of("can't be made or isn't ready")),
    MADE(Text.of("finished already")),
    THIN(Text.of("clearances")),
    SETTING(Text.of("settings")),
    WOOD(Text.of("wood")),
    WEIGHT(Text.of("weight")),
    HOURS(Text.of("hours"));

    private final Text words;

    About(Text words) {
      this.words = words;
    }

    public Text words() {
      return words;
    }
  }

  /**
   * One difference.
   *
   * @param kept as it stands; empty where there is no such thing
   * @param tried as it would be
   */
  public record Row(About about, Text what, Text kept, Text tried) {}

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

  private void row(About about, Text what, Text kept, Text tried) {
    rows.add(new Row(about, what, kept, tried));
  }

  private void stops() {
    for (Finding finding : comparison.fresh()) {
      if (finding.stops()) {
        row(About.STOPS, finding.what(), Text.NONE, finding.severity().word());
      }
    }
    for (Finding finding : comparison.mended()) {
      if (finding.stops()) {
        row(About.STOPS, finding.what(), finding.severity().word(), Text.NONE);
      }
    }
  }

  private void made() {
    ImpactReport means = comparison.means();
    for (OutdatedCut outdated : means.outdatedCuts()) {
      row(
          About.MADE,
          Text.of("{title}: {planned}", outdated.operation().title(), outdated.planned().label()),
          Text.only(Text.shown(outdated.is(), outdated.planned().quantity())),
          Text.only(Text.shown(outdated.planned())));
    }
    for (Operation operation : means.obsoleteOperations()) {
      row(About.MADE, operation.title(), Text.of("done"), Text.of("no longer needed"));
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
    return !lines(moved.kept()).in(units).equals(lines(moved.tried()).in(units));
  }

  private Text lines(Optional<Clearance> spot) {
    return spot.map(s -> Text.of("{left} {state}", Text.shown(s.left()), s.state().word()))
        .orElse(Text.NONE);
  }

  private void settings() {
    for (Value value : ImpactReport.of(comparison.kept(), comparison.tried()).settings()) {
      row(
          About.SETTING,
          value.label(),
          comparison.kept().value(value.id()).map(v -> Text.only(Text.shown(v))).orElse(Text.NONE),
          Text.only(Text.shown(value)));
    }
  }

  private void wood() {
    String kept = boards(comparison.kept());
    String tried = boards(comparison.tried());
    if (!kept.equals(tried)) {
      row(About.WOOD, Text.of("boards used"), Text.raw(kept), Text.raw(tried));
    }
    String lacking = homeless(comparison.kept());
    String then = homeless(comparison.tried());
    if (!lacking.equals(then)) {
      row(About.WOOD, Text.of("parts without a board"), Text.raw(lacking), Text.raw(then));
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
            .map(h -> h.part().label().in(Units.MM))
            .sorted()
            .collect(Collectors.joining(", "));
    return all.isEmpty() ? "none" : all;
  }

  private void value(String id, About about) {
    Optional<Value> kept = comparison.kept().value(id);
    Optional<Value> tried = comparison.tried().value(id);
    Text before = kept.map(v -> Text.only(Text.shown(v))).orElse(Text.NONE);
    Text after = tried.map(v -> Text.only(Text.shown(v))).orElse(Text.NONE);
    if (!before.equals(after)) {
      row(about, tried.or(() -> kept).orElseThrow().label(), before, after);
    }
  }

  private void hours() {
    int kept = minutes(comparison.kept());
    int tried = minutes(comparison.tried());
    if (kept != tried) {
      row(About.HOURS, Text.of("handwork left"), hours(kept), hours(tried));
    }
  }

  private static int minutes(Plan plan) {
    return Route.open(plan).stream().mapToInt(Operation::minutes).sum();
  }

  private static Text hours(int minutes) {
    return Text.of("{hours} h {minutes} min", minutes / 60, minutes % 60);
  }
}

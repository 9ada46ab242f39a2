package roughcut.whatif;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import roughcut.bench.Operations;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.DesignChange;
import roughcut.design.DrawnPart;
import roughcut.design.Fitting;
import roughcut.measure.InvalidInput;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.ChangedDecision;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.record.Reading;

/**
 * What happened to a build between two moments, a line each and in words: decided, fitted, read,
 * done. Earlier versions are told apart by it, and the log of decisions is kept by it.
 */
public final class ChangeSummary {
  /** So many changes are looked up one by one; of more, all decisions are gone through. */
  private static final int FEW = 8;

  private final Build before;
  private final Build after;
  private final Units units;
  private final UnaryOperator<String> title;
  private final List<Text> lines = new ArrayList<>();

  private ChangeSummary(Build before, Build after, Units units, UnaryOperator<String> title) {
    this.before = before;
    this.after = after;
    this.units = units;
    this.title = title;
  }

  /**
   * Everything that is other than it was; empty where nothing is.
   *
   * @param title what an operation is called, by its id: {@link #titles}
   */
  public static List<Text> between(
      Build before, Build after, Units units, UnaryOperator<String> title) {
    ChangeSummary changes = new ChangeSummary(before, after, units, title);
    changes.name();
    changes.lines.addAll(decided(before.design(), after.design(), units));
    changes.readings();
    changes.done();
    return List.copyOf(changes.lines);
  }

  /** What was decided otherwise, whatever was read or done meanwhile. */
  public static List<Text> decided(Design before, Design after, Units units) {
    List<Text> lines = new ArrayList<>();
    fittings(before, after, lines);
    both(before, after)
        .forEach(
            (was, is) -> {
              String then = said(was, before, units);
              String now = said(is, after, units);
              if (!then.equals(now)) {
                lines.add(Text.of("{is} {then} → {now}", is.label(), then, now));
              }
            });
    lines.addAll(parts(before, after));
    return lines;
  }

  /**
   * Decisions that both designs have, as the one has it, as the other has it; of those that are the
   * same for certain, none.
   */
  private static Map<Decision, Decision> both(Design before, Design after) {
    Optional<Set<String>> changed = DesignChange.between(before, after);
    Map<Decision, Decision> both = new LinkedHashMap<>();
    if (changed.isPresent() && changed.get().size() <= FEW) {
      changed.get().stream()
          .sorted()
          .forEach(id -> Decisions.find(before, id).ifPresent(was -> add(both, was, after)));
      return both;
    }
    Decisions.of(before).forEach(was -> add(both, was, after));
    return both;
  }

  private static void add(Map<Decision, Decision> both, Decision was, Design after) {
    Decisions.find(after, was.id()).ifPresent(is -> both.put(was, is));
  }

  /** What changed of all that isn't one number or choice. */
  private static List<Text> parts(Design before, Design after) {
    List<Text> lines = new ArrayList<>();
    other(Text.of("Strings"), before.strings().size(), after.strings().size(), lines);
    other(
        Text.of("Neck strips"),
        before.neckStack().strips().size(),
        after.neckStack().strips().size(),
        lines);
    other(
        Text.of("Body strips"),
        before.bodyStack().strips().size(),
        after.bodyStack().strips().size(),
        lines);
    changed(
        Text.of("The steps after the neck glue-up"), before.neckSteps(), after.neckSteps(), lines);
    changed(
        Text.of("Positions of parts on boards"), before.placements(), after.placements(), lines);
    changed(Text.of("Small parts kept for later"), before.smallParts(), after.smallParts(), lines);
    changed(Text.of("The work order"), before.order(), after.order(), lines);
    changed(Text.of("The drawn outline of the body"), before.drawn(), after.drawn(), lines);
    changed(
        Text.of("The drawn outline of the headstock"),
        before.drawn(DrawnPart.HEAD),
        after.drawn(DrawnPart.HEAD),
        lines);
    for (Fitting fitting : after.fittings()) {
      DrawnPart.of(fitting)
          .ifPresent(
              p ->
                  changed(
                      Text.of("The drawn outline of the {cavity}", fitting.words()),
                      before.drawn(p),
                      after.drawn(p),
                      lines));
    }
    return lines;
  }

  /**
   * What happened to a build, with what was decided otherwise written into its log; once something
   * was read or done on it, since before that it is only being drawn.
   *
   * @param before as it was
   * @param after as it is, with the same log or with more in it
   */
  public static Build written(Build before, Build after, LocalDateTime at) {
    if (!before.log().hasStarted() || before.design().equals(after.design())) {
      return after;
    }
    Log log = after.log();
    for (ChangedDecision change : redecided(before.design(), after.design(), at)) {
      log = log.with(change);
    }
    return after.withLog(log);
  }

  private static List<ChangedDecision> redecided(Design before, Design after, LocalDateTime at) {
    List<ChangedDecision> changes = new ArrayList<>();
    List<Text> words = new ArrayList<>();
    fittings(before, after, words);
    words.addAll(parts(before, after));
    words.forEach(w -> changes.add(new ChangedDecision(at, "", "", w.in(Units.MM))));
    both(before, after)
        .forEach(
            (was, is) -> {
              String then = was.editable(before, Units.MM);
              String now = is.editable(after, Units.MM);
              if (!then.equals(now)) {
                changes.add(new ChangedDecision(at, is.id(), then, now));
              }
            });
    return changes;
  }

  /** A change as it is told: with the decision's words, in the maker's units. */
  static Text told(ChangedDecision change, Design design, Units units) {
    if (change.of().isEmpty()) {
      return Text.raw(change.is());
    }
    Optional<Decision> decision = Decisions.find(design, change.of());
    Text label = decision.map(Decision::label).orElse(Text.raw(change.of()));
    return Text.of(
        "{label} {before} → {after}",
        label,
        shown(decision, design, change.was(), units),
        shown(decision, design, change.is(), units));
  }

  private static String shown(
      Optional<Decision> decision, Design design, String text, Units units) {
    if (text.isBlank()) {
      return "automatic";
    }
    try {
      return decision.isEmpty()
          ? text
          : said(decision.get(), decision.get().typed(design, text, Units.MM), units);
    } catch (InvalidInput e) {
      return text; // was allowed once
    }
  }

  private static String said(Decision decision, Design design, Units units) {
    return decision.fold(
        number ->
            number.follows() && number.undecided(design)
                ? "automatic"
                : number.told(number.in(design), units),
        choice -> "“" + choice.editable(design, units) + "”");
  }

  private static void fittings(Design before, Design after, List<Text> lines) {
    for (Fitting fitting : after.fittings()) {
      if (before.fitting(fitting.name()).isEmpty()) {
        lines.add(Text.of("added: {fitting}", fitting.words()));
      }
    }
    for (Fitting fitting : before.fittings()) {
      if (after.fitting(fitting.name()).isEmpty()) {
        lines.add(Text.of("removed: {fitting}", fitting.words()));
      }
    }
  }

  private static void other(Text what, int was, int is, List<Text> lines) {
    if (was != is) {
      lines.add(Text.of("{what} {was} → {is}", what, was, is));
    }
  }

  private static void changed(Text what, Object was, Object is, List<Text> lines) {
    if (!was.equals(is)) {
      lines.add(Text.of("{what} changed", what));
    }
  }

  private void name() {
    if (!before.name().equals(after.name())) {
      lines.add(Text.of("renamed “{before}” → “{after}”", before.name(), after.name()));
    }
  }

  private void readings() {
    Map<String, Reading> was = before.measured();
    Map<String, Reading> is = after.measured();
    for (String id : new TreeSet<>(is.keySet())) {
      Reading reading = is.get(id);
      if (reading.looked()) {
        continue; // what was looked at is told with the operation that asked for it
      }
      Reading earlier = was.get(id);
      if (earlier == null || earlier.value() != reading.value()) {
        lines.add(Text.of("measured: {read}", read(id, reading)));
      }
    }
    for (String id : was.keySet()) {
      if (!is.containsKey(id) && !was.get(id).looked()) {
        lines.add(Text.of("removed: {read}", read(id, was.get(id))));
      }
    }
  }

  private Text read(String id, Reading reading) {
    Optional<Measurable> measurable = Measurables.find(after.design(), id);
    Text label =
        measurable.map(Measurable::label).orElse(Text.raw(id.replace('.', ' ').replace('-', ' ')));
    return Text.of(
        "{label} {value}",
        label,
        measurable
            .map(m -> m.told(reading.value()))
            .orElseGet(() -> Text.only(Text.amount(reading.value(), Quantity.FINE_LENGTH))));
  }

  private void done() {
    List<DoneOperation> fresh =
        after.log().done().stream().filter(d -> !before.log().isDone(d.operation())).toList();
    List<DoneOperation> back =
        before.log().done().stream().filter(d -> !after.log().isDone(d.operation())).toList();
    fresh.forEach(d -> lines.add(Text.of("done: “{fret}”", title.apply(d.operation()))));
    back.forEach(d -> lines.add(Text.of("marked not done: “{fret}”", title.apply(d.operation()))));
    if (!before.frets().equals(after.frets())) {
      lines.add(Text.of("the fret record changed"));
    }
  }

  /** What a plan calls its operations, by their ids; an id that it hasn't is told as it is. */
  public static UnaryOperator<String> titles(Plan plan) {
    Map<String, String> titles = new LinkedHashMap<>();
    Operations.of(plan).forEach(o -> titles.put(o.id(), o.title().in(Units.MM)));
    return id -> titles.getOrDefault(id, id);
  }
}

package roughcut.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import roughcut.bench.Risk.Kind;
import roughcut.measure.Text;
import roughcut.measure.Value;

/** What is at stake when an operation is done now (handbook page 7, "Hold points"). */
final class RiskAssessment {
  /** So many figures are said once more before what can't be put back. */
  private static final int FIGURES = 4;

  private final Bench bench;
  private final Operation op;
  private final List<Risk> all = new ArrayList<>();

  private RiskAssessment(Bench bench, Operation op) {
    this.bench = bench;
    this.op = op;
  }

  static List<Risk> of(Bench bench, Operation op) {
    RiskAssessment stakes = new RiskAssessment(bench, op);
    stakes.state();
    bench.held(op).forEach(stakes::hold);
    bench.verdict().about(op.part()).stops().forEach(s -> stakes.stop(s.text()));
    stakes.last();
    return List.copyOf(stakes.all);
  }

  private void state() {
    Bench.OperationStatus step = bench.step(op.id()).orElseThrow();
    switch (step.state()) {
      case NOT_YET ->
          step.why()
              .forEach(
                  w ->
                      add(
                          Kind.NOT_YET,
                          w,
                          Text.of("Something it needs is missing: the part could be ruined.")));
      case WAITS ->
          step.why()
              .forEach(
                  w -> add(Kind.WAITS, w, Text.of("Unfinished work will move or come apart.")));
      case OWES ->
          step.why()
              .forEach(
                  w ->
                      add(
                          Kind.OWES,
                          w,
                          Text.of("The steps before it become impossible, or much harder.")));
      case READY, DONE -> {}
    }
  }

  private void hold(Bench.Held held) {
    HoldPoint hold = held.hold();
    Text loss = Text.of("{reason}.", hold.reason().capital());
    switch (held.state()) {
      case MISSING -> add(Kind.UNKNOWN, Text.of("{what}: not measured yet", hold.what()), loss);
      case STALE -> add(Kind.UNKNOWN, Text.of("{what}: measured too long ago", hold.what()), loss);
      case OFF ->
          add(
              hold.looked() ? Kind.NO : Kind.OFF,
              hold.looked() ? Text.of("{what}: answered no", hold.what()) : off(held),
              loss);
      case HOLDS -> {}
    }
  }

  private static Text off(Bench.Held held) {
    Value nominal = held.hold().nominal().orElseThrow();
    double is = held.reading().orElseThrow().value();
    return Text.of(
        "{what}: {is}, planned {nominal}",
        held.hold().what(),
        Text.amount(is, nominal.quantity()),
        Text.amount(nominal.value(), nominal.quantity()));
  }

  /** A stop that was answered with a reason is asked about again only when it is another. */
  private void stop(Text text) {
    if (bench.answered(answer(text))) {
      return;
    }
    add(Kind.STOP, text, Text.of("The part can't come out as planned."));
  }

  /** What the log keeps of a stop that is answered: what it is about, and each of its numbers. */
  static Map<String, Double> answer(Text text) {
    String matter = "stop: " + text.matter();
    Map<String, Double> kept = new LinkedHashMap<>();
    kept.put(matter, 0.0);
    text.numbers().forEach(n -> kept.put(matter + " " + kept.size(), n));
    return kept;
  }

  /** What can't be put back is said once more with the figures at which it is made. */
  private void last() {
    List<Value> settings = bench.settings(op);
    if (op.undoable() || settings.isEmpty()) {
      return;
    }
    Text figures =
        Text.joined(
            settings.stream()
                .limit(FIGURES)
                .map(
                    v ->
                        Text.of("{label} {value}", v.label(), Text.amount(v.value(), v.quantity())))
                .toList(),
            "; ");
    int more = settings.size() - FIGURES;
    add(
        Kind.FINAL,
        more > 0 ? Text.of("{figures} and {more} more", figures, more) : figures,
        Text.of("This can't be undone."));
  }

  private void add(Kind kind, Text words, Text loss) {
    Risk risk = new Risk(kind, words, loss);
    if (!all.contains(risk)) {
      all.add(risk);
    }
  }

  /** What was at stake, for the log. */
  static Text told(List<Risk> risks) {
    Map<Kind, List<Risk>> by =
        risks.stream()
            .filter(s -> s.kind() != Kind.FINAL)
            .collect(Collectors.groupingBy(Risk::kind, LinkedHashMap::new, Collectors.toList()));
    return Text.joined(
        by.entrySet().stream()
            .map(
                e ->
                    Text.of(
                        "{kind}: {risks}",
                        e.getKey().word(),
                        Text.joined(e.getValue().stream().map(Risk::text).toList(), ", ")))
            .toList(),
        "; ");
  }
}

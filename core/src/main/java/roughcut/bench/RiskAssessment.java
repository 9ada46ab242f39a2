package roughcut.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import roughcut.bench.Risk.Kind;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;

/** What is at stake when an operation is done now (handbook page 7, "Hold points"). */
final class RiskAssessment {
  /** So many figures are said once more before what can't be put back. */
  private static final int FIGURES = 4;

  private static final Pattern NUMBER = Pattern.compile("\\d+(?:\\.\\d+)?");

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
    Bench.Step step = bench.step(op.id()).orElseThrow();
    switch (step.state()) {
      case NOT_YET ->
          step.why()
              .forEach(
                  w -> add(Kind.NOT_YET, w, "What it needs isn't there: the part may be spoilt."));
      case WAITS ->
          step.why().forEach(w -> add(Kind.WAITS, w, "What isn't done yet moves or comes apart."));
      case OWES ->
          step.why()
              .forEach(
                  w -> add(Kind.OWES, w, "What is owed can't be done any more, or only badly."));
      case READY, DONE -> {}
    }
  }

  private void hold(Bench.Held held) {
    HoldPoint hold = held.hold();
    String loss = sentence(hold.reason());
    switch (held.state()) {
      case MISSING -> add(Kind.UNKNOWN, hold.what() + ": not taken yet", loss);
      case STALE -> add(Kind.UNKNOWN, hold.what() + ": taken too long ago", loss);
      case OFF ->
          add(
              hold.looked() ? Kind.NO : Kind.OFF,
              hold.looked() ? hold.what() + ": answered no" : off(held),
              loss);
      case HOLDS -> {}
    }
  }

  private static String off(Bench.Held held) {
    Value nominal = held.hold().nominal().orElseThrow();
    double is = held.reading().orElseThrow().value();
    return held.hold().what()
        + ": "
        + Text.number(is, nominal.quantity())
        + " where "
        + Text.number(nominal.value(), nominal.quantity())
        + " is drawn";
  }

  /** A stop that was answered with a reason is asked about again only when it is another. */
  private void stop(Text text) {
    if (bench.answered(answer(text.in(Units.MM)))) {
      return;
    }
    add(Kind.STOP, text.words(), "The part can't become what is drawn.");
  }

  /** What the log keeps of a stop that is answered: what it is about, and each of its numbers. */
  static Map<String, Double> answer(String words) {
    String matter = "stop: " + NUMBER.matcher(words).replaceAll("#");
    Map<String, Double> kept = new LinkedHashMap<>();
    kept.put(matter, 0.0);
    NUMBER
        .matcher(words)
        .results()
        .forEach(r -> kept.put(matter + " " + kept.size(), Double.parseDouble(r.group())));
    return kept;
  }

  /** What can't be put back is said once more with the figures at which it is made. */
  private void last() {
    List<Value> settings = bench.settings(op);
    if (op.undoable() || settings.isEmpty()) {
      return;
    }
    String figures =
        settings.stream()
            .limit(FIGURES)
            .map(v -> v.label() + " " + Text.number(v.value(), v.quantity()))
            .collect(Collectors.joining("; "));
    int more = settings.size() - FIGURES;
    add(Kind.FINAL, figures + (more > 0 ? " and " + more + " more" : ""), "It can't be put back.");
  }

  private void add(Kind kind, String words, String loss) {
    Risk risk = new Risk(kind, words, loss);
    if (!all.contains(risk)) {
      all.add(risk);
    }
  }

  private static String sentence(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + ".";
  }

  /** What was at stake, for the log. */
  static String told(List<Risk> stakes) {
    Map<Kind, List<Risk>> by =
        stakes.stream()
            .filter(s -> s.kind() != Kind.FINAL)
            .collect(Collectors.groupingBy(Risk::kind, LinkedHashMap::new, Collectors.toList()));
    return by.entrySet().stream()
        .map(
            e ->
                e.getKey().word()
                    + ": "
                    + e.getValue().stream().map(Risk::words).collect(Collectors.joining(", ")))
        .collect(Collectors.joining("; "));
  }
}

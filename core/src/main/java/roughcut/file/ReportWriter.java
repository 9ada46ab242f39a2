package roughcut.file;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import roughcut.bench.Bench;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.measure.ComputedValue;
import roughcut.measure.NumberWriter;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.schedule.BriefCheck;
import roughcut.schedule.Schedule;
import roughcut.schedule.ShopWork;
import roughcut.whatif.Comparison;

/** Every worked value of a plan with its sum, for people and for programs. */
public final class ReportWriter {
  private ReportWriter() {}

  /**
   * JSON with unrounded values; lengths in mm, angles in degrees.
   *
   * @param work of the shop that the plan is one of
   */
  public static String json(Plan plan, Bench bench, ShopWork work) {
    ObjectNode root = Json.object();
    root.put("build", plan.build().name());
    ArrayNode values = root.putArray("values");
    for (Value worked : plan.values().values()) {
      ObjectNode node = values.addObject();
      node.put("id", worked.id());
      node.put("label", worked.label().in(Units.MM));
      node.put("value", worked.value());
      node.put("unit", worked.quantity().unit());
      node.put("formula", worked.how().in(Units.MM));
      ArrayNode inputs = node.putArray("inputs");
      worked.inputs().forEach(input -> input(inputs.addObject(), input));
    }
    ObjectNode operations = root.putObject("bench");
    bench(bench).forEach(operations::put);
    ObjectNode days = root.putObject("days");
    days(plan, work).forEach(days::put);
    ArrayNode thin = root.putArray("thinSpots");
    for (Clearance clearance : plan.clearances()) {
      thin.addObject()
          .put("what", clearance.what().in(Units.MM))
          .put("state", clearance.state().word())
          .put("value", clearance.left().id());
    }
    ArrayNode findings = root.putArray("findings");
    for (Finding finding : plan.findings()) {
      findings
          .addObject()
          .put("about", finding.topic().words().in(Units.MM))
          .put("state", finding.severity().word().in(Units.MM))
          .put("decision", finding.where())
          .put("message", finding.words());
    }
    return new String(Json.bytes(root), StandardCharsets.UTF_8);
  }

  private static void input(ObjectNode node, ComputedValue.Input input) {
    node.put("symbol", input.symbol());
    node.put("id", input.value().id());
    node.put("label", input.value().label().in(Units.MM));
    node.put("value", input.value().value());
    node.put("unit", input.value().quantity().unit());
    node.put("source", input.value().origin().word());
    input
        .value()
        .reading()
        .ifPresent(
            read -> {
              node.put("measuredOn", read.on().toString());
              node.put("decided", read.nominal());
            });
  }

  /**
   * What would be otherwise, a line each: id, kept and tried, between tabs; unrounded, in the
   * quantity's own unit. Thin spots whose state changes and findings that come or go follow, as
   * {@code thin.ID} and {@code finding.TOPIC}.
   */
  public static String comparison(Comparison comparison) {
    StringBuilder out = new StringBuilder();
    for (Comparison.Changed changed : comparison.values()) {
      line(out, changed.id(), number(changed.kept()), number(changed.tried()));
    }
    for (Comparison.Moved moved : comparison.clearances()) {
      if (moved.worse() || moved.better()) {
        Clearance any = moved.tried().or(moved::kept).orElseThrow();
        line(out, "thin." + any.left().id(), state(moved.kept()), state(moved.tried()));
      }
    }
    comparison
        .mended()
        .forEach(
            f ->
                line(
                    out,
                    "finding." + f.topic().words().in(Units.MM).replace(' ', '-'),
                    f.words(),
                    ""));
    comparison
        .fresh()
        .forEach(
            f ->
                line(
                    out,
                    "finding." + f.topic().words().in(Units.MM).replace(' ', '-'),
                    "",
                    f.words()));
    return out.toString();
  }

  private static void line(StringBuilder out, String id, String kept, String tried) {
    out.append(id).append('\t').append(kept).append('\t').append(tried).append('\n');
  }

  private static String number(Optional<Value> value) {
    return value.map(v -> Double.toString(v.value())).orElse("");
  }

  private static String state(Optional<Clearance> spot) {
    return spot.map(s -> s.state().word()).orElse("");
  }

  /**
   * A line for each value, for reading.
   *
   * @param work of the shop that the plan is one of
   */
  public static String text(Plan plan, Bench bench, ShopWork work) {
    StringBuilder out = new StringBuilder(plan.build().name()).append('\n');
    for (Value worked : plan.values().values()) {
      String inputs =
          worked.inputs().stream()
              .map(i -> i.symbol() + " = " + i.value().text(Units.MM))
              .collect(Collectors.joining(", "));
      out.append(
          String.format(
              "%-34s %12s  %s; %s%s%n",
              worked.id(),
              worked.text(Units.MM),
              worked.label().in(Units.MM),
              worked.how().in(Units.MM),
              inputs.isEmpty() ? "" : " [" + inputs + "]"));
    }
    bench(bench).forEach((id, words) -> out.append(String.format("%-34s %12s%n", id, words)));
    days(plan, work).forEach((id, words) -> out.append(String.format("%-34s %12s%n", id, words)));
    return out.toString();
  }

  /** How the work stands: each operation, what is owed, each hold point. */
  private static Map<String, String> bench(Bench bench) {
    Map<String, String> rows = new LinkedHashMap<>();
    int owed = 0;
    for (Bench.OperationStatus step : bench.steps()) {
      String id = "op." + step.operation().id();
      rows.put(id + ".state", step.state().words().in(Units.MM));
      rows.put(id + ".minutes", Integer.toString(step.operation().minutes()));
      owed += step.owed().size();
      for (Bench.Held held : bench.held(step.operation())) {
        rows.put("hold." + held.hold().of() + ".state", held.state().word().in(Units.MM));
      }
    }
    rows.put("owed.count", Integer.toString(owed));
    return rows;
  }

  /** When it is done beside the shop's other builds, and what its brief says. */
  private static Map<String, String> days(Plan plan, ShopWork work) {
    Map<String, String> rows = new LinkedHashMap<>();
    Schedule schedule = work.schedule();
    int place = work.place(plan);
    Optional<Schedule.Outcome> outcome = work.outcome(plan);
    rows.put(
        "schedule.finish",
        outcome
            .map(o -> o.finish().toString())
            .orElseGet(() -> schedule.trouble().orElse(Text.of("nothing left")).in(Units.MM)));
    outcome
        .flatMap(Schedule.Outcome::slackDays)
        .ifPresent(d -> rows.put("schedule.slack-days", NumberWriter.fixed(d, 2)));
    schedule.blocks().stream()
        .filter(b -> b.task().build() == place)
        .min(Comparator.comparing(Schedule.Block::latest))
        .ifPresent(b -> rows.put("schedule.latest-start", b.latest().toString()));
    List<BriefCheck> brief = BriefCheck.of(plan, outcome, Units.MM);
    int first = plan.build().brief().due().isPresent() ? 0 : 1;
    for (int i = 0; i < brief.size(); i++) {
      rows.put("brief." + (i + first) + ".state", brief.get(i).state().word().in(Units.MM));
    }
    return rows;
  }
}

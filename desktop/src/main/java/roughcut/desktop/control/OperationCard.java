package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.bench.Bench;
import roughcut.bench.ImpactReport;
import roughcut.bench.Operation;
import roughcut.bench.OutdatedCut;
import roughcut.bench.Risk;
import roughcut.bench.Verdict;
import roughcut.clearance.Clearance;
import roughcut.design.StringDecisions;
import roughcut.desktop.session.Background;
import roughcut.desktop.session.BenchState;
import roughcut.desktop.session.Session;
import roughcut.desktop.session.StationContext;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.DoneOperation;
import roughcut.record.Proposal;
import roughcut.whatif.ClearanceFixes;
import roughcut.whatif.LastResult;
import roughcut.whatif.RecoveryOptions;
import roughcut.whatif.SeatWays;

/** One operation: how it stands, what has to be known, what it is set to, and its tick. */
public final class OperationCard extends VBox {
  /** So many settings stand before the rest is left to the page itself. */
  private static final int MOST = 14;

  private static final Set<String> SEAT =
      Set.of(StringDecisions.STANDING.id(), StringDecisions.STRAIGHTEDGE.id());

  private final StationContext context;
  private final Session session;
  private final BenchState bench;
  private static final Background TRYING = new Background("fixes for a cut");

  private Shown shown;

  /** Ways out that were asked for, by where; empty while they are being worked out. */
  private final Map<String, Optional<List<Proposal>>> found = new HashMap<>();

  private Plan foundFor;

  /** Id of the operation that is asked about before it is done; empty for none. */
  private String asking = "";

  public OperationCard(StationContext context) {
    super(5);
    this.context = context;
    this.session = context.session();
    this.bench = context.bench();
  }

  private record Shown(
      Plan plan,
      LocalDateTime now,
      String id,
      Units units,
      ImpactReport changed,
      Map<String, LastResult> lastTime) {
    /** Whether nothing but the time is another. */
    boolean but(Shown other) {
      return equals(
          new Shown(other.plan, now, other.id, other.units, other.changed, other.lastTime));
    }
  }

  /** Whether the keyboard is in one of the card's fields. */
  private boolean typing() {
    Node at = getScene() == null ? null : getScene().getFocusOwner();
    if (!(at instanceof TextInputControl)) {
      return false;
    }
    while (at != null && at != this) {
      at = at.getParent();
    }
    return at == this;
  }

  /** Shows the operation that is looked at. */
  public void show(Plan plan, Units units) {
    Bench.OperationStatus step = bench.step().orElse(null);
    Shown next =
        new Shown(
            plan,
            bench.bench().now(),
            step == null ? "" : step.operation().id(),
            units,
            bench.changed().get(),
            context.days().lastTime());
    // A field that is being typed into must stay where it is.
    if (next.equals(shown) || session.trying() || shown != null && typing() && next.but(shown)) {
      return;
    }
    if (foundFor != plan) {
      foundFor = plan;
      found.clear();
    }
    shown = next;
    List<Node> all = new ArrayList<>();
    if (step == null) {
      all.add(text(say("Nothing to do yet."), "panel-text"));
    } else {
      card(step, plan, units, all);
    }
    getChildren().setAll(all);
  }

  private void card(Bench.OperationStatus step, Plan plan, Units units, List<Node> all) {
    Operation op = step.operation();
    // What does something stands above what is read, so that it stays where it is.
    all.addAll(buttons(step, units));
    all.add(text(op.title().in(units), "panel-heading"));
    String wait =
        op.waiting().map(w -> say(", then leave until {reason}", w.reason().in(units))).orElse("");
    Label state =
        text(
            say(
                "{state} · {minutes} min{wait}",
                step.state().words().in(units),
                op.minutes(),
                wait),
            "panel-text");
    ControlNames.set(state, "operation.state");
    all.add(state);
    step.why().forEach(w -> all.add(text(w.in(units), "decision-message")));
    plan.build().log().done(op.id()).ifPresent(d -> made(op, d, units, all));
    all.add(verdict(op, units));
    List<Bench.Held> holds = bench.bench().held(op);
    if (!holds.isEmpty()) {
      all.add(text(say("Check first"), "panel-heading"));
      holds.forEach(h -> all.add(new HoldRow(h, session, bench, context.days().lastTime())));
    }
    changed(units, all);
    seat(op, units, all);
    List<Value> settings = bench.bench().settings(op);
    if (!settings.isEmpty()) {
      all.add(text(say("Set"), "panel-heading"));
      settings.stream().limit(MOST).forEach(v -> all.add(setting(plan, v, units)));
      if (settings.size() > MOST) {
        all.add(
            text(say("{settings} more in the machine view", settings.size() - MOST), "lower-note"));
      }
    }
    if (!op.tools().isEmpty()) {
      all.add(text(say("Tools"), "panel-heading"));
      all.add(text(Text.joined(op.tools(), " · ").in(units), "panel-text"));
    }
    if (!op.wrong().isEmpty()) {
      all.add(text(say("Common mistake: {wrong}.", op.wrong().in(units)), "panel-text"));
    }
    op.care().forEach(c -> all.add(text(c.in(units), "caution")));
  }

  /** How the whole stands; it stands as long as that does, whatever was read last. */
  private Label verdict(Operation op, Units units) {
    Verdict stands = bench.bench().verdict();
    Label label = text(stands.sentence(op.part()).in(units), "panel-text");
    ControlNames.set(label, "operation.verdict");
    label.getStyleClass().add(style(stands.state()));
    return label;
  }

  private static String style(Verdict.State state) {
    return switch (state) {
      case STOP -> "is-stop";
      case LOOK -> "is-look";
      case GO -> "is-clear";
    };
  }

  /** What the seated neck leaves to do, where it is tried and measured. */
  private void seat(Operation op, Units units, List<Node> all) {
    Plan kept = session.kept();
    boolean seated = op.holds().stream().anyMatch(h -> SEAT.contains(h.of()));
    if (seated && kept.stringPlan().heights().proof().isPresent()) {
      all.add(
          help(
              "operation.seat",
              () -> SeatWays.of(kept).stream().map(SeatWays.Way::proposal).toList(),
              units));
    }
  }

  /** When and how it was done, and what of it no longer agrees. */
  private void made(Operation op, DoneOperation done, Units units, List<Node> all) {
    all.add(new DoneEditor(done, session));
    bench.bench().outdatedCuts().stream()
        .filter(s -> s.operation().id().equals(op.id()))
        .forEach(s -> all.add(disagreeing(s, units)));
    List<Bench.Held> results = bench.bench().results(op);
    if (!results.isEmpty()) {
      all.add(text(say("Measure the result"), "panel-heading"));
      results.forEach(h -> all.add(new HoldRow(h, session, bench, context.days().lastTime())));
    }
  }

  /** A made part that no longer agrees, with its ways out when they are asked for. */
  private Node disagreeing(OutdatedCut s, Units units) {
    Plan kept = session.kept();
    return new VBox(
        2,
        text(s.text().in(units), "decision-message"),
        help("ways." + s.planned().id(), () -> RecoveryOptions.of(kept, s), units));
  }

  private List<Node> buttons(Bench.OperationStatus step, Units units) {
    Operation op = step.operation();
    boolean done = step.state() == Bench.State.DONE;
    Button mark = new Button(done ? say("Mark as not done") : say("Done"));
    ControlNames.set(mark, "operation.done");
    mark.getStyleClass().add(done ? "text-button" : "main-button");
    mark.setOnAction(
        e -> {
          List<Risk> risks = done ? List.of() : bench.risks(op);
          if (done) {
            bench.undone(op);
          } else if (risks.isEmpty()) {
            tickOff(op, "");
          } else {
            asking = op.id();
            again();
          }
        });
    Button go = new Button(say("Open machine view"));
    ControlNames.set(go, "operation.machine");
    go.getStyleClass().add("text-button");
    go.setOnAction(e -> context.machine());
    Button back = new Button(say("Undo last"));
    ControlNames.set(back, "operation.undo");
    back.getStyleClass().add("text-button");
    back.setDisable(bench.last().isEmpty());
    bench
        .last()
        .ifPresent(o -> LazyTooltip.on(back, say("Not done: {title}", o.title().in(units))));
    back.setOnAction(e -> bench.undoLast());
    List<Node> all = new ArrayList<>();
    FlowPane row = new FlowPane(10, 4, mark, back, go);
    all.add(row);
    if (asking.equals(op.id()) && !done) {
      StakesBox box =
          new StakesBox(
              bench.risks(op),
              units,
              reason -> tickOff(op, reason),
              () -> {
                asking = "";
                again();
              });
      ControlNames.set(box, "operation.stakes");
      all.add(box);
    }
    return all;
  }

  private void tickOff(Operation op, String reason) {
    asking = "";
    bench.done(op, reason);
    bench.go(1);
  }

  private void again() {
    shown = null;
    show(session.plan().get(), session.units().get());
  }

  private void changed(Units units, List<Node> all) {
    ImpactReport c = bench.changed().get();
    if (c == null) {
      return;
    }
    all.add(text(say("What the last measurement changed"), "panel-heading"));
    Label told = text(c.summary().in(units), "panel-text");
    ControlNames.set(told, "operation.changed");
    told.getStyleClass().add(style(c.verdict()));
    all.add(told);
    c.outdatedCuts().forEach(s -> all.add(disagreeing(s, units)));
    c.newClearances()
        .forEach(
            s ->
                all.add(
                    text(
                        say(
                            "{state}: {what}, {left}",
                            say(s.state().word()),
                            s.what().in(units),
                            s.left().text(units)),
                        "decision-message")));
    if (!c.newClearances().isEmpty()) {
      Plan kept = session.kept();
      all.add(help("operation.help", () -> mending(kept, c.newClearances()), units));
    }
  }

  /** What would mend the spots that stand worse now. */
  private static List<Proposal> mending(Plan kept, List<Clearance> clearances) {
    return clearances.stream().flatMap(s -> ClearanceFixes.of(kept, s).stream()).toList();
  }

  /**
   * Ways out, worked out when they are asked for. The card may be made anew meanwhile: what was
   * found stands there as long as the plan does.
   */
  private Node help(String id, Supplier<List<Proposal>> ways, Units units) {
    Button ask = new Button(say("Suggest fixes"));
    ControlNames.set(ask, id);
    ask.getStyleClass().add("text-button");
    Plan of = session.kept();
    ask.setOnAction(
        e -> {
          found.put(id, Optional.empty());
          TRYING.work(
              ways,
              all -> {
                if (session.kept() == of) {
                  found.put(id, Optional.of(all));
                  again();
                }
              });
          again();
        });
    VBox rows = new VBox(4, ask);
    Optional<List<Proposal>> asked = found.get(id);
    if (asked != null) {
      rows.getChildren()
          .addAll(
              asked
                  .map(all -> offered(all, units))
                  .orElse(List.of(text(say("Trying changes …"), "lower-note"))));
    }
    return rows;
  }

  private List<Node> offered(List<Proposal> ways, Units units) {
    return ways.isEmpty()
        ? List.of(text(say("Nothing needs doing, or no single change would help."), "panel-text"))
        : ways.stream().map(w -> way(w, units)).toList();
  }

  private Node way(Proposal way, Units units) {
    Button apply = new Button(say("Apply"));
    apply.getStyleClass().add("text-button");
    apply.setAccessibleText(say("Apply: {way}", way.words()));
    apply.setOnAction(e -> session.make(say("fixes"), "fixes", way.change()));
    return new VBox(1, text(way.words(units), "panel-text"), apply);
  }

  private Node setting(Plan plan, Value value, Units units) {
    SettingRow row = new SettingRow("", context::ask);
    row.show(plan, value, units);
    return row;
  }

  private static Label text(String words, String style) {
    Label label = new Label(words);
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    label.getStyleClass().add(style);
    return label;
  }
}

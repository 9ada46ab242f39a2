package roughcut.desktop.control;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.bench.Bench;
import roughcut.bench.Consequences;
import roughcut.bench.Operation;
import roughcut.bench.Spoiled;
import roughcut.desktop.session.AtBench;
import roughcut.desktop.session.Desk;
import roughcut.desktop.session.Session;
import roughcut.measure.Sentence;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Done;
import roughcut.record.Proposal;
import roughcut.thin.ThinSpot;
import roughcut.whatif.Amends;
import roughcut.whatif.LastTime;
import roughcut.whatif.Mending;

/** One operation: how it stands, what has to be known, what it is set to, and its tick. */
public final class OperationCard extends VBox {
  /** So many settings stand before the rest is left to the page itself. */
  private static final int MOST = 14;

  private final Desk desk;
  private final Session session;
  private final AtBench bench;
  private Object shown;
  private String insisted = "";

  public OperationCard(Desk desk) {
    super(5);
    this.desk = desk;
    this.session = desk.session();
    this.bench = desk.bench();
  }

  private record Shown(
      Plan plan,
      Bench bench,
      String id,
      Units units,
      Consequences changed,
      Map<String, LastTime> lastTime) {}

  /** Shows the operation that is looked at. */
  public void show(Plan plan, Units units) {
    Bench.Step step = bench.step().orElse(null);
    Shown next =
        new Shown(
            plan,
            bench.bench(),
            step == null ? "" : step.operation().id(),
            units,
            bench.changed().get(),
            desk.days().lastTime());
    // A field that is being typed into must stay where it is.
    if (next.equals(shown) || session.trying()) {
      return;
    }
    shown = next;
    List<Node> all = new ArrayList<>();
    if (step == null) {
      all.add(text("There is nothing to do yet.", "panel-text"));
    } else {
      card(step, plan, units, all);
    }
    getChildren().setAll(all);
  }

  private void card(Bench.Step step, Plan plan, Units units, List<Node> all) {
    Operation op = step.operation();
    all.add(text(op.title(), "panel-heading"));
    String wait = op.waiting().map(w -> ", then until " + w.reason()).orElse("");
    Label state = text(step.state().words() + " · " + op.minutes() + " min" + wait, "panel-text");
    Ids.set(state, "operation.state");
    all.add(state);
    step.why().forEach(w -> all.add(text(Sentence.in(w, units), "decision-message")));
    plan.build().log().done(op.id()).ifPresent(d -> made(op, d, plan, units, all));
    all.addAll(buttons(step));
    List<Bench.Held> holds = bench.bench().held(op);
    if (!holds.isEmpty()) {
      all.add(text("Know first", "panel-heading"));
      holds.forEach(h -> all.add(new HoldRow(h, session, bench, desk.days().lastTime())));
    }
    changed(units, all);
    List<Value> settings = bench.bench().settings(op);
    if (!settings.isEmpty()) {
      all.add(text("Set", "panel-heading"));
      settings.stream().limit(MOST).forEach(v -> all.add(setting(plan, v, units)));
      if (settings.size() > MOST) {
        all.add(text(settings.size() - MOST + " more on the machine's screen", "lower-note"));
      }
    }
    if (!op.tools().isEmpty()) {
      all.add(text("Take", "panel-heading"));
      all.add(text(String.join(" · ", op.tools()), "panel-text"));
    }
    if (!op.wrong().isEmpty()) {
      all.add(text("Goes wrong when " + op.wrong() + ".", "panel-text"));
    }
    op.care().forEach(c -> all.add(text(c, "caution")));
  }

  /** When and how it was done, and what of it no longer agrees. */
  private void made(Operation op, Done done, Plan plan, Units units, List<Node> all) {
    String took = done.hands().isZero() ? "" : ", took " + done.hands().toMinutes() + " min";
    all.add(
        text(
            done.at().format(DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm")) + took,
            "panel-text"));
    if (!done.note().isEmpty()) {
      all.add(text(done.note(), "panel-text"));
    }
    Spoiled.of(plan, bench.bench().route()).stream()
        .filter(s -> s.operation().id().equals(op.id()))
        .forEach(s -> all.add(disagreeing(s, units)));
  }

  /** A made part that no longer agrees, with its ways out when they are asked for. */
  private Node disagreeing(Spoiled s, Units units) {
    return new VBox(
        2,
        text(s.told(units), "decision-message"),
        help("ways." + s.wants().id(), () -> Amends.of(session.kept(), s), units));
  }

  private List<Node> buttons(Bench.Step step) {
    Operation op = step.operation();
    boolean done = step.state() == Bench.State.DONE;
    List<Bench.Held> unknown = done || op.undoable() ? List.of() : bench.bench().unknown(op);
    List<Node> all = new ArrayList<>();
    Button mark = new Button(done ? "Not done after all" : "Done");
    Ids.set(mark, "operation.done");
    mark.getStyleClass().add(done ? "text-button" : "main-button");
    mark.setMaxWidth(Double.MAX_VALUE);
    mark.setOnAction(
        e -> {
          if (unknown.isEmpty() || insisted.equals(op.id())) {
            insisted = "";
            bench.turn(op);
            if (!done) {
              bench.go(1);
            }
          } else {
            insisted = op.id();
            shown = null;
            show(session.plan().get(), session.units().get());
          }
        });
    if (insisted.equals(op.id()) && !unknown.isEmpty()) {
      Label say =
          text(
              "It can't be undone, and "
                  + unknown.size()
                  + (unknown.size() == 1 ? " thing isn't known: " : " things aren't known: ")
                  + String.join("; ", unknown.stream().map(h -> h.hold().what()).toList())
                  + ". Done all the same?",
              "decision-message");
      Ids.set(say, "operation.unknown");
      all.add(say);
      mark.setText("Done all the same");
    }
    all.add(mark);
    Button go = new Button("Show it at the machine");
    Ids.set(go, "operation.machine");
    go.getStyleClass().add("text-button");
    go.setOnAction(e -> desk.machine());
    all.add(go);
    return all;
  }

  private void changed(Units units, List<Node> all) {
    Consequences c = bench.changed().get();
    if (c == null) {
      return;
    }
    all.add(text("What the last reading changed", "panel-heading"));
    Label verdict = text(c.told(), "panel-text");
    Ids.set(verdict, "operation.changed");
    verdict
        .getStyleClass()
        .add("is-" + (c.verdict() == Consequences.Verdict.GO ? "clear" : c.verdict().word()));
    all.add(verdict);
    c.spoiled().forEach(s -> all.add(disagreeing(s, units)));
    c.spots()
        .forEach(
            s ->
                all.add(
                    text(
                        s.state().word() + ": " + s.what() + ", " + s.left().text(units),
                        "decision-message")));
    if (!c.spots().isEmpty()) {
      all.add(help("operation.help", () -> mending(c.spots()), units));
    }
  }

  /** What would mend the spots that stand worse now. */
  private List<Proposal> mending(List<ThinSpot> spots) {
    return spots.stream().flatMap(s -> Mending.of(session.kept(), s).stream()).toList();
  }

  /** Ways out, worked out when they are asked for. */
  private Node help(String id, Supplier<List<Proposal>> ways, Units units) {
    VBox rows = new VBox(4);
    Button ask = new Button("What would help?");
    Ids.set(ask, id);
    ask.getStyleClass().add("text-button");
    ask.setOnAction(
        e -> {
          List<Node> found = new ArrayList<>(ways.get().stream().map(w -> way(w, units)).toList());
          if (found.isEmpty()) {
            found.add(text("No single decision would; see the page of the spot.", "panel-text"));
          }
          rows.getChildren().setAll(found);
        });
    return new VBox(4, ask, rows);
  }

  private Node way(Proposal way, Units units) {
    Button apply = new Button("do this");
    apply.getStyleClass().add("text-button");
    apply.setAccessibleText("Do this: " + way.words());
    apply.setOnAction(e -> session.make("what helps", "what helps", way.change()));
    return new VBox(1, text(Sentence.in(way.words(), units), "panel-text"), apply);
  }

  private Node setting(Plan plan, Value value, Units units) {
    SettingRow row = new SettingRow("", desk::ask);
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

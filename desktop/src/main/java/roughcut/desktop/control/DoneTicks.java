package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import roughcut.bench.Bench;
import roughcut.bench.Risk;
import roughcut.desktop.session.BenchState;
import roughcut.desktop.session.Session;
import roughcut.desktop.session.StationContext;
import roughcut.plan.Plan;

/** Operations of a station with a tick for each that was done. */
public final class DoneTicks extends VBox {
  private final StationContext context;
  private final Session session;
  private final String what;
  private final FlowPane ticks = new FlowPane(14, 4);
  private final Map<String, CheckBox> boxes = new LinkedHashMap<>();
  private boolean showing;

  /**
   * Ticks for one kind of operation.
   *
   * @param heading over them
   * @param what is done, for undo: “sawn”
   */
  public DoneTicks(StationContext context, String heading, String what) {
    super(4);
    this.context = context;
    this.session = context.session();
    this.what = what;
    Label label = new Label(heading);
    label.getStyleClass().add("panel-heading");
    getChildren().addAll(label, ticks);
  }

  /**
   * Shows which were done.
   *
   * @param operations ids with what each is called, in the order of work
   */
  public void show(Plan plan, Map<String, String> operations) {
    showing = true;
    if (!List.copyOf(boxes.keySet()).equals(new ArrayList<>(operations.keySet()))) {
      boxes.clear();
      ticks.getChildren().clear();
      operations.forEach((id, words) -> add(id, words));
    }
    boxes.forEach(
        (id, box) -> {
          box.setSelected(plan.build().log().isDone(id));
          LazyTooltip.on(
              box,
              plan.build()
                  .log()
                  .when(id)
                  .map(
                      at -> what + " " + at.format(DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm")))
                  .orElse(say("not {what} yet", what)));
        });
    showing = false;
  }

  /** What is at stake is asked about at the bench, where a reason can be given. */
  private void tick(String id, CheckBox box) {
    BenchState bench = context.bench();
    Bench.OperationStatus step = bench.bench().step(id).orElse(null);
    if (step == null) {
      session.make(id, "done " + id, b -> b.withLog(b.log().turned(id, session.now().second())));
      session.history().settle();
      return;
    }
    if (step.state() == Bench.State.DONE) {
      bench.undone(step.operation());
      return;
    }
    List<Risk> risks = bench.risks(step.operation());
    if (Risk.wantReason(risks)) {
      box.setSelected(false);
      bench.chosen().set(id);
      context.refused(
          say(
              "“{title}” – {word}: {risks}. You can still mark it done at the Bench, "
                  + "with a reason",
              step.operation().title().in(context.session().units().get()),
              risks.get(0).kind().word().in(context.session().units().get()),
              risks.get(0).text().in(context.session().units().get())));
    } else {
      bench.done(step.operation(), "");
    }
  }

  private void add(String id, String words) {
    CheckBox box = new CheckBox(words);
    ControlNames.set(box, "done." + id);
    box.setAccessibleText(words + " " + what);
    box.getStyleClass().add("tick");
    box.setOnAction(
        e -> {
          if (!showing) {
            tick(id, box);
          }
        });
    boxes.put(id, box);
    ticks.getChildren().add(box);
  }
}

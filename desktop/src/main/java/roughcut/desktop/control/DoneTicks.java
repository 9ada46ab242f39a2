package roughcut.desktop.control;

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
import roughcut.bench.Stake;
import roughcut.desktop.session.AtBench;
import roughcut.desktop.session.Desk;
import roughcut.desktop.session.Session;
import roughcut.plan.Plan;

/** Operations of a station with a tick for each that was done. */
public final class DoneTicks extends VBox {
  private final Desk desk;
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
  public DoneTicks(Desk desk, String heading, String what) {
    super(4);
    this.desk = desk;
    this.session = desk.session();
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
          Tips.on(
              box,
              plan.build()
                  .log()
                  .when(id)
                  .map(
                      at -> what + " " + at.format(DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm")))
                  .orElse("not " + what + " yet"));
        });
    showing = false;
  }

  /** What is at stake is asked about at the bench, where a reason can be given. */
  private void tick(String id, CheckBox box) {
    AtBench bench = desk.bench();
    Bench.Step step = bench.bench().step(id).orElse(null);
    if (step == null) {
      session.make(id, "done " + id, b -> b.withLog(b.log().turned(id, session.now().second())));
      session.history().settle();
      return;
    }
    if (step.state() == Bench.State.DONE) {
      bench.undone(step.operation());
      return;
    }
    List<Stake> stakes = bench.stakes(step.operation());
    if (Stake.wantReason(stakes)) {
      box.setSelected(false);
      bench.chosen().set(id);
      desk.refused(
          "“"
              + step.operation().title()
              + "” – "
              + stakes.get(0).kind().word()
              + ": "
              + stakes.get(0).words()
              + ". At the Bench it can be done all the same, with a reason");
    } else {
      bench.done(step.operation(), "");
    }
  }

  private void add(String id, String words) {
    CheckBox box = new CheckBox(words);
    Ids.set(box, "done." + id);
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

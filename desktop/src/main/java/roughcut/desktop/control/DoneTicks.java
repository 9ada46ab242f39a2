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
import roughcut.desktop.session.Session;
import roughcut.plan.Plan;

/** Operations of a station with a tick for each that was done. */
public final class DoneTicks extends VBox {
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
  public DoneTicks(Session session, String heading, String what) {
    super(4);
    this.session = session;
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

  private void add(String id, String words) {
    CheckBox box = new CheckBox(words);
    Ids.set(box, "done." + id);
    box.setAccessibleText(words + " " + what);
    box.getStyleClass().add("tick");
    box.setOnAction(
        e -> {
          if (!showing) {
            session.make(
                words + " " + what,
                "done " + id,
                b -> b.withLog(b.log().turned(id, session.now().second())));
            session.history().settle();
          }
        });
    boxes.put(id, box);
    ticks.getChildren().add(box);
  }
}

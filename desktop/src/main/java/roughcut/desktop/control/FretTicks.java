package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.Session;
import roughcut.plan.Plan;
import roughcut.record.FretRecords;
import roughcut.record.FretStage;

/** A record for each fret: seated, rocked, levelled, crowned, each with its day. */
public final class FretTicks extends VBox {
  private static final double NUMBERS = 58;
  private static final double STAGE = 90;

  private final Session session;
  private final RowGrid grid = new RowGrid();
  private final List<Map<FretStage, CheckBox>> boxes = new ArrayList<>();
  private final Map<FretStage, Label> counts = new EnumMap<>(FretStage.class);
  private boolean showing;

  public FretTicks(Session session) {
    super(4);
    this.session = session;
    ControlNames.set(this, "fret-ticks");
    grid.setVgap(3);
    columns(grid);
    GridPane head = new GridPane();
    columns(head);
    int column = 1;
    for (FretStage stage : FretStage.values()) {
      Label count = new Label();
      count.getStyleClass().add("lower-note");
      counts.put(stage, count);
      Button all = new Button(say("{called}, all", called(stage)));
      ControlNames.set(all, "frets.all." + stage.word());
      all.getStyleClass().add("text-button");
      all.setOnAction(
          e ->
              edit(
                  say("all frets {called}", called(stage)),
                  r ->
                      r.all(
                          session.plan().get().frets().frets().size(),
                          stage,
                          session.now().today())));
      VBox one = new VBox(1, all, count);
      head.add(one, column++, 0);
    }

    getChildren().addAll(head, ScrollBox.of(grid));
  }

  private static void columns(GridPane grid) {
    grid.getColumnConstraints().add(new ColumnConstraints(NUMBERS));
    for (FretStage stage : FretStage.values()) {
      grid.getColumnConstraints().add(new ColumnConstraints(STAGE));
    }
  }

  private static String called(FretStage stage) {
    return switch (stage) {
      case ROCKED -> say("rocked");
      case SEATED, LEVELLED, CROWNED -> say(stage.label());
    };
  }

  private void edit(String what, java.util.function.UnaryOperator<FretRecords> change) {
    session.make(what, "frets", b -> b.withFrets(change.apply(b.frets())));
    session.history().settle();
  }

  public void show(Plan plan) {
    showing = true;
    int last = plan.frets().frets().size();
    while (boxes.size() < last) {
      add(boxes.size() + 1);
    }
    FretRecords records = plan.build().frets();
    for (int fret = 1; fret <= boxes.size(); fret++) {
      for (FretStage stage : FretStage.values()) {
        CheckBox box = boxes.get(fret - 1).get(stage);
        box.setSelected(records.when(fret, stage).isPresent());
        box.setVisible(fret <= last);
        LazyTooltip.on(
            box, records.when(fret, stage).map(LocalDate::toString).orElse(say(stage.label())));
      }
    }
    for (FretStage stage : FretStage.values()) {
      counts.get(stage).setText(say("{count} of {last}", records.count(last, stage), last));
    }
    showing = false;
  }

  private void add(int fret) {
    Map<FretStage, CheckBox> row = new EnumMap<>(FretStage.class);
    Label number = new Label(say("fret {fret}", fret));
    number.getStyleClass().add("fact");

    grid.add(number, 0, fret);
    for (FretStage stage : FretStage.values()) {
      CheckBox box = new CheckBox();
      box.setAccessibleText(say("fret {fret} {called}", fret, called(stage)));
      ControlNames.set(box, "fret." + fret + "." + stage.word());
      box.getStyleClass().add("tick");
      box.setOnAction(
          e -> {
            if (!showing) {
              edit(
                  say("fret {fret} {called}", fret, called(stage)),
                  r -> r.turned(fret, stage, session.now().today()));
            }
          });
      row.put(stage, box);
      grid.add(box, row.size(), fret);
    }
    boxes.add(row);
  }
}

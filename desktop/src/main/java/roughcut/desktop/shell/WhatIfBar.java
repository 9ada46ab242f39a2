package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.NumberTable;
import roughcut.desktop.session.Session;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.whatif.Comparison;
import roughcut.whatif.PlanDiff;

/** While changes are tried: what they do, kept and tried side by side, and how it ends. */
final class WhatIfBar extends VBox {
  private static final double HEIGHT = 210;

  private final Session session;
  private final Label words = new Label();
  private final ToggleButton open = new ToggleButton(say("Compare"));
  private final NumberTable<PlanDiff.Row> table =
      new NumberTable<>("what-if.table", say("What would change"), r -> {});

  WhatIfBar(Session session) {
    this.session = session;
    getStyleClass().add("what-if");
    ControlNames.set(this, "what-if");
    ControlNames.set(words, "what-if.words");
    words.setWrapText(true);
    words.setMinWidth(0);
    words.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(words, Priority.ALWAYS);
    ControlNames.set(open, "what-if.open");
    open.getStyleClass().add("text-button");
    open.setMinWidth(USE_PREF_SIZE);
    open.setOnAction(e -> show());
    HBox row =
        new HBox(
            10,
            words,
            open,
            button(say("Keep"), "what-if.keep", session::keepWhatIf),
            button(say("Discard"), "what-if.drop", session::dropWhatIf));
    row.setAlignment(Pos.CENTER_LEFT);
    table.setPrefHeight(HEIGHT);
    table.setMinHeight(HEIGHT);
    width(table.words("", r -> r.about().words().in(session.units().get())), 120, 160);
    width(table.words(say("what"), r -> r.what().in(session.units().get())), 200, 2000);
    width(table.words(say("kept"), r -> r.kept().in(session.units().get())), 110, 190);
    width(table.words(say("tried"), r -> r.tried().in(session.units().get())), 110, 190);
    getChildren().addAll(row, table);
    session.whatIf().addListener((p, was, is) -> show());
    session.plan().addListener((p, was, is) -> show());
    session.units().addListener((p, was, is) -> show());
    show();
  }

  private static Button button(String label, String id, Runnable action) {
    Button button = new Button(label);
    ControlNames.set(button, id);
    button.getStyleClass().add("notice-button");
    button.setMinWidth(USE_PREF_SIZE);
    button.setOnAction(e -> action.run());
    return button;
  }

  private static void width(TableColumn<?, ?> column, double least, double most) {
    column.setMinWidth(least);
    column.setMaxWidth(most);
  }

  private void show() {
    Plan before = session.whatIf().get();
    boolean trying = before != null;
    setVisible(trying);
    setManaged(trying);
    boolean wide = trying && open.isSelected();
    table.setVisible(wide);
    table.setManaged(wide);
    if (!trying) {
      table.getItems().clear();
      open.setSelected(false);
      return;
    }
    Units units = session.units().get();
    List<PlanDiff.Row> rows = PlanDiff.of(new Comparison(before, session.plan().get()), units);
    words.setText(
        rows.isEmpty()
            ? say("What if: change whatever you like. Nothing is saved until you keep it.")
            : say("What if: {summary}", summary(rows)));
    if (wide) {
      table.rows(rows);
    }
  }

  private String summary(List<PlanDiff.Row> rows) {
    StringBuilder all = new StringBuilder();
    for (PlanDiff.About about : PlanDiff.About.values()) {
      List<PlanDiff.Row> own = rows.stream().filter(r -> r.about() == about).toList();
      if (own.isEmpty()) {
        continue;
      }
      all.append(all.isEmpty() ? "" : " · ");
      switch (about) {
        case WEIGHT, HOURS ->
            all.append(own.get(0).kept().in(session.units().get()))
                .append(" → ")
                .append(own.get(0).tried().in(session.units().get()));
        default -> all.append(own.size()).append(' ').append(say(about.words()));
      }
    }
    return all.toString();
  }
}

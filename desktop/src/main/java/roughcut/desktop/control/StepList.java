package roughcut.desktop.control;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import roughcut.bench.Bench;

/** The order of work as a table; a row chosen is the operation that is looked at. */
public final class StepList extends TableView<Bench.Step> {
  private boolean following;

  /**
   * Makes an empty list.
   *
   * @param onChosen gets the id of the operation whose row was chosen
   */
  public StepList(Consumer<String> onChosen) {
    setId("step-list");
    getStyleClass().addAll("number-table", "tight-table");
    setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
    column("", s -> sign(s.state()), 26, 26);
    column("operation", s -> s.operation().title(), 220, 2000);
    column("part", s -> s.operation().part().word(), 66, 80);
    column("min", s -> Integer.toString(s.operation().minutes()), 40, 44);
    column("stands", s -> s.state().words(), 110, 150);
    getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (p, was, is) -> {
              if (is != null && !following) {
                onChosen.accept(is.operation().id());
              }
            });
  }

  /** A shape for each state, so that no colour is needed to tell them. */
  private static String sign(Bench.State state) {
    return switch (state) {
      case DONE -> "✓";
      case READY -> "›";
      case OWES -> "!";
      case WAITS -> "…";
      case NOT_YET -> "";
    };
  }

  private void column(String title, Function<Bench.Step, String> text, double least, double most) {
    TableColumn<Bench.Step, String> column = new TableColumn<>(title);
    column.setCellValueFactory(cell -> new ReadOnlyStringWrapper(text.apply(cell.getValue())));
    column.setSortable(false);
    column.setReorderable(false);
    column.setMinWidth(least);
    column.setMaxWidth(most);
    if (!title.equals("min")) {
      column.getStyleClass().add("words-column");
    }
    getColumns().add(column);
  }

  /** Shows steps, one of them chosen. */
  public void show(List<Bench.Step> steps, String chosen) {
    following = true;
    if (!getItems().equals(steps)) {
      getItems().setAll(steps);
    }
    getSelectionModel().clearSelection();
    for (int i = 0; i < steps.size(); i++) {
      if (steps.get(i).operation().id().equals(chosen)) {
        getSelectionModel().select(i);
        int top = Math.max(0, i - 2);
        // Only a table that is laid out knows how far to scroll.
        Platform.runLater(() -> scrollTo(top));
      }
    }
    following = false;
  }
}

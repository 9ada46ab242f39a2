package roughcut.desktop.control;

import java.util.List;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.control.TableColumn;
import roughcut.bench.Bench;

/** The order of work as a table; a row chosen is the operation that is looked at. */
public final class StepList extends NumberTable<Bench.Step> {
  /**
   * Makes an empty list.
   *
   * @param onChosen gets the id of the operation whose row was chosen
   */
  public StepList(Consumer<String> onChosen) {
    super("step-list", s -> onChosen.accept(s.operation().id()));
    width(words("", s -> sign(s.state())), 26, 26);
    width(words("operation", s -> s.operation().title()), 220, 2000);
    width(words("part", s -> s.operation().part().word()), 66, 80);
    width(column("min", s -> Integer.toString(s.operation().minutes())), 40, 44);
    width(words("stands", s -> s.state().words()), 110, 150);
  }

  private static void width(TableColumn<?, ?> column, double least, double most) {
    column.setMinWidth(least);
    column.setMaxWidth(most);
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

  /** Shows steps, one of them chosen. */
  public void show(List<Bench.Step> steps, String chosen) {
    if (!getItems().equals(steps)) {
      rows(steps);
    }
    int row = -1;
    for (int i = 0; i < steps.size(); i++) {
      row = steps.get(i).operation().id().equals(chosen) ? i : row;
    }
    choose(row);
    int top = Math.max(0, row - 2);
    // Only a table that is laid out knows how far to scroll.
    Platform.runLater(() -> scrollTo(top));
  }
}

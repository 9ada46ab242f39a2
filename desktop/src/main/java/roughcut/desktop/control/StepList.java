package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableRow;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import roughcut.bench.Bench;

/** The order of work as a table; a row chosen is the operation that is looked at. */
public final class StepList extends NumberTable<Bench.OperationStatus> {
  /**
   * Makes an empty list.
   *
   * @param onChosen gets the id of the operation whose row was chosen
   * @param onMoved gets an operation that was dragged, or moved by keys, and the one that it goes
   *     before; empty for the end
   */
  public StepList(Consumer<String> onChosen, BiConsumer<String, String> onMoved) {
    super("step-list", say("Operations"), s -> onChosen.accept(s.operation().id()));
    width(words("", s -> sign(s.state())), 26, 26);
    width(words(say("operation"), s -> say(s.operation().title())), 220, 2000);
    width(words(say("part"), s -> say(s.operation().part().word())), 66, 80);
    width(column(say("min"), s -> Integer.toString(s.operation().minutes())), 40, 44);
    width(words(say("status"), s -> say(s.state().words())), 110, 150);
    // Alt and an arrow move the row; the keys alone go on choosing.
    addEventFilter(
        KeyEvent.KEY_PRESSED,
        e -> {
          int way = e.getCode() == KeyCode.UP ? -1 : e.getCode() == KeyCode.DOWN ? 1 : 0;
          int at = getSelectionModel().getSelectedIndex();
          if (e.isAltDown() && way != 0 && at >= 0) {
            moved(at, way < 0 ? at - 1 : at + 2, onMoved);
            e.consume();
          }
        });
    setRowFactory(v -> dragged(onMoved));
  }

  /** Moves a row before another; past the last it goes to the end. */
  private void moved(int from, int before, BiConsumer<String, String> onMoved) {
    if (before >= 0 && before != from && from < getItems().size()) {
      onMoved.accept(id(from), before < getItems().size() ? id(before) : "");
    }
  }

  private String id(int row) {
    return getItems().get(row).operation().id();
  }

  private TableRow<Bench.OperationStatus> dragged(BiConsumer<String, String> onMoved) {
    TableRow<Bench.OperationStatus> row = new TableRow<>();
    row.setOnDragDetected(
        e -> {
          if (!row.isEmpty()) {
            ClipboardContent content = new ClipboardContent();
            content.putString(Integer.toString(row.getIndex()));
            row.startDragAndDrop(TransferMode.MOVE).setContent(content);
            e.consume();
          }
        });
    row.setOnDragOver(
        e -> {
          if (e.getGestureSource() instanceof TableRow<?> other && other.getTableView() == this) {
            e.acceptTransferModes(TransferMode.MOVE);
            e.consume();
          }
        });
    row.setOnDragDropped(
        e -> {
          int from = Integer.parseInt(e.getDragboard().getString());
          moved(from, row.isEmpty() ? getItems().size() : row.getIndex(), onMoved);
          e.setDropCompleted(true);
          e.consume();
        });
    return row;
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
  public void show(List<Bench.OperationStatus> steps, String chosen) {
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

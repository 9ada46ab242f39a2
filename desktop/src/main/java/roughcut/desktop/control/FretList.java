package roughcut.desktop.control;

import java.util.List;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import roughcut.layout.FretLayout.Fret;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/**
 * The frets as a table: a row chosen puts the knife there; Ctrl+C copies the chosen rows,
 * tab-separated.
 */
public final class FretList extends TableView<Fret> {
  private final DoubleConsumer onChosen;
  private Plan plan;
  private Units units = Units.MM;
  private boolean following;

  /**
   * Makes an empty table.
   *
   * @param onChosen gets the chosen fret's place, mm from the nut line
   */
  public FretList(DoubleConsumer onChosen) {
    this.onChosen = onChosen;
    setId("fret-list");
    getStyleClass().addAll("number-table", "tight-table");
    setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
    getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
    column("fret", f -> Integer.toString(f.number())).setMaxWidth(44);
    column("from the nut", f -> text(f.fromNut()));
    column("from the last", f -> text(f.fromPrevious()));
    column("board width", f -> text(width(f)));
    getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (p, was, is) -> {
              if (is != null && !following) {
                this.onChosen.accept(is.x());
              }
            });
    setOnKeyPressed(
        e -> {
          if (e.isShortcutDown() && e.getCode() == KeyCode.C) {
            copy();
            e.consume();
          }
        });
  }

  private TableColumn<Fret, String> column(String title, Function<Fret, String> text) {
    TableColumn<Fret, String> column = new TableColumn<>(title);
    column.setCellValueFactory(cell -> new ReadOnlyStringWrapper(text.apply(cell.getValue())));
    column.setSortable(false);
    column.setReorderable(false);
    getColumns().add(column);
    return column;
  }

  private Value width(Fret fret) {
    return plan.taper().fretWidths().get(fret.number() - 1);
  }

  /** A number, and when it is rounded to a fraction by more than a little, by how much. */
  private String text(Value value) {
    String error = NumberWriter.roundingError(value.value(), value.quantity(), units);
    String number = NumberWriter.number(value.value(), value.quantity(), units);
    return error.isEmpty() ? number : number + "  " + error.replace(" mm", "");
  }

  public void show(Plan next, Units in) {
    plan = next;
    units = in;
    following = true;
    int chosen = getSelectionModel().getSelectedIndex();
    getItems().setAll(next.frets().frets());
    if (chosen >= 0 && chosen < getItems().size()) {
      getSelectionModel().select(chosen);
    }
    following = false;
  }

  /** Lights up the fret that the knife stands at, without moving the knife. */
  public void follow(int fret) {
    following = true;
    getSelectionModel().clearSelection();
    if (fret >= 1 && fret <= getItems().size()) {
      getSelectionModel().select(fret - 1);
    }
    following = false;
  }

  private void copy() {
    List<Fret> rows =
        getSelectionModel().getSelectedItems().size() > 1
            ? getSelectionModel().getSelectedItems()
            : getItems();
    StringBuilder text =
        new StringBuilder("fret\tfrom the nut\tfrom the one before\tboard width\n");
    for (Fret fret : rows) {
      text.append(fret.number())
          .append('\t')
          .append(text(fret.fromNut()))
          .append('\t')
          .append(text(fret.fromPrevious()))
          .append('\t')
          .append(text(width(fret)))
          .append('\n');
    }
    Numbers.copy(text.toString());
  }
}

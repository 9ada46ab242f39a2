package roughcut.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.shop.Board;
import roughcut.shop.SpeciesBook;

/** The rack as a table: a board a row. */
public final class BoardTable extends TableView<Board> {
  private static final double SIZE = 56;
  private static final double LEAST = 60;

  /** A column of sizes in fractions of an inch wants so much, px. */
  private static final double FRACTIONS = 74;

  private final Consumer<String> chosen;
  private Plan plan;
  private Units units = Units.MM;
  private final List<TableColumn<Board, String>> sizes = new ArrayList<>();
  private boolean showing;

  /**
   * Makes an empty table.
   *
   * @param chosen gets the name of the board that the maker chose
   */
  public BoardTable(Consumer<String> chosen) {
    this.chosen = chosen;
    setId("board-table");
    getStyleClass().addAll("number-table", "tight-table");
    setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
    Label empty = new Label("No boards yet: add one, or read a table.");
    empty.getStyleClass().add("fact");
    setPlaceholder(empty);
    column("board", Board::id, 94);
    column("wood", b -> SpeciesBook.get(b.species()).name(), 80);
    sizes.add(column("length", b -> size(b.length()), SIZE));
    sizes.add(column("width", b -> size(b.width()), SIZE));
    sizes.add(column("thick", b -> size(b.thickness()), SIZE));
    column("moist", b -> percent(b.moisture()), 56);
    column("grain", b -> b.grain().name().toLowerCase(Locale.ROOT), 60);
    column("for", this::use, 116);
    column("note", Board::note, 160);
    getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (p, was, is) -> {
              if (is != null && !showing) {
                this.chosen.accept(is.id());
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

  private TableColumn<Board, String> column(
      String title, Function<Board, String> text, double width) {
    TableColumn<Board, String> column = new TableColumn<>(title);
    column.setCellValueFactory(cell -> new ReadOnlyStringWrapper(text.apply(cell.getValue())));
    column.setReorderable(false);
    column.setPrefWidth(width);
    column.setMinWidth(title.equals("note") ? LEAST : width);

    if (text(title)) {
      column.getStyleClass().add("words-column");
    }
    getColumns().add(column);
    return column;
  }

  /** Words stand at the left, numbers at the right. */
  private static boolean text(String title) {
    return List.of("board", "wood", "grain", "for", "note").contains(title);
  }

  private String size(OptionalDouble mm) {
    return mm.isPresent()
        ? NumberWriter.number(mm.getAsDouble(), Quantity.ROUGH_LENGTH, units)
        : "?";
  }

  private static String percent(OptionalDouble value) {
    return value.isPresent() ? NumberWriter.fixed(value.getAsDouble(), 1) + " %" : "?";
  }

  private String use(Board board) {
    if (plan == null) {
      return "";
    }
    long parts = plan.boards().on(board.id()).size();
    return parts == 0
        ? ""
        : parts == 1
            ? plan.boards().on(board.id()).get(0).part().label()
            : parts + " parts of " + plan.build().name();
  }

  /** Shows the rack with one board chosen. */
  public void show(Plan next, Units in, String board) {
    showing = true;
    plan = next;
    units = in;
    sizes.forEach(c -> c.setMinWidth(in.system() == Units.System.FRACTION ? FRACTIONS : SIZE));
    getItems().setAll(next.shop().boards());
    for (int i = 0; i < getItems().size(); i++) {
      if (getItems().get(i).id().equals(board)) {
        getSelectionModel().clearAndSelect(i);
      }
    }
    showing = false;
  }

  private void copy() {
    StringBuilder text = new StringBuilder("board\twood\tlength\twidth\tthickness\tmoisture\n");
    for (Board b : getItems()) {
      text.append(b.id())
          .append('\t')
          .append(b.species())
          .append('\t')
          .append(size(b.length()))
          .append('\t')
          .append(size(b.width()))
          .append('\t')
          .append(size(b.thickness()))
          .append('\t')
          .append(percent(b.moisture()))
          .append('\n');
    }
    Numbers.copy(text.toString());
  }
}

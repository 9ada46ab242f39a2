package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.shop.Board;
import roughcut.shop.Woods;

/** The rack as a table: a board a row. */
public final class BoardTable extends NumberTable<Board> {
  private static final double SIZE = 56;
  private static final double LEAST = 130;

  /** A column of sizes in fractions of an inch wants so much, px. */
  private static final double FRACTIONS = 74;

  private Plan plan;
  private Units units = Units.MM;
  private final List<TableColumn<Board, String>> sizes = new ArrayList<>();

  /**
   * Makes an empty table.
   *
   * @param chosen gets the name of the board that the maker chose
   */
  public BoardTable(Supplier<Woods> woods, Consumer<String> chosen) {
    super("board-table", say("Boards"), b -> chosen.accept(b.id()));
    Label empty = new Label(say("No boards yet. Add one, or import a table."));
    empty.getStyleClass().add("fact");
    setPlaceholder(empty);
    column(say("board"), Board::id, 94);
    column(say("wood"), b -> woods.get().get(b.species()).name(), 80);
    sizes.add(column(say("length"), b -> size(b.length()), SIZE));
    sizes.add(column(say("width"), b -> size(b.width()), SIZE));
    sizes.add(column(say("thick"), b -> size(b.thickness()), SIZE));
    column(say("moist"), b -> percent(b.moisture()), 56);
    column(say("grain"), b -> say(b.grain().name().toLowerCase(Locale.ROOT)), 60);
    column(say("for"), this::use, 116);
    column(say("note"), Board::note, 160);
  }

  private TableColumn<Board, String> column(
      String title, Function<Board, String> text, double width) {
    // Words stand at the left, numbers at the right.
    boolean words = List.of("board", "wood", "grain", "for", "note").contains(title);
    TableColumn<Board, String> column = words ? words(title, text) : column(title, text);
    column.setSortable(true);
    column.setPrefWidth(width);
    column.setMinWidth(title.equals("note") ? LEAST : width);
    return column;
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
            ? plan.boards().on(board.id()).get(0).part().label().in(units)
            : say("{parts} parts of {build}", parts, plan.build().name());
  }

  /** Shows the rack with one board chosen. */
  public void show(Plan next, Units in, String board) {
    plan = next;
    units = in;
    sizes.forEach(c -> c.setMinWidth(in.system() == Units.System.FRACTION ? FRACTIONS : SIZE));
    List<Board> boards = next.shop().boards();
    rows(boards);
    int row = -1;
    for (int i = 0; i < boards.size(); i++) {
      row = boards.get(i).id().equals(board) ? i : row;
    }
    choose(row);
  }
}

package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.EditHistory;
import roughcut.desktop.session.Session;
import roughcut.measure.Quantity;
import roughcut.neck.NeckKeys;
import roughcut.shop.Board;
import roughcut.shop.Shop;
import roughcut.shop.Species;
import roughcut.shop.Woods;

/** Everything about one board of the rack, its marks included. */
public final class BoardEditor extends VBox {
  private final Session session;
  private final Supplier<String> board;
  private final Consumer<String> renamed;
  private final TextField own = new TextField();
  private final Label name = new Label();
  private final PickField<Species> species;
  private final PickField<Board.Grain> grain;
  private final CheckBox irreplaceable = new CheckBox(say("can't be replaced: cut last"));
  private final TextField note = new TextField();
  private final List<EntryField> numbers = new ArrayList<>();
  private final MarkEditor marks;
  private String shown = "";
  private boolean showing;

  /**
   * Makes an editor.
   *
   * @param board tells the name of the board that is edited
   * @param renamed gets its new name
   */
  public BoardEditor(Session session, Supplier<String> board, Consumer<String> renamed) {
    super(4);
    this.renamed = renamed;
    this.session = session;
    this.board = board;
    name.getStyleClass().add("panel-heading");
    ControlNames.set(own, "board.name");
    own.setAccessibleText(say("Board name"));
    own.getStyleClass().add("text-entry");
    own.setOnAction(e -> rename(own.getText().strip()));
    own.focusedProperty()
        .addListener(
            (p, was, is) -> {
              if (!is) {
                rename(own.getText().strip());
              }
            });
    species = new PickField<>("board.species", say("Wood"), Species::name, this::wood);
    grain =
        new PickField<>(
            "board.grain",
            say("Grain"),
            g -> sawn(g),
            g -> change(say("grain of a board"), b -> b.withGrain(g)));
    ControlNames.set(irreplaceable, "board.irreplaceable");
    irreplaceable.setOnAction(
        e -> change(say("a board's worth"), b -> b.withIrreplaceable(irreplaceable.isSelected())));
    ControlNames.set(note, "board.note");
    note.setAccessibleText(say("Board note"));
    note.setPromptText(say("note"));
    note.getStyleClass().add("text-entry");
    note.textProperty()
        .addListener(
            (p, was, is) -> {
              if (!showing) {
                edit(say("a board's note"), "board.note", b -> b.withNote(is));
              }
            });
    number("board.length", say("Length"), Quantity.ROUGH_LENGTH, Board::length, Board::withLength);
    number("board.width", say("Width"), Quantity.ROUGH_LENGTH, Board::width, Board::withWidth);
    number(
        "board.thickness",
        say("Thickness"),
        Quantity.LENGTH,
        Board::thickness,
        Board::withThickness);
    number(
        "board.moisture", say("Moisture"), Quantity.PERCENT, Board::moisture, Board::withMoisture);
    number(
        NeckKeys.BOARD_RUN_OUT.id(),
        say("Grain runout"),
        Quantity.ANGLE,
        b -> OptionalDouble.of(b.runOut()),
        (b, v) -> b.withRunOut(v.orElse(0)));
    number("board.mass", say("Weight"), Quantity.MASS, Board::mass, Board::withMass);
    number("board.price", say("Price"), Quantity.RATIO, Board::price, Board::withPrice);
    marks = new MarkEditor(session, board);
    getChildren().addAll(name, own, species);
    getChildren().addAll(numbers.subList(0, 4));
    getChildren().addAll(grain);
    getChildren().addAll(numbers.subList(4, numbers.size()));
    getChildren().addAll(irreplaceable, note, marks);
  }

  private void number(
      String id,
      String called,
      Quantity quantity,
      Function<Board, OptionalDouble> get,
      BiFunction<Board, OptionalDouble, Board> set) {
    numbers.add(
        new EntryField(
            id,
            called,
            quantity,
            true,
            session,
            () -> current().map(get).orElse(OptionalDouble.empty()),
            value ->
                edit(
                    say("a board's {called}", called.toLowerCase(Locale.ROOT)),
                    id,
                    b -> set.apply(b, value))));
  }

  /** Another wood; a board that is called by its wood is called by the new one. */
  private void wood(Species next) {
    Optional<Board> now = current();
    if (showing || now.isEmpty() || now.get().species().equals(next.id())) {
      return;
    }
    Board board = now.get();
    String name = Shop.namedByWood(board) ? session.shop().get().freeName(next.id()) : board.id();
    renamed(say("wood of a board"), b -> b.withSpecies(next.id()), name);
  }

  private void rename(String to) {
    if (!showing && current().isPresent() && !to.isEmpty() && !to.equals(board.get())) {
      renamed(say("name of a board"), b -> b, to);
    }
  }

  /** The board under another name, and whatever this build has laid on it or chosen it for. */
  private void renamed(String what, UnaryOperator<Board> change, String to) {
    String from = board.get();
    EditHistory work = session.work();
    try {
      Shop shop = work.shop().changeBoard(from, b -> change.apply(b).withId(to));
      renamed.accept(to);
      Optional<String> refusal =
          session.take(
              what,
              new EditHistory(
                  work.build().withDesign(work.build().design().withBoardRenamed(from, to)), shop));
      if (refusal.isPresent()) {
        renamed.accept(from);
      }
    } catch (IllegalArgumentException e) {
      renamed.accept(from);
      show();
    }
  }

  private Optional<Board> current() {
    return session.shop().get().board(board.get());
  }

  private Optional<String> edit(String what, String key, UnaryOperator<Board> change) {
    String id = board.get();
    return session.editShop(what, key + "." + id, shop -> shop.changeBoard(id, change));
  }

  private void change(String what, UnaryOperator<Board> change) {
    if (!showing) {
      edit(what, what, change);
      session.history().settle();
    }
  }

  /** Shows the board as it is now. */
  public void show() {
    Optional<Board> now = current();
    setVisible(now.isPresent());
    setManaged(now.isPresent());
    if (now.isEmpty()) {
      return;
    }
    showing = true;
    Board b = now.get();
    boolean another = !shown.equals(b.id());
    shown = b.id();
    name.setText(say("Board {id}", b.id()));
    if (another || !own.isFocused()) {
      own.setText(b.id());
    }
    species.show(woods().all(), woods().get(b.species()));
    grain.show(Arrays.asList(Board.Grain.values()), b.grain());
    irreplaceable.setSelected(b.irreplaceable());
    if (!note.getText().equals(b.note())) {
      note.setText(b.note());
    }
    numbers.forEach(another ? EntryField::another : EntryField::show);
    marks.show(b, another);
    showing = false;
  }

  private Woods woods() {
    return session.shop().get().woods();
  }

  private static String sawn(Board.Grain grain) {
    return switch (grain) {
      case FLAT -> say("flat-sawn");
      case RIFT -> say("rift-sawn");
      case QUARTER -> say("quarter-sawn");
    };
  }
}

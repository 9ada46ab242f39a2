package roughcut.desktop.station;

import static roughcut.desktop.words.Words.count;
import static roughcut.desktop.words.Words.say;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import roughcut.desktop.control.BoardEditor;
import roughcut.desktop.control.BoardOffers;
import roughcut.desktop.control.BoardTable;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.MachinesEditor;
import roughcut.desktop.draw.Handles;
import roughcut.desktop.session.StationContext;
import roughcut.desktop.words.Words;
import roughcut.drawing.BoardFace;
import roughcut.drawing.Drawing;
import roughcut.file.BoardsCsv;
import roughcut.file.FileException;
import roughcut.file.SafeFile;
import roughcut.measure.NumberWriter;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;
import roughcut.shop.Shop;

/** The boards in the rack: measured, marked, and what is to be sawn from them. */
final class RackPage extends PlainPage {
  private final StationContext context;
  private final PagedStation station;
  private final VBox lower = new VBox(4);
  private final Label told = new Label();
  private BoardTable table;
  private BoardOffers offers;
  private BoardEditor editor;
  private MachinesEditor machines;
  private String chosen = "";

  RackPage(StationContext context, PagedStation station) {
    this.context = context;
    this.station = station;
  }

  @Override
  Region makeLower() {
    table = new BoardTable(() -> context.session().shop().get().woods(), this::choose);
    VBox.setVgrow(table, Priority.ALWAYS);
    ControlNames.set(told, "rack-told");
    told.getStyleClass().add("fact");
    told.setWrapText(true);
    HBox buttons =
        new HBox(
            8,
            button("board.add", say("Add board"), this::add),
            button("board.remove", say("Remove board"), this::remove),
            button("boards.read", say("Import CSV …"), this::read),
            button("boards.write", say("Export CSV …"), this::write));
    lower.getStyleClass().add("lower");
    offers = new BoardOffers(context.session());
    lower.getChildren().addAll(buttons, told, offers, table);
    tell("");
    return lower;
  }

  @Override
  Panel makePanel() {
    editor = new BoardEditor(context.session(), () -> chosen, name -> chosen = name);
    machines = new MachinesEditor(context.session());
    return new Panel(context)
        .node(turner(station))
        .node(editor)
        .more(say("Saws and planer"), machines);
  }

  private static Button button(String id, String words, Runnable action) {
    Button button = new Button(words);
    ControlNames.set(button, id);
    button.getStyleClass().add("text-button");
    button.setOnAction(e -> action.run());
    return button;
  }

  private void tell(String words) {
    told.setText(words);
    told.setVisible(!words.isEmpty());
    told.setManaged(!words.isEmpty());
  }

  /** Chooses a board and draws it. */
  void choose(String board) {
    if (!board.equals(chosen)) {
      chosen = board;
      context.reopen();
    }
  }

  /** Chooses a board, with the keyboard on its row. */
  void show(String board) {
    choose(board);
    Platform.runLater(
        () -> {
          table.getItems().stream()
              .filter(b -> b.id().equals(board))
              .findFirst()
              .ifPresent(table::scrollTo);
          table.requestFocus();
        });
  }

  private void add() {
    Shop shop = context.session().shop().get();
    String wood =
        shop.board(chosen)
            .map(Board::species)
            .orElseGet(() -> context.session().plan().get().neckStrips().get(0).species());
    String name = shop.freeName(wood);
    chosen = name;
    context
        .session()
        .makeShop(say("adding a board"), "board.add", s -> s.addBoard(Board.unknown(name, wood)));
    context.session().history().settle();
    context.reopen();
  }

  private void remove() {
    String gone = chosen;
    context
        .session()
        .makeShop(say("removing board {gone}", gone), "board.remove", s -> s.withoutBoard(gone));
    context.session().history().settle();
  }

  private FileChooser chooser(String title) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(title);
    chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(say("Tables"), "*.csv"));
    return chooser;
  }

  /** Asks for a table, and reads it. */
  void read() {
    File file = chooser(say("Import boards")).showOpenDialog(lower.getScene().getWindow());
    if (file != null) {
      readFrom(file.toPath());
    }
  }

  /**
   * Reads a table: boards of the same name are replaced and keep their marks, the rest is added.
   */
  void readFrom(Path path) {
    try {
      BoardsCsv.Read read = BoardsCsv.read(path, context.session().shop().get().woods());
      Optional<String> refusal =
          context
              .session()
              .editShop(
                  say("importing boards"), "boards.read", shop -> merged(shop, read.boards()));
      context.session().history().settle();
      List<String> words = new ArrayList<>();
      words.add(count(read.boards().size(), "{n} board imported", "{n} boards imported"));
      if (!read.problems().isEmpty()) {
        words.add(say("skipped: {value}", say(Text.joined(read.problems(), "; "))));
      }
      read.notes().forEach(n -> words.add(say(n)));
      tell(refusal.orElse(String.join(".  ", words)));
    } catch (FileException e) {
      tell(say("Not imported: {why}", Words.why(e)));
    }
  }

  private static Shop merged(Shop shop, List<Board> read) {
    Shop next = shop;
    for (Board board : read) {
      Optional<Board> before = next.board(board.id());
      next =
          before.isPresent()
              ? next.changeBoard(board.id(), b -> board.withMarks(b.marks()))
              : next.addBoard(board);
    }
    return next;
  }

  private void write() {
    FileChooser chooser = chooser(say("Export boards"));
    chooser.setInitialFileName("boards.csv");
    File file = chooser.showSaveDialog(lower.getScene().getWindow());
    if (file != null) {
      writeTo(file.toPath());
    }
  }

  void writeTo(Path path) {
    try {
      SafeFile.write(path, BoardsCsv.write(context.session().shop().get().boards()));
      tell(say("Saved to {path}", path));
    } catch (FileException e) {
      tell(say("Not saved: {why}", Words.why(e)));
    }
  }

  @Override
  public String title() {
    return say("Wood rack");
  }

  @Override
  public String name() {
    return "Rack";
  }

  @Override
  public String about() {
    return say("The boards that you own. Add them, measure them, and mark knots and cracks.");
  }

  private Optional<Board> board(Plan plan) {
    if (plan.shop().board(chosen).isEmpty()) {
      chosen = plan.shop().boards().isEmpty() ? "" : plan.shop().boards().get(0).id();
    }
    return plan.shop().board(chosen);
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return board(plan)
        .map(b -> BoardFace.of(plan, b, units))
        .orElseGet(() -> BoardFace.of(plan, Board.unknown("none", "uncertain"), units));
  }

  @Override
  void showLower(Plan plan, Units units) {
    board(plan);
    table.show(plan, units, chosen);
    offers.show(plan, units);
    editor.show();
    machines.show();
  }

  @Override
  public Handles handles() {
    return new Handles() {
      private Optional<BoardMark> mark(Grip grip) {
        int index = grip.heldMark().orElseThrow();
        return context
            .session()
            .shop()
            .get()
            .board(chosen)
            .filter(b -> index < b.marks().size())
            .map(b -> b.marks().get(index));
      }

      @Override
      public String words(Grip grip, double dx, double dy) {
        return mark(grip)
            .map(
                m ->
                    say(
                        "{x} from the end, {y} from the edge",
                        NumberWriter.fixed(m.moved(dx, dy).x(), 0),
                        NumberWriter.fixed(m.moved(dx, dy).y(), 0)))
            .orElse("");
      }

      @Override
      public void drop(Grip grip, double dx, double dy) {
        int index = grip.heldMark().orElseThrow();
        String on = chosen;
        context
            .session()
            .editShop(
                say("moving a mark"),
                grip.key(),
                shop ->
                    shop.changeBoard(
                        on,
                        b -> {
                          List<BoardMark> next = new ArrayList<>(b.marks());
                          next.set(index, next.get(index).moved(dx, dy));
                          return b.withMarks(next);
                        }))
            .ifPresent(RackPage.this::tell);
        context.session().history().settle();
      }
    };
  }
}

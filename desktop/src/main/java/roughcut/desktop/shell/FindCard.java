package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.ControlNames;
import roughcut.finding.Search;

/** Finds any number, decision or command by its words. */
final class FindCard extends VBox {
  private static final int MOST = 60;

  private final TextField words = new TextField();
  private final ListView<Command> found = new ListView<>();
  private final Overlay overlay;
  private final Supplier<List<Command>> everything;
  private List<Search.Entry<Command>> things = List.of();

  FindCard(Overlay overlay, Supplier<List<Command>> everything) {
    super(8);
    this.overlay = overlay;
    this.everything = everything;
    ControlNames.set(this, "find-card");
    getStyleClass().add("find-card");
    setMaxSize(520, 380);
    ControlNames.set(words, "find-words");
    words.textProperty().addListener((p, was, is) -> filter());
    words.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    ControlNames.set(found, "find-results");
    found.setPlaceholder(new Label(say("No results")));
    found.setCellFactory(list -> new Cell());
    found.setFocusTraversable(false);
    found.setOnMouseClicked(e -> run());
    VBox.setVgrow(found, Priority.ALWAYS);
    getChildren().addAll(words, found);
  }

  /** Opens on everything. */
  void open() {
    open(say("Search numbers, decisions, commands"), everything);
  }

  /**
   * Opens on some things only.
   *
   * @param prompt what they are, while nothing is typed
   */
  void open(String prompt, Supplier<List<Command>> among) {
    things = among.get().stream().map(Command::entry).toList();
    words.setPromptText(prompt);
    words.clear();
    filter();
    overlay.open(this, Pos.TOP_CENTER, words);
  }

  void close() {
    overlay.close(this);
  }

  private void filter() {
    found.getItems().setAll(Search.find(things, words.getText()).stream().limit(MOST).toList());
    found.getSelectionModel().selectFirst();
  }

  private void key(KeyEvent e) {
    int at = found.getSelectionModel().getSelectedIndex();
    if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.UP) {
      int next =
          Math.max(
              0,
              Math.min(found.getItems().size() - 1, at + (e.getCode() == KeyCode.DOWN ? 1 : -1)));
      found.getSelectionModel().select(next);
      found.scrollTo(Math.max(0, next - 3));
      e.consume();
    } else if (e.getCode() == KeyCode.ENTER) {
      run();
      e.consume();
    } else if (e.getCode() == KeyCode.ESCAPE) {
      close();
      e.consume();
    }
  }

  private void run() {
    Command command = found.getSelectionModel().getSelectedItem();
    if (command != null) {
      close();
      command.action().run();
    }
  }

  private static final class Cell extends ListCell<Command> {
    private final Label words = new Label();
    private final Label detail = new Label();
    private final HBox row = new HBox(10, words, detail);

    Cell() {
      HBox.setHgrow(words, Priority.ALWAYS);
      words.setMaxWidth(Double.MAX_VALUE);
      words.setMinWidth(0);
      detail.setMinWidth(Region.USE_PREF_SIZE);
      detail.getStyleClass().add("find-detail");
      setPrefWidth(0);
    }

    @Override
    protected void updateItem(Command command, boolean empty) {
      super.updateItem(command, empty);
      if (empty || command == null) {
        setGraphic(null);
      } else {
        words.setText(command.words());
        detail.setText(command.detail());
        setGraphic(row);
      }
    }
  }
}

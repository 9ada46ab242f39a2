package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.NumberTable;

/** A card with a list at the left, and at the right the name and what else one of it has. */
abstract class ListCard extends VBox {
  private static final double WIDE = 940;
  private static final double HIGH = 580;
  private static final double DETAILS = 330;

  private final Overlay overlay;
  private final TextField name = new TextField();
  private final Label wrong = new Label();

  /**
   * Makes the frame; {@link #fill} puts the rest in.
   *
   * @param id of the card; ids of what is in it begin with it
   */
  ListCard(Overlay overlay, String id, String title) {
    super(12);
    this.overlay = overlay;
    ControlNames.set(this, id);
    getStyleClass().add("home");
    setMaxSize(WIDE, HIGH);
    setPrefSize(WIDE, HIGH);
    Label heading = new Label(title);
    heading.getStyleClass().add("home-title");
    getChildren().add(heading);
    ControlNames.set(name, id + ".name");
    name.setOnAction(e -> rename());
    name.focusedProperty()
        .addListener(
            (p, was, is) -> {
              if (!is) {
                rename();
              }
            });
    ControlNames.set(wrong, id + ".wrong");
    wrong.setWrapText(true);
    wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
    wrong.getStyleClass().add("decision-message");
  }

  /** Gives what is typed as a name to the one that is chosen, where it is another. */
  abstract void rename();

  /** The list, and below the name what else the chosen one has. */
  final void fill(NumberTable<?> table, Node... details) {
    VBox.setVgrow(table, Priority.ALWAYS);
    VBox left = new VBox(table);
    HBox.setHgrow(left, Priority.ALWAYS);
    VBox right = new VBox(8, name, wrong);
    right.getChildren().addAll(details);
    right.setMinWidth(DETAILS);
    right.setPrefWidth(DETAILS);
    HBox columns = new HBox(22, left, right);
    VBox.setVgrow(columns, Priority.ALWAYS);
    Button close = new Button(say("Done"));
    ControlNames.set(close, ControlNames.of(this) + ".close");
    close.getStyleClass().add("main-button");
    close.setOnAction(e -> overlay.close(this));
    HBox below = new HBox(close);
    below.setAlignment(Pos.CENTER_RIGHT);
    getChildren().addAll(columns, below);
  }

  final Overlay overlay() {
    return overlay;
  }

  final TextField name() {
    return name;
  }

  /** What can't be, in words; empty for nothing. */
  final Label wrong() {
    return wrong;
  }

  static Label note(String words) {
    Label note = new Label(words);
    note.setWrapText(true);
    note.getStyleClass().add("lower-note");
    return note;
  }

  static Button button(String id, String words) {
    Button button = new Button(words);
    ControlNames.set(button, id);
    button.getStyleClass().add("text-button");
    return button;
  }
}

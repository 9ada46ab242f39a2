package roughcut.desktop.shell;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.command.RoughCut;

/** What can be pressed. */
final class HelpCard extends VBox {
  private static final String[][] KEYS = {
    {"Ctrl+1 … 9, Alt+1 … 9", "stations in the order of work, and their pages"},
    {"F6", "round the window: what is decided, drawing, thin spots, stations"},
    {"Ctrl+K", "find a number, a decision, something to do"},
    {"Ctrl+Z, Ctrl+Shift+Z", "undo, redo; without limit"},
    {"Ctrl+S", "save now (it is saved by itself after every edit)"},
    {"Ctrl+H, Ctrl+N, Ctrl+O", "all builds, a new instrument, open a build"},
    {"Ctrl+P", "full-size sheets"},
    {"Ctrl+C", "copy the number in hand, or a table's rows"},
    {"Ctrl+U", "millimetres, inches, fractions"},
    {"Ctrl+B", "as designed, as built"},
    {"Ctrl+T", "what if: changes that are tried together, then kept or dropped"},
    {"", ""},
    {"In a number", "up and down nudge it; with Shift ten steps, with Ctrl a tenth"},
    {"F2", "enter what was measured instead"},
    {"F4", "the caliper's settled value goes there; Ctrl+Shift+M opens a simulated one"},
    {"F9", "one operation in big figures, at the machine"},
    {"", ""},
    {"On the drawing", "← → move the knife a little, with Shift by a fret; Home and End"},
    {"+  −  0", "closer, further, everything; or wheel and double click"},
    {"Click a number", "shows its sum"},
    {"Esc", "leaves whatever is open"},
  };

  private final Button close = new Button("close");
  private final Overlay overlay;

  HelpCard(Overlay overlay, Runnable lookRound) {
    super(12);
    this.overlay = overlay;
    setId("help-card");
    getStyleClass().add("help-card");
    setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    Label title = new Label("What can be pressed");
    title.getStyleClass().add("help-title");
    GridPane keys = new GridPane();
    keys.setHgap(18);
    keys.setVgap(6);
    for (int i = 0; i < KEYS.length; i++) {
      Label key = new Label(KEYS[i][0]);
      key.getStyleClass().add("help-key");
      keys.addRow(i, key, new Label(KEYS[i][1]));
    }
    Label care =
        new Label(
            "Numbers are for planning. Your machines' manuals, local rules and qualified people come first:\n"
                + "guards in place, dust away, and a cut in scrap before the cut in the piece.");
    care.getStyleClass().add("help-care");
    close.getStyleClass().add("text-button");
    close.setOnAction(e -> overlay.close(this));
    Button look = new Button("look round");
    look.setId("help.look");
    look.getStyleClass().add("text-button");
    look.setOnAction(
        e -> {
          overlay.close(this);
          lookRound.run();
        });
    Label about =
        new Label(
            "Rough Cut "
                + RoughCut.VERSION
                + ", Apache License 2.0; what it is made with is in NOTICE beside it. B612 by its"
                + " authors, SIL Open Font License.");
    about.getStyleClass().add("lower-note");
    HBox buttons = new HBox(14, close, look);
    getChildren().addAll(title, keys, care, about, buttons);
  }

  /** Opens, or closes again. */
  void turn() {
    if (overlay.isOpen(this)) {
      overlay.close(this);
    } else {
      overlay.open(this, Pos.CENTER, close);
    }
  }
}

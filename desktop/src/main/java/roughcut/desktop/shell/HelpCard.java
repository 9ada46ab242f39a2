package roughcut.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.bench.Caution;
import roughcut.command.RoughCut;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.ScrollBox;
import roughcut.desktop.station.StationId;
import roughcut.finding.Synonyms;

/**
 * Help: what each station is for, what can be pressed, what to take care of, what the program is
 * made with; searched by words.
 */
final class HelpCard extends VBox {
  private static final String[][] KEYS = {
    {"Ctrl+1 … 9, Alt+1 … 9", "stations in the order of work, and their pages"},
    {"F6", "round the window: what is decided, drawing, thin spots, stations"},
    {"Ctrl+K", "find a number, a decision, something to do"},
    {"Ctrl+Z, Ctrl+Shift+Z", "undo, redo; without limit"},
    {"Ctrl+,", "preferences: units, text size, a dark screen, limits"},
    {"Right button", "what can be done with a number, a table, the drawing"},
    {"Ctrl+S", "save now (it is saved by itself after every edit)"},
    {"Ctrl+H, Ctrl+N, Ctrl+O", "all builds, a new instrument, open a build"},
    {"Ctrl+P", "full-size sheets"},
    {"Ctrl+C", "copy the number in hand, or a table's rows"},
    {"Ctrl+U", "millimetres, inches, fractions"},
    {"Ctrl+B", "as designed, as built"},
    {"Ctrl+T", "what if: changes that are tried together, then kept or dropped"},
    {"In a number", "up and down nudge it; with Shift ten steps, with Ctrl a tenth"},
    {"F2", "enter what was measured instead"},
    {"F4", "the caliper's settled value goes there; Ctrl+Shift+M opens a simulated one"},
    {"F9", "one operation in big figures, at the machine"},
    {"On the drawing", "← → move the knife a little, with Shift by a fret; Home and End"},
    {"+  −  0", "closer, further, everything; or wheel and double click"},
    {"Click a number", "shows its sum"},
    {"Esc", "leaves whatever is open"},
  };

  private static final double WIDTH = 780;
  private static final double HEIGHT = 600;

  /** A line of help under one of its headings. */
  private record Line(String heading, String lead, String words) {
    boolean answers(String wanted) {
      return Synonyms.answer(heading + " " + lead + " " + words, wanted);
    }
  }

  private final TextField words = new TextField();
  private final GridPane lines = new GridPane();
  private final Label none =
      new Label("Nothing here goes by these words; Ctrl+K finds numbers and actions.");
  private final Overlay overlay;

  HelpCard(Overlay overlay, Runnable lookRound) {
    super(12);
    this.overlay = overlay;
    ControlNames.set(this, "help-card");
    getStyleClass().add("help-card");
    setMaxSize(WIDTH, HEIGHT);
    setPrefSize(WIDTH, HEIGHT);
    Label title = new Label("Help");
    title.getStyleClass().add("help-title");
    ControlNames.set(words, "help.words");
    words.setPromptText("search the help");
    words.setAccessibleText("Search the help");
    words.textProperty().addListener((p, was, is) -> show());
    HBox.setHgrow(words, Priority.ALWAYS);
    HBox head = new HBox(18, title, words);
    head.setAlignment(Pos.CENTER_LEFT);
    ControlNames.set(lines, "help.lines");
    lines.setHgap(18);
    lines.setVgap(6);
    none.getStyleClass().add("lower-note");
    Button close = new Button("close");
    ControlNames.set(close, "help.close");
    close.getStyleClass().add("text-button");
    close.setOnAction(e -> overlay.close(this));
    Button look = new Button("look round");
    ControlNames.set(look, "help.look");
    look.getStyleClass().add("text-button");
    look.setOnAction(
        e -> {
          overlay.close(this);
          lookRound.run();
        });
    HBox buttons = new HBox(14, close, look);
    getChildren().addAll(head, ScrollBox.of(new VBox(8, lines, none)), buttons);
  }

  private static List<Line> all() {
    List<Line> all = new ArrayList<>();
    for (StationId station : StationId.values()) {
      all.add(new Line("Stations, in the order of work", station.title(), station.about()));
    }
    for (String[] key : KEYS) {
      all.add(new Line("What can be pressed", key[0], key[1]));
    }
    all.add(new Line("Take care", "First", Caution.STANDING.toString()));
    all.add(
        new Line(
            "Take care",
            "Numbers",
            "are for planning. Guards in place, dust away, and a cut in scrap before the cut in the"
                + " piece."));
    for (Caution caution : Caution.values()) {
      all.add(new Line("Take care", title(caution), caution.words().toString()));
    }
    all.add(
        new Line(
            "About",
            "Rough Cut " + RoughCut.VERSION,
            "Apache License 2.0; what it is made with is in NOTICE beside it. B612 by its authors,"
                + " SIL Open Font License."));
    return all;
  }

  private static String title(Caution caution) {
    String word = caution.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
  }

  private void show() {
    lines.getChildren().clear();
    String heading = "";
    int row = 0;
    for (Line line : all()) {
      if (!line.answers(words.getText())) {
        continue;
      }
      if (!line.heading().equals(heading)) {
        heading = line.heading();
        Label label = new Label(heading);
        label.getStyleClass().add("panel-heading");
        lines.add(label, 0, row++, 2, 1);
      }
      lines.addRow(row++, lead(line.lead()), told(line.words()));
    }
    none.setVisible(row == 0);
    none.setManaged(row == 0);
  }

  private static Label lead(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("help-key");
    label.setMinWidth(Region.USE_PREF_SIZE);
    GridPane.setValignment(label, VPos.TOP);
    return label;
  }

  private static Label told(String text) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    GridPane.setHgrow(label, Priority.ALWAYS);
    return label;
  }

  /** Opens, or closes again. */
  void turn() {
    if (overlay.isOpen(this)) {
      overlay.close(this);
    } else {
      words.clear();
      show();
      overlay.open(this, Pos.CENTER, words);
    }
  }
}

package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

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
    {"Ctrl+1 … 9, Alt+1 … 9", "stations in work order, and their pages"},
    {"F6", "next area: settings, drawing, clearances, stations"},
    {"Ctrl+K", "search numbers, decisions, commands"},
    {"Ctrl+Z, Ctrl+Shift+Z", "undo, redo, without limit"},
    {"Ctrl+,", "preferences: units, text size, dark theme, limits"},
    {"Right click", "menu of a number, a table, the drawing"},
    {"Ctrl+S", "save now (every edit is saved automatically)"},
    {"Ctrl+H, Ctrl+N, Ctrl+O", "all builds, new instrument, open build"},
    {"Ctrl+P", "full-size sheets"},
    {"Ctrl+C", "copy the selected number or table rows"},
    {"Ctrl+U", "millimetres, inches, fractions"},
    {"Ctrl+B", "as designed, as built"},
    {"Ctrl+T", "what if: try changes together, then keep or discard them"},
    {"In a number", "up and down change it by a step, with Shift ten steps, with Ctrl a tenth"},
    {"F2", "enter the measured size"},
    {"F4", "enter the caliper reading; Ctrl+Shift+M opens a simulated caliper"},
    {"F9", "machine view: one operation in large figures"},
    {"On the drawing", "← → move the section line, with Shift by a fret; Home and End"},
    {"+  −  0", "zoom in, zoom out, fit; or mouse wheel and double-click"},
    {"Click a number", "show its sum"},
    {"Esc", "close whatever is open"},
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
      new Label(say("No results here. Ctrl+K searches numbers and commands."));
  private final Overlay overlay;

  HelpCard(Overlay overlay, Runnable lookRound) {
    super(12);
    this.overlay = overlay;
    ControlNames.set(this, "help-card");
    getStyleClass().add("help-card");
    setMaxSize(WIDTH, HEIGHT);
    setPrefSize(WIDTH, HEIGHT);
    Label title = new Label(say("Help"));
    title.getStyleClass().add("help-title");
    ControlNames.set(words, "help.words");
    words.setPromptText(say("Search help"));
    words.setAccessibleText(say("Search help"));
    words.textProperty().addListener((p, was, is) -> show());
    HBox.setHgrow(words, Priority.ALWAYS);
    HBox head = new HBox(18, title, words);
    head.setAlignment(Pos.CENTER_LEFT);
    ControlNames.set(lines, "help.lines");
    lines.setHgap(18);
    lines.setVgap(6);
    none.getStyleClass().add("lower-note");
    Button close = new Button(say("Close"));
    ControlNames.set(close, "help.close");
    close.getStyleClass().add("text-button");
    close.setOnAction(e -> overlay.close(this));
    Button look = new Button(say("Guided tour"));
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
      all.add(new Line(say("Stations in work order"), station.title(), station.about()));
    }
    for (String[] key : KEYS) {
      all.add(new Line(say("Keyboard shortcuts"), say(key[0]), say(key[1])));
    }
    all.add(new Line(say("Safety"), say("First"), say(Caution.STANDING)));
    all.add(
        new Line(
            say("Safety"),
            say("Numbers"),
            say(
                "are for planning. Keep guards in place, extract the dust, and make a test cut "
                    + "in scrap before you cut the piece.")));
    for (Caution caution : Caution.values()) {
      all.add(new Line(say("Safety"), title(caution), say(caution.words())));
    }
    all.add(
        new Line(
            say("About"),
            say("Rough Cut {version}", RoughCut.VERSION),
            say(
                "Apache License 2.0. The components used are listed in the NOTICE file. B612 "
                    + "font by its authors, SIL Open Font License.")));
    return all;
  }

  private static String title(Caution caution) {
    String word = caution.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    return say(word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1));
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

package roughcut.desktop.shell;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A short look around at the first start, dismissed for good. */
final class Tour extends VBox {
  private static final String[][] STOPS = {
    {
      "This is Heron, a made-up instrument to play with.",
      "Plan above, elevation below, on one ruler that starts at the nut line. Whatever you do to it, “Reset the demo” in the menu under its name brings it back."
    },
    {
      "At the right you decide; below that stands what to set.",
      "Type a number, with or without its unit, and the drawing follows. Click a large number to see its sum."
    },
    {
      "Along the bottom: the thinnest wood, worst first.",
      "Click one and the view flies there with the section knife in place. Drag the knife along the ruler yourself."
    },
    {
      "“As built” puts what you measured in place of what was drawn.",
      "F2 in a number enters a measurement. Heron's shaft came out thinner than drawn: see what that does."
    },
  };

  private final Label title = new Label();
  private final Label words = new Label();
  private final Button next = new Button();
  private final Runnable seen;
  private int stop;

  /**
   * Makes the card.
   *
   * @param seen called when it was seen or dismissed
   */
  Tour(Runnable seen) {
    super(8);
    this.seen = seen;
    setId("tour");
    getStyleClass().add("tour");
    setMaxSize(400, Region.USE_PREF_SIZE);
    title.getStyleClass().add("tour-title");
    title.setWrapText(true);
    words.setWrapText(true);
    next.getStyleClass().add("main-button");
    next.setOnAction(e -> forward());
    Button enough = new Button("don't show this again");
    enough.getStyleClass().add("text-button");
    enough.setId("tour-dismiss");
    enough.setOnAction(e -> finish());
    HBox buttons = new HBox(12, enough, next);
    buttons.setAlignment(Pos.CENTER_RIGHT);
    getChildren().addAll(title, words, buttons);
    setVisible(false);
  }

  void start() {
    stop = 0;
    show();
    setVisible(true);
  }

  private void show() {
    title.setText(STOPS[stop][0]);
    words.setText(STOPS[stop][1]);
    next.setText(
        stop == STOPS.length - 1
            ? "to work"
            : "go on (" + (stop + 1) + " of " + STOPS.length + ")");
  }

  private void forward() {
    if (++stop >= STOPS.length) {
      finish();
    } else {
      show();
    }
  }

  private void finish() {
    setVisible(false);
    seen.run();
  }
}

package roughcut.desktop.shell;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/**
 * A message across the top of the drawing: what went wrong, and what can be done about it. Stays
 * until answered.
 */
final class Notice extends HBox {
  private final Label words = new Label();

  Notice() {
    super(12);
    setId("notice");
    getStyleClass().add("notice");
    setAlignment(Pos.CENTER_LEFT);
    words.setWrapText(true);
    words.setMaxWidth(Double.MAX_VALUE);
    words.setMinWidth(0);
    HBox.setHgrow(words, Priority.ALWAYS);
    hide();
  }

  /** Shows words with ways out; there is always one to dismiss it. */
  void show(String message, Command... ways) {
    words.setText(message);
    getChildren().setAll(words);
    for (Command way : ways) {
      getChildren().add(button(way.words(), way.action()));
    }
    getChildren().add(button("dismiss", () -> {}));
    setVisible(true);
    setManaged(true);
  }

  private Button button(String label, Runnable action) {
    Button button = new Button(label);
    button.getStyleClass().add("notice-button");
    button.setMinWidth(USE_PREF_SIZE);
    button.setOnAction(
        e -> {
          hide();
          action.run();
        });
    return button;
  }

  void hide() {
    setVisible(false);
    setManaged(false);
  }
}

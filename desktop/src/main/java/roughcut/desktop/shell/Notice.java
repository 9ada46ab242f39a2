package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import atlantafx.base.controls.Tile;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import roughcut.desktop.control.ControlNames;

/**
 * A message across the top of the drawing: what went wrong or was done, and what can be done about
 * it. Stays until answered; what is told of saving goes when saving works again.
 */
final class Notice extends Tile {
  private static final PseudoClass CALM = PseudoClass.getPseudoClass("calm");

  private final HBox answers = new HBox(8);
  private boolean ofSaving;

  Notice() {
    ControlNames.set(this, "notice");
    getStyleClass().add("notice");
    answers.setAlignment(Pos.CENTER_RIGHT);
    setAction(answers);
    hide();
  }

  /** Says what went wrong, with ways out; there is always one to dismiss it. */
  void show(String message, Command... ways) {
    put(message, false, say("Dismiss"), ways);
  }

  /** Says what was done, with ways on. */
  void tell(String message, Command... ways) {
    put(message, true, say("Dismiss"), ways);
  }

  /** Asks; the last answer leaves everything as it is. */
  void ask(String question, Command... answers) {
    put(question, true, say("Close"), answers);
  }

  /** Says what went wrong with saving. */
  void saving(String message, Command... ways) {
    put(message, false, say("Dismiss"), ways);
    ofSaving = true;
  }

  /** Saving works: what was said of it is no longer so. */
  void savingIsWell() {
    if (ofSaving) {
      hide();
    }
  }

  private void put(String message, boolean calm, String last, Command... ways) {
    ofSaving = false;
    pseudoClassStateChanged(CALM, calm);
    setDescription(message);
    setAccessibleText(message);
    answers.getChildren().clear();
    for (Command way : ways) {
      answers.getChildren().add(button(way.words(), way.action()));
    }
    answers.getChildren().add(button(last, () -> {}));
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
    ofSaving = false;
    setVisible(false);
    setManaged(false);
  }
}

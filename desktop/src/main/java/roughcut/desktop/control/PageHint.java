package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** What the open page is for, above its drawing, for as long as the maker wants to be told. */
public final class PageHint extends HBox {
  private final Label words = new Label();

  /**
   * Makes an empty one.
   *
   * @param hide does away with all of them
   */
  public PageHint(Runnable hide) {
    super(10);
    getStyleClass().add("page-hint");
    setAlignment(Pos.CENTER_LEFT);
    ControlNames.set(words, "page-hint");
    words.setWrapText(true);
    words.setMinHeight(USE_PREF_SIZE);
    HBox.setHgrow(words, Priority.ALWAYS);
    words.setMaxWidth(Double.MAX_VALUE);
    Button close = new Button(say("Hide"));
    ControlNames.set(close, "page-hint.hide");
    close.getStyleClass().add("text-button");
    close.setMinWidth(USE_PREF_SIZE);
    close.setAccessibleText(say("Hide page descriptions"));
    close.setOnAction(e -> hide.run());
    // The pages' fields come first for the keyboard.
    close.setFocusTraversable(false);
    getChildren().addAll(words, close);
  }

  /** Says it. */
  public void show(String sentence) {
    words.setText(sentence);
  }

  /** Whether it is seen at all. */
  public void shown(boolean on) {
    setVisible(on);
    setManaged(on);
  }
}

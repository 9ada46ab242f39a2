package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import atlantafx.base.controls.Tile;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import roughcut.desktop.control.ControlNames;

/**
 * A message across the top of the drawing: what went wrong or was done, and what can be done about
 * it. Stays until answered: one that comes later lies over it, and it is there again when that is
 * answered. What is told of saving goes when saving works again; what was only told isn't repeated.
 */
final class Notice extends Tile {
  private static final PseudoClass CALM = PseudoClass.getPseudoClass("calm");

  /** Whether it waits for an answer, and what takes it away without one. */
  private enum Kind {
    TOLD,
    ASKED,
    FAULT,
    OF_SAVING
  }

  private record Message(String words, Kind kind, String last, List<Command> ways) {}

  private final HBox answers = new HBox(8);

  /** The last is the one that is shown. */
  private final Deque<Message> open = new ArrayDeque<>();

  Notice() {
    ControlNames.set(this, "notice");
    getStyleClass().add("notice");
    answers.setAlignment(Pos.CENTER_RIGHT);
    setAction(answers);
    refresh();
  }

  /** Says what went wrong, with ways out; there is always one to dismiss it. */
  void show(String message, Command... ways) {
    put(message, Kind.FAULT, say("Dismiss"), ways);
  }

  /** Says what was done, with ways on. */
  void tell(String message, Command... ways) {
    put(message, Kind.TOLD, say("Dismiss"), ways);
  }

  /** Asks; the last answer leaves everything as it is. */
  void ask(String question, Command... answers) {
    put(question, Kind.ASKED, say("Close"), answers);
  }

  /** Says what went wrong with saving. */
  void saving(String message, Command... ways) {
    put(message, Kind.OF_SAVING, say("Dismiss"), ways);
  }

  /** Saving works: what was said of it is no longer so. */
  void savingIsWell() {
    open.removeIf(m -> m.kind() == Kind.OF_SAVING);
    refresh();
  }

  private void put(String words, Kind kind, String last, Command... ways) {
    open.removeIf(
        m ->
            m.kind() == Kind.TOLD
                || m.words().equals(words)
                || kind == Kind.OF_SAVING && m.kind() == kind);
    open.addLast(new Message(words, kind, last, List.of(ways)));
    refresh();
  }

  private void refresh() {
    answers.getChildren().clear();
    Message shown = open.peekLast();
    setVisible(shown != null);
    setManaged(shown != null);
    if (shown == null) {
      return;
    }
    pseudoClassStateChanged(CALM, shown.kind() == Kind.TOLD || shown.kind() == Kind.ASKED);
    setDescription(shown.words());
    setAccessibleText(shown.words());
    for (Command way : shown.ways()) {
      answers.getChildren().add(button(shown, way.words(), way.action()));
    }
    answers.getChildren().add(button(shown, shown.last(), () -> {}));
  }

  private Button button(Message answered, String label, Runnable action) {
    Button button = new Button(label);
    button.getStyleClass().add("notice-button");
    button.setMinWidth(USE_PREF_SIZE);
    button.setOnAction(
        e -> {
          open.remove(answered);
          refresh();
          action.run();
        });
    return button;
  }
}

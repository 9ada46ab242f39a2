package roughcut.desktop.control;

import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.util.Duration;
import roughcut.desktop.session.Session;

/**
 * Typing into a field, safely. Each key only tries what is typed; Enter, leaving the field, or a
 * pause enters it; Esc brings back what was there. What is refused stays as it was typed, marked,
 * and stores nothing; it is never tried again by itself, so that nothing late overwrites what was
 * typed or decided since.
 */
final class FieldEntry implements Session.Typed {
  /** What is typed into. */
  interface Into {
    /** Tries what is typed, without storing it; what can't be, in words. */
    Optional<String> attempt(String text);

    /** Enters it; what can't be, in words. */
    Optional<String> enter(String text);

    /** What is shown while nothing is typed. */
    String shown();

    /** Whether a text says what is kept already, so that it needn't be written anew. */
    boolean says(String text);

    /** Tells what can't be, beside the field; null for nothing. */
    void tell(String words);

    /** It was entered. */
    default void entered() {}
  }

  /** So long a pause enters what was typed. */
  static final Duration PAUSE = Duration.millis(1500);

  private final TextField field;
  private final Session session;
  private final Into into;
  private final PauseTransition pause = new PauseTransition(PAUSE);
  private boolean writing;
  private boolean pending;
  private boolean refused;

  FieldEntry(TextField field, Session session, Into into) {
    this.field = field;
    this.session = session;
    this.into = into;
    pause.setOnFinished(
        e -> {
          // Half a number with a pause in it is no number; it waits for the rest.
          if (pending && !refused) {
            enter();
          }
        });
    field.textProperty().addListener((p, was, is) -> typed());
    field
        .focusedProperty()
        .addListener(
            (p, was, is) -> {
              if (!is) {
                enter();
                session.history().settle();
                refresh();
              }
            });
    field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
  }

  private void key(KeyEvent e) {
    if (e.getCode() == KeyCode.ENTER) {
      enter();
      session.history().settle();
      refresh();
      field.selectAll();
      e.consume();
    } else if (e.getCode() == KeyCode.ESCAPE && pending) {
      restore();
      e.consume();
    }
  }

  private void typed() {
    if (writing) {
      return;
    }
    pending = true;
    session.typing(this);
    if (says(field.getText())) {
      session.stopTrying();
      tell(Optional.empty());
    } else {
      tell(into.attempt(field.getText()));
    }
    pause.playFromStart();
  }

  /** What is shown may be rounded: typed again, it is what is kept, to the last figure. */
  private boolean says(String text) {
    return text.strip().equals(into.shown()) || into.says(text);
  }

  /** Whether something is typed that isn't entered. */
  boolean pending() {
    return pending;
  }

  @Override
  public void enter() {
    pause.stop();
    if (!pending) {
      return;
    }
    session.typed(this);
    if (says(field.getText())) {
      done();
      session.stopTrying();
      into.tell(null);
      return;
    }
    Optional<String> refusal = into.enter(field.getText());
    tell(refusal);
    if (refusal.isEmpty()) {
      done();
      into.entered();
    } else {
      session.stopTrying();
    }
  }

  @Override
  public void restore() {
    done();
    session.stopTrying();
    into.tell(null);
    write(into.shown());
    field.selectAll();
  }

  private void done() {
    pause.stop();
    pending = false;
    refused = false;
    session.typed(this);
  }

  private void tell(Optional<String> refusal) {
    refused = refusal.isPresent();
    into.tell(refusal.orElse(null));
  }

  /** Another thing is shown from now on: what was typed for the last one is let go. */
  void another() {
    done();
    refresh();
  }

  /** Shows what is kept, unless something typed stands here or says so already. */
  void refresh() {
    if (pending) {
      return;
    }
    if (!field.isFocused() || !into.says(field.getText())) {
      write(into.shown());
    }
    into.tell(null);
  }

  /** Writes into the field as if nobody had typed. */
  void write(String text) {
    writing = true;
    if (!field.getText().equals(text)) {
      field.setText(text);
      field.end();
    }
    writing = false;
  }
}

package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.Session;
import roughcut.record.DoneOperation;

/**
 * When an operation was done, how long it took and what was noted; each can be mended by hand, for
 * a clock that was wrong or a timer that was forgotten.
 */
final class DoneEditor extends VBox {
  private static final DateTimeFormatter AT = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

  private final Session session;
  private final DoneOperation done;
  private final Label message = new Label();

  DoneEditor(DoneOperation done, Session session) {
    super(3);
    this.done = done;
    this.session = session;
    message.getStyleClass().add("decision-message");
    message.setWrapText(true);
    message.setVisible(false);
    message.setManaged(false);
    ControlNames.set(message, "made.message");
    getChildren()
        .addAll(
            row(say("Done on"), say("made.at"), done.at().format(AT), this::at),
            row(
                say("Minutes"),
                say("made.minutes"),
                done.hands().isZero() ? "" : Long.toString(done.hands().toMinutes()),
                this::minutes),
            row(say("Note"), say("made.note"), done.note(), this::note),
            message);
  }

  private HBox row(String words, String id, String text, UnaryOperator<String> enter) {
    Label label = new Label(words);
    label.getStyleClass().add("decision-label");
    label.setMinWidth(70);
    TextField field = new TextField(text);
    field.setAccessibleText(words);
    ControlNames.set(field, id);
    HBox.setHgrow(field, Priority.ALWAYS);
    field.setMaxWidth(Region.USE_COMPUTED_SIZE);
    field.setOnAction(e -> tell(enter.apply(field.getText().strip())));
    field
        .focusedProperty()
        .addListener(
            (p, was, is) -> {
              if (!is && !field.getText().strip().equals(text)) {
                tell(enter.apply(field.getText().strip()));
              }
            });
    HBox row = new HBox(8, label, field);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private String at(String text) {
    try {
      LocalDateTime at = LocalDateTime.parse(text, AT);
      return at.isAfter(session.now().minute())
          ? say("{text} is in the future", text)
          : mend(say("when it was done"), d -> d.at(at));
    } catch (DateTimeParseException e) {
      return say("Write it as {format}", done.at().format(AT));
    }
  }

  private String minutes(String text) {
    if (text.isEmpty()) {
      return mend(say("time taken"), d -> d.took(Duration.ZERO));
    }
    if (!text.matches("\\d{1,5}")) {
      return say("Whole minutes, such as 45");
    }
    return mend(say("time taken"), d -> d.took(Duration.ofMinutes(Long.parseLong(text))));
  }

  private String note(String text) {
    return mend(say("a note on what was done"), d -> d.noting(text));
  }

  private String mend(String name, UnaryOperator<DoneOperation> change) {
    String refusal =
        session
            .edit(
                name,
                "made " + done.operation(),
                b ->
                    b.log()
                        .done(done.operation())
                        .map(d -> b.withLog(b.log().with(change.apply(d))))
                        .orElse(b))
            .orElse("");
    session.history().settle();
    return refusal;
  }

  private void tell(String words) {
    message.setText(words);
    message.setVisible(!words.isEmpty());
    message.setManaged(!words.isEmpty());
  }
}

package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.bench.Risk;
import roughcut.measure.Units;

/** What is at stake when an operation is done now, and where it is done all the same. */
final class StakesBox extends VBox {
  /**
   * Asks.
   *
   * @param done gets the reason; empty where none is wanted
   * @param left what to do when it is left undone
   */
  StakesBox(List<Risk> risks, Units units, Consumer<String> done, Runnable left) {
    super(5);
    getStyleClass().add("stakes");
    boolean reason = Risk.wantReason(risks);
    Label title =
        text(reason ? say("What is at stake") : say("This can't be undone"), "stakes-title");
    getChildren().add(title);
    for (Risk risk : risks) {
      boolean last = risk.kind() == Risk.Kind.FINAL;
      if (last && reason) {
        continue;
      }
      String words = risk.text().in(units);
      getChildren()
          .add(text(last ? words : risk.kind().word().in(units) + ": " + words, "stakes-what"));
      if (!last) {
        getChildren().add(text(risk.loss().in(units), "lower-note"));
      }
    }
    TextField why = new TextField();
    ControlNames.set(why, "operation.reason");
    why.setPromptText(say("Reason"));
    why.setAccessibleText(say("Reason for going on"));
    Button go = new Button(reason ? say("Mark done anyway") : say("Mark done with these sizes"));
    ControlNames.set(go, "operation.confirm");
    go.getStyleClass().add("main-button");
    go.setOnAction(e -> done.accept(why.getText().strip()));
    Button leave = new Button(say("Cancel"));
    ControlNames.set(leave, "operation.cancel");
    leave.getStyleClass().add("text-button");
    leave.setOnAction(e -> left.run());
    if (reason) {
      go.disableProperty().bind(why.textProperty().map(String::isBlank));
      why.setOnAction(e -> go.fire());
      getChildren().add(why);
    }
    getChildren().add(new HBox(10, go, leave));
    Node first = reason ? why : go;
    Platform.runLater(first::requestFocus);
  }

  private static Label text(String words, String style) {
    Label label = new Label(words);
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    label.getStyleClass().add(style);
    return label;
  }
}

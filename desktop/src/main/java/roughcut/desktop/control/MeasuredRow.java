package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import roughcut.design.NumberDecision;
import roughcut.desktop.session.RelativeDay;
import roughcut.desktop.session.Session;
import roughcut.measure.NumberWriter;
import roughcut.record.Build;
import roughcut.record.Reading;

/** Under a decision's field what was measured in its place, and when; it can be taken back. */
final class MeasuredRow extends HBox {
  private final NumberDecision decision;
  private final Session session;
  private final Label words = new Label();

  MeasuredRow(NumberDecision decision, Session session) {
    super(6);
    this.decision = decision;
    this.session = session;
    getStyleClass().add("measured-row");
    setAlignment(Pos.CENTER_RIGHT);
    // A fraction with what its rounding leaves out is long; it goes on in a second line.
    words.setWrapText(true);
    words.setMinHeight(Region.USE_PREF_SIZE);
    Button forget = new Button(say("Remove"));
    ControlNames.set(forget, decision.id() + ".forget");
    forget.getStyleClass().add("text-button");
    forget.setMinWidth(Region.USE_PREF_SIZE);
    forget.setOnAction(e -> takeBack());
    getChildren().addAll(words, forget);
  }

  /** Shows what counts now; nothing where nothing was measured, or the plan is seen as designed. */
  void show() {
    Reading reading = session.build().get().measured().get(decision.id());
    boolean shown = reading != null && session.asBuilt().get();
    setVisible(shown);
    setManaged(shown);
    if (reading != null) {
      words.setText(
          say(
              "measured {reading}, {days}",
              NumberWriter.text(reading.value(), decision.quantity(), session.units().get()),
              RelativeDay.days(reading.on(), session.now().today())));
    }
  }

  void takeBack() {
    session.make(
        say("removing a measurement"),
        "measured " + decision.id(),
        (Build build) -> build.withoutMeasured(decision.id()));
  }
}

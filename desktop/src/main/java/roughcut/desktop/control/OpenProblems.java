package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.measure.Units;

/** What is still open before work can begin: what stops first, each with its shape and word. */
public final class OpenProblems extends VBox {
  private final Label heading = new Label();
  private final VBox rows = new VBox(5);

  private static final Insets DOORS = new Insets(2, 3, 2, 3);

  public OpenProblems() {
    super(8);
    ControlNames.set(this, "questions");
    heading.getStyleClass().add("lower-title");
    getChildren().addAll(heading, ScrollBox.of(rows));
  }

  public void show(String title, List<Finding> open, Units units) {
    show(title, open, say("Every board is measured, dry and large enough."), units);
    boolean ready = open.stream().noneMatch(Finding::stops);
    heading.setText(say(ready ? "{what}: ready" : "{what}: not ready", title));
  }

  /**
   * Shows what is to be looked out for.
   *
   * @param otherwise what to say when there is nothing
   */
  public void show(String title, List<Finding> open, String otherwise, Units units) {
    heading.setText(title);
    rows.getChildren().setAll(open.stream().map(q -> row(q, units)).toList());
    if (open.isEmpty()) {
      Label nothing = new Label(otherwise);
      nothing.setWrapText(true);
      nothing.getStyleClass().add("fact");
      rows.getChildren().add(nothing);
    }
  }

  /** A line for each; one that has a place leads there. */
  private static Labeled row(Finding question, Units units) {
    SVGPath shape = new SVGPath();
    Clearance.State state = StyleStates.of(question);
    shape.setContent(StyleStates.shape(state));
    shape.getStyleClass().add("shape-" + state.word());
    String what =
        say(
            "{severity}: {problem}",
            say(question.severity().word().capital()),
            question.what().in(units));
    String rest = question.message().rest().in(units);
    String words = rest.isEmpty() ? what : what + "\n" + rest;
    Labeled row = question.where().isEmpty() ? new Label(words) : door(words, question.where());
    row.setGraphic(shape);
    row.setGraphicTextGap(7);
    row.setMaxWidth(Double.MAX_VALUE);
    // A door has a border; both begin at the same place.
    if (question.where().isEmpty()) {
      row.setPadding(DOORS);
    }
    row.setWrapText(true);
    row.getStyleClass().add("fact");
    return row;
  }

  private static Button door(String words, String place) {
    Button door = new Button(words);
    door.getStyleClass().add("fact-door");
    door.setAlignment(Pos.CENTER_LEFT);
    door.setMinHeight(Region.USE_PREF_SIZE);
    door.setOnAction(e -> door.fireEvent(new NumberEvent(NumberEvent.PLACE, place)));
    return door;
  }
}

package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.Session;
import roughcut.record.Proposal;

/** Changes that would make something fit, each made with one press and undone like any edit. */
public final class FixList extends VBox {
  private final Session session;
  private final VBox rows = new VBox(6);
  private final Label none = new Label();

  public FixList(Session session, String title) {
    super(8);
    this.session = session;
    ControlNames.set(this, "ways-out");
    Label heading = new Label(title);
    heading.getStyleClass().add("lower-title");
    none.getStyleClass().add("fact");
    none.setWrapText(true);
    none.setMinHeight(Region.USE_PREF_SIZE);
    ScrollPane scroll = new ScrollPane(rows);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("bare-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    getChildren().addAll(heading, none, scroll);
  }

  /**
   * Shows the ways out.
   *
   * @param otherwise what to say when there are none
   */
  public void show(List<Proposal> ways, String otherwise) {
    none.setText(otherwise);
    none.setVisible(ways.isEmpty());
    none.setManaged(ways.isEmpty());
    rows.getChildren().setAll(ways.stream().map(this::row).toList());
  }

  private HBox row(Proposal way) {
    Label words = new Label(way.words(session.units().get()));
    words.getStyleClass().add("fact");
    words.setWrapText(true);
    words.setMinHeight(Region.USE_PREF_SIZE);
    words.setMinWidth(0);
    HBox.setHgrow(words, Priority.ALWAYS);
    words.setMaxWidth(Double.MAX_VALUE);
    Button apply = new Button(say("Apply"));
    apply.getStyleClass().add("text-button");
    apply.setMinWidth(Region.USE_PREF_SIZE);
    apply.setAccessibleText(say("Apply: {what}", words.getText()));
    apply.setOnAction(
        e -> {
          session.make(way.words(), "way-out", way.change());
          session.history().settle();
        });
    HBox row = new HBox(10, words, apply);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }
}

package roughcut.desktop.control;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.Session;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.neck.HeadComparison.Way;

/** The ways to make the head beside each other; one press picks one. */
public final class HeadWays extends VBox {
  private final Session session;
  private final GridPane grid = new GridPane();

  public HeadWays(Session session) {
    super(4);
    this.session = session;
    setId("head-ways");
    Label title = new Label("Ways to make this head");
    title.getStyleClass().add("lower-title");
    grid.setHgap(11);
    grid.setVgap(6);
    ScrollPane scroll = Scrolled.of(grid);
    getChildren().addAll(title, scroll);
  }

  public void show(List<Way> ways, Units units) {
    grid.getChildren().clear();
    String[] heads = {"", "blank", "wood", "grain", "seams show", "boards"};
    for (int i = 0; i < heads.length; i++) {
      grid.add(label(heads[i], false, true), i, 0);
    }
    int row = 1;
    for (Way way : ways) {
      Button pick = new Button(way.name());
      pick.getStyleClass().addAll("text-button", "way-button");
      pick.pseudoClassStateChanged(States.CHOSEN, way.chosen());
      pick.setMinWidth(Region.USE_PREF_SIZE);
      pick.setAccessibleText("Make the head: " + way.name());
      Tips.on(pick, String.join("\n", way.steps()) + (way.veneer() ? "\nwants a face veneer" : ""));
      pick.setOnAction(
          e -> {
            session.edit("making the head: " + way.name(), "head.way", way.choose().change());
            session.history().settle();
          });
      grid.add(pick, 0, row);
      grid.add(label(size(way, units), way.chosen(), false), 1, row);
      grid.add(label(NumberWriter.fixed(way.litres(), 2) + " l", way.chosen(), false), 2, row);
      grid.add(label(grain(way, units), way.chosen(), false), 3, row);
      grid.add(label(way.seams(), way.chosen(), false), 4, row);
      Label boards =
          label(
              way.lacking().isEmpty() ? Integer.toString(way.boards().size()) : "none",
              way.chosen(),
              false);
      Tips.on(
          boards,
          (way.boards().isEmpty() ? "" : String.join("\n", way.boards()) + "\n")
              + (way.lacking().isEmpty()
                  ? ""
                  : "no " + String.join(", no ", way.lacking()) + " large enough"));
      grid.add(boards, 5, row);
      row++;
    }
  }

  private static Label label(String words, boolean chosen, boolean head) {
    Label label = new Label(words);
    label.getStyleClass().add(head ? "lower-note" : "fact");
    label.setMinWidth(Region.USE_PREF_SIZE);
    label.setAlignment(Pos.CENTER_LEFT);
    label.pseudoClassStateChanged(States.CHOSEN, chosen);
    return label;
  }

  private static String size(Way way, Units units) {
    return NumberWriter.number(way.length(), Quantity.ROUGH_LENGTH, units)
        + " × "
        + NumberWriter.number(way.width(), Quantity.ROUGH_LENGTH, units)
        + " × "
        + NumberWriter.number(way.depth(), Quantity.LENGTH, units);
  }

  private static String grain(Way way, Units units) {
    return Double.isInfinite(way.grain())
        ? "full length"
        : NumberWriter.text(way.grain(), Quantity.LENGTH, units);
  }
}

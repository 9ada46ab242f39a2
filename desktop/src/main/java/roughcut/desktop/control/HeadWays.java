package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;
import roughcut.desktop.session.Session;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.neck.HeadComparison.Way;

/** The ways to make the head beside each other; one press picks one. */
public final class HeadWays extends VBox {
  private final Session session;
  private static final double WIDE = 720;
  private static final String[] HEADS = {"", "blank", "wood", "grain", "joint shows", "boards"};

  /** In a small window words wrap down to these widths, so that no column is lost. */
  private static final double[] LEAST = {92, 84, 42, 52, 58, 46};

  private final RowGrid grid = new RowGrid();
  private final List<Row> rows = new ArrayList<>();
  private List<Way> ways = List.of();

  public HeadWays(Session session) {
    super(4);
    this.session = session;
    ControlNames.set(this, "head-ways");
    setPrefWidth(WIDE);
    Label title = new Label(say("Ways to make this headstock"));
    title.getStyleClass().add("lower-title");
    grid.setHgap(6);
    grid.setVgap(6);
    for (double least : LEAST) {
      ColumnConstraints column = new ColumnConstraints();
      column.setMinWidth(least);
      grid.getColumnConstraints().add(column);
    }
    ScrollPane scroll = ScrollBox.of(grid);
    for (int i = 0; i < HEADS.length; i++) {
      grid.add(label(HEADS[i].isEmpty() ? "" : say(HEADS[i]), true), i, 0);
    }
    getChildren().addAll(title, scroll);
  }

  public void show(List<Way> next, Units units) {
    ways = next;
    while (rows.size() < next.size()) {
      rows.add(new Row(rows.size()));
    }
    while (rows.size() > next.size()) {
      rows.remove(rows.size() - 1).removed();
    }
    for (int i = 0; i < next.size(); i++) {
      rows.get(i).show(next.get(i), units);
    }
  }

  private void pick(Way way) {
    session.make(say("headstock: {way}", say(way.name())), "head.way", way.choose().change());
    session.history().settle();
  }

  /** One way's button and numbers; kept from one plan to the next, since making nodes is slow. */
  private final class Row {
    private final Button pick = new Button();
    private final Label[] cells = new Label[HEADS.length - 1];

    private Row(int index) {
      pick.getStyleClass().addAll("text-button", "way-button");
      pick.setMinWidth(0);
      pick.setWrapText(true);
      pick.setTextAlignment(TextAlignment.LEFT);
      pick.setOnAction(e -> pick(ways.get(index)));
      grid.add(pick, 0, index + 1);
      for (int i = 0; i < cells.length; i++) {
        cells[i] = label("", false);
        grid.add(cells[i], i + 1, index + 1);
      }
    }

    private void removed() {
      grid.getChildren().remove(pick);
      grid.getChildren().removeAll(cells);
    }

    private void show(Way way, Units units) {
      pick.setText(way.name().in(units));
      pick.setAccessibleText(say("Make this headstock: {way}", way.name().in(units)));
      SpokenState.show(pick, StyleStates.CHOSEN, way.chosen(), say("Chosen"));
      LazyTooltip.on(
          pick,
          Text.joined(way.steps(), "\n").in(units)
              + (way.veneer() ? say("\nneeds a face veneer") : ""));
      String[] words = {
        size(way, units),
        NumberWriter.fixed(way.litres(), 2) + " l",
        way.grainWords().in(units),
        way.seams().in(units),
        way.lacking().isEmpty() ? Integer.toString(way.boards().size()) : say("none")
      };
      for (int i = 0; i < cells.length; i++) {
        cells[i].setText(words[i]);
        cells[i].pseudoClassStateChanged(StyleStates.CHOSEN, way.chosen());
      }
      LazyTooltip.on(
          cells[cells.length - 1],
          (way.boards().isEmpty() ? "" : String.join("\n", way.boards()) + "\n")
              + (way.lacking().isEmpty()
                  ? ""
                  : way.lacking().stream()
                      .map(wood -> say("No {wood} thick enough", wood))
                      .collect(Collectors.joining("\n"))));
    }
  }

  private static Label label(String words, boolean head) {
    Label label = new Label(words);
    label.getStyleClass().add(head ? "lower-note" : "fact");
    label.setMinWidth(0);
    label.setWrapText(true);
    label.setAlignment(Pos.CENTER_LEFT);
    return label;
  }

  private static String size(Way way, Units units) {
    return NumberWriter.number(way.length(), Quantity.ROUGH_LENGTH, units)
        + " × "
        + NumberWriter.number(way.width(), Quantity.ROUGH_LENGTH, units)
        + " × "
        + NumberWriter.number(way.depth(), Quantity.LENGTH, units);
  }
}

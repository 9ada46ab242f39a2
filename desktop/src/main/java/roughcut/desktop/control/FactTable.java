package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/**
 * A small table of words and numbers to read, not to edit; one row may be the chosen one. Labels
 * are kept from one plan to the next.
 */
public final class FactTable extends RowGrid {
  private static final double LEAST = 80;
  private static final double LEAST_CELL = 52;

  /** A table's cell of no more letters stays in one line. */
  private static final int SHORT = 15;

  private final List<List<Label>> rows = new ArrayList<>();
  private final List<Label> sentences = new ArrayList<>();
  private int next;
  private int widest;

  public FactTable() {
    getStyleClass().add("facts");
    Menus.on(
        this,
        () -> new ContextMenu(Menus.item(say("Copy table"), () -> NumberClipboard.copy(copied()))));
  }

  /** What stands in it, tab-separated, a row a line. */
  String copied() {
    StringBuilder text = new StringBuilder();
    for (List<Label> row : rows.subList(0, next)) {
      List<String> cells = new ArrayList<>(row.stream().map(Label::getText).toList());
      while (!cells.isEmpty() && cells.get(cells.size() - 1).isEmpty()) {
        cells.remove(cells.size() - 1);
      }
      text.append(String.join("\t", cells)).append('\n');
    }
    return text.toString();
  }

  /** A table of many short columns, which stand closer. */
  public static FactTable tight() {
    FactTable table = new FactTable();
    table.getStyleClass().add("tight-facts");
    return table;
  }

  /** Starts again from the top. */
  public FactTable begin() {
    next = 0;
    widest = 0;
    sentences.clear();
    return this;
  }

  /** The next row. */
  public FactTable row(boolean chosen, String... cells) {
    if (next == rows.size()) {
      rows.add(new ArrayList<>());
    }
    List<Label> labels = rows.get(next);
    while (labels.size() < cells.length) {
      Label label = new Label();
      label.setMinWidth(Region.USE_PREF_SIZE);
      label.getStyleClass().add("fact");
      add(label, labels.size(), next);
      labels.add(label);
    }
    widest = Math.max(widest, cells.length);
    for (int i = 0; i < labels.size(); i++) {
      labels.get(i).setText(i < cells.length ? cells[i] : "");
      labels.get(i).pseudoClassStateChanged(StyleStates.CHOSEN, chosen);
      boolean alone = i == 1 && cells.length == 2;
      boolean sentence = i < cells.length && cells[i].length() > SHORT;
      words(labels.get(i), alone, alone || sentence);
      if (alone) {
        sentences.add(labels.get(i));
      }
    }
    next++;
    return this;
  }

  /**
   * What stands alone beside its name may run over several lines, and so may a table's longer cells
   * when there is no room; short ones never do.
   */
  private static void words(Label label, boolean alone, boolean wraps) {
    double least = alone ? LEAST : wraps ? LEAST_CELL : Region.USE_PREF_SIZE;
    if (wraps == label.isWrapText()
        && label.getMinHeight() == Region.USE_PREF_SIZE
        && least == label.getMinWidth()) {
      return; // nothing to lay out anew
    }
    label.setWrapText(wraps);
    label.setMinWidth(least);
    label.setMinHeight(Region.USE_PREF_SIZE);
    GridPane.setValignment(label, VPos.TOP);
    GridPane.setColumnSpan(label, 1);
    GridPane.setHgrow(label, alone ? Priority.ALWAYS : null);
  }

  /** Whether nothing was told since it was begun. */
  public boolean empty() {
    return next == 0;
  }

  /** Takes away what is left over from before. */
  public void end() {
    while (rows.size() > next) {
      getChildren().removeAll(rows.remove(rows.size() - 1));
    }
    // A sentence takes the room of a wider row's columns; where there are none a span of one is
    // laid out to the pixel, one over all that remain isn't.
    Integer span = widest > 2 ? GridPane.REMAINING : 1;
    for (Label sentence : sentences) {
      if (!span.equals(GridPane.getColumnSpan(sentence))) {
        GridPane.setColumnSpan(sentence, span);
      }
    }
  }
}

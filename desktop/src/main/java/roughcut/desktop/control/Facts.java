package roughcut.desktop.control;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;

/**
 * A small table of words and numbers to read, not to edit; one row may be the chosen one. Labels
 * are kept from one plan to the next.
 */
public final class Facts extends GridPane {
  private static final double LEAST = 80;
  private static final double LEAST_CELL = 52;

  /** A table's cell of no more letters stays in one line. */
  private static final int SHORT = 11;

  private final List<List<Label>> rows = new ArrayList<>();
  private int next;

  public Facts() {
    getStyleClass().add("facts");
  }

  /** Starts again from the top. */
  public Facts begin() {
    next = 0;
    return this;
  }

  /** The next row. */
  public Facts row(boolean chosen, String... cells) {
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
    int longest = longest(cells);
    for (int i = 0; i < labels.size(); i++) {
      labels.get(i).setText(i < cells.length ? cells[i] : "");
      labels.get(i).pseudoClassStateChanged(States.CHOSEN, chosen);
      boolean alone = i == 1 && cells.length == 2;
      boolean sentence = i == longest && cells.length > 2 && cells[i].length() > SHORT;
      words(labels.get(i), alone, alone || sentence);
    }
    next++;
    return this;
  }

  private static int longest(String... cells) {
    int longest = 0;
    for (int i = 1; i < cells.length; i++) {
      if (cells[i].length() > cells[longest].length()) {
        longest = i;
      }
    }
    return longest;
  }

  /**
   * What stands alone beside its name may run over several lines, and so may the longest cell of a
   * table's row when there is no room; the others never do.
   */
  private static void words(Label label, boolean alone, boolean wraps) {
    Integer span = alone ? GridPane.REMAINING : 1;
    if (wraps == label.isWrapText()
        && label.getMinHeight() == Region.USE_PREF_SIZE
        && span.equals(GridPane.getColumnSpan(label))) {
      return; // nothing to lay out anew
    }
    label.setWrapText(wraps);
    label.setMinWidth(alone ? LEAST : wraps ? LEAST_CELL : Region.USE_PREF_SIZE);
    label.setMinHeight(Region.USE_PREF_SIZE);
    GridPane.setValignment(label, VPos.TOP);
    GridPane.setColumnSpan(label, span);
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
  }
}

package roughcut.desktop.control;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.beans.InvalidationListener;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;

/**
 * Rows of what is scrolled are seen whole or not at all: half a number at an edge is read as
 * another number. Of grids that are read ({@link RowGrid}); what is typed into stays as it is.
 */
public final class WholeRows {
  /** So much of a row may be outside: its own air, px. */
  private static final double AIR = 3;

  /** A row of more than this share of the place is seen as far as it goes. */
  private static final double TALL = 0.5;

  private WholeRows() {}

  /** From now on in that; what is scrolled within it sees to its own rows. */
  public static void in(ScrollPane scroll) {
    InvalidationListener look = o -> show(scroll);
    scroll.vvalueProperty().addListener(look);
    scroll.viewportBoundsProperty().addListener(look);
    scroll.getProperties().put(WholeRows.class, true);
  }

  /** A grid's rows were laid out anew: those that are seen are seen whole. */
  static void laidOut(RowGrid grid) {
    for (Node node = grid.getParent(); node != null; node = node.getParent()) {
      if (node instanceof ScrollPane scroll
          && scroll.getProperties().containsKey(WholeRows.class)) {
        show(scroll);
        return;
      }
    }
  }

  /** How far down the content is scrolled, px. */
  private static double above(ScrollPane scroll) {
    double more =
        scroll.getContent().getLayoutBounds().getHeight() - scroll.getViewportBounds().getHeight();
    return Math.max(0, more) * scroll.getVvalue();
  }

  private static void show(ScrollPane scroll) {
    double height = scroll.getViewportBounds().getHeight();
    if (height <= 0 || scroll.getContent() == null) {
      return;
    }
    double top = above(scroll);
    grids(scroll.getContent(), 0, top, top + height);
  }

  /**
   * Goes through all grids.
   *
   * @param at where the node's own zero lies in the content
   */
  private static void grids(Node node, double at, double top, double bottom) {
    if (node instanceof RowGrid grid) {
      rows(grid).values().forEach(row -> row(row, at, top, bottom));
    } else if (node instanceof Parent parent && !(node instanceof ScrollPane)) {
      for (Node child : parent.getChildrenUnmodifiable()) {
        grids(child, at + child.getLayoutY(), top, bottom);
      }
    }
  }

  private static Map<Integer, List<Node>> rows(RowGrid grid) {
    Map<Integer, List<Node>> rows = new HashMap<>();
    for (Node child : grid.getChildren()) {
      Integer row = GridPane.getRowIndex(child);
      rows.computeIfAbsent(row == null ? 0 : row, r -> new ArrayList<>()).add(child);
    }
    return rows;
  }

  private static void row(List<Node> row, double at, double top, double bottom) {
    double from = Double.MAX_VALUE;
    double to = -Double.MAX_VALUE;
    for (Node cell : row) {
      // As it is laid out: what is in it, and its bounds with that, is only laid out afterwards.
      Bounds own = cell.getLayoutBounds();
      from = Math.min(from, at + cell.getLayoutY() + own.getMinY());
      to = Math.max(to, at + cell.getLayoutY() + own.getMaxY());
    }
    boolean out = from < top - AIR || to > bottom + AIR;
    boolean tall = to - from > TALL * (bottom - top);
    double seen = out && !tall ? 0 : 1;
    row.forEach(cell -> cell.setOpacity(seen));
  }
}

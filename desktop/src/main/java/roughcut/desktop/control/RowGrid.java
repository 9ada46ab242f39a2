package roughcut.desktop.control;

import javafx.scene.layout.GridPane;

/** A grid that is read row by row: where it is scrolled its rows are seen whole or not at all. */
public class RowGrid extends GridPane {
  @Override
  protected void layoutChildren() {
    super.layoutChildren();
    // Only now is it known where each row lies.
    WholeRows.laidOut(this);
  }
}

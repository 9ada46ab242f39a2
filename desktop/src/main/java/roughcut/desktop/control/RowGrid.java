package roughcut.desktop.control;

import javafx.scene.layout.GridPane;

/** A grid that is read row by row: where it is scrolled its rows are seen whole or not at all. */
public class RowGrid extends GridPane {
  /** Makes one that looks at its rows wherever it is moved to, by what stands above it too. */
  public RowGrid() {
    localToSceneTransformProperty().addListener((p, was, is) -> WholeRows.laidOut(this));
  }

  @Override
  protected void layoutChildren() {
    super.layoutChildren();
    // Only now is it known where each row lies.
    WholeRows.laidOut(this);
  }
}

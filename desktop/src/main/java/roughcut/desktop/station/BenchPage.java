package roughcut.desktop.station;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.ScrollBox;

/** A page of the bench: what stands on it is written as it comes, not laid out from decisions. */
abstract class BenchPage implements Page {
  private final PagedStation station;
  private final VBox column;
  private final ScrollPane panel;
  private final VBox lower;
  private boolean turned;

  BenchPage(PagedStation station, double gap) {
    this.station = station;
    column = new VBox(gap);
    column.getStyleClass().add("panel-column");
    panel = ScrollBox.of(column);
    panel.getStyleClass().add("panel");
    lower = new VBox(gap);
    lower.getStyleClass().add("lower");
  }

  /** Puts these into the panel, under the page's turner. */
  final void beside(Node... nodes) {
    column.getChildren().addAll(nodes);
  }

  /** Puts these under the drawing. */
  final void under(Node... nodes) {
    lower.getChildren().addAll(nodes);
  }

  @Override
  public final Node panel() {
    if (!turned) {
      turned = true; // pages are known only once all of them are made
      column.getChildren().add(0, turner(station));
    }
    return panel;
  }

  @Override
  public final Node lower() {
    return lower;
  }

  @Override
  public final boolean goTo(String decisionId) {
    return false;
  }
}

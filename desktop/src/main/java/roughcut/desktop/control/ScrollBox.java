package roughcut.desktop.control;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Something that is taller than its place, scrolled up and down without a frame of its own. */
public final class ScrollBox {
  private ScrollBox() {}

  public static ScrollPane of(Region inside) {
    ScrollPane scroll = new ScrollPane(inside);
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().add("bare-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    WholeRows.in(scroll);
    return scroll;
  }

  /** The first that stands in something; empty where nothing is scrolled. */
  public static Optional<ScrollPane> in(Node node) {
    if (node instanceof ScrollPane scroll) {
      return Optional.of(scroll);
    }
    return node instanceof Parent parent
        ? parent.getChildrenUnmodifiable().stream().flatMap(c -> in(c).stream()).findFirst()
        : Optional.empty();
  }
}

package roughcut.desktop.control;

import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/**
 * Tooltips that are made when the pointer first comes near: there are hundreds, and few are ever
 * seen.
 */
public final class LazyTooltip {
  private static final Object WORDS = new Object();

  private LazyTooltip() {}

  /** Gives a node a tooltip, or changes its words; none where they are empty. */
  public static void on(Node node, String words) {
    Object before = node.getProperties().put(WORDS, words);
    if (before instanceof String) {
      if (node.getProperties().get(LazyTooltip.class) instanceof Tooltip tip) {
        tell(node, tip);
      }
      return;
    }
    node.addEventFilter(MouseEvent.MOUSE_ENTERED, e -> make(node));
  }

  /** What is told over a node; empty for nothing. */
  public static String words(Node node) {
    return node.getProperties().get(WORDS) instanceof String words ? words : "";
  }

  private static void tell(Node node, Tooltip tip) {
    tip.setText(words(node));
    if (words(node).isBlank()) {
      Tooltip.uninstall(node, tip);
    } else {
      Tooltip.install(node, tip);
    }
  }

  private static void make(Node node) {
    node.getProperties()
        .computeIfAbsent(
            LazyTooltip.class,
            key -> {
              Tooltip tip = new Tooltip();
              tell(node, tip);
              return tip;
            });
  }
}

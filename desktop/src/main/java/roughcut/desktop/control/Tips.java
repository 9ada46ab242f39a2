package roughcut.desktop.control;

import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/**
 * Tooltips that are made when the pointer first comes near: there are hundreds, and few are ever
 * seen.
 */
public final class Tips {
  private static final Object WORDS = new Object();

  private Tips() {}

  /** Gives a node a tooltip, or changes its words. */
  public static void on(Node node, String words) {
    Object before = node.getProperties().put(WORDS, words);
    if (before instanceof String) {
      if (node.getProperties().get(Tips.class) instanceof Tooltip tip) {
        tip.setText(words);
      }
      return;
    }
    node.addEventFilter(MouseEvent.MOUSE_ENTERED, e -> make(node));
  }

  /** What is told over a node; empty for nothing. */
  public static String words(Node node) {
    return node.getProperties().get(WORDS) instanceof String words ? words : "";
  }

  private static void make(Node node) {
    node.getProperties()
        .computeIfAbsent(
            Tips.class,
            key -> {
              Tooltip tip = new Tooltip((String) node.getProperties().get(WORDS));
              Tooltip.install(node, tip);
              return tip;
            });
  }
}

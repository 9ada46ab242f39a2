package roughcut.desktop.shell;

import atlantafx.base.controls.ModalPane;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import roughcut.desktop.control.ControlNames;

/**
 * Cards that are answered before anything else goes on, over the dimmed window: one at a time. A
 * press beside it or Esc leaves; the keyboard goes back to where it was.
 */
public final class Overlay extends ModalPane {
  private static final Insets AROUND = new Insets(54, 24, 24, 24);

  private Node before;

  Overlay() {
    ControlNames.set(this, "overlay");
    setInTransitionFactory(null);
    setOutTransitionFactory(null);
    displayProperty()
        .addListener(
            (p, was, is) -> {
              setVisible(is);
              if (!is) {
                closed();
              }
            });
    setVisible(false);
  }

  /**
   * Opens a card in the place of whatever is open.
   *
   * @param first what gets the keyboard
   */
  void open(Node card, Pos at, Node first) {
    if (!isDisplay() && getScene() != null) {
      before = getScene().getFocusOwner();
    }
    setAlignment(at);
    StackPane.setMargin(card, AROUND);
    setVisible(true);
    show(card);
    first.requestFocus();
  }

  private void closed() {
    setContent(null);
    if (before != null) {
      before.requestFocus();
      before = null;
    }
  }

  boolean isOpen(Node card) {
    return isDisplay() && getContent() == card;
  }

  /** Closes that card, if it is the one that is open. */
  void close(Node card) {
    if (isOpen(card)) {
      hide();
    }
  }
}

package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** Menus under the right button, and under the menu key: what can be done with a number. */
public final class Menus {
  private Menus() {}

  public static MenuItem item(String words, Runnable action) {
    MenuItem item = new MenuItem(words);
    item.setOnAction(e -> action.run());
    return item;
  }

  /** An item that asks the window about a number. */
  static MenuItem asks(Node from, String words, EventType<NumberEvent> type, String id) {
    return item(words, () -> from.fireEvent(new NumberEvent(type, id)));
  }

  /**
   * What can be done on a drawing: with a number that it tells, or with the drawing itself.
   *
   * @param link the number under the pointer, by its place in the node; empty for none
   */
  public static void onDrawing(
      Node drawing,
      BiFunction<Double, Double, Optional<String>> link,
      Runnable whole,
      DoubleConsumer zoom) {
    drawing.setOnContextMenuRequested(
        e -> {
          ContextMenu menu = new ContextMenu();
          link.apply(e.getX(), e.getY())
              .ifPresent(
                  id ->
                      menu.getItems()
                          .addAll(
                              asks(drawing, say("Show the sum"), NumberEvent.SUM, id),
                              asks(drawing, say("What changes this"), NumberEvent.CHANGED_BY, id),
                              asks(drawing, say("What this changes"), NumberEvent.CHANGES, id),
                              new SeparatorMenuItem()));
          menu.getItems()
              .addAll(
                  item(say("Fit drawing    0"), whole),
                  item(say("Zoom in    +"), () -> zoom.accept(1.25)),
                  item(say("Zoom out    −"), () -> zoom.accept(0.8)));
          menu.show(drawing, e.getScreenX(), e.getScreenY());
          e.consume();
        });
  }

  /** Shows a menu on a node, where the pointer or the keyboard asked for it. */
  static void on(Node node, Supplier<ContextMenu> menu) {
    node.setOnContextMenuRequested(
        e -> {
          ContextMenu made = menu.get();
          made.setAutoHide(true);
          made.show(node, e.getScreenX(), e.getScreenY());
          e.consume();
        });
  }
}

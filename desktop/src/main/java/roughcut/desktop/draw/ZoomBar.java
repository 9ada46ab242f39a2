package roughcut.desktop.draw;

import static roughcut.desktop.words.Words.say;

import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.LazyTooltip;

/** Closer, further and the whole drawing, in a corner of it; the keys say the same. */
final class ZoomBar extends HBox {
  private static final double CLOSER = 1.25;

  ZoomBar(DrawingSurface surface) {
    super(2);
    getStyleClass().add("zoom-bar");
    setAlignment(Pos.CENTER);
    getChildren()
        .addAll(
            button("+", "zoom.in", say("Zoom in (+)"), () -> surface.zoom(CLOSER)),
            button("−", "zoom.out", say("Zoom out (−)"), () -> surface.zoom(1 / CLOSER)),
            button(
                say("whole"), "zoom.fit", say("Fit drawing (0, or double-click)"), surface::fit));
  }

  private static Button button(String words, String id, String tip, Runnable action) {
    Button button = new Button(words);
    ControlNames.set(button, id);
    button.getStyleClass().add("zoom-button");
    button.setFocusTraversable(false); // its keys work on the drawing itself
    LazyTooltip.on(button, tip);
    button.setAccessibleText(tip);
    button.setCursor(Cursor.HAND);
    button.setOnAction(e -> action.run());
    return button;
  }
}

package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.util.Locale;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.station.StationId;

/**
 * The edge between a drawing and what stands beneath it: dragged, or moved by arrows, it gives the
 * one what it takes from the other; each station keeps its own. A double click puts it back.
 */
final class LowerPanelSplitter extends Region {
  private static final double LEAST = 96;
  private static final double MOST = 460;
  private static final double STEP = 20;

  /** As high as the style sheet makes it. */
  private static final double SHEET = 232;

  private final Preferences preferences;
  private final ScrollPane room = new ScrollPane();
  private StationId station;
  private double usual = SHEET;
  private double from;

  LowerPanelSplitter(Preferences preferences) {
    this.preferences = preferences;
    ControlNames.set(room, "lower.room");
    room.getStyleClass().addAll("bare-scroll", "lower-room");
    room.setFitToHeight(true);
    room.setFitToWidth(true);
    room.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    ControlNames.set(this, "lower.grip");
    getStyleClass().add("lower-grip");
    setCursor(Cursor.V_RESIZE);
    setFocusTraversable(true);
    setAccessibleText(say("Lower edge of the drawing; the up and down keys move it"));
    setOnMousePressed(e -> from = e.getScreenY() + height());
    setOnMouseDragged(e -> to(from - e.getScreenY()));
    setOnMouseReleased(e -> preferences.save());
    setOnMouseClicked(
        e -> {
          if (e.getClickCount() == 2) {
            to(usual);
          }
        });
    setOnKeyPressed(
        e -> {
          if (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN) {
            to(height() + (e.getCode() == KeyCode.UP ? STEP : -STEP));
            preferences.save();
            e.consume();
          }
        });
  }

  /**
   * Stands over what is beneath a station's drawing.
   *
   * @param high as high as that is until the edge is dragged, px
   */
  void over(StationId next, Node beneath, double high) {
    station = next;
    usual = high;
    room.setContent(beneath);
    apply(height());
  }

  /** What holds it: a window too narrow for its columns scrolls them. */
  Region room() {
    return room;
  }

  private double height() {
    return Math.max(LEAST, Math.min(MOST, preferences.number("lower." + station.word(), usual)));
  }

  private void to(double height) {
    preferences.remember("lower." + station.word(), Math.max(LEAST, Math.min(MOST, height)));
    apply(height());
  }

  /** Said as a style, since the sheet's own height would win over a size that is set. */
  private void apply(double height) {
    room.setStyle(
        height == SHEET
            ? ""
            : String.format(
                Locale.ROOT,
                "-fx-min-height: %1$.0f; -fx-pref-height: %1$.0f; -fx-max-height: %1$.0f;",
                height));
  }
}

package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.ControlNames;

/**
 * A short look round that rings the real controls it speaks of, goes back and forth, can be called
 * again from F1's card, and ends with one's own.
 */
final class GuidedTour extends Pane {
  private static final double AROUND = 4;
  private static final double CARD = 400;
  private static final double BESIDE = 14;

  /** One stop: what is ringed, and what is said of it. */
  record Stop(Supplier<Node> at, String title, String words) {}

  private final VBox card = new VBox(8);
  private final Region ring = new Region();
  private final Label title = new Label();
  private final Label words = new Label();
  private final Button back = new Button(say("Back"));
  private final Button next = new Button();
  private final Supplier<List<Stop>> route;
  private final Runnable seen;
  private final Runnable begin;
  private List<Stop> stops = List.of();
  private int stop;

  /**
   * Makes it.
   *
   * @param route its stops, asked for when it starts
   * @param seen called when it was seen or dismissed
   * @param begin begins one's own instrument
   */
  GuidedTour(Supplier<List<Stop>> route, Runnable seen, Runnable begin) {
    this.route = route;
    this.seen = seen;
    this.begin = begin;
    setPickOnBounds(false);
    ring.getStyleClass().add("tour-ring");
    ring.setMouseTransparent(true);
    ring.setManaged(false); // placed by hand
    card.setManaged(false);
    ControlNames.set(card, "tour");
    card.getStyleClass().add("tour");
    card.setPrefWidth(CARD);
    title.getStyleClass().add("tour-title");
    title.setWrapText(true);
    words.setWrapText(true);
    words.setMinHeight(Region.USE_PREF_SIZE);
    next.getStyleClass().add("main-button");
    ControlNames.set(next, "tour-next");
    next.setOnAction(e -> forward());
    back.getStyleClass().add("text-button");
    ControlNames.set(back, "tour-back");
    back.setOnAction(e -> to(stop - 1));
    Button enough = new Button(say("Skip"));
    enough.getStyleClass().add("text-button");
    ControlNames.set(enough, "tour-dismiss");
    enough.setOnAction(e -> finish());
    HBox buttons = new HBox(12, enough, back, next);
    buttons.setAlignment(Pos.CENTER_RIGHT);
    card.getChildren().addAll(title, words, buttons);
    getChildren().addAll(ring, card);
    setVisible(false);
    card.setVisible(false);
    widthProperty().addListener((p, was, is) -> place());
    heightProperty().addListener((p, was, is) -> place());
  }

  void start() {
    stops = route.get();
    setVisible(true);
    card.setVisible(true);
    to(0);
    next.requestFocus();
  }

  private void to(int index) {
    stop = Math.max(0, index);
    Stop here = stops.get(stop);
    title.setText(here.title());
    words.setText(here.words());
    back.setDisable(stop == 0);
    next.setText(
        stop == stops.size() - 1
            ? say("Start your own")
            : say("Next ({stop} of {stops})", (stop + 1), stops.size()));
    place();
    Platform.runLater(this::place); // once what it shows has its size
  }

  /** The ring round what is spoken of, the card beside it where there is room. */
  private void place() {
    if (!isVisible() || getScene() == null) {
      return;
    }
    card.applyCss();
    card.resize(CARD, card.prefHeight(CARD));
    Optional<Bounds> at =
        Optional.ofNullable(stops.get(stop).at().get())
            .filter(n -> n.getScene() != null)
            .map(n -> sceneToLocal(n.localToScene(n.getBoundsInLocal())));
    ring.setVisible(at.isPresent());
    if (at.isEmpty()) {
      card.relocate(BESIDE, getHeight() - card.getHeight() - BESIDE);
      return;
    }
    Bounds b = at.get();
    double x0 = Math.max(1, b.getMinX() - AROUND);
    double y0 = Math.max(1, b.getMinY() - AROUND);
    ring.resizeRelocate(
        x0,
        y0,
        Math.min(getWidth() - 1, b.getMaxX() + AROUND) - x0,
        Math.min(getHeight() - 1, b.getMaxY() + AROUND) - y0);
    boolean left = b.getMinX() > CARD + 2 * BESIDE;
    double x = left ? b.getMinX() - CARD - BESIDE - AROUND : b.getMinX() + BESIDE;
    double under = b.getMaxY() + BESIDE;
    double y =
        left
            ? b.getMinY()
            : under + card.getHeight() < getHeight()
                ? under
                : b.getMinY() - card.getHeight() - BESIDE;
    card.relocate(
        Math.max(BESIDE, Math.min(x, getWidth() - CARD - BESIDE)),
        Math.max(BESIDE, Math.min(y, getHeight() - card.getHeight() - BESIDE)));
  }

  private void forward() {
    if (stop == stops.size() - 1) {
      finish();
      begin.run();
    } else {
      to(stop + 1);
    }
  }

  private void finish() {
    setVisible(false);
    card.setVisible(false);
    seen.run();
  }
}

package roughcut.desktop.control;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.thin.ThinSpot;

/**
 * The thinnest wood in the whole instrument, worst first, always along the bottom. Each has a
 * shape, a word, a colour and a bar against its limit.
 */
public final class ThinRail extends HBox {
  private static final double BAR = 1.6;
  private static final double GAP = 8;
  private static final double LEAST_CARD = 182;

  private final HBox cards = new HBox(GAP);
  private final ScrollPane scroll = new ScrollPane();
  private final Label order = new Label("worst first");
  private final IntConsumer open;
  private final Consumer<Value> ask;

  /**
   * Makes an empty rail.
   *
   * @param open gets the index of the spot to fly to
   * @param ask gets the value whose sum is wanted
   */
  public ThinRail(IntConsumer open, Consumer<Value> ask) {
    this.open = open;
    this.ask = ask;
    setId("thin-rail");
    getStyleClass().add("thin-rail");
    Label title = new Label("Thin spots");
    title.getStyleClass().add("thin-title");

    order.getStyleClass().add("thin-note");
    VBox head = new VBox(4, title, order);
    head.setMinWidth(96);
    cards.setAlignment(Pos.CENTER_LEFT);
    scroll.setContent(cards);
    scroll.viewportBoundsProperty().addListener((p, was, is) -> widen());
    scroll.setOnScroll(
        e -> scroll.setHvalue(scroll.getHvalue() - (e.getDeltaX() + e.getDeltaY()) / 600));
    scroll.setFitToHeight(true);
    scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.getStyleClass().addAll("bare-scroll", "thin-scroll");
    HBox.setHgrow(scroll, Priority.ALWAYS);
    getChildren().addAll(head, scroll);
  }

  public void show(List<ThinSpot> spots, Units units, int chosen) {
    cards.getChildren().clear();
    for (int i = 0; i < spots.size(); i++) {
      cards.getChildren().add(card(spots.get(i), i, units, i == chosen));
    }
    widen();
    order.setText(spots.size() + ", worst first");
  }

  private Button card(ThinSpot spot, int index, Units units, boolean chosen) {
    String state = spot.state().word();
    SVGPath shape = new SVGPath();
    shape.setContent(shape(spot.state()));
    shape.getStyleClass().add("thin-shape");
    Label word = new Label(state, shape);
    word.getStyleClass().add("thin-word");
    Label number = new Label(NumberWriter.number(spot.left().value(), Quantity.LENGTH, units));
    number.getStyleClass().add("thin-number");
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    HBox top = new HBox(word, space, number);
    top.setAlignment(Pos.CENTER_LEFT);
    Label what = new Label(spot.what());
    what.getStyleClass().add("thin-what");
    Label limits = new Label(limits(spot, units));
    limits.getStyleClass().add("thin-note");
    VBox inside = new VBox(2, top, what, limits, bar(spot));
    inside.setFillWidth(true);
    Button card = new Button();
    card.setGraphic(inside);
    card.getStyleClass().addAll("thin-card", "thin-" + state);
    card.setId("thin." + spot.left().id());
    card.pseudoClassStateChanged(States.CHOSEN, chosen);
    card.setAccessibleText(
        state + ": " + spot.what() + ", " + spot.left().text(units) + ", " + limits(spot, units));
    card.setOnAction(e -> open.accept(index));
    card.setOnKeyPressed(
        e -> {
          if (e.getCode() == KeyCode.F3) {
            ask.accept(spot.left());
          }
        });
    card.focusedProperty().addListener((p, was, is) -> reveal(card));
    inside.prefWidthProperty().bind(card.widthProperty().subtract(24));
    return card;
  }

  /** Cards share the rail's width so that none is cut off at its end. */
  private void widen() {
    double room = scroll.getViewportBounds().getWidth();
    int shown =
        Math.max(
            1,
            Math.min(
                Math.max(1, cards.getChildren().size()),
                (int) ((room + GAP) / (LEAST_CARD + GAP))));
    for (Node card : cards.getChildren()) {
      ((Region) card).setPrefWidth(Math.floor((room - GAP * (shown - 1)) / shown));
    }
  }

  /** Scrolls so that a card reached by keyboard is seen. */
  private void reveal(Button card) {
    double room = cards.getWidth() - scroll.getViewportBounds().getWidth();
    if (card.isFocused() && room > 0) {
      scroll.setHvalue(
          Math.max(
              0,
              Math.min(
                  1,
                  (card.getBoundsInParent().getCenterX()
                          - scroll.getViewportBounds().getWidth() / 2)
                      / room)));
    }
  }

  private static String shape(ThinSpot.State state) {
    return switch (state) {
      case STOP -> "M0,0 h8 v8 h-8 z";
      case LOOK -> "M4.5,0 L9,8 L0,8 z";
      case CLEAR -> "M3,0 a3,3 0 1,0 0.01,0 z";
    };
  }

  private static String limits(ThinSpot spot, Units units) {
    String better = "better " + NumberWriter.number(spot.limit().warn(), Quantity.LENGTH, units);
    return Double.isNaN(spot.limit().fail())
        ? better
        : better + ", least " + NumberWriter.number(spot.limit().fail(), Quantity.LENGTH, units);
  }

  /** A bar as long as what is left, with a tick where it should reach. */
  private static Pane bar(ThinSpot spot) {
    Region filled = new Region();
    filled.getStyleClass().add("thin-bar");
    Region tick = new Region();
    tick.getStyleClass().add("thin-tick");
    Region ground = new Region();
    ground.getStyleClass().add("thin-ground");
    StackPane bar = new StackPane(ground, filled, tick);
    bar.getStyleClass().add("thin-meter");
    bar.setAlignment(Pos.CENTER_LEFT);
    double share = Math.max(0.02, Math.min(1, spot.share() / BAR));
    filled.maxWidthProperty().bind(bar.widthProperty().multiply(share));
    tick.translateXProperty().bind(bar.widthProperty().divide(BAR));
    return bar;
  }
}

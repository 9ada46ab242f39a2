package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.collections.ObservableList;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/**
 * What stops the work, and the thinnest wood in the whole instrument, worst first, always along the
 * bottom. Each has a shape, a word, a colour and a bar against its limit.
 */
public final class ThinRail extends HBox {
  private static final double GAP = 8;
  private static final double LEAST_CARD = 182;

  private final HBox cards = new HBox(GAP);
  private final ScrollPane scroll = new ScrollPane();
  private final Label order = new Label(say("tightest first"));
  private final IntConsumer open;
  private final Consumer<Finding> toFinding;
  private final Button more = new Button();
  private int stops;
  private int thinnest = -1;
  private boolean slim = true;
  private final Consumer<Value> ask;

  /**
   * Makes an empty rail.
   *
   * @param open gets the index of the spot to fly to
   * @param toFinding gets the finding whose field is wanted
   * @param ask gets the value whose sum is wanted
   */
  public ThinRail(IntConsumer open, Consumer<Finding> toFinding, Consumer<Value> ask) {
    this.open = open;
    this.toFinding = toFinding;
    this.ask = ask;
    ControlNames.set(this, "thin-rail");
    getStyleClass().add("thin-rail");
    Label title = new Label(say("Clearances"));
    title.getStyleClass().add("thin-title");

    order.getStyleClass().add("thin-note");
    ControlNames.set(more, "thin.more");
    more.getStyleClass().add("thin-more");
    more.setOnAction(e -> slim(!slim));
    HBox named = new HBox(8, title, more);
    named.setAlignment(Pos.CENTER_LEFT);
    VBox head = new VBox(4, named, order);
    head.setAlignment(Pos.CENTER_LEFT);
    head.setMinWidth(Region.USE_PREF_SIZE);
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
    addEventFilter(KeyEvent.KEY_PRESSED, this::along);
    cards.widthProperty().addListener((p, was, is) -> whole());
    cards.needsLayoutProperty().addListener((p, was, is) -> whole());
    scroll.hvalueProperty().addListener((p, was, is) -> whole());
    slim(true);
  }

  /** As a slim line of chips, or opened with bars and limits. */
  private void slim(boolean next) {
    slim = next;
    pseudoClassStateChanged(StyleStates.SLIM, slim);
    more.setText(slim ? say("More") : say("Less"));
    more.setAccessibleText(slim ? say("Open the clearances") : say("Close the clearances"));
    order.setVisible(!slim);
    order.setManaged(!slim);
    for (Node card : cards.getChildren()) {
      slim(card);
    }
    widen();
  }

  private void slim(Node card) {
    if (card instanceof ThinCard spot) {
      spot.slim(slim);
    } else if (card instanceof StopCard stop) {
      stop.slim(slim);
    }
  }

  /** One stop for the keyboard; the arrows go along it. */
  private void along(KeyEvent e) {
    int way = e.getCode() == KeyCode.RIGHT ? 1 : e.getCode() == KeyCode.LEFT ? -1 : 0;
    int at = cards.getChildren().indexOf(getScene().getFocusOwner());
    int next = at + way;
    if (way != 0 && at >= 0 && next >= 0 && next < cards.getChildren().size()) {
      cards.getChildren().get(next).requestFocus();
      e.consume();
    }
  }

  private void oneStop() {
    List<Node> all = cards.getChildren();
    boolean within = all.stream().anyMatch(Node::isFocused);
    for (int i = 0; i < all.size(); i++) {
      all.get(i).setFocusTraversable(within ? all.get(i).isFocused() : i == 0);
    }
  }

  /** Shows what stops the work, then the thin spots. */
  public void show(Plan plan, Units units, int chosen) {
    // What stops one topic is told together, so that the thin spots aren't pushed out of sight.
    List<List<Finding>> stopping =
        Arrays.stream(Topic.values())
            .map(t -> plan.about(t).stream().filter(Finding::stops).toList())
            .filter(f -> !f.isEmpty())
            .toList();
    List<Clearance> clearances = plan.clearances();
    ObservableList<Node> shown = cards.getChildren();
    while (stops < stopping.size()) {
      StopCard card = new StopCard(toFinding, this::reveal);
      slim(card);
      shown.add(stops++, card);
    }
    while (stops > stopping.size()) {
      shown.remove(--stops);
    }
    while (shown.size() - stops < clearances.size()) {
      ThinCard card = new ThinCard(shown.size() - stops, open, ask, this::reveal);
      slim(card);
      shown.add(card);
    }
    shown.remove(stops + clearances.size(), shown.size());
    for (int i = 0; i < stops; i++) {
      ((StopCard) shown.get(i)).show(stopping.get(i), units);
    }
    for (int i = 0; i < clearances.size(); i++) {
      ((ThinCard) shown.get(stops + i)).show(clearances.get(i), units, i == chosen);
    }
    long stopped =
        stops + clearances.stream().filter(s -> s.state() == Clearance.State.STOP).count();
    if (thinnest >= 0 && stopped > thinnest) {
      slim(false); // something turned to stop: it is told in full
    }
    thinnest = (int) stopped;
    oneStop();
    widen();
    order.setText(say("{clearances} clearances,\ntightest first", clearances.size()));
  }

  /** A chip at the rail's end is shown whole or not at all; the arrows bring it in. */
  private void whole() {
    double room = scroll.getViewportBounds().getWidth();
    double from = scroll.getHvalue() * Math.max(0, cards.getWidth() - room);
    for (Node card : cards.getChildren()) {
      boolean cut =
          card.getBoundsInParent().getMinX() < from - 1
              || card.getBoundsInParent().getMaxX() > from + room + 1;
      boolean hidden = slim && cut && !card.isFocused();
      card.setOpacity(hidden ? 0 : 1);
      card.setMouseTransparent(hidden);
    }
  }

  /** Cards share the rail's width so that none is cut off at its end. */
  private void widen() {
    whole();
    if (slim) {
      cards.getChildren().forEach(c -> ((Region) c).setPrefWidth(Region.USE_COMPUTED_SIZE));
      return;
    }
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
    if (card.isFocusVisible() && room > 0) {
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
}

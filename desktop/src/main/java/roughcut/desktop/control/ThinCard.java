package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import roughcut.clearance.Clearance;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;

/** One thin spot on the rail: shape, word, what is left, and a bar against its limit. */
final class ThinCard extends Button {
  /** The bar's whole length stands for so many times the limit. */
  private static final double BAR = 1.6;

  private final SVGPath shape = new SVGPath();
  private final Label word = new Label("", shape);
  private final Label number = new Label();
  private final Label what = new Label();

  /** Of what is in a card, with its name in two lines, px. */
  private static final double HEIGHT = 84;

  private final Label limits = new Label();
  private final Region filled = new Region();
  private final StackPane bar = new StackPane();
  private final Chip chip = new Chip();
  private final VBox inside;
  private Clearance clearance;
  private String state = "";

  ThinCard(int index, IntConsumer open, Consumer<Value> ask, Consumer<Button> reveal) {
    getStyleClass().add("thin-card");
    shape.getStyleClass().add("thin-shape");
    word.getStyleClass().add("thin-word");
    number.getStyleClass().add("thin-number");
    what.getStyleClass().add("thin-what");
    limits.getStyleClass().add("thin-note");
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    HBox top = new HBox(word, space, number);
    top.setAlignment(Pos.CENTER_LEFT);
    what.setWrapText(true);
    what.setMinHeight(Region.USE_PREF_SIZE);
    Region above = new Region();
    VBox.setVgrow(above, Priority.ALWAYS);
    inside = new VBox(1, top, what, above, limits, meter());
    inside.setPrefHeight(HEIGHT);
    inside.prefWidthProperty().bind(widthProperty().subtract(24));
    setGraphic(inside);
    setOnAction(e -> open.accept(index));
    setOnKeyPressed(
        e -> {
          if (e.getCode() == KeyCode.F3) {
            ask.accept(clearance.left());
          }
        });
    // Reached by keyboard only: scrolled under a press it would be gone before the release.
    focusVisibleProperty().addListener((p, was, is) -> reveal.accept(this));
  }

  /** As one line, or as a card with its bar and limits. */
  void slim(boolean slim) {
    setGraphic(slim ? chip : inside);
    pseudoClassStateChanged(StyleStates.SLIM, slim);
  }

  /** A bar as long as what is left, with a tick where it should reach. */
  private StackPane meter() {
    filled.getStyleClass().add("thin-bar");
    Region tick = new Region();
    tick.getStyleClass().add("thin-tick");
    Region ground = new Region();
    ground.getStyleClass().add("thin-ground");
    bar.getChildren().addAll(ground, filled, tick);
    bar.getStyleClass().add("thin-meter");
    bar.setAlignment(Pos.CENTER_LEFT);
    tick.translateXProperty().bind(bar.widthProperty().divide(BAR));
    bar.widthProperty().addListener((p, was, is) -> fill());
    return bar;
  }

  private void fill() {
    if (clearance != null) {
      filled.setMaxWidth(bar.getWidth() * Math.max(0.02, Math.min(1, clearance.share() / BAR)));
    }
  }

  void show(Clearance next, Units units, boolean chosen) {
    clearance = next;
    String now = next.state().word();
    if (!now.equals(state)) {
      getStyleClass().remove("thin-" + state);
      getStyleClass().add("thin-" + now);
      state = now;
      shape.setContent(StyleStates.shape(next.state()));
      word.setText(say(now));
    }
    number.setText(NumberWriter.number(next.left().value(), Quantity.LENGTH, units));
    what.setText(next.what().in(units));
    chip.show(StyleStates.shape(next.state()), number.getText(), next.what().in(units));
    limits.setText(
        (next.later() ? say("now {nowText} · ", next.nowText().in(units)) : "")
            + limits(next, units));
    fill();
    ControlNames.set(this, "thin." + next.left().id());
    SpokenState.show(this, StyleStates.CHOSEN, chosen, say("Chosen"));
    String why = next.kind().risk().in(units);
    LazyTooltip.on(this, next.what().in(units) + ", " + limits.getText() + "\n" + why);
    setAccessibleText(
        now
            + ": "
            + next.what().in(units)
            + ", "
            + next.left().text(units)
            + ", "
            + limits.getText()
            + ". "
            + why);
  }

  private static String limits(Clearance clearance, Units units) {
    String better =
        say("target {warn}", NumberWriter.number(clearance.limit().warn(), Quantity.LENGTH, units));
    return Double.isNaN(clearance.limit().fail())
        ? better
        : say(
            "{better}, minimum {fail}",
            better,
            NumberWriter.number(clearance.limit().fail(), Quantity.LENGTH, units));
  }
}

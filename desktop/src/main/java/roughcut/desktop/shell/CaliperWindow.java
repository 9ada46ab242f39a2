package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.stage.Stage;
import javafx.util.Duration;
import roughcut.caliper.SimulatedCaliper;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.session.ConnectedCaliper;
import roughcut.desktop.session.Session;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;

/** The simulated caliper in a little window of its own: a jaw to drag, and a hand that tires. */
final class CaliperWindow {
  private static final double WIDEST = 120;
  private static final double PX = 2.6;

  private final Session session;
  private final ConnectedCaliper hand;
  private final SimulatedCaliper caliper = new SimulatedCaliper(System.nanoTime());
  private final Stage stage = new Stage();
  private final Label figure = new Label("–");
  private final Label state = new Label();
  private final Slider jaw = new Slider(0, WIDEST, 20);
  private final Slider tired = new Slider(0, 1, 0);
  private final ToggleButton held = new ToggleButton(say("Hold"));
  private final ToggleButton low = new ToggleButton(say("battery low"));
  private final ToggleButton plugged = new ToggleButton(say("Unplug"));
  private final Region moving = new Region();
  private final Timeline ticks =
      new Timeline(new KeyFrame(Duration.millis(100), e -> caliper.tick(now())));

  CaliperWindow(Session session, ConnectedCaliper hand) {
    this.session = session;
    this.hand = hand;
    ticks.setCycleCount(Animation.INDEFINITE);
    figure.getStyleClass().add("caliper-figure");
    ControlNames.set(figure, "caliper.figure");
    state.getStyleClass().add("panel-text");
    ControlNames.set(state, "caliper.state");
    ControlNames.set(jaw, "caliper.jaw");
    jaw.setAccessibleText(say("Jaw opening"));
    ControlNames.set(tired, "caliper.tired");
    tired.setAccessibleText(say("Hand unsteadiness"));
    Button zero = button("zero", caliper::zero);
    ControlNames.set(held, "caliper.hold");
    held.setOnAction(e -> caliper.hold(held.isSelected()));
    ControlNames.set(low, "caliper.low");
    low.setOnAction(
        e -> {
          caliper.battery(low.isSelected());
          if (!low.isSelected()) {
            hand.well();
          }
        });
    ControlNames.set(plugged, "caliper.unplug");
    plugged.setOnAction(e -> plug(!plugged.isSelected()));
    jaw.valueProperty().addListener((p, was, is) -> open(is.doubleValue()));
    tired.valueProperty().addListener((p, was, is) -> caliper.tired(is.doubleValue()));
    hand.shown().addListener((p, was, is) -> show());
    hand.settled().addListener((p, was, is) -> show());
    hand.told().addListener((p, was, is) -> show());
    session.units().addListener((p, was, is) -> show());
    HBox keys = new HBox(6, zero, held, low, plugged);
    keys.setAlignment(Pos.CENTER_LEFT);
    VBox all =
        new VBox(
            8,
            picture(),
            jaw,
            figure,
            state,
            keys,
            new HBox(8, new Label(say("unsteady hand")), grow(tired)),
            small(say("F4 enters the stable reading where you are measuring.")));
    all.getStyleClass().add("caliper");
    Scene scene = Windows.styled(all);
    stage.setScene(scene);
    stage.setTitle(say("Simulated caliper"));
    stage.setWidth(420);
    stage.setHeight(330);
    stage.setAlwaysOnTop(true);
    stage.setOnHidden(
        e -> {
          ticks.stop();
          caliper.close();
        });
  }

  private static Region grow(Region node) {
    HBox.setHgrow(node, Priority.ALWAYS);
    return node;
  }

  private static Label small(String words) {
    Label label = new Label(words);
    label.getStyleClass().add("lower-note");
    label.setWrapText(true);
    return label;
  }

  private static Button button(String words, Runnable action) {
    Button button = new Button(words);
    ControlNames.set(button, "caliper." + words);
    button.setOnAction(e -> action.run());
    return button;
  }

  /** Two jaws, one that moves. */
  private Region picture() {
    Region pane =
        new Region() {
          {
            Polygon fixed = new Polygon(0, 0, 16, 0, 16, 44, 0, 26);
            fixed.getStyleClass().add("caliper-jaw");
            Line beam = new Line(0, 2, WIDEST * PX + 40, 2);
            beam.getStyleClass().add("caliper-beam");
            moving.setMinSize(16, 44);
            moving.setPrefSize(16, 44);
            moving.getStyleClass().add("caliper-moving");
            getChildren().addAll(beam, fixed, moving);
          }

          @Override
          protected void layoutChildren() {
            moving.resizeRelocate(16 + jaw.getValue() * PX, 0, 16, 44);
          }
        };
    pane.setMinHeight(46);
    jaw.valueProperty().addListener((p, was, is) -> pane.requestLayout());
    return pane;
  }

  private static long now() {
    return System.nanoTime() / 1_000_000;
  }

  private void open(double mm) {
    caliper.jaw(mm, now());
  }

  private void plug(boolean in) {
    if (in) {
      caliper.open(hand);
      hand.well();
    } else {
      caliper.drop();
    }
  }

  void open() {
    caliper.open(hand);
    plugged.setSelected(false);
    hand.well();
    caliper.jaw(jaw.getValue(), now());
    ticks.play();
    stage.show();
    stage.toFront();
    show();
  }

  private void show() {
    Double mm = hand.shown().get();
    figure.setText(
        mm == null ? "–" : NumberWriter.text(mm, Quantity.FINE_LENGTH, session.units().get()));
    state.setText(
        !hand.told().get().isEmpty()
            ? hand.told().get()
            : hand.settled().get().isPresent() ? say("settled") : say("moving"));
  }
}

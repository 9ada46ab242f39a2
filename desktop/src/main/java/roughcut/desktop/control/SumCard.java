package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.clearance.Clearance;
import roughcut.desktop.session.RelativeDay;
import roughcut.desktop.session.Session;
import roughcut.measure.ComputedValue;
import roughcut.measure.MeasuredValue;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.measure.Value;

/**
 * Where a number comes from: its formula, the values put in, and of each whether it was decided
 * (click to go there), measured (and when) or worked out itself (click for its own sum).
 */
public final class SumCard extends VBox {
  private final Label title = new Label();
  private final Label number = new Label();
  private final Label formula = new Label();
  private final Label shownIn =
      new Label(say("Worked in millimetres, grams and newtons, shown in your units."));
  private final GridPane inputs = new GridPane();
  private final Button back = new Button(say("Back"));
  private final Deque<Value> before = new ArrayDeque<>();
  private final Consumer<String> goToDecision;
  private final Session session;
  private final LimitFields limits;
  private Value shown;
  private Units units = Units.MM;

  /**
   * Makes a hidden card.
   *
   * @param session whose thin spots' limits are shown, and changed
   * @param goToDecision gets the id of a decision to go to
   */
  public SumCard(Session session, Consumer<String> goToDecision) {
    super(6);
    this.session = session;
    this.limits = new LimitFields(session);
    this.goToDecision = goToDecision;
    ControlNames.set(this, "sum-card");
    getStyleClass().add("sum-card");
    setMaxSize(500, Region.USE_PREF_SIZE);
    title.getStyleClass().add("sum-title");
    title.setWrapText(true);
    HBox.setHgrow(title, Priority.ALWAYS);
    title.setMaxWidth(Double.MAX_VALUE);
    number.getStyleClass().add("sum-number");
    number.setMinWidth(Region.USE_PREF_SIZE);
    formula.getStyleClass().add("sum-formula");
    formula.setWrapText(true);
    inputs.setHgap(10);
    inputs.setVgap(3);
    Button copy = new Button(say("Copy"));
    copy.getStyleClass().add("text-button");
    copy.setOnAction(e -> NumberClipboard.copy(shown, units));
    Button close = new Button(say("Close"));
    ControlNames.set(close, "sum-close");
    close.getStyleClass().add("text-button");
    close.setOnAction(e -> hide());
    back.getStyleClass().add("text-button");
    back.setOnAction(e -> goBack());
    HBox buttons = new HBox(12, back, copy, close);
    buttons.setAlignment(Pos.CENTER_RIGHT);
    HBox head = new HBox(12, title, number);
    head.setAlignment(Pos.TOP_LEFT);
    ScrollPane scroll = new ScrollPane(inputs);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("bare-scroll");
    scroll.setMaxHeight(220);
    ControlNames.set(shownIn, "sum.shown-in");
    shownIn.getStyleClass().add("sum-source");
    shownIn.setWrapText(true);
    shownIn.setMinHeight(Region.USE_PREF_SIZE);
    getChildren().addAll(head, formula, scroll, shownIn, limits, buttons);
    setOnKeyPressed(
        e -> {
          if (e.getCode() == KeyCode.ESCAPE) {
            hide();
            e.consume();
          }
        });
    hide();
  }

  /** Shows the sum of a value; a decision is gone to instead. */
  public void ask(Value value, Units in) {
    Runnable answer =
        switch (value.origin()) {
          case WORKED, FOUND ->
              () -> {
                before.clear();
                show(value, in);
              };
          case DECIDED, MEASURED, KNOWN -> () -> goToDecision.accept(value.id());
        };
    answer.run();
  }

  /** The plan changed: the same number's new sum, or nothing when it is no more. */
  public void follow(Map<String, Value> values, Units in) {
    if (isVisible() && shown != null) {
      Value now = values.get(shown.id());
      if (now == null) {
        hide();
      } else {
        show(now, in);
      }
    }
  }

  public void hide() {
    setVisible(false);
    before.clear();
  }

  private void goBack() {
    if (!before.isEmpty()) {
      show(before.pop(), units);
    }
  }

  private void show(Value worked, Units in) {
    shown = worked;
    units = in;
    title.setText(worked.label().in(units));
    number.setText(worked.text(in));
    formula.setText(worked.how().in(units));
    inputs.getChildren().clear();
    int row = 0;
    boolean searched =
        switch (worked.origin()) {
          case FOUND -> true;
          case DECIDED, MEASURED, KNOWN, WORKED -> false;
        };
    for (ComputedValue.Input input : worked.inputs()) {
      if (searched && input.value().value() == 0) {
        continue; // what isn't there doesn't shape it
      }
      Label symbol = new Label(input.symbol());
      symbol.getStyleClass().add("sum-symbol");
      symbol.setMinWidth(Region.USE_PREF_SIZE);
      Label value = new Label(input.value().text(in));
      value.getStyleClass().add("sum-value");
      value.setMinWidth(Region.USE_PREF_SIZE);
      inputs.addRow(row++, symbol, value, source(input.value()));
    }
    boolean others = worked.inputs().stream().anyMatch(i -> converted(i.value(), in));
    shownIn.setVisible(others);
    shownIn.setManaged(others);
    Optional<Clearance> spot =
        session.plan().get().clearances().stream()
            .filter(s -> s.left().id().equals(worked.id()))
            .findFirst();
    limits.setVisible(spot.isPresent());
    limits.setManaged(spot.isPresent());
    spot.ifPresent(limits::show);
    back.setVisible(!before.isEmpty());
    setVisible(true);
  }

  /** Whether a number is told in another unit than the one that the formula is worked in. */
  private static boolean converted(Value value, Units in) {
    return !NumberWriter.sign(value.quantity(), in)
        .equals(NumberWriter.sign(value.quantity(), Units.MM));
  }

  private Node source(Value value) {
    return switch (value.origin()) {
      case KNOWN -> plain(value);
      case DECIDED, MEASURED -> link(value, () -> goToDecision.accept(value.id()));
      case WORKED, FOUND ->
          link(
              value,
              () -> {
                before.push(shown);
                show(value, units);
              });
    };
  }

  private Label plain(Value value) {
    Label label = new Label(words(value));
    label.getStyleClass().add("sum-source");
    label.setMinWidth(0);
    return label;
  }

  private Hyperlink link(Value value, Runnable go) {
    Hyperlink link = new Hyperlink(words(value));
    link.getStyleClass().add("sum-source");
    link.setMinWidth(0);
    SpokenState.show(link, StyleStates.MEASURING, value.fromMeasured(), say("From a measurement"));
    link.setOnAction(e -> go.run());
    return link;
  }

  private String words(Value value) {
    return value.label().in(units)
        + ", "
        + switch (value.origin()) {
          case MEASURED -> value.reading().map(this::read).orElse("");
          case DECIDED -> say("decided");
          case KNOWN -> value.how();
          case FOUND -> value.fromMeasured() ? say("found, as measured") : say("found");
          case WORKED -> value.fromMeasured() ? say("calculated, as measured") : say("calculated");
        };
  }

  private String read(MeasuredValue read) {
    return say(
        "measured {days} (planned {nominal})",
        RelativeDay.days(read.on(), session.now().today()),
        NumberWriter.text(read.nominal(), read.quantity(), units));
  }
}

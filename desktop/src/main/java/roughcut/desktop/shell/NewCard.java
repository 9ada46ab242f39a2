package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import roughcut.design.Handedness;
import roughcut.design.HeadMaking;
import roughcut.design.NeckJoint;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.NamedField;
import roughcut.desktop.control.PickField;
import roughcut.desktop.draw.DrawingPane;
import roughcut.desktop.words.Words;
import roughcut.drawing.InstrumentPortrait;
import roughcut.drawing.StationDrawing;
import roughcut.measure.InvalidInput;
import roughcut.measure.NumberReader;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Shop;
import roughcut.shop.Species;
import roughcut.shop.Woods;
import roughcut.start.InstrumentKind;
import roughcut.start.NewInstrument;

/**
 * A new instrument: what a maker knows at the beginning, each with its usual answer, and the
 * instrument drawn beside it while it is answered.
 */
final class NewCard extends VBox {
  private final Overlay overlay;
  private final Supplier<Units> units;
  private final Supplier<Woods> woods;
  private final Consumer<Build> begun;
  private final Shop shop = Shop.usual(say("a typical shop"));
  private final TextField name = new TextField();
  private final TextField scale = field("new.scale", say("Scale length"));
  private final TextField bass = field("new.bass", say("Bass-side scale (fanned frets)"));
  private final NamedField scaleRow = new NamedField(say("Scale length"), scale, 156);
  private final NamedField bassRow = new NamedField(say("Bass-side scale"), bass, 156);
  private final TextField frets = field("new.frets", say("Frets"));
  private final PickField<InstrumentKind> kind =
      new PickField<>("new.kind", say("Strings"), k -> say(k.label()), this::usual);
  private final PickField<NeckJoint> joint =
      new PickField<>("new.joint", say("Neck joint"), NewCard::called, j -> show());
  private final PickField<HeadMaking> head =
      new PickField<>("new.head", say("Headstock"), m -> say(m.label()), h -> show());
  private final PickField<Handedness> hand =
      new PickField<>("new.hand", say("Handedness"), h -> say(h.label()), h -> show());
  private final PickField<Species> neckWood =
      new PickField<>("new.neck-wood", say("Neck"), Species::name, s -> show());
  private final PickField<Species> bodyWood =
      new PickField<>("new.body-wood", say("Body"), Species::name, s -> show());
  private final PickField<Species> boardWood =
      new PickField<>("new.fretboard-wood", say("Fretboard"), Species::name, s -> show());
  private final Label wrong = new Label();
  private final Button begin = new Button(say("Create"));
  private final DrawingPane front = new DrawingPane();
  private final DrawingPane side = new DrawingPane();

  /** Typing fast never waits for the pictures. */
  private final PauseTransition drawing = new PauseTransition(Duration.millis(150));

  /**
   * Makes it.
   *
   * @param begun gets the instrument
   */
  NewCard(Overlay overlay, Supplier<Units> units, Supplier<Woods> woods, Consumer<Build> begun) {
    super(12);
    this.woods = woods;
    this.overlay = overlay;
    this.units = units;
    this.begun = begun;
    ControlNames.set(this, "new");
    drawing.setOnFinished(e -> draw());
    getStyleClass().add("home");
    setMaxSize(980, 600);
    setPrefSize(980, 600);
    Label title = new Label(say("New instrument"));
    title.getStyleClass().add("home-title");
    ControlNames.set(name, "new.name");
    name.setAccessibleText(say("Name of the instrument"));
    name.textProperty().addListener((p, was, is) -> begin.setDisable(build().isEmpty()));
    ControlNames.set(wrong, "new.wrong");
    wrong.getStyleClass().add("decision-message");
    wrong.setWrapText(true);
    wrong.setMinHeight(Region.USE_PREF_SIZE);
    ControlNames.set(begin, "new.begin");
    begin.getStyleClass().add("main-button");
    begin.setDefaultButton(true);
    begin.setOnAction(e -> begin());
    Button not = new Button(say("Cancel"));
    not.getStyleClass().add("text-button");
    not.setOnAction(e -> overlay.close(this));
    Label rest =
        new Label(
            say(
                "Everything else starts at the usual value for such an instrument. Nothing "
                    + "counts as measured yet, and you can change every number."));
    rest.setWrapText(true);
    rest.getStyleClass().add("lower-note");
    rest.setMinHeight(Region.USE_PREF_SIZE);
    Region space = new Region();
    VBox.setVgrow(space, Priority.ALWAYS);
    HBox buttons = new HBox(14, not, begin);
    buttons.setAlignment(Pos.CENTER_RIGHT);
    VBox form =
        new VBox(
            9,
            new NamedField(say("Name"), name, 156),
            kind,
            hand,
            scaleRow,
            bassRow,
            new NamedField(say("Frets"), frets, 156),
            joint,
            head,
            heading(say("Woods (optional)")),
            neckWood,
            bodyWood,
            boardWood,
            wrong,
            space,
            rest,
            buttons);
    form.setMinWidth(330);
    form.setPrefWidth(330);
    front.getStyleClass().add("picture");
    side.getStyleClass().add("picture");
    VBox pictures = new VBox(10, front, side);
    VBox.setVgrow(front, Priority.ALWAYS);
    side.setPrefHeight(210);
    side.setMinHeight(210);
    HBox.setHgrow(pictures, Priority.ALWAYS);
    HBox all = new HBox(22, form, pictures);
    VBox.setVgrow(all, Priority.ALWAYS);
    getChildren().addAll(title, all);
    addEventHandler(KeyEvent.KEY_PRESSED, this::key);
  }

  private static String called(NeckJoint joint) {
    return say(joint.label());
  }

  private static Label heading(String words) {
    Label label = new Label(words);
    label.getStyleClass().add("panel-heading");
    return label;
  }

  private TextField field(String id, String called) {
    TextField field = new TextField();
    ControlNames.set(field, id);
    field.setAccessibleText(called);
    field.setPrefWidth(156);
    field.setMaxWidth(156);
    field.textProperty().addListener((p, was, is) -> show());
    return field;
  }

  /** Opens with the usual answers. */
  void open() {
    InstrumentKind first = InstrumentKind.SIX_STRINGS;
    NewInstrument usual = NewInstrument.usual("mine", first);
    kind.show(List.of(InstrumentKind.values()), first);
    joint.show(List.of(NeckJoint.values()), usual.joint());
    head.show(List.of(HeadMaking.values()), usual.head());
    hand.show(List.of(Handedness.values()), usual.hand());
    neckWood.show(woods.get().all(), woods.get().get(usual.timber().neck()));
    bodyWood.show(woods.get().all(), woods.get().get(usual.timber().body()));
    boardWood.show(woods.get().all(), woods.get().get(usual.timber().fretboard()));
    String sign = units.get().sign();
    scaleRow.called(say("Scale length, {unit}", sign));
    bassRow.called(say("Bass-side scale, {unit}", sign));
    bass.setPromptText(say("fanned frets only"));
    name.setText(say("New instrument"));
    usual(first);
    overlay.open(this, Pos.CENTER, name);
    name.selectAll();
  }

  /** Another kind: its usual scale and frets. */
  private void usual(InstrumentKind next) {
    scale.setText(shownScale());
    bass.clear();
    frets.setText(Integer.toString(next.frets()));
    show();
  }

  private String shownScale() {
    return NumberWriter.editable(kind.chosen().scale(), Quantity.LENGTH, units.get());
  }

  private NewInstrument answers() throws InvalidInput {
    // In inches the usual scale is shown rounded; left as it stands it is that scale.
    double treble =
        scale.getText().strip().equals(shownScale())
            ? kind.chosen().scale()
            : NumberReader.length(scale.getText(), units.get());
    double low =
        bass.getText().isBlank() ? treble : NumberReader.length(bass.getText(), units.get());
    return new NewInstrument(
        name.getText().strip(),
        kind.chosen(),
        treble,
        low,
        (int) NumberReader.count(frets.getText()),
        joint.chosen(),
        head.chosen(),
        hand.chosen(),
        new NewInstrument.Timber(
            neckWood.chosen().id(), bodyWood.chosen().id(), boardWood.chosen().id()));
  }

  /** The instrument as answered; empty with what is wrong said, and the last one still drawn. */
  private Optional<Build> build() {
    try {
      Build build = answers().build();
      wrong.setText("");
      return Optional.of(build);
    } catch (InvalidInput e) {
      wrong.setText(Words.why(e, units.get()));
    } catch (IllegalArgumentException e) {
      wrong.setText(
          Character.toUpperCase(Words.why(e, units.get()).charAt(0))
              + Words.why(e, units.get()).substring(1)
              + ".");
    }
    return Optional.empty();
  }

  private void show() {
    if (boardWood.chosen() == null) {
      return; // still being filled
    }
    begin.setDisable(build().isEmpty());
    drawing.playFromStart();
  }

  private void draw() {
    build()
        .ifPresent(
            b -> {
              Plan plan = Plan.of(b, shop.withWoods(woods.get()));
              front.show(InstrumentPortrait.of(plan));
              side.show(StationDrawing.NECK.of(plan, units.get()).withoutText());
            });
  }

  private void begin() {
    build()
        .ifPresent(
            b -> {
              overlay.close(this);
              begun.accept(b);
            });
  }

  private void key(KeyEvent e) {
    if (e.getCode() == KeyCode.ENTER && !begin.isDisabled() && !(e.getTarget() instanceof Button)) {
      begin();
      e.consume();
    }
  }
}

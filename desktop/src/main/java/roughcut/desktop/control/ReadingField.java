package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.WeakChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.bench.PlausibilityCheck;
import roughcut.desktop.session.RelativeDay;
import roughcut.desktop.session.Session;
import roughcut.desktop.words.Words;
import roughcut.measure.InvalidInput;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Measurable;
import roughcut.record.Reading;

/**
 * Something that is only read off the wood, never decided: typed, tried while it is typed, and
 * entered as a reading. Emptied, the reading is withdrawn; it stays in the log.
 */
public final class ReadingField extends VBox implements FieldEntry.Into, TakesReading {
  private final Measurable measurable;
  private final Session session;
  private final PlausibilityCheck.Expected expected;
  private final Consumer<Plan> told;
  private final TextField field = new TextField();
  private final FieldEntry typing;
  private final Label unit = new Label();
  private final Label message = new Label();

  /** What the reading that is entered just now was measured with; empty for one that is typed. */
  private String with = "";

  /** What was entered last and asked about, as it was typed. */
  private String asked = "";

  private final ChangeListener<Plan> follower = (p, was, is) -> follow();
  private final ChangeListener<Units> unitsFollower = (p, was, is) -> follow();

  public ReadingField(Measurable measurable, Session session) {
    this(measurable, session, measurable.id(), PlausibilityCheck.Expected.NOTHING, before -> {});
  }

  /**
   * A field of its own id.
   *
   * @param id of the field, where the same may be read in another place too
   * @param expected what it should be, so that a slip is asked about
   * @param told gets the plan as it was before a reading that was entered
   */
  ReadingField(
      Measurable measurable,
      Session session,
      String id,
      PlausibilityCheck.Expected expected,
      Consumer<Plan> told) {
    this.expected = expected;
    this.measurable = measurable;
    this.session = session;
    this.told = told;
    this.typing = new FieldEntry(field, session, this);
    getStyleClass().add("decision");
    Label label = new Label(measurable.label().in(session.units().get()));
    label.getStyleClass().add("decision-label");
    label.setMinWidth(0);
    label.setWrapText(true);
    LazyTooltip.on(label, measurable.hint().in(session.units().get()));
    ControlNames.set(field, id);
    field.getStyleClass().add("decision-field");
    SpokenState.show(field, StyleStates.MEASURING, true, say("A measured size"));
    field.setPromptText(say("none yet"));
    field.setAccessibleText(measurable.label().in(session.units().get()));
    SpokenState.hint(field, measurable.hint().in(session.units().get()));
    unit.getStyleClass().add("decision-unit");
    unit.setMinWidth(Region.USE_PREF_SIZE);
    HBox box = new HBox(field, unit);
    box.getStyleClass().addAll("decision-box", "reading-box");
    box.setAlignment(Pos.CENTER_RIGHT);
    box.setMinWidth(Region.USE_PREF_SIZE);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    HBox row = new HBox(8, label, space, box);
    row.setAlignment(Pos.CENTER_LEFT);
    message.getStyleClass().add("decision-message");
    message.setWrapText(true);
    ControlNames.set(message, id + ".message");
    getChildren().addAll(row, message);
    session.plan().addListener(new WeakChangeListener<>(follower));
    session.units().addListener(new WeakChangeListener<>(unitsFollower));
    sceneProperty().addListener((p, was, is) -> follow());
    refresh();
  }

  /** Moves the keyboard here with everything selected. */
  public void take() {
    field.requestFocus();
    field.selectAll();
  }

  @Override
  public Optional<String> take(double value) {
    typing.restore();
    with = Reading.CALIPER;
    Optional<String> refusal =
        measurable.range().allows(value)
            ? entered(value)
            : Optional.of(measurable.range().refusal(value).in(session.units().get()));
    with = "";
    tell(refusal.orElse(null));
    typing.write(shown());
    field.selectAll();
    return refusal;
  }

  /** As the caliper sent it, to its last figure, whatever unit the maker reads. */
  private Optional<String> entered(double value) {
    String number = NumberWriter.editable(value, measurable.quantity(), Units.MM);
    return enter(measurable.quantity().isLength() ? number.concat(" mm") : number);
  }

  @Override
  public Optional<String> attempt(String text) {
    return text.isBlank()
        ? session.attempt(withdrawn())
        : read(text, text.strip(), v -> session.attempt(at(v)));
  }

  @Override
  public Optional<String> enter(String text) {
    String name = measurable.label().in(session.units().get()).toLowerCase(Locale.ROOT);
    String merge = say("measured {id}", measurable.id());
    Plan before = session.kept();
    Optional<String> refusal =
        text.isBlank()
            ? session.edit(say("removing {name}", name), merge, withdrawn())
            : read(text, asked, v -> session.edit(say("measured {name}", name), merge, at(v)));
    // Entered again as it is, what was asked about is taken.
    asked = refusal.isPresent() ? text.strip() : "";
    if (refusal.isEmpty()) {
      session.asBuilt().set(true);
      told.accept(before);
    }
    return refusal;
  }

  /**
   * Reads what was typed.
   *
   * @param known what needn't be asked about: while it is being typed nothing is
   */
  private Optional<String> read(String text, String known, DoubleFunction<Optional<String>> use) {
    try {
      double value =
          PlausibilityCheck.read(expected, measurable.range(), text, session.units().get(), known);
      return use.apply(value);
    } catch (InvalidInput e) {
      return Optional.of(Words.why(e, session.units().get()));
    }
  }

  private UnaryOperator<Build> at(double value) {
    return build ->
        build.withReading(Reading.of(measurable.id(), value, session.now().second()).by(with));
  }

  private UnaryOperator<Build> withdrawn() {
    return build -> build.withoutMeasured(measurable.id());
  }

  private Optional<Reading> standing() {
    return Optional.ofNullable(session.build().get().measured().get(measurable.id()));
  }

  @Override
  public String shown() {
    return standing()
        .map(r -> NumberWriter.editable(r.value(), measurable.quantity(), session.units().get()))
        .orElse("");
  }

  @Override
  public boolean says(String text) {
    if (text.isBlank()) {
      return standing().isEmpty();
    }
    try {
      double value = measurable.range().read(text, session.units().get());
      return standing().map(r -> r.value() == value).orElse(false);
    } catch (InvalidInput e) {
      return false;
    }
  }

  @Override
  public void tell(String words) {
    message.setText(words == null ? "" : words);
    message.setVisible(words != null);
    message.setManaged(words != null);
    SpokenState.show(field, StyleStates.WRONG, words != null, words);
    SpokenState.show(
        field, StyleStates.TRIED, words == null && typing.pending(), say("Typed, not entered yet"));
  }

  /** A field that isn't on the screen doesn't follow; it catches up when it comes back. */
  private void follow() {
    if (getScene() != null) {
      refresh();
    }
  }

  private void refresh() {
    unit.setText(NumberWriter.sign(measurable.quantity(), session.units().get()));
    if (typing.pending()) {
      return;
    }
    typing.refresh();
    LazyTooltip.on(
        field,
        standing()
            .map(
                r ->
                    say(
                        "{hint}\nmeasured {days}",
                        measurable.hint().in(session.units().get()),
                        RelativeDay.days(r.on(), session.now().today())))
            .orElse(say("{hint}\nnot measured yet", measurable.hint().in(session.units().get()))));
  }
}

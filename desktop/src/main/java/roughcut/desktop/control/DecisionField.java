package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.WeakChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.bench.PlausibilityCheck;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.desktop.session.Session;
import roughcut.desktop.words.Words;
import roughcut.measure.InvalidInput;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Reading;

/**
 * A number that the maker decides: typed with or without its unit, nudged with the arrow keys,
 * tried while it is typed and entered when it is done ({@link FieldEntry}). Beneath stands what
 * can't be, what is wrong with it in the plan, and what was measured; the key F2 takes a new
 * measurement.
 */
public final class DecisionField extends VBox implements FieldEntry.Into, TakesReading {
  private static final double FINE = 0.1;
  private static final double COARSE = 10;

  private final NumberDecision decision;
  private final Session session;
  private final TextField field = new TextField();
  private final FieldEntry typing;
  private final Label unit = new Label();
  private final Label message = new Label();
  private final MeasuredRow measured;
  private final ChangeListener<Plan> follower = (p, was, is) -> follow();
  private final ChangeListener<Units> unitsFollower = (p, was, is) -> follow();
  private boolean measuring;

  /** What was entered last as measured and asked about, as it was typed. */
  private String asked = "";

  public DecisionField(NumberDecision decision, Session session) {
    this(decision, session, label(decision));
  }

  /**
   * A field with something else before it than its label.
   *
   * @param lead what stands at its left
   */
  public DecisionField(NumberDecision decision, Session session, Region lead) {
    this.decision = decision;
    this.session = session;
    this.typing = new FieldEntry(field, session, this);
    getStyleClass().add("decision");
    ControlNames.set(field, decision.id());
    field.getStyleClass().add("decision-field");
    field.setAccessibleText(decision.label().in(session.units().get()));
    SpokenState.hint(field, decision.hint().in(session.units().get()));
    LazyTooltip.on(
        field,
        decision.hint().in(session.units().get())
            + (decision.measurable() ? say("\nF2: enter the measured size") : ""));
    unit.getStyleClass().add("decision-unit");
    unit.setMinWidth(Region.USE_PREF_SIZE);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    HBox box = new HBox(field, unit);
    box.getStyleClass().add("decision-box");
    box.setAlignment(Pos.CENTER_RIGHT);
    box.setMinWidth(Region.USE_PREF_SIZE);
    HBox row = new HBox(8, lead, space, box);
    row.setAlignment(Pos.CENTER_LEFT);
    message.getStyleClass().add("decision-message");
    message.setWrapText(true);
    ControlNames.set(message, decision.id() + ".message");
    measured = new MeasuredRow(decision, session);
    getChildren().addAll(row, message, measured);
    field.focusedProperty().addListener((p, was, is) -> left(is));
    field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    field.setContextMenu(new ContextMenu());
    Menus.on(field, this::menu);
    session.plan().addListener(new WeakChangeListener<>(follower));
    session.units().addListener(new WeakChangeListener<>(unitsFollower));
    sceneProperty().addListener((p, was, is) -> follow());
    refresh();
  }

  private ContextMenu menu() {
    ContextMenu menu = new ContextMenu();
    if (decision.measurable()) {
      menu.getItems().add(Menus.item(say("Enter measured size    F2"), this::askForReading));
    }
    if (session.build().get().measured().containsKey(decision.id())) {
      menu.getItems().add(Menus.item(say("Remove measurement"), measured::takeBack));
    }
    menu.getItems()
        .add(Menus.item(say("Copy number"), () -> NumberClipboard.copy(shown().replace('−', '-'))));
    menu.getItems()
        .add(Menus.asks(this, say("What this changes"), NumberEvent.CHANGES, decision.id()));
    if (decision.follows() && !following()) {
      menu.getItems().add(Menus.item(say("Reset to automatic"), this::release));
    }
    return menu;
  }

  private void askForReading() {
    field.requestFocus();
    startMeasuring();
  }

  private void release() {
    session.make(
        decision.label().in(session.units().get()).toLowerCase(Locale.ROOT),
        decision.id(),
        released());
  }

  private static Label label(NumberDecision decision) {
    Label label = new Label(say(decision.label()));
    label.getStyleClass().add("decision-label");
    LazyTooltip.on(label, say(decision.hint()));
    label.setMinWidth(0);
    label.setWrapText(true);
    return label;
  }

  public NumberDecision decision() {
    return decision;
  }

  /** Moves the keyboard here with everything selected. */
  public void take() {
    field.requestFocus();
    field.selectAll();
  }

  @Override
  public Optional<String> take(double value) {
    if (!decision.measurable()) {
      return Optional.of(
          say("{decision} can't be measured", decision.label().in(session.units().get())));
    }
    if (!decision.allows(value)) {
      return Optional.of(decision.range().refusal(value).in(session.units().get()));
    }
    typing.restore();
    Optional<String> refusal =
        session.edit(
            say(
                "measured {decision}",
                decision.label().in(session.units().get()).toLowerCase(Locale.ROOT)),
            "measured " + decision.id(),
            measured(value, Reading.CALIPER));
    if (refusal.isEmpty()) {
      session.asBuilt().set(true);
      endMeasuring();
    }
    return refusal;
  }

  @Override
  public Optional<String> attempt(String text) {
    if (measuring) {
      return text.isBlank()
          ? Optional.empty()
          : read(text, text.strip(), v -> session.attempt(measured(v, "")));
    }
    return releases(text)
        ? session.attempt(released())
        : read(text, "", v -> session.attempt(decided(v)));
  }

  @Override
  public Optional<String> enter(String text) {
    if (!measuring) {
      String name = decision.label().in(session.units().get()).toLowerCase(Locale.ROOT);
      return releases(text)
          ? session.edit(name, decision.id(), released())
          : read(text, "", v -> session.edit(name, decision.id(), decided(v)));
    }
    if (text.isBlank()) {
      return Optional.empty();
    }
    Optional<String> refusal =
        read(
            text,
            asked,
            v ->
                session.edit(
                    say(
                        "measured {decision}",
                        decision.label().in(session.units().get()).toLowerCase(Locale.ROOT)),
                    "measured " + decision.id(),
                    measured(v, "")));
    // Entered again as it is, what was asked about is taken.
    asked = refusal.isPresent() ? text.strip() : "";
    if (refusal.isEmpty()) {
      session.asBuilt().set(true);
    }
    return refusal;
  }

  @Override
  public void entered() {
    if (measuring) {
      endMeasuring();
    }
  }

  /**
   * Reads what was typed.
   *
   * @param known what needn't be asked about: while it is being typed nothing is
   */
  private Optional<String> read(String text, String known, DoubleFunction<Optional<String>> use) {
    try {
      return use.apply(
          measuring
              ? PlausibilityCheck.read(
                  PlausibilityCheck.expected(decision, session.decided(decision)),
                  decision.range(),
                  text,
                  session.units().get(),
                  known)
              : decision.read(text, session.units().get()));
    } catch (InvalidInput e) {
      return Optional.of(Words.why(e, session.units().get()));
    }
  }

  private UnaryOperator<Build> decided(double value) {
    return build -> {
      if (Decisions.find(build.design(), decision.id()).isEmpty()) {
        throw new IllegalArgumentException(
            decision.label().in(session.units().get()) + " no longer exists");
      }
      return build.withDesign(decision.with(build.design(), value));
    };
  }

  /** Whether an empty entry gives the number back to what it follows from. */
  private boolean releases(String text) {
    return decision.follows() && text.isBlank();
  }

  private UnaryOperator<Build> released() {
    return build -> build.withDesign(decision.released(build.design()));
  }

  private boolean following() {
    return decision.follows() && decision.undecided(session.build().get().design());
  }

  private UnaryOperator<Build> measured(double value, String with) {
    return build ->
        build.withReading(Reading.of(decision.id(), value, session.now().second()).by(with));
  }

  @Override
  public String shown() {
    return measuring ? "" : decision.shown(decided(), session.units().get());
  }

  @Override
  public boolean says(String text) {
    if (measuring) {
      return text.isBlank();
    }
    if (releases(text)) {
      return following();
    }
    try {
      return decision.read(text, session.units().get()) == decided();
    } catch (InvalidInput e) {
      return false;
    }
  }

  @Override
  public void tell(String words) {
    String said = words != null ? words : standing();
    message.setText(said);
    show(message, !said.isEmpty());
    SpokenState.show(field, StyleStates.WRONG, !said.isEmpty(), said);
    SpokenState.show(
        field, StyleStates.TRIED, words == null && typing.pending(), say("Typed, not entered yet"));
  }

  /** What is wrong with it in the plan that is drawn; empty for nothing. */
  private String standing() {
    return session.plan().get().findings().stream()
        .filter(p -> p.where().equals(decision.id()))
        .map(p -> p.words(session.units().get()))
        .findFirst()
        .orElse("");
  }

  private void left(boolean has) {
    if (!has && measuring) {
      endMeasuring();
    }
  }

  /** A field that isn't on the screen doesn't follow; it catches up when it comes back. */
  private void follow() {
    if (getScene() != null) {
      refresh();
    }
  }

  private void refresh() {
    boolean none = !measuring && !typing.pending() && decision.none(decided());
    unit.setText(none ? "" : NumberWriter.sign(decision.quantity(), session.units().get()));
    if (typing.pending()) {
      return;
    }
    typing.refresh();
    SpokenState.show(field, StyleStates.FOLLOWS, following(), say("Follows from other decisions"));
    measured.show();
  }

  /** What stands in it: decided, or while it follows what the plan has worked out for it. */
  private double decided() {
    return following()
        ? session
            .plan()
            .get()
            .value(decision.id())
            .map(Value::value)
            .orElseGet(() -> session.decided(decision))
        : session.decided(decision);
  }

  private static void show(Region node, boolean shown) {
    node.setVisible(shown);
    node.setManaged(shown);
  }

  private void key(KeyEvent e) {
    if (e.isAltDown()) {
      return; // moves a strip in its stack
    }
    switch (e.getCode()) {
      case UP -> nudge(e, 1);
      case DOWN -> nudge(e, -1);
      case F2 -> startMeasuring();
      case ENTER -> {
        if (measuring) {
          typing.enter();
          if (!typing.pending()) {
            endMeasuring();
          }
          field.selectAll();
          e.consume();
        }
        return;
      }
      case ESCAPE -> {
        if (!measuring) {
          return;
        }
        typing.restore();
        endMeasuring();
        field.selectAll();
      }
      default -> {
        return;
      }
    }
    e.consume();
  }

  private void nudge(KeyEvent e, int direction) {
    if (measuring) {
      return;
    }
    typing.enter();
    if (typing.pending()) {
      return;
    }
    double steps = direction * (e.isShiftDown() ? COARSE : e.isShortcutDown() ? FINE : 1);
    double next = decision.stepped(decided(), steps, session.units().get());
    session
        .edit(
            decision.label().in(session.units().get()).toLowerCase(Locale.ROOT),
            decision.id(),
            decided(next))
        .ifPresent(this::tell);
    typing.write(shown());
    field.selectAll();
  }

  private void startMeasuring() {
    if (decision.measurable() && !measuring) {
      typing.enter();
      measuring = true;
      typing.another();
      SpokenState.show(field, StyleStates.MEASURING, true, say("Takes a measured size"));
      field.setPromptText(say("measured"));
      typing.write("");
    }
  }

  private void endMeasuring() {
    if (typing.pending()) {
      return; // what was refused stays as it was typed
    }
    measuring = false;
    field.setPromptText("");
    SpokenState.show(field, StyleStates.MEASURING, false, "");
    typing.write(shown());
    refresh();
  }
}

package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.TitledPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import roughcut.design.ChoiceDecision;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.DrawnPart;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.FittingTraits;
import roughcut.design.FittingType;
import roughcut.design.NumberDecision;
import roughcut.desktop.session.Session;
import roughcut.desktop.words.Words;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.rout.Cut;

/**
 * The card of one cut: what is decided about it, what it belongs to, its hardware as listed or
 * measured, and what machine and drill are set to.
 */
public final class FittingCard extends VBox {
  /** Words for the narrow card, by the last part of a value's id. */
  private static final Map<String, String> BRIEF =
      Map.ofEntries(
          Map.entry("floor", "Left below its floor"),
          Map.entry("edge", "To the body edge"),
          Map.entry("faces", "To the nearer face"),
          Map.entry("binding", "To the binding"),
          Map.entry("screw-stop", "Cover screws, drilling depth"),
          Map.entry("screw-wall", "Cover screws to the wall"),
          Map.entry("shielding", "Shielding foil"),
          Map.entry("entry", "Bit angle over the rim"),
          Map.entry("bushing-spare", "Thread beyond the nut"),
          Map.entry("recess-least", "Recess for a flat seat"),
          Map.entry("room", "Room behind"),
          Map.entry("cover", "Plate beyond its hole"),
          Map.entry("length", "Hole length to the cavity"),
          Map.entry("slot-bores", "Between its end holes"),
          Map.entry("stop-now", "Drilling depth now"),
          Map.entry("table", "Drill table tilt"),
          Map.entry("hidden", "Overlap beyond the rout"),
          Map.entry("poles", "Strings beyond poles"),
          Map.entry("to-fretboard", "Gap to fretboard"),
          Map.entry("surface", "To the shaped surface"));

  private final Session session;
  private final Consumer<Value> ask;
  private final Runnable gone;
  private final Runnable changed;

  private final TextField own = new TextField();
  private final Label title = new Label();
  private final Label warning = new Label();
  private final Label trouble = new Label();
  private final VBox fields = new VBox(4);
  private final VBox settings = new VBox(2);
  private final Map<String, DecisionField> numbers = new LinkedHashMap<>();
  private final Map<String, SettingRow> rows = new LinkedHashMap<>();
  private final List<TitledPane> panes = new ArrayList<>();
  private Optional<FittingOutline> outline = Optional.empty();
  private boolean drawn;
  private Fitting shown;
  private String name = "";

  /**
   * Makes a card without anything on it.
   *
   * @param ask asks for the sum of a value
   * @param gone called when the fitting was taken away
   * @param changed another point of its outline was chosen: the drawing has to show it
   */
  public FittingCard(Session session, Consumer<Value> ask, Runnable gone, Runnable changed) {
    super(4);
    this.session = session;
    this.ask = ask;
    this.gone = gone;
    this.changed = changed;

    ControlNames.set(own, "fitting.name");
    own.setAccessibleText(say("Name"));
    own.getStyleClass().add("text-entry");
    own.setOnAction(e -> rename());
    own.setOnKeyPressed(
        e -> {
          if (e.getCode() == KeyCode.ESCAPE && !own.getText().equals(called())) {
            own.setText(called());
            e.consume();
          }
        });
    own.focusedProperty()
        .addListener(
            (p, was, is) -> {
              if (!is) {
                rename();
              }
            });
    ControlNames.set(this, "fitting.card");
    title.getStyleClass().add("panel-heading");
    warning.getStyleClass().add("card-warning");
    warning.setWrapText(true);
    ControlNames.set(warning, "fitting.listed");
    trouble.getStyleClass().add("decision-message");
    trouble.setWrapText(true);
    ControlNames.set(trouble, "fitting.trouble");
    getChildren().addAll(title, own, warning, trouble, fields, settings);
  }

  /** Shows a cut of a plan by its name; nothing for a name that isn't there. */
  public void show(Plan plan, Units units, String cut) {
    Fitting fitting = plan.build().design().fitting(cut).orElse(null);
    boolean ownLine =
        fitting != null && DrawnPart.of(fitting).flatMap(plan.build().design()::drawn).isPresent();
    if (!cut.equals(name)
        || fitting == null != (shown == null)
        || changed(fitting)
        || ownLine != drawn) {
      name = cut;
      shown = fitting;
      drawn = ownLine;
      remake(plan);
    }
    shown = fitting;
    Cut made = plan.cuts().cut(cut).orElse(null);
    title.setText(
        fitting != null
            ? fitting.title().in(units)
            : made == null ? say("Click a rout or bore, or add one") : made.title().in(units));
    own.setVisible(fitting != null);
    own.setManaged(fitting != null);
    if (!own.isFocused()) {
      own.setText(called());
    }
    tell(warning, made != null && made.listed() ? listed(made) : "");
    tell(
        trouble,
        Optional.ofNullable(fitting)
            .flatMap(f -> plan.cuts().problem(plan.build().design(), f))
            .filter(p -> !fields.getChildren().contains(numbers.get(p.where())))
            .map(p -> p.words(units))
            .orElse(""));
    outline.ifPresent(o -> o.show(plan.build().design()));
    values(plan, units);
  }

  /** The points of a cut's outline; empty for what has none, or isn't the one on the card. */
  public Optional<OutlineEditor> points(String cut) {
    return cut.equals(name) ? outline.map(FittingOutline::points) : Optional.empty();
  }

  private boolean changed(Fitting fitting) {
    return fitting != null
        && (!fitting.kind().equals(shown.kind())
            || !fitting.with().equals(shown.with())
            || fitting.type() != shown.type());
  }

  private static String listed(Cut cut) {
    return cut.steps().isEmpty()
        ? say(
            "Listed sizes only: measure the part in hand before you drill."
                + " The hole can't be undone.")
        : say(
            "Listed sizes only: measure the part in hand before you rout."
                + " The rout can't be undone.");
  }

  private static void tell(Label label, String words) {
    label.setText(words);
    label.setVisible(!words.isEmpty());
    label.setManaged(!words.isEmpty());
  }

  private void remake(Plan plan) {
    fields.getChildren().clear();
    numbers.clear();
    rows.clear();
    settings.getChildren().clear();
    panes.clear();
    outline = Optional.empty();
    if (shown == null) {
      plan.cuts().cut(name).ifPresent(cut -> followed(plan, cut));
      return;
    }
    List<DecisionField> measured = new ArrayList<>();
    for (Decision decision : FittingDecisions.of(shown)) {
      decision
          .choice()
          .ifPresent(c -> fields.getChildren().add(new ChoiceField(relabelled(c), session)));
    }
    if (shown.takes() != FittingType.Takes.NOTHING) {
      fields.getChildren().add(new JoinsEditor(session, shown));
    }
    List<DecisionField> later = new ArrayList<>();
    for (FittingTraits.Trait trait : shown.type().traits()) {
      if (FittingDecisions.idle(plan.build().design(), shown, trait.key())) {
        continue;
      }
      DecisionField field =
          field(FittingDecisions.number(shown, trait), trait.label().in(session.units().get()));
      if (trait.hardware()) {
        measured.add(field);
      } else if (trait.main()) {
        fields.getChildren().add(field);
      } else {
        later.add(field);
      }
    }
    if (plan.cuts().cut(name).filter(c -> !c.steps().isEmpty()).isPresent()) {
      later.add(
          field(
              FittingDecisions.depth(plan.build().design(), name),
              say("Own depth (0: automatic)")));
    }
    outline = DrawnPart.of(shown).map(p -> outline(plan, p));
    outline.ifPresent(o -> fields.getChildren().add(o));
    fold("fitting.more", say("More decisions"), later);
    if (!measured.isEmpty()) {
      Fitting fitting = shown;
      fields.getChildren().add(ShelfRow.of(() -> fitting, fitting.type().word(), session));
    }
    fold("fitting.hardware", say("Part sizes: listed, measured"), measured);
    Button away = new Button(say("Remove"));
    ControlNames.set(away, "fitting.remove");
    away.getStyleClass().add("text-button");
    away.setOnAction(e -> remove());
    fields.getChildren().add(new HBox(away));
  }

  private FittingOutline outline(Plan plan, DrawnPart part) {
    boolean holds = FittingDecisions.holds(plan.build().design(), shown);
    String back = holds ? say("Follow the controls") : say("Use a plain box");
    return new FittingOutline(session, part, back, changed);
  }

  /** A cut that comes with something else: what else is decided, as far as it is a number. */
  private void followed(Plan plan, Cut cut) {
    Label words = new Label(say("It follows from other decisions:"));
    words.setWrapText(true);
    words.getStyleClass().add("panel-text");
    fields.getChildren().add(words);
    for (String id : cut.changedBy()) {
      Decisions.find(plan.build().design(), id)
          .flatMap(Decision::number)
          .ifPresent(d -> fields.getChildren().add(field(d, d.label().in(session.units().get()))));
    }
    String own = FittingDecisions.depthId(name);
    if (plan.value(name + ".depth").isPresent() && !numbers.containsKey(own)) {
      fields
          .getChildren()
          .add(
              field(
                  FittingDecisions.depth(plan.build().design(), name),
                  say("Own depth (0: automatic)")));
    }
  }

  private void fold(String id, String words, List<DecisionField> inside) {
    if (inside.isEmpty()) {
      return;
    }
    VBox folded = new VBox(4);
    folded.getStyleClass().add("panel-folded");
    folded.getChildren().addAll(inside);
    TitledPane pane = new TitledPane(words, folded);
    ControlNames.set(pane, id);
    pane.setExpanded(false);
    pane.setAnimated(false);
    pane.getStyleClass().add("more");
    panes.add(pane);
    fields.getChildren().add(pane);
  }

  /** The kind's own field needs no name of the fitting in front; the card's title says it. */
  private static ChoiceDecision<?> relabelled(ChoiceDecision<?> choice) {
    return choice.id().endsWith(".kind") ? choice.called(Text.of("Type")) : choice;
  }

  private DecisionField field(NumberDecision decision, String words) {
    Label lead = new Label(words);
    lead.getStyleClass().add("decision-label");
    lead.setWrapText(true);

    LazyTooltip.on(lead, decision.hint().in(session.units().get()));
    DecisionField field = new DecisionField(decision, session, lead);
    numbers.put(decision.id(), field);
    return field;
  }

  private String called() {
    return shown == null ? "" : shown.words().in(session.units().get());
  }

  /** The fitting as the maker calls it; nothing typed takes that back. */
  private void rename() {
    String to = own.getText().strip();
    if (shown == null || to.equals(called())) {
      own.setText(called());
      return;
    }
    try {
      Design next = session.build().get().design().withFittingCalled(name, to);
      session.make(
          say("name of the {called}", called()), shown.id("label"), b -> b.withDesign(next));
      session.history().settle();
    } catch (IllegalArgumentException e) {
      tell(trouble, Words.why(e, session.units().get()));
    }
  }

  private void remove() {
    Fitting fitting = shown;
    session.make(
        say("removing the {fitting}", fitting.words().in(session.units().get())),
        "fitting",
        b -> b.withoutFitting(fitting.name()));
    session.history().settle();
    gone.run();
  }

  /** What drill and router are set to, and what is left: every value of this cut. */
  private void values(Plan plan, Units units) {
    List<Value> own = new ArrayList<>();
    for (Value value : plan.values().values()) {
      if (shown != null && value.id().startsWith(shown.id(""))
          || value.id().startsWith("rout." + name + ".")) {
        own.add(value);
      }
    }
    if (!new ArrayList<>(rows.keySet()).equals(own.stream().map(Value::id).toList())) {
      rows.clear();
      settings.getChildren().clear();
      if (!own.isEmpty()) {
        Label heading = new Label(say("Set, and what remains"));
        heading.getStyleClass().add("panel-heading");
        settings.getChildren().add(heading);
      }
      for (Value value : own) {
        SettingRow row = new SettingRow(brief(value), ask);
        row.getStyleClass().add("setting-small");
        rows.put(value.id(), row);
        settings.getChildren().add(row);
      }
    }
    own.forEach(v -> rows.get(v.id()).show(plan, v, units));
  }

  /** A value's label without the fitting's own name. */
  private String brief(Value value) {
    String key = value.id().substring(value.id().lastIndexOf('.') + 1);
    if (BRIEF.containsKey(key)) {
      return say(BRIEF.get(key));
    }
    String label = value.label().in(session.units().get());
    String own = shown == null ? "" : shown.title().in(session.units().get()) + ", ";
    String rest = label.startsWith(own) ? label.substring(own.length()) : label;
    return rest.substring(0, 1).toUpperCase(Locale.ROOT) + rest.substring(1);
  }

  /** The field of a decision, unfolded; empty when it isn't on the card. */
  public Optional<DecisionField> field(String id) {
    DecisionField field = numbers.get(id);
    for (TitledPane pane : panes) {
      if (field != null && ((VBox) pane.getContent()).getChildren().contains(field)) {
        pane.setExpanded(true);
      }
    }
    return Optional.ofNullable(field);
  }
}

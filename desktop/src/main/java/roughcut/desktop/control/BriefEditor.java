package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.blank.BlankKeys;
import roughcut.desktop.session.Session;
import roughcut.desktop.words.Words;
import roughcut.measure.InvalidInput;
import roughcut.measure.NumberReader;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.record.Brief;
import roughcut.rout.RoutKeys;
import roughcut.schedule.BriefCheck;

/** What a build has to hold to: its day, and what must hold, each with how it stands. */
public final class BriefEditor extends VBox {
  /** What is often asked for, each with what it is tied to. */
  private enum Ask {
    INSTRUMENT("Maximum weight", Brief.Kind.AT_MOST, RoutKeys.INSTRUMENT_MASS.id()),
    BODY("Maximum body weight", Brief.Kind.AT_MOST, RoutKeys.BODY_MASS.id()),
    NECK("Maximum neck weight", Brief.Kind.AT_MOST, BlankKeys.NECK_MASS.id()),
    BALANCE(
        "Balances behind the strap button",
        Brief.Kind.AT_LEAST,
        RoutKeys.BALANCE_BEHIND_STRAP.id()),
    APART("Comes apart for travel", Brief.Kind.COMES_APART, ""),
    HAND("Only wood in hand", Brief.Kind.ONLY_IN_HAND, ""),
    COST("Maximum cost of boards", Brief.Kind.COSTS_AT_MOST, ""),
    EYE("Judged by eye: in words", Brief.Kind.BY_EYE, "");

    private final String words;
    private final Brief.Kind kind;
    private final String value;

    Ask(String words, Brief.Kind kind, String value) {
      this.words = words;
      this.kind = kind;
      this.value = value;
    }

    String words() {
      return say(words);
    }

    private Quantity quantity() {
      return switch (this) {
        case INSTRUMENT, BODY, NECK -> Quantity.MASS;
        case BALANCE -> Quantity.LENGTH;
        case APART, HAND, COST, EYE -> Quantity.RATIO;
      };
    }

    /** With the unit that its limit is typed in. */
    String label(Units units) {
      return switch (this) {
        case INSTRUMENT, BODY, NECK ->
            say("{what}, {unit}", words(), NumberWriter.sign(Quantity.MASS, units));
        case BALANCE -> say("{what}, {unit}", words(), units.sign());
        case APART, HAND, COST, EYE -> words();
      };
    }
  }

  private final Session session;
  private final TextField due = new TextField();
  private final Label wrong = new Label();
  private final VBox lines = new VBox(4);
  private final PickField<Ask> ask =
      new PickField<>("brief.ask", say("Requirement"), this::label, a -> {});
  private final TextField limit = new TextField();

  public BriefEditor(Session session) {
    super(5);
    this.session = session;
    ControlNames.set(due, "brief.due");
    due.setPromptText("2026-12-24");
    due.setAccessibleText(say("Due date, as year-month-day"));
    due.setPrefWidth(110);
    due.setOnAction(e -> enterDue());
    due.focusedProperty()
        .addListener(
            (p, was, is) -> {
              if (!is) {
                enterDue();
              }
            });
    Label by = new Label(say("Due date"));
    by.getStyleClass().add("decision-label");
    by.setLabelFor(due);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    HBox day = new HBox(8, by, space, due);
    day.setAlignment(Pos.CENTER_LEFT);
    ControlNames.set(wrong, "brief.wrong");
    wrong.getStyleClass().add("decision-message");
    wrong.setWrapText(true);
    ControlNames.set(limit, "brief.limit");
    limit.setPromptText(say("limit, or words"));
    limit.setAccessibleText(say("Limit, or what is judged by eye"));
    limit.setOnAction(e -> add());
    HBox.setHgrow(limit, Priority.ALWAYS);
    Button more = new Button(say("Add"));
    ControlNames.set(more, "brief.add");
    more.getStyleClass().add("text-button");
    more.setOnAction(e -> add());
    HBox adding = new HBox(6, limit, more);
    adding.setAlignment(Pos.CENTER_LEFT);
    ask.show(List.of(Ask.values()), Ask.INSTRUMENT);
    getChildren().addAll(day, lines, ask, adding, wrong);
    tell("");
  }

  private String label(Ask of) {
    return of.label(session.units().get());
  }

  private void tell(String words) {
    wrong.setText(words);
    wrong.setVisible(!words.isEmpty());
    wrong.setManaged(!words.isEmpty());
  }

  private Brief brief() {
    return session.build().get().brief();
  }

  private boolean edit(String name, UnaryOperator<Brief> change) {
    Optional<String> refusal =
        session.edit(name, "brief", b -> b.withBrief(change.apply(b.brief())));
    session.history().settle();
    tell(refusal.orElse(""));
    return refusal.isEmpty();
  }

  private void enterDue() {
    String text = due.getText().strip();
    try {
      Optional<LocalDate> day =
          text.isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(text));
      if (day.filter(d -> d.isBefore(session.now().today())).isPresent()) {
        tell(say("{text} has passed.", text));
      } else if (!day.equals(brief().due())) {
        edit(say("due date"), b -> b.withDue(day));
      } else {
        tell("");
      }
    } catch (DateTimeParseException e) {
      tell(say("“{text}” is not a day; write it as 2026-12-24.", text));
    }
  }

  private void add() {
    Ask chosen = ask.chosen();
    String typed = limit.getText().strip();
    try {
      double number =
          chosen.kind.limited()
              ? NumberReader.amount(typed, chosen.quantity(), session.units().get())
              : 0;
      String words =
          switch (chosen.kind) {
            case BY_EYE -> typed;
            case COMES_APART, ONLY_IN_HAND -> chosen.words();
            default -> say("{what} {limit}", chosen.words(), typed);
          };
      Brief.Wish wish = new Brief.Wish(words, chosen.kind, chosen.value, number, false);
      if (edit(say("requirement"), b -> b.with(wish))) {
        limit.clear();
      }
    } catch (InvalidInput | IllegalArgumentException e) {
      tell(Words.why(e, session.units().get()));
    }
  }

  /** Shows how each stands. */
  public void show(List<BriefCheck> checks) {
    if (!due.isFocused()) {
      due.setText(brief().due().map(LocalDate::toString).orElse(""));
    }
    lines.getChildren().clear();
    List<BriefCheck> wishes = new ArrayList<>(checks);
    int day = brief().due().isPresent() ? 1 : 0;
    for (int i = 0; i < wishes.size(); i++) {
      lines.getChildren().add(line(wishes.get(i), i - day));
    }
  }

  private VBox line(BriefCheck check, int index) {
    Label state =
        new Label(sign(check.state()) + " " + check.state().word().in(session.units().get()));
    state.getStyleClass().add(style(check.state()));
    state.setMinWidth(Region.USE_PREF_SIZE);
    ControlNames.set(state, "brief." + (index + 1) + ".state");
    Label words = new Label(check.words().in(session.units().get()));
    words.getStyleClass().add("decision-label");
    words.setWrapText(true);
    HBox.setHgrow(words, Priority.ALWAYS);
    HBox head = new HBox(8, words, state);
    head.setAlignment(Pos.CENTER_LEFT);
    if (index >= 0) {
      Brief.Wish wish = brief().wishes().get(index);
      if (wish.kind() == Brief.Kind.BY_EYE) {
        CheckBox held = new CheckBox();
        held.getStyleClass().add("tick");
        held.setAccessibleText(say("{wish} met", wish.words()));
        held.setSelected(wish.held());
        held.setOnAction(
            e -> edit(say("requirement"), b -> b.with(index, wish.found(held.isSelected()))));
        head.getChildren().add(0, held);
      }
      Button off = new Button("×");
      ControlNames.set(off, "brief." + (index + 1) + ".remove");
      off.setAccessibleText(say("Remove: {wish}", wish.words()));
      off.getStyleClass().add("text-button");
      off.setOnAction(e -> edit(say("requirement"), b -> b.without(index)));
      head.getChildren().add(off);
    }
    Label how = new Label(check.how().in(session.units().get()));
    how.getStyleClass().add("lower-note");
    how.setWrapText(true);
    return new VBox(1, head, how);
  }

  private static String sign(BriefCheck.State state) {
    return switch (state) {
      case HOLDS -> "●";
      case CLOSE -> "▲";
      case BROKEN -> "■";
      case UNKNOWN -> "○";
    };
  }

  private static String style(BriefCheck.State state) {
    return switch (state) {
      case HOLDS -> "is-clear";
      case CLOSE, UNKNOWN -> "is-look";
      case BROKEN -> "is-stop";
    };
  }
}

package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import roughcut.design.NumberDecision;
import roughcut.design.PartDecisions;
import roughcut.desktop.session.Session;
import roughcut.measure.NumberWriter;
import roughcut.measure.Pitch;
import roughcut.measure.Quantity;
import roughcut.shop.StringSpec;

/** The set of strings: one is chosen and edited; strings are added and taken away at the bass. */
public final class StringEditor extends VBox {
  private final Session session;
  private final PickField<Integer> which;
  private final List<EntryField> fields = new ArrayList<>();
  private final CheckBox wound = new CheckBox(say("wound"));
  private int index;
  private boolean showing;

  public StringEditor(Session session) {
    super(4);
    this.session = session;
    which =
        new PickField<>(
            "string.which",
            say("String"),
            this::called,
            i -> {
              index = i;
              show();
            });
    fields.add(
        new EntryField(
            "string.gauge",
            say("Gauge"),
            Quantity.FINE_LENGTH,
            false,
            session,
            () -> OptionalDouble.of(one().gauge()),
            v -> change(say("gauge"), s -> s.withGauge(v.getAsDouble()))));
    fields.add(
        new EntryField(
            "string.pitch",
            say("Tuning"),
            Quantity.PITCH,
            false,
            session,
            () -> OptionalDouble.of(one().pitch()),
            v -> change(say("pitch"), s -> s.withPitch(v.getAsDouble()))));
    fields.add(
        new EntryField(
            "string.core",
            say("Core (if known)"),
            Quantity.FINE_LENGTH,
            false,
            session,
            () -> OptionalDouble.of(one().core()),
            v -> change(say("core"), s -> s.withCore(v.getAsDouble()))));
    fields.add(
        new EntryField(
            "string.own",
            say("Own compensation"),
            Quantity.FINE_LENGTH,
            false,
            session,
            () -> OptionalDouble.of(session.decided(own())),
            v -> enterOwn(v.getAsDouble())));
    ControlNames.set(wound, "string.wound");
    wound.getStyleClass().add("tick");
    wound.setOnAction(
        e -> {
          if (!showing) {
            change(say("winding"), s -> s.withWound(wound.isSelected()));
          }
        });
    HBox buttons =
        new HBox(
            6,
            button("string.add", say("Add bass string"), true),
            button("string.remove", say("Remove"), false));
    getChildren().add(which);
    getChildren().addAll(fields);
    getChildren().addAll(wound, buttons);
    session.plan().addListener((p, was, is) -> show());
    show();
  }

  /**
   * Moves the keyboard to a number of a string.
   *
   * @param id such as {@code string.2.gauge}
   * @return false when there is no such string or number
   */
  public boolean take(String id) {
    String[] parts = id.split("\\.");
    List<String> keys = List.of("gauge", "pitch", "core", "own-compensation");
    if (parts.length != 3
        || !parts[1].matches("\\d+")
        || !keys.contains(parts[2])
        || Integer.parseInt(parts[1]) > strings().size()) {
      return false;
    }
    index = Integer.parseInt(parts[1]) - 1;
    show();
    fields.get(keys.indexOf(parts[2])).take();
    return true;
  }

  private Button button(String id, String words, boolean more) {
    Button button = new Button(words);
    ControlNames.set(button, id);
    button.getStyleClass().add("text-button");
    button.setOnAction(e -> count(more));
    return button;
  }

  private List<StringSpec> strings() {
    return session.build().get().design().strings();
  }

  private StringSpec one() {
    return strings().get(Math.min(index, strings().size() - 1));
  }

  private NumberDecision own() {
    return PartDecisions.own(Math.min(index, strings().size() - 1) + 1);
  }

  private Optional<String> enterOwn(double mm) {
    NumberDecision own = own();
    return session.edit(
        own.label().in(session.units().get()),
        own.id(),
        b -> b.withDesign(own.with(b.design(), mm)));
  }

  private String called(int i) {
    if (i >= strings().size()) {
      return "";
    }
    StringSpec s = strings().get(i);
    return (i + 1)
        + " · "
        + NumberWriter.number(s.gauge(), Quantity.FINE_LENGTH, session.units().get())
        + " · "
        + Pitch.name(s.pitch());
  }

  private void count(boolean more) {
    session.make(
        more ? say("adding a string") : say("removing a string"),
        "strings",
        b -> {
          List<StringSpec> next = new ArrayList<>(b.design().strings());
          if (more) {
            next.add(next.get(next.size() - 1));
          } else if (next.size() > 1) {
            next.remove(Math.min(index, next.size() - 1));
          }
          return b.withDesign(b.design().withStrings(next));
        });
    session.history().settle();
  }

  private Optional<String> change(String what, UnaryOperator<StringSpec> change) {
    int at = Math.min(index, strings().size() - 1);
    return session.edit(
        say("{what} of string {at}", what, (at + 1)),
        "string." + at + "." + what,
        b -> {
          List<StringSpec> next = new ArrayList<>(b.design().strings());
          next.set(at, change.apply(next.get(at)));
          return b.withDesign(b.design().withStrings(next));
        });
  }

  private void show() {
    showing = true;
    index = Math.min(index, strings().size() - 1);
    List<Integer> all = new ArrayList<>();
    for (int i = 0; i < strings().size(); i++) {
      all.add(i);
    }
    which.show(all, index);
    fields.forEach(EntryField::show);
    wound.setSelected(one().wound());
    showing = false;
  }
}

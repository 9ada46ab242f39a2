package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.Session;
import roughcut.measure.Quantity;
import roughcut.shop.Cutter;
import roughcut.shop.CutterKind;

/** The cutter drawer: one is chosen and edited; others are put in and taken out. */
public final class CutterEditor extends VBox {
  private final Session session;
  private final PickField<Integer> which;
  private final TextField name = new TextField();
  private final PickField<CutterKind> kind;
  private final PickField<Cutter.Condition> condition;
  private final List<EntryField> fields = new ArrayList<>();
  private int index;

  /**
   * Makes it.
   *
   * @param chosen is told when another one is chosen
   */
  public CutterEditor(Session session, Runnable chosen) {
    super(4);
    this.session = session;
    which =
        new PickField<>(
            "cutter.which",
            say("Cutter"),
            i -> i < cutters().size() ? cutters().get(i).name() : "",
            i -> {
              index = i;
              fields.forEach(EntryField::another);
              show();
              chosen.run();
            });
    kind =
        new PickField<>(
            "cutter.kind",
            say("Kind"),
            k -> say(k.label()),
            k -> change(say("kind"), c -> c.withKind(k)));
    condition =
        new PickField<>(
            "cutter.condition",
            say("Condition"),
            c -> say(c.word()),
            k -> change(say("condition"), c -> c.withCondition(k)));
    ControlNames.set(name, "cutter.name");
    name.setAccessibleText(say("Cutter name"));
    name.getStyleClass().add("text-entry");
    name.setOnAction(e -> change(say("name"), c -> c.withName(name.getText().strip())));
    name.focusedProperty()
        .addListener(
            (p, was, is) -> {
              if (!is && !cutters().isEmpty() && !name.getText().equals(one().name())) {
                change(say("name"), c -> c.withName(name.getText().strip()));
              }
            });
    getChildren().addAll(which, name, kind, condition);
    number("diameter", say("Diameter"), Cutter::diameter, Cutter::withDiameter);
    number("cutting", say("Cutting length"), Cutter::cutting, (c, v) -> sized(c, 1, v));
    number("shank", say("Shank"), Cutter::shank, (c, v) -> sized(c, 2, v));
    number("bearing", say("Bearing (0 for none)"), Cutter::bearing, (c, v) -> sized(c, 3, v));
    number(
        "bearing-height", say("Bearing height"), Cutter::bearingHeight, (c, v) -> sized(c, 4, v));
    number("stick-out", say("Longest reach"), Cutter::stickOut, (c, v) -> sized(c, 5, v));
    number("spur", say("Spur or point length"), Cutter::spur, (c, v) -> sized(c, 6, v));
    getChildren()
        .add(
            new HBox(
                6, button("cutter.add", say("Add bit")), button("cutter.remove", say("Remove"))));
    session.plan().addListener((p, was, is) -> show());
    show();
  }

  /** The sizes in the order in which a cutter takes them: diameter first. */
  private static Cutter sized(Cutter c, int place, double value) {
    double[] s = {
      c.diameter(), c.cutting(), c.shank(), c.bearing(), c.bearingHeight(), c.stickOut(), c.spur()
    };
    s[place] = value;
    return c.sized(s[0], s[1], s[2], s[3], s[4], s[5], s[6]);
  }

  private void number(
      String id,
      String words,
      ToDoubleFunction<Cutter> now,
      BiFunction<Cutter, Double, Cutter> next) {
    EntryField field =
        new EntryField(
            "cutter." + id,
            words,
            Quantity.LENGTH,
            false,
            session,
            () ->
                cutters().isEmpty()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(now.applyAsDouble(one())),
            v -> change(id, c -> next.apply(c, v.getAsDouble())));
    fields.add(field);
    getChildren().add(field);
  }

  private Button button(String id, String words) {
    Button button = new Button(words);
    ControlNames.set(button, id);
    button.getStyleClass().add("text-button");
    button.setOnAction(e -> count(id.endsWith("add")));
    return button;
  }

  /** The one that is edited; empty while there is none. */
  public Optional<Cutter> chosen() {
    return cutters().isEmpty() ? Optional.empty() : Optional.of(one());
  }

  /** Edits another one. */
  public void choose(int next) {
    index = next;
    fields.forEach(EntryField::another);
    show();
  }

  private List<Cutter> cutters() {
    return session.shop().get().cutters();
  }

  private Cutter one() {
    return cutters().get(Math.min(index, cutters().size() - 1));
  }

  private void count(boolean more) {
    int at = index;
    session.makeShop(
        more ? say("adding a cutter") : say("removing a cutter"),
        "cutters",
        s -> {
          List<Cutter> next = new ArrayList<>(s.cutters());
          if (more) {
            next.add(
                new Cutter(
                    "new cutter",
                    CutterKind.TOP_BEARING,
                    12.7,
                    20,
                    6.35,
                    12.7,
                    5,
                    2,
                    45,
                    Cutter.ROUTER_SPEED,
                    0,
                    Cutter.Condition.SHARP));
          } else if (!next.isEmpty()) {
            next.remove(Math.min(at, next.size() - 1));
          }
          return s.withCutters(next);
        });
    session.history().settle();
    index = more ? cutters().size() - 1 : Math.max(0, Math.min(index, cutters().size() - 1));
    show();
  }

  private Optional<String> change(String what, UnaryOperator<Cutter> change) {
    if (cutters().isEmpty()) {
      return Optional.empty();
    }
    int at = Math.min(index, cutters().size() - 1);
    return session.editShop(
        say("{what} of {one}", what, one().name()),
        "cutter." + at + "." + what,
        s -> {
          List<Cutter> next = new ArrayList<>(s.cutters());
          next.set(at, change.apply(next.get(at)));
          return s.withCutters(next);
        });
  }

  private void show() {
    index = Math.max(0, Math.min(index, cutters().size() - 1));
    List<Integer> all = new ArrayList<>();
    for (int i = 0; i < cutters().size(); i++) {
      all.add(i);
    }
    which.show(all, cutters().isEmpty() ? null : index);
    kind.show(List.of(CutterKind.values()), cutters().isEmpty() ? null : one().kind());
    condition.show(
        List.of(Cutter.Condition.values()), cutters().isEmpty() ? null : one().condition());
    if (!name.isFocused()) {
      name.setText(cutters().isEmpty() ? "" : one().name());
    }
    fields.forEach(EntryField::show);
  }
}

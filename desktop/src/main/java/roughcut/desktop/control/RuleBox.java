package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.Session;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.plan.StraightedgeCheck;
import roughcut.plan.StraightedgeCheck.Datum;

/**
 * Which line the frets are measured from, where the rule's zero is, and what a wrong mark means.
 */
public final class RuleBox extends VBox {
  private final Consumer<StraightedgeCheck> onLaid;
  private final PickField<Datum> from;
  private final EntryField shows;
  private final PickField<Integer> fret;
  private final EntryField marked;
  private final Label told = new Label();
  private StraightedgeCheck rule = StraightedgeCheck.USUAL;
  private OptionalDouble mark = OptionalDouble.empty();
  private int which = 1;
  private Plan plan;
  private Units units = Units.MM;

  /**
   * Makes it.
   *
   * @param onLaid gets the rule whenever it is laid otherwise
   */
  public RuleBox(Session session, Consumer<StraightedgeCheck> onLaid) {
    super(4);
    this.onLaid = onLaid;
    from =
        new PickField<>(
            "rule.from", say("Fret distances from"), d -> d.words().in(units), this::lay);
    shows =
        new EntryField(
            "rule.shows",
            say("ruler reads"),
            Quantity.LENGTH,
            false,
            session,
            () -> OptionalDouble.of(rule.shows()),
            v -> laid(new StraightedgeCheck(rule.from(), v.orElse(0))));
    fret =
        new PickField<Integer>(
                "rule.fret",
                say("Misplaced mark at fret"),
                f -> Integer.toString(f),
                f -> {
                  which = f;
                  tell();
                })
            .narrow();
    marked =
        new EntryField(
            "rule.marked",
            say("Marked at"),
            Quantity.FINE_LENGTH,
            true,
            session,
            () -> mark,
            v -> {
              mark = v;
              tell();
              return Optional.empty();
            });
    ControlNames.set(told, "rule.told");
    told.getStyleClass().add("panel-text");
    told.setWrapText(true);
    told.setMinHeight(USE_PREF_SIZE);
    getChildren().addAll(row(from, shows), row(fret, marked), told);
    tell();
  }

  private static HBox row(PickField<?> left, EntryField right) {
    HBox.setHgrow(left, Priority.ALWAYS);
    HBox row = new HBox(10, left, right);
    right.setMinWidth(200);
    return row;
  }

  private void lay(Datum datum) {
    laid(new StraightedgeCheck(datum, rule.shows()));
  }

  private Optional<String> laid(StraightedgeCheck next) {
    rule = next;
    onLaid.accept(rule);
    tell();
    return Optional.empty();
  }

  private void tell() {
    boolean said = plan != null && mark.isPresent();
    told.setText(said ? rule.marked(plan, which, mark.getAsDouble()).in(units) : "");
    told.setVisible(said);
    told.setManaged(said);
  }

  public void show(Plan next, Units in) {
    plan = next;
    units = in;
    List<Integer> frets = next.frets().frets().stream().map(f -> f.number()).toList();
    which = Math.min(which, frets.size());
    from.show(List.of(Datum.values()), rule.from());
    fret.show(frets, which);
    shows.show();
    marked.show();
    tell();
  }
}

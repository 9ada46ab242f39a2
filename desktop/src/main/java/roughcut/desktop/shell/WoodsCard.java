package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.EntryField;
import roughcut.desktop.control.NumberTable;
import roughcut.desktop.session.Session;
import roughcut.desktop.words.Words;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.shop.Species;
import roughcut.shop.Woods;

/** The woods of the shop: what the maker calls them, what they weigh and how they move. */
final class WoodsCard extends ListCard {
  private final Session session;
  private final NumberTable<Species> table =
      new NumberTable<>("woods.table", say("Woods"), this::choose);
  private final Label known = note("");
  private final Button away = button("woods.away", "");
  private final List<EntryField> numbers;
  private Species chosen;

  WoodsCard(Overlay overlay, Session session) {
    super(overlay, "woods", say("Woods"));
    this.session = session;
    table.words(say("name"), Species::name);
    table.column(say("density"), w -> text(w.density(), Quantity.DENSITY));
    table.column(
        say("movement along the rings"), w -> text(w.tangentialPercent(), Quantity.PERCENT));
    table.words(say("from"), this::from);
    name().setAccessibleText(say("Name"));
    numbers =
        List.of(
            number(
                "woods.density",
                say("Density at 12 % moisture"),
                Quantity.DENSITY,
                Species::density,
                Species::weighing),
            number(
                "woods.radial",
                say("Shrinkage across the rings"),
                Quantity.PERCENT,
                Species::radialPercent,
                (w, v) -> w.shrinking(v, w.tangentialPercent())),
            number(
                "woods.tangential",
                say("Shrinkage along the rings"),
                Quantity.PERCENT,
                Species::tangentialPercent,
                (w, v) -> w.shrinking(w.radialPercent(), v)));
    Button another = button("woods.another", say("Duplicate"));
    another.setOnAction(e -> another());
    away.setOnAction(e -> away());
    VBox fields = new VBox(8);
    fields.getChildren().addAll(numbers);
    fill(
        table,
        fields,
        known,
        note(
            say(
                "Shrinkage is from green to dry. Your own board may differ. Weigh it in the "
                    + "wood rack, and its own weight counts.")),
        new HBox(10, another, away));
    session.shop().addListener((p, was, is) -> show());
    session.units().addListener((p, was, is) -> show());
  }

  /** A number of a wood, by what reads it and what changes it. */
  private EntryField number(
      String id,
      String called,
      Quantity quantity,
      ToDoubleFunction<Species> of,
      BiFunction<Species, Double, Species> with) {
    return new EntryField(
        id,
        called,
        quantity,
        false,
        session,
        () -> chosen == null ? OptionalDouble.empty() : OptionalDouble.of(of.applyAsDouble(chosen)),
        v ->
            change(
                chosen.name() + ", " + called.toLowerCase(Locale.ROOT),
                w -> with.apply(w, v.getAsDouble())));
  }

  private String text(double value, Quantity quantity) {
    return NumberWriter.text(value, quantity, session.units().get());
  }

  private Woods woods() {
    return session.shop().get().woods();
  }

  private String from(Species wood) {
    return woods().isOwn(wood.id()) ? say("yours") : say("wood list");
  }

  /** Opens with every wood; the neck's first. */
  void open() {
    session.enterTyped();
    chosen = null;
    overlay().open(this, Pos.CENTER, table);
    show();
    String neck = session.build().get().design().neckStack().strips().get(0).species();
    select(neck);
  }

  private void select(String id) {
    table.getItems().stream()
        .filter(w -> w.id().equals(id))
        .findFirst()
        .ifPresent(
            w -> {
              table.getSelectionModel().clearAndSelect(table.getItems().indexOf(w));
              table.scrollTo(w);
              choose(w);
            });
  }

  private void show() {
    if (!overlay().isOpen(this)) {
      return;
    }
    String at = chosen == null ? "" : chosen.id();
    table.rows(woods().all());
    select(woods().find(at).isPresent() ? at : woods().all().get(0).id());
  }

  private void choose(Species wood) {
    boolean another = chosen == null || !chosen.id().equals(wood.id());
    chosen = wood;
    if (another || !name().isFocused()) {
      name().setText(wood.name());
      wrong().setText("");
    }
    known.setText(
        (wood.machines().isEmpty() ? "" : say("Machining: {machines}. ", wood.machines()))
            + (wood.dust().isEmpty() ? "" : say("Dust: {dust}.", wood.dust())));
    away.setText(Woods.isOwnId(wood.id()) ? say("Remove") : say("Reset to default"));
    away.setDisable(!woods().isOwn(wood.id()));
    numbers.forEach(another ? EntryField::another : EntryField::show);
  }

  private Optional<String> change(String what, UnaryOperator<Species> change) {
    String id = chosen.id();
    return edit(what, woods -> woods.with(change.apply(woods.get(id))));
  }

  private Optional<String> edit(String what, UnaryOperator<Woods> change) {
    Optional<String> refusal =
        session.editShop(what, what, s -> s.withWoods(change.apply(s.woods())));
    session.history().settle();
    return refusal;
  }

  @Override
  void rename() {
    String next = name().getText().strip();
    if (chosen != null && !next.equals(chosen.name())) {
      wrong().setText(change(say("name of a wood"), w -> w.called(w.id(), next)).orElse(""));
    }
  }

  private void another() {
    Species next = woods().another(chosen);
    edit(say("copy of {chosen}", chosen.name()), w -> w.with(next));
    select(next.id());
    name().requestFocus();
    name().selectAll();
  }

  private void away() {
    String id = chosen.id();
    wrong()
        .setText(
            session
                .editShop(
                    say("{chosen} as before", chosen.name()),
                    "woods",
                    s -> s.withoutWood(id, partsOf(id)))
                .orElse(""));
    session.history().settle();
  }

  private List<String> partsOf(String wood) {
    return session.plan().get().partsOf(wood).stream().map(Words::say).toList();
  }
}

package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.count;
import static roughcut.desktop.words.Words.say;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import roughcut.design.ShelfGroup;
import roughcut.desktop.control.EntryField;
import roughcut.desktop.control.NumberTable;
import roughcut.desktop.control.ScrollBox;
import roughcut.desktop.session.RelativeDay;
import roughcut.desktop.session.Session;
import roughcut.desktop.words.Words;
import roughcut.measure.NumberWriter;
import roughcut.measure.Pitch;
import roughcut.measure.Quantity;
import roughcut.shop.Shelf;
import roughcut.shop.ShelfItem;
import roughcut.shop.StringSet;

/** The shop's shelves: what stands there, with its sizes as listed and as measured. */
final class ShelvesCard extends ListCard {
  /** One thing on a shelf. */
  private record Row(ShelfItem piece, StringSet set) {
    String name() {
      return piece != null ? piece.name() : set.name();
    }

    String what() {
      return piece != null ? say(ShelfGroup.called(piece.group())) : say("string set");
    }

    String measured(LocalDate today) {
      if (piece == null) {
        return count(set.strings().size(), "{n} string", "{n} strings");
      }
      int count = piece.measured().size();
      return count == 0
          ? say("as listed")
          : count(
              count,
              "{n} size measured, {day}",
              "{n} sizes measured, {day}",
              RelativeDay.days(piece.on(), today));
    }
  }

  private final Session session;
  private final NumberTable<Row> table =
      new NumberTable<>("shelves.table", say("Inventory"), this::choose);
  private final VBox sizes = new VBox(4);
  private final Button copy = button("shelves.copy", say("Duplicate"));
  private final Button remove = button("shelves.remove", say("Remove"));
  private Row chosen;

  ShelvesCard(Overlay overlay, Session session) {
    super(overlay, "shelves", say("Inventory"));
    this.session = session;
    table.words(say("name"), Row::name);
    table.words(say("what"), Row::what);
    table.words(say("sizes"), r -> r.measured(session.now().today()));
    table.setPlaceholder(
        note(
            say(
                "Nothing here yet. “Add to inventory” is beside rods, tuners, bridges, strings "
                    + "and every fitting.")));
    name().setAccessibleText(say("Name"));
    copy.setOnAction(e -> copy());
    remove.setOnAction(e -> remove());
    fill(
        table,
        note(say("Listed sizes, with the measured sizes of the part in hand below.")),
        ScrollBox.of(sizes),
        new HBox(10, copy, remove));
    session.shop().addListener((p, was, is) -> show());
  }

  /** Opens with everything that stands there. */
  void open() {
    session.enterTyped();
    chosen = null;
    overlay().open(this, Pos.CENTER, table);
    show();
    if (!table.getItems().isEmpty()) {
      table.getSelectionModel().selectFirst();
    }
  }

  private List<Row> rows() {
    List<Row> all = new ArrayList<>();
    Shelf shelf = session.shop().get().shelf();
    shelf.pieces().forEach(p -> all.add(new Row(p, null)));
    shelf.strings().forEach(s -> all.add(new Row(null, s)));
    return all;
  }

  private void show() {
    if (!overlay().isOpen(this)) {
      return;
    }
    List<Row> all = rows();
    int at = table.getSelectionModel().getSelectedIndex();
    table.rows(all);
    choose(all.isEmpty() ? null : all.get(Math.max(0, Math.min(at, all.size() - 1))));
  }

  private void choose(Row row) {
    boolean another = chosen == null || row == null || !chosen.name().equals(row.name());
    chosen = row;
    name().setDisable(row == null);
    copy.setDisable(row == null);
    remove.setDisable(row == null);
    if (!name().isFocused()) {
      name().setText(row == null ? "" : row.name());
    }
    if (another || row.set() != null) {
      sizes.getChildren().clear();
      wrong().setText("");
      if (row != null && row.piece() != null) {
        ShelfGroup.sizes(row.piece().group()).forEach(this::size);
      } else if (row != null) {
        row.set().strings().forEach(s -> string(s.gauge(), s.wound(), s.pitch()));
      }
    } else {
      sizes.getChildren().stream()
          .filter(EntryField.class::isInstance)
          .forEach(f -> ((EntryField) f).show());
    }
  }

  private void string(double gauge, boolean wound, double pitch) {
    sizes
        .getChildren()
        .add(
            new Label(
                say(
                    wound ? "{gauge}, wound · {pitch}" : "{gauge} · {pitch}",
                    NumberWriter.text(gauge, Quantity.FINE_LENGTH, session.units().get()),
                    Pitch.name(pitch))));
  }

  private void size(ShelfGroup.Size size) {
    sizes
        .getChildren()
        .addAll(
            new EntryField(
                "shelves." + size.key(),
                size.label().in(session.units().get()),
                size.quantity(),
                false,
                session,
                () -> known(chosen.piece().listed().get(size.key())),
                v -> piece(p -> p.listed(size.key(), v.getAsDouble()))),
            new EntryField(
                "shelves." + size.key() + ".measured",
                "    " + say("measured"),
                size.quantity(),
                true,
                session,
                () -> known(chosen.piece().measured().get(size.key())),
                v -> piece(p -> p.measured(size.key(), v, session.now().today()))));
  }

  private static OptionalDouble known(Double size) {
    return size == null ? OptionalDouble.empty() : OptionalDouble.of(size);
  }

  private Optional<String> piece(UnaryOperator<ShelfItem> change) {
    ShelfItem was = chosen.piece();
    try {
      ShelfItem is = change.apply(was);
      chosen = new Row(is, null);
      return shelf(say("{was} in the inventory", was.name()), s -> s.changed(was, is));
    } catch (IllegalArgumentException e) {
      return Optional.of(Words.why(e));
    }
  }

  private Optional<String> shelf(String what, UnaryOperator<Shelf> change) {
    Optional<String> refusal =
        session.editShop(what, what, s -> s.withShelf(change.apply(s.shelf())));
    session.history().settle();
    return refusal;
  }

  @Override
  void rename() {
    String next = name().getText().strip();
    if (chosen == null || next.equals(chosen.name())) {
      return;
    }
    Row row = chosen;
    wrong()
        .setText(
            shelf(
                    say("name in the inventory"),
                    s ->
                        row.piece() != null
                            ? s.changed(row.piece(), row.piece().withName(next))
                            : s.changed(row.set(), row.set().withName(next)))
                .orElse(""));
  }

  private void copy() {
    Row row = chosen;
    String next = free(row.name());
    shelf(
        say("another like {row}", row.name()),
        s ->
            row.piece() != null
                ? s.with(row.piece().withName(next))
                : s.with(row.set().withName(next)));
  }

  private String free(String like) {
    String base = like.substring(0, Math.min(like.length(), Shelf.LONGEST_NAME - 4));
    List<String> taken = rows().stream().map(Row::name).toList();
    int number = 2;
    while (taken.contains(base + " " + number)) {
      number++;
    }
    return base + " " + number;
  }

  private void remove() {
    Row row = chosen;
    shelf(
        say("{row} from the inventory", row.name()),
        s -> row.piece() != null ? s.without(row.piece()) : s.without(row.set()));
  }
}

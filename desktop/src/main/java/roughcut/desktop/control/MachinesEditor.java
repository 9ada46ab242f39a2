package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import roughcut.desktop.session.Session;
import roughcut.measure.Quantity;
import roughcut.shop.Cutter;
import roughcut.shop.Planer;
import roughcut.shop.Saw;
import roughcut.shop.Shop;

/** The shop's saws and planer with what they take and what they can't. */
public final class MachinesEditor extends VBox {
  private final Session session;
  private final PickField<Integer> which;
  private final List<EntryField> numbers = new ArrayList<>();
  private final PickField<Cutter.Condition> blade =
      new PickField<>("machine.saw.blade", say("Blade"), Cutter.Condition::word, this::blade);
  private int index;

  public MachinesEditor(Session session) {
    super(4);
    this.session = session;
    which =
        new PickField<>(
            "machine.saw",
            say("Saw"),
            i -> i < saws().size() ? saws().get(i).name() : "",
            i -> {
              index = i;
              numbers.forEach(EntryField::another);
            });
    getChildren().add(which);
    saw(
        "kerf",
        say("Kerf"),
        Saw::kerf,
        (s, v) -> with(s, v, s.allowance(), s.resawAllowance(), s.height()));
    saw(
        "allowance",
        say("Planing, each face"),
        Saw::allowance,
        (s, v) -> with(s, s.kerf(), v, s.resawAllowance(), s.height()));
    saw(
        "resaw",
        say("Resaw planing, each face"),
        Saw::resawAllowance,
        (s, v) -> with(s, s.kerf(), s.allowance(), v, s.height()));
    saw(
        "height",
        say("Maximum depth of cut"),
        Saw::height,
        (s, v) -> with(s, s.kerf(), s.allowance(), s.resawAllowance(), v));
    getChildren().add(blade);
    Label planer = new Label(say("Planer"));
    planer.getStyleClass().add("panel-heading");
    getChildren().add(planer);
    planer(
        "width",
        say("Maximum width"),
        Planer::width,
        (p, v) -> with(p, v, p.leastLength(), p.carrierBelow(), p.mostBite(), p.snipe()));
    planer(
        "length",
        say("Minimum length"),
        Planer::leastLength,
        (p, v) -> with(p, p.width(), v, p.carrierBelow(), p.mostBite(), p.snipe()));
    planer(
        "carrier",
        say("Carrier board below"),
        Planer::carrierBelow,
        (p, v) -> with(p, p.width(), p.leastLength(), v, p.mostBite(), p.snipe()));
    planer(
        "bite",
        say("Maximum pass"),
        Planer::mostBite,
        (p, v) -> with(p, p.width(), p.leastLength(), p.carrierBelow(), v, p.snipe()));
    planer(
        "snipe",
        say("Snipe at each end"),
        Planer::snipe,
        (p, v) -> with(p, p.width(), p.leastLength(), p.carrierBelow(), p.mostBite(), v));
  }

  private static Saw with(Saw s, double kerf, double allowance, double resaw, double height) {
    return new Saw(s.name(), kerf, allowance, resaw, height, s.blade());
  }

  private void blade(Cutter.Condition is) {
    session.makeShop(
        say("blade of the saw"),
        "saw.blade",
        shop -> {
          List<Saw> next = new ArrayList<>(shop.saws());
          if (index < next.size()) {
            Saw s = next.get(index);
            next.set(
                index,
                new Saw(s.name(), s.kerf(), s.allowance(), s.resawAllowance(), s.height(), is));
          }
          return shop.withSaws(next);
        });
  }

  private static Planer with(
      Planer p, double width, double length, double carrier, double bite, double snipe) {
    return new Planer(width, length, carrier, bite, snipe);
  }

  private List<Saw> saws() {
    return session.shop().get().saws();
  }

  private void saw(
      String id, String called, ToDoubleFunction<Saw> get, BiFunction<Saw, Double, Saw> set) {
    add(
        "saw." + id + ".owned",
        called,
        shop ->
            index < shop.saws().size()
                ? OptionalDouble.of(get.applyAsDouble(shop.saws().get(index)))
                : OptionalDouble.empty(),
        (shop, v) -> {
          List<Saw> next = new ArrayList<>(shop.saws());
          next.set(index, set.apply(next.get(index), v));
          return shop.withSaws(next);
        });
  }

  private void planer(
      String id,
      String called,
      ToDoubleFunction<Planer> get,
      BiFunction<Planer, Double, Planer> set) {
    add(
        "planer." + id,
        called,
        shop -> OptionalDouble.of(get.applyAsDouble(shop.planer())),
        (shop, v) -> shop.withPlaner(set.apply(shop.planer(), v)));
  }

  private void add(
      String id,
      String called,
      Function<Shop, OptionalDouble> get,
      BiFunction<Shop, Double, Shop> set) {
    EntryField field =
        new EntryField(
            id,
            called,
            Quantity.LENGTH,
            false,
            session,
            () -> get.apply(session.shop().get()),
            v ->
                session.editShop(
                    called.toLowerCase(java.util.Locale.ROOT),
                    id,
                    shop -> set.apply(shop, v.getAsDouble())));
    numbers.add(field);
    getChildren().add(field);
  }

  public void show() {
    List<Integer> all = new ArrayList<>();
    for (int i = 0; i < saws().size(); i++) {
      all.add(i);
    }
    which.show(all, Math.min(index, saws().size() - 1));
    blade.show(
        List.of(Cutter.Condition.values()),
        index < saws().size() ? saws().get(index).blade() : null);
    numbers.forEach(EntryField::show);
  }
}

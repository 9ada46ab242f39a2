package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.WeakChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import roughcut.design.Fitting;
import roughcut.design.ShelfGroup;
import roughcut.desktop.session.Session;
import roughcut.desktop.words.Words;
import roughcut.record.Build;
import roughcut.shop.Shelf;
import roughcut.shop.ShelfItem;
import roughcut.shop.Shop;
import roughcut.shop.StringSet;
import roughcut.shop.StringSetBook;
import roughcut.start.ShelfTransfer;

/**
 * What stands on the shelf for this place, taken by its name; and what is here, put there under
 * one.
 */
public final class ShelfRow extends VBox {
  /** What a shelf holds for one place. */
  private interface Place {
    List<String> names();

    Build take(Build build, String name);

    Shelf keep(Shelf shelf, Build build, String name);
  }

  private final Session session;
  private final Place place;
  private final PickField<String> names;
  private final TextField name = new TextField();
  private final Button put = new Button(say("Add to inventory …"));
  private final Label message = new Label();
  private final ChangeListener<Shop> follower = (p, was, is) -> show();

  private ShelfRow(String id, String called, Session session, Place place) {
    super(3);
    this.session = session;
    this.place = place;
    names = new PickField<>(id, called, n -> n, this::take);
    ControlNames.set(name, id + ".name");
    name.setPromptText(say("Name in the inventory"));
    name.setAccessibleText(say("Name in the inventory"));
    name.getStyleClass().add("text-entry");
    name.setOnAction(e -> keep());
    name.setOnKeyPressed(
        e -> {
          if (e.getCode() == KeyCode.ESCAPE) {
            asking(false);
            e.consume();
          }
        });
    HBox.setHgrow(name, Priority.ALWAYS);
    ControlNames.set(put, id + ".put");
    put.getStyleClass().add("text-button");
    put.setOnAction(e -> asking(true));
    ControlNames.set(message, id + ".message");
    message.getStyleClass().add("decision-message");
    message.setWrapText(true);
    getChildren().addAll(names, put, name, message);
    session.shop().addListener(new WeakChangeListener<>(follower));
    asking(false);
    show();
  }

  /** For a rod, tuners or a bridge. */
  public static ShelfRow of(ShelfGroup group, Session session) {
    return new ShelfRow(
        "shelf." + group.id(),
        say("From inventory"),
        session,
        pieces(
            group.id(),
            session,
            ShelfTransfer::take,
            (build, name) -> ShelfTransfer.keep(build, group, name, session.now().today())));
  }

  /** For something fitted into the body. */
  static ShelfRow of(Supplier<Fitting> fitting, String type, Session session) {
    return new ShelfRow(
        "shelf.fitting",
        say("From inventory"),
        session,
        pieces(
            type,
            session,
            (build, item) -> ShelfTransfer.take(build, item, fitting.get()),
            (build, name) ->
                ShelfTransfer.keep(build, fitting.get(), name, session.now().today())));
  }

  /** For a set of strings: those of the shop, and the general ones of as many strings. */
  public static ShelfRow ofStrings(Session session) {
    return new ShelfRow(
        "shelf.strings",
        say("String set"),
        session,
        new Place() {
          private List<StringSet> sets() {
            int count = session.build().get().design().strings().size();
            List<StringSet> all = new ArrayList<>(session.shop().get().shelf().strings());
            StringSetBook.all().stream()
                .filter(s -> all.stream().noneMatch(o -> o.name().equals(s.name())))
                .forEach(all::add);
            all.removeIf(s -> s.strings().size() != count);
            return all;
          }

          @Override
          public List<String> names() {
            return sets().stream().map(StringSet::name).toList();
          }

          @Override
          public Build take(Build build, String name) {
            return find(sets(), name, StringSet::name)
                .map(s -> ShelfTransfer.take(build, s))
                .orElse(build);
          }

          @Override
          public Shelf keep(Shelf shelf, Build build, String name) {
            return shelf.with(ShelfTransfer.keep(build, name));
          }
        });
  }

  private interface Taking {
    Build take(Build build, ShelfItem item);
  }

  private interface Keeping {
    ShelfItem keep(Build build, String name);
  }

  private static Place pieces(String group, Session session, Taking taking, Keeping keeping) {
    return new Place() {
      private List<ShelfItem> pieces() {
        return session.shop().get().shelf().of(group);
      }

      @Override
      public List<String> names() {
        return pieces().stream().map(ShelfItem::name).toList();
      }

      @Override
      public Build take(Build build, String name) {
        return find(pieces(), name, ShelfItem::name).map(p -> taking.take(build, p)).orElse(build);
      }

      @Override
      public Shelf keep(Shelf shelf, Build build, String name) {
        return shelf.with(keeping.keep(build, name));
      }
    };
  }

  private static <T> Optional<T> find(List<T> all, String name, Function<T, String> called) {
    return all.stream().filter(t -> called.apply(t).equals(name)).findFirst();
  }

  private void asking(boolean on) {
    name.setVisible(on);
    name.setManaged(on);
    put.setVisible(!on);
    put.setManaged(!on);
    tell("");
    if (on) {
      name.clear();
      name.requestFocus();
    }
  }

  private void tell(String words) {
    message.setText(words);
    message.setVisible(!words.isEmpty());
    message.setManaged(!words.isEmpty());
  }

  private void show() {
    List<String> all = place.names();
    names.show(all, null);
    names.setVisible(!all.isEmpty());
    names.setManaged(!all.isEmpty());
  }

  private void take(String chosen) {
    session.make(say("“{chosen}” from the inventory", chosen), "shelf", b -> place.take(b, chosen));
    session.history().settle();
  }

  private void keep() {
    try {
      String called = name.getText();
      Build build = session.build().get();
      Optional<String> refusal =
          session.editShop(
              say("“{called}” to the inventory", called.strip()),
              "shelf",
              s -> s.withShelf(place.keep(s.shelf(), build, called)));
      session.history().settle();
      if (refusal.isPresent()) {
        tell(refusal.get());
      } else {
        asking(false);
      }
    } catch (IllegalArgumentException e) {
      tell(Words.why(e, session.units().get()));
    }
  }
}

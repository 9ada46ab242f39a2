package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.ToDoubleFunction;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import roughcut.design.SmallPart;
import roughcut.desktop.session.Session;
import roughcut.measure.Quantity;
import roughcut.shop.Species;
import roughcut.shop.Woods;

/** What offcuts are kept for: covers, plugs, knobs, each with its wood and size. */
public final class SmallPartsEditor extends VBox {
  private final Session session;
  private final PickField<Integer> which;
  private final TextField name = new TextField();
  private final PickField<Species> species;
  private final List<EntryField> numbers = new ArrayList<>();
  private final VBox one = new VBox(4);
  private final Label message = new Label();
  private int index;
  private boolean showing;

  public SmallPartsEditor(Session session) {
    super(4);
    this.session = session;
    Label heading = new Label(say("Keep offcuts for"));
    heading.getStyleClass().add("panel-heading");
    which =
        new PickField<>(
            "small.which",
            say("Small part"),
            i -> i < parts().size() ? parts().get(i).name() : "",
            i -> {
              index = i;
              show(true);
            });
    ControlNames.set(name, "small.name");
    name.getStyleClass().add("text-entry");
    name.setAccessibleText(say("Name of the small part"));
    name.textProperty()
        .addListener(
            (p, was, is) -> {
              if (!showing) {
                tell(
                    change(
                        say("name of a small part"),
                        p1 ->
                            new SmallPart(
                                is.strip(),
                                p1.species(),
                                p1.length(),
                                p1.width(),
                                p1.thickness())));
              }
            });
    species =
        new PickField<>(
            "small.species",
            "of",
            Species::name,
            s ->
                change(
                    say("wood of a small part"),
                    p -> new SmallPart(p.name(), s.id(), p.length(), p.width(), p.thickness())));
    number(
        "small.length",
        say("Along the grain"),
        SmallPart::length,
        (p, v) -> new SmallPart(p.name(), p.species(), v, p.width(), p.thickness()));
    number(
        "small.width",
        say("Across the grain"),
        SmallPart::width,
        (p, v) -> new SmallPart(p.name(), p.species(), p.length(), v, p.thickness()));
    number(
        "small.thickness",
        say("Thickness"),
        SmallPart::thickness,
        (p, v) -> new SmallPart(p.name(), p.species(), p.length(), p.width(), v));
    one.getChildren().addAll(which, name, species);
    one.getChildren().addAll(numbers);
    message.getStyleClass().add("decision-message");
    message.setWrapText(true);
    tell(Optional.empty());
    HBox buttons =
        new HBox(
            6,
            button("small.add", say("Add small part"), this::add),
            button(
                "small.remove", say("Remove"), () -> edit(say("removing"), l -> l.remove(index))));
    getChildren().addAll(heading, one, message, buttons);
  }

  private static Button button(String id, String words, Runnable action) {
    Button button = new Button(words);
    ControlNames.set(button, id);
    button.getStyleClass().add("text-button");
    button.setOnAction(e -> action.run());
    return button;
  }

  private List<SmallPart> parts() {
    return session.build().get().design().smallParts();
  }

  private void number(
      String id,
      String called,
      ToDoubleFunction<SmallPart> get,
      BiFunction<SmallPart, Double, SmallPart> set) {
    numbers.add(
        new EntryField(
            id,
            called,
            Quantity.LENGTH,
            false,
            session,
            () ->
                index < parts().size()
                    ? OptionalDouble.of(get.applyAsDouble(parts().get(index)))
                    : OptionalDouble.empty(),
            v -> change(say("small part"), p -> set.apply(p, v.getAsDouble()))));
  }

  private Optional<String> change(String what, java.util.function.UnaryOperator<SmallPart> change) {
    int at = index;
    return edit(what, list -> list.set(at, change.apply(list.get(at))));
  }

  private Optional<String> edit(String what, Consumer<List<SmallPart>> change) {
    return session.edit(
        say("{what} of a small part", what),
        "small." + index,
        build -> {
          List<SmallPart> next = new ArrayList<>(build.design().smallParts());
          if (index < next.size() || next.isEmpty()) {
            change.accept(next);
          }
          return build.withDesign(build.design().withSmallParts(next));
        });
  }

  private void add() {
    int number = parts().size() + 1;
    String wood = session.build().get().design().neckStack().strips().get(0).species();
    while (hasName(say("part {number}", number))) {
      number++;
    }
    String fresh = say("part {number}", number);
    session.make(
        say("adding a small part"),
        "small.add",
        build -> {
          List<SmallPart> next = new ArrayList<>(build.design().smallParts());
          next.add(new SmallPart(fresh, wood, 80, 40, 5));
          return build.withDesign(build.design().withSmallParts(next));
        });
    session.history().settle();
    index = parts().size() - 1;
    show(true);
  }

  private boolean hasName(String called) {
    return parts().stream().anyMatch(p -> p.name().equals(called));
  }

  private void tell(Optional<String> refusal) {
    message.setText(refusal.orElse(""));
    message.setVisible(refusal.isPresent());
    message.setManaged(refusal.isPresent());
  }

  public void show() {
    show(false);
  }

  private void show(boolean another) {
    index = Math.max(0, Math.min(index, parts().size() - 1));
    boolean any = !parts().isEmpty();
    one.setVisible(any);
    one.setManaged(any);
    if (!any) {
      return;
    }
    showing = true;
    List<Integer> all = new ArrayList<>();
    for (int i = 0; i < parts().size(); i++) {
      all.add(i);
    }
    which.show(all, index);
    SmallPart part = parts().get(index);
    if (!name.isFocused() || another) {
      name.setText(part.name());
      tell(Optional.empty());
    }
    species.show(woods().all(), woods().get(part.species()));
    numbers.forEach(another ? EntryField::another : EntryField::show);
    showing = false;
  }

  private Woods woods() {
    return session.shop().get().woods();
  }
}

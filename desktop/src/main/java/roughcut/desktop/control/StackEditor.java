package roughcut.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import roughcut.design.PartDecisions;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.desktop.session.Session;
import roughcut.shop.Species;
import roughcut.shop.SpeciesBook;

/**
 * The strips of a blank as a list: wood, grain, thickness; from the outside in while both sides are
 * alike, otherwise from bass to treble.
 */
public final class StackEditor extends VBox {
  private static final Strip NEW_STRIP = new Strip("cherry", 6, Strip.Grain.TO_HEEL);

  private final Session session;
  private final VBox rows = new VBox(6);
  private final CheckBox mirrored = new CheckBox("both sides alike");
  private final Button add = new Button("add a strip outside");
  private final Label message = new Label();
  private Stack shown;

  public StackEditor(Session session) {
    super(8);
    this.session = session;
    setId("stack-editor");
    mirrored.setId("stack-mirrored");
    mirrored.setOnAction(
        e -> change("both sides alike", stack -> stack.withMirrored(mirrored.isSelected())));
    add.setId("stack-add");
    add.getStyleClass().add("text-button");
    add.setOnAction(e -> change("adding a strip", stack -> stack.addOutside(NEW_STRIP)));
    message.getStyleClass().add("decision-message");
    message.setWrapText(true);
    mirrored.setMinWidth(USE_PREF_SIZE);
    add.setMinWidth(USE_PREF_SIZE);
    VBox below = new VBox(2, mirrored, add);
    getChildren().addAll(rows, below, message);
    tell(Optional.empty());
    session.build().addListener((p, was, is) -> show(is.design().neckStack()));
    show(session.build().get().design().neckStack());
  }

  private void change(String name, UnaryOperator<Stack> change) {
    tell(
        session.edit(
            name,
            "neck.stack",
            build ->
                build.withDesign(
                    build.design().withNeckStack(change.apply(build.design().neckStack())))));
    session.history().settle();
  }

  private void tell(Optional<String> refusal) {
    message.setText(refusal.orElse(""));
    message.setVisible(refusal.isPresent());
    message.setManaged(refusal.isPresent());
  }

  /**
   * New rows only when strips came, went or changed their wood; a thickness being typed must keep
   * its field.
   */
  private void show(Stack stack) {
    if (shown != null && sameButThickness(shown, stack)) {
      shown = stack;
      return;
    }
    shown = stack;
    mirrored.setSelected(stack.mirrored());
    List<HBox> next = new ArrayList<>();
    int count = stack.mirrored() ? (stack.size() + 1) / 2 : stack.size();
    for (int i = 0; i < count; i++) {
      next.add(row(stack, i));
    }
    rows.getChildren().setAll(next);
  }

  private static boolean sameButThickness(Stack a, Stack b) {
    if (a.size() != b.size() || a.mirrored() != b.mirrored()) {
      return false;
    }
    for (int i = 0; i < a.size(); i++) {
      Strip x = a.strips().get(i);
      Strip y = b.strips().get(i);
      if (!x.species().equals(y.species()) || x.grain() != y.grain()) {
        return false;
      }
    }
    return true;
  }

  private HBox row(Stack stack, int index) {
    Strip strip = stack.strips().get(index);
    ComboBox<Species> wood = new ComboBox<>();
    wood.setId("neck.strip." + (index + 1) + ".species");
    wood.getStyleClass().add("choice-box");
    wood.setAccessibleText("Wood of strip " + (index + 1));
    wood.getItems().setAll(SpeciesBook.all());
    wood.setConverter(names());
    wood.setValue(SpeciesBook.get(strip.species()));
    wood.setPrefWidth(104);
    wood.setMinWidth(104);
    wood.valueProperty()
        .addListener(
            (p, was, is) ->
                change("wood of a strip", s -> s.change(index, one -> one.withSpecies(is.id()))));
    Button grain = new Button(strip.grain() == Strip.Grain.TO_HEEL ? "→" : "←");
    grain.getStyleClass().add("grain-button");
    grain.setAccessibleText(
        "Grain of strip "
            + (index + 1)
            + " rises "
            + (strip.grain() == Strip.Grain.TO_HEEL ? "to the heel" : "to the head"));
    Tips.on(grain, "Which way the grain rises: → to the heel, ← to the head");
    grain.setOnAction(
        e ->
            change(
                "grain of a strip",
                s ->
                    s.change(
                        index,
                        one ->
                            one.withGrain(
                                one.grain() == Strip.Grain.TO_HEEL
                                    ? Strip.Grain.TO_HEAD
                                    : Strip.Grain.TO_HEEL))));
    HBox lead = new HBox(4, wood, grain);
    lead.setAlignment(Pos.CENTER_LEFT);
    DecisionField thickness =
        new DecisionField(PartDecisions.stripThickness(index + 1), session, lead);
    Button remove = new Button("×");
    remove.getStyleClass().add("grain-button");
    remove.setAccessibleText("Remove strip " + (index + 1));
    Tips.on(remove, "Remove this strip");
    remove.setDisable(stack.size() <= (stack.mirrored() && index != stack.size() / 2 ? 2 : 1));
    remove.setOnAction(e -> change("removing a strip", s -> s.remove(index)));
    HBox row = new HBox(4, thickness, remove);
    HBox.setHgrow(thickness, Priority.ALWAYS);
    row.setAlignment(Pos.TOP_LEFT);
    row.getStyleClass().add("strip-row");
    return row;
  }

  private static StringConverter<Species> names() {
    return new StringConverter<>() {
      @Override
      public String toString(Species species) {
        return species == null ? "" : species.name();
      }

      @Override
      public Species fromString(String text) {
        throw new UnsupportedOperationException("not editable");
      }
    };
  }
}

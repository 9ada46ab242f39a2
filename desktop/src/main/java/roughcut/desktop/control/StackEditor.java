package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import roughcut.design.Design;
import roughcut.design.NumberDecision;
import roughcut.design.PartDecisions;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.desktop.session.Session;
import roughcut.shop.Species;
import roughcut.shop.Woods;

/**
 * The strips of a blank as a list: wood, grain, thickness, and behind a button taper and bow; from
 * the outside in while both sides are alike, otherwise from bass to treble. Alt with the arrow keys
 * moves a strip in the stack.
 */
public final class StackEditor extends VBox {
  private static final Strip NEW_STRIP = new Strip("cherry", 6, Strip.Grain.TO_HEEL);

  /** Which stack of a design is edited. */
  public enum Which {
    NECK("neck.strip."),
    BODY("body.strip.");

    private final String prefix;

    Which(String prefix) {
      this.prefix = prefix;
    }

    Stack of(Design design) {
      return this == NECK ? design.neckStack() : design.bodyStack();
    }

    Design with(Design design, Stack stack) {
      return this == NECK ? design.withNeckStack(stack) : design.withBodyStack(stack);
    }

    NumberDecision thickness(int number) {
      return this == NECK
          ? PartDecisions.stripThickness(number)
          : PartDecisions.bodyStripThickness(number);
    }
  }

  /** So wide that the longest common names stand whole, px. */
  private static final double WOOD = 104;

  private final Session session;
  private final Which which;
  private final Set<Integer> opened = new HashSet<>();
  private final VBox rows = new VBox(6);
  private final CheckBox mirrored = new CheckBox(say("Symmetrical"));
  private final Button add = new Button(say("Add outer strip"));
  private final Label message = new Label();
  private Stack shown;

  public StackEditor(Session session, Which which) {
    super(8);
    this.session = session;
    this.which = which;
    ControlNames.set(this, which == Which.NECK ? "stack-editor" : "body-stack-editor");
    ControlNames.set(mirrored, "stack-mirrored");
    mirrored.setOnAction(
        e -> change(say("symmetrical strips"), stack -> stack.withMirrored(mirrored.isSelected())));
    ControlNames.set(add, "stack-add");
    add.getStyleClass().add("text-button");
    add.setOnAction(e -> change(say("adding a strip"), stack -> stack.addOutside(NEW_STRIP)));
    message.getStyleClass().add("decision-message");
    message.setWrapText(true);
    mirrored.setMinWidth(USE_PREF_SIZE);
    add.setMinWidth(USE_PREF_SIZE);
    VBox below = new VBox(2, mirrored, add);
    getChildren().addAll(rows, below, message);
    tell(Optional.empty());
    session.build().addListener((p, was, is) -> show(which.of(is.design())));
    session.onWoods(
        () -> {
          shown = null;
          show(which.of(session.build().get().design()));
        });
    show(which.of(session.build().get().design()));
  }

  private void change(String name, UnaryOperator<Stack> change) {
    tell(
        session.edit(
            name,
            which.prefix + "stack",
            build ->
                build.withDesign(
                    which.with(build.design(), change.apply(which.of(build.design()))))));
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
    List<VBox> next = new ArrayList<>();
    int count = count(stack);
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

  private VBox row(Stack stack, int index) {
    Strip strip = stack.strips().get(index);
    ComboBox<Species> wood = new ComboBox<>();
    ControlNames.set(wood, which.prefix + (index + 1) + ".species");
    wood.getStyleClass().add("choice-box");
    wood.setAccessibleText(say("Wood of strip {index}", (index + 1)));
    wood.getItems().setAll(woods().all());
    wood.setConverter(names());
    SearchAsYouType.on(wood);
    wood.setValue(woods().get(strip.species()));
    wood.setPrefWidth(WOOD);
    wood.setMinWidth(WOOD);
    wood.valueProperty()
        .addListener(
            (p, was, is) ->
                change(
                    say("wood of a strip"), s -> s.change(index, one -> one.withSpecies(is.id()))));
    Button grain = new Button(strip.grain() == Strip.Grain.TO_HEEL ? "→" : "←");
    grain.getStyleClass().add("grain-button");
    grain.setAccessibleText(
        strip.grain() == Strip.Grain.TO_HEEL
            ? say("Grain of strip {number} rises towards the heel", index + 1)
            : say("Grain of strip {number} rises towards the headstock", index + 1));
    LazyTooltip.on(
        grain, say("Grain direction: → rises towards the heel, ← towards the headstock"));
    grain.setOnAction(
        e ->
            change(
                say("grain of a strip"),
                s -> s.change(index, one -> one.withGrain(one.grain().other()))));
    HBox lead = new HBox(1, wood, grain);
    lead.setAlignment(Pos.CENTER_LEFT);
    DecisionField thickness = new DecisionField(which.thickness(index + 1), session, lead);
    Button remove = new Button("×");
    remove.getStyleClass().add("grain-button");
    remove.setAccessibleText(say("Remove strip {index}", (index + 1)));
    LazyTooltip.on(remove, say("Remove this strip"));
    remove.setDisable(stack.size() <= (stack.mirrored() && index != stack.size() / 2 ? 2 : 1));
    remove.setOnAction(e -> change(say("removing a strip"), s -> s.remove(index)));
    HBox line = new HBox(2, thickness);
    HBox.setHgrow(thickness, Priority.ALWAYS);
    line.setAlignment(Pos.TOP_LEFT);
    line.getStyleClass().add("strip-row");
    VBox row = new VBox(3, line);
    if (which == Which.NECK) {
      shape(stack, index, line, row);
    }
    line.getChildren().add(remove);
    row.addEventFilter(
        KeyEvent.KEY_PRESSED,
        e -> {
          if (e.isAltDown() && (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN)) {
            int to = index + (e.getCode() == KeyCode.UP ? -1 : 1);
            if (to >= 0 && to < count(shown)) {
              change(say("moving a strip"), s -> s.move(index, to));
              rows.getChildren().get(to).lookup(".decision-field").requestFocus();
            }
            e.consume();
          }
        });
    return row;
  }

  /** Taper and bow, opened for a strip that has one. */
  private void shape(Stack stack, int index, HBox line, VBox row) {
    Strip strip = stack.strips().get(index);
    VBox more =
        new VBox(
            3,
            new DecisionField(PartDecisions.stripHeelThickness(index + 1), session),
            new DecisionField(PartDecisions.stripBow(index + 1), session));
    more.getStyleClass().add("strip-shape");
    Button open = new Button("…");
    ControlNames.set(open, which.prefix + (index + 1) + ".shape");
    open.getStyleClass().add("grain-button");
    open.setAccessibleText(say("Taper and bow of strip {index}", (index + 1)));
    LazyTooltip.on(open, say("Taper and bow of this strip"));
    boolean shaped = strip.tapered() || strip.bow() > 0 || opened.contains(index);
    more.setVisible(shaped);
    more.setManaged(shaped);
    open.setOnAction(
        e -> {
          boolean next = !more.isVisible();
          more.setVisible(next);
          more.setManaged(next);
          if (next) {
            opened.add(index);
          } else {
            opened.remove(index);
          }
        });
    line.getChildren().add(open);
    row.getChildren().add(more);
  }

  private static int count(Stack stack) {
    return stack.mirrored() ? (stack.size() + 1) / 2 : stack.size();
  }

  /** Moves a strip as by dragging; {@code by} places towards the treble side. */
  public void move(int index, int by) {
    change(say("moving a strip"), s -> s.move(index, index + by));
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

  /**
   * Moves the keyboard to a strip's number; in a stack with both sides alike, to its mirror image.
   *
   * @return false when there is no field for it here
   */
  public boolean take(String id) {
    if (!id.matches("(neck|body)\\.strip\\.\\d+\\..*")) {
      return false;
    }
    String[] parts = id.split("\\.", 4);
    int mirror = which.of(session.build().get().design()).size() + 1 - Integer.parseInt(parts[2]);
    for (String wanted : List.of(id, parts[0] + ".strip." + mirror + "." + parts[3])) {
      for (Node field : lookupAll(".decision-field")) {
        if (ControlNames.is(field, wanted)) {
          // Taper and bow are folded away until they are wanted.
          for (Node n = field; n != this; n = n.getParent()) {
            n.setVisible(true);
            n.setManaged(true);
          }
          field.requestFocus();
          return true;
        }
      }
    }
    return false;
  }

  private Woods woods() {
    return session.shop().get().woods();
  }
}

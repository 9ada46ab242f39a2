package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import roughcut.design.BlankStep;
import roughcut.desktop.session.Session;
import roughcut.measure.Quantity;
import roughcut.shop.Species;
import roughcut.shop.Woods;

/** What is done to the stack after gluing, step by step. */
public final class StepEditor extends VBox {
  private final Session session;
  private final VBox rows = new VBox(8);
  private final Label message = new Label();
  private List<BlankStep> shown;

  public StepEditor(Session session) {
    super(6);
    this.session = session;
    Button add = new Button(say("Add step"));
    ControlNames.set(add, "step-add");
    add.getStyleClass().add("text-button");
    add.setOnAction(
        e -> change(list -> list.add(new BlankStep(BlankStep.Kind.HEEL_BLOCK, wood(), 8, 100))));
    message.getStyleClass().add("decision-message");
    message.setWrapText(true);
    tell(Optional.empty());
    getChildren().addAll(rows, add, message);
    session.build().addListener((p, was, is) -> show(is.design().neckSteps()));
    session.onWoods(
        () -> {
          shown = null;
          show(session.build().get().design().neckSteps());
        });
    show(session.build().get().design().neckSteps());
  }

  private String wood() {
    return session.build().get().design().neckStack().strips().get(0).species();
  }

  private void change(Consumer<List<BlankStep>> change) {
    tell(edit(say("step of the blank"), "neck.steps", change));
    session.history().settle();
  }

  private Optional<String> edit(String what, String key, Consumer<List<BlankStep>> change) {
    return session.edit(
        what,
        key,
        build -> {
          List<BlankStep> next = new ArrayList<>(build.design().neckSteps());
          change.accept(next);
          return build.withDesign(build.design().withNeckSteps(next));
        });
  }

  private void tell(Optional<String> refusal) {
    message.setText(refusal.orElse(""));
    message.setVisible(refusal.isPresent());
    message.setManaged(refusal.isPresent());
  }

  /** New rows only when steps came, went or changed their kind; a number being typed stays. */
  private void show(List<BlankStep> steps) {
    boolean same = shown != null && shown.size() == steps.size();
    for (int i = 0; same && i < steps.size(); i++) {
      same =
          shown.get(i).kind() == steps.get(i).kind()
              && shown.get(i).species().equals(steps.get(i).species());
    }
    shown = steps;
    if (!same) {
      List<VBox> next = new ArrayList<>();
      for (int i = 0; i < steps.size(); i++) {
        next.add(row(i, steps.get(i)));
      }
      rows.getChildren().setAll(next);
    }
    rows.lookupAll(".decision").stream()
        .filter(EntryField.class::isInstance)
        .forEach(n -> ((EntryField) n).show());
  }

  private VBox row(int index, BlankStep step) {
    String id = "neck.step." + (index + 1);
    PickField<BlankStep.Kind> kind =
        new PickField<>(
            id + ".kind",
            (index + 1) + ".",
            k -> say(k.label()),
            k ->
                change(
                    list -> {
                      BlankStep now = list.get(index);
                      list.set(
                          index, new BlankStep(k, now.species(), now.thickness(), now.length()));
                    }));
    kind.show(Arrays.asList(BlankStep.Kind.values()), step.kind());
    VBox row = new VBox(4, kind);
    boolean adds =
        switch (step.kind()) {
          case OPENED, CAPPED, WINGED, HEEL_BLOCK -> true;
          case TURNED -> false;
        };
    if (adds) {
      PickField<Species> species =
          new PickField<>(
              id + ".species",
              "of",
              Species::name,
              s ->
                  change(
                      list -> {
                        BlankStep now = list.get(index);
                        list.set(
                            index,
                            new BlankStep(now.kind(), s.id(), now.thickness(), now.length()));
                      }));
      species.show(woods().all(), woods().get(step.species()));
      row.getChildren().addAll(species, thickness(index, id, step));
      boolean atHeel =
          switch (step.kind()) {
            case WINGED, HEEL_BLOCK -> true;
            case OPENED, TURNED, CAPPED -> false;
          };
      if (atHeel) {
        row.getChildren().add(length(index, id));
      }
    }
    Button remove = new Button(say("Remove step"));
    remove.getStyleClass().add("text-button");
    remove.setOnAction(e -> change(list -> list.remove(index)));
    row.getChildren().add(new HBox(remove));
    return row;
  }

  private BlankStep now(int index) {
    return session.build().get().design().neckSteps().get(index);
  }

  private EntryField thickness(int index, String id, BlankStep step) {
    String called =
        switch (step.kind()) {
          case OPENED -> say("Centre strip (0 for none)");
          case WINGED -> say("Width of each wing");
          case TURNED, CAPPED, HEEL_BLOCK -> say("Thickness");
        };
    return new EntryField(
        id + ".thickness",
        called,
        Quantity.LENGTH,
        false,
        session,
        () -> OptionalDouble.of(now(index).thickness()),
        v ->
            edit(
                say("thickness of a step"),
                id + ".thickness",
                list ->
                    list.set(
                        index,
                        new BlankStep(
                            now(index).kind(),
                            now(index).species(),
                            v.getAsDouble(),
                            now(index).length()))));
  }

  private EntryField length(int index, String id) {
    return new EntryField(
        id + ".length",
        say("Length (0 for full length)"),
        Quantity.ROUGH_LENGTH,
        false,
        session,
        () -> OptionalDouble.of(now(index).length()),
        v ->
            edit(
                say("length of a step"),
                id + ".length",
                list ->
                    list.set(
                        index,
                        new BlankStep(
                            now(index).kind(),
                            now(index).species(),
                            now(index).thickness(),
                            v.getAsDouble()))));
  }

  private Woods woods() {
    return session.shop().get().woods();
  }
}

package roughcut.desktop.shell;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.bench.Bench;
import roughcut.bench.HoldPoint;
import roughcut.bench.Operation;
import roughcut.desktop.control.Ids;
import roughcut.desktop.control.States;
import roughcut.desktop.draw.DrawingPane;
import roughcut.desktop.session.AtBench;
import roughcut.desktop.session.Session;
import roughcut.drawing.OperationDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Sentence;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/** What the screen at the machine shows: one operation in figures that are read from two metres. */
final class MachineView extends BorderPane {
  /** So many figures stand at once. */
  static final int FIGURES = 6;

  private final Label place = new Label();
  private final Label title = new Label();
  private final Label state = new Label();
  private final FlowPane figures = new FlowPane(34, 10);
  private final DrawingPane drawing = new DrawingPane();
  private final Label hold = new Label();
  private final TextField entry = new TextField();
  private final HBox ask = new HBox(16, hold, entry);
  private final Label message = new Label();
  private final Label caution = new Label();
  private final Label clock = new Label();

  MachineView() {
    getStyleClass().add("machine");
    place.getStyleClass().add("machine-small");
    title.getStyleClass().add("machine-title");
    title.setWrapText(true);
    Ids.set(title, "machine.title");
    state.getStyleClass().add("machine-state");
    state.setWrapText(true);
    Ids.set(state, "machine.state");
    clock.getStyleClass().add("machine-small");
    Ids.set(clock, "machine.clock");
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    VBox head = new VBox(2, new HBox(place, space, clock), title, state);
    setTop(head);
    figures.setAlignment(Pos.TOP_LEFT);
    figures.setPrefWrapLength(640);
    VBox.setVgrow(drawing, Priority.ALWAYS);
    HBox.setHgrow(drawing, Priority.ALWAYS);
    figures.setMinWidth(620);
    HBox middle = new HBox(24, figures, drawing);
    VBox.setVgrow(middle, Priority.ALWAYS);
    setCenter(middle);
    hold.getStyleClass().add("machine-hold");
    hold.setWrapText(true);
    Ids.set(hold, "machine.hold");
    HBox.setHgrow(hold, Priority.ALWAYS);
    hold.setMaxWidth(Double.MAX_VALUE);
    Ids.set(entry, "machine.entry");
    entry.getStyleClass().add("machine-entry");
    entry.setPrefColumnCount(7);
    entry.setAccessibleText("what was measured, or a note");
    ask.setAlignment(Pos.CENTER_LEFT);
    message.getStyleClass().add("machine-message");
    message.setWrapText(true);
    Ids.set(message, "machine.message");
    caution.getStyleClass().add("machine-small");
    caution.setWrapText(true);
    Label keys =
        new Label(
            "→ next   ← back   D done   U not done   M measure   R again   Y yes   N no   K note   T timer"
                + "   ↓ more figures   F4 from the caliper   L lamp   Esc leave");
    keys.getStyleClass().add("machine-keys");
    keys.setWrapText(true);
    setBottom(new VBox(8, ask, message, caution, keys));
  }

  TextField entry() {
    return entry;
  }

  /** Says what was done, or what can't be. */
  void message(String words) {
    message.setText(words);
  }

  void clock(String words) {
    clock.setText(words);
  }

  /** From daylight to lamplight and back. */
  void lamp() {
    boolean lamp = !getStyleClass().contains("machine-lamp");
    getStyleClass().remove("machine-lamp");
    if (lamp) {
      getStyleClass().add("machine-lamp");
    }
  }

  /**
   * Shows the operation that is looked at.
   *
   * @param from the first figure shown, of those that don't all fit
   * @param noting whether a note is being written
   */
  void show(Session session, AtBench bench, int from, boolean noting) {
    Plan plan = session.plan().get();
    Units units = session.units().get();
    Bench.Step step = bench.step().orElse(null);
    if (step == null) {
      title.setText("Nothing to do");
      return;
    }
    Operation op = step.operation();
    List<Bench.Step> steps = bench.bench().steps();
    place.setText(
        session.build().get().name()
            + " · "
            + op.part().word()
            + " · "
            + (steps.indexOf(step) + 1)
            + " of "
            + steps.size());
    title.setText(op.title());
    state.setText(
        step.why().isEmpty()
            ? step.state().words()
            : step.state().words() + ": " + Sentence.in(step.why().get(0), units));
    state.pseudoClassStateChanged(
        States.WRONG, step.state() != Bench.State.READY && step.state() != Bench.State.DONE);
    figures(bench.bench().settings(op), from, units);
    drawing.show(OperationDrawing.of(plan, op, units));
    holds(bench, op, units, noting);
    caution.setText(String.join(" ", op.care()));
  }

  private void figures(List<Value> settings, int first, Units units) {
    int figuresFrom =
        settings.isEmpty()
            ? 0
            : first
                / FIGURES
                * FIGURES
                % Math.max(FIGURES, (settings.size() + FIGURES - 1) / FIGURES * FIGURES);
    figures.getChildren().clear();
    for (Value value :
        settings.subList(figuresFrom, Math.min(settings.size(), figuresFrom + FIGURES))) {
      Label number = new Label(NumberWriter.number(value.value(), value.quantity(), units));
      number.getStyleClass().add("machine-figure");
      Label unit = new Label(NumberWriter.sign(value.quantity(), units));
      unit.getStyleClass().add("machine-unit");
      HBox row = new HBox(6, number, unit);
      row.setAlignment(Pos.BASELINE_LEFT);
      Label what = new Label(value.label());
      what.getStyleClass().add("machine-what");
      what.setWrapText(true);
      what.setPrefWidth(290);
      figures.getChildren().add(new VBox(-4, row, what));
    }
    if (settings.size() > FIGURES) {
      Label more =
          new Label(
              (figuresFrom + 1)
                  + "–"
                  + Math.min(settings.size(), figuresFrom + FIGURES)
                  + " of "
                  + settings.size()
                  + " figures, ↓ for more");
      more.getStyleClass().add("machine-small");
      figures.getChildren().add(more);
    }
  }

  private void holds(AtBench bench, Operation op, Units units, boolean noting) {
    if (noting) {
      hold.setText("Note:");
      entry.setVisible(true);
      return;
    }
    Optional<Bench.Held> asked = bench.asked();
    entry.setVisible(asked.filter(h -> !h.hold().looked()).isPresent());
    List<Bench.Held> all = bench.bench().held(op);
    hold.setText(
        asked
            .map(h -> words(h, units))
            .orElse(
                all.isEmpty()
                    ? "Nothing has to be known first."
                    : all.size()
                        + (all.size() == 1 ? " thing" : " things")
                        + " known: "
                        + String.join(
                            "; ",
                            all.stream()
                                .map(h -> h.hold().what() + " " + h.state().word())
                                .toList())));
  }

  private static String words(Bench.Held held, Units units) {
    HoldPoint hold = held.hold();
    String again = held.state().known() ? " again" : "";
    return hold.looked()
        ? "Look" + again + ": " + hold.what() + "? Y or N – " + hold.how()
        : "Measure"
            + again
            + ": "
            + hold.what()
            + hold.nominal()
                .map(n -> ", drawn " + NumberWriter.text(n.value(), n.quantity(), units))
                .orElse("")
            + " – "
            + hold.datum()
            + ", "
            + hold.how();
  }
}

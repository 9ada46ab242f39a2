package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.count;
import static roughcut.desktop.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import roughcut.bench.Bench;
import roughcut.bench.FigurePages;
import roughcut.bench.HoldPoint;
import roughcut.bench.Operation;
import roughcut.bench.Risk;
import roughcut.bench.Verdict;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.StyleStates;
import roughcut.desktop.draw.DrawingPane;
import roughcut.desktop.draw.MarkPainter;
import roughcut.desktop.session.BenchState;
import roughcut.desktop.session.Session;
import roughcut.drawing.OperationDrawing;
import roughcut.measure.NumberWriter;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/**
 * What the screen at the machine shows: one operation in figures that are read from two metres, how
 * the whole stands, what is asked, and every key as a button that one finger can press.
 */
final class MachineView extends BorderPane {
  /** Wide enough for whole inches and a fraction in large figures. */
  private static final double ENTRY = 340;

  /** Longer figures are written smaller. */
  private static final int SHORT = 5;

  /** Under this height there is room for one row of figures, px. */
  private static final double LOW = 750;

  /** Two large figures stand side by side. */
  private static final double FIGURES = 640;

  private final Label place = new Label();
  private final Label title = new Label();
  private final Label state = new Label();
  private final Label verdict = new Label();
  private final Label page = new Label();
  private final FlowPane figures = new FlowPane(30, 12);
  private final DrawingPane drawing = new DrawingPane(MarkPainter.Words.FAR);
  private final VBox asked = new VBox(10);
  private final ListView<Bench.OperationStatus> list = new ListView<>();
  private final StackPane side = new StackPane(drawing, asked, list);
  private final Label hold = new Label();
  private final TextField entry = new TextField();
  private final Label message = new Label();
  private final Label caution = new Label();
  private final Label clock = new Label();
  private MachineKeys keys;

  /**
   * Makes it.
   *
   * @param pressed gets the key whose button was pressed
   * @param chosen gets the id of the operation that was chosen from the list
   */
  MachineView(Consumer<KeyCode> pressed, Consumer<String> chosen) {
    getStyleClass().add("machine");
    setTop(head());
    setCenter(middle(chosen));
    setBottom(foot(pressed));
  }

  private Region head() {
    place.getStyleClass().add("machine-small");
    title.getStyleClass().add("machine-title");
    ControlNames.set(title, "machine.title");
    state.getStyleClass().add("machine-state");
    ControlNames.set(state, "machine.state");
    verdict.getStyleClass().add("machine-verdict");
    ControlNames.set(verdict, "machine.verdict");
    for (Label label : List.of(title, state, verdict)) {
      label.setWrapText(true);
      label.setMinHeight(Region.USE_PREF_SIZE);
    }
    clock.getStyleClass().add("machine-clock");
    ControlNames.set(clock, "machine.clock");
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    return new VBox(2, new HBox(place, space, clock), title, state, verdict);
  }

  private Region middle(Consumer<String> chosen) {
    figures.setAlignment(Pos.TOP_LEFT);
    figures.setPrefWrapLength(FIGURES);
    page.getStyleClass().add("machine-page");
    ControlNames.set(page, "machine.page");
    VBox left = new VBox(6, page, figures);
    left.setMinWidth(FIGURES);
    left.setPrefWidth(FIGURES);
    left.setMaxWidth(FIGURES);
    asked.getStyleClass().add("machine-asked");
    list.getStyleClass().add("machine-list");
    ControlNames.set(list, "machine.list");
    list.setCellFactory(v -> new StepCell());
    list.setOnMouseClicked(e -> choose(chosen));
    list.setOnKeyPressed(
        e -> {
          if (e.getCode() == KeyCode.ENTER) {
            choose(chosen);
            e.consume();
          }
        });
    HBox.setHgrow(side, Priority.ALWAYS);
    side.setMinWidth(0);
    side.setMinHeight(0);
    HBox middle = new HBox(24, left, side);
    middle.setMinHeight(0);
    middle.getStyleClass().add("machine-middle");
    // On a low screen figures are cut off by the question below, never written over it.
    Rectangle seen = new Rectangle();
    seen.widthProperty().bind(middle.widthProperty());
    seen.heightProperty().bind(middle.heightProperty());
    middle.setClip(seen);
    look(drawing);
    return middle;
  }

  private Region foot(Consumer<KeyCode> pressed) {
    hold.getStyleClass().add("machine-hold");
    hold.setWrapText(true);
    hold.setMinHeight(Region.USE_PREF_SIZE);
    ControlNames.set(hold, "machine.hold");
    HBox.setHgrow(hold, Priority.ALWAYS);
    hold.setMaxWidth(Double.MAX_VALUE);
    ControlNames.set(entry, "machine.entry");
    entry.getStyleClass().add("machine-entry");
    entry.setMinWidth(ENTRY);
    entry.setPrefWidth(ENTRY);
    entry.setAccessibleText(say("measurement, note or reason"));
    HBox ask = new HBox(16, hold, entry);
    ask.setAlignment(Pos.CENTER_LEFT);
    ask.setMinHeight(72);
    message.getStyleClass().add("machine-message");
    message.setWrapText(true);
    message.setMinHeight(34);
    ControlNames.set(message, "machine.message");
    caution.getStyleClass().add("machine-caution");
    caution.setWrapText(true);
    caution.setMinHeight(Region.USE_PREF_SIZE); // a caution is read whole or it is none
    keys = new MachineKeys(pressed);
    VBox foot = new VBox(6, ask, message, caution, keys);
    // The keys stay in sight whatever is above them.
    foot.setMinHeight(Region.USE_PREF_SIZE);
    return foot;
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

  /** Which of drawing, what is at stake, and list is looked at. */
  private void look(Node at) {
    for (Node node : side.getChildren()) {
      node.setVisible(node == at);
    }
  }

  /** Whether an operation is being chosen from the list. */
  boolean choosing() {
    return list.isVisible();
  }

  private void choose(Consumer<String> chosen) {
    Bench.OperationStatus step = list.getSelectionModel().getSelectedItem();
    if (step != null) {
      chosen.accept(step.operation().id());
    }
  }

  /** Shows all operations, the one that is looked at selected; a key or a finger chooses. */
  void choose(BenchState bench) {
    list.getItems().setAll(bench.bench().steps());
    bench.step().ifPresent(list.getSelectionModel()::select);
    look(list);
    list.scrollTo(Math.max(0, list.getSelectionModel().getSelectedIndex() - 3));
    list.requestFocus();
  }

  /** Back from list or question to the drawing. */
  void lookAtDrawing() {
    look(drawing);
  }

  /**
   * Says what is at stake.
   *
   * @param reason whether a reason is wanted before it is done all the same
   */
  void stakes(List<Risk> risks, boolean reason, Units units) {
    List<Node> all = new ArrayList<>();
    all.add(
        line(
            reason ? say("What is at stake") : say("This can't be undone"), "machine-asked-title"));
    for (Risk risk : risks) {
      boolean last = risk.kind() == Risk.Kind.FINAL;
      if (last && reason) {
        continue;
      }
      String words = risk.text().in(units);
      all.add(
          line(last ? words : risk.kind().word().in(units) + ": " + words, "machine-asked-what"));
      if (!last) {
        all.add(line(risk.loss().in(units), "machine-asked-loss"));
      }
    }
    asked.getChildren().setAll(all);
    hold.setText(
        reason
            ? say("Why do you mark it done anyway? Type a reason and press Enter. Esc cancels.")
            : say("Mark it done with these sizes? Press D again. Esc cancels."));
    entry.setVisible(reason);
    look(asked);
  }

  private static Label line(String words, String style) {
    Label label = new Label(words);
    label.setWrapText(true);
    label.getStyleClass().add(style);
    return label;
  }

  /**
   * Shows the operation that is looked at.
   *
   * @param pageNumber which of its pages of figures
   * @param noting whether a note is being written
   */
  void show(Session session, BenchState bench, int pageNumber, boolean noting) {
    Plan plan = session.plan().get();
    Units units = session.units().get();
    Bench.OperationStatus step = bench.step().orElse(null);
    if (step == null) {
      title.setText(say("Nothing to do"));
      return;
    }
    Operation op = step.operation();
    List<Bench.OperationStatus> steps = bench.bench().steps();
    place.setText(
        say(
            "{build} · {word} · {number} of {steps}",
            session.build().get().name(),
            say(op.part().word()),
            (steps.indexOf(step) + 1),
            steps.size()));
    title.setText(op.title().in(units));
    state.setText(
        step.why().isEmpty()
            ? step.state().words().in(units)
            : step.state().words().in(units) + ": " + step.why().get(0).in(units));
    state.pseudoClassStateChanged(
        StyleStates.WRONG, step.state() != Bench.State.READY && step.state() != Bench.State.DONE);
    Verdict stands = bench.bench().verdict();
    verdict.setText(stands.sentence(op.part()).in(units));
    verdict.pseudoClassStateChanged(StyleStates.WRONG, stands.state() == Verdict.State.STOP);
    boolean low = getHeight() > 0 && getHeight() < LOW;
    figures(FigurePages.of(plan, op, units).split(low ? 2 : FigurePages.MOST), pageNumber);
    drawing.show(OperationDrawing.of(plan, op, units));
    holds(bench, op, units, noting);
    caution.setText(Text.joined(op.care(), " ").in(units));
    boolean looked = bench.asked().filter(h -> h.hold().looked()).isPresent();
    boolean measured = bench.asked().filter(h -> !h.hold().looked()).isPresent();
    keys.can(KeyCode.Y, looked);
    keys.can(KeyCode.N, looked);
    keys.can(KeyCode.M, measured);
    keys.can(KeyCode.F4, measured);
    keys.can(KeyCode.D, step.state() != Bench.State.DONE);
    keys.can(KeyCode.U, bench.last().isPresent());
  }

  private void figures(FigurePages all, int number) {
    FigurePages.Page shown = all.page(number);
    int pages = all.pages().size();
    page.setText(
        say(shown.title())
            + (pages > 1
                ? say(
                    "{part}page {page} of {pages}, ↓ for the next",
                    (shown.title().isEmpty() ? "" : " · "),
                    (Math.floorMod(number, pages) + 1),
                    pages)
                : ""));
    figures.getChildren().clear();
    for (FigurePages.Figure figure : shown.figures()) {
      Label written = new Label(figure.number());
      written.getStyleClass().add("machine-figure");
      // Whole inches and a fraction stay in one piece, whatever they take.
      written.pseudoClassStateChanged(StyleStates.LONG, figure.number().length() > SHORT);
      written.setMinWidth(Region.USE_PREF_SIZE);
      Label unit = new Label(say(figure.unit()));
      unit.setMinWidth(Region.USE_PREF_SIZE);
      unit.getStyleClass().add("machine-unit");
      HBox row = new HBox(6, written, unit);
      row.setAlignment(Pos.BASELINE_LEFT);
      Label what = new Label(say(figure.what()));
      what.getStyleClass().add("machine-what");
      what.setWrapText(true);
      VBox one = new VBox(-6, row, what);
      one.setPrefWidth((FIGURES - figures.getHgap()) / 2 - 1);
      figures.getChildren().add(one);
    }
  }

  private void holds(BenchState bench, Operation op, Units units, boolean noting) {
    if (noting) {
      hold.setText(say("Note:"));
      entry.setVisible(true);
      return;
    }
    Optional<Bench.Held> asking = bench.asked();
    entry.setVisible(asking.filter(h -> !h.hold().looked()).isPresent());
    List<Bench.Held> all = bench.bench().held(op);
    hold.setText(
        asking
            .map(h -> words(h, units))
            .orElse(
                all.isEmpty()
                    ? say("Nothing to check first.")
                    : count(
                        all.size(),
                        "{checks} check done: {which}",
                        "{checks} checks done: {which}",
                        String.join(
                            "; ",
                            all.stream()
                                .map(
                                    h ->
                                        h.hold().what().in(units)
                                            + " "
                                            + h.state().word().in(units))
                                .toList()))));
  }

  private static String words(Bench.Held held, Units units) {
    HoldPoint hold = held.hold();
    if (hold.looked()) {
      return say(
          held.state().known()
              ? "Look again: {what}? Y or N – {how}"
              : "Look: {what}? Y or N – {how}",
          hold.what().in(units),
          hold.how().in(units));
    }
    return say(
        held.state().known()
            ? "Measure again: {what}{planned} – {datum}"
            : "Measure: {what}{planned} – {datum}",
        hold.what().in(units),
        hold.nominal()
            .map(n -> say(", planned {size}", NumberWriter.text(n.value(), n.quantity(), units)))
            .orElse(""),
        hold.datum().in(units));
  }

  /** One line of the list: how it stands, and what it is. */
  private static final class StepCell extends ListCell<Bench.OperationStatus> {
    @Override
    protected void updateItem(Bench.OperationStatus step, boolean empty) {
      super.updateItem(step, empty);
      setText(
          empty || step == null
              ? null
              : say(step.operation().title()) + "  ·  " + say(step.state().words()));
    }
  }
}

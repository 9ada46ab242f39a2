package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Region;
import roughcut.bench.Caution;
import roughcut.design.BodyFace;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.PickField;
import roughcut.desktop.control.StockView;
import roughcut.desktop.session.Background;
import roughcut.desktop.session.StationContext;
import roughcut.desktop.words.Words;
import roughcut.drawing.BodyDrawing;
import roughcut.drawing.Drawing;
import roughcut.drawing.ProgramDrawing;
import roughcut.file.FileException;
import roughcut.file.ProgramFile;
import roughcut.file.SheetFolder;
import roughcut.machining.BodyPrograms;
import roughcut.machining.MachineProgram;
import roughcut.machining.SimulationFault;
import roughcut.measure.NumberWriter;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.shop.Species;

/** Programs for a CNC router: what they cut, how long, what would go wrong; writing them. */
final class ProgramsPage extends BodyViewPage {
  private static final Background MAKING = new Background("machine programs");

  private final Supplier<Path> usual;
  private final PickField<Integer> which;
  private final TextField folder = new TextField();
  private final Button save = new Button(say("Save programs"));
  private final Label result = new Label();
  private final FactTable table = new FactTable();
  private final StockView stock = new StockView();

  /** The place that was offered; another that was typed stays. */
  private String offered = "";

  /** For what programs are being made, or were: what comes for something else is let go. */
  private volatile Plan plan;

  private volatile BodyFace face;
  private Optional<BodyPrograms> made = Optional.empty();
  private int chosen;

  ProgramsPage(
      StationContext context, PagedStation station, ViewSide looking, Supplier<Path> usual) {
    super(context, station, looking);
    this.usual = usual;
    which =
        new PickField<>(
            "programs.which",
            say("Cutter"),
            i -> made.map(p -> p.programs().get(i).cutter().name()).orElse(""),
            i -> {
              chosen = i;
              context.refresh();
            });
  }

  @Override
  BodyDrawing.Shows shows() {
    return BodyDrawing.Shows.PROGRAMS;
  }

  @Override
  public Drawing drawing(Plan now, Units units) {
    return made.filter(p -> now == plan && looking.face() == face)
        .map(p -> ProgramDrawing.of(now, units, p, chosen))
        .orElseGet(() -> ProgramDrawing.bare(now, units, looking.face()));
  }

  @Override
  Panel makePanel() {
    ControlNames.set(folder, "programs.folder");
    folder.setAccessibleText(say("Folder for the programs"));
    folder.setOnAction(e -> save());
    Label where = new Label(say("Folder"));
    where.getStyleClass().add("decision-label");
    where.setLabelFor(folder);
    ControlNames.set(save, "programs.save");
    save.getStyleClass().add("main-button");
    save.setMaxWidth(Double.MAX_VALUE);
    save.setOnAction(e -> save());
    ControlNames.set(result, "programs.result");
    return begun()
        .node(which)
        .node(where)
        .node(folder)
        .node(save)
        .node(words(result))
        .heading(say("Simulated stock"))
        .node(stock)
        .node(words(new Label(say(Caution.CNC_ROUTER.words()))))
        .node(words(new Label(say(Caution.STANDING))));
  }

  private static Label words(Label label) {
    label.setWrapText(true);
    label.getStyleClass().add("panel-text");
    return label;
  }

  @Override
  Region makeBeside() {
    return beside(say("Programs, run on simulated stock"), table);
  }

  @Override
  void showBeside(Plan now, Units units) {
    super.showBeside(now, units);
    if (now != plan || looking.face() != face) {
      make(now, looking.face());
    }
    if (folder.getText().equals(offered)) {
      offered = usual.get().toString();
      folder.setText(offered);
      folder.end();
    }
    table.begin();
    made.ifPresentOrElse(p -> rows(p, units), () -> table.row(false, say("working …")));
    table.end();
    List<Integer> all = new ArrayList<>();
    made.ifPresent(
        p -> {
          for (int i = 0; i < p.programs().size(); i++) {
            all.add(i);
          }
        });
    which.show(all, all.contains(chosen) ? chosen : null);
    save.setDisable(all.isEmpty());
    stock.setVisible(all.contains(chosen));
    made.filter(p -> all.contains(chosen))
        .ifPresent(p -> stock.show(p, chosen, colour(now.body().seenWood())));
  }

  private static int colour(Species wood) {
    return Integer.parseInt(wood.tint().substring(1), 16);
  }

  /** They take longer than a window may stand still. */
  private void make(Plan now, BodyFace up) {
    plan = now;
    face = up;
    made = Optional.empty();
    chosen = 0;
    // What was saved was another.
    result.setText("");
    MAKING.<Optional<BodyPrograms>>work(
        () ->
            now == plan && up == face
                ? Optional.of(BodyPrograms.of(now, up, Optional.empty()))
                : Optional.empty(),
        done -> {
          if (now == plan && up == face && done.isPresent()) {
            made = done;
            context.refresh();
          }
        });
  }

  private void rows(BodyPrograms programs, Units units) {
    for (int i = 0; i < programs.programs().size(); i++) {
      MachineProgram program = programs.programs().get(i);
      table.row(
          i == chosen,
          program.cutter().name(),
          say(
              "{cuts}. {minutes} min",
              Text.joined(program.cuts(), "; ").in(units),
              NumberWriter.fixed(program.report().seconds() / 60, 1)));
      for (SimulationFault fault : program.report().faults()) {
        table.row(false, say("line {line}", fault.line()), fault.words().in(units));
      }
      if (program.report().faults().isEmpty()) {
        table.row(false, "", say("runs on simulated stock without a fault"));
      }
    }
    if (programs.programs().isEmpty()) {
      table.row(false, say("nothing"), say("No rout with a level floor is cut from this face."));
    }
    programs
        .leftByReason()
        .forEach(
            (why, what) ->
                table.row(
                    false,
                    say("by hand"),
                    say("{what}. {why}", Text.joined(what, "; ").in(units), why.in(units))));
    table.row(false, say("set up"), programs.setting().in(units));
  }

  private void save() {
    context.follow();
    if (made.isEmpty() || plan != context.session().plan().get()) {
      return;
    }
    try {
      Path to = SheetFolder.read(folder.getText(), Path.of(System.getProperty("user.home")));
      SheetFolder.check(to);
      List<String> names = new ArrayList<>();
      for (MachineProgram program : made.get().programs()) {
        ProgramFile.write(to.resolve(program.file()), program.text());
        names.add(program.file());
      }
      boolean stops = made.get().programs().stream().anyMatch(p -> p.report().stops());
      result.setText(
          stops
              ? say(
                  "Saved to {to}: {names}. They would go wrong as they are: see the list.",
                  to,
                  String.join(", ", names))
              : say("Saved to {to}: {names}.", to, String.join(", ", names)));
    } catch (FileException e) {
      result.setText(say("Not saved: {why}.", Words.why(e)));
    }
  }

  @Override
  public String name() {
    return "Programs";
  }

  @Override
  public String about() {
    return say(
        "Programs for a CNC router, one for each cutter. Each is run on simulated stock first.");
  }
}

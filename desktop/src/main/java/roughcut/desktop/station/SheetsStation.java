package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.concurrent.Task;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.LazyTooltip;
import roughcut.desktop.control.PickField;
import roughcut.desktop.session.StationContext;
import roughcut.desktop.words.Words;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.drawing.Role;
import roughcut.drawing.Shading;
import roughcut.drawing.Sheet;
import roughcut.file.Exports;
import roughcut.file.FileException;
import roughcut.file.PageSetup;
import roughcut.file.Paper;
import roughcut.file.SheetFolder;
import roughcut.file.Tiling;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** The full-size sheets: how they fall on paper, and writing them out. */
public final class SheetsStation extends KnifelessStation {
  private final StationContext context;
  private final VBox column = new VBox(10);
  private final Region lower = new Region();
  private final PickField<Sheet> which;
  private final PickField<Paper> papers;
  private final ObjectProperty<Paper> paper = new SimpleObjectProperty<>(Paper.A4);
  private final PickField<Shading> shadings;
  private final ObjectProperty<Shading> shading = new SimpleObjectProperty<>(Shading.LINES);
  private Sheet sheet = Sheet.PLAN;
  private final Label pages = new Label();
  private final Label result = new Label();
  private final TextField folder = new TextField();
  private final Button one = new Button(say("Save as PDF"));
  private final Button all = new Button(say("Save all sheets"));
  private final Supplier<Path> usual;

  /** The place that was offered; another that was typed stays. */
  private String offered = "";

  private boolean writing;

  /** What was written last, and whether it is one file. */
  private List<Path> saved = List.of();

  private final BooleanProperty single = new SimpleBooleanProperty();
  private final HBox opening = new HBox(12);

  /**
   * Makes the station.
   *
   * @param usual where sheets go unless the maker says otherwise
   */
  public SheetsStation(StationContext context, Supplier<Path> usual) {
    this.context = context;
    this.usual = usual;
    column.getStyleClass().addAll("panel-column", "panel");
    Label heading = new Label(say("Full-size sheets"));
    heading.getStyleClass().add("panel-heading");
    which =
        new PickField<>(
            "sheet",
            say("Sheet"),
            s -> s.title().in(context.session().units().get()),
            chosen -> {
              sheet = chosen;
              context.refresh();
            });
    papers = new PickField<>("paper", say("Paper"), p -> say(p.label()), paper::set);
    papers.show(List.of(Paper.values()), paper.get());
    paper.addListener(
        (p, was, is) -> {
          papers.show(List.of(Paper.values()), is);
          context.refresh();
        });
    shadings = new PickField<>("shading", say("Wood"), s -> say(s.words()), shading::set);
    shadings.show(List.of(Shading.values()), shading.get());
    shading.addListener(
        (p, was, is) -> {
          shadings.show(List.of(Shading.values()), is);
          context.refresh();
        });
    pages.setWrapText(true);
    pages.getStyleClass().add("panel-text");
    Label where = new Label(say("Folder"));
    where.getStyleClass().add("decision-label");
    where.setLabelFor(folder);
    ControlNames.set(folder, "sheets.folder");
    folder.setAccessibleText(say("Folder for the sheets"));
    folder.textProperty().addListener((p, was, is) -> LazyTooltip.on(folder, is));
    folder.setOnAction(e -> write(sheet));
    Button other = new Button(say("Change folder …"));
    other.getStyleClass().add("text-button");
    other.setOnAction(e -> choose());
    Button print = new Button(say("Print …"));
    ControlNames.set(print, "sheets.print");
    print.getStyleClass().add("main-button");
    print.setMaxWidth(Double.MAX_VALUE);
    print.setOnAction(e -> context.print());
    Button openFolder =
        link("sheets.open-folder", say("Open folder"), () -> saved.get(0).getParent());
    Button openFile = link("sheets.open-file", say("Open PDF"), () -> saved.get(0));
    openFile.visibleProperty().bind(single);
    opening.getChildren().addAll(openFolder, openFile);
    opening.setVisible(false);
    ControlNames.set(one, "export.one");
    one.setMaxWidth(Double.MAX_VALUE);
    one.setOnAction(e -> write(sheet));
    ControlNames.set(all, "export");
    all.setMaxWidth(Double.MAX_VALUE);
    all.setOnAction(e -> write(null));
    result.setWrapText(true);
    ControlNames.set(result, "export-result");
    result.getStyleClass().add("panel-text");
    Label what =
        new Label(
            say(
                "Saves every sheet as a PDF for this paper with a page map, and in "
                    + "millimetres: frets.csv, fretboard.csv, and all shapes as SVG and DXF."));
    what.setWrapText(true);
    what.getStyleClass().add("panel-text");
    column
        .getChildren()
        .addAll(
            heading, which, papers, shadings, pages, print, where, folder, other, one, all, what,
            result, opening);
    lower.setManaged(false);
    lower.setVisible(false);
  }

  private Button link(String id, String words, Supplier<Path> what) {
    Button button = new Button(words);
    ControlNames.set(button, id);
    button.getStyleClass().add("text-button");
    button.setOnAction(e -> context.computer().show(what.get()));
    return button;
  }

  /** Saves the sheet that is shown as a PDF. */
  public void save() {
    write(sheet);
  }

  /** The paper that sheets fall on. */
  public void paper(Paper next) {
    paper.set(next);
  }

  public ReadOnlyObjectProperty<Paper> paper() {
    return paper;
  }

  /** How wood is shown on sheets. */
  public void shading(Shading next) {
    shading.set(next);
  }

  public ReadOnlyObjectProperty<Shading> shading() {
    return shading;
  }

  /** How sheets are put on paper, as it is chosen now. */
  public PageSetup setup() {
    return new PageSetup(paper.get(), shading.get(), context.session().units().get());
  }

  /** The sheet that is shown. */
  public Sheet sheet() {
    return sheet;
  }

  @Override
  public String about() {
    return say(
        "Full-size drawings for your paper. Choose a sheet, then print it or save it as a PDF.");
  }

  @Override
  public StationId id() {
    return StationId.SHEETS;
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    Drawing drawn = setup().drawing(sheet, plan);
    List<Mark> marks = new ArrayList<>(drawn.marks());
    for (Tiling.Tile tile : Tiling.of(drawn, paper.get()).tiles()) {
      marks.add(
          new Mark.Stroke(
              Role.MEASURED,
              Outline.rectangle(
                      tile.shows().left(),
                      tile.shows().low(),
                      tile.shows().right(),
                      tile.shows().high())
                  .corners(),
              true));
      marks.add(
          new Mark.Text(
              Role.MEASURED,
              new Point(tile.shows().left() + 17, tile.shows().low() + 18),
              tile.name(),
              Mark.Anchor.START,
              Mark.Size.SHEET,
              0,
              null));
    }
    return new Drawing(drawn.title(), marks, Tiling.of(drawn, paper.get()).covered().expanded(8));
  }

  @Override
  public Node panel() {
    return column;
  }

  @Override
  public Node lower() {
    return lower;
  }

  @Override
  public void show(Plan plan, Units units, double knife) {
    which.show(List.of(Sheet.values()), sheet);
    if (folder.getText().equals(offered)) {
      offered = usual.get().toString();
      into(offered);
    }
    Drawing drawn = setup().drawing(sheet, plan);
    Tiling tiling = Tiling.of(drawn, paper.get());
    pages.setText(tiling.words().in(units));
  }

  @Override
  public boolean hasFrets() {
    return sheet == Sheet.PLAN;
  }

  private void choose() {
    DirectoryChooser chooser = new DirectoryChooser();
    chooser.setTitle(say("Folder for the sheets"));
    File chosen = chooser.showDialog(column.getScene().getWindow());
    if (chosen != null) {
      into(chosen.getPath());
    }
  }

  /** A long path is seen from its end, which tells folders apart; the tip has all of it. */
  private void into(String path) {
    if (!folder.getText().equals(path)) {
      folder.setText(path);
      folder.end();
    }
  }

  /**
   * Writes into the folder that is said.
   *
   * @param only null for all
   */
  private void write(Sheet only) {
    try {
      Path to = SheetFolder.read(folder.getText(), Path.of(System.getProperty("user.home")));
      write(only, to, words -> {});
    } catch (FileException e) {
      result.setText(say("Not saved: {why}.", Words.why(e)));
    }
  }

  /** Writes everything into that folder in the background, and says what came of it here. */
  public void exportTo(Path to, Consumer<String> then) {
    write(null, to, then);
  }

  private void write(Sheet only, Path to, Consumer<String> then) {
    context.follow();
    if (writing) {
      return;
    }
    Plan plan = context.session().plan().get();
    PageSetup chosen = setup();
    Task<List<Path>> task =
        new Task<>() {
          @Override
          protected List<Path> call() throws FileException {
            SheetFolder.check(to);
            return only == null
                ? Exports.write(plan, chosen, to)
                : Exports.write(plan, chosen, only, to);
          }
        };
    // Not disabled meanwhile: that would take the keyboard away.
    writing = true;
    opening.setVisible(false);
    result.setText(say("saving …"));
    task.setOnSucceeded(
        e -> {
          saved = task.getValue();
          single.set(saved.size() == 1);
          opening.setVisible(true);
          done(say("Saved to {to}:\n{names}", to, names(saved)), then);
        });
    task.setOnFailed(e -> done(Words.why(task.getException()), then));
    Thread thread = new Thread(task, "export");
    thread.setDaemon(true);
    thread.start();
  }

  private void done(String words, Consumer<String> then) {
    writing = false;
    result.setText(words);
    then.accept(words);
  }

  private static String names(List<Path> files) {
    return String.join(", ", files.stream().map(f -> f.getFileName().toString()).toList());
  }
}

package roughcut.desktop.station;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyProperty;
import javafx.concurrent.Task;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;
import roughcut.desktop.control.PickField;
import roughcut.desktop.session.Desk;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.drawing.Role;
import roughcut.drawing.Sheet;
import roughcut.file.Exports;
import roughcut.file.FileTrouble;
import roughcut.file.Paper;
import roughcut.file.Tiling;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Sentence;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** The full-size sheets: how they fall on paper, and writing them out. */
public final class SheetsStation extends KnifelessStation {
  private final Desk desk;
  private final VBox column = new VBox(10);
  private final Region lower = new Region();
  private final ComboBox<Paper> paper = new ComboBox<>();
  private final PickField<Sheet> which;
  private Sheet sheet = Sheet.PLAN;
  private final Label pages = new Label();
  private final Label result = new Label();
  private final Button export = new Button("Export to a folder …");

  public SheetsStation(Desk desk) {
    this.desk = desk;
    column.getStyleClass().addAll("panel-column", "panel");
    Label heading = new Label("Full-size sheets");
    heading.getStyleClass().add("panel-heading");
    which =
        new PickField<>(
            "sheet",
            "Sheet",
            Sheet::title,
            chosen -> {
              sheet = chosen;
              desk.refresh();
            });
    paper.setId("paper");
    paper.getItems().setAll(Paper.values());
    paper.setValue(Paper.A4);
    paper.getStyleClass().add("choice-box");
    paper.setAccessibleText("Paper");
    paper.setMaxWidth(Double.MAX_VALUE);
    paper.valueProperty().addListener((p, was, is) -> desk.refresh());
    pages.setWrapText(true);
    pages.getStyleClass().add("panel-text");
    export.setId("export");
    export.getStyleClass().add("main-button");
    export.setMaxWidth(Double.MAX_VALUE);
    export.setOnAction(e -> choose());
    result.setWrapText(true);
    result.setId("export-result");
    result.getStyleClass().add("panel-text");
    Label what =
        new Label(
            "Writes frets.csv, plan.svg and plan.dxf in millimetres, and every sheet as a PDF for this paper with a page map.");
    what.setWrapText(true);
    what.getStyleClass().add("panel-text");
    column.getChildren().addAll(heading, which, paper, pages, export, what, result);
    lower.setManaged(false);
    lower.setVisible(false);
  }

  /** The paper that sheets fall on. */
  public void paper(Paper next) {
    paper.setValue(next);
  }

  public ReadOnlyProperty<Paper> paper() {
    return paper.valueProperty();
  }

  @Override
  public StationId id() {
    return StationId.SHEETS;
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    Drawing drawn = sheet.of(plan, units);
    List<Mark> marks = new ArrayList<>(drawn.marks());
    for (Tiling.Tile tile : Tiling.of(drawn, paper.getValue()).tiles()) {
      marks.add(
          new Mark.Path(
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
    return new Drawing(drawn.title(), marks, Tiling.of(drawn, paper.getValue()).covered().grown(8));
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
    Drawing drawn = sheet.of(plan, units);
    Tiling tiling = Tiling.of(drawn, paper.getValue());
    pages.setText(Sentence.in(tiling.words(), units));
  }

  @Override
  public boolean hasFrets() {
    return sheet == Sheet.PLAN;
  }

  private void choose() {
    DirectoryChooser chooser = new DirectoryChooser();
    chooser.setTitle("Where to write the sheets");
    File folder = chooser.showDialog(column.getScene().getWindow());
    if (folder != null) {
      exportTo(folder.toPath(), words -> {});
    }
  }

  /** Writes everything into that folder in the background, and says what came of it here. */
  public void exportTo(Path folder, Consumer<String> then) {
    Plan plan = desk.session().plan().get();
    Units units = desk.session().units().get();
    Paper chosen = paper.getValue();
    Task<List<Path>> task =
        new Task<>() {
          @Override
          protected List<Path> call() throws FileTrouble {
            return Exports.write(plan, units, chosen, folder);
          }
        };
    export.setDisable(true);
    result.setText("writing …");
    task.setOnSucceeded(e -> done("Written to " + folder + ":\n" + names(task.getValue()), then));
    task.setOnFailed(e -> done(task.getException().getMessage(), then));
    Thread thread = new Thread(task, "export");
    thread.setDaemon(true);
    thread.start();
  }

  private void done(String words, Consumer<String> then) {
    export.setDisable(false);
    result.setText(words);
    then.accept(words);
  }

  private static String names(List<Path> files) {
    return String.join(", ", files.stream().map(f -> f.getFileName().toString()).toList());
  }
}

package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.draw.DrawingPane;
import roughcut.desktop.session.Background;
import roughcut.desktop.session.RelativeDay;
import roughcut.desktop.session.Workspace;
import roughcut.desktop.words.Words;
import roughcut.drawing.Drawing;
import roughcut.drawing.InstrumentPortrait;
import roughcut.file.BuildFile;
import roughcut.file.FileException;
import roughcut.file.ShopFile;
import roughcut.file.Versions;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Shop;
import roughcut.whatif.ChangeSummary;
import roughcut.whatif.ShopChanges;

/**
 * Earlier versions of a build or of the shop, the newest first: until when each stood, what was
 * changed then, and a small picture. One that is chosen comes back as an edit, to be undone like
 * any.
 */
final class VersionsCard extends VBox {
  private static final double PICTURE_WIDTH = 150;
  private static final double PICTURE_HEIGHT = 58;

  /** So many changes are told of each; the rest as their number. */
  private static final int TOLD = 3;

  private static final Background READING = new Background("versions");

  /** What a version is of and how it is told. */
  private interface Kind {
    /** What became of it in the next version, in words. */
    List<String> changed(Path version, Path next) throws FileException;

    Optional<Drawing> picture(Path version) throws FileException;

    void restore(Path version) throws FileException;
  }

  private record Row(Versions.Version version, Optional<Drawing> picture, String changed) {}

  private final Overlay overlay;
  private final Workspace workspace;
  private final Notice notice;
  private final Label title = new Label();
  private final ListView<Row> list = new ListView<>();
  private final Button close = new Button(say("Close"));
  private Kind kind;
  private int filling;

  VersionsCard(Overlay overlay, Workspace workspace, Notice notice) {
    super(12);
    this.overlay = overlay;
    this.workspace = workspace;
    this.notice = notice;
    ControlNames.set(this, "versions");
    getStyleClass().add("home");
    setMaxSize(860, 600);
    setPrefSize(860, 600);
    title.getStyleClass().add("home-title");
    ControlNames.set(list, "versions.list");
    list.setCellFactory(l -> new Cell());
    list.setPlaceholder(new Label(say("reading …")));
    list.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    VBox.setVgrow(list, Priority.ALWAYS);
    Label note =
        new Label(say("Press Enter to restore one. You can undo that. Nothing is deleted."));
    note.getStyleClass().add("lower-note");
    close.getStyleClass().add("text-button");
    close.setOnAction(e -> overlay.close(this));
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    HBox below = new HBox(12, note, space, close);
    below.setAlignment(Pos.CENTER_LEFT);
    getChildren().addAll(title, list, below);
  }

  /** Opens on the build's versions. */
  void openBuild() {
    workspace.session().enterTyped();
    workspace.save();
    open(say("Earlier versions of this build"), workspace.path(), new OfBuild());
  }

  /** Opens on the shop's versions. */
  void openShop() {
    workspace.session().enterTyped();
    workspace.save();
    open(
        say("Earlier versions of the shop"),
        workspace.shopFolder().resolve(ShopFile.NAME),
        new OfShop());
  }

  private void open(String words, Path file, Kind next) {
    List<Versions.Version> versions;
    try {
      versions = Versions.of(file);
    } catch (IOException e) {
      notice.show(say("The earlier versions can't be listed: {why}.", Words.why(e)));
      return;
    }
    if (versions.isEmpty()) {
      notice.show(say("No earlier versions yet. A version is kept at every save."));
      return;
    }
    kind = next;
    title.setText(words);
    list.getItems().clear();
    int mine = ++filling;
    READING.run(() -> fill(mine, next, versions, file));
    overlay.open(this, Pos.CENTER, list);
  }

  /** One after the other, so that the newest are seen while the others are still read. */
  private void fill(int mine, Kind of, List<Versions.Version> versions, Path now) {
    Path next = now;
    for (Versions.Version version : versions) {
      if (mine != filling) {
        return;
      }
      Row row = row(of, version, next);
      Platform.runLater(
          () -> {
            if (mine == filling) {
              list.getItems().add(row);
              if (list.getItems().size() == 1) {
                list.getSelectionModel().selectFirst();
              }
            }
          });
      next = version.path();
    }
  }

  private static Row row(Kind of, Versions.Version version, Path next) {
    try {
      List<String> lines = of.changed(version.path(), next);
      String told =
          lines.isEmpty()
              ? say("then nothing that is listed here")
              : say(
                  "then {value}",
                  String.join("\n", lines.subList(0, Math.min(TOLD, lines.size()))));
      int more = lines.size() - TOLD;
      return new Row(
          version,
          of.picture(version.path()),
          more > 0 ? say("{told}\nand {more} more", told, more) : told);
    } catch (FileException | RuntimeException e) {
      return new Row(version, Optional.empty(), say("can't be read: {why}", Words.why(e)));
    }
  }

  private void key(KeyEvent e) {
    Row row = list.getSelectionModel().getSelectedItem();
    if (e.getCode() == KeyCode.ENTER && row != null) {
      restore(row);
      e.consume();
    }
  }

  private void restore(Row row) {
    overlay.close(this);
    try {
      kind.restore(row.version().path());
    } catch (FileException e) {
      notice.show(say("Not restored: {why}.", Words.why(e)));
    }
  }

  private final class OfBuild implements Kind {
    private final Units units = workspace.session().units().get();
    private final Plan plan = workspace.session().kept();

    @Override
    public List<String> changed(Path version, Path next) throws FileException {
      return said(
          ChangeSummary.between(build(version), build(next), units, ChangeSummary.titles(plan)));
    }

    @Override
    public Optional<Drawing> picture(Path version) throws FileException {
      return Optional.of(InstrumentPortrait.of(Plan.of(build(version), plan.shop())));
    }

    private Build build(Path path) throws FileException {
      return BuildFile.open(path).build();
    }

    @Override
    public void restore(Path version) throws FileException {
      workspace.restore(version);
    }
  }

  private final class OfShop implements Kind {
    @Override
    public List<String> changed(Path version, Path next) throws FileException {
      Shop was = ShopFile.read(version);
      return said(ShopChanges.between(was, ShopFile.read(next)));
    }

    @Override
    public Optional<Drawing> picture(Path version) {
      return Optional.empty();
    }

    @Override
    public void restore(Path version) throws FileException {
      workspace.restoreShop(version);
    }
  }

  private final class Cell extends ListCell<Row> {
    private final DrawingPane picture = new DrawingPane();
    private final Label until = new Label();
    private final Label changed = new Label();
    private final VBox words = new VBox(3, until, changed);
    private final HBox all = new HBox(16, picture, words);

    Cell() {
      picture.setPrefSize(PICTURE_WIDTH, PICTURE_HEIGHT);
      picture.setMinSize(PICTURE_WIDTH, PICTURE_HEIGHT);
      until.getStyleClass().add("door-title");
      changed.getStyleClass().add("door-words");
      changed.setWrapText(true);
      HBox.setHgrow(words, Priority.ALWAYS);
      all.setAlignment(Pos.CENTER_LEFT);
      setPrefWidth(0);
      setOnMouseClicked(
          e -> {
            if (getItem() != null
                && e.getButton() == MouseButton.PRIMARY
                && e.getClickCount() == 2) {
              restore(getItem());
            }
          });
    }

    @Override
    protected void updateItem(Row row, boolean empty) {
      super.updateItem(row, empty);
      if (empty || row == null) {
        setGraphic(null);
        return;
      }
      until.setText(say("as of {at}", RelativeDay.at(row.version().at())));
      changed.setText(row.changed());
      picture.setVisible(row.picture().isPresent());
      picture.setManaged(row.picture().isPresent());
      row.picture().ifPresent(picture::show);
      setGraphic(all);
      setAccessibleText(until.getText() + ", " + row.changed());
    }
  }

  private List<String> said(List<Text> lines) {
    Units units = workspace.session().units().get();
    return lines.stream().map(l -> l.in(units)).toList();
  }
}

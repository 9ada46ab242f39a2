package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.session.RelativeDay;
import roughcut.desktop.words.Words;
import roughcut.file.BuildFile;
import roughcut.file.DemoFolder;
import roughcut.file.FileException;
import roughcut.file.RescueCopies;
import roughcut.file.SafeFile;
import roughcut.file.ShopFile;
import roughcut.file.Versions;

/**
 * What opens in the place of a build that can't be opened: what is wrong with which file, its
 * earlier versions, and ways on. Nothing is changed until one of them is taken.
 */
public final class TroubleWindow {
  private static final int MOST_VERSIONS = 6;
  private static final double LEAST_WIDTH = 700;
  private static final double LEAST_HEIGHT = 480;

  private final Stage stage;
  private final Path build;
  private final Path demo;
  private final VBox column = new VBox(14);

  /**
   * Makes it.
   *
   * @param build the build that can't be opened
   * @param demo the demo's first build, to go on with
   */
  public TroubleWindow(Stage stage, Path build, Path demo) {
    this.stage = stage;
    this.build = build;
    this.demo = demo;
  }

  /** Shows what is wrong. */
  public void show(FileException trouble) {
    ControlNames.set(column, "trouble");
    column.setMaxWidth(620);
    column.setMaxHeight(Region.USE_PREF_SIZE);
    column.setAlignment(Pos.CENTER_LEFT);
    column.getStyleClass().add("trouble");
    Label heading = new Label(say("This build can't be opened"));
    heading.getStyleClass().add("trouble-title");
    Label words = new Label(capital(Words.why(trouble)) + ".");
    words.setWrapText(true);
    ControlNames.set(words, "trouble.words");
    column.getChildren().setAll(heading, words);
    versions(build, say("the build"));
    ShopFile.around(build).ifPresent(f -> versions(f.resolve(ShopFile.NAME), say("its shop")));
    for (RescueCopies.Copy copy : new RescueCopies(Windows.data()).builds()) {
      way(
          say("Open the rescue copy of {file}", copy.belongs().getFileName()),
          () -> go(copy.copy()));
    }
    way(say("Open another build …"), this::choose);
    Path folder = ShopFile.around(demo).orElse(demo.toAbsolutePath().getParent().getParent());
    if (build.toAbsolutePath().startsWith(folder)) {
      way(
          say("Reset the demo; the current state stays among its versions"),
          () -> {
            DemoFolder.reset(folder, Windows.now().today());
            go(demo);
          });
    } else {
      way(say("Go to the demo"), () -> go(demo));
    }
    StackPane root = new StackPane(column);
    stage.setScene(Windows.styled(root));
    stage.setTitle(say("Rough Cut"));
    stage.setMinWidth(LEAST_WIDTH);
    stage.setMinHeight(LEAST_HEIGHT);
    stage.show();
    Windows.size(stage, Preferences.in(Windows.data())); // some window managers open at the least
    stage.centerOnScreen();
  }

  private void versions(Path file, String what) {
    try {
      List<Versions.Version> all = Versions.of(file);
      for (Versions.Version version : all.subList(0, Math.min(MOST_VERSIONS, all.size()))) {
        way(
            say("Restore {what} of {at}", what, RelativeDay.at(version.at())),
            () -> {
              // The broken one goes among the versions, so nothing is lost by trying.
              SafeFile.writeKeepingVersions(file, SafeFile.read(version.path()));
              go(build);
            });
      }
    } catch (IOException e) {
      column.getChildren().add(new Label(say("Its earlier versions can't be listed.")));
    }
  }

  private interface Way {
    void take() throws FileException;
  }

  private void way(String words, Way way) {
    Button button = new Button(words);
    button.getStyleClass().add("text-button");
    button.setOnAction(
        e -> {
          try {
            way.take();
          } catch (FileException again) {
            show(again);
          }
        });
    column.getChildren().add(button);
  }

  private void choose() throws FileException {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(say("Open a build"));
    chooser
        .getExtensionFilters()
        .add(new FileChooser.ExtensionFilter(say("Builds"), "*" + BuildFile.ENDING));
    File chosen = chooser.showOpenDialog(stage);
    if (chosen != null) {
      go(chosen.toPath());
    }
  }

  private void go(Path path) throws FileException {
    Windows.open(path, stage);
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
  }
}

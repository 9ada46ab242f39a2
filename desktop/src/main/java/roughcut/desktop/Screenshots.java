package roughcut.desktop;

import static roughcut.desktop.words.Words.say;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.session.Workspace;
import roughcut.desktop.shell.MachineWindow;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.Windows;
import roughcut.desktop.station.StationId;
import roughcut.file.DemoFolder;
import roughcut.record.CurrentTime;

/** One picture of each main view, made from the demo as it is laid out at first. */
final class Screenshots {
  /**
   * A main view.
   *
   * @param file what the picture is called
   * @param build the demo instrument that has most to say there
   * @param station its number
   * @param page the button of a page to turn to, or null
   * @param decision that is gone to, so that its cut is looked at, or null
   */
  private record View(String file, String build, StationId station, String page, String decision) {
    View(String file, String build, StationId station, String page) {
      this(file, build, station, page, null);
    }
  }

  private static final List<View> VIEWS =
      List.of(
          new View("layout", "Heron", StationId.LAYOUT, null),
          new View("stack", "Heron", StationId.BLANKS, "stack"),
          new View("boards", "Bittern", StationId.BLANKS, "boards"),
          new View("slots", "Heron", StationId.FRETBOARD, "slots"),
          new View("neck", "Heron", StationId.NECK, "side"),
          new View("head", "Heron", StationId.NECK, "head"),
          new View("channels", "Heron", StationId.NECK, "channels"),
          new View("outline", "Heron", StationId.BODY, "outline"),
          new View("pocket", "Heron", StationId.BODY, "pocket"),
          new View("cuts", "Heron", StationId.ROUTS, "cuts", "pickup.bridge.from-saddle"),
          new View("bridge", "Bittern", StationId.BRIDGE, "bridge"),
          new View("heights", "Heron", StationId.BRIDGE, "heights"),
          new View("sheets", "Heron", StationId.SHEETS, null),
          new View("drawer", "Heron", StationId.ROUTS, "drawer"),
          new View("bench", "Heron", StationId.BENCH, "order"),
          new View("days", "Dunlin", StationId.BENCH, "days"));

  /** The day that every picture is taken on, so that it only changes when its view does. */
  private static final CurrentTime DAY =
      CurrentTime.at(LocalDateTime.of(2026, 5, 4, 18, 30), ZoneId.of("Europe/London"));

  /** Cards by the command that opens them. */
  private static final Map<String, String> CARDS =
      Map.of("home", "All builds …", "new", "New instrument …");

  /** So long a window goes on between two looks whether it still tries something, ms. */
  private static final int READ = 1000;

  /** What is read without a word is there after so many looks. */
  private static final int LEAST = 4;

  /** What still is being tried after so many looks never comes. */
  private static final int LOOKS = 120;

  /** What the screen at the machine shows. */
  private static final String AT_MACHINE = "body.cut.pocket";

  /** Through pickup and pocket of the demo's bodies, mm from the nut line. */
  private static final double KNIFE_IN_BODY = 592;

  private Screenshots() {}

  static void take(Stage stage, Path folder) throws IOException {
    // What is seen of the folder's name is the same in every picture.
    Path data = Files.createTempDirectory("screenshots").resolve("workshop data");
    Path demo = data.resolve("demo");
    Windows.clock(DAY);
    DemoFolder.reset(demo, DAY.today());
    Files.createDirectories(folder);
    for (View view : VIEWS) {
      ShopWindow window =
          new ShopWindow(
              Workspace.open(DemoFolder.build(demo, view.build()), data, DAY),
              Preferences.in(data));
      Scene scene = Windows.scene(window);
      stage.setScene(scene);
      stage.show();
      window.choose(view.station());
      if (view.decision() != null) {
        window.goTo(view.decision());
      }
      if (view.page() != null) {
        window.page(view.page());
      }
      // Near the nut on the neck's stations; further along, the nearest that the knife goes.
      double at = window.workspace().session().plan().get().frets().at(3);
      window
          .surface()
          .knife(
              view.station() == StationId.BODY || view.station() == StationId.ROUTS
                  ? KNIFE_IN_BODY
                  : at);
      if (view.station() == StationId.BENCH) {
        pause(scene);
      }
      save(scene, folder.resolve(view.file() + ".png"));
    }
    cards(stage, demo, data, folder);
    machine(demo, data, folder);
  }

  private static void cards(Stage stage, Path demo, Path data, Path folder) throws IOException {
    ShopWindow window =
        new ShopWindow(
            Workspace.open(DemoFolder.build(demo, "Heron"), data, DAY), Preferences.in(data));
    Windows.dataFolder(data);
    Scene scene = Windows.scene(window);
    stage.setScene(scene);
    for (Map.Entry<String, String> card : CARDS.entrySet()) {
      window.command(card.getValue());
      pause(scene);
      save(scene, folder.resolve(card.getKey() + ".png"));
    }
  }

  /** Lets the window go on until what it reads and tries in the background is there. */
  private static void pause(Scene scene) {
    for (int look = 0; look < LEAST || look < LOOKS && trying(scene); look++) {
      Object over = new Object();
      PauseTransition pause = new PauseTransition(Duration.millis(READ));
      pause.setOnFinished(e -> Platform.exitNestedEventLoop(over, null));
      pause.play();
      Platform.enterNestedEventLoop(over);
    }
  }

  /** Whether something on it says that it is being worked out. */
  private static boolean trying(Scene scene) {
    return scene.getRoot().lookupAll(".label").stream()
        .anyMatch(
            n -> n instanceof Label label && Objects.toString(label.getText(), "").endsWith(" …"));
  }

  private static void machine(Path demo, Path data, Path folder) throws IOException {
    ShopWindow window =
        new ShopWindow(
            Workspace.open(DemoFolder.build(demo, "Heron"), data, DAY), Preferences.in(data));
    window.bench().chosen().set(AT_MACHINE);
    window.command(say(ShopWindow.MACHINE));
    MachineWindow machine = window.atMachine().orElseThrow();
    save(machine.content().getScene(), folder.resolve("machine.png"));
    machine.close();
  }

  private static void save(Scene scene, Path file) throws IOException {
    scene.getRoot().applyCss();
    scene.getRoot().layout();
    WritableImage image = scene.snapshot(null);
    int width = (int) image.getWidth();
    int height = (int) image.getHeight();
    PixelReader pixels = image.getPixelReader();
    BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        out.setRGB(x, y, pixels.getArgb(x, y));
      }
    }
    ImageIO.write(out, "png", file.toFile());
    System.out.println(file);
  }
}

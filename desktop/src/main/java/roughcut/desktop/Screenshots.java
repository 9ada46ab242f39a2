package roughcut.desktop;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import javafx.scene.Scene;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import roughcut.desktop.session.Habits;
import roughcut.desktop.session.Workspace;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.Windows;
import roughcut.file.DemoFolder;

/** One picture of each main view, made from the demo as it is laid out at first. */
final class Screenshots {
  /**
   * A main view.
   *
   * @param file what the picture is called
   * @param build the demo instrument that has most to say there
   * @param station its number
   * @param page the button of a page to turn to, or null
   */
  private record View(String file, String build, int station, String page) {}

  private static final List<View> VIEWS =
      List.of(
          new View("layout", "Heron", 0, null),
          new View("rack", "Heron", 1, "rack"),
          new View("stack", "Heron", 1, "stack"),
          new View("boards", "Bittern", 1, "boards"),
          new View("glue-up", "Bittern", 1, "glue-up"),
          new View("planer", "Heron", 1, "planer"),
          new View("body-blank", "Heron", 1, "body"),
          new View("slots", "Heron", 2, "slots"),
          new View("markers", "Bittern", 2, "markers"),
          new View("frets", "Heron", 2, "frets"),
          new View("neck", "Heron", 3, "side"),
          new View("head", "Heron", 3, "head"),
          new View("channels", "Heron", 3, "channels"),
          new View("access", "Dunlin", 3, "access"),
          new View("carving", "Heron", 3, "carving"),
          new View("strings", "Dunlin", 6, "strings"),
          new View("bridge", "Bittern", 6, "bridge"),
          new View("heights", "Heron", 6, "heights"),
          new View("sheets", "Heron", 7, null));

  private Screenshots() {}

  static void take(Stage stage, Path folder) throws IOException {
    Path data = Files.createTempDirectory("rough-cut-screenshots");
    Path demo = data.resolve("demo");
    DemoFolder.reset(demo, LocalDate.now());
    Files.createDirectories(folder);
    for (View view : VIEWS) {
      ShopWindow window =
          new ShopWindow(
              Workspace.open(DemoFolder.build(demo, view.build()), data), Habits.in(data));
      Scene scene = Windows.scene(window);
      stage.setScene(scene);
      stage.show();
      window.choose(view.station());
      if (view.page() != null) {
        window.page(view.page());
      }
      window.surface().knife(window.workspace().session().plan().get().frets().at(3));
      save(scene, folder.resolve(view.file() + ".png"));
    }
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

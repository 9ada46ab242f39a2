package roughcut.desktop;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
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
  private static final String[] VIEWS = {"layout", "blanks", "neck", "sheets"};

  private Screenshots() {}

  static void take(Stage stage, Path folder) throws IOException {
    Path data = Files.createTempDirectory("rough-cut-screenshots");
    Path demo = data.resolve("demo");
    DemoFolder.reset(demo, LocalDate.now());
    ShopWindow window =
        new ShopWindow(Workspace.open(DemoFolder.heron(demo), data), Habits.in(data));
    Scene scene = Windows.scene(window);
    stage.setScene(scene);
    stage.show();
    Files.createDirectories(folder);
    for (int i = 0; i < VIEWS.length; i++) {
      window.choose(i);
      window.surface().knife(window.workspace().session().plan().get().frets().at(3));
      save(scene, folder.resolve(VIEWS[i] + ".png"));
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

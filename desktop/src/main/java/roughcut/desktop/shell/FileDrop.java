package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import roughcut.file.BuildFile;

/**
 * Files dropped on a window: a build is opened, a table of boards read into the rack, an outline
 * taken in; anything else is said.
 */
final class FileDrop {
  private final ShopWindow window;
  private final Notice notice;

  FileDrop(ShopWindow window, Notice notice) {
    this.window = window;
    this.notice = notice;
  }

  /** Lets files be dropped there. */
  void on(Node node) {
    node.setOnDragOver(
        e -> {
          if (e.getDragboard().hasFiles()) {
            e.acceptTransferModes(TransferMode.COPY);
          }
          e.consume();
        });
    node.setOnDragDropped(this::dropped);
  }

  private void dropped(DragEvent e) {
    List<File> files = e.getDragboard().getFiles();
    e.setDropCompleted(!files.isEmpty());
    e.consume();
    files.forEach(f -> take(f.toPath()));
  }

  /** Does what one would expect of that file. */
  void take(Path file) {
    String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
    if (name.endsWith(BuildFile.ENDING)) {
      window.files().openInNewWindow(file);
    } else if (name.endsWith(".csv")) {
      window.readBoards(file);
    } else if (name.endsWith(".svg") || name.endsWith(".dxf")) {
      window.outline(file);
    } else {
      notice.show(
          say(
              "{file} can't be opened here. Drop a build, a CSV table of "
                  + "boards, or an SVG or DXF "
                  + "outline.",
              file.getFileName()));
    }
  }
}

package roughcut.desktop.session;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javax.print.PrintService;
import roughcut.file.SheetPrinter;

/** What the program asks of the computer that it runs on, beyond files. */
public interface Computer {
  /** The printers, the usual one first; asking may take a while. */
  List<PrintService> printers();

  /** Opens a file or a folder with the program that the person has for it. */
  void show(Path path);

  /**
   * This one.
   *
   * @param show opens a file or a folder
   */
  static Computer own(Consumer<Path> show) {
    return new Computer() {
      @Override
      public List<PrintService> printers() {
        return SheetPrinter.found();
      }

      @Override
      public void show(Path path) {
        show.accept(path);
      }
    };
  }
}

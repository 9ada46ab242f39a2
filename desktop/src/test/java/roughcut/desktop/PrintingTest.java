package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.print.DocFlavor;
import javax.print.PrintService;
import javax.print.StreamPrintServiceFactory;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.desktop.session.Computer;
import roughcut.desktop.shell.Windows;
import roughcut.desktop.station.StationId;

/** Sheets on paper and files shown, on a computer whose printer writes to a file. */
class PrintingTest extends WindowTest {
  private final ByteArrayOutputStream paper = new ByteArrayOutputStream();
  private final List<Path> shown = new CopyOnWriteArrayList<>();
  private final List<PrintService> printers = new ArrayList<>();

  @Start
  void start(Stage stage) throws IOException {
    printers.add(
        StreamPrintServiceFactory.lookupStreamPrintServiceFactories(
            DocFlavor.SERVICE_FORMATTED.PAGEABLE, "application/postscript")[0]
            .getPrintService(paper));
    Windows.computer(
        new Computer() {
          @Override
          public List<PrintService> printers() {
            return printers;
          }

          @Override
          public void show(Path path) {
            shown.add(path);
          }
        });
    open(stage);
  }

  @Stop
  void stop() {
    close();
    Windows.computer(Computer.own(path -> {}));
  }

  private String told() {
    return find(robot, "print.told", Label.class).getText();
  }

  private void openCard() {
    robot.push(KeyCode.CONTROL, KeyCode.P);
    until(() -> find(robot, "print.printer", ComboBox.class).getValue() != null);
  }

  /** Two keys from anywhere: the card, and the button that has the keyboard. */
  @Test
  void theSheetIsPrintedWithTwoKeys() {
    openCard();
    assertThat(window.here().id()).isEqualTo(StationId.SHEETS);
    robot.push(KeyCode.SPACE);
    until(() -> told().contains("sent to"));
    String sent = paper.toString(StandardCharsets.ISO_8859_1);
    int pages = sent.split("showpage").length - 1;
    assertThat(told()).startsWith(pages + " pages sent to Postscript output");
    assertThat(pages).isGreaterThan(4);
  }

  @Test
  void pagesAndCopiesAreWhatIsTyped() {
    openCard();
    show(() -> find(robot, "print.pages", TextField.class).setText("2-99"));
    show(() -> find(robot, "print.go", Button.class).fire());
    until(() -> told().startsWith("Not printed"));
    assertThat(told()).contains("“2-99”: the pages are 1 to");
    assertThat(paper.size()).as("nothing was sent").isZero();
    show(() -> find(robot, "print.pages", TextField.class).setText("2"));
    show(() -> find(robot, "print.copies", TextField.class).setText("0"));
    show(() -> find(robot, "print.go", Button.class).fire());
    until(() -> told().contains("copies: 1 to 99"));
    show(() -> find(robot, "print.copies", TextField.class).setText("3"));
    show(() -> find(robot, "print.go", Button.class).fire());
    until(() -> told().contains("sent to"));
    assertThat(told()).startsWith("3 pages");
    String sent = paper.toString(StandardCharsets.ISO_8859_1);
    assertThat(sent.split("showpage")).hasSize(2);
    assertThat(sent).contains("/NumCopies 3");
  }

  /** Without a printer the way on is a file, which is then opened or found. */
  @Test
  void withoutAPrinterTheSheetIsSaved() {
    printers.clear();
    robot.push(KeyCode.CONTROL, KeyCode.P);
    until(() -> told().startsWith("No printer is set up"));
    assertThat(find(robot, "print.go", Button.class).getText()).isEqualTo("Save as PDF");
    robot.push(KeyCode.SPACE);
    until(() -> find(robot, "export-result", Label.class).getText().startsWith("Saved to"));
    show(() -> find(robot, "sheets.open-file", Button.class).fire());
    show(() -> find(robot, "sheets.open-folder", Button.class).fire());
    assertThat(shown).hasSize(2);
    assertThat(shown.get(0)).isRegularFile().hasFileName("plan.pdf");
    assertThat(Files.isDirectory(shown.get(1))).isTrue();
    assertThat(shown.get(1)).isEqualTo(shown.get(0).getParent());
  }
}

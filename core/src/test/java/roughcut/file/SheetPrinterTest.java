package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.print.DocFlavor;
import javax.print.PrintService;
import javax.print.StreamPrintServiceFactory;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.drawing.Sheet;
import roughcut.measure.InvalidInput;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** Sheets on paper, through a printer that writes what it is sent to a file. */
class SheetPrinterTest {
  private static final Plan PLAN = Plan.of(Demo.heron(LocalDate.of(2026, 5, 20)), Demo.shop());

  static PrintService printer(OutputStream to) {
    return StreamPrintServiceFactory.lookupStreamPrintServiceFactories(
        DocFlavor.SERVICE_FORMATTED.PAGEABLE, "application/postscript")[0]
        .getPrintService(to);
  }

  private static byte[] sheet(Sheet sheet, Paper paper) {
    return PdfWriter.write(sheet.of(PLAN, Units.MM), paper, Units.MM);
  }

  private static byte[] printed(SheetPrinter.Job job) throws FileException {
    ByteArrayOutputStream paper = new ByteArrayOutputStream();
    SheetPrinter.print(job, printer(paper));
    return paper.toByteArray();
  }

  /** Both bars, measured on the paper as the printer was sent it, whatever the paper. */
  @Test
  void theCheckBarsMeasureWhatTheySay() throws FileException {
    for (Sheet sheet : Sheet.values()) {
      for (Paper paper : Paper.values()) {
        SheetPrinter.Job first =
            new SheetPrinter.Job(sheet(sheet, paper), paper, new int[] {1}, 1, "Heron");
        List<PostScript.Run> page = PostScript.pages(printed(first)).get(0);
        for (double bar : new double[] {100, 4 * 25.4}) {
          assertThat(page)
              .as("%s on %s, %s", sheet, paper, bar)
              .anySatisfy(
                  run -> {
                    assertThat(run.length()).isEqualTo(bar, within(0.02));
                    // Printers leave a strip along the edges white.
                    assertThat(run.from().getX()).isBetween(5.0, paper.height() - 5);
                    assertThat(run.from().getY()).isBetween(5.0, paper.width() - 5);
                  });
        }
      }
    }
  }

  /** What is on the paper has the PDF's own places: nothing is fitted, moved or turned over. */
  @Test
  void thePageIsNeitherFittedNorMoved() throws FileException {
    List<PostScript.Run> page =
        PostScript.pages(
                printed(SheetPrinter.Job.of(sheet(Sheet.PLAN, Paper.A4), Paper.A4, "Heron")))
            .get(0);
    // A sheet lies on its long side and is printed upright: its left edge is the paper's top.
    double left = 297 - Tiling.MARGIN;
    assertThat(page)
        .filteredOn(run -> Math.abs(run.length() - 100) < 0.02)
        .anySatisfy(
            bar -> {
              assertThat(bar.from().getX()).isEqualTo(bar.to().getX(), within(0.01));
              assertThat(Math.max(bar.from().getY(), bar.to().getY()))
                  .isEqualTo(left, within(0.02));
              assertThat(Math.min(bar.from().getY(), bar.to().getY()))
                  .isEqualTo(left - 100, within(0.02));
            });
    assertThat(page)
        .allSatisfy(
            run -> {
              assertThat(run.to().getX()).isBetween(-0.01, 210.01);
              assertThat(run.to().getY()).isBetween(-0.01, 297.01);
            });
  }

  /** The printer is asked for the paper that the sheet was made for, in points. */
  @Test
  void thePaperIsTheSheets() throws FileException {
    for (Paper paper : Paper.values()) {
      String sent =
          new String(
              printed(SheetPrinter.Job.of(sheet(Sheet.HEAD, paper), paper, "Heron")),
              StandardCharsets.ISO_8859_1);
      Matcher size = Pattern.compile("/PageSize \\[([0-9.]+) ([0-9.]+)\\]").matcher(sent);
      assertThat(size.find()).isTrue();
      assertThat(Double.parseDouble(size.group(1)) * 25.4 / 72)
          .as("%s", paper)
          .isCloseTo(paper.height(), within(0.1));
      assertThat(Double.parseDouble(size.group(2)) * 25.4 / 72)
          .as("%s", paper)
          .isCloseTo(paper.width(), within(0.1));
    }
  }

  @Test
  void onlyTheNamedPagesInAsManyCopies() throws Exception {
    byte[] pdf = sheet(Sheet.PLAN, Paper.A4);
    int last = SheetPrinter.pages(pdf);
    List<List<PostScript.Run>> all =
        PostScript.pages(printed(SheetPrinter.Job.of(pdf, Paper.A4, "Heron")));
    byte[] some =
        printed(new SheetPrinter.Job(pdf, Paper.A4, PageChoice.read("2, 4-5", last), 2, "Heron"));
    List<List<PostScript.Run>> pages = PostScript.pages(some);
    assertThat(pages).hasSize(3);
    for (int i = 0; i < 3; i++) {
      int number = new int[] {2, 4, 5}[i];
      assertThat(pages.get(i)).as("page %d", number).isEqualTo(all.get(number - 1));
    }
    assertThat(new String(some, StandardCharsets.ISO_8859_1)).contains("/NumCopies 2");
  }

  @Test
  void aPrinterThatFailsIsToldOf() {
    OutputStream broken =
        new OutputStream() {
          @Override
          public void write(int one) throws IOException {
            throw new IOException("out of paper");
          }
        };
    SheetPrinter.Job job = SheetPrinter.Job.of(sheet(Sheet.HEAD, Paper.A4), Paper.A4, "Heron");
    PrintService printer = printer(broken);
    assertThatThrownBy(() -> SheetPrinter.print(job, printer))
        .isInstanceOf(FileException.class)
        .hasMessageContaining(printer.getName())
        .hasMessageContaining("didn't take the job: Error while writing");
  }

  @Test
  void copiesAreCounted() throws InvalidInput {
    assertThat(SheetPrinter.copies(" 3 ")).isEqualTo(3);
    assertThat(SheetPrinter.copies("99")).isEqualTo(99);
    for (String none : List.of("", "0", "100", "-1", "1.5", "two")) {
      assertThatThrownBy(() -> SheetPrinter.copies(none)).as(none).isInstanceOf(InvalidInput.class);
    }
    assertThat(new SheetPrinter.Job(new byte[0], Paper.A4, new int[] {2, 5}, 3, "x").sheets())
        .isEqualTo(6);
  }

  @Test
  void pagesAreReadAsTheyAreWritten() throws InvalidInput {
    assertThat(PageChoice.read(" ", 3)).containsExactly(1, 2, 3);
    assertThat(PageChoice.read("3", 3)).containsExactly(3);
    assertThat(PageChoice.read("5, 1 – 2,2", 9)).containsExactly(1, 2, 5);
    for (String none : List.of("0", "4", "2-1", "x", "1,,2", "1-", "-1", "99999", "2-9")) {
      assertThatThrownBy(() -> PageChoice.read(none, 3)).as(none).isInstanceOf(InvalidInput.class);
    }
    assertThatThrownBy(() -> PageChoice.read("2", 1)).hasMessageContaining("has one page");
  }
}

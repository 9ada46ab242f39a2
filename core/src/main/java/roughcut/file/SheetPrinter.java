package roughcut.file;

import java.awt.print.Book;
import java.awt.print.Printable;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javax.print.DocFlavor;
import javax.print.PrintException;
import javax.print.PrintService;
import javax.print.PrintServiceLookup;
import javax.print.SimpleDoc;
import javax.print.attribute.HashPrintRequestAttributeSet;
import javax.print.attribute.PrintRequestAttributeSet;
import javax.print.attribute.standard.Copies;
import javax.print.attribute.standard.JobName;
import javax.print.attribute.standard.MediaSizeName;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.printing.PDFPageable;
import roughcut.measure.InvalidInput;
import roughcut.measure.NumberReader;
import roughcut.measure.Text;

/** Full-size sheets on paper: the very pages of the PDF, never fitted to the paper. */
public final class SheetPrinter {
  private static final DocFlavor PAGES = DocFlavor.SERVICE_FORMATTED.PAGEABLE;

  private SheetPrinter() {}

  /**
   * What is printed.
   *
   * @param pdf whole document
   * @param pages page numbers from 1 on
   * @param copies of each page, 1 or more
   * @param name of the job, as the printer's queue shows it
   */
  public record Job(byte[] pdf, Paper paper, int[] pages, int copies, String name) {
    /** Sheets of paper that come out. */
    public int sheets() {
      return pages.length * copies;
    }

    /** All pages once. */
    public static Job of(byte[] pdf, Paper paper, String name) {
      return new Job(pdf, paper, all(pdf), 1, name);
    }

    private static int[] all(byte[] pdf) {
      int[] pages = new int[SheetPrinter.pages(pdf)];
      Arrays.setAll(pages, i -> i + 1);
      return pages;
    }
  }

  /** Nobody prints more of a sheet at once. */
  public static final int MOST_COPIES = 99;

  /**
   * Reads how many copies are wanted.
   *
   * @return 1 to {@link #MOST_COPIES}
   */
  public static int copies(String text) throws InvalidInput {
    double wanted = NumberReader.count(text);
    if (wanted < 1 || wanted > MOST_COPIES) {
      throw new InvalidInput(Text.of("copies: 1 to {most}", MOST_COPIES));
    }
    return (int) wanted;
  }

  /** How many pages a document has. */
  public static int pages(byte[] pdf) {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      return document.getNumberOfPages();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /** The printers of this computer, its usual one first; none where none is set up. */
  public static List<PrintService> found() {
    List<PrintService> all =
        new ArrayList<>(Arrays.asList(PrintServiceLookup.lookupPrintServices(PAGES, null)));
    PrintService usual = PrintServiceLookup.lookupDefaultPrintService();
    if (all.remove(usual)) {
      all.add(0, usual);
    }
    return all;
  }

  /**
   * Prints, and returns when the printer has taken the job.
   *
   * @throws FileException when it doesn't
   */
  public static void print(Job job, PrintService printer) throws FileException {
    PrintRequestAttributeSet wanted = new HashPrintRequestAttributeSet();
    wanted.add(new JobName(job.name(), null));
    wanted.add(new Copies(job.copies()));
    wanted.add(
        switch (job.paper()) {
          case A4 -> MediaSizeName.ISO_A4;
          case LETTER -> MediaSizeName.NA_LETTER;
        });
    try (PDDocument document = Loader.loadPDF(job.pdf())) {
      PDFPageable every = new PDFPageable(document);
      Book book = new Book();
      for (int page : job.pages()) {
        int number = page - 1;
        Printable printed = every.getPrintable(number);
        // A book asks by the place in the book; the document knows its pages by their own numbers.
        book.append(
            (canvas, format, place) -> printed.print(canvas, format, number),
            every.getPageFormat(number));
      }
      printer.createPrintJob().print(new SimpleDoc(book, PAGES, null), wanted);
    } catch (IOException | PrintException | IllegalArgumentException e) {
      throw new FileException(
          Text.of("the printer {printer} didn't take the job: {why}", printer.getName(), why(e)),
          e);
    }
  }

  private static String why(Exception e) {
    Throwable root = e;
    while (root.getCause() != null) {
      root = root.getCause();
    }
    return root.getMessage() == null ? root.getClass().getSimpleName() : root.getMessage();
  }
}

package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.count;
import static roughcut.desktop.words.Words.say;

import java.util.List;
import javafx.concurrent.Task;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javax.print.PrintService;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.NamedField;
import roughcut.desktop.control.PickField;
import roughcut.desktop.control.StyleStates;
import roughcut.desktop.session.Background;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.words.Words;
import roughcut.drawing.Sheet;
import roughcut.file.FileException;
import roughcut.file.PageChoice;
import roughcut.file.PageSetup;
import roughcut.file.Paper;
import roughcut.file.SheetPrinter;
import roughcut.file.Tiling;
import roughcut.measure.InvalidInput;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** Prints the sheet that is shown, at its full size. */
final class PrintCard extends VBox {
  private static final double WIDE = 460;
  private static final String PRINTER = "printer";

  private static final Background WORKING = new Background("printing");

  private final Overlay overlay;
  private final ShopWindow window;
  private final Preferences preferences;
  private final Label title = new Label();
  private final Label about = new Label();
  private final PickField<PrintService> printer;
  private final TextField pages = new TextField();
  private final TextField copies = new TextField("1");
  private final Label told = new Label();
  private final Button print = new Button(say("Print"));
  private PrintService chosen;
  private boolean printing;

  PrintCard(Overlay overlay, ShopWindow window, Preferences preferences) {
    super(10);
    this.overlay = overlay;
    this.window = window;
    this.preferences = preferences;
    ControlNames.set(this, "print");
    getStyleClass().add("home");
    setMaxSize(WIDE, Region.USE_PREF_SIZE);
    setPrefWidth(WIDE);
    title.getStyleClass().add("home-title");
    title.setWrapText(true);
    about.getStyleClass().add("panel-text");
    about.setWrapText(true);
    about.setMinHeight(Region.USE_PREF_SIZE);
    ControlNames.set(about, "print.about");
    printer = new PickField<>("print.printer", say("Printer"), PrintService::getName, this::chose);
    ControlNames.set(pages, "print.pages");
    pages.setAccessibleText(say("Pages"));
    ControlNames.set(copies, "print.copies");
    copies.setAccessibleText(say("Copies"));
    pages.setOnAction(e -> print());
    copies.setOnAction(e -> print());
    told.setWrapText(true);
    told.getStyleClass().add("print-told");
    // Two lines are kept for it, so that the buttons stay where they are.
    told.setMinHeight(44);
    told.setAlignment(Pos.TOP_LEFT);
    ControlNames.set(told, "print.told");
    ControlNames.set(print, "print.go");
    print.getStyleClass().add("main-button");
    print.setOnAction(e -> print());
    Button close = new Button(say("Close"));
    ControlNames.set(close, "print.close");
    close.setOnAction(e -> overlay.close(this));
    HBox below = new HBox(10, close, print);
    below.setAlignment(Pos.CENTER_RIGHT);
    getChildren()
        .addAll(
            title,
            about,
            printer,
            new NamedField(say("Pages"), pages, 156),
            new NamedField(say("Copies"), copies, 156),
            told,
            below);
  }

  private Units units() {
    return window.units();
  }

  private Sheet sheet() {
    return window.sheets().sheet();
  }

  private Paper paper() {
    return window.sheets().paper().getValue();
  }

  /** Opens for the sheet that the Sheets page shows, and looks for printers. */
  void open() {
    Tiling tiling =
        Tiling.of(sheet().of(window.workspace().session().plan().get(), units()), paper());
    title.setText(say("Print: {sheet}", sheet().title().in(units())));
    about.setText(
        count(
            tiling.tiles().size(),
            "{n} page of {paper}, at full size. Measure both check bars on the print before you "
                + "cut from it.",
            "{n} pages of {paper} at full size, after a page map. Measure both check bars on the "
                + "print before you cut from it.",
            say(paper().label())));
    pages.setPromptText(say("all; or 1-3, 5"));
    pages.clear();
    overlay.open(this, Pos.CENTER, print);
    tell(false, say("Looking for printers …"));
    WORKING.work(Windows.computer()::printers, this::found);
  }

  private void found(List<PrintService> found) {
    String last = preferences.text(PRINTER).orElse("");
    chosen =
        found.stream()
            .filter(p -> p.getName().equals(last))
            .findFirst()
            .orElse(found.isEmpty() ? null : found.get(0));
    printer.show(found, chosen);
    // Without a printer the way on is a file.
    print.setText(found.isEmpty() ? say("Save as PDF") : say("Print"));
    tell(
        found.isEmpty(),
        found.isEmpty()
            ? say(
                "No printer is set up on this computer. Save the sheet as a PDF and print it "
                    + "elsewhere, at 100 %.")
            : "");
  }

  private void chose(PrintService next) {
    chosen = next;
    preferences.remember(PRINTER, next.getName());
    preferences.save();
  }

  private void tell(boolean wrong, String words) {
    told.setText(words);
    told.pseudoClassStateChanged(StyleStates.WRONG, wrong);
  }

  private void print() {
    if (printing) {
      return;
    }
    if (chosen == null) {
      overlay.close(this);
      window.sheets().save();
      return;
    }
    Plan plan = window.workspace().session().plan().get();
    Units units = units();
    PageSetup setup = window.sheets().setup();
    Sheet what = sheet();
    PrintService to = chosen;
    String name = say("{build}: {sheet}", plan.name(), what.title().in(units));
    String which = pages.getText();
    String often = copies.getText();
    Task<Integer> task =
        new Task<>() {
          @Override
          protected Integer call() throws FileException, InvalidInput {
            byte[] pdf = setup.pdf(what, plan);
            int[] some = PageChoice.read(which, SheetPrinter.pages(pdf));
            SheetPrinter.Job job =
                new SheetPrinter.Job(pdf, setup.paper(), some, SheetPrinter.copies(often), name);
            SheetPrinter.print(job, to);
            return job.sheets();
          }
        };
    printing = true;
    tell(false, say("Printing …"));
    task.setOnSucceeded(
        e ->
            done(
                false,
                count(
                    task.getValue(),
                    "{n} page sent to {printer}.",
                    "{n} pages sent to {printer}.",
                    to.getName())));
    task.setOnFailed(
        e -> done(true, say("Not printed: {why}.", Words.why(task.getException(), units))));
    WORKING.run(task);
  }

  private void done(boolean wrong, String words) {
    printing = false;
    tell(wrong, words);
  }
}

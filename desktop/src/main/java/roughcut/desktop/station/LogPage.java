package roughcut.desktop.station;

import static roughcut.desktop.words.Words.say;

import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.FactTable;
import roughcut.desktop.control.NumberTable;
import roughcut.desktop.session.StationContext;
import roughcut.desktop.words.Words;
import roughcut.drawing.Drawing;
import roughcut.drawing.InstrumentPortrait;
import roughcut.file.FileException;
import roughcut.file.LogWriter;
import roughcut.file.SafeFile;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Note;
import roughcut.whatif.LogBook;

/** What happened to this instrument: searched, added to, written out. */
final class LogPage extends BenchPage {
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm", Locale.ROOT);

  private final StationContext context;
  private final TextArea words = new TextArea();
  private final TextField search = new TextField();
  private final Label told = new Label();
  private final Label title = new Label();
  private final FactTable sums = new FactTable();
  private final NumberTable<LogBook.Entry> table =
      new NumberTable<>("log.table", say("Log"), e -> {});
  private String picture = "";

  LogPage(StationContext context, PagedStation station) {
    super(station, 6);
    this.context = context;
    ControlNames.set(words, "log.words");
    words.setPromptText(say("What you saw, or would do differently next time"));
    words.setAccessibleText(say("A note"));
    words.setWrapText(true);
    words.setPrefRowCount(4);
    Button add = button("log.add", say("Add note"), this::add);
    Button pick = button("log.picture", say("Add picture …"), this::pick);
    ControlNames.set(told, "log.told");
    told.setWrapText(true);
    told.getStyleClass().add("lower-note");
    beside(
        heading(say("Note")),
        words,
        new HBox(10, add, pick),
        told,
        heading(say("Hours and wood")),
        sums,
        heading(say("Export log")),
        new HBox(
            10,
            button("log.markdown", say("As Markdown …"), () -> write("log.md")),
            button("log.csv", say("As CSV …"), () -> write("log.csv"))));
    ControlNames.set(search, "log.search");
    search.setPromptText(say("search"));
    search.setAccessibleText(say("Search the log"));
    search.setPrefWidth(220);
    search.textProperty().addListener((p, was, is) -> rows());
    title.getStyleClass().add("lower-title");
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    table.words(say("when"), e -> TIME.format(e.at())).setMinWidth(120);
    table.words("", e -> say(e.kind().word())).setMinWidth(74);
    table.words(say("what"), e -> e.words().in(context.session().units().get())).setMinWidth(250);
    table
        .column(say("min"), e -> e.minutes() == 0 ? "" : Long.toString(e.minutes()))
        .setMinWidth(44);
    table.words(say("picture"), LogPage::picture).setMinWidth(90);
    VBox.setVgrow(table, Priority.ALWAYS);
    Label nothing =
        new Label(
            say("Nothing yet. Work you mark done and measurements you enter are logged here."));
    nothing.setWrapText(true);
    table.setPlaceholder(nothing);
    under(new HBox(12, title, space, search), table);
  }

  private static Label heading(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("panel-heading");
    return label;
  }

  private static Button button(String id, String text, Runnable action) {
    Button button = new Button(text);
    ControlNames.set(button, id);
    button.getStyleClass().add("text-button");
    button.setOnAction(e -> action.run());
    return button;
  }

  /** A picture's name; one that isn't there any more is said. */
  private static String picture(LogBook.Entry entry) {
    if (entry.picture().isEmpty()) {
      return "";
    }
    Path path = Path.of(entry.picture());
    String name = path.getFileName().toString();
    return Files.exists(path) ? name : say("{name} (deleted)", name);
  }

  @Override
  public String name() {
    return "Log";
  }

  @Override
  public String about() {
    return say(
        "What was done, measured and noted, by day. Write down what you will want to know in a "
            + "year.");
  }

  @Override
  public Drawing drawing(Plan plan, Units units) {
    return InstrumentPortrait.of(plan);
  }

  @Override
  public void show(Plan plan, Units units, double knife) {
    rows();
    sums.begin();
    LogBook.minutes(plan)
        .forEach(
            (part, m) -> sums.row(false, say(part.word()), NumberWriter.fixed(m / 60.0, 1) + " h"));
    sums.row(false, say("boards"), LogBook.woodTold(plan).in(units));
    sums.end();
  }

  private void rows() {
    Plan plan = context.session().plan().get();
    List<LogBook.Entry> all = LogBook.of(plan, context.session().units().get());
    String wanted = search.getText();
    List<LogBook.Entry> shown =
        wanted.isBlank() ? all : all.stream().filter(e -> e.has(wanted)).toList();
    table.rows(shown);
    title.setText(
        wanted.isBlank()
            ? say("{all} entries", all.size())
            : say("{shown} of {all} entries", shown.size(), all.size()));
  }

  private void add() {
    try {
      Note note =
          new Note(
              context.session().now().second(),
              context.bench().chosen().get(),
              words.getText().strip(),
              picture);
      context.session().make(say("note"), "log", b -> b.withLog(b.log().with(note)));
      context.session().history().settle();
      words.clear();
      picture = "";
      told.setText("");
    } catch (IllegalArgumentException e) {
      told.setText(Words.why(e) + ".");
    }
  }

  private void pick() {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(say("Picture for the note"));
    chooser
        .getExtensionFilters()
        .add(
            new FileChooser.ExtensionFilter(say("Pictures"), "*.jpg", "*.jpeg", "*.png", "*.webp"));
    Optional.ofNullable(chooser.showOpenDialog(words.getScene().getWindow()))
        .ifPresent(
            f -> {
              picture = f.toString();
              told.setText(say("with {file}", f.getName()));
            });
  }

  private void write(String usual) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(say("Export log"));
    chooser.setInitialFileName(usual);
    File chosen = chooser.showSaveDialog(words.getScene().getWindow());
    if (chosen != null) {
      write(chosen.toPath());
    }
  }

  /** Writes it out: a table by the ending .csv, text otherwise. */
  private void write(Path path) {
    context.follow();
    Plan plan = context.session().plan().get();
    Units units = context.session().units().get();
    String text =
        path.toString().endsWith(".csv")
            ? LogWriter.csv(plan, units)
            : LogWriter.markdown(plan, units);
    try {
      SafeFile.write(path, text.getBytes(StandardCharsets.UTF_8));
      told.setText(say("Saved to {file}.", path.getFileName()));
    } catch (FileException e) {
      told.setText(say("Not saved: {why}.", Words.why(e)));
    }
  }
}

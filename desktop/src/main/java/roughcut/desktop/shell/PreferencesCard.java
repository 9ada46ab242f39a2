package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.io.File;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;
import roughcut.clearance.ClearanceKind;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.LimitFields;
import roughcut.desktop.control.NamedField;
import roughcut.desktop.control.PickField;
import roughcut.desktop.control.ScrollBox;
import roughcut.desktop.session.OwnShop;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.session.Session;
import roughcut.desktop.words.Words;
import roughcut.drawing.Shading;
import roughcut.file.FileException;
import roughcut.file.Paper;
import roughcut.measure.Measures;
import roughcut.measure.Units;
import roughcut.shop.Limit;

/**
 * What is the person's and not an instrument's: units, how the screen looks, paper, where the shop
 * lies; and the shop's limits, all in one list.
 */
final class PreferencesCard extends VBox {
  private static final List<Units> UNITS =
      List.of(
          Units.MM,
          Units.DECIMAL_INCH,
          new Units(Units.System.FRACTION, 16),
          new Units(Units.System.FRACTION, 32),
          Units.FRACTION_64);

  private static final String PAPER = "paper";
  private static final String SHADING = "shading";

  private final Overlay overlay;
  private final ShopWindow window;
  private final Session session;
  private final Preferences preferences;
  private final PickField<Units> units =
      new PickField<>("pref.units", say("Units"), PreferencesCard::words, this::units);
  private final PickField<Measures> measures =
      new PickField<>(
          "pref.measures", say("Weights and temperatures"), m -> say(m.words()), this::measures);
  private final PickField<Theme.Light> light =
      new PickField<>("pref.light", say("Theme"), Theme.Light::words, this::light);
  private final PickField<Theme.TextSize> text =
      new PickField<>("pref.text", say("Text size"), Theme.TextSize::words, this::text);
  private final PickField<Boolean> hints =
      new PickField<>(
          "pref.hints",
          say("Page descriptions"),
          on -> on ? say("shown") : say("hidden"),
          on -> window().hints(on));
  private final PickField<Paper> paper =
      new PickField<>("pref.paper", say("Paper"), p -> say(p.label()), p -> paper(p));
  private final TextField shopName = new TextField();
  private final Label folder = new Label();
  private final Label wrong = new Label();
  private final Button close = new Button(say("Done"));
  private final List<Runnable> limits = new ArrayList<>();
  private Theme look;

  PreferencesCard(Overlay overlay, ShopWindow window, Preferences preferences) {
    super(12);
    this.overlay = overlay;
    this.window = window;
    this.session = window.workspace().session();
    this.preferences = preferences;
    ControlNames.set(this, "preferences");
    getStyleClass().add("home");
    setMaxSize(980, 620);
    setPrefSize(980, 620);
    Label title = new Label(say("Preferences"));
    title.getStyleClass().add("home-title");
    ControlNames.set(shopName, "pref.shop");
    shopName.setAccessibleText(say("Shop name"));
    shopName.setOnAction(e -> rename());
    shopName.focusedProperty().addListener((p, was, is) -> rename(was && !is));
    shopName.setOnKeyPressed(
        e -> {
          if (e.getCode() == KeyCode.ESCAPE) {
            shopName.setText(session.shop().get().name());
          }
        });
    ControlNames.set(folder, "pref.folder");
    folder.setWrapText(true);
    folder.getStyleClass().add("lower-note");
    folder.setMinHeight(Region.USE_PREF_SIZE);
    ControlNames.set(wrong, "pref.wrong");
    wrong.setWrapText(true);
    wrong.getStyleClass().add("decision-message");
    wrong.setMinHeight(Region.USE_PREF_SIZE);
    Button elsewhere = new Button(say("Change folder …"));
    ControlNames.set(elsewhere, "pref.elsewhere");
    elsewhere.getStyleClass().add("text-button");
    elsewhere.setOnAction(e -> elsewhere());
    ControlNames.set(close, "pref.close");
    close.getStyleClass().add("main-button");
    close.setOnAction(e -> overlay.close(this));
    HBox below = new HBox(close);
    below.setAlignment(Pos.CENTER_RIGHT);
    Region space = new Region();
    VBox.setVgrow(space, Priority.ALWAYS);
    VBox mine =
        new VBox(
            9,
            heading(say("For you, in every build")),
            units,
            measures,
            light,
            text,
            hints,
            paper,
            heading(say("For this shop")),
            new NamedField(say("Name"), shopName, 230),
            heading(say("Your shop folder")),
            folder,
            elsewhere,
            wrong,
            space,
            below);
    mine.setMinWidth(360);
    mine.setPrefWidth(360);
    VBox all = new VBox(12, heading(say("Limits of this shop")), note(), ScrollBox.of(limitRows()));
    HBox.setHgrow(all, Priority.ALWAYS);
    HBox columns = new HBox(26, mine, all);
    VBox.setVgrow(columns, Priority.ALWAYS);
    getChildren().addAll(title, columns);
    preferences.text(PAPER).flatMap(Paper::named).ifPresent(this::paper);
    window
        .sheets()
        .paper()
        .addListener(
            (p, was, is) -> {
              preferences.remember(PAPER, is.name());
              preferences.save();
            });
    preferences.text(SHADING).flatMap(Shading::named).ifPresent(s -> window.sheets().shading(s));
    window
        .sheets()
        .shading()
        .addListener(
            (p, was, is) -> {
              preferences.remember(SHADING, is.name());
              preferences.save();
            });
    session.shop().addListener((p, was, is) -> showLimits());
    session.units().addListener((p, was, is) -> showLimits());
  }

  private static String words(Units units) {
    return switch (units.system()) {
      case MM -> say("millimetres");
      case INCH -> say("inches, decimal");
      case FRACTION -> say("inches, in 1/{denominator}", units.denominator());
    };
  }

  private static Label heading(String words) {
    Label label = new Label(words);
    label.getStyleClass().add("panel-heading");
    return label;
  }

  private static Label note() {
    Label label =
        new Label(
            say(
                "Below the target a clearance is listed to check. Below the minimum it stops "
                    + "the work. Leave the minimum empty and it never stops."));
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    label.getStyleClass().add("lower-note");
    return label;
  }

  private VBox limitRows() {
    VBox rows = new VBox(6);
    Set<String> ids = new HashSet<>();
    for (ClearanceKind kind : ClearanceKind.values()) {
      if (ids.add(kind.id())) {
        rows.getChildren().add(limitRow(kind));
      }
    }
    return rows;
  }

  private Node limitRow(ClearanceKind kind) {
    Label name = new Label(kind.words().in(session.units().get()));
    name.getStyleClass().add("decision-label");
    name.setWrapText(true);
    name.setMinWidth(0);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    LimitFields fields = new LimitFields(session);
    fields.setMinWidth(Region.USE_PREF_SIZE);
    limits.add(() -> fields.show(kind, limit(kind)));
    HBox row = new HBox(10, name, space, fields);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  /** As it is now; one that goes by a screw's diameter is shown for the screw of this build. */
  private Limit limit(ClearanceKind kind) {
    return session.plan().get().clearances().stream()
        .filter(s -> s.kind().id().equals(kind.id()))
        .findFirst()
        .map(s -> s.limit())
        .orElseGet(() -> session.shop().get().limit(kind.id(), kind.limit()));
  }

  private void showLimits() {
    if (overlay.isOpen(this)) {
      limits.forEach(Runnable::run);
    }
  }

  /** Opens with what is chosen now. */
  void open() {
    session.enterTyped();
    look = Theme.of(preferences);
    Units now = session.units().get();
    units.show(
        UNITS, UNITS.stream().filter(u -> now.lengths(u).equals(now)).findFirst().orElse(Units.MM));
    measures.show(List.of(Measures.values()), now.measures());
    light.show(List.of(Theme.Light.values()), look.light());
    text.show(List.of(Theme.TextSize.values()), look.text());
    hints.show(List.of(true, false), window.hints());
    paper.show(List.of(Paper.values()), window.sheets().paper().getValue());
    shopName.setText(session.shop().get().name());
    folder();
    wrong.setText("");
    overlay.open(this, Pos.CENTER, close);
    showLimits();
  }

  private void folder() {
    folder.setText(new OwnShop(Windows.data()).place().toString());
  }

  private ShopWindow window() {
    return window;
  }

  private void units(Units next) {
    window.units(session.units().get().lengths(next));
  }

  private void measures(Measures next) {
    window.units(session.units().get().with(next));
  }

  private void light(Theme.Light next) {
    look(new Theme(next, look.text()));
  }

  private void text(Theme.TextSize next) {
    look(new Theme(look.light(), next));
  }

  private void look(Theme next) {
    look = next;
    next.keep(preferences);
    next.show();
  }

  private void paper(Paper next) {
    window.sheets().paper(next);
  }

  private void rename(boolean left) {
    if (left) {
      rename();
    }
  }

  private void rename() {
    String name = shopName.getText();
    wrong.setText("");
    if (!name.equals(session.shop().get().name())) {
      session
          .editShop(say("shop name"), "shop.name", s -> s.withName(name))
          .ifPresent(why -> wrong.setText(say("Not renamed: {why}.", why)));
    }
  }

  private void elsewhere() {
    DirectoryChooser chooser = new DirectoryChooser();
    chooser.setTitle(say("Folder for your shop"));
    File chosen = chooser.showDialog(getScene().getWindow());
    if (chosen != null) {
      keepIn(chosen);
    }
  }

  /** Keeps the maker's own shop in another folder. */
  void keepIn(File chosen) {
    try {
      OwnShop.keepIn(chosen.toPath(), preferences);
      wrong.setText("");
    } catch (FileException e) {
      wrong.setText(say("Folder not changed: {why}.", Words.why(e)));
    }
    folder();
  }
}

package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.count;
import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.function.Consumer;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.shape.SVGPath;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.LazyTooltip;
import roughcut.desktop.control.StyleStates;
import roughcut.desktop.control.TextWidth;
import roughcut.desktop.session.Session;
import roughcut.desktop.session.Workspace;
import roughcut.file.Autosave;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/**
 * Name of the build with its menu, what it is, as designed or as built, find, undo and redo, units.
 */
final class TopBar extends HBox {
  private static final String UNDO = "M6,1 L1.5,5 L6,9 M2,5 H9 C13,5 13,11 9,11";
  private static final String REDO = "M7,1 L11.5,5 L7,9 M11,5 H4 C0,5 0,11 4,11";

  private static final double ABOUT = 380;

  private final Session session;

  /** The arrow beside a build's name, and what stands round both, px. */
  private static final double NAME_ROOM = 50;

  /** A longer name is cut where there is no room, px. */
  private static final double NAME_KEPT = 170;

  private final MenuButton name = new MenuButton();
  private final Label about = new Label();
  private final Button saving = new Button();
  private final Button undo = icon(UNDO, "undo");
  private final Button redo = icon(REDO, "redo");

  TopBar(
      Workspace workspace,
      Consumer<MenuButton> menu,
      Runnable find,
      Runnable units,
      Consumer<Autosave.State> troubled) {
    super(14);
    this.session = workspace.session();
    getStyleClass().add("top-bar");
    setAlignment(Pos.CENTER_LEFT);
    ControlNames.set(name, "build-menu");
    name.getStyleClass().add("build-name");
    name.setMaxWidth(260);
    name.textProperty().addListener((p, was, is) -> keepName());
    name.fontProperty().addListener((p, was, is) -> keepName());
    menu.accept(name);
    about.getStyleClass().add("about");
    ControlNames.set(about, "about");
    about.setMinWidth(0);
    about.setWrapText(true);
    saving.getStyleClass().add("saving");
    ControlNames.set(saving, "saving");
    saving.setMinWidth(Region.USE_PREF_SIZE);
    saving.setOnAction(e -> troubled.accept(workspace.state().get()));
    getChildren()
        .addAll(
            name,
            aboutAndSaving(),
            stretch(),
            designedOrBuilt(),
            stretch(),
            findButton(find),
            undoButtons(),
            unitsSwitch(units));
    session.plan().addListener((p, was, is) -> show(is));
    session.units().addListener((p, was, is) -> show(session.plan().get()));
    session.earlier().addListener((p, was, is) -> show(session.plan().get()));
    workspace.state().addListener((p, was, is) -> saving(is));
    saving(workspace.state().get());
    show(session.plan().get());
  }

  /**
   * In a narrow window a name of usual length stays whole, and what is told beside it gives way.
   */
  private void keepName() {
    double whole = TextWidth.of(name.getText(), name.getFont()) + NAME_ROOM;
    name.setMinWidth(Math.min(NAME_KEPT, whole));
  }

  /** Of one width whatever it says, so that nothing moves while something is tried. */
  private HBox aboutAndSaving() {
    HBox box = new HBox(14, about, saving);
    box.setAlignment(Pos.CENTER_LEFT);
    box.setMinWidth(0);
    box.setPrefWidth(ABOUT);
    return box;
  }

  private static Region stretch() {
    Region region = new Region();
    HBox.setHgrow(region, Priority.ALWAYS);
    return region;
  }

  private static Button icon(String path, String words) {
    SVGPath shape = new SVGPath();
    shape.setContent(path);
    shape.getStyleClass().add("icon");
    Button button = new Button();
    button.setGraphic(shape);
    button.getStyleClass().add("icon-button");
    button.setAccessibleText(words);
    ControlNames.set(button, words);
    button.setMinWidth(Region.USE_PREF_SIZE);
    return button;
  }

  private HBox designedOrBuilt() {
    ToggleButton designed = new ToggleButton(say("As designed"));
    ControlNames.set(designed, "as-designed");
    ToggleButton built = new ToggleButton(say("As built"));
    ControlNames.set(built, "as-built");
    ToggleGroup group = new ToggleGroup();
    group.getToggles().addAll(designed, built);
    group.selectToggle(session.asBuilt().get() ? built : designed);
    group.selectedToggleProperty().addListener((p, was, is) -> choose(group, was, is, is == built));
    session.asBuilt().addListener((p, was, is) -> group.selectToggle(is ? built : designed));
    HBox box = new HBox(designed, built);
    box.getStyleClass().add("switch");
    box.setMinWidth(Region.USE_PREF_SIZE);
    box.setMaxHeight(Region.USE_PREF_SIZE);
    return box;
  }

  private void choose(ToggleGroup group, Toggle was, Toggle is, boolean built) {
    if (is == null) {
      group.selectToggle(was);
    } else {
      session.asBuilt().set(built);
    }
  }

  private Button findButton(Runnable find) {
    Button button = new Button(say("Search   Ctrl K"));
    ControlNames.set(button, "find");
    button.getStyleClass().add("find-button");
    button.setMinWidth(0);
    LazyTooltip.on(button, button.getText());
    button.setOnAction(e -> find.run());
    return button;
  }

  private HBox undoButtons() {
    undo.setOnAction(e -> session.undo());
    redo.setOnAction(e -> session.redo());
    HBox box = new HBox(4, undo, redo);
    box.setAlignment(Pos.CENTER);
    return box;
  }

  private Button unitsSwitch(Runnable next) {
    Button button = new Button();
    ControlNames.set(button, "units");
    button.getStyleClass().add("units-button");
    button.setMinWidth(Region.USE_PREF_SIZE);
    button
        .textProperty()
        .bind(
            Bindings.createStringBinding(
                () ->
                    switch (session.units().get().system()) {
                      case MM -> "mm";
                      case INCH -> say("inch");
                      case FRACTION ->
                          say("inch 1/{denominator}", session.units().get().denominator());
                    },
                session.units()));
    LazyTooltip.on(button, say("Millimetres, decimal inches, fractions (Ctrl+U)"));
    button.setOnAction(e -> next.run());
    return button;
  }

  private void show(Plan plan) {
    name.setText(plan.build().name());
    name.setAccessibleText(say("Menu of {build}", plan.name()));
    LazyTooltip.on(name, plan.build().name());
    Units units = session.units().get();
    about.setText(
        session.comparison().map(c -> c.told().in(units)).orElseGet(() -> about(plan, units)));
    about.pseudoClassStateChanged(StyleStates.TRIED, session.trying());
    LazyTooltip.on(about, about.getText());
    label(undo, say("Undo"), say("Nothing to undo"), session.history().undoName().orElse(null));
    label(redo, say("Redo"), say("Nothing to redo"), session.history().redoName().orElse(null));
  }

  private static void label(Button button, String verb, String nothing, String what) {
    button.setDisable(what == null);
    LazyTooltip.on(button, what == null ? nothing : verb + " " + what);
    button.setAccessibleText(what == null ? verb : verb + " " + what);
  }

  static String about(Plan plan, Units units) {
    int strings = plan.strings().count();
    return count(strings, "{n} string", "{n} strings")
        + " · "
        + Text.joined(List.of(plan.scaleWords(), plan.headWords(), plan.handWords()), " · ")
            .in(units);
  }

  private void saving(Autosave.State state) {
    saving.setMouseTransparent(!state.troubled());
    saving.setFocusTraversable(state.troubled());
    saving.pseudoClassStateChanged(StyleStates.WRONG, state.troubled());
    saving.setText(
        switch (state.saving()) {
          case SAVED -> say("saved");
          case WAITING -> say("saving …");
          case FAILED, CHANGED_ON_DISK -> say("not saved: why?");
        });
  }
}

package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import roughcut.clearance.Clearance;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.Menus;
import roughcut.desktop.control.NumberEvent;
import roughcut.desktop.control.PageHint;
import roughcut.desktop.control.StyleStates;
import roughcut.desktop.control.SumCard;
import roughcut.desktop.control.ThinRail;
import roughcut.desktop.draw.DrawingSurface;
import roughcut.desktop.session.BenchState;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.session.Session;
import roughcut.desktop.session.ShopDays;
import roughcut.desktop.session.StationContext;
import roughcut.desktop.session.Workspace;
import roughcut.desktop.station.BenchStation;
import roughcut.desktop.station.BlanksStation;
import roughcut.desktop.station.BodyStation;
import roughcut.desktop.station.BridgeStation;
import roughcut.desktop.station.FretboardStation;
import roughcut.desktop.station.LayoutStation;
import roughcut.desktop.station.NeckStation;
import roughcut.desktop.station.RoutsStation;
import roughcut.desktop.station.SheetsStation;
import roughcut.desktop.station.Station;
import roughcut.desktop.station.StationId;
import roughcut.file.RescueCopies;
import roughcut.file.SheetFolder;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.shop.Woods;

/**
 * The window's content: stations at the left, the drawing on its ruler in the middle, numbers at
 * the right, thin spots along the bottom.
 */
public final class ShopWindow {
  private static final String HINTS = "hints";
  private static final double WIDE = 1500;

  /** Narrower than this, the panel gives some of its room to what stands beside it. */
  private static final double NARROW = 1110;

  private static final double WIDEST = 1800;

  public static final String MACHINE = "The machine view";

  private final Workspace workspace;
  private final Session session;
  private final Preferences preferences;
  private final DrawingSurface surface = new DrawingSurface();
  private final VBox middle = new VBox();
  private final PageHint hint = new PageHint(() -> hints(false));
  private final BorderPane body = new BorderPane();
  private final StackPane root = new StackPane(body);
  private final SumCard sum;
  private final Notice notice = new Notice();
  private final Cards cards;
  private final Map<StationId, Station> stations = new EnumMap<>(StationId.class);
  private final DrawingController drawing;
  private final LowerPanelSplitter grip;
  private final StationRail rail;
  private final ThinRail thin;
  private final FileActions files;
  private final Navigator ways;
  private final FileDrop dropping;
  private final WhatIfBar whatIf;
  private final SheetsStation sheets;
  private final BenchState bench;
  private final ShopDays days;
  private final BenchWindows atBench;
  private StationId station;
  private String followed = "";
  private int chosenSpot = -1;

  /** Whether what stands round the drawing is about to be shown. */
  private boolean around;

  public ShopWindow(Workspace workspace, Preferences preferences) {
    this.workspace = workspace;
    this.session = workspace.session();
    this.sum = new SumCard(session, this::goTo);
    this.preferences = preferences;
    session.units().set(preferences.units());
    files = new FileActions(workspace, notice, () -> root.getScene().getWindow());
    drawing = new DrawingController(session, surface);
    grip = new LowerPanelSplitter(preferences);
    bench = new BenchState(session, workspace.halfway());
    days = new ShopDays(session, workspace::path, workspace::shopFolder);
    atBench = new BenchWindows(session, bench, notice);
    StationContext context = new WindowStationContext(this, surface, notice);
    sheets = new SheetsStation(context, () -> SheetFolder.usual(workspace.path()));
    for (Station each :
        List.of(
            new LayoutStation(context),
            new BlanksStation(context),
            new FretboardStation(context),
            new NeckStation(context),
            new BodyStation(context),
            new RoutsStation(context, () -> SheetFolder.usual(workspace.path())),
            new BridgeStation(context),
            sheets,
            new BenchStation(context))) {
      stations.put(each.id(), each);
    }
    cards = new Cards(this, notice, preferences);
    ways = new Navigator(this, notice);
    dropping = new FileDrop(this, notice);
    whatIf = new WhatIfBar(session);
    rail = new StationRail(stations(), this::choose);
    thin = new ThinRail(this::flyTo, ways::toFinding, v -> sum.ask(v, units()));
    surface.onLink(ways::toLink);
    Menus.onDrawing(surface, surface::linkAt, surface::fit, surface::zoom);
    surface.onSpot(this::flyTo);
    surface.onKnife(x -> stations.get(station).knife(x));
    assemble();
    session.plan().addListener((p, was, is) -> edited(is));
    session.onTold(notice::tell);
    session.onRefused(words -> notice.show(say("Not done: {words}.", words)));
    session.units().addListener((p, was, is) -> refresh());
    workspace.state().addListener((p, was, is) -> files.tellSaving(is));
    surface.knife(0);
  }

  public Parent root() {
    return root;
  }

  public Workspace workspace() {
    return workspace;
  }

  /** Says what is to be said of what was just opened. */
  void opened() {
    files.opened();
  }

  /** The maker comes back to this window: others may have gone on with their builds meanwhile. */
  void back() {
    follow();
    if (here().id() == StationId.BENCH) {
      days.readOthers();
    }
  }

  /** What another window or program did to the same files is taken in, and said once. */
  void follow() {
    workspace
        .follow()
        .filter(words -> !words.equals(followed))
        .ifPresent(
            words -> {
              followed = words.startsWith("Changed in") ? "" : words;
              notice.tell(words);
            });
  }

  /** Offers work on another build that couldn't be saved. */
  public void offer(RescueCopies.Copy copy) {
    files.offer(copy);
  }

  /** Something of the program's own went wrong; the work itself is safe. */
  void failed() {
    notice.show(
        say(
            "Something went wrong inside the program while showing this page. Your work is "
                + "saved. Another edit or page usually helps."));
  }

  /** The first card, once; the look around is one of its doors. */
  public void welcome() {
    cards.beginning().welcome();
  }

  Units units() {
    return session.units().get();
  }

  Woods woods() {
    return session.shop().get().woods();
  }

  private void assemble() {
    VBox.setVgrow(surface, Priority.ALWAYS);
    ControlNames.set(body, "body");
    body.setTop(
        new TopBar(
            workspace,
            name -> new BuildMenu(this, name).fill(),
            () -> cards.find().open(),
            this::nextUnits,
            files::tellSaving));
    body.setLeft(rail);
    body.setCenter(middle);
    body.setBottom(thin);
    StackPane.setAlignment(sum, Pos.BOTTOM_RIGHT);
    root.getStyleClass().add("shop-window");
    root.widthProperty().addListener((p, was, is) -> wide(is.doubleValue()));
    wide(0);
    root.getChildren().addAll(sum, cards.beginning().tour(), cards.overlay());
    root.addEventFilter(KeyEvent.KEY_PRESSED, new Keys(this)::pressed);
    root.addEventFilter(MouseEvent.MOUSE_PRESSED, this::pressed);
    root.addEventHandler(NumberEvent.ANY, ways::asked);
    dropping.on(root);
    // Only what a field being typed into doesn't take for itself.
    root.addEventHandler(
        KeyEvent.KEY_PRESSED,
        e -> {
          if (e.getCode() == KeyCode.ESCAPE) {
            leave(e);
          }
        });
    hint.shown(hints());
    middle.getChildren().addAll(notice, whatIf, hint, surface, grip, grip.room());
    to(NeckStation.class);
  }

  /** Goes to a station. */
  public void choose(StationId id) {
    if (id == station) {
      return;
    }
    session.enterTyped();
    station = id;
    reopen();
  }

  /**
   * Puts the station's parts in their places, after going to it or when it turned to another page.
   */
  void reopen() {
    drawing.forget();
    Station here = stations.get(station);
    body.setRight(here.panel());
    boolean lower = here.lower().isManaged();
    if (lower) {
      grip.over(station, here.lower(), here.lowerHeight());
    }
    // Kept where they are: what is put into a window anew is styled anew.
    grip.setVisible(lower);
    grip.setManaged(lower);
    grip.room().setVisible(lower);
    grip.room().setManaged(lower);
    hint.show(here.about());
    surface.showRuler(here.hasRuler());
    surface.slimRuler(here.wantsRoom());
    surface.showKnife(here.hasKnife());
    surface.handles(here.handles());
    surface.asOnPaper(here == sheets);
    surface.fit();
    refresh();
    Plan plan = session.plan().get();
    boolean off = surface.knife() < here.knifeLeast(plan) || surface.knife() > here.knifeMost(plan);
    if (here.hasKnife() && off) {
      surface.knife(here.knifeHome(plan));
    }
  }

  public DrawingSurface surface() {
    return surface;
  }

  public SheetsStation sheets() {
    return sheets;
  }

  /** Turns to a page of this station. */
  public void page(String name) {
    stations.get(station).page(name);
  }

  /** Whether pages say what they are for. */
  boolean hints() {
    return preferences.number(HINTS, 1) > 0;
  }

  /** Has pages say what they are for, or not. */
  void hints(boolean on) {
    preferences.remember(HINTS, on ? 1 : 0);
    preferences.save();
    hint.shown(on);
  }

  /** Reads a table of boards into the rack, and goes there. */
  public void readBoards(Path path) {
    to(BlanksStation.class).readBoards(path);
  }

  /** Takes in an outline drawn elsewhere, and goes to where that is told. */
  public void outline(Path path) {
    ways.takeOutline(path);
  }

  /** Does what one would expect of a file that is dropped on the window. */
  public void take(Path file) {
    dropping.take(file);
  }

  /** Goes to a station. */
  <S extends Station> S to(Class<S> type) {
    Station found = stations().stream().filter(type::isInstance).findFirst().orElseThrow();
    choose(found.id());
    return type.cast(found);
  }

  void refresh() {
    drawing.show(here(), units());
    showAround();
  }

  /**
   * After an edit: what stands round the drawing comes a moment after it, so that typing never
   * waits.
   */
  private void edited(Plan next) {
    if (chosenSpot >= next.clearances().size()) {
      chosenSpot = -1;
    }
    drawing.show(here(), units());
    if (!around) {
      around = true;
      Platform.runLater(this::showAround);
    }
  }

  private void showAround() {
    around = false;
    Plan plan = session.plan().get();
    rail.show(plan, station);
    thin.show(plan, units(), chosenSpot);
    sum.follow(plan.values(), units());
  }

  /** Flies to a thin spot, with the knife in place. */
  private void flyTo(int index) {
    Plan plan = session.plan().get();
    Clearance clearance = plan.clearances().get(index);
    chosenSpot = index;
    ways.toChapter(clearance.kind().owner());
    if (!clearance.kind().view().isEmpty()
        && !here().pageName().equals(clearance.kind().view().in(session.units().get()))) {
      page(clearance.kind().view().in(session.units().get()));
    }
    // A page without the knife shows the whole of what the spot is on.
    if (here().hasKnife()) {
      surface.flyTo(clearance.x(), here().spotY(plan, clearance));
      surface.knife(clearance.x());
    }
    thin.show(plan, units(), index);
    sum.ask(clearance.left(), units());
  }

  /** Goes to the field where something is decided. */
  public void goTo(String decisionId) {
    ways.toDecision(decisionId);
  }

  /** In a wider window the panel takes some of the room, and the sum keeps clear of it. */
  private void wide(double width) {
    root.pseudoClassStateChanged(StyleStates.WIDE, width >= WIDE);
    root.pseudoClassStateChanged(StyleStates.WIDEST, width >= WIDEST);
    root.pseudoClassStateChanged(StyleStates.NARROW, width < NARROW);
    double panel = width >= WIDEST ? 390 : width >= WIDE ? 330 : width < NARROW ? 280 : 300;
    StackPane.setMargin(sum, new Insets(0, panel + 12, 132, 0));
  }

  void nextUnits() {
    Units next =
        switch (units().system()) {
          case MM -> Units.DECIMAL_INCH;
          case INCH -> new Units(Units.System.FRACTION, preferences.fraction());
          case FRACTION -> Units.MM;
        };
    units(units().lengths(next));
  }

  /** Shows everything in other units from here on. */
  void units(Units next) {
    session.units().set(next);
    preferences.units(next);
  }

  /** Draws again, after it was decided how everything is to look. */
  void looked() {
    reopen();
  }

  /** The bench that station and screen share. */
  public BenchState bench() {
    return bench;
  }

  /** The days of the shop, with the builds that share them. */
  ShopDays days() {
    return days;
  }

  /** The screen at the machine; empty before it was opened. */
  public Optional<MachineWindow> atMachine() {
    return atBench.machine();
  }

  List<List<Command>> menu() {
    return files.menu(new MenuTargets(this));
  }

  BenchWindows atBench() {
    return atBench;
  }

  Navigator ways() {
    return ways;
  }

  FileActions files() {
    return files;
  }

  SumCard sum() {
    return sum;
  }

  /** Goes to the sheets, and opens what prints the one that is shown there. */
  void print() {
    choose(StationId.SHEETS);
    cards.print().open();
  }

  /** Goes to the sheets. */
  void toSheets() {
    choose(StationId.SHEETS);
  }

  /** What opens over the window. */
  Cards cards() {
    return cards;
  }

  /** What the look round rings. */
  StationRail rail() {
    return rail;
  }

  ThinRail thin() {
    return thin;
  }

  /** What the keyboard goes round by F6: panel, drawing, lower part, thin spots, stations. */
  List<Node> regions() {
    return List.of(here().panel(), surface, here().lower(), thin, rail);
  }

  /** The station that is shown. */
  public Station here() {
    return stations.get(station);
  }

  /** The stops that the wood makes, in their order. */
  public List<Station> stations() {
    return List.copyOf(stations.values());
  }

  /** Does what a command of that name does; nothing where there is none. */
  public void command(String words) {
    new Commands(this)
        .all().stream()
            .filter(c -> c.words().equals(words))
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException("no command is called “" + words + "”"))
            .action()
            .run();
  }

  /** A press anywhere but in the field enters what is typed there, before anything else happens. */
  private void pressed(MouseEvent e) {
    Node owner = root.getScene().getFocusOwner();
    boolean there = false;
    for (Node n = e.getTarget() instanceof Node t ? t : null; n != null; n = n.getParent()) {
      there |= n == owner;
    }
    if (!there) {
      session.enterTyped();
    }
  }

  private void leave(KeyEvent e) {
    if (cards.open()) {
      cards.overlay().hide();
      e.consume();
    } else if (sum.isVisible()) {
      sum.hide();
      e.consume();
    }
  }

  void save() {
    session.enterTyped();
    workspace.save();
  }
}

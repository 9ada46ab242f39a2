package roughcut.desktop.shell;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import roughcut.design.Counting;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.desktop.control.SumCard;
import roughcut.desktop.control.TakesReading;
import roughcut.desktop.control.ThinRail;
import roughcut.desktop.draw.DrawingSurface;
import roughcut.desktop.session.AtBench;
import roughcut.desktop.session.CaliperAtHand;
import roughcut.desktop.session.Desk;
import roughcut.desktop.session.Habits;
import roughcut.desktop.session.Session;
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
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.file.Rescue;
import roughcut.finding.Chapter;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.thin.ThinSpot;

/**
 * The window's content: stations at the left, the drawing on its ruler in the middle, numbers at
 * the right, thin spots along the bottom.
 */
public final class ShopWindow {
  /** The command that opens the screen at the machine. */
  public static final String MACHINE = "The screen at the machine";

  private static final int FIRST_STATION = 3;
  private static final KeyCombination REDO =
      new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);

  private final Workspace workspace;
  private final Session session;
  private final Habits habits;
  private final DrawingSurface surface = new DrawingSurface();
  private final VBox middle = new VBox();
  private final BorderPane body = new BorderPane();
  private final StackPane root = new StackPane(body);
  private final SumCard sum;
  private final Notice notice = new Notice();
  private final HelpCard help = new HelpCard();
  private final FindCard find = new FindCard(this::everything);
  private final List<Station> stations;
  private final StationRail rail;
  private final ThinRail thin;
  private final FileActions files;
  private final Tour tour;
  private final SheetsStation sheets;
  private final AtBench bench;
  private Drawn drawn;
  private final CaliperAtHand caliper = new CaliperAtHand();
  private MachineWindow atMachine;
  private CaliperWindow calipers;
  private int station = -1;
  private int chosenSpot = -1;

  public ShopWindow(Workspace workspace, Habits habits) {
    this.workspace = workspace;
    this.session = workspace.session();
    this.sum = new SumCard(session, this::goTo);
    this.habits = habits;
    session.units().set(habits.units());
    tour = new Tour(() -> habits.markSeen("tour"));
    files = new FileActions(workspace, notice, () -> root.getScene().getWindow());
    bench = new AtBench(session);
    Desk desk = new OwnDesk();
    sheets = new SheetsStation(desk);
    stations =
        List.of(
            new LayoutStation(desk),
            new BlanksStation(desk),
            new FretboardStation(desk),
            new NeckStation(desk),
            new BodyStation(desk),
            new RoutsStation(desk),
            new BridgeStation(desk),
            sheets,
            new BenchStation(desk));
    rail = new StationRail(stations, this::choose);
    thin = new ThinRail(this::flyTo, this::toFinding, v -> sum.ask(v, units()));
    surface.onLink(this::link);
    surface.onSpot(this::flyTo);
    surface.onKnife(x -> stations.get(station).knife(x));
    assemble();
    session.plan().addListener((p, was, is) -> refresh());
    session.onRefused(words -> notice.show("Not done: " + words + "."));
    session.units().addListener((p, was, is) -> refresh());
    workspace.state().addListener((p, was, is) -> files.tellSaving(is));
    surface.knife(0);
  }

  /** What the stations may ask of this window. */
  private final class OwnDesk implements Desk {
    @Override
    public Session session() {
      return session;
    }

    @Override
    public AtBench bench() {
      return bench;
    }

    @Override
    public void ask(Value value) {
      sum.ask(value, units());
    }

    @Override
    public void reopen() {
      ShopWindow.this.reopen();
    }

    @Override
    public void refresh() {
      ShopWindow.this.refresh();
    }

    @Override
    public void knife(double x) {
      surface.knife(x);
    }

    @Override
    public void refused(String words) {
      notice.show("Not done: " + words + ".");
    }

    @Override
    public void machine() {
      ShopWindow.this.machine();
    }
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

  /** Offers work on another build that couldn't be saved. */
  public void offer(Rescue.Copy copy) {
    files.offer(copy);
  }

  /** Something of the program's own went wrong; the work itself is safe. */
  void failed() {
    notice.show(
        "Something went wrong inside the program while it was showing this. Your work is kept;"
            + " an edit or another page usually helps.");
  }

  /** Starts the look around when it wasn't seen yet. */
  public void welcome() {
    if (!habits.seen("tour")) {
      tour.start();
    }
  }

  private Units units() {
    return session.units().get();
  }

  private void assemble() {
    root.getStyleClass().add("shop-window");
    VBox.setVgrow(surface, Priority.ALWAYS);
    body.setTop(
        new TopBar(
            workspace,
            files.menu(this::save, () -> choose(stations.indexOf(sheets)), this::showHelp),
            this::openFind,
            this::nextUnits,
            files::tellSaving));
    body.setLeft(rail);
    body.setCenter(middle);
    body.setBottom(thin);
    StackPane.setAlignment(sum, Pos.BOTTOM_RIGHT);
    StackPane.setMargin(sum, new Insets(0, 292, 132, 0));
    StackPane.setAlignment(find, Pos.TOP_CENTER);
    StackPane.setMargin(find, new Insets(54, 0, 0, 0));
    StackPane.setAlignment(tour, Pos.BOTTOM_LEFT);
    StackPane.setMargin(tour, new Insets(0, 0, 136, 124));
    root.getChildren().addAll(sum, tour, help, find);
    root.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    root.addEventFilter(MouseEvent.MOUSE_PRESSED, this::pressed);
    // Only what a field being typed into doesn't take for itself.
    root.addEventHandler(
        KeyEvent.KEY_PRESSED,
        e -> {
          if (e.getCode() == KeyCode.ESCAPE) {
            leave(e);
          }
        });
    middle.getChildren().addAll(notice, surface);
    choose(FIRST_STATION);
  }

  /** Goes to a station. */
  public void choose(int index) {
    if (index < 0 || index >= stations.size() || index == station) {
      return;
    }
    session.enterTyped();
    station = index;
    reopen();
  }

  /**
   * Puts the station's parts in their places, after going to it or when it turned to another page.
   */
  private void reopen() {
    drawn = null;
    Station here = stations.get(station);
    body.setRight(here.panel());
    middle.getChildren().setAll(notice, surface);
    if (here.lower().isManaged()) {
      middle.getChildren().add(here.lower());
    }
    surface.showRuler(here.hasRuler());
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

  /** Reads a table of boards into the rack, and goes there. */
  public void readBoards(java.nio.file.Path path) {
    choose(1);
    ((BlanksStation) stations.get(1)).readBoards(path);
  }

  /** Takes in an outline drawn elsewhere, and goes to where that is told. */
  public void outline(java.nio.file.Path path) {
    for (int i = 0; i < stations.size(); i++) {
      if (stations.get(i) instanceof BodyStation station) {
        choose(i);
        station.outline(path);
      }
    }
  }

  private void refresh() {
    Plan plan = session.plan().get();
    if (chosenSpot >= plan.thinSpots().size()) {
      chosenSpot = -1;
    }
    draw();
    rail.show(plan, station);
    thin.show(plan, units(), chosenSpot);
    sum.follow(plan.values(), units());
  }

  private void draw() {
    Plan plan = session.plan().get();
    Plan kept = session.kept();
    Station here = stations.get(station);
    surface.showFrets(here.hasFrets());
    if (!session.trying() || drawn == null || drawn.plan != kept) {
      drawn = new Drawn(kept, here.drawing(kept, units()));
      surface.show(
          drawn.drawing,
          kept.frets(),
          units(),
          here.knifeLeast(kept),
          here.knifeMost(kept),
          here.stops(kept));
    }
    surface.tried(session.trying() ? fresh(here.drawing(plan, units())) : List.of());
    here.show(plan, units(), surface.knife());
  }

  /** The drawing of what is kept, as it stands on the screen. */
  private record Drawn(Plan plan, Drawing drawing) {}

  /** Marks that the drawing of what is kept doesn't have. */
  private List<Mark> fresh(Drawing tried) {
    Set<Mark> kept = new HashSet<>(drawn.drawing.marks());
    return tried.marks().stream().filter(m -> !kept.contains(m)).toList();
  }

  /** Flies to a thin spot, with the knife in place. */
  private void flyTo(int index) {
    Plan plan = session.plan().get();
    ThinSpot spot = plan.thinSpots().get(index);
    chosenSpot = index;
    toChapter(spot.kind().owner());
    surface.flyTo(spot.x(), stations.get(station).spotY(plan, spot));
    surface.knife(spot.x());
    thin.show(plan, units(), index);
    sum.ask(spot.left(), units());
  }

  /** Goes to the field that a finding belongs beside, or to the page that tells of it. */
  private void toFinding(Finding finding) {
    if (!finding.where().isEmpty()) {
      goTo(finding.where());
      return;
    }
    toChapter(finding.topic().chapter());
    stations.get(station).page(pageOf(finding.topic()));
  }

  private void toChapter(Chapter chapter) {
    for (int i = 0; i < stations.size(); i++) {
      if (stations.get(i).chapter().filter(c -> c == chapter).isPresent()) {
        choose(i);
      }
    }
  }

  private static String pageOf(Topic topic) {
    return switch (topic) {
      case LAYOUT -> "";
      case NECK_BLANK -> "Boards";
      case BODY_BLANK -> "Body";
      case PLANER -> "Planer";
      case NECK -> "Side";
      case FRETBOARD -> "Markers";
      case STRINGS -> "Bridge";
      case BODY -> "Outline";
      case ROUTS -> "Passes";
    };
  }

  private void link(String id) {
    session.plan().get().value(id).ifPresentOrElse(v -> sum.ask(v, units()), () -> goTo(id));
  }

  /** Goes to the field where something is decided. */
  public void goTo(String decisionId) {
    Optional<String> idle = Counting.idle(session.build().get().design(), decisionId);
    if (idle.isPresent()) {
      String label =
          Decisions.find(session.build().get().design(), decisionId)
              .map(Decision::label)
              .orElse(decisionId);
      notice.tell(label + " " + idle.get() + ".");
      return;
    }
    if (stations.get(station).goTo(decisionId)) {
      return;
    }
    for (int i = 0; i < stations.size(); i++) {
      if (stations.get(i).goTo(decisionId)) {
        choose(i);
        stations.get(i).goTo(decisionId);
        return;
      }
    }
  }

  private void nextUnits() {
    Units next =
        switch (units().system()) {
          case MM -> Units.DECIMAL_INCH;
          case INCH -> Units.FRACTION_64;
          case FRACTION -> Units.MM;
        };
    session.units().set(next);
    habits.units(next);
  }

  /** Opens the screen that is read at the machine, or brings it forward. */
  private void machine() {
    if (atMachine == null) {
      atMachine = new MachineWindow(session, bench, caliper);
    }
    atMachine.open();
  }

  /** Opens the simulated caliper. */
  private void caliper() {
    if (calipers == null) {
      calipers = new CaliperWindow(session, caliper);
    }
    calipers.open();
  }

  /** What the caliper settled on goes to the field that has the keyboard. */
  private void fromCaliper() {
    Node at = root.getScene().getFocusOwner();
    while (at != null && !(at instanceof TakesReading)) {
      at = at.getParent();
    }
    if (at == null) {
      notice.tell("The caliper's value goes to a field that is measured: go to one first.");
    } else if (caliper.settled().get().isEmpty()) {
      notice.tell(
          caliper.shown().get() == null
              ? "No caliper is connected; the menu has a simulated one."
              : "The caliper hasn't settled yet.");
    } else {
      ((TakesReading) at)
          .take(caliper.settled().get().getAsDouble())
          .ifPresent(words -> notice.show("Not taken: " + words + "."));
    }
  }

  /** The bench that station and screen share. */
  public AtBench bench() {
    return bench;
  }

  /** The screen at the machine; empty before it was opened. */
  public Optional<MachineWindow> atMachine() {
    return Optional.ofNullable(atMachine);
  }

  private void openFind() {
    find.open();
  }

  private void showHelp() {
    help.setVisible(!help.isVisible());
  }

  private List<Command> everything() {
    List<Command> all = new ArrayList<>();
    for (int i = 0; i < stations.size(); i++) {
      int index = i;
      all.add(
          new Command("Go to " + stations.get(i).name(), "Ctrl+" + (i + 1), () -> choose(index)));
    }
    files.menu(this::save, () -> choose(stations.indexOf(sheets)), this::showHelp).stream()
        .filter(c -> c != null)
        .forEach(all::add);
    all.add(new Command("Undo", "Ctrl+Z", session::undo));
    all.add(new Command("Redo", "Ctrl+Shift+Z", session::redo));
    all.add(new Command("Millimetres, inches, fractions", "Ctrl+U", this::nextUnits));
    all.add(new Command(MACHINE, "F9", this::machine));
    all.add(new Command("Caliper, simulated", "Ctrl+Shift+M", this::caliper));
    all.add(new Command("The whole drawing", "0", surface::fit));
    for (Decision decision : Decisions.of(session.build().get().design())) {
      boolean counts = Counting.idle(session.build().get().design(), decision.id()).isEmpty();
      all.add(
          new Command(
              "Decide: " + decision.label(),
              counts ? decision.editable(session.build().get().design(), units()) : "doesn't count",
              decision.id(),
              () -> goTo(decision.id())));
    }
    for (Value worked : session.plan().get().values().values()) {
      all.add(
          new Command(
              worked.label(), worked.text(units()), worked.id(), () -> sum.ask(worked, units())));
    }
    return all;
  }

  /** The stops that the wood makes, in their order. */
  public List<Station> stations() {
    return List.copyOf(stations);
  }

  /** Does what a command of that name does; nothing where there is none. */
  public void command(String words) {
    everything().stream()
        .filter(c -> c.words().equals(words))
        .findFirst()
        .ifPresent(c -> c.action().run());
  }

  private void key(KeyEvent e) {
    if (e.getCode() == KeyCode.F4) {
      fromCaliper();
      e.consume();
    } else if (e.getCode() == KeyCode.M && e.isShortcutDown() && e.isShiftDown()) {
      caliper();
      e.consume();
    } else if (e.getCode() == KeyCode.F9) {
      machine();
      e.consume();
    } else if (e.getCode() == KeyCode.F1) {
      showHelp();
      e.consume();
    } else if (REDO.match(e)) {
      session.redo();
      e.consume();
    } else if (e.isShortcutDown() && !e.isAltDown() && !e.isShiftDown()) {
      shortcut(e);
    }
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
    for (Node card : List.of(find, help, sum)) {
      if (card.isVisible()) {
        card.setVisible(false);
        e.consume();
        return;
      }
    }
  }

  private void save() {
    session.enterTyped();
    workspace.save();
  }

  private void shortcut(KeyEvent e) {
    Runnable action =
        switch (e.getCode()) {
          case Z -> session::undo;
          case Y -> session::redo;
          case S -> this::save;
          case O -> files::open;
          case P -> () -> choose(stations.indexOf(sheets));
          case K -> this::openFind;
          case U -> this::nextUnits;
          case B -> () -> session.asBuilt().set(!session.asBuilt().get());
          default -> null;
        };
    int digit =
        e.getCode().isDigitKey() && e.getText().length() == 1 ? e.getText().charAt(0) - '1' : -1;
    if (action == null && digit >= 0 && digit < stations.size()) {
      action = () -> choose(digit);
    }
    if (action != null) {
      action.run();
      e.consume();
    }
  }
}

package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.StyleStates;
import roughcut.desktop.draw.DrawingPane;
import roughcut.desktop.session.Background;
import roughcut.desktop.session.RelativeDay;
import roughcut.desktop.words.Words;
import roughcut.file.FileException;
import roughcut.file.ShopBuilds;
import roughcut.measure.Units;

/**
 * Where one begins: three doors, and beneath them the shop's builds, each with a small picture, how
 * it stands and what is next.
 */
final class HomeCard extends VBox {
  private static final double PICTURE_WIDTH = 190;
  private static final double PICTURE_HEIGHT = 74;
  private static final double DOOR_WORDS = 252;

  private static final Background READING = new Background("builds");

  /** What a door or a build leads to. */
  interface Ways {
    void begin();

    void demo();

    void open();

    void open(Path build);
  }

  private final Overlay overlay;
  private final Ways ways;
  private final Notice notice;
  private final ListView<HomeRow> list = new ListView<>();
  private final Label none = new Label();
  private final Button begin;
  private KeyCode held;
  private int filling;
  private Path own;
  private Path demo;
  private Path here;
  private Units units;

  HomeCard(Overlay overlay, Ways ways, Notice notice) {
    super(14);
    this.overlay = overlay;
    this.ways = ways;
    this.notice = notice;
    ControlNames.set(this, "home");
    getStyleClass().add("home");
    setMaxSize(940, 640);
    setPrefSize(940, 640);
    Label title = new Label(say("What would you like to do?"));
    title.getStyleClass().add("home-title");
    begin =
        door(
            "home.new",
            say("New instrument"),
            say("A few questions, each with a usual answer. You can change everything later."),
            ways::begin);
    HBox doors =
        new HBox(
            12,
            begin,
            door(
                "home.demo",
                say("Explore the demo"),
                say("A made-up shop with five instruments to try things on. None of it is yours."),
                ways::demo),
            door(
                "home.open", say("Open …"), say("A build anywhere on this computer."), ways::open));
    ControlNames.set(list, "home.builds");
    list.setCellFactory(l -> new Cell());
    list.setPlaceholder(none);
    none.setWrapText(true);
    none.getStyleClass().add("lower-note");
    VBox.setVgrow(list, Priority.ALWAYS);
    list.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    list.addEventHandler(KeyEvent.KEY_RELEASED, e -> held = null);
    Label builds = new Label(say("Builds"));
    builds.getStyleClass().add("panel-heading");
    Label keys =
        new Label(
            say(
                "Enter opens · N starts a new one like it · D duplicates it with its "
                    + "measurements · Delete moves it to the bin"));
    keys.getStyleClass().add("lower-note");
    Button close = new Button(say("Close"));
    close.getStyleClass().add("text-button");
    ControlNames.set(close, "home.close");
    close.setOnAction(e -> overlay.close(this));
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    HBox below = new HBox(12, keys, space, close);
    below.setAlignment(Pos.CENTER_LEFT);
    getChildren().addAll(title, doors, builds, list, below);
  }

  private Button door(String id, String title, String words, Runnable action) {
    Label name = new Label(title);
    name.getStyleClass().add("door-title");
    Label more = new Label(words);
    more.getStyleClass().add("door-words");
    more.setWrapText(true);
    more.setMinHeight(Region.USE_PREF_SIZE);
    more.setMaxWidth(DOOR_WORDS);
    Button door = new Button();
    door.setGraphic(new VBox(4, name, more));
    ControlNames.set(door, id);
    door.getStyleClass().add("door");
    door.setMaxWidth(Double.MAX_VALUE);
    door.setPrefWidth(300);
    door.setPrefHeight(92);
    door.setAccessibleText(title + ". " + words);
    HBox.setHgrow(door, Priority.ALWAYS);
    door.setOnAction(
        e -> {
          overlay.close(this);
          action.run();
        });
    return door;
  }

  /**
   * Opens over the window.
   *
   * @param ownShop the maker's own shop's folder
   * @param demoShop the demo's
   * @param hereShop that of the build in the window, which may be neither
   * @param in the maker's units
   */
  void open(Path ownShop, Path demoShop, Path hereShop, Units in) {
    if (overlay.isOpen(this)) {
      return;
    }
    own = ownShop;
    demo = demoShop;
    here = hereShop;
    units = in;
    none.setText(say("Reading your builds …"));
    overlay.open(this, Pos.CENTER, begin);
    afterPainting(() -> fill(null));
  }

  /** Work that would only hold up what can be seen already, as when the program starts. */
  private static void afterPainting(Runnable work) {
    new AnimationTimer() {
      private int pulses;

      @Override
      public void handle(long now) {
        if (++pulses == 2) {
          stop();
          work.run();
        }
      }
    }.start();
  }

  /** Lists them again; each comes when it is worked out, so that nobody waits for the pictures. */
  private void fill(Path choose) {
    int mine = ++filling;
    Units told = units;
    none.setText(say("Reading your builds …"));
    READING.work(
        () -> {
          List<HomeRow> rows = new ArrayList<>();
          if (!same(here, own) && !same(here, demo)) {
            rows.addAll(HomeRow.of(here, false, told, Windows.now(), this::otherBuilds));
          }
          rows.addAll(HomeRow.of(own, false, told, Windows.now(), this::otherBuilds));
          rows.addAll(HomeRow.of(demo, true, told, Windows.now(), this::otherBuilds));
          return rows;
        },
        rows -> filled(mine, rows, choose));
  }

  private static boolean same(Path one, Path other) {
    return one.toAbsolutePath().normalize().equals(other.toAbsolutePath().normalize());
  }

  private void filled(int which, List<HomeRow> rows, Path choose) {
    if (which != filling) {
      return; // another listing was asked for meanwhile
    }
    none.setText(say("Your shop has no builds yet. A new instrument takes less than a minute."));
    list.getItems().setAll(rows);
    rows.stream()
        .filter(r -> r.entry().path().equals(choose))
        .findFirst()
        .ifPresent(list.getSelectionModel()::select);
  }

  private void otherBuilds(FileException why) {
    Platform.runLater(
        () -> notice.show(say("Some builds can't be shown correctly: {why}.", Words.why(why))));
  }

  private void key(KeyEvent e) {
    HomeRow row = list.getSelectionModel().getSelectedItem();
    if (row == null || e.isShortcutDown() || e.isAltDown() || held == e.getCode()) {
      return; // a key that is held copies once
    }
    held = e.getCode();
    if (act(e.getCode(), row)) {
      e.consume();
    }
  }

  private boolean act(KeyCode key, HomeRow row) {
    switch (key) {
      case ENTER -> open(row);
      case N -> made("begun", () -> own(row).like(row.entry().path()));
      case D -> made("copied", () -> own(row).duplicate(row.entry().path()));
      case DELETE -> bin(row);
      default -> {
        return false;
      }
    }
    return true;
  }

  /** What is made of a demo's build is made in the maker's own shop. */
  private ShopBuilds own(HomeRow row) {
    return row.demo() ? new ShopBuilds(own) : row.from();
  }

  private void open(HomeRow row) {
    overlay.close(this);
    ways.open(row.entry().path());
  }

  /** Something that makes a build. */
  private interface Making {
    Path make() throws FileException;
  }

  private void made(String how, Making making) {
    try {
      fill(making.make());
    } catch (FileException e) {
      overlay.close(this);
      notice.show(say("Not {how}: {why}.", how, Words.why(e)));
    }
  }

  private void bin(HomeRow row) {
    if (row.demo()) {
      return; // the demo is laid out anew, never taken apart
    }
    try {
      Path binned = row.from().bin(row.entry().path());
      fill(null);
      notice.tell(
          say("{entry} is in the bin.", row.entry().name()),
          new Command(say("Restore"), "", () -> back(row.from(), binned)));
    } catch (FileException e) {
      notice.show(say("Not deleted: {why}.", Words.why(e)));
    }
  }

  private void back(ShopBuilds builds, Path binned) {
    try {
      builds.back(binned);
      fill(null);
    } catch (FileException e) {
      notice.show(say("Not restored: {why}.", Words.why(e)));
    }
  }

  private final class Cell extends ListCell<HomeRow> {
    private final DrawingPane picture = new DrawingPane();
    private final Label name = new Label();
    private final Label stands = new Label();
    private final Label stopped = new Label();
    private final Label when = new Label();
    private final HBox all;

    Cell() {
      picture.setPrefSize(PICTURE_WIDTH, PICTURE_HEIGHT);
      picture.setMinSize(PICTURE_WIDTH, PICTURE_HEIGHT);
      name.getStyleClass().add("door-title");
      stands.getStyleClass().add("door-words");
      stands.setWrapText(true);
      stopped.getStyleClass().add("home-stopped");
      when.getStyleClass().add("find-detail");
      when.setMinWidth(Region.USE_PREF_SIZE);
      VBox words = new VBox(3, name, stands, stopped);
      words.setAlignment(Pos.CENTER_LEFT);
      HBox.setHgrow(words, Priority.ALWAYS);
      all = new HBox(16, picture, words, when);
      all.setAlignment(Pos.CENTER_LEFT);
      setPrefWidth(0);
      setOnMouseClicked(
          e -> {
            if (getItem() != null && e.getButton() == MouseButton.PRIMARY) {
              HomeCard.this.open(getItem());
            }
          });
    }

    @Override
    protected void updateItem(HomeRow row, boolean empty) {
      super.updateItem(row, empty);
      if (empty || row == null) {
        setGraphic(null);
        setContextMenu(null);
        return;
      }
      name.setText(row.entry().name());
      stands.setText(row.stands());
      stopped.setText(row.stopped());
      stopped.pseudoClassStateChanged(StyleStates.WRONG, row.stops());
      stopped.setManaged(!row.stopped().isEmpty());
      when.setText(
          row.demo()
              ? say("demo")
              : RelativeDay.days(
                  LocalDate.ofInstant(row.entry().changed(), Windows.now().zone()),
                  Windows.now().today()));
      picture.setVisible(row.portrait().isPresent());
      row.portrait().ifPresent(picture::show);
      setGraphic(all);
      setAccessibleText(row.entry().name() + ", " + row.stands());
      setContextMenu(menu(row));
    }

    private ContextMenu menu(HomeRow row) {
      ContextMenu menu = new ContextMenu();
      menu.getItems().add(item(say("Open"), () -> act(KeyCode.ENTER, row)));
      menu.getItems().add(item(say("New from this one, design only"), () -> act(KeyCode.N, row)));
      menu.getItems().add(item(say("Duplicate with measurements"), () -> act(KeyCode.D, row)));
      if (!row.demo()) {
        menu.getItems().add(item(say("Move to bin"), () -> act(KeyCode.DELETE, row)));
      }
      return menu;
    }

    private MenuItem item(String words, Runnable action) {
      MenuItem item = new MenuItem(words);
      item.setOnAction(e -> action.run());
      return item;
    }
  }
}

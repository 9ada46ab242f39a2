package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.AccessibleAttribute;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.control.TitledPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Pane;
import javafx.scene.text.Text;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.testfx.util.WaitForAsyncUtils;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.control.LazyTooltip;
import roughcut.desktop.control.RowGrid;
import roughcut.desktop.draw.DrawingSurface;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.session.Workspace;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.Windows;
import roughcut.desktop.station.StationId;
import roughcut.file.DemoFolder;
import roughcut.measure.Units;

/** Goes through every page of every station, and finds what of it can't be read. */
abstract class PageWalk extends WindowTest {
  /**
   * Whether every instrument is walked in every window and unit, as {@code ./stress pages} does,
   * instead of those in which something is likeliest to be too narrow.
   */
  static final boolean ALL = Boolean.getBoolean("roughcut.pages.all");

  private static final double[][] SIZES = {{1000, 640}, {1100, 700}, {1280, 800}, {1600, 1000}};

  private final List<Throwable> thrown = new ArrayList<>();
  private Thread.UncaughtExceptionHandler before;

  @BeforeEach
  void listen() {
    before = Thread.getDefaultUncaughtExceptionHandler();
    Thread.setDefaultUncaughtExceptionHandler((t, e) -> thrown.add(e));
    show(() -> Thread.currentThread().setUncaughtExceptionHandler((t, e) -> thrown.add(e)));
  }

  @AfterEach
  void nothingWasThrown() {
    Thread.setDefaultUncaughtExceptionHandler(before);
    assertThat(thrown).isEmpty();
  }

  /** Goes through every page; tells each by its words. */
  void everyPage(String build, Units units, Consumer<String> look) throws Exception {
    Path file =
        build.equals(OwnBass.NAME)
            ? OwnBass.in(data.resolve("demo"))
            : DemoFolder.build(data.resolve("demo"), build);
    Workspace opened = Workspace.open(file, data, clock());
    show(
        () -> {
          window.workspace().close();
          window = new ShopWindow(opened, Preferences.in(data));
          Scene scene = Windows.scene(window);
          stage.setScene(scene);
          session().units().set(units);
        });
    int looked = 0;
    for (StationId station : StationId.values()) {
      show(() -> window.choose(station));
      String of = build + ", station " + (station.ordinal() + 1);
      List<String> pages =
          all(stage.getScene().getRoot()).stream()
              .filter(n -> ControlNames.of(n).startsWith("page."))
              .map(n -> ((ToggleButton) n).getText())
              .toList();
      if (pages.isEmpty()) {
        look(of, look);
      }
      for (String page : pages) {
        at(() -> window.page(page));
        look(of + ", " + page, look);
      }
      looked += Math.max(1, pages.size());
    }
    assertThat(looked).as("pages of " + build).isGreaterThan(3 * StationId.values().length);
  }

  /** There and back, with no pause for what would only be painted. */
  private static void at(Runnable action) {
    WaitForAsyncUtils.waitForAsyncFx(20_000, action::run);
  }

  private void look(String where, Consumer<String> look) {
    at(
        () -> {
          stage.getScene().getRoot().applyCss();
          // Words that wrap know their height only once they know their width.
          stage.getScene().getRoot().layout();
          stage.getScene().getRoot().layout();
          look.accept(where);
        });
  }

  /** Everything that is shown, whatever it lies in. */
  static List<Node> all(Node node) {
    List<Node> all = new ArrayList<>();
    collect(node, all);
    return all;
  }

  private static void collect(Node node, List<Node> all) {
    if (!node.isVisible() || !node.isManaged() && node.getParent() == null) {
      return;
    }
    all.add(node);
    if (node instanceof Parent parent) {
      parent.getChildrenUnmodifiable().forEach(n -> collect(n, all));
    }
  }

  /** Words that are cut off and can be read in no tip either. */
  private static List<String> cutOff(List<Node> all) {
    List<String> cut = new ArrayList<>();
    for (Node node : all) {
      if (node instanceof Labeled labeled
          && !(node instanceof TitledPane)
          && labeled.getText() != null
          && !labeled.getText().isEmpty()
          && labeled.lookup(".text") instanceof Text shown
          && !labeled.getText().equals(shown.getText())
          && shown.getText().endsWith(labeled.getEllipsisString())
          && !tipped(labeled)) {
        cut.add(labeled.getText());
      }
    }
    return cut;
  }

  private static boolean tipped(Labeled label) {
    for (Node n = label; n != null; n = n.getParent()) {
      if (n instanceof Control c && c.getTooltip() != null
          || LazyTooltip.words(n).contains(label.getText())) {
        return true;
      }
    }
    return false;
  }

  /** Words that reach beyond the window, or beyond what they can only be scrolled in upright. */
  private List<String> outside(List<Node> all) {
    List<String> out = new ArrayList<>();
    double width = stage.getScene().getWidth();
    double height = stage.getScene().getHeight();
    for (Node node : all) {
      if (!(node instanceof Labeled labeled)
          || labeled.getText() == null
          || labeled.getText().isEmpty()) {
        continue;
      }
      // What it was laid out to: a blank at a line's end reaches further and isn't seen.
      Bounds b = node.localToScene(node.getLayoutBounds());
      ScrollPane scroll = around(node, ScrollPane.class);
      if (scroll == null && around(node, TableView.class) == null) {
        boolean in = b.getMinX() >= -1 && b.getMinY() >= -1;
        if (!in || b.getMaxX() > width + 1 || b.getMaxY() > height + 1) {
          out.add(labeled.getText());
        }
      } else if (scroll != null
          && scroll.isFitToWidth()
          && scroll.getHbarPolicy() == ScrollPane.ScrollBarPolicy.NEVER) {
        Bounds view = scroll.localToScene(scroll.getBoundsInLocal());
        if (b.getMaxX() > view.getMaxX() + 1) {
          out.add(labeled.getText());
        }
      }
    }
    return out;
  }

  /** Words that are printed over other words. */
  private static List<String> overprinted(List<Node> all) {
    List<Labeled> words = new ArrayList<>();
    for (Node node : all) {
      boolean alone =
          node instanceof Labeled l
              && !(l instanceof TitledPane || l instanceof MenuButton)
              && l.getGraphic() == null
              && l.getText() != null;
      if (alone && !((Labeled) node).getText().isBlank()) {
        words.add((Labeled) node);
      }
    }
    List<Bounds> rooms = words.stream().map(PageWalk::seen).toList();
    List<String> over = new ArrayList<>();
    for (int i = 0; i < words.size(); i++) {
      Bounds a = rooms.get(i);
      for (int k = i + 1; k < words.size(); k++) {
        Bounds b = rooms.get(k);
        double wide = Math.min(a.getMaxX(), b.getMaxX()) - Math.max(a.getMinX(), b.getMinX());
        double high = Math.min(a.getMaxY(), b.getMaxY()) - Math.max(a.getMinY(), b.getMinY());
        if (wide > 3 && high > 3) {
          over.add(words.get(i).getText() + " | " + words.get(k).getText());
        }
      }
    }
    return over;
  }

  /** What of some words' own room is in sight, where they can be scrolled. */
  private static Bounds seen(Labeled words) {
    Node ink = words.lookup(".text");
    Bounds b =
        ink == null
            ? words.localToScene(words.getLayoutBounds())
            : ink.localToScene(ink.getLayoutBounds());
    for (Node within = words.getParent(); within != null; within = within.getParent()) {
      if (within instanceof ScrollPane || within instanceof TableView) {
        b = shared(b, within.localToScene(within.getLayoutBounds()));
      }
    }
    return b;
  }

  private static Bounds shared(Bounds b, Bounds view) {
    double left = Math.max(b.getMinX(), view.getMinX());
    double top = Math.max(b.getMinY(), view.getMinY());
    return new BoundingBox(
        left,
        top,
        Math.max(0, Math.min(b.getMaxX(), view.getMaxX()) - left),
        Math.max(0, Math.min(b.getMaxY(), view.getMaxY()) - top));
  }

  private static <T extends Node> T around(Node node, Class<T> type) {
    for (Node n = node; n != null; n = n.getParent()) {
      if (type.isInstance(n)) {
        return type.cast(n);
      }
    }
    return null;
  }

  /** Rows of a table that are cut through at its lower edge. */
  private static List<String> halfRows(List<Node> all) {
    List<String> half = new ArrayList<>();
    for (Node node : all) {
      if (node instanceof TableRow<?> row && !row.isEmpty()) {
        Node clip = node;
        while (clip != null && !clip.getStyleClass().contains("clipped-container")) {
          clip = clip.getParent();
        }
        if (clip == null) {
          continue;
        }
        double end = clip.localToScene(clip.getLayoutBounds()).getMaxY();
        Bounds b = row.localToScene(row.getLayoutBounds());
        if (b.getMinY() < end - 2 && b.getMaxY() > end + 2) {
          half.add(ControlNames.of(row.getTableView()) + " row " + (row.getIndex() + 1));
        }
      }
    }
    return half;
  }

  /** Words of a list that would be seen whole, and aren't. */
  private static List<String> unseen(List<Node> all) {
    List<String> hidden = new ArrayList<>();
    for (Node node : all) {
      if (node instanceof Labeled cell
          && cell.getParent() instanceof RowGrid grid
          && cell.getOpacity() == 0
          && !cell.getText().isBlank()) {
        Node place = grid;
        while (place != null && !place.getStyleClass().contains("viewport")) {
          place = place.getParent();
        }
        Bounds in = place.localToScene(place.getLayoutBounds());
        Integer index = GridPane.getRowIndex(cell);
        boolean whole =
            grid.getChildren().stream()
                .filter(other -> Objects.equals(index, GridPane.getRowIndex(other)))
                .map(other -> other.localToScene(other.getLayoutBounds()))
                .allMatch(b -> b.getMinY() >= in.getMinY() && b.getMaxY() <= in.getMaxY());
        if (whole) {
          hidden.add(cell.getText());
        }
      }
    }
    return hidden;
  }

  /** Folds that hold nothing. */
  private static List<String> empty(List<Node> all) {
    return all.stream()
        .filter(TitledPane.class::isInstance)
        .map(TitledPane.class::cast)
        .filter(TitledPane::isVisible)
        .filter(
            fold ->
                fold.getContent() instanceof Pane held
                    && held.getChildren().stream().noneMatch(Node::isVisible))
        .map(TitledPane::getText)
        .toList();
  }

  /** How high all of a cell's row is. */
  private static double row(Label cell) {
    Integer index = GridPane.getRowIndex(cell);
    Bounds all = null;
    for (Node other : cell.getParent().getChildrenUnmodifiable()) {
      if (Objects.equals(index, GridPane.getRowIndex(other))) {
        Bounds b = other.getBoundsInParent();
        all =
            all == null
                ? b
                : new BoundingBox(
                    0,
                    Math.min(all.getMinY(), b.getMinY()),
                    1,
                    Math.max(all.getMaxY(), b.getMaxY()) - Math.min(all.getMinY(), b.getMinY()));
      }
    }
    return all == null ? 0 : all.getHeight();
  }

  /** Rows of a list that is scrolled, cut through at an edge of its place and seen. */
  private static List<String> halfLines(List<Node> all) {
    List<String> half = new ArrayList<>();
    for (Node node : all) {
      if (node instanceof Label cell
          && cell.getParent() instanceof GridPane
          && cell.getOpacity() > 0
          && !cell.getText().isBlank()) {
        Node place = cell.getParent();
        while (place != null && !place.getStyleClass().contains("viewport")) {
          place = place.getParent();
        }
        if (place != null && place.getParent().getStyleClass().contains("bare-scroll")) {
          Bounds in = place.localToScene(place.getLayoutBounds());
          Bounds b = cell.localToScene(cell.getLayoutBounds());
          boolean cut =
              b.getMinY() < in.getMaxY() - 4 && b.getMaxY() > in.getMaxY() + 4
                  || b.getMaxY() > in.getMinY() + 4 && b.getMinY() < in.getMinY() - 4;
          // What takes more than half of the place is seen as far as it goes.
          if (cut && row(cell) < in.getHeight() / 2) {
            half.add(cell.getText());
          }
        }
      }
    }
    return half;
  }

  /**
   * What takes the keyboard tells a reader of the screen what it is, through the toolkit's own
   * accessibility tree; those that don't.
   */
  private static List<String> nameless(List<Node> all) {
    return all.stream()
        .filter(n -> n.isFocusTraversable() && !n.isDisabled())
        .filter(n -> spoken(n).isBlank())
        .map(
            n -> {
              String id = ControlNames.of(n);
              return id.isEmpty() ? n.getClass().getSimpleName() + n.getStyleClass() : id;
            })
        .toList();
  }

  /** States that the style sheet paints on a control. */
  private static final Set<String> PAINTED =
      Set.of("chosen", "wrong", "tried", "follows", "measuring");

  /** Controls that are painted in a state which a reader of the screen doesn't hear of. */
  private static List<String> silent(List<Node> all) {
    return all.stream()
        .filter(n -> n.isFocusTraversable() && !n.isDisabled())
        .filter(
            n -> {
              long painted =
                  n.getPseudoClassStates().stream()
                      .filter(s -> PAINTED.contains(s.getPseudoClassName()))
                      .count();
              String help = Objects.requireNonNullElse(n.getAccessibleHelp(), "");
              return help.split("\\p{Punct}").length < painted || painted > 0 && help.isBlank();
            })
        .map(n -> ControlNames.of(n) + n.getPseudoClassStates())
        .toList();
  }

  /** What a reader of the screen says of it: its own name, or its words. */
  private static String spoken(Node node) {
    // What is typed is a field's value and no name.
    if (node instanceof TextField || node instanceof ComboBox || node.getAccessibleText() != null) {
      return Objects.requireNonNullElse(node.getAccessibleText(), "");
    }
    return Objects.toString(node.queryAccessibleAttribute(AccessibleAttribute.TEXT), "");
  }

  void sized(double width, double height) {
    show(
        () -> {
          stage.setWidth(width);
          stage.setHeight(height);
        });
    until(() -> stage.getScene().getWidth() == width && stage.getScene().getHeight() == height);
  }

  /** Whether the drawing, shown whole, lies under the buttons in its corner. */
  private List<String> underButtons() {
    DrawingSurface surface = window.surface();
    if (surface.drawing() == null || !surface.isVisible()) {
      return List.of();
    }
    Bounds buttons = surface.lookup(".zoom-bar").getBoundsInParent();
    roughcut.geometry.Bounds drawn = surface.drawing().bounds();
    boolean under =
        surface.view().px(drawn.right()) > buttons.getMinX()
            && surface.view().py(drawn.low()) > buttons.getMinY();
    return under ? List.of(surface.drawing().title()) : List.of();
  }

  final void look(String where, TreeSet<String> found) {
    List<Node> all = all(stage.getScene().getRoot());
    cutOff(all).forEach(w -> found.add(where + ": " + w));
    outside(all).forEach(w -> found.add(where + " (outside): " + w));
    halfRows(all).forEach(w -> found.add(where + " (half a row): " + w));
    unseen(all).forEach(w -> found.add(where + " (not seen): " + w));
    empty(all).forEach(w -> found.add(where + " (nothing in it): " + w));
    halfLines(all).forEach(w -> found.add(where + " (half a line): " + w));
    overprinted(all).forEach(w -> found.add(where + " (over each other): " + w));
    nameless(all).forEach(w -> found.add(where + " (without a name): " + w));
    silent(all).forEach(w -> found.add(where + " (state without words): " + w));
    underButtons().forEach(w -> found.add(where + " (under the buttons): " + w));
  }

  /** What is wrong on any page of any instrument, whatever the window's size and the unit. */
  TreeSet<String> wrongAnywhere() throws Exception {
    TreeSet<String> found = new TreeSet<>();
    for (double[] size : SIZES) {
      sized(size[0], size[1]);
      for (String build :
          List.of("Heron", "Avocet", "Bittern", "Dunlin", "Dotterel", OwnBass.NAME)) {
        found.addAll(wrong(build, Units.MM, Units.DECIMAL_INCH, Units.FRACTION_64));
      }
    }
    return found;
  }

  /** What is wrong on any page of a build, with the page. */
  TreeSet<String> wrong(String build, Units... units) throws Exception {
    TreeSet<String> found = new TreeSet<>();
    everyPage(
        build,
        units[0],
        where -> {
          for (Units each : units) {
            if (units.length > 1) {
              session().units().set(each);
              stage.getScene().getRoot().applyCss();
              stage.getScene().getRoot().layout();
              stage.getScene().getRoot().layout();
            }
            look(where + ", " + each.system() + ", " + (int) stage.getWidth(), found);
          }
        });
    return found;
  }
}

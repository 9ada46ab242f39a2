package roughcut.desktop.draw;

import static roughcut.desktop.words.Words.say;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;
import roughcut.drawing.Drawing;
import roughcut.drawing.KnifeStops;
import roughcut.drawing.Mark;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.layout.FretLayout;
import roughcut.measure.Units;

/**
 * The drawing with its ruler: pan by dragging, zoom by the wheel about the pointer, fit on a double
 * click, and the section knife that runs along the ruler. The still drawing is painted once for
 * each view; only the knife's layer is painted while the knife moves.
 */
public final class DrawingSurface extends Region {
  private static final double GRIP = 9;
  private static final double PADDING = 10;

  /** Kept free under the ruler for what the knife stands at, px. */
  private static final double KNIFE_WORDS = 12;

  private final Canvas still = new Canvas();
  private final Canvas moving = new Canvas();
  private final ZoomBar zoom = new ZoomBar(this);
  private Drawing drawing;
  private FretLayout frets;
  private Units units = Units.MM;
  private View view;
  private boolean fitted = true;
  private boolean knifeShown = true;
  private boolean paper;
  private boolean rulerShown = true;
  private Ruler ruler = Ruler.WHOLE;
  private boolean fretsShown = true;
  private final Knife knife = new Knife();
  private List<Mark> tried = List.of();
  private List<MarkPainter.Target> targets = List.of();
  private long stillPaints;
  private Point2D pressed;
  private boolean draggingKnife;
  private boolean dragged;
  private Mark.Handle held;
  private Point2D heldAt;
  private Handles handles = Handles.NONE;
  private Consumer<String> onLink = link -> {};
  private Consumer<Integer> onSpot = spot -> {};
  private DoubleConsumer onKnife = x -> {};

  public DrawingSurface() {
    getChildren().addAll(still, moving, zoom);
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    setAccessibleText(
        say(
            "Drawing. Left and right arrows move the section line by a millimetre, with "
                + "Shift by a fret, Page Up and Page Down to the next feature; plus and minus "
                + "zoom; 0 fits the drawing."));
    setMinSize(0, 0);
    still.setMouseTransparent(true);
    moving.setMouseTransparent(true);
    setOnMousePressed(this::press);
    setOnMouseDragged(this::drag);
    setOnMouseReleased(this::release);
    setOnMouseMoved(this::hover);
    setOnScroll(this::scroll);
    setOnKeyPressed(this::key);
  }

  /** Shows a drawing; the view stays unless everything was to be seen. */
  public void show(
      Drawing next,
      FretLayout frets,
      Units units,
      double knifeLeast,
      double knifeMost,
      List<KnifeStops.Stop> stops) {
    knife.goes(knifeLeast, knifeMost, frets, stops);
    this.drawing = next;
    this.frets = frets;
    this.units = units;
    if (fitted) {
      view = null;
    }
    paintStill();
    paintMoving();
  }

  /** What to do when a label that tells a value is clicked: gets the value's id. */
  public void onLink(Consumer<String> action) {
    onLink = action;
  }

  /** What dragging means on this drawing. */
  public void handles(Handles next) {
    handles = next;
  }

  /** What to do when a thin spot is clicked: gets its index. */
  public void onSpot(Consumer<Integer> action) {
    onSpot = action;
  }

  /** What to do when the knife moved: gets its place, mm from the nut line. */
  public void onKnife(DoubleConsumer action) {
    onKnife = action;
  }

  public void showKnife(boolean shown) {
    knifeShown = shown;
    paintMoving();
  }

  /** Whether there is a ruler; a picture of the work has no millimetres. */
  public void showRuler(boolean shown) {
    rulerShown = shown;
  }

  /** Whether the ruler gives way to the drawing: lengths only. */
  public void slimRuler(boolean slim) {
    ruler = slim ? Ruler.SLIM : Ruler.WHOLE;
  }

  private double top() {
    return rulerShown ? ruler.height() : 0;
  }

  /** Whether the ruler shows nut and frets. */
  public void showFrets(boolean shown) {
    fretsShown = shown;
  }

  /** Whether words are as large as on paper. */
  public void asOnPaper(boolean on) {
    paper = on;
  }

  public double knife() {
    return knife.at();
  }

  /** Puts the knife there, or as near as it goes, and tells. */
  public void knife(double x) {
    knife.to(x);
    paintMoving();
    onKnife.accept(knife.at());
  }

  /** The whole drawing again. */
  public void fit() {
    fitted = true;
    view = null;
    paintStill();
    paintMoving();
  }

  /** Flies to a place of the drawing, closer by. */
  public void flyTo(double x, double y) {
    ensureView();
    fitted = false;
    double scale = Math.max(view.scale(), 3);
    view = new View(scale, 0, 0).centred(x, y, getWidth() / 2, top() + (getHeight() - top()) / 2);
    paintStill();
    paintMoving();
  }

  public void zoom(double factor) {
    zoom(factor, getWidth() / 2, (getHeight() + top()) / 2);
  }

  public View view() {
    ensureView();
    return view;
  }

  /** How often the still layer was painted; a knife that moves must not raise it. */
  public long stillPaints() {
    return stillPaints;
  }

  /** What is shown; null before anything is. */
  public Drawing drawing() {
    return drawing;
  }

  /** What can be clicked on the drawing as it is painted now. */
  public List<MarkPainter.Target> targets() {
    return targets;
  }

  @Override
  protected void layoutChildren() {
    zoom.autosize();
    zoom.relocate(
        getWidth() - zoom.getWidth() - PADDING, getHeight() - zoom.getHeight() - PADDING / 2);
    if (still.getWidth() != getWidth() || still.getHeight() != getHeight()) {
      still.setWidth(getWidth());
      still.setHeight(getHeight());
      moving.setWidth(getWidth());
      moving.setHeight(getHeight());
      if (fitted) {
        view = null;
      }
      paintStill();
      paintMoving();
    }
  }

  private void ensureView() {
    if (view == null && drawing != null) {
      View whole = fitting(PADDING);
      view = underZoom(whole) ? fitting(zoom.getHeight() + PADDING) : whole;
    }
  }

  /** The whole drawing over so much room at the bottom. */
  private View fitting(double bottom) {
    double top = top() + (knifeShown ? KNIFE_WORDS : 0);
    return View.fitting(
        drawing.bounds(),
        PADDING,
        top,
        Math.max(10, getWidth() - 2 * PADDING),
        Math.max(10, getHeight() - top - bottom));
  }

  /** Whether the drawing's corner would lie under the zoom buttons. */
  private boolean underZoom(View whole) {
    Bounds b = drawing.bounds();
    return whole.px(b.right()) > getWidth() - zoom.getWidth() - PADDING
        && whole.py(b.low()) > getHeight() - zoom.getHeight() - PADDING / 2;
  }

  private void paintStill() {
    if (drawing == null || getWidth() < 1 || getHeight() < 1) {
      return;
    }
    ensureView();
    stillPaints++;
    GraphicsContext g = still.getGraphicsContext2D();
    g.setFill(Ink.sheet());
    g.fillRect(0, 0, getWidth(), getHeight());
    targets =
        MarkPainter.paint(
            g, drawing, view, paper ? MarkPainter.Words.PAPER : MarkPainter.Words.SCREEN);
    if (rulerShown) {
      ruler.paint(g, view, fretsShown ? frets : null, units, getWidth());
    }
  }

  private void paintMoving() {
    if (drawing == null || getWidth() < 1) {
      return;
    }
    ensureView();
    GraphicsContext g = moving.getGraphicsContext2D();
    g.clearRect(0, 0, getWidth(), getHeight());
    DragPreview.tried(g, view, tried);
    if (knifeShown) {
      knife.paint(g, view, top(), units, isFocused());
    }
    if (held != null && dragged) {
      paintHeld(g);
    }
  }

  /** Shows lines that are only tried, over the drawing of what is kept; none when nothing is. */
  public void tried(List<Mark> marks) {
    if (!marks.isEmpty() || !tried.isEmpty()) {
      tried = marks;
      paintMoving();
    }
  }

  /** What is being dragged, where it would come to lie, with its number. */
  private void paintHeld(GraphicsContext g) {
    double dx = view.scale() * moved(true);
    double dy = -view.scale() * moved(false);
    DragPreview.pen(g, 1.6, 6, 4);
    DragPreview.line(g, view, held.ghost(), true, dx, dy);
    g.setLineDashes();
    double along = held.along(moved(true));
    double across = held.across(moved(false));
    DragPreview.pen(g, 1.6);
    DragPreview.line(
        g, view, held.frame().of(handles.shape(held.grip(), along, across)), false, 0, 0);
    DragPreview.words(
        g,
        handles.words(held.grip(), along, across),
        view.px(held.at().x()) + dx + 14,
        Math.max(top() + 16, view.py(held.at().y()) + dy - 12),
        getWidth());
  }

  /** How far the handle was dragged, mm; only in the ways that it goes. */
  private double moved(boolean along) {
    if (held.way() == (along ? Mark.Way.ACROSS : Mark.Way.ALONG)) {
      return 0;
    }
    double px = along ? heldAt.getX() - pressed.getX() : pressed.getY() - heldAt.getY();
    return px / view.scale();
  }

  private boolean onKnifeLine(MouseEvent e) {
    return knifeShown
        && view != null
        && Math.abs(e.getX() - view.px(knife.at())) < GRIP
        && e.getY() > top() - 4;
  }

  /** What was painted last there; of handles over one another the one whose middle is nearest. */
  private MarkPainter.Target target(MouseEvent e) {
    MarkPainter.Target found = null;
    for (int i = targets.size() - 1; i >= 0; i--) {
      MarkPainter.Target target = targets.get(i);
      if (target.at(e.getX(), e.getY())
          && (found == null || target.nearer(found, e.getX(), e.getY()))) {
        found = target;
      }
    }
    return found;
  }

  /** The number that is told where the pointer is; empty for none. */
  public Optional<String> linkAt(double px, double py) {
    for (int i = targets.size() - 1; i >= 0; i--) {
      if (targets.get(i).at(px, py) && targets.get(i).link() != null) {
        return Optional.of(targets.get(i).link());
      }
    }
    return Optional.empty();
  }

  private void press(MouseEvent e) {
    requestFocus();
    pressed = new Point2D(e.getX(), e.getY());
    MarkPainter.Target target = drawing == null ? null : target(e);
    held = target != null && e.getButton() == MouseButton.PRIMARY ? target.handle() : null;
    heldAt = pressed;
    draggingKnife = held == null && onKnifeLine(e) && e.getButton() == MouseButton.PRIMARY;
    dragged = false;
  }

  private void drag(MouseEvent e) {
    if (drawing == null || pressed == null) {
      return;
    }
    dragged |= pressed.distance(e.getX(), e.getY()) > 3;
    if (held != null) {
      heldAt = new Point2D(e.getX(), e.getY());
      paintMoving();
    } else if (draggingKnife) {
      knife(view.x(e.getX()));
    } else if (dragged) {
      fitted = false;
      view = view.moved(e.getX() - pressed.getX(), e.getY() - pressed.getY());
      pressed = new Point2D(e.getX(), e.getY());
      paintStill();
      paintMoving();
    }
  }

  private void release(MouseEvent e) {
    if (held != null) {
      Mark.Handle dropped = held;
      double dx = held.along(moved(true));
      double dy = held.across(moved(false));
      held = null;
      paintMoving();
      if (dragged) {
        handles.drop(dropped.grip(), dx, dy);
      } else {
        handles.pick(dropped.grip());
      }
      return;
    }
    if (!dragged && drawing != null && e.getButton() == MouseButton.PRIMARY) {
      MarkPainter.Target target = target(e);
      if (target != null && target.spot() >= 0) {
        onSpot.accept(target.spot());
      } else if (target != null && target.link() != null) {
        onLink.accept(target.link());
      } else if (e.getClickCount() == 2) {
        Point at = new Point(view.x(e.getX()), view.y(e.getY()));
        if (!handles.twice(at, GRIP / view.scale())) {
          fit();
        }
      } else if (knifeShown && e.getY() < top()) {
        knife(view.x(e.getX()));
      }
    }
    draggingKnife = false;
  }

  private void hover(MouseEvent e) {
    if (view != null) {
      setCursor(
          target(e) != null ? Cursor.HAND : onKnifeLine(e) ? Cursor.H_RESIZE : Cursor.DEFAULT);
    }
  }

  private void scroll(ScrollEvent e) {
    if (e.getDeltaY() != 0) {
      zoom(Math.pow(1.0015, e.getDeltaY()), e.getX(), e.getY());
      e.consume();
    }
  }

  private void zoom(double factor, double px, double py) {
    if (drawing == null) {
      return;
    }
    ensureView();
    fitted = false;
    view = view.zoomed(factor, px, py);
    paintStill();
    paintMoving();
  }

  private void key(KeyEvent e) {
    if (e.isShortcutDown() || e.isAltDown()) {
      return;
    }
    switch (e.getCode()) {
      case LEFT -> knife(e.isShiftDown() ? knife.fretBeside(-1) : knife.at() - 1);
      case RIGHT -> knife(e.isShiftDown() ? knife.fretBeside(1) : knife.at() + 1);
      case PAGE_UP -> knife(knife.stopBeside(-1));
      case PAGE_DOWN -> knife(knife.stopBeside(1));
      case HOME -> knife(knife.least());
      case END -> knife(knife.most());
      case PLUS, ADD, EQUALS -> zoom(1.25);
      case MINUS, SUBTRACT -> zoom(0.8);
      case DELETE, BACK_SPACE -> {
        if (!handles.remove()) {
          return;
        }
      }
      case DIGIT0, NUMPAD0 -> fit();
      default -> {
        return;
      }
    }
    e.consume();
  }
}

package roughcut.desktop.draw;

import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import roughcut.drawing.Drawing;

/** A drawing without a ruler, always shown whole: the section, a blank's end, the page map. */
public final class DrawingPane extends Region {
  private final Canvas canvas = new Canvas();
  private final MarkPainter.Words words;
  private Drawing drawing;

  public DrawingPane() {
    this(MarkPainter.Words.SCREEN);
  }

  /** One whose words are that large. */
  public DrawingPane(MarkPainter.Words words) {
    this.words = words;
    getChildren().add(canvas);
    setMinSize(0, 0);
  }

  public void show(Drawing next) {
    drawing = next;
    setAccessibleText(next.title());
    paint();
  }

  @Override
  protected void layoutChildren() {
    if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
      canvas.setWidth(getWidth());
      canvas.setHeight(getHeight());
      paint();
    }
  }

  private void paint() {
    if (drawing == null || getWidth() < 1 || getHeight() < 1) {
      return;
    }
    GraphicsContext g = canvas.getGraphicsContext2D();
    g.setFill(Ink.sheet());
    g.fillRect(0, 0, getWidth(), getHeight());
    MarkPainter.paint(
        g, drawing, View.fitting(drawing.bounds(), 0, 0, getWidth(), getHeight()), words);
  }
}

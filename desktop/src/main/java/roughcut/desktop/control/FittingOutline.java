package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.util.Optional;
import javafx.scene.layout.VBox;
import roughcut.design.Design;
import roughcut.design.DrawnPart;
import roughcut.desktop.session.Session;
import roughcut.plan.PointOutline;

/** A fitting's own outline on its card: drawn point by point, imported, or given up again. */
final class FittingOutline extends VBox {
  private static final String ID = "fitting.outline";

  private final OutlineEditor points;
  private final OutlineImport drawing;

  /**
   * Makes one.
   *
   * @param back what giving it up is called
   * @param changed another point was chosen: the drawing has to show it
   */
  FittingOutline(Session session, DrawnPart part, String back, Runnable changed) {
    super(6);
    points = new OutlineEditor(session, part, ID, changed);
    drawing =
        new OutlineImport(
            session,
            ID,
            part,
            back,
            say("the standard cavity"),
            (design, drawn) -> PointOutline.taken(session.plan().get(), part, drawn),
            (Design design) -> design.withDrawn(part, Optional.empty()));
    getChildren().addAll(points, drawing);
  }

  OutlineEditor points() {
    return points;
  }

  void show(Design design) {
    points.show();
    drawing.show(design);
  }
}

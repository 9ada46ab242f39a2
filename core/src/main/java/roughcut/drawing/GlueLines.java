package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.blank.GlueFace;
import roughcut.geometry.Point;

/** A glue line as points, straight or swollen. */
final class GlueLines {
  private static final int PIECES = 40;

  private GlueLines() {}

  /** The line between two places. */
  static List<Point> along(GlueFace face, double from, double to) {
    List<Point> points = new ArrayList<>();
    int pieces = face.straight() ? 1 : PIECES;
    for (int i = 0; i <= pieces; i++) {
      double x = from + (to - from) * i / pieces;
      points.add(new Point(x, face.at(x)));
    }
    return points;
  }
}

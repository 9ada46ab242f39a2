package roughcut.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Grain;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.shop.Species;

/**
 * Collects the marks of a drawing while it is being made; views are put in their place by moving
 * the origin.
 */
final class Sketch {
  private final Units units;
  private final List<Mark> marks = new ArrayList<>(256);
  private double dx;
  private double dy;

  Sketch(Units units) {
    this.units = units;
  }

  /** From here on, the drawn origin stands at this place of the drawing. */
  void origin(double x, double y) {
    dx = x;
    dy = y;
  }

  Drawing drawing(String title, Bounds bounds) {
    return new Drawing(title, marks, bounds);
  }

  private Point place(Point p) {
    return p.plus(dx, dy);
  }

  private List<Point> place(List<Point> points) {
    return points.stream().map(this::place).toList();
  }

  void line(Role role, double x0, double y0, double x1, double y1) {
    path(role, false, new Point(x0, y0), new Point(x1, y1));
  }

  void path(Role role, boolean closed, Point... points) {
    path(role, closed, Arrays.asList(points));
  }

  void path(Role role, boolean closed, List<Point> points) {
    marks.add(new Mark.Path(role, place(points), closed));
  }

  void outline(Role role, Outline shape) {
    path(role, true, shape.corners());
  }

  void wood(Outline shape, Species species) {
    wood(shape, species, 0);
  }

  /** Wood whose grain runs at an angle to the drawing's x, degrees. */
  void wood(Outline shape, Species species, double turn) {
    marks.add(
        new Mark.Fill(
            Role.WOOD,
            new Outline(place(shape.corners())),
            species.tint(),
            species.figure(),
            Grain.ALONG,
            turn));
  }

  void endGrain(Outline shape, Species species) {
    marks.add(
        new Mark.Fill(
            Role.END_GRAIN,
            new Outline(place(shape.corners())),
            species.tint(),
            species.figure(),
            Grain.END,
            0));
  }

  void fill(Role role, Outline shape, String colour) {
    marks.add(
        new Mark.Fill(role, new Outline(place(shape.corners())), colour, null, Grain.NONE, 0));
  }

  void text(Role role, double x, double y, String text, Anchor anchor, Size size) {
    marks.add(new Mark.Text(role, new Point(x + dx, y + dy), text, anchor, size, 0, null));
  }

  void text(Role role, double x, double y, String text, Anchor anchor, Size size, String link) {
    marks.add(new Mark.Text(role, new Point(x + dx, y + dy), text, anchor, size, 0, link));
  }

  /**
   * A dimension that tells a value, in the maker's units; where it was measured it is drawn in the
   * ink of measured things.
   */
  void dimension(Point a, Point b, double aside, String before, Value value) {
    Role role = Provenance.measured(value) ? Role.MEASURED : Role.DIMENSION;
    marks.add(
        new Mark.Dimension(
            role,
            place(a),
            place(b),
            aside,
            (before + " " + value.text(units)).strip(),
            value.id()));
  }

  /** A dimension of a length that has no id of its own. */
  void dimension(Role role, Point a, Point b, double aside, String text) {
    marks.add(new Mark.Dimension(role, place(a), place(b), aside, text, null));
  }

  void spot(Role role, double x, double y, String text, boolean below, int index) {
    marks.add(new Mark.Spot(role, new Point(x + dx, y + dy), text, below, index));
  }

  Units units() {
    return units;
  }
}

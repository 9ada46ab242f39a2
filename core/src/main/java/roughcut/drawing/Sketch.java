package roughcut.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import roughcut.design.Decisions;
import roughcut.design.Handedness;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Grain;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Frame;
import roughcut.geometry.Outline;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Similarity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.shop.Species;

/**
 * Collects the marks of a drawing while it is being made; views are put in their place by moving
 * the origin.
 */
final class Sketch {
  private final Units units;
  private final Predicate<Value> fromWood;
  private final Handedness hand;
  private final List<Mark> marks = new ArrayList<>(256);
  private double dx;
  private double dy;
  private double scale = 1;
  private Frame frame = Frame.PLAIN;

  /** A sketch without values of a plan. */
  Sketch(Units units) {
    this(units, v -> false, Handedness.RIGHT);
  }

  /** A sketch of what a plan has. */
  Sketch(Plan plan, Units units) {
    this(units, plan::fromWood, plan.given(Decisions.HAND));
  }

  private Sketch(Units units, Predicate<Value> fromWood, Handedness hand) {
    this.units = units;
    this.fromWood = fromWood;
    this.hand = hand;
  }

  /** From here on, the drawn origin stands at this place of the drawing. */
  void origin(double x, double y) {
    dx = x;
    dy = y;
  }

  /**
   * From here on, things are drawn so many times their size about the origin; words keep theirs.
   */
  void scale(double next) {
    scale = next;
  }

  /**
   * From here on, things are drawn in the plan's own sides and lie on the drawing as they are seen
   * from there, in the maker's hand. Words stay upright, on the side of their place on which they
   * stood.
   */
  void seen(View view) {
    frame = view.frame(hand);
  }

  /** How things lie from there, in the maker's hand. */
  Frame frame(View view) {
    return view.frame(hand);
  }

  List<Mark> marks() {
    return marks;
  }

  Drawing drawing(Text title, Bounds bounds) {
    return new Drawing(title.in(units), marks, bounds);
  }

  private Point place(Point p) {
    return place(p.x(), p.y());
  }

  private Point place(double x, double y) {
    return new Point(frame.x(x) * scale + dx, frame.y(y) * scale + dy);
  }

  private Similarity place() {
    return frame.similarity().then(Similarity.sizing(scale)).then(Similarity.moving(dx, dy));
  }

  private List<Point> place(List<Point> points) {
    return place().of(points);
  }

  private Outline place(Outline shape) {
    return shape.through(place());
  }

  void line(Role role, double x0, double y0, double x1, double y1) {
    path(role, false, new Point(x0, y0), new Point(x1, y1));
  }

  void path(Role role, boolean closed, Point... points) {
    path(role, closed, Arrays.asList(points));
  }

  void path(Role role, boolean closed, List<Point> points) {
    path(role, Path.straight(points, closed));
  }

  void path(Role role, Path path) {
    marks.add(new Mark.Stroke(role, path.through(place())));
  }

  void outline(Role role, Outline shape) {
    path(role, shape.path());
  }

  void wood(Outline shape, Species species) {
    wood(shape, species, 0);
  }

  /** Wood whose grain runs at an angle to the drawing's x, degrees. */
  void wood(Outline shape, Species species, double turn) {
    marks.add(
        new Mark.Fill(
            Role.WOOD,
            place(shape),
            species.tint(),
            species.figure(),
            Grain.ALONG,
            frame.turn(turn)));
  }

  void endGrain(Outline shape, Species species) {
    marks.add(
        new Mark.Fill(
            Role.END_GRAIN, place(shape), species.tint(), species.figure(), Grain.END, 0));
  }

  void fill(Role role, Outline shape, String colour) {
    marks.add(new Mark.Fill(role, place(shape), colour, null, Grain.NONE, 0));
  }

  void text(Role role, double x, double y, Text text, Anchor anchor, Size size) {
    text(role, x, y, text, anchor, size, null);
  }

  void text(Role role, double x, double y, Text text, Anchor anchor, Size size, String link) {
    Anchor seen = frame.endForEnd() ? anchor.turned() : anchor;
    marks.add(new Mark.Text(role, place(x, y), text.in(units), seen, size, 0, frame.over(), link));
  }

  /**
   * A dimension that tells a value, in the maker's units; where it was measured it is drawn in the
   * ink of measured things.
   */
  void dimension(Point a, Point b, double aside, Text before, Value value) {
    Role role = fromWood.test(value) ? Role.MEASURED : Role.DIMENSION;
    marks.add(
        new Mark.Dimension(
            role,
            place(a),
            place(b),
            frame.turn(aside),
            (before.in(units) + " " + value.text(units)).strip(),
            value.id()));
  }

  /** A dimension of a length that has no id of its own. */
  void dimension(Role role, Point a, Point b, double aside, Text text) {
    marks.add(
        new Mark.Dimension(role, place(a), place(b), frame.turn(aside), text.in(units), null));
  }

  void spot(Role role, double x, double y, Text text, boolean below, int index) {
    boolean under = below != frame.over();
    marks.add(new Mark.Spot(role, place(x, y), text.in(units), under, index));
  }

  /** Something that can be dragged, with the shape that moves along. */
  void handle(Grip grip, double x, double y, List<Point> ghost, Mark.Way way) {
    marks.add(new Mark.Handle(Role.TOUCH, grip, place(x, y), place(ghost), way, false, frame));
  }

  /** Something that can be taken hold of anywhere in its shape, or clicked. */
  void grip(Grip grip, Outline shape, Mark.Way way) {
    Point middle = shape.centre();
    marks.add(
        new Mark.Handle(Role.TOUCH, grip, place(middle), place(shape.corners()), way, true, frame));
  }

  /** Lines that slant the same way however it is seen: what is cut, or what is covered. */
  void hatch(Role role, Outline shape, double spacing) {
    double turn = Math.PI / 4;
    Frame seen = frame;
    Outline level = seen.of(shape).turned(new Point(0, 0), -turn, 0, 0);
    frame = Frame.PLAIN;
    double from = Math.ceil(level.bounds().low() / spacing) * spacing;
    for (double y = from; y < level.bounds().high(); y += spacing) {
      for (double[] span : level.spans(y)) {
        path(role, false, turned(span[0], y, turn), turned(span[1], y, turn));
      }
    }
    frame = seen;
  }

  private static Point turned(double x, double y, double turn) {
    return new Point(
        x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn));
  }

  Units units() {
    return units;
  }
}

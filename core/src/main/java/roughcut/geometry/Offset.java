package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import roughcut.measure.Precision;

/**
 * The lines that run beside others at a distance, to both sides and round their ends: straight
 * beside straight, arcs of another radius beside arcs. What runs beside a cubic curve is none; it
 * is taken as the arcs that it is nearest to.
 */
final class Offset implements Segment.Cases<Void, RuntimeException> {
  /** How near arcs lie to the cubic that they stand for, mm. */
  private static final double ARCS = 0.002;

  private final double by;
  private final List<Segment> beside = new ArrayList<>();

  private Offset(double by) {
    this.by = by;
  }

  /**
   * All lines that the edge of a grown or shrunk shape may lie on.
   *
   * @param by distance, more than 0, mm
   */
  static List<Segment> of(List<Segment> lines, double by) {
    Offset offset = new Offset(by);
    for (Segment line : lines) {
      line.fold(offset);
      offset.beside.add(Arc.circle(line.start(), by));
    }
    return offset.beside;
  }

  @Override
  public Void line(Line line) {
    double x = (line.b().x() - line.a().x()) / line.length() * by;
    double y = (line.b().y() - line.a().y()) / line.length() * by;
    beside.add(new Line(line.a().plus(-y, x), line.b().plus(-y, x)));
    beside.add(new Line(line.a().plus(y, -x), line.b().plus(y, -x)));
    return null;
  }

  @Override
  public Void arc(Arc arc) {
    beside.add(new Arc(arc.centre(), arc.radius() + by, arc.from(), arc.sweep()));
    if (Math.abs(arc.radius() - by) > Precision.NEAR) {
      // Past the centre a narrower arc comes out on the other side of it.
      double turned = arc.radius() > by ? arc.from() : arc.from() + Math.PI;
      beside.add(new Arc(arc.centre(), Math.abs(arc.radius() - by), turned, arc.sweep()));
    }
    return null;
  }

  @Override
  public Void cubic(Cubic cubic) {
    List<Segment> arcs = Biarcs.of(cubic, ARCS);
    arcs.forEach(a -> a.fold(this));
    return null;
  }
}

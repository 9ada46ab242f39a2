package roughcut.geometry;

import java.util.List;

/** A straight stretch. */
public record Line(Point a, Point b) implements Segment {
  @Override
  public boolean straight() {
    return true;
  }

  @Override
  public <T, E extends Exception> T fold(Cases<T, E> cases) throws E {
    return cases.line(this);
  }

  @Override
  public Point at(double t) {
    return a.towards(b, t);
  }

  @Override
  public Point way(double t) {
    return new Point(b.x() - a.x(), b.y() - a.y());
  }

  @Override
  public double curvature(double t) {
    return 0;
  }

  @Override
  public double nearest(Point place) {
    return place.share(a, b);
  }

  @Override
  public Line part(double from, double to) {
    return new Line(at(from), at(to));
  }

  @Override
  public Line reversed() {
    return part(1, 0);
  }

  @Override
  public Line through(Similarity change) {
    return new Line(change.of(a), change.of(b));
  }

  @Override
  public List<Point> corners() {
    return List.of(a, b);
  }

  @Override
  public double length() {
    return a.distance(b);
  }

  @Override
  public double swept() {
    return (a.x() * b.y() - b.x() * a.y()) / 2;
  }

  @Override
  public Point start() {
    return a;
  }

  @Override
  public Point end() {
    return b;
  }
}

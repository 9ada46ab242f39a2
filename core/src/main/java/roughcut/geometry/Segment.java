package roughcut.geometry;

import java.util.List;
import java.util.Optional;

/** A stretch of a path: straight, round or a cubic curve. Places are mm. */
public sealed interface Segment permits Line, Arc, Cubic {
  /** An answer for each kind of segment; whoever writes or cuts along them has to know them all. */
  interface Cases<T, E extends Exception> {
    T line(Line line) throws E;

    T arc(Arc arc) throws E;

    T cubic(Cubic cubic) throws E;
  }

  <T, E extends Exception> T fold(Cases<T, E> cases) throws E;

  /** The place at a share of its own parameter: 0 where it begins, 1 where it ends. */
  Point at(double t);

  /** The way that it runs there, not of any length. */
  Point way(double t);

  /** How much it turns to the left there, for each mm along: one over the radius of its circle. */
  double curvature(double t);

  /** The parameter of its place nearest to another, 0 to 1. */
  double nearest(Point place);

  /** What lies between two parameters; the other way round where the second is smaller. */
  Segment part(double from, double to);

  /** Whether it doesn't bend. */
  default boolean straight() {
    return false;
  }

  Segment through(Similarity change);

  /** Corners close enough to it, both ends included. */
  List<Point> corners();

  /** Length along it, mm. */
  double length();

  /**
   * What it adds to the area of a closed path, mm²: half the sum of x·dy − y·dx along it (Green);
   * more than 0 anticlockwise.
   */
  double swept();

  default Point start() {
    return at(0);
  }

  default Point end() {
    return at(1);
  }

  /** It, where it is an arc. */
  default Optional<Arc> round() {
    return Optional.empty();
  }

  default Segment reversed() {
    return part(1, 0);
  }

  /** How far a place is from it, mm. */
  default double distance(Point place) {
    return at(nearest(place)).distance(place);
  }
}

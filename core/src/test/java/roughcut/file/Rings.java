package roughcut.file;

import java.util.List;
import roughcut.geometry.Point;

/** Rings of points as readers find them. */
final class Rings {
  private Rings() {}

  /** Area that a ring goes round, mm²; less than 0 clockwise. */
  static double directed(List<Point> ring) {
    double sum = 0;
    for (int i = 0; i < ring.size(); i++) {
      Point a = ring.get(i);
      Point b = ring.get((i + 1) % ring.size());
      sum += a.x() * b.y() - a.y() * b.x();
    }
    return sum / 2;
  }
}

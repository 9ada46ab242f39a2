package roughcut.blank;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.Strip;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;

/**
 * A strip in its place in the finished blank.
 *
 * @param number in the stack as decided, from 1 at the bass side; 0 for what a later step added
 * @param lower face towards the bass side
 * @param upper face towards the treble side
 */
public record PlacedStrip(Strip strip, int number, GlueFace lower, GlueFace upper) {
  /** Ids of decisions of the listed strip that it is, or is a piece of; none of a centre strip. */
  public List<String> decided(String what) {
    return number > 0 ? List.of("neck.strip." + number + "." + what) : List.of();
  }

  /** Offset of the face towards the bass side at the nut line. */
  public double from() {
    return lower.nut();
  }

  /** Offset of the face towards the treble side at the nut line. */
  public double to() {
    return upper.nut();
  }

  public double from(double x) {
    return lower.at(x);
  }

  public double to(double x) {
    return upper.at(x);
  }

  /** The strip from above between two places; y is the offset, treble positive. */
  public Outline seen(double x0, double x1) {
    List<Point> corners = new ArrayList<>();
    for (double x : stops(lower, x0, x1)) {
      corners.add(new Point(x, lower.at(x)));
    }
    List<Double> back = stops(upper, x0, x1);
    for (int i = back.size() - 1; i >= 0; i--) {
      corners.add(new Point(back.get(i), upper.at(back.get(i))));
    }
    return new Outline(corners);
  }

  /** Places between which a face is straight enough to be drawn. */
  static List<Double> stops(GlueFace face, double x0, double x1) {
    List<Double> stops = new ArrayList<>();
    stops.add(x0);
    for (int i = 0; i <= face.pieces() && !face.straight(); i++) {
      double x = face.heelEnd() * i / face.pieces();
      if (x > x0 && x < x1) {
        stops.add(x);
      }
    }
    stops.add(x1);
    return stops;
  }
}

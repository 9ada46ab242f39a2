package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import roughcut.design.DrawnPart;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;

/**
 * Curves of foreign drawings against what their format says of them, worked out another way:
 * splines by the sums of their basis, arcs of ellipses in the frame where the ellipse is a circle.
 */
class DrawnCurvesProperties {
  /** What may be lost: a chord's error, and as much again to corners that aren't needed. */
  private static final double FINE = 0.0201;

  private static List<Point> corners(String name, String text) throws FileException {
    return OutlineFile.read(name, text.getBytes(StandardCharsets.UTF_8), DrawnPart.BODY)
        .outline()
        .corners();
  }

  private static String groups(Object... groups) {
    StringBuilder all = new StringBuilder("0\nSECTION\n2\nENTITIES\n");
    for (int i = 0; i < groups.length; i += 2) {
      all.append(groups[i]).append('\n').append(groups[i + 1]).append('\n');
    }
    return all + "0\nENDSEC\n0\nEOF\n";
  }

  private static double away(Point p, List<Point> line) {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < line.size(); i++) {
      // Round to the first again, since an outline is.
      Point next = line.get((i + 1) % line.size());
      least = Math.min(least, p.distanceToSegment(line.get(i), next));
    }
    return least;
  }

  private record Spline(int degree, double[] knots, double[] xs, double[] ys, double[] weights) {
    static Spline any(Random random) {
      int degree = 1 + random.nextInt(5);
      int n = degree + 2 + random.nextInt(6);
      double[] knots = new double[n + degree + 1];
      for (int i = 1; i < knots.length; i++) {
        boolean clamped = i <= degree || i > n;
        // As often as the degree a knot makes a corner; once more and the curve falls apart.
        boolean again = i > degree + 1 && knots[i - 1] > knots[i - Math.min(i, degree)];
        boolean same = clamped || again && random.nextInt(4) == 0;
        knots[i] = knots[i - 1] + (same ? 0 : 0.05 + random.nextDouble());
      }
      double[] weights = random.nextBoolean() ? new double[0] : new double[n];
      double[] xs = new double[n];
      double[] ys = new double[n];
      for (int i = 0; i < n; i++) {
        xs[i] = -200 + 400 * random.nextDouble();
        ys[i] = -150 + 300 * random.nextDouble();
        if (weights.length > 0) {
          weights[i] = 0.3 + 3 * random.nextDouble();
        }
      }
      return new Spline(degree, knots, xs, ys, weights);
    }

    String dxf() {
      List<Object> all = new ArrayList<>(List.of(0, "SPLINE", 70, 8, 71, degree));
      for (double k : knots) {
        all.addAll(List.of(40, k));
      }
      for (double w : weights) {
        all.addAll(List.of(41, w));
      }
      for (int i = 0; i < xs.length; i++) {
        all.addAll(List.of(10, xs[i], 20, ys[i], 30, 0));
      }
      return groups(all.toArray());
    }

    /** The share of one control point, by its recursive definition. */
    private double provenance(int i, int p, double t) {
      if (p == 0) {
        boolean last = t == knots[xs.length] && knots[i] < t && knots[i + 1] == t;
        return knots[i] <= t && t < knots[i + 1] || last ? 1 : 0;
      }
      double up = knots[i + p] - knots[i];
      double down = knots[i + p + 1] - knots[i + 1];
      return (up > 0 ? (t - knots[i]) / up * provenance(i, p - 1, t) : 0)
          + (down > 0 ? (knots[i + p + 1] - t) / down * provenance(i + 1, p - 1, t) : 0);
    }

    /** Closely, and at every knot, where it may have a corner. */
    double[] finely() {
      double first = knots[degree];
      double length = knots[xs.length] - first;
      return DoubleStream.concat(
              IntStream.rangeClosed(0, 6000).mapToDouble(i -> i / 6000.0),
              Arrays.stream(knots).map(k -> (k - first) / length))
          .sorted()
          .toArray();
    }

    Point at(double share) {
      double last = knots[xs.length];
      double t = share < 1 ? knots[degree] + share * (last - knots[degree]) : last;
      double x = 0;
      double y = 0;
      double all = 0;
      for (int i = 0; i < xs.length; i++) {
        double own = provenance(i, degree, t) * (weights.length > 0 ? weights[i] : 1);
        x += own * xs[i];
        y += own * ys[i];
        all += own;
      }
      return new Point(x / all, y / all);
    }
  }

  @Property(tries = 150)
  void aSplineOfADrawingIsTheSumOfItsBasis(@ForAll @LongRange(min = 0, max = 99_999) long seed)
      throws FileException {
    Spline spline = Spline.any(new Random(seed));
    List<Point> read = corners("a.dxf", spline.dxf());
    List<Point> walked = new ArrayList<>();
    for (int i = 0; i <= 400; i++) {
      walked.add(spline.at(i / 400.0));
      // Twice, since a turn may hide between two looks.
      assertThat(away(walked.get(i), read)).as("%s at %s", spline, i).isLessThan(2 * FINE);
    }
    List<Point> finely = new ArrayList<>();
    for (double share : spline.finely()) {
      finely.add(spline.at(share));
    }
    for (Point corner : read) {
      // Where it turns sharply even these steps are long; that nothing wanders off is seen.
      assertThat(away(corner, finely)).as("%s", spline).isLessThan(0.5);
    }
  }

  /** A circle as nine points with weights, as drawing programs write it. */
  private static String weighedCircle(double radius) {
    List<Object> all = new ArrayList<>(List.of(0, "SPLINE", 70, 1, 71, 2));
    for (double k : new double[] {0, 0, 0, 1, 1, 2, 2, 3, 3, 4, 4, 4}) {
      all.addAll(List.of(40, k));
    }
    for (int i = 0; i < 9; i++) {
      all.addAll(List.of(41, i % 2 == 0 ? 1 : Math.sqrt(0.5)));
    }
    int[][] square = {{1, 0}, {1, 1}, {0, 1}, {-1, 1}, {-1, 0}, {-1, -1}, {0, -1}, {1, -1}, {1, 0}};
    for (int[] p : square) {
      all.addAll(List.of(10, radius * p[0], 20, radius * p[1]));
    }
    return groups(all.toArray());
  }

  /** Every corner lies on the circle, and no side strays further inwards than is fine. */
  private static void isACircle(List<Point> read, double radius, double onIt) {
    for (int i = 0; i < read.size(); i++) {
      Point p = read.get(i);
      Point middle = p.towards(read.get((i + 1) % read.size()), 0.5);
      assertThat(Math.hypot(p.x(), p.y())).isCloseTo(radius, within(onIt));
      assertThat(Math.hypot(middle.x(), middle.y())).isBetween(radius - FINE, radius + onIt);
    }
  }

  @Test
  void aWeightedSplineIsTheCircleThatItWasDrawnAs() throws FileException {
    isACircle(corners("a.dxf", weighedCircle(160)), 160, 1e-9);
  }

  /** Read as millimetres first, an inch's curves would be twenty-five times too coarse. */
  @Test
  void whatIsDrawnInInchesWithoutSayingSoIsAsFine() throws FileException {
    double inches = 6.5;
    double mm = inches * 25.4;
    isACircle(corners("a.dxf", weighedCircle(inches)), mm, 1e-8);
    isACircle(corners("a.dxf", groups(0, "CIRCLE", 10, 0, 20, 0, 40, inches)), mm, 1e-8);
    isACircle(
        corners("a.dxf", groups(0, "ELLIPSE", 10, 0, 20, 0, 11, inches, 21, 0, 40, 1)), mm, 1e-8);
    String svg = "<svg xmlns=\"http://www.w3.org/2000/svg\"><circle r=\"" + inches + "\"/></svg>";
    isACircle(corners("a.svg", svg), mm, 1e-4);
  }

  /** Without their weights the same points are another curve; weights of nothing are no spline. */
  @Test
  void weightsThatCanNotBeMakeNoCurve() {
    Object[] some = {0, "SPLINE", 71, 1, 40, 0, 40, 0, 40, 1, 40, 2, 40, 2, 41, 1, 41, 0, 41, 1};
    List<Object> all = new ArrayList<>(List.of(some));
    all.addAll(List.of(10, 0, 20, 0, 10, 300, 20, 0, 10, 300, 20, 200));
    assertThat(catchThrowable(() -> corners("a.dxf", groups(all.toArray()))))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("no closed path");
  }

  /** Whatever the file's unit, an ellipse is as fine as everything else. */
  @Property(tries = 40)
  void anEllipseIsWithinAHairOfItself(@ForAll @LongRange(min = 0, max = 99_999) long seed)
      throws FileException {
    Random random = new Random(seed);
    double a = 120 + 200 * random.nextDouble();
    double ratio = 0.2 + 0.8 * random.nextDouble();
    double turn = 2 * Math.PI * random.nextDouble();
    double unit = random.nextBoolean() ? 1 : 10;
    String text =
        "9\n$INSUNITS\n70\n"
            + (unit == 1 ? 4 : 5)
            + "\n"
            + groups(
                0,
                "ELLIPSE",
                10,
                7,
                20,
                -3,
                11,
                a * Math.cos(turn) / unit,
                21,
                a * Math.sin(turn) / unit,
                40,
                ratio,
                41,
                0,
                42,
                2 * Math.PI);
    List<Point> read = corners("a.dxf", text);
    for (int i = 0; i < 500; i++) {
      double t = 2 * Math.PI * i / 500;
      double x = a * Math.cos(t);
      double y = a * ratio * Math.sin(t);
      Point on =
          new Point(
              7 * unit + x * Math.cos(turn) - y * Math.sin(turn),
              -3 * unit + x * Math.sin(turn) + y * Math.cos(turn));
      assertThat(away(on, read)).isLessThan(FINE);
    }
  }

  /**
   * Turned and squeezed so that the ellipse is a circle of 1: there its middle lies on the chord's
   * bisector, at the side that the two flags say.
   */
  @Property(tries = 150)
  void anArcOfAnSvgPathIsTheOneThatItsFlagsSay(@ForAll @LongRange(min = 0, max = 99_999) long seed)
      throws FileException {
    Random random = new Random(seed);
    double rx = 100 + 150 * random.nextDouble();
    double ry = 60 + 150 * random.nextDouble();
    double degrees = -180 + 360 * random.nextDouble();
    boolean large = random.nextBoolean();
    boolean sweep = random.nextBoolean();
    double way = 2 * Math.PI * random.nextDouble();
    double far = 2 * Math.min(rx, ry) * (0.2 + 0.78 * random.nextDouble());
    Point from = new Point(20, 30);
    Point to = from.plus(far * Math.cos(way), far * Math.sin(way));
    String text =
        String.format(
            Locale.ROOT,
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"900mm\" height=\"900mm\""
                + " viewBox=\"0 0 900 900\"><path d=\"M%s %s A%s %s %s %d %d %s %s\"/></svg>",
            from.x(),
            from.y(),
            rx,
            ry,
            degrees,
            large ? 1 : 0,
            sweep ? 1 : 0,
            to.x(),
            to.y());
    // The reader turns y upwards.
    List<Point> read = corners("a.svg", text).stream().map(p -> new Point(p.x(), -p.y())).toList();
    double turn = Math.toRadians(degrees);
    Point a = squeezed(from, turn, rx, ry);
    Point b = squeezed(to, turn, rx, ry);
    double half = a.distance(b) / 2;
    double off = Math.sqrt(1 - half * half);
    // To the right of the way from a to b seen with y downwards, when only one flag is set.
    double side = large == sweep ? -1 : 1;
    Point middle =
        a.towards(b, 0.5)
            .plus(
                -(b.y() - a.y()) / (2 * half) * off * side,
                (b.x() - a.x()) / (2 * half) * off * side);
    double begin = Math.atan2(a.y() - middle.y(), a.x() - middle.x());
    double round = 2 * Math.asin(half);
    round = large ? 2 * Math.PI - round : round;
    List<Point> truth = new ArrayList<>();
    for (int i = 0; i <= 2000; i++) {
      double t = begin + (sweep ? 1 : -1) * round * i / 2000;
      double u = (middle.x() + Math.cos(t)) * rx;
      double v = (middle.y() + Math.sin(t)) * ry;
      truth.add(
          new Point(
              u * Math.cos(turn) - v * Math.sin(turn), u * Math.sin(turn) + v * Math.cos(turn)));
    }
    assertThat(truth.get(2000).distance(to)).isLessThan(1e-6);
    for (int i = 0; i <= 2000; i += 20) {
      assertThat(away(truth.get(i), read)).as("at %s", i).isLessThan(FINE);
    }
    for (Point corner : read) {
      assertThat(away(corner, truth)).isLessThan(FINE);
    }
  }

  /**
   * With corners of a quarter of an ellipse each; one number stands for both, at most half a side.
   */
  @Property(tries = 60)
  void aRectangleMayHaveRoundCorners(@ForAll @LongRange(min = 0, max = 99_999) long seed)
      throws FileException {
    Random random = new Random(seed);
    double width = 250 + 250 * random.nextDouble();
    double height = 150 + 250 * random.nextDouble();
    double rx = 150 * random.nextDouble();
    boolean both = random.nextBoolean();
    double ry = both ? 150 * random.nextDouble() : rx;
    double a = Math.min(rx, width / 2);
    double b = Math.min(ry, height / 2);
    String text =
        String.format(
            Locale.ROOT,
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"900mm\" height=\"900mm\""
                + " viewBox=\"0 0 900 900\"><rect x=\"5\" y=\"9\" width=\"%s\" height=\"%s\" rx=\"%s\""
                + " %s/></svg>",
            width,
            height,
            rx,
            both ? "ry=\"" + ry + "\"" : random.nextBoolean() ? "ry=\"auto\"" : "");
    List<Point> read = corners("a.svg", text);
    double area = new Outline(read).area();
    assertThat(area)
        .isCloseTo(width * height - (4 - Math.PI) * a * b, within(0.02 * 2 * (width + height)));
    for (Point p : read) {
      double x = p.x() - 5;
      double y = -p.y() - 9;
      double u = Math.max(0, Math.max(a - x, x - width + a)) / a;
      double v = Math.max(0, Math.max(b - y, y - height + b)) / b;
      boolean onSide = Math.min(Math.min(x, width - x), Math.min(y, height - y)) < 1e-6;
      assertThat(onSide || Math.abs(Math.hypot(u, v) - 1) < 1e-4).as("%s %s", x, y).isTrue();
    }
  }

  private static Point squeezed(Point p, double turn, double rx, double ry) {
    return new Point(
        (p.x() * Math.cos(turn) + p.y() * Math.sin(turn)) / rx,
        (-p.x() * Math.sin(turn) + p.y() * Math.cos(turn)) / ry);
  }
}

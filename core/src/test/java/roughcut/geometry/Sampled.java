package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * The distance of two solids the slow way: their skins sampled, and the nearest pairs walked closer
 * by chance. Nothing of {@link ClosestApproach} is used.
 */
public final class Sampled {
  /** A skin by two numbers from 0 to 1 on one of several patches. */
  interface Patch {
    Point3 at(double u, double v);
  }

  private Sampled() {}

  /** The distance, never less than the true one. */
  public static double distance(Convex a, Convex b, Random random) {
    List<Patch> skinA = skin(a);
    List<Patch> skinB = skin(b);
    double best = Double.POSITIVE_INFINITY;
    for (int start = 0; start < 24; start++) {
      best = Math.min(best, walk(skinA, skinB, random));
    }
    return best;
  }

  private static double walk(List<Patch> a, List<Patch> b, Random random) {
    double best = Double.POSITIVE_INFINITY;
    double[] at = new double[4];
    int pa = 0;
    int pb = 0;
    for (int i = 0; i < 900; i++) {
      double[] next = {
        random.nextDouble(), random.nextDouble(), random.nextDouble(), random.nextDouble()
      };
      int na = random.nextInt(a.size());
      int nb = random.nextInt(b.size());
      double far = a.get(na).at(next[0], next[1]).distance(b.get(nb).at(next[2], next[3]));
      if (far < best) {
        best = far;
        at = next;
        pa = na;
        pb = nb;
      }
    }
    double reach = 0.25;
    for (int i = 0; i < 3400; i++) {
      double[] next = at.clone();
      for (int k = 0; k < 4; k++) {
        next[k] = Math.max(0, Math.min(1, next[k] + reach * random.nextGaussian()));
      }
      // Now and then over to another patch, so that an edge is no end.
      int na = random.nextInt(6) == 0 ? random.nextInt(a.size()) : pa;
      int nb = random.nextInt(6) == 0 ? random.nextInt(b.size()) : pb;
      double far = a.get(na).at(next[0], next[1]).distance(b.get(nb).at(next[2], next[3]));
      if (far < best) {
        best = far;
        at = next;
        pa = na;
        pb = nb;
      } else {
        reach = Math.max(1e-5, reach * 0.996);
      }
    }
    return best;
  }

  static List<Patch> skin(Convex solid) {
    List<Patch> all = new ArrayList<>();
    if (solid instanceof Point3 p) {
      all.add((u, v) -> p);
    } else if (solid instanceof Cylinder c) {
      bar(c, all);
    } else {
      prism((Prism) solid, all);
    }
    return all;
  }

  private static void bar(Cylinder c, List<Patch> all) {
    Point3 axis = c.to().minus(c.from());
    Point3 way = axis.times(1 / axis.length());
    Point3 any = Math.abs(way.x()) < 0.8 ? new Point3(1, 0, 0) : new Point3(0, 1, 0);
    Point3 side = way.cross(any);
    Point3 one = side.times(1 / side.length());
    Point3 two = way.cross(one);
    all.add((u, v) -> ring(c.from().towards(c.to(), u), one, two, 2 * Math.PI * v, c.radius()));
    all.add((u, v) -> ring(c.from(), one, two, 2 * Math.PI * v, c.radius() * Math.sqrt(u)));
    all.add((u, v) -> ring(c.to(), one, two, 2 * Math.PI * v, c.radius() * Math.sqrt(u)));
  }

  private static Point3 ring(Point3 middle, Point3 one, Point3 two, double angle, double radius) {
    double a = radius * Math.cos(angle);
    double b = radius * Math.sin(angle);
    return middle.plus(
        one.x() * a + two.x() * b, one.y() * a + two.y() * b, one.z() * a + two.z() * b);
  }

  private static void prism(Prism p, List<Patch> all) {
    int n = p.corners().size();
    for (int i = 0; i < n; i++) {
      Point a = p.corners().get(i);
      Point b = p.corners().get((i + 1) % n);
      all.add(
          (u, v) -> {
            Point at = a.towards(b, u);
            return new Point3(at.x(), at.y(), p.open() + (p.floorAt(at.x()) - p.open()) * v);
          });
      if (i > 0 && i < n - 1) {
        Point o = p.corners().get(0);
        for (boolean floor : new boolean[] {true, false}) {
          all.add(
              (u, v) -> {
                double s = Math.sqrt(u);
                Point at = o.towards(a.towards(b, v), s);
                return new Point3(at.x(), at.y(), floor ? p.floorAt(at.x()) : p.open());
              });
        }
      }
    }
  }
}

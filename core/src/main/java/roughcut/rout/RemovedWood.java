package roughcut.rout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import roughcut.body.BodySurface;
import roughcut.design.BodyFace;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Prism;
import roughcut.measure.TableValue;
import roughcut.measure.Text;

/**
 * Wood that is taken off a body, and how much of it out of its top and veneer, which may be denser
 * than the back (handbook page 3, "Weight").
 *
 * @param all of it, mm³
 * @param cap of that, out of top and veneer, mm³
 */
record RemovedWood(double all, double cap) {
  /** How finely carved faces are added up, mm. */
  private static final double GRID = 10;

  /** Of an outline larger than any body's no more places than this are added up. */
  private static final int MOST_PLACES = 10_000;

  /** A carved top may rise so far over the slab's, mm. */
  private static final double RISES = 100;

  RemovedWood plus(RemovedWood other) {
    return new RemovedWood(all + other.all, cap + other.cap);
  }

  RemovedWood less(RemovedWood other) {
    return new RemovedWood(all - other.all, cap - other.cap);
  }

  /**
   * By cuts, each place counted once.
   *
   * @param before what is gone already, which they take no more
   * @param cap top and veneer; empty without any
   * @param question what is asked: of cuts that are made, or of those to come
   */
  static RemovedWood by(
      CutBody body, List<Cut> before, List<Cut> cuts, Optional<Cut> cap, String question) {
    double twice = CutOverlap.between(before, cuts, body.memo, question);
    double all = cuts.stream().mapToDouble(Cut::volume).sum() - twice;
    if (cap.isEmpty() || cuts.isEmpty()) {
      return new RemovedWood(all, 0);
    }
    List<Cut> withCap = new ArrayList<>(before);
    withCap.add(cap.get());
    return new RemovedWood(
        all, CutOverlap.between(withCap, cuts, body.memo, question + ", cap") - twice);
  }

  /**
   * Top and veneer as if they were a cut: what others share with it is theirs to take.
   *
   * @param thick how thick they are together, mm; 0 without any
   */
  static Optional<Cut> cap(CutBody body, double thick) {
    return body.memo.block(
        List.of("cap", thick),
        List.of(body.surface),
        () -> thick > 0 ? Optional.of(cap(body.surface, thick)) : Optional.empty());
  }

  private static Cut cap(BodySurface surface, double thick) {
    Bounds b = surface.edge().shape().bounds();
    List<Point> corners =
        List.of(
            new Point(b.left() - RISES, b.low() - RISES),
            new Point(b.right() + RISES, b.low() - RISES),
            new Point(b.right() + RISES, b.high() + RISES),
            new Point(b.left() - RISES, b.high() + RISES));
    Prism solid = new Prism(corners, -RISES, thick, 0);
    RoutStep step =
        new RoutStep(
            "cap",
            List.of(new Outline(corners)),
            TableValue.of(RoutKeys.BODY_CAP, thick, Text.of("top and veneer")),
            List.of(solid),
            0);
    return new Cut(
        "cap",
        Text.of("top"),
        CutKind.CHANNEL,
        CutFrom.TOP,
        List.of(step),
        List.of(),
        Set.of(),
        List.of(),
        false);
  }

  /** By edges, contours and carving of both faces. */
  static RemovedWood carved(BodySurface surface, double thick) {
    double round = surface.edge().length();
    double top = round * fillet(surface.roundTop(), surface.roundTop());
    double back = round * fillet(surface.roundBack(), surface.roundBack());
    RemovedWood sum =
        new RemovedWood(top + back, round * fillet(surface.roundTop(), Math.max(0, thick)));
    if (surface.flat()) {
      return sum;
    }
    Bounds b = surface.edge().shape().bounds();
    double grid = Math.max(GRID, Math.sqrt(b.width() * b.height() / MOST_PLACES));
    double all = 0;
    double cap = 0;
    for (double x = b.left() + grid / 2; x < b.right(); x += grid) {
      for (double[] span : surface.edge().shape().spans(x, true)) {
        for (double y = span[0] + grid / 2; y < span[1]; y += grid) {
          double lost = surface.contoured(BodyFace.TOP, x, y);
          if (surface.drop() > 0) {
            lost += surface.carved(surface.edge().upTo(surface.carveWidth(), new Point(x, y)));
          }
          double rise = surface.riseAt(x);
          all += lost + surface.contoured(BodyFace.BACK, x, y) - rise;
          cap += Math.min(thick, lost - rise);
        }
      }
    }
    return sum.plus(new RemovedWood(all * grid * grid, cap * grid * grid));
  }

  /** Area that rounding an edge over takes off, as far down as that, mm². */
  private static double fillet(double r, double down) {
    if (r <= 0) {
      return 0;
    }
    double u = Math.max(0, r - down);
    // ∫ of r − √(r² − u²) from u to r.
    double arc = (u / 2) * Math.sqrt(r * r - u * u) + r * r / 2 * Math.asin(u / r);
    return r * (r - u) - (r * r * Math.PI / 4 - arc);
  }
}

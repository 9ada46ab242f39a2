package roughcut.neck;

import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.Arc;
import roughcut.geometry.Arcs;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.measure.Precision;

/**
 * The finished back of head and neck in the elevation, from the head's tip to the heel's end: the
 * head's back, the drum's curve behind the nut, the straight thickness line, the curve into the
 * heel, and the heel (handbook page 4, "Side profile").
 *
 * @param line points from the tip to the heel's end
 * @param curves what of it is round, in its order
 * @param straightFrom where the straight thickness line begins, after the drum's curve
 * @param straightTo where it ends, before the heel's curve
 */
public record BackLine(
    List<Point> line, List<Segment> curves, double straightFrom, double straightTo) {

  public BackLine {
    line = List.copyOf(line);
    curves = List.copyOf(curves);
  }

  /**
   * Builds the line.
   *
   * @param drum radius of the curve behind the nut, mm
   * @param jointX where the heel has its full thickness
   * @param heelEnd the heel's end
   * @param heelDepth heel thickness below the glue line, where it has its full thickness
   * @param seatDepth thickness of what goes on into the body there: the heel, or a tenon
   * @param endDepth the same at its end
   * @param heelRadius radius of the curve into the heel
   */
  public static BackLine of(
      HeadLine head,
      ThicknessLine thickness,
      double drum,
      double jointX,
      double heelEnd,
      double heelDepth,
      double seatDepth,
      double endDepth,
      double heelRadius) {
    List<Point> points = new ArrayList<>();
    List<Segment> curves = new ArrayList<>();
    points.add(head.at(head.length().value(), head.thickness().value()));
    double from =
        head.flat()
            ? step(head, thickness, drum, points, curves)
            : bend(head, thickness, drum, points, curves);
    List<Point> heel = new ArrayList<>();
    double to = heel(thickness, jointX, heelDepth, heelRadius, from, heel, curves);
    heel.add(new Point(jointX, -seatDepth));
    heel.add(new Point(heelEnd, -endDepth));
    for (Point dip : thickness.dips() ? thickness.missing() : List.<Point>of()) {
      if (dip.x() > from && dip.x() < to) {
        points.add(new Point(dip.x(), -thickness.depth(dip.x())));
      }
    }
    points.addAll(heel);
    return new BackLine(distinct(points), curves, from, to);
  }

  /**
   * A curve's last point and the next piece's first may be the same but for rounding; one of them
   * is enough.
   */
  private static List<Point> distinct(List<Point> points) {
    List<Point> kept = new ArrayList<>(points.size());
    for (Point p : points) {
      if (!kept.isEmpty() && kept.get(kept.size() - 1).distance(p) < Precision.NEAR) {
        kept.remove(kept.size() - 1);
      }
      kept.add(p);
    }
    return kept;
  }

  /** The drum's curve in the angle between the head's back and the neck's back, touching both. */
  private static double bend(
      HeadLine head,
      ThicknessLine thickness,
      double drum,
      List<Point> points,
      List<Segment> curves) {
    double tan = Math.tan(head.theta());
    double slope = thickness.slope();
    double headAtZero = -tan * head.breakX() - head.thickness().value() / Math.cos(head.theta());
    double x = -(headAtZero + thickness.depth(0)) / (tan + slope);
    double neckAngle = -Math.atan(slope);
    double turn = head.theta() - neckAngle;
    double tangent = drum * Math.tan(turn / 2);
    double neckX = x + tangent * Math.cos(neckAngle);
    Point touch = new Point(neckX, -thickness.depth(neckX));
    Point centre = touch.plus(drum * Math.sin(neckAngle), -drum * Math.cos(neckAngle));
    round(centre, drum, Math.PI / 2 + head.theta(), Math.PI / 2 + neckAngle, points, curves);
    return neckX;
  }

  /**
   * A flat head is thinner or thicker than the neck by a step, left by the drum at the break line.
   */
  private static double step(
      HeadLine head,
      ThicknessLine thickness,
      double drum,
      List<Point> points,
      List<Segment> curves) {
    double neck = thickness.depth(head.breakX());
    double headDepth = head.drop() + head.thickness().value();
    double height = Math.abs(neck - headDepth);
    if (height < Precision.SAME || height >= drum) {
      points.add(new Point(head.breakX(), -headDepth));
    } else {
      double swing = Math.acos(1 - height / drum);
      double start = head.breakX() - drum * Math.sin(swing);
      boolean thinner = headDepth < neck;
      Point centre =
          thinner ? new Point(start, -headDepth - drum) : new Point(head.breakX(), -neck - drum);
      if (thinner) {
        round(centre, drum, Math.PI / 2, Math.PI / 2 - swing, points, curves);
      } else {
        round(centre, drum, Math.PI / 2 + swing, Math.PI / 2, points, curves);
      }
    }
    points.add(new Point(head.breakX(), -neck));
    return head.breakX();
  }

  private static double heel(
      ThicknessLine thickness,
      double jointX,
      double heelDepth,
      double radius,
      double from,
      List<Point> points,
      List<Segment> curves) {
    if (heelDepth <= thickness.depth(jointX)) {
      points.add(new Point(jointX, -thickness.depth(jointX)));
      points.add(new Point(jointX, -heelDepth));
      return jointX;
    }
    double fall = Math.atan(thickness.slope());
    double start = jointX;
    double swing = fall;
    // The curve's start and its height depend on each other a little through the slope; this
    // settles to well under a micron.
    for (int i = 0; i < 12; i++) {
      double height =
          Math.max(0, Math.min(heelDepth - thickness.depth(start), radius * Math.cos(fall)));
      swing = Math.acos(Math.cos(fall) - height / radius);
      start = Math.max(from, jointX - radius * (Math.sin(swing) - Math.sin(fall)));
    }
    Point centre =
        new Point(
            start - radius * Math.sin(fall), -thickness.depth(start) - radius * Math.cos(fall));
    round(centre, radius, Math.PI / 2 - fall, Math.PI / 2 - swing, points, curves);
    points.add(new Point(jointX, -heelDepth));
    return start;
  }

  private static void round(
      Point centre,
      double radius,
      double from,
      double to,
      List<Point> points,
      List<Segment> curves) {
    points.addAll(Arcs.arc(centre, radius, from, to));
    // One of no length is a corner.
    if (radius * Math.abs(to - from) > Precision.NEAR) {
      curves.add(new Arc(centre, radius, from, to - from));
    }
  }

  /** The line as what it is made of: round where it is round. */
  public Path path() {
    return Path.open(line, curves);
  }

  /** Depth of the back below the glue line's plane at x, along the whole line. */
  public double depth(double x) {
    for (int i = 1; i < line.size(); i++) {
      Point a = line.get(i - 1);
      Point b = line.get(i);
      if (x <= b.x() && b.x() > a.x()) {
        return -a.towards(b, (x - a.x()) / (b.x() - a.x())).y();
      }
    }
    return -line.get(line.size() - 1).y();
  }

  /** The deepest the back gets between two places. */
  public double deepest(double from, double to) {
    double deepest = Math.max(depth(from), depth(to));
    for (Point p : line) {
      if (p.x() > from && p.x() < to) {
        deepest = Math.max(deepest, -p.y());
      }
    }
    return deepest;
  }
}

package roughcut.neck;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import roughcut.design.Decisions;
import roughcut.design.DrawnPart;
import roughcut.geometry.Chain;
import roughcut.geometry.Cubic;
import roughcut.geometry.Line;
import roughcut.geometry.Outline;
import roughcut.geometry.Pen;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.geometry.Similarity;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Precision;
import roughcut.record.EffectiveInputs;

/**
 * The head seen square to its face: out from the nut in an easy curve, a long shallow taper, a
 * rounded tip. Places are along the face from the break line (x) and across (y, treble positive);
 * it is drawn from the bass side of the break round the tip to its treble side.
 *
 * @param outline of the face
 * @param round it, from the bass side of the break to its treble side; nothing where it had to be
 *     repaired
 * @param crossing where an outline that was drawn elsewhere crosses itself
 * @param edge the same way round as it was drawn, a crossing too
 */
public record HeadFace(Outline outline, List<Stretch> round, Optional<Point> crossing, Chain edge) {
  /**
   * A stretch of the edge.
   *
   * @param straight whether it is a straight line: that takes no corners but its ends
   */
  record Stretch(Cubic curve, boolean straight) {
    private int pieces(int stretches) {
      return straight ? 1 : stretches > FEW ? FEWER_PIECES : PIECES;
    }

    Segment segment() {
      return straight ? new Line(curve.a(), curve.d()) : curve;
    }

    Stretch reversed() {
      return new Stretch(curve.reversed(), straight);
    }

    Stretch through(UnaryOperator<Point> to) {
      return new Stretch(curve.through(to), straight);
    }
  }

  private static final double THIRD = 1 / 3.0;

  private static final int PIECES = 24;

  /** More curves than this are short ones, which take fewer corners each. */
  private static final int FEW = 40;

  private static final int FEWER_PIECES = 6;

  /** Where along the face it is widest, as a share of its length. */
  private static final double WIDEST = 0.27;

  private static final double SLIVER = 0.1;

  public HeadFace {
    round = List.copyOf(round);
  }

  /** The head that was decided. */
  public static HeadFace of(EffectiveInputs inputs, FretboardTaper taper, HeadLine head) {
    double length = head.length().value();
    if (Headless.is(inputs)) {
      return stub(taper.halfWidth(0), taper.halfWidth(-length), length);
    }
    double width = inputs.get(Decisions.HEAD_WIDTH).value();
    return inputs
        .design()
        .drawn(DrawnPart.HEAD)
        .map(d -> DrawnHead.of(d, inputs, length, width))
        .orElseGet(() -> of(taper.halfWidth(0), length, width));
  }

  /**
   * A head.
   *
   * @param nutHalf half the width at the break line, mm
   * @param length along the face, mm
   * @param width across the widest place, mm
   */
  static HeadFace of(double nutHalf, double length, double width) {
    double wide = width / 2;
    double end = wide * 0.66;
    List<Cubic> treble =
        List.of(
            new Cubic(
                new Point(0, nutHalf),
                new Point(length * 0.13, nutHalf),
                new Point(length * 0.13, wide),
                new Point(length * WIDEST, wide)),
            new Cubic(
                new Point(length * WIDEST, wide),
                new Point(length * 0.5, wide),
                new Point(length * 0.7, end * 1.06),
                new Point(length * 0.88, end)),
            new Cubic(
                new Point(length * 0.88, end),
                new Point(length * 0.99, end * 0.93),
                new Point(length, end * 0.5),
                new Point(length, 0)));
    List<Stretch> all = new ArrayList<>();
    treble.forEach(c -> all.add(new Stretch(c.through(Similarity.turningOver()), false)));
    for (int i = treble.size() - 1; i >= 0; i--) {
      all.add(new Stretch(treble.get(i).reversed(), false));
    }
    return of(all);
  }

  /**
   * The end of a headless neck, sawn off square.
   *
   * @param nutHalf half the width at the break line, mm
   * @param endHalf half the width at the end, mm
   * @param length from the break line to the end, mm
   */
  static HeadFace stub(double nutHalf, double endHalf, double length) {
    Point bass = new Point(length, -endHalf);
    Point treble = new Point(length, endHalf);
    return of(
        List.of(
            straight(new Point(0, -nutHalf), bass),
            straight(bass, treble),
            straight(treble, new Point(0, nutHalf))));
  }

  /** A straight stretch between two points. */
  static Stretch straight(Point a, Point d) {
    return new Stretch(new Cubic(a, a.towards(d, THIRD), a.towards(d, 2 * THIRD), d), true);
  }

  /** A head with that edge, from the bass side of the break round the tip to its treble side. */
  static HeadFace of(List<Stretch> round) {
    Outline outline = drawn(round);
    Optional<Point> crossing = outline.crossing();
    return crossing.isPresent()
        ? new HeadFace(outline.repaired(), List.of(), crossing, edge(round))
        : new HeadFace(outline, round, crossing, edge(round));
  }

  private static Chain edge(List<Stretch> round) {
    return new Chain(round.stream().map(Stretch::segment).toList(), false);
  }

  private static Outline drawn(List<Stretch> round) {
    Pen pen = new Pen();
    round.forEach(s -> pen.along(s.curve(), s.pieces(round.size())));
    return new Outline(pen.closed());
  }

  /** The face seen from elsewhere, foreshortened or turned: straight stays straight. */
  public Outline seen(UnaryOperator<Point> to) {
    return round.isEmpty()
        ? new Outline(outline.corners().stream().map(to).toList())
        : drawn(round.stream().map(s -> s.through(to)).toList());
  }

  /**
   * How far a side reaches from the centre line, so far from the break, mm; where the edge runs
   * back on itself, as far as is wood without a gap. Never quite nothing, so that what is divided
   * by it stays a number.
   *
   * @param side −1 for bass, 1 for treble
   */
  public double reach(int side, double along) {
    double reach = Double.POSITIVE_INFINITY;
    List<Point> corners = outline.corners();
    double x = Math.max(0, Math.min(outline.bounds().right(), along));
    for (int i = 0; i < corners.size(); i++) {
      Point a = corners.get(i);
      Point b = corners.get((i + 1) % corners.size());
      double lo = Math.min(a.x(), b.x());
      double hi = Math.max(a.x(), b.x());
      if (hi - lo > Precision.SAME && x >= lo - Precision.SAME && x <= hi + Precision.SAME) {
        double y = side * a.towards(b, (x - a.x()) / (b.x() - a.x())).y();
        reach = y >= 0 ? Math.min(reach, y) : reach;
      }
    }
    return Double.isInfinite(reach) ? SLIVER : Math.max(SLIVER, reach);
  }

  /** How far its narrower side reaches from the centre line, so far from the break, mm. */
  public double narrower(double along) {
    return Math.min(reach(-1, along), reach(1, along));
  }

  /** How far its wider side reaches from the centre line, so far from the break, mm. */
  public double wider(double along) {
    return Math.max(reach(-1, along), reach(1, along));
  }
}

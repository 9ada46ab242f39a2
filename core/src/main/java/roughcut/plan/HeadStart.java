package roughcut.plan;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.DrawnPart;
import roughcut.design.HeadShapes;
import roughcut.design.NeckDecisions;
import roughcut.design.TunerRule;
import roughcut.geometry.Chain;
import roughcut.geometry.Cubic;
import roughcut.geometry.Line;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.geometry.Similarity;
import roughcut.measure.Text;

/**
 * Headstocks to start from, drawn round the tuners as they have to stand: each point can be moved
 * from there.
 */
public enum HeadStart {
  LEAF(Text.of("leaf")),
  PADDLE(Text.of("paddle")),
  TAPERED(Text.of("tapered")),
  IN_LINE(Text.of("in line")),
  IN_LINE_REVERSED(Text.of("in line, reversed"));

  /** What posts in line stand further apart than their bodies are wide, mm. */
  private static final double BETWEEN_BODIES = 10;

  /** The straight edge runs on before the first post and after the last, mm. */
  private static final double BEFORE = 10;

  private static final double AFTER = 16;

  /** From the end of the straight edge to the tip, mm. */
  private static final double TIP = 7;

  private static final double THIRD = 1 / 3.0;

  private final Text label;

  HeadStart(Text label) {
    this.label = label;
  }

  public Text label() {
    return label;
  }

  /** The plan's design with this headstock, and its tuners where that has them. */
  public Design in(Plan plan) {
    Design design = plan.build().design();
    return switch (this) {
      case LEAF -> HeadShapes.plain(design);
      case PADDLE -> drawn(design, sides(plan, 0.84, 1));
      case TAPERED -> drawn(design, sides(plan, 1, 0.6));
      case IN_LINE -> drawn(tuned(plan, 0), inLine(plan));
      case IN_LINE_REVERSED -> {
        // Turned round, so that it still begins at the bass side.
        Chain other = inLine(plan).through(Similarity.turningOver()).reversed();
        yield drawn(tuned(plan, design.strings().size()), other);
      }
    };
  }

  private static Design drawn(Design design, Chain along) {
    Chain seen = along.through(Similarity.endForEnd());
    return new PointOutline(DrawnPart.HEAD, seen, true, design, 0).with(seen);
  }

  /** All tuners on one side, as near to each other as their bodies let them be. */
  private static Design tuned(Plan plan, int treble) {
    Design next = NeckDecisions.TUNERS_TREBLE.with(plan.build().design(), treble);
    next = NeckDecisions.TUNER_RULE.with(next, TunerRule.STRAIGHT_PULL);
    next = NeckDecisions.TUNER_STAGGER.with(next, 0);
    return NeckDecisions.TUNER_SPACING.with(next, apart(plan));
  }

  private static double apart(Plan plan) {
    return plan.given(NeckDecisions.TUNER_BODY) + BETWEEN_BODIES;
  }

  /**
   * Straight sides from its shoulders to a flat end, both alike; along from the break, across with
   * the treble side positive.
   *
   * @param shoulder how wide it is there, as a share of the headstock's width
   * @param end how wide it is there
   */
  private static Chain sides(Plan plan, double shoulder, double end) {
    double length = plan.given(Decisions.HEAD_LENGTH);
    double half = plan.given(Decisions.HEAD_WIDTH) / 2;
    double nut = plan.neck().halfWidth(0);
    Point from = new Point(0, -nut);
    Point wide = new Point(0.15 * length, -half * shoulder);
    Point corner = new Point(0.96 * length, -half * end);
    Point round = new Point(length, corner.y() + 0.04 * length);
    List<Segment> bass =
        List.of(
            new Cubic(
                from, new Point(0.08 * length, -nut), wide.beyond(corner, 0.07 * length), wide),
            new Line(wide, corner),
            new Cubic(
                corner,
                corner.beyond(wide, 0.02 * length),
                new Point(length, corner.y() + 0.02 * length),
                round),
            new Line(round, new Point(length, 0)));
    Chain side = new Chain(bass, false);
    List<Segment> all = new ArrayList<>(bass);
    all.addAll(side.reversed().through(Similarity.turningOver()).segments());
    return new Chain(all, false);
  }

  /** Where a string that runs straight on lies beside its post. */
  private static Point post(Plan plan, int string, double x, double beside) {
    return new Point(x, plan.strings().offset(string, -x) - beside);
  }

  /** Round a row of posts on the strings' own lines, its straight edge at the bass side. */
  private static Chain inLine(Plan plan) {
    double nut = plan.neck().halfWidth(0);
    int strings = plan.build().design().strings().size();
    double edge = plan.given(NeckDecisions.TUNER_EDGE);
    double beside = plan.given(NeckDecisions.TUNER_POST) / 2;
    Point first = post(plan, strings, plan.given(NeckDecisions.TUNER_FIRST), beside);
    Point last = post(plan, 1, first.x() + (strings - 1) * apart(plan), beside);
    double length = first.distance(last);
    double ux = (last.x() - first.x()) / length;
    double uy = (last.y() - first.y()) / length;
    Point b = first.plus(uy * edge - ux * BEFORE, -ux * edge - uy * BEFORE);
    Point c = last.plus(uy * edge + ux * AFTER, -ux * edge + uy * AFTER);
    double tip = c.x() + TIP;
    Point a = new Point(0, -nut);
    Point d = new Point(tip, c.y() + edge * 0.8);
    Point e = last.plus(edge * 0.6, edge * 1.3);
    Point f = new Point((first.x() + last.x()) / 2, last.y() + edge * 1.1);
    Point g = new Point(0, nut);
    double bend = (tip - c.x()) * 2 * THIRD;
    double run = (f.x() - g.x()) * THIRD;
    return new Chain(
        List.of(
            new Cubic(a, new Point(b.x() * 0.4, -nut), b.beyond(c, b.x() * 0.4), b),
            new Line(b, c),
            new Cubic(c, c.beyond(b, bend), new Point(tip, d.y() - bend), d),
            new Cubic(
                d,
                new Point(tip, d.y() + (e.y() - d.y()) * 0.6),
                e.beyond(f, (tip - e.x()) * 0.6),
                e),
            new Cubic(e, e.beyond(f, -run * 0.8), new Point(f.x() + run * 0.8, f.y() + 1), f),
            new Cubic(f, new Point(f.x() - run, f.y() - 1.25), new Point(run, nut), g)),
        false);
  }
}

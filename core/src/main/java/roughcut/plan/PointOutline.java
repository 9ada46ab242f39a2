package roughcut.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import roughcut.design.Design;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.design.HeadShapes;
import roughcut.design.OutlinePlacing;
import roughcut.geometry.Chain;
import roughcut.geometry.Line;
import roughcut.geometry.Outline;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.geometry.Similarity;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * A part's outline as the points that it is drawn by, where they lie in the plan: x from the nut
 * line to the bridge, y to the treble side, mm. A change gives the design with the part's outline
 * drawn so, its placing taken into it: whatever turned, sized or shifted it before is 0 after.
 *
 * @param ends whether its first and last points stay on the line where the neck begins
 * @param design that has it
 * @param edge where the body's edge at the neck lies, mm from the nut line; 0 for a headstock
 */
public record PointOutline(DrawnPart part, Chain chain, boolean ends, Design design, double edge) {
  /** An outline of more points is no drawing to work on point by point. */
  public static final int MOST = 60;

  /** Places this near snap into line, mm. */
  private static final double SNAP = 1;

  private static final double ROUND = 100;

  /**
   * The outline of a part as it lies in the plan; its own curve, too.
   *
   * @return empty where it has too many points to be seen, or where there is no such part
   */
  public static Optional<PointOutline> of(Plan plan, DrawnPart part) {
    Design design = plan.build().design();
    Optional<PointOutline> outline =
        switch (part.kind()) {
          case BODY ->
              Optional.of(
                  new PointOutline(
                      part,
                      new Chain(plan.body().outline().placed().segments(), true),
                      false,
                      design,
                      plan.neck().joint().value()));
          case HEAD ->
              plan.details().headpiece().isPresent()
                  ? Optional.empty()
                  : Optional.of(
                      new PointOutline(
                          part,
                          plan.headFace().edge().through(Similarity.endForEnd()),
                          true,
                          design,
                          0));
          case CAVITY ->
              cavity(plan, part)
                  .map(
                      p -> new PointOutline(part, new Chain(p.segments(), true), false, design, 0));
        };
    return outline.filter(o -> o.chain.points() <= MOST);
  }

  /** Where a cavity's drawn line runs in the plan; of one that isn't drawn, where it is cut. */
  private static Optional<Path> cavity(Plan plan, DrawnPart part) {
    Design design = plan.build().design();
    return design
        .drawn(part)
        .map(drawn -> drawn.path().through(OutlinePlacing.cavity(design, part)))
        .or(
            () ->
                plan.asDrawn()
                    .orElse(plan)
                    .cuts()
                    .cut(part.name())
                    .map(c -> c.steps().get(c.steps().size() - 1).line().path()));
  }

  /** The outline that is drawn point by point; empty for a part's own curve. */
  public static Optional<PointOutline> drawn(Plan plan, DrawnPart part) {
    return plan.build().design().drawn(part).isPresent() ? of(plan, part) : Optional.empty();
  }

  /** The design with this outline drawn by its points. */
  public Design begun() {
    return switch (part.kind()) {
      case BODY, HEAD -> with(chain);
      case CAVITY -> {
        Design placed = OutlinePlacing.placed(design, part, new Outline(path()).bounds());
        yield new PointOutline(part, chain, ends, placed, edge).with(chain);
      }
    };
  }

  private Path path() {
    return Path.of(chain.segments(), chain.closed());
  }

  /** The design with a cavity drawn elsewhere, its middle where the cavity's was. */
  public static Design taken(Plan plan, DrawnPart cavity, DrawnOutline drawn) {
    Design design = plan.build().design();
    Design placed =
        cavity(plan, cavity)
            .map(line -> OutlinePlacing.placed(design, cavity, new Outline(line).bounds()))
            .orElse(design);
    return OutlinePlacing.centred(placed, cavity, drawn);
  }

  /** The design with another outline. */
  public Design with(Chain changed) {
    Chain next = kept(changed);
    List<Segment> segments = new ArrayList<>(next.segments());
    if (!next.closed()) {
      segments.add(new Line(next.at(next.points() - 1), next.at(0)));
    }
    String source = design.drawn(part).map(DrawnOutline::source).orElse("");
    DrawnOutline drawn = DrawnOutline.of(source, Path.of(segments, true));
    return switch (part.kind()) {
      case BODY -> OutlinePlacing.body(design, drawn, edge);
      case HEAD -> HeadShapes.redrawn(design, drawn);
      case CAVITY -> OutlinePlacing.cavity(design, part, drawn);
    };
  }

  /**
   * What would pull a headstock's edge behind the break pulls along it: wood ends there, and what
   * lay behind would be taken for its end at the nut.
   */
  private Chain kept(Chain changed) {
    return ends ? changed.pulledWithin(0) : changed;
  }

  /** Whether a point is one of those that stay on the line where the neck begins. */
  public boolean end(int point) {
    return ends && (point == 0 || point == chain.points() - 1);
  }

  /** Where another point can be put on the line, no further from a place; empty where none can. */
  public Optional<Chain.Place> room(Point to, double near) {
    Chain.Place place = chain.nearest(to);
    Segment stretch = chain.segments().get(place.stretch());
    Point on = stretch.at(place.t());
    boolean apart =
        Math.min(on.distance(stretch.start()), on.distance(stretch.end())) >= Chain.APART;
    return Optional.of(place).filter(p -> p.distance() <= near && apart && chain.points() < MOST);
  }

  /** How it is told along: on a headstock from the break towards the tip. */
  private double along(double x) {
    return ends ? -x : x;
  }

  /** With a point put to a place, as it is told, as far as it may be there. */
  public Chain put(int point, double along, double across) {
    return moved(point, along(along), across);
  }

  /** With a point put so far along, as it is told; across it stays. */
  public Chain putAlong(int point, double along) {
    return moved(point, along(along), chain.at(point).y());
  }

  /** With a point put so far across; along it stays. */
  public Chain putAcross(int point, double across) {
    return moved(point, chain.at(point).x(), across);
  }

  /** Whether it is of a part with two sides that could be alike: a cavity has, over the middle. */
  public boolean hasSides() {
    return !part.fitted() || chain.mirrored(1).isPresent();
  }

  /**
   * Both sides as one of them is.
   *
   * @param side −1 for bass, 1 for treble
   * @throws InvalidValue where no side can be told from the other, or its points would be too many
   */
  public Chain mirrored(int side) {
    Chain alike =
        chain
            .mirrored(side)
            .orElseThrow(
                () ->
                    new InvalidValue(
                        Text.of(
                            "an outline has two sides only where it crosses the centre line "
                                + "once at each end")));
    if (alike.points() > MOST) {
      throw new InvalidValue(
          Text.of("both sides would have {count} points, more than {most}", alike.points(), MOST));
    }
    return alike;
  }

  /** Two decimals are finer than a saw. */
  private Chain moved(int point, double x, double y) {
    Point was = chain.at(point);
    double to = end(point) ? was.x() : ends ? Math.min(-Chain.APART, rounded(x)) : rounded(x);
    return chain.moved(point, to - was.x(), rounded(y) - was.y());
  }

  /**
   * Where a point is, told as finely as it can be put: x along from the nut line, on a headstock
   * from the break towards the tip, as its tuners are told.
   */
  public Point place(int point) {
    Point at = chain.at(point);
    return new Point(along(rounded(at.x())), rounded(at.y()));
  }

  /** How far two of its points are from one another: straight, and by the way along its line. */
  public Text apart(int one, int other) {
    Point a = chain.at(one);
    Point b = chain.at(other);
    return Text.of(
        "{straight} straight: {along} along, {across} across. {line} round the outline.",
        Drag.shown(a.distance(b)),
        Drag.shown(Math.abs(b.x() - a.x())),
        Drag.shown(Math.abs(b.y() - a.y())),
        Drag.shown(chain.between(one, other)));
  }

  private static double rounded(double place) {
    return Math.round(place * ROUND) / ROUND;
  }

  /** What dragging it or one of its pulls decides. */
  Drag dragged(Grip.OutlinePoint grip, double dx, double dy) {
    int point = grip.number();
    if (point >= chain.points()) {
      return new Drag(name(), design, Text.of("it is no longer there"), List.of());
    }
    return switch (grip.hold()) {
      case POINT -> {
        Point was = chain.at(point);
        double x = snapped(point, Point::x, was.x() + dx, false);
        double y = snapped(point, Point::y, was.y() + dy, true);
        Chain next = moved(point, x, Math.abs(y) < SNAP ? 0 : y);
        Point is = next.at(point);
        yield drag(
            next,
            Text.of(
                "point {number}: {along} along, {across} across",
                point + 1,
                Drag.shown(along(is.x())),
                Drag.shown(is.y())));
      }
      case BEFORE -> pulled(point, false, dx, dy);
      case AFTER -> pulled(point, true, dx, dy);
    };
  }

  private Drag pulled(int point, boolean forward, double dx, double dy) {
    return drag(
        chain.pulled(point, forward, dx, dy), Text.of("curve at point {number}", point + 1));
  }

  private Drag drag(Chain next, Text words) {
    try {
      return new Drag(name(), with(next), words, corners(kept(next)));
    } catch (InvalidValue e) {
      return new Drag(name(), design, e.told(), List.of()); // dragged to where no outline can be
    }
  }

  private static List<Point> corners(Chain chain) {
    return Path.of(chain.segments(), chain.closed()).points();
  }

  private static Text name() {
    return Text.of("moving a point of the outline");
  }

  /**
   * Into line with another point.
   *
   * @param images with the mirror images of others, too
   */
  private double snapped(int point, ToDoubleFunction<Point> place, double value, boolean images) {
    double best = value;
    double nearest = SNAP;
    for (int i = 0; i < chain.points(); i++) {
      double at = place.applyAsDouble(chain.at(i));
      for (double line : images ? new double[] {at, -at} : new double[] {at}) {
        if (i != point && Math.abs(line - value) < nearest) {
          nearest = Math.abs(line - value);
          best = line;
        }
      }
    }
    return best;
  }
}

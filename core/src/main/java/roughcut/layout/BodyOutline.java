package roughcut.layout;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roughcut.design.Decisions;
import roughcut.design.DrawnOutline;
import roughcut.design.OutlinePlacing;
import roughcut.design.SurfaceDecisions;
import roughcut.design.YesNo;
import roughcut.geometry.Bounds;
import roughcut.geometry.Curvature;
import roughcut.geometry.Edge;
import roughcut.geometry.Outline;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Similarity;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * The body from above, from the neck's bass side round the body's end to its treble side: a curve
 * of our own, or one drawn elsewhere and put in its place. x from the nut line, treble positive.
 *
 * @param shape the whole outline; the largest sound piece of one that crosses itself
 * @param raw as it was shaped or drawn
 * @param placed its line as it was shaped or drawn, from where that was begun
 * @param crossing where it crosses itself; empty when it is sound
 * @param points of our own curve that can be moved; none of a drawn outline
 * @param none where our own curve can't have the decided widths
 * @param edge of the shape
 * @param area in cm²
 */
public record BodyOutline(
    Value joint,
    Outline shape,
    Outline raw,
    Path placed,
    Optional<Point> crossing,
    List<Handle> points,
    Optional<NoCurve> none,
    Edge edge,
    Value area,
    Value perimeter,
    Provenance provenance) {

  /** How far beside the neck the body's curve begins, mm. */
  private static final double BESIDE_NECK = 3;

  /** An outline that crosses itself comes apart at its crossings; more corners aren't drawn. */
  private static final int MOST_MENDED = 800;

  /**
   * A point of the curve that can be moved.
   *
   * @param name bass or treble: whose decisions it moves by
   * @param number from 1 beside the neck
   * @param side −1 for bass, 1 for treble
   */
  public record Handle(String name, int number, int side, Point at) {
    /** Whether it follows from the other side's decisions. */
    public boolean mirrored() {
      return side > 0 && name.equals("bass");
    }
  }

  /**
   * Bouts and waist that no fair curve has together, as where the waist is the widest.
   *
   * @param waist the widest with which these bouts can be had, mm; empty where there is none
   */
  public record NoCurve(OptionalDouble waist) {}

  public static BodyOutline of(
      EffectiveInputs inputs, FretboardTaper taper, ValueRegistry registry) {
    Value joint = inputs.get(Decisions.JOINT_X);
    double half = taper.halfWidth(joint.value()) + BESIDE_NECK;
    Optional<DrawnOutline> drawn = inputs.design().drawn();
    EffectiveInputs.Watched<BodyCurve> drawing =
        inputs.tracked(
            () ->
                drawn
                    .map(
                        d ->
                            new BodyCurve(
                                placed(inputs, d, joint.value()),
                                new Point(joint.value(), -half),
                                List.of(),
                                Optional.empty()))
                    .orElseGet(() -> BodyCurve.of(inputs, joint.value(), half)));
    BodyCurve curve = drawing.made();
    Provenance provenance = drawing.asked().and(taper.provenance()).with(joint);
    Optional<Point> crossing = curve.shape().crossing();
    Outline shape =
        crossing.isPresent() ? curve.shape().repaired().thinned(MOST_MENDED) : curve.shape();
    Edge edge = new Edge(shape);
    return new BodyOutline(
        joint,
        shape,
        curve.shape(),
        curve.line(),
        crossing,
        curve.points(),
        curve.none(),
        edge,
        registry.find(
            LayoutKeys.BODY_AREA,
            shape.area() / 100,
            Text.of("found by measuring the outline"),
            provenance),
        registry.find(
            LayoutKeys.BODY_AROUND,
            edge.length(),
            Text.of("found by measuring the outline"),
            provenance),
        provenance);
  }

  /**
   * A drawn outline in its place: turned, sized, its edge on the centre line where the body begins.
   */
  private static Path placed(EffectiveInputs inputs, DrawnOutline drawn, double x0) {
    double scale = inputs.get(SurfaceDecisions.OUTLINE_SCALE).value();
    double turn = Math.toRadians(inputs.get(SurfaceDecisions.OUTLINE_TURN).value());
    Similarity over =
        inputs.get(SurfaceDecisions.OUTLINE_FLIP) == YesNo.YES
            ? Similarity.turningOver()
            : Similarity.moving(0, 0);
    Similarity change = over.then(Similarity.sizing(scale)).then(Similarity.turning(turn));
    Outline turned = new Outline(drawn.path().through(change));
    Bounds b = turned.bounds();
    double dy = inputs.get(SurfaceDecisions.OUTLINE_ASIDE).value() - (b.low() + b.high()) / 2;
    double dx =
        x0 + inputs.get(SurfaceDecisions.OUTLINE_ALONG).value() - OutlinePlacing.begins(turned, b);
    return turned.translate(dx, dy).path();
  }

  /** How tightly the body's curve bends; the line across the neck doesn't count. */
  public Curvature curvature() {
    return Curvature.of(shape.path(), true);
  }

  /** Which cutter can follow it from outside: one no larger than its tightest hollow. */
  public Text hollows() {
    Curvature bends = curvature();
    if (bends.notch()) {
      return Text.of("a sharp inside corner that no cutter can reach");
    }
    return Double.isInfinite(bends.hollow())
        ? Text.of("none: any cutter can follow it")
        : Text.of(
            "radius {radius}, for a cutter of at most {diameter}",
            Text.length(bends.hollow(), 1),
            Text.length(2 * bends.hollow(), 1));
  }

  /** The foremost point's x, the tip of the longer horn. */
  public double front() {
    return shape.bounds().left();
  }

  public double end() {
    return shape.bounds().right();
  }

  /** The outline's size. */
  public Bounds bounds() {
    return shape.bounds();
  }
}

package roughcut.design;

import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Path;
import roughcut.geometry.Similarity;
import roughcut.measure.InvalidValue;

/** How an outline that was drawn lies on the instrument, as decisions. */
public final class OutlinePlacing {
  private static final Set<String> PLACING =
      Set.of(
          SurfaceDecisions.OUTLINE_SCALE.id(),
          SurfaceDecisions.OUTLINE_TURN.id(),
          SurfaceDecisions.OUTLINE_FLIP.id(),
          SurfaceDecisions.OUTLINE_ALONG.id(),
          SurfaceDecisions.OUTLINE_ASIDE.id());

  /** A line whose middle is so near its cavity's place lies there, mm. */
  private static final double AT_ITS_PLACE = 1;

  private OutlinePlacing() {}

  /**
   * The design with a body drawn where it lies: x from the nut line, y to the treble side, mm.
   *
   * @param edge where the body's edge at the neck is, mm from the nut line
   * @throws InvalidValue where no body may lie
   */
  public static Design body(Design design, DrawnOutline drawn, double edge) {
    Outline outline = new Outline(drawn.path());
    Bounds b = outline.bounds();
    Design next = without(design, PLACING).withDrawn(DrawnPart.BODY, Optional.of(drawn));
    next = SurfaceDecisions.OUTLINE_ASIDE.with(next, (b.low() + b.high()) / 2);
    return SurfaceDecisions.OUTLINE_ALONG.with(next, begins(outline, b) - edge);
  }

  /** From a cavity's own line, drawn round its place, to where it lies in the plan. */
  public static Similarity cavity(Design design, DrawnPart part) {
    Fitting fitting = design.fitting(part.name()).orElseThrow();
    return Similarity.moving(
        FittingDecisions.number(fitting, "x").in(design),
        FittingDecisions.number(fitting, "y").in(design));
  }

  /**
   * The design with a cavity's place where its line's middle is: one round its controls has none of
   * its own until it is drawn.
   */
  public static Design placed(Design design, DrawnPart part, Bounds line) {
    Fitting fitting = design.fitting(part.name()).orElseThrow();
    NumberDecision along = FittingDecisions.number(fitting, "x");
    NumberDecision across = FittingDecisions.number(fitting, "y");
    double x = (line.left() + line.right()) / 2;
    double y = (line.low() + line.high()) / 2;
    if (Math.hypot(x - along.in(design), y - across.in(design)) < AT_ITS_PLACE) {
      return design;
    }
    Design next = along.with(design, along.clampedInto(Math.rint(x)));
    return across.with(next, across.clampedInto(Math.rint(y)));
  }

  /**
   * The design with a cavity drawn where it lies: x from the nut line, y to the treble side, mm.
   * Its place stays; with the place it is moved as a whole.
   */
  public static Design cavity(Design design, DrawnPart part, DrawnOutline drawn) {
    Similarity placed = cavity(design, part);
    Path round = drawn.path().through(Similarity.moving(-placed.dx(), -placed.dy()));
    return design.withDrawn(part, Optional.of(DrawnOutline.of(drawn.source(), round)));
  }

  /**
   * The design with a cavity as it was drawn elsewhere, its middle at the cavity's place.
   *
   * @param drawn in the drawing's own places
   */
  public static Design centred(Design design, DrawnPart part, DrawnOutline drawn) {
    Bounds b = new Outline(drawn.path()).bounds();
    Path round =
        drawn
            .path()
            .through(Similarity.moving(-(b.left() + b.right()) / 2, -(b.low() + b.high()) / 2));
    return design.withDrawn(
        part,
        Optional.of(
            new DrawnOutline(drawn.source(), round.points(), round.curves(), drawn.open())));
  }

  /** Where its edge towards the neck is, half way between its two sides. */
  public static double begins(Outline outline, Bounds b) {
    double begins = Double.POSITIVE_INFINITY;
    for (double[] span : outline.spans((b.low() + b.high()) / 2)) {
      begins = Math.min(begins, span[0]);
    }
    return Double.isFinite(begins) ? begins : b.left();
  }

  static Design without(Design design, Set<String> decisions) {
    TreeMap<String, Double> numbers = new TreeMap<>(design.numbers());
    numbers.keySet().removeAll(decisions);
    TreeMap<String, String> choices = new TreeMap<>(design.choices());
    choices.keySet().removeAll(decisions);
    return design.withNumbers(numbers).withChoices(choices);
  }
}

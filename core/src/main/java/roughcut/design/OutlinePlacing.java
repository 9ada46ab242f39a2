package roughcut.design;

import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.measure.InvalidValue;

/** How a body's outline that was drawn lies on the instrument, as decisions. */
public final class OutlinePlacing {
  private static final Set<String> PLACING =
      Set.of(
          SurfaceDecisions.OUTLINE_SCALE.id(),
          SurfaceDecisions.OUTLINE_TURN.id(),
          SurfaceDecisions.OUTLINE_FLIP.id(),
          SurfaceDecisions.OUTLINE_ALONG.id(),
          SurfaceDecisions.OUTLINE_ASIDE.id());

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

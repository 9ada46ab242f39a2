package roughcut.stock;

import roughcut.measure.InvalidValue;
import roughcut.measure.Text;
import roughcut.shop.Cutter;

/**
 * A cutter's true shape, mm: its tip and edges, the shank over them and what holds it.
 *
 * @param tip what it leaves under it
 * @param radius of its edges
 * @param edges how high they reach over its lowest place
 * @param shank radius of what is over the edges, never less than theirs: wood there isn't cut
 * @param free how far it stands out of what holds it
 * @param sideways whether it may cut sideways
 * @param plunges whether it cuts to its centre, so that it may go straight down
 */
public record ToolShape(
    Tip tip,
    double radius,
    double edges,
    double shank,
    double free,
    boolean sideways,
    boolean plunges) {
  /** Half the angle of a twist bit's point, degrees: the usual one for wood and metal. */
  private static final double TWIST_POINT = 59;

  /** What a spur is taken to be across, as a share of its bit. */
  private static final double SPUR = 0.15;

  /**
   * The shape of one from the drawer.
   *
   * @throws InvalidValue when its shape doesn't follow from its sizes, or it can't run by numbers
   */
  public static ToolShape of(Cutter cutter) {
    double radius = cutter.diameter() / 2;
    return switch (cutter.kind()) {
      case STRAIGHT, TOP_BEARING -> router(cutter, new Tip.Flat(), false);
      case SPIRAL_UP, SPIRAL_DOWN, COMPRESSION -> router(cutter, new Tip.Flat(), true);
      case BALL -> router(cutter, new Tip.Ball(radius), true);
      // Its edges run from the point to its full width.
      case VEE -> router(cutter, new Tip.Cone(cutter.cutting() / radius), true);
      case FORSTNER, BRAD_POINT ->
          bit(
              cutter,
              cutter.spur() > 0 ? new Tip.Spurred(cutter.spur(), radius * SPUR) : new Tip.Flat());
      case TWIST -> bit(cutter, new Tip.Cone(1 / Math.tan(Math.toRadians(TWIST_POINT))));
      case BOTTOM_BEARING, BOTH_BEARINGS ->
          throw new InvalidValue(
              Text.of("{name} has a bearing at its tip: it isn't run by numbers.", cutter.name()));
      case ROUND_OVER, STEP ->
          throw new InvalidValue(
              Text.of(
                  "The shape of {name} doesn't follow from its sizes: it isn't simulated.",
                  cutter.name()));
    };
  }

  private static ToolShape router(Cutter cutter, Tip tip, boolean plunges) {
    return shape(cutter, tip, true, plunges);
  }

  private static ToolShape bit(Cutter cutter, Tip tip) {
    return shape(cutter, tip, false, true);
  }

  private static ToolShape shape(Cutter cutter, Tip tip, boolean sideways, boolean plunges) {
    double radius = cutter.diameter() / 2;
    return new ToolShape(
        tip,
        radius,
        cutter.cutting(),
        Math.max(radius, cutter.shank() / 2),
        Math.max(cutter.stickOut(), cutter.cutting()),
        sideways,
        plunges);
  }
}

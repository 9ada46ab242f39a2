package roughcut.machining;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point3;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;
import roughcut.shop.Cutter;
import roughcut.shop.Machine;

/**
 * The work as it lies on the machine. Lengths in mm, in the coordinates of the work's zero (G54): z
 * is up.
 *
 * @param plan of the stock as seen from above
 * @param top height of its upper face
 * @param thickness of it
 * @param cell side of the cells that it is worked out in
 * @param cutters by the number that the program calls them by; a single one stands for any number
 * @param clamps round and on it
 * @param under how far a cutter may go below the stock's underside, into a board below it
 * @param nut diameter of what holds the cutters
 * @param density of the wood, kg/m³
 * @param zeros the work's zeros (54 to 59) in machine coordinates; without a machine, 54 at its 0
 * @param machine its limits; empty where they aren't to be looked at
 */
public record SetUp(
    Bounds plan,
    double top,
    double thickness,
    double cell,
    Map<Integer, Cutter> cutters,
    List<Clamp> clamps,
    double under,
    double nut,
    double density,
    Map<Integer, Point3> zeros,
    Optional<Machine> machine) {
  /** A collet nut that holds most small cutters, mm. */
  public static final double USUAL_NUT = 35;

  /** Cells for a look; a cutter of 3 mm is twelve of them wide. */
  public static final double USUAL_CELL = 0.25;

  public SetUp {
    cutters = Map.copyOf(cutters);
    clamps = List.copyOf(clamps);
    zeros = Map.copyOf(zeros);
    if (!(plan.width() > 0 && plan.height() > 0 && thickness > 0)) {
      throw new InvalidValue(Text.of("stock is more than 0 mm long, wide and thick"));
    }
    if (cutters.isEmpty()) {
      throw new InvalidValue(Text.of("a set-up needs a cutter"));
    }
  }

  /**
   * Without a machine, clamps or a board below: the stock's lower left corner at 0, its top too.
   */
  public static SetUp of(
      double length, double width, double thickness, Cutter cutter, double density) {
    return new SetUp(
        new Bounds(0, 0, length, width),
        0,
        thickness,
        USUAL_CELL,
        Map.of(1, cutter),
        List.of(),
        0,
        USUAL_NUT,
        density,
        Map.of(54, new Point3(0, 0, 0)),
        Optional.empty());
  }

  public double underside() {
    return top - thickness;
  }

  /** The cutter that a program calls by that number. */
  Optional<Cutter> cutter(int number) {
    return cutters.size() == 1
        ? cutters.values().stream().findFirst()
        : Optional.ofNullable(cutters.get(number));
  }

  public SetUp withClamps(List<Clamp> next) {
    return new SetUp(
        plan, top, thickness, cell, cutters, next, under, nut, density, zeros, machine);
  }

  public SetUp withUnder(double next) {
    return new SetUp(
        plan, top, thickness, cell, cutters, clamps, next, nut, density, zeros, machine);
  }

  /** On a machine, its zeros set. */
  public SetUp on(Machine next, Map<Integer, Point3> set) {
    return new SetUp(
        plan, top, thickness, cell, cutters, clamps, under, nut, density, set, Optional.of(next));
  }

  /** The same with the stock elsewhere. */
  public SetUp at(Bounds where, double height) {
    return new SetUp(
        where, height, thickness, cell, cutters, clamps, under, nut, density, zeros, machine);
  }

  /** With other cutters. */
  public SetUp withCutters(Map<Integer, Cutter> next) {
    return new SetUp(plan, top, thickness, cell, next, clamps, under, nut, density, zeros, machine);
  }
}

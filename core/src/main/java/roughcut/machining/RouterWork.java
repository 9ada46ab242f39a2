package roughcut.machining;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roughcut.geometry.Bounds;
import roughcut.geometry.Region;
import roughcut.measure.Text;
import roughcut.shop.Cutter;
import roughcut.shop.CutterKind;

/**
 * An area with a level floor that a CNC router is to empty.
 *
 * @param name of the step or bore, for comments and ids
 * @param words what it is called
 * @param area as seen from above, in the machine's coordinates
 * @param planned box round what is planned; the area may run out of it over an open edge
 * @param above height of what is cut before it; 0 at the face
 * @param floor height of its floor, less than 0
 * @param corner radius of its inside corners
 * @param lean what its floor is like where it isn't level; {@code floor} is the highest place of it
 * @param within the name of the work before whose floor it begins at; empty where it begins at the
 *     face
 */
record RouterWork(
    String name,
    Text words,
    Region area,
    Bounds planned,
    double above,
    double floor,
    double corner,
    Optional<LeaningFloor> lean,
    Optional<String> within) {
  /** A cutter this much larger than a corner still makes it. */
  private static final double CORNER = 0.03;

  /** What a cutter may leave in corners and narrow places, mm² for each mm round. */
  private static final double LEFT = 0.02;

  /** A round hole is emptied by a cutter that is at least so much smaller, mm. */
  private static final double ROOM = 0.5;

  /** Height of the lowest place of its floor. */
  double deepest() {
    return lean.map(l -> l.lowest(area.bounds())).orElse(floor);
  }

  /** Whether it is a round hole. */
  boolean round() {
    return area.edges().size() == 1 && area.edges().get(0).path().circle().isPresent();
  }

  /** Cutters of the drawer that empty it, the largest first. */
  List<Cutter> cutters(List<Cutter> drawer) {
    return drawer.stream()
        .filter(c -> runs(c.kind()) && c.condition() != Cutter.Condition.DULL)
        .filter(c -> c.diameter() / 2 <= corner + CORNER)
        .filter(c -> -deepest() <= (c.shank() <= c.diameter() ? c.stickOut() : c.cutting()))
        .sorted(Comparator.comparingDouble(c -> -c.diameter()))
        .filter(this::reaches)
        .toList();
  }

  private static boolean runs(CutterKind kind) {
    return switch (kind) {
      case STRAIGHT, SPIRAL_UP, SPIRAL_DOWN, COMPRESSION -> true;
      case TOP_BEARING,
              BOTTOM_BEARING,
              BOTH_BEARINGS,
              BALL,
              VEE,
              ROUND_OVER,
              FORSTNER,
              BRAD_POINT,
              TWIST,
              STEP ->
          false;
    };
  }

  private boolean reaches(Cutter cutter) {
    double radius = cutter.diameter() / 2;
    Region inside = area.buffer(-radius - ROOM / 2);
    if (inside.isEmpty()) {
      return false;
    }
    double round = area.edges().stream().mapToDouble(e -> e.path().length()).sum();
    return area.area() - area.opened(radius).area() <= LEFT * round;
  }

  /** What the drawer lacks for it, a whole sentence. */
  Text lacking() {
    return round()
        ? Text.of(
            "No straight or spiral cutter in the drawer fits a hole of {across} and reaches "
                + "{deep} down: drill it.",
            Text.length(2 * corner(), 1),
            Text.length(-deepest(), 1))
        : Text.of(
            "No straight or spiral cutter in the drawer makes corners of {corner} radius, fits "
                + "in and reaches {deep} down: rout it by hand.",
            Text.length(corner(), 2),
            Text.length(-deepest(), 1));
  }
}

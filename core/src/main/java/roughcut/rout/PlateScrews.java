package roughcut.rout;

import java.util.List;
import java.util.Set;
import roughcut.design.BodyFace;
import roughcut.design.Fitting;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;

/** Pilots for the small screws that hold plates and covers. */
final class PlateScrews {
  /** Of a pilot, mm. */
  static final double PILOT = 2.5;

  /** How deep a pilot goes from where its plate lies, mm. */
  static final double DEPTH = 12;

  private PlateScrews() {}

  /**
   * Adds a pilot for each place, named {@code NAME-screw-I}.
   *
   * @param what is held, to begin its words with
   * @param z where the plate lies on the wood
   * @param joins names of cuts that they stand in on purpose
   * @param changedBy ids of decisions that move them
   */
  static void add(
      Slab slab,
      Fitting fitting,
      String what,
      BodyFace face,
      double z,
      List<Point> places,
      Set<String> joins,
      String... changedBy) {
    double down = face == BodyFace.TOP ? DEPTH : -DEPTH;
    for (int i = 0; i < places.size(); i++) {
      Point at = places.get(i);
      slab.cuts.add(
          new Cut(
              fitting.name() + "-screw-" + (i + 1),
              what + "'s screw " + (i + 1),
              CutKind.SCREW,
              CutFrom.of(face),
              List.of(),
              List.of(
                  new Cylinder(
                      new Point3(at.x(), at.y(), z),
                      new Point3(at.x(), at.y(), z + down),
                      PILOT / 2)),
              joins,
              List.of(changedBy),
              false));
    }
  }
}

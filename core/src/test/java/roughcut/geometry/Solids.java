package roughcut.geometry;

/** Whether a place is inside a solid, straight from what the solid is. */
public final class Solids {
  private Solids() {}

  private static final double HAIR = 1e-3;

  /** Inside by more than a hair. */
  public static boolean holds(Solid solid, double x, double y, double z) {
    return inside(solid, x, y, z, HAIR);
  }

  /** Inside, or outside by less than a hair. */
  static boolean touches(Solid solid, double x, double y, double z) {
    return inside(solid, x, y, z, -HAIR);
  }

  private static boolean inside(Solid solid, double x, double y, double z, double by) {
    if (solid instanceof Prism prism) {
      double floor = prism.floorAt(x);
      return new Outline(prism.corners()).contains(new Point(x, y))
          && z > Math.min(prism.open(), floor) + by
          && z < Math.max(prism.open(), floor) - by;
    }
    Cylinder bore = (Cylinder) solid;
    double dx = bore.to().x() - bore.from().x();
    double dy = bore.to().y() - bore.from().y();
    double dz = bore.to().z() - bore.from().z();
    double px = x - bore.from().x();
    double py = y - bore.from().y();
    double pz = z - bore.from().z();
    double along = (px * dx + py * dy + pz * dz) / bore.length();
    double off = Math.sqrt(Math.max(0, px * px + py * py + pz * pz - along * along));
    return along > by && along < bore.length() - by && off < bore.radius() - by;
  }
}

package roughcut.geometry;

/** Something without hollows, told by how far it reaches in every way; a point, too. */
public interface Convex {
  /** A point of it that lies furthest in that way; the way's length doesn't matter. */
  Point3 furthest(Point3 way);
}

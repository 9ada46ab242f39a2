package roughcut.geometry;

/** A solid without hollows, told by how far it reaches in every way. */
public interface Convex {
  /** A point of the solid that lies furthest in that way; the way's length doesn't matter. */
  Point3 furthest(Point3 way);

  /**
   * Where an upright line at that place of the plan lies in the solid: its least and its greatest
   * z; null where it misses.
   */
  double[] chord(double x, double y);

  /** The box around it. */
  Box box();
}

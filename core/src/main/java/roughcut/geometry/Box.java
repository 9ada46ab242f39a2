package roughcut.geometry;

/** The box around a solid, its sides along the axes, mm. */
public record Box(double x0, double y0, double z0, double x1, double y1, double z1) {

  /** The box around both. */
  public Box and(Box o) {
    return new Box(
        Math.min(x0, o.x0),
        Math.min(y0, o.y0),
        Math.min(z0, o.z0),
        Math.max(x1, o.x1),
        Math.max(y1, o.y1),
        Math.max(z1, o.z1));
  }

  /** How far apart two boxes are: never more than what lies in them is apart. */
  public double distance(Box o) {
    double dx = Math.max(0, Math.max(x0 - o.x1, o.x0 - x1));
    double dy = Math.max(0, Math.max(y0 - o.y1, o.y0 - y1));
    double dz = Math.max(0, Math.max(z0 - o.z1, o.z0 - z1));
    return Math.sqrt(dx * dx + dy * dy + dz * dz);
  }
}

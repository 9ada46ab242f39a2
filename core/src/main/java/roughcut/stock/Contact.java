package roughcut.stock;

import roughcut.geometry.Point;

/**
 * What something met on its way.
 *
 * @param removed wood that it took away, mm³; 0 of what doesn't cut
 * @param deepest how far it reached below the face that was there, mm; 0 where it met nothing or
 *     only touched it with its edge
 * @param where it was that deep, seen from above; null where it met nothing
 */
public record Contact(double removed, double deepest, Point where) {
  /** It met nothing. */
  public static final Contact NONE = new Contact(0, 0, null);

  public boolean met() {
    return deepest > 0;
  }
}

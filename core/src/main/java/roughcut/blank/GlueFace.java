package roughcut.blank;

import roughcut.geometry.Arcs;

/**
 * A face between two strips of a blank, seen from above: straight from its place at the nut line to
 * its place at the heel's end and on in the same line, or swollen between the two by an arc.
 *
 * @param nut offset from the centre line at the nut line, treble positive, mm
 * @param heel offset at the heel's end
 * @param bow how far the arc stands out of the straight line halfway, treble positive
 * @param heelEnd where the heel ends, from the nut line
 */
public record GlueFace(double nut, double heel, double bow, double heelEnd) {
  private static final int PIECES = 32;

  /** Offset from the centre line at x. */
  public double at(double x) {
    return nut + (heel - nut) * x / heelEnd + swell(x);
  }

  private double swell(double x) {
    return bow == 0 || x <= 0 || x >= heelEnd
        ? 0
        : Math.copySign(Arcs.ordinate(heelEnd, Math.abs(bow), x), bow);
  }

  public boolean straight() {
    return bow == 0;
  }

  /** So many pieces show the face closely enough; one when it is straight. */
  int pieces() {
    return straight() ? 1 : PIECES;
  }
}

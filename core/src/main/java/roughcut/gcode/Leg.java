package roughcut.gcode;

import roughcut.geometry.Point;
import roughcut.geometry.Point3;

/** A part of a cutter's way, from where the one before ended; z is up, mm. */
public sealed interface Leg {
  /** How fast it is gone. */
  enum Pace {
    /** In air. */
    RAPID,
    /** Down into wood. */
    ENTERING,
    CUTTING
  }

  /** An answer for each kind. */
  interface Cases<T> {
    T straight(Straight leg);

    T round(Round leg);
  }

  <T> T fold(Cases<T> cases);

  Point3 to();

  /** Straight there. */
  record Straight(Point3 to, Pace pace) implements Leg {
    @Override
    public <T> T fold(Cases<T> cases) {
      return cases.straight(this);
    }
  }

  /**
   * Round a centre, seen from above; as a helix where its end is higher or lower.
   *
   * @param sweep angle gone, radians; more than 0 anticlockwise, a full turn at most
   */
  record Round(Point3 to, Point centre, double sweep, Pace pace) implements Leg {
    @Override
    public <T> T fold(Cases<T> cases) {
      return cases.round(this);
    }
  }
}

package roughcut.gcode;

import java.util.Optional;

/** What holds until a block says otherwise. */
final class Modes {
  /** One inch, mm. */
  private static final double INCH = 25.4;

  Plane plane = Plane.XY;
  int zero = 54;
  boolean incremental;
  boolean arcCentreAbsolute;
  boolean backToStart = true;
  double unit = 1;
  double feed;
  double speed;
  boolean turning;
  int nextTool;

  /** G word of the motion that axis words alone go on with, as ten times its number. */
  Optional<Integer> motion = Optional.empty();

  boolean unitsSaid;
  boolean distanceSaid;

  /** Takes a G word that holds on; those of motion and those that count once are left alone. */
  void set(int tenths) {
    switch (tenths) {
      case 170 -> plane = Plane.XY;
      case 180 -> plane = Plane.ZX;
      case 190 -> plane = Plane.YZ;
      case 200 -> units(INCH);
      case 210 -> units(1);
      case 900 -> distance(false);
      case 910 -> distance(true);
      case 901 -> arcCentreAbsolute = true;
      case 911 -> arcCentreAbsolute = false;
      case 980 -> backToStart = true;
      case 990 -> backToStart = false;
      case 540, 550, 560, 570, 580, 590 -> zero = tenths / 10;
      default -> {
        // Feed a minute, paths and cutter lengths are as they are anyway.
      }
    }
  }

  private void units(double mm) {
    unit = mm;
    unitsSaid = true;
  }

  private void distance(boolean by) {
    incremental = by;
    distanceSaid = true;
  }
}

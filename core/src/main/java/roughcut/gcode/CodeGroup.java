package roughcut.gcode;

import java.util.Optional;

/** Of each group one G word holds at a time; two of one group in a block contradict each other. */
enum CodeGroup {
  MOTION,
  ONCE,
  PLANE,
  DISTANCE,
  ARC_CENTRE,
  FEED_MODE,
  UNITS,
  CUTTER_RADIUS,
  CUTTER_LENGTH,
  RETURN,
  ZERO,
  PATH;

  /**
   * The group of a G word.
   *
   * @param tenths ten times its number: G91.1 is 911
   * @return empty where no controller of this kind knows it
   */
  static Optional<CodeGroup> of(int tenths) {
    return Optional.ofNullable(
        switch (tenths) {
          case 0, 10, 20, 30, 730, 800, 810, 820, 830 -> MOTION;
          case 40, 280, 300, 530 -> ONCE;
          case 170, 180, 190 -> PLANE;
          case 900, 910 -> DISTANCE;
          case 901, 911 -> ARC_CENTRE;
          case 940 -> FEED_MODE;
          case 200, 210 -> UNITS;
          case 400 -> CUTTER_RADIUS;
          case 430, 490 -> CUTTER_LENGTH;
          case 980, 990 -> RETURN;
          case 540, 550, 560, 570, 580, 590 -> ZERO;
          case 610, 640 -> PATH;
          default -> null;
        });
  }
}

package roughcut.shop;

import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * A CNC router. Its coordinates run from 0 to its travel along x and y, and along z from 0, all the
 * way up, down to less than 0.
 *
 * @param x travel, mm
 * @param y travel, mm
 * @param z travel, mm
 * @param leastSpeed of its spindle, turns a minute
 * @param mostSpeed of its spindle, turns a minute
 * @param mostFeed fastest that it cuts, mm a minute
 * @param rapid how fast it goes where it doesn't cut, mm a minute
 */
public record Machine(
    String name,
    double x,
    double y,
    double z,
    double leastSpeed,
    double mostSpeed,
    double mostFeed,
    double rapid) {
  public Machine {
    if (!(x > 0 && x <= 10_000 && y > 0 && y <= 10_000 && z > 0 && z <= 2_000)) {
      throw new InvalidValue(Text.of("{name}: a machine travels more than 0 mm each way", name));
    }
    if (!(leastSpeed >= 0 && mostSpeed > leastSpeed && mostSpeed <= 100_000)) {
      throw new InvalidValue(Text.of("{name}: a spindle's greatest speed is over its least", name));
    }
    if (!(mostFeed > 0 && rapid > 0 && Math.max(mostFeed, rapid) <= 100_000)) {
      throw new InvalidValue(Text.of("{name}: a machine's feeds are more than 0", name));
    }
  }
}

package roughcut.gcode;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/** What a drilling cycle keeps from hole to hole, and the ways up and down of each. */
final class DrillCycle {
  /** Before it goes on, a peck stops so far above where the last one ended, mm. */
  private static final double ABOVE = 0.5;

  /** More pecks than that in a hole are a slip. */
  private static final int MOST_PECKS = 2000;

  private static final int PECKS = 830;
  private static final int CHIP_BREAKS = 730;

  private double floor = Double.NaN;
  private double clear = Double.NaN;
  private double peck;
  private double dwell;
  private double start = Double.NaN;

  /**
   * A way up or down over one place.
   *
   * @param z where to, in machine coordinates
   * @param first whether the cutter goes over the place before
   * @param dwell seconds at its end
   */
  record Leg(double z, boolean rapid, boolean first, double dwell) {}

  /** A cycle that is called anew remembers nothing of the one before. */
  void forget() {
    floor = Double.NaN;
    clear = Double.NaN;
    peck = 0;
    dwell = 0;
    start = Double.NaN;
  }

  /**
   * Takes a block's words; those left out are as in the block before.
   *
   * @param zero of the work along z
   * @param at where the cutter stands along z
   */
  void take(Map<Character, Double> words, Modes modes, double zero, double at) {
    if (Double.isNaN(start)) {
      start = at;
    }
    Optional.ofNullable(words.get('R'))
        .ifPresent(r -> clear = (modes.incremental ? start : zero) + r * modes.unit);
    Optional.ofNullable(words.get('Z'))
        .ifPresent(z -> floor = (modes.incremental ? clear : zero) + z * modes.unit);
    Optional.ofNullable(words.get('Q')).ifPresent(q -> peck = q * modes.unit);
    Optional.ofNullable(words.get('P')).ifPresent(p -> dwell = p);
    if (Double.isNaN(clear) || Double.isNaN(floor)) {
      throw new InvalidValue(
          Text.of("A drilling cycle needs the hole's floor as Z and a clear height as R."));
    }
    if (floor > clear) {
      throw new InvalidValue(Text.of("The hole's floor lies over the clear height."));
    }
  }

  /** Down and up again over one place. */
  List<Leg> legs(int motion, double at, boolean backToStart) {
    List<Leg> legs = new ArrayList<>();
    legs.add(new Leg(Math.max(at, clear), true, true, 0));
    legs.add(new Leg(clear, true, false, 0));
    if (motion == PECKS || motion == CHIP_BREAKS) {
      pecks(motion == PECKS, legs);
    } else {
      legs.add(new Leg(floor, false, false, dwell));
    }
    legs.add(new Leg(backToStart ? Math.max(start, clear) : clear, true, false, 0));
    return legs;
  }

  private void pecks(boolean out, List<Leg> legs) {
    if (!(peck > 0) || (clear - floor) / peck > MOST_PECKS) {
      throw new InvalidValue(Text.of("A drilling cycle with pecks needs their depth as Q."));
    }
    double depth = clear;
    while (depth > floor) {
      if (depth < clear) {
        if (out) {
          legs.add(new Leg(clear, true, false, 0));
        }
        legs.add(new Leg(Math.min(clear, depth + ABOVE), true, false, 0));
      }
      depth = Math.max(floor, depth - peck);
      legs.add(new Leg(depth, false, false, depth == floor ? dwell : 0));
    }
  }
}

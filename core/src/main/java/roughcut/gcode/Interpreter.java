package roughcut.gcode;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * Does what the blocks say, as a controller would: in the order that is usual for the words of one
 * block (feed and speed, cutter, spindle, waiting, planes and zeros, motion, end).
 */
final class Interpreter {
  /** A program of more steps than that isn't for this: it would never be looked at. */
  private static final int MOST_STEPS = 4_000_000;

  private static final String AXES = "XYZ";
  private static final Set<Integer> CYCLES = Set.of(730, 810, 820, 830);

  private final Zeros zeros;
  private final Modes modes = new Modes();
  private final List<Step> steps = new ArrayList<>();
  private final List<Fault> faults = new ArrayList<>();

  /** In machine coordinates; not a number where it isn't known yet. */
  private final double[] at = {Double.NaN, Double.NaN, Double.NaN};

  private final DrillCycle cycle = new DrillCycle();
  private int line;
  private boolean ended;
  private boolean moved;

  Interpreter(Zeros zeros) {
    this.zeros = zeros;
    zeros.home().ifPresent(this::put);
  }

  private void put(Point3 place) {
    at[0] = place.x();
    at[1] = place.y();
    at[2] = place.z();
  }

  Program run(BlockReader.Blocks read, boolean skip) {
    faults.addAll(read.faults());
    for (Block block : read.blocks()) {
      line = block.line();
      if (!(skip && block.optional())) {
        block(block);
      }
      if (steps.size() > MOST_STEPS) {
        fault(Text.of("The program has more than {most} moves.", MOST_STEPS));
        ended = true;
      }
      if (ended) {
        break;
      }
    }
    if (!ended) {
      fault(Text.of("The program has no end: M2 or M30 is missing."));
    }
    faults.sort((a, b) -> Integer.compare(a.line(), b.line()));
    return new Program(steps, faults);
  }

  private void block(Block block) {
    Map<CodeGroup, Integer> codes = new EnumMap<>(CodeGroup.class);
    List<Integer> machine = new ArrayList<>();
    Map<Character, Double> words = new HashMap<>();
    for (Word word : block.words()) {
      switch (word.letter()) {
        case 'G' -> code(word, codes);
        case 'M' -> machine.add((int) Math.round(word.value()));
        default -> word(word, words);
      }
    }
    Optional.ofNullable(words.get('S')).ifPresent(this::speed);
    Optional.ofNullable(words.get('T')).ifPresent(t -> modes.nextTool = (int) Math.round(t));
    machine.forEach(this::before);
    codes.forEach(
        (group, tenths) -> {
          if (group != CodeGroup.MOTION && group != CodeGroup.ONCE) {
            modes.set(tenths);
          }
        });
    // Feeds are in the units of their own block.
    Optional.ofNullable(words.get('F')).ifPresent(f -> feed(f * modes.unit));
    try {
      motion(codes, words);
    } catch (InvalidValue e) {
      fault(e.told());
    }
    machine.forEach(this::after);
  }

  private void code(Word word, Map<CodeGroup, Integer> codes) {
    int tenths = (int) Math.round(word.value() * 10);
    Optional<CodeGroup> group = CodeGroup.of(tenths);
    if (group.isEmpty()) {
      fault(Text.of("{word} isn't understood.", named('G', word.value())));
    } else if (codes.putIfAbsent(group.get(), tenths) != null) {
      fault(Text.of("{word} contradicts another word of its block.", named('G', word.value())));
    }
  }

  private void word(Word word, Map<Character, Double> words) {
    if ("XYZIJKRFSTPQLH".indexOf(word.letter()) < 0) {
      fault(Text.of("{word} isn't understood.", named(word.letter(), word.value())));
    } else if (words.putIfAbsent(word.letter(), word.value()) != null) {
      fault(Text.of("{letter} stands twice in one block.", String.valueOf(word.letter())));
    }
  }

  private static String named(char letter, double value) {
    return letter
        + (value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value));
  }

  private void speed(double turns) {
    if (turns < 0) {
      fault(Text.of("The spindle's speed is less than 0."));
    }
    modes.speed = Math.max(0, turns);
  }

  private void feed(double feed) {
    if (feed <= 0) {
      fault(Text.of("The feed isn't more than 0."));
    }
    modes.feed = feed;
  }

  /** What happens before the cutter moves. */
  private void before(int code) {
    switch (code) {
      case 3, 4 -> {
        if (modes.speed <= 0) {
          fault(Text.of("The spindle is started without a speed."));
        }
        if (code == 4) {
          fault(Text.of("M4 turns the cutter backwards."));
        }
        modes.turning = true;
      }
      case 5 -> modes.turning = false;
      case 6 -> {
        modes.turning = false;
        steps.add(new Step.ToolChange(line, modes.nextTool));
      }
      case 0, 1, 2, 7, 8, 9, 30 -> {
        // Air and stops: what comes after moving is done then.
      }
      default -> fault(Text.of("{word} isn't understood.", named('M', code)));
    }
  }

  private void after(int code) {
    switch (code) {
      case 0, 1 -> steps.add(new Step.Pause(line));
      case 2, 30 -> ended = true;
      default -> {
        // Done before.
      }
    }
  }

  private void motion(Map<CodeGroup, Integer> codes, Map<Character, Double> words) {
    Optional<Integer> once = Optional.ofNullable(codes.get(CodeGroup.ONCE));
    Optional<Integer> said = Optional.ofNullable(codes.get(CodeGroup.MOTION));
    if (once.filter(o -> o == 40).isPresent()) {
      dwell(words);
      return;
    }
    if (once.filter(o -> o == 280 || o == 300).isPresent()) {
      home(words);
      return;
    }
    if (said.isPresent()) {
      modes.motion = said;
      cycle.forget();
    }
    boolean axes = AXES.chars().anyMatch(a -> words.containsKey((char) a));
    if (!axes && !arcs(modes.motion, words)) {
      return;
    }
    if (modes.motion.isEmpty()) {
      throw new InvalidValue(Text.of("Where to go is said, but not how: G0 to G3 is missing."));
    }
    unsaid();
    int motion = modes.motion.get();
    boolean raw = once.filter(o -> o == 530).isPresent();
    if (CYCLES.contains(motion)) {
      cycle(motion, words);
      return;
    }
    double[] to = target(words, raw);
    switch (motion) {
      case 0 -> straight(to, true);
      case 10 -> straight(to, false);
      case 20, 30 -> arc(to, motion == 20, words);
      default -> throw new InvalidValue(Text.of("Axes are given after G80 ended all motion."));
    }
  }

  /** A whole circle needs no axis. */
  private static boolean arcs(Optional<Integer> motion, Map<Character, Double> words) {
    return motion.filter(m -> m == 20 || m == 30).isPresent()
        && "IJK".chars().anyMatch(c -> words.containsKey((char) c));
  }

  /** A controller stands as the last program left it; this one says so. */
  private void unsaid() {
    if (!moved && !modes.unitsSaid) {
      fault(
          Text.of("Neither G20 nor G21 is given before the first move. Millimetres are assumed."));
    }
    if (!moved && !modes.distanceSaid) {
      fault(Text.of("Neither G90 nor G91 is given before the first move. G90 is assumed."));
    }
    moved = true;
  }

  private void dwell(Map<Character, Double> words) {
    double seconds = words.getOrDefault('P', -1.0);
    if (seconds < 0) {
      throw new InvalidValue(Text.of("G4 needs the seconds to wait as P."));
    }
    steps.add(new Step.Dwell(line, seconds));
  }

  private void home(Map<Character, Double> words) {
    Point3 home =
        zeros
            .home()
            .orElseThrow(() -> new InvalidValue(Text.of("The machine's home isn't known.")));
    if (AXES.chars().anyMatch(a -> words.containsKey((char) a))) {
      straight(target(words, false), true);
    }
    straight(new double[] {home.x(), home.y(), home.z()}, true);
  }

  /** Where the axis words lead, in machine coordinates. */
  private double[] target(Map<Character, Double> words, boolean raw) {
    double[] to = at.clone();
    double[] zero = raw ? new double[3] : zero();
    for (int axis = 0; axis < 3; axis++) {
      Double word = words.get(AXES.charAt(axis));
      if (word != null) {
        to[axis] =
            modes.incremental && !raw
                ? at[axis] + word * modes.unit
                : zero[axis] + word * modes.unit;
      }
    }
    return to;
  }

  private double[] zero() {
    Point3 zero = zeros.offsets().get(modes.zero);
    if (zero == null) {
      throw new InvalidValue(Text.of("{word} isn't set up.", named('G', modes.zero)));
    }
    return new double[] {zero.x(), zero.y(), zero.z()};
  }

  private static boolean known(double[] place) {
    return !Double.isNaN(place[0] + place[1] + place[2]);
  }

  private static Point3 point(double[] place) {
    return new Point3(place[0], place[1], place[2]);
  }

  private void straight(double[] to, boolean rapid) {
    if (!rapid) {
      feeding();
    }
    if (known(to)) {
      // From nobody knows where: what stands at its end is seen all the same.
      step(known(at) ? point(at) : point(to), point(to), rapid);
    }
    System.arraycopy(to, 0, at, 0, 3);
  }

  private void feeding() {
    if (!known(at)) {
      throw new InvalidValue(
          Text.of("It cuts from a place that isn't known yet: X, Y and Z need a G0 before."));
    }
    if (!(modes.feed > 0)) {
      throw new InvalidValue(Text.of("It cuts without a feed: F is missing."));
    }
  }

  private void step(Point3 from, Point3 to, boolean rapid) {
    steps.add(new Step.Move(line, from, to, rapid, modes.feed, modes.turning ? modes.speed : 0));
  }

  private void arc(double[] to, boolean clockwise, Map<Character, Double> words) {
    feeding();
    ArcPath arc = new ArcPath(modes.plane, at.clone(), to);
    Double radius = words.get('R');
    List<Point3> way =
        radius == null
            ? arc.round(centre(words), clockwise, (int) Math.round(words.getOrDefault('P', 1.0)))
            : arc.byRadius(radius * modes.unit, clockwise);
    for (int i = 1; i < way.size(); i++) {
      step(way.get(i - 1), way.get(i), false);
    }
    System.arraycopy(to, 0, at, 0, 3);
  }

  private Point centre(Map<Character, Double> words) {
    double[] zero = modes.arcCentreAbsolute ? zero() : at;
    int[] axes = {modes.plane.first, modes.plane.second};
    double[] centre = new double[2];
    boolean any = false;
    for (int i = 0; i < 2; i++) {
      Double word = words.get("IJK".charAt(axes[i]));
      any |= word != null;
      centre[i] =
          word == null && modes.arcCentreAbsolute
              ? at[axes[i]]
              : zero[axes[i]] + (word == null ? 0 : word * modes.unit);
    }
    if (!any || words.containsKey("IJK".charAt(modes.plane.along))) {
      throw new InvalidValue(
          Text.of("An arc needs its centre in the plane that is chosen, or a radius as R."));
    }
    return new Point(centre[0], centre[1]);
  }

  private void cycle(int motion, Map<Character, Double> words) {
    feeding();
    if (modes.plane != Plane.XY) {
      throw new InvalidValue(Text.of("Drilling cycles are understood in the plane of G17 only."));
    }
    cycle.take(words, modes, zero()[2], at[2]);
    int times = modes.incremental ? (int) Math.round(words.getOrDefault('L', 1.0)) : 1;
    for (int i = 0; i < times && steps.size() <= MOST_STEPS; i++) {
      Map<Character, Double> place = new HashMap<>(words);
      place.remove('Z');
      double[] over = target(place, false);
      for (DrillCycle.Leg leg : cycle.legs(motion, at[2], modes.backToStart)) {
        double[] to = {over[0], over[1], leg.z()};
        if (leg.first()) {
          straight(new double[] {over[0], over[1], at[2]}, true);
        }
        straight(to, leg.rapid());
        if (leg.dwell() > 0) {
          steps.add(new Step.Dwell(line, leg.dwell()));
        }
      }
    }
  }

  private void fault(Text words) {
    faults.add(new Fault(line, words));
  }
}

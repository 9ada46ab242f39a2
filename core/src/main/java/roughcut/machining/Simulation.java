package roughcut.machining;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import roughcut.gcode.Program;
import roughcut.gcode.Step;
import roughcut.gcode.Zeros;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.machining.SimulationFault.Kind;
import roughcut.measure.InvalidValue;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.shop.Cutter;
import roughcut.shop.Machine;
import roughcut.stock.Contact;
import roughcut.stock.HeightMap;
import roughcut.stock.Sweep;
import roughcut.stock.ToolShape;

/**
 * Runs a program's text on stock as it is clamped, and believes nothing (handbook page 11, "How
 * chips are made"): the cutter is moved through the wood in its true shape, and what would go wrong
 * is told with its line.
 */
public final class Simulation {
  /** Touching a face isn't cutting into it, mm. */
  private static final double SKIN = Sweep.SKIN;

  /** Steepest way into wood for a cutter that doesn't cut at its centre, degrees. */
  private static final double RAMP = 5;

  /** Going down less than that at once is no plunge, mm. */
  private static final double LEAST_PLUNGE = 0.5;

  /** What a rapid move runs at where the machine isn't known, mm a minute. */
  private static final double USUAL_RAPID = 3000;

  private final SetUp setUp;
  private final HeightMap wood;
  private final Sweep sweep;
  private final Optional<Sweep> clamps;
  private final double clampsTop;
  private final Point3 zero;
  private final FaultList faults = new FaultList();

  private Optional<Cutter> cutter;
  private ToolShape shape;
  private CuttingRule rule;
  private double seconds;
  private double cut;
  private double rapid;
  private double removed;
  private double deepest = Double.POSITIVE_INFINITY;

  private Simulation(SetUp setUp, HeightMap wood) {
    this.setUp = setUp;
    this.wood = wood;
    this.sweep = new Sweep(wood, setUp.underside());
    this.clamps = clamps(setUp).map(map -> new Sweep(map, Double.NEGATIVE_INFINITY));
    this.clampsTop =
        setUp.clamps().stream().mapToDouble(Clamp::top).max().orElse(HeightMap.NOTHING);
    this.zero = setUp.zeros().getOrDefault(54, new Point3(0, 0, 0));
  }

  /** Runs it; the switch that leaves out blocks with a slash is off. */
  public static SimulationReport run(String text, SetUp setUp) {
    return run(text, setUp, false);
  }

  /**
   * Runs it.
   *
   * @param skip whether blocks with a slash before them are left out
   * @throws InvalidValue when the stock has too many cells
   */
  public static SimulationReport run(String text, SetUp setUp, boolean skip) {
    Optional<Point3> home = setUp.machine().map(m -> new Point3(0, 0, 0));
    Program program = Program.read(text, new Zeros(setUp.zeros(), home), skip);
    return new Simulation(setUp, uncut(setUp)).all(program);
  }

  /**
   * Runs it on stock that was cut before.
   *
   * @param before as another program with this set-up left it; it stays as it is
   */
  public static SimulationReport run(String text, SetUp setUp, HeightMap before) {
    return until(text, setUp, before, Integer.MAX_VALUE);
  }

  /**
   * Runs it up to a line of its text, that one included.
   *
   * @param before the stock when it begins; it stays as it is
   */
  public static SimulationReport until(String text, SetUp setUp, HeightMap before, int line) {
    Optional<Point3> home = setUp.machine().map(m -> new Point3(0, 0, 0));
    Program all = Program.read(text, new Zeros(setUp.zeros(), home), false);
    Program program =
        new Program(
            all.steps().stream().filter(s -> s.line() <= line).toList(),
            all.faults().stream().filter(f -> f.line() <= line).toList());
    return new Simulation(setUp, before.copy()).all(program);
  }

  /** Stock of that set-up that nothing was cut of yet. */
  public static HeightMap uncut(SetUp setUp) {
    return HeightMap.level(setUp.plan(), setUp.cell(), setUp.top());
  }

  /** Clamps as a face that stays; a cell that one covers any of counts as covered. */
  private static Optional<HeightMap> clamps(SetUp setUp) {
    Optional<Bounds> all = setUp.clamps().stream().map(Clamp::where).reduce(Bounds::and);
    return all.map(
        bounds -> {
          HeightMap map =
              HeightMap.level(bounds.expanded(setUp.cell()), setUp.cell(), HeightMap.NOTHING);
          for (int row = 0; row < map.rows(); row++) {
            for (int column = 0; column < map.columns(); column++) {
              Point middle = map.middle(column, row);
              for (Clamp clamp : setUp.clamps()) {
                if (clamp.where().expanded(setUp.cell() / 2).contains(middle)) {
                  map.set(column, row, Math.max(map.height(column, row), clamp.top()));
                }
              }
            }
          }
          return map;
        });
  }

  private SimulationReport all(Program program) {
    cutter = Optional.empty();
    // A program for one cutter needn't call it.
    if (setUp.cutters().size() == 1) {
      take(0, 1);
    }
    for (Step step : program.steps()) {
      step.fold(
          m -> {
            move(m);
            return null;
          },
          d -> {
            seconds += d.seconds();
            return null;
          },
          c -> {
            take(c.tool(), c.line());
            return null;
          },
          p -> null);
    }
    List<SimulationFault> text =
        program.faults().stream()
            .map(f -> new SimulationFault(Kind.TEXT, f.line(), f.words(), Optional.empty(), 0))
            .toList();
    return new SimulationReport(wood, faults.with(text), seconds, cut, rapid, removed, deepest);
  }

  private void take(int number, int line) {
    cutter = setUp.cutter(number);
    shape = null;
    if (cutter.isEmpty()) {
      add(
          Kind.NO_CUTTER,
          line,
          null,
          0,
          n -> Text.of("The set-up has no cutter T{number}.", Text.fixed(number, 0)));
      return;
    }
    try {
      shape = ToolShape.of(cutter.get());
      rule = CuttingRule.of(cutter.get(), setUp.density());
    } catch (InvalidValue e) {
      add(Kind.NO_CUTTER, line, null, 0, n -> e.told());
    }
  }

  private void move(Step.Move move) {
    Point3 from = move.from().minus(zero);
    Point3 to = move.to().minus(zero);
    double length = from.distance(to);
    time(move, length);
    setUp.machine().ifPresent(m -> travel(m, move));
    if (shape == null) {
      if (cutter.isEmpty()) {
        add(Kind.NO_CUTTER, move.line(), to, 0, n -> Text.of("It moves without a cutter."));
      }
      return;
    }
    deepest = Math.min(deepest, Math.min(from.z(), to.z()));
    held(move, from, to);
    if (Math.min(from.z(), to.z()) < setUp.top()) {
      wood(move, from, to);
    }
  }

  private void time(Step.Move move, double length) {
    double fastest = setUp.machine().map(Machine::rapid).orElse(USUAL_RAPID);
    if (move.rapid()) {
      rapid += length;
      seconds += length / fastest * 60;
    } else {
      cut += length;
      double feed =
          setUp.machine().map(m -> Math.min(m.mostFeed(), move.feed())).orElse(move.feed());
      seconds += length / feed * 60;
    }
  }

  private void travel(Machine machine, Step.Move move) {
    Point3 to = move.to();
    double beyond =
        Math.max(
            Math.max(
                Math.max(-to.x(), to.x() - machine.x()), Math.max(-to.y(), to.y() - machine.y())),
            Math.max(to.z(), -machine.z() - to.z()));
    if (beyond > Precision.NEAR) {
      add(
          Kind.BEYOND_TRAVEL,
          move.line(),
          to.minus(zero),
          beyond,
          b -> Text.of("It goes {by} beyond the machine's travel.", Text.length(b, 2)));
    }
    if (!move.rapid() && move.feed() > machine.mostFeed()) {
      add(
          Kind.FEED_OVER_MACHINE,
          move.line(),
          null,
          move.feed(),
          f ->
              Text.of(
                  "A feed of {feed} mm/min is over the machine's {most}.",
                  Text.fixed(f, 0),
                  Text.fixed(machine.mostFeed(), 0)));
    }
    double speed = move.speed();
    if (speed > 0 && (speed < machine.leastSpeed() || speed > machine.mostSpeed())) {
      add(
          Kind.SPEED_OUT_OF_RANGE,
          move.line(),
          null,
          speed,
          s ->
              Text.of(
                  "The spindle runs at {least} to {most} /min, not at {speed}.",
                  Text.fixed(machine.leastSpeed(), 0),
                  Text.fixed(machine.mostSpeed(), 0),
                  Text.fixed(s, 0)));
    }
  }

  /** What holds the work, against the whole cutter. */
  private void held(Step.Move move, Point3 from, Point3 to) {
    if (clamps.isEmpty() || Math.min(from.z(), to.z()) >= clampsTop) {
      return;
    }
    clamp(move, clamps.get().touch(shape.radius(), from, to));
    clamp(move, touch(clamps.get(), shape.shank(), shape.edges(), from, to));
    clamp(move, touch(clamps.get(), setUp.nut() / 2, shape.free(), from, to));
  }

  private static Contact touch(Sweep sweep, double radius, double over, Point3 from, Point3 to) {
    return sweep.touch(radius, from.plus(0, 0, over), to.plus(0, 0, over));
  }

  private void clamp(Step.Move move, Contact contact) {
    if (contact.deepest() > SKIN) {
      Point at = contact.where();
      String name =
          setUp.clamps().stream()
              .filter(c -> c.where().expanded(setUp.cell()).contains(at))
              .map(Clamp::name)
              .findFirst()
              .orElseThrow();
      add(
          Kind.CLAMP_HIT,
          move.line(),
          new Point3(at.x(), at.y(), move.to().z() - zero.z()),
          contact.deepest(),
          d -> Text.of("It hits {clamp}, {by} below its top.", name, Text.length(d, 2)));
    }
  }

  private void wood(Step.Move move, Point3 from, Point3 to) {
    double low = Math.min(from.z(), to.z());
    // The wood is as it was before this move while what can't cut goes through it.
    if (low + shape.edges() < setUp.top()) {
      said(
          Kind.SHANK_IN_WOOD,
          move,
          touch(sweep, shape.shank() - SKIN, shape.edges(), from, to),
          low,
          d ->
              Text.of(
                  "Wood stands {by} over the cutter's edges: the shank rubs.", Text.length(d, 2)));
    }
    if (low + shape.free() < setUp.top()) {
      said(
          Kind.NUT_IN_WOOD,
          move,
          touch(sweep, setUp.nut() / 2, shape.free(), from, to),
          low,
          d -> Text.of("The collet nut goes {by} into wood.", Text.length(d, 2)));
    }
    Contact contact = sweep.cut(shape.tip(), shape.radius(), from, to);
    removed += contact.removed();
    if (contact.deepest() <= SKIN) {
      return;
    }
    if (move.rapid()) {
      said(
          Kind.RAPID_IN_WOOD,
          move,
          contact,
          low,
          d -> Text.of("A rapid move goes {by} into wood.", Text.length(d, 2)));
    } else {
      cutting(move, from, to, contact);
    }
    double below = setUp.underside() - setUp.under() - low;
    if (below > SKIN) {
      said(
          Kind.BELOW_UNDERSIDE,
          move,
          contact,
          low,
          d ->
              Text.of("It goes {by} below what may be cut under the wood.", Text.length(below, 2)));
    }
    if (move.speed() <= 0) {
      said(
          Kind.SPINDLE_STANDS,
          move,
          contact,
          low,
          d -> Text.of("It goes into wood while the spindle stands."));
    }
  }

  private void cutting(Step.Move move, Point3 from, Point3 to, Contact contact) {
    double low = Math.min(from.z(), to.z());
    double level = from.flat().distance(to.flat());
    double down = from.z() - to.z();
    boolean bores = !shape.sideways();
    if (bores && level > SKIN) {
      said(
          Kind.BIT_SIDEWAYS,
          move,
          contact,
          low,
          d -> Text.of("A boring bit is moved sideways in wood."));
    }
    boolean steep = down > level * Math.tan(Math.toRadians(RAMP)) + Precision.NEAR;
    if (steep && !shape.plunges() && contact.deepest() > LEAST_PLUNGE) {
      said(
          Kind.PLUNGE,
          move,
          contact,
          low,
          d ->
              Text.of(
                  "It goes down steeply, {by} into wood, with a cutter that doesn't cut at its "
                      + "centre.",
                  Text.length(d, 2)));
    }
    if (!bores && level > SKIN && contact.deepest() > rule.deepest() + SKIN) {
      said(
          Kind.PASS_TOO_DEEP,
          move,
          contact,
          low,
          d ->
              Text.of(
                  "The pass is {depth} deep; this cutter takes {most} at once in this wood.",
                  Text.length(d, 2),
                  Text.length(rule.deepest(), 2)));
    }
    speed(move, bores || level <= SKIN);
  }

  private void speed(Step.Move move, boolean boring) {
    Cutter now = cutter.orElseThrow();
    if (move.speed() <= 0) {
      return;
    }
    if (move.speed() > now.speed() + 1) {
      add(
          Kind.SPEED_OVER_CUTTER,
          move.line(),
          null,
          move.speed(),
          s ->
              Text.of(
                  "{cutter}: {most} /min maximum, not {speed}.",
                  now.name(),
                  Text.fixed(now.speed(), 0),
                  Text.fixed(s, 0)));
    }
    if (boring) {
      return;
    }
    double chip = move.feed() / (now.flutes() * move.speed());
    if (chip > rule.chip() * CuttingRule.TOO_THICK) {
      chip(Kind.CHIP_TOO_THICK, move, chip, chip);
    } else if (chip < rule.chip() * CuttingRule.TOO_THIN) {
      chip(Kind.CHIP_TOO_THIN, move, chip, -chip);
    }
  }

  private void chip(Kind kind, Step.Move move, double chip, double amount) {
    Text.Arg is = Text.length(chip, 3);
    Text.Arg usual = Text.length(rule.chip(), 3);
    add(
        kind,
        move.line(),
        null,
        amount,
        n ->
            kind == Kind.CHIP_TOO_THICK
                ? Text.of(
                    "Each edge takes {chip} a turn; {usual} is usual. The feed is too fast for it.",
                    is,
                    usual)
                : Text.of(
                    "Each edge takes {chip} a turn; {usual} is usual. It rubs and burns.",
                    is,
                    usual));
  }

  private void said(
      Kind kind, Step.Move move, Contact contact, double z, DoubleFunction<Text> words) {
    if (contact.deepest() > SKIN) {
      Point at = contact.where();
      add(kind, move.line(), new Point3(at.x(), at.y(), z), contact.deepest(), words);
    }
  }

  private void add(Kind kind, int line, Point3 at, double amount, DoubleFunction<Text> words) {
    faults.add(kind, line, at, amount, () -> words.apply(amount));
  }
}

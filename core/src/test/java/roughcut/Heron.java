package roughcut;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import roughcut.demo.Demo;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.FittingDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.PartDecisions;
import roughcut.measure.InvalidInput;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.plan.Rooms;
import roughcut.record.Build;
import roughcut.record.Log;
import roughcut.record.Measurables;
import roughcut.record.Reading;

/** The demo's six-string as a starting point for tests, with decisions set on top. */
public final class Heron {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private Heron() {}

  /** As decided and measured, with nothing done yet: plans then tell the finished instrument. */
  public static Build build() {
    return undone(Demo.heron(DAY));
  }

  /** The plan as designed, with decisions given as {@code id=value}. */
  public static Plan with(String... settings) {
    return Plan.of(lived(build().asDesigned(), settings), Demo.shop());
  }

  /** The first chapters alone, as designed, with decisions given as {@code id=value}. */
  public static Rooms rooms(String... settings) {
    return Rooms.of(lived(build().asDesigned(), settings));
  }

  /** A build of which nothing is done yet; what was read stays. */
  public static Build undone(Build build) {
    return build.withLog(new Log(build.log().readings(), List.of(), build.log().frets()));
  }

  /**
   * A build with decisions given as {@code id=value}, readings of what nobody decides given the
   * same way, and what was done as {@code done=operation}.
   */
  public static Build lived(Build build, String... settings) {
    Build next = build;
    for (String setting : settings) {
      String[] parts = setting.split("=", 2);
      if (parts[0].equals("done")) {
        next = next.withLog(next.log().turned(parts[1], DAY.atStartOfDay()));
      } else if (Measurables.onlyRead(next.design(), parts[0]).isPresent()) {
        next = next.withReading(Reading.of(parts[0], Double.parseDouble(parts[1]), DAY));
      } else {
        next = next.withDesign(set(next.design(), setting));
      }
    }
    return next;
  }

  public static Design set(Design design, String... settings) {
    Design next = design;
    for (String setting : settings) {
      String[] parts = setting.split("=", 2);
      try {
        next =
            Decisions.find(next, parts[0])
                .orElseThrow(() -> new AssertionError(setting))
                .typed(next, parts[1], Units.MM);
      } catch (InvalidInput e) {
        throw new AssertionError(setting, e);
      }
    }
    return next;
  }

  public static double value(Plan plan, String id) {
    return plan.value(id).orElseThrow(() -> new AssertionError("no value " + id)).value();
  }

  public static double value(Rooms rooms, String id) {
    return rooms.value(id).orElseThrow(() -> new AssertionError("no value " + id)).value();
  }

  /** A design with every number drawn at random from its limits, or from near its usual value. */
  public static Design random(Random random, boolean wild) {
    Design design = build().design();
    List<Decision> all = new ArrayList<>(Decisions.all());
    design.fittings().forEach(f -> all.addAll(FittingDecisions.of(f)));
    for (int i = 1; i <= PartDecisions.BODY_POINTS; i++) {
      for (String side : List.of("bass", "treble")) {
        all.add(PartDecisions.bodyPoint(side, i, "along"));
        all.add(PartDecisions.bodyPoint(side, i, "out"));
      }
    }
    Design before = design;
    // Most only put a number down: gathered, since a design is copied whole on every change.
    Design bare = design.withNumbers(Map.of()).withChoices(Map.of());
    Map<String, Double> gathered = new TreeMap<>(design.numbers());
    for (Decision decision : all) {
      if (decision instanceof NumberDecision number) {
        double usual = number.in(before);
        double value =
            wild
                ? number.least() + random.nextDouble() * (number.most() - number.least())
                : usual * (0.9 + 0.2 * random.nextDouble());
        value = Math.max(number.least(), Math.min(number.most(), value));
        double decided = number.quantity() == Quantity.COUNT ? Math.rint(value) : value;
        Design alone = number.with(bare, decided);
        if (alone.withNumbers(Map.of()).equals(bare)) {
          gathered.putAll(alone.numbers());
        } else {
          design = number.with(design, decided);
        }
      }
    }
    return design.withNumbers(gathered);
  }
}

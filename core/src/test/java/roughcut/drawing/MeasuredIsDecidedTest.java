package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.design.ReadingKind;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Reading;

/** A measured value stands in the decided one's place: in numbers, drawings and sheets alike. */
class MeasuredIsDecidedTest {
  /**
   * Strips are bought and sawn for the drawn shaft, whatever it came out as; a scarf for the drawn
   * angle, whatever came of the gluing.
   */
  private static final Set<String> NOMINAL = Set.of("shaft.thickness", "head.angle");

  private static double other(NumberDecision number, double now) {
    double step = number.quantity() == Quantity.COUNT ? 1 : Math.max(0.3, Math.abs(now) * 0.04);
    double next = now + step <= number.most() ? now + step : now - step;
    return Math.max(number.least(), Math.min(number.most(), next));
  }

  /** One plan with the number decided, and one with it measured. */
  private record Both(Plan decided, Plan measured) {
    /** Values that aren't the same in both; one that's missing or no number counts as different. */
    List<String> differing() {
      List<String> different = new ArrayList<>();
      decided
          .values()
          .forEach(
              (id, worked) -> {
                double there = measured.value(id).map(Value::value).orElse(Double.NaN);
                if (!(Math.abs(there - worked.value()) <= 1e-9)) {
                  different.add(id);
                }
              });
      return different;
    }
  }

  private static Both both(Build build, NumberDecision number, double value) {
    return new Both(
        Plan.of(build.withDesign(number.with(build.design(), value)), Demo.shop()),
        Plan.of(
            build.withReading(Reading.of(number.id(), value, LocalDate.of(2026, 5, 4))),
            Demo.shop()));
  }

  /** The ink apart, and the certificate's dot: what was measured is drawn in its own. */
  private static boolean alike(Drawing one, Drawing two) {
    List<Mark> a = one.marks();
    List<Mark> b = two.marks();
    if (a.size() != b.size()) {
      return false;
    }
    for (int i = 0; i < a.size(); i++) {
      if (!a.get(i).equals(b.get(i)) && !plain(a.get(i)).equals(plain(b.get(i)))) {
        return false;
      }
    }
    return true;
  }

  private static String plain(Mark mark) {
    return mark.toString().replace("MEASURED", "DIMENSION").replace(" •", "");
  }

  @Test
  void theSameValueMeasuredAndDecidedGivesTheSameNumbersAndDrawings() {
    List<String> different = new ArrayList<>();
    Set<String> tried = new TreeSet<>();
    Build build = Heron.build().asDesigned();
    for (Decision decision : Decisions.all()) {
      if (!(decision instanceof NumberDecision number)
          || !number.measurable()
          // How it came to sit is never how it was to sit.
          || number.reading().filter(ReadingKind.Assembly.class::isInstance).isPresent()
          || NOMINAL.contains(number.id())) {
        continue;
      }
      double value = other(number, number.in(build.design()));
      if (value == number.in(build.design())) {
        continue;
      }
      tried.add(number.id());
      Both plans = both(build, number, value);
      plans.differing().forEach(id -> different.add(number.id() + " → value " + id));
      Map<String, Supplier<Drawing>> one = AllDrawings.of(plans.decided(), Units.MM);
      Map<String, Supplier<Drawing>> two = AllDrawings.of(plans.measured(), Units.MM);
      int turn = tried.size();
      for (String name : one.keySet()) {
        // Drawings take turns: each stands against a dozen readings or more. Cards tell what was
        // drawn
        // beside the box for the reading: there the two differ on purpose.
        if (turn++ % 5 == 0
            && !name.equals("sheet " + Sheet.CARDS)
            && !alike(one.get(name).get(), two.get(name).get())) {
          different.add(number.id() + " → drawing " + name);
        }
      }
    }
    assertThat(different).isEmpty();
    assertThat(tried).hasSizeGreaterThan(50);
  }

  @Test
  void whatIsMeasuredOfAPartOrAFittingCountsAsIfItWereDecided() {
    Set<String> plain = new TreeSet<>();
    Decisions.all().forEach(d -> plain.add(d.id()));
    List<String> different = new ArrayList<>();
    int tried = 0;
    for (Build demo : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Build build = demo.asDesigned();
      for (Decision decision : Decisions.of(build.design())) {
        // A strip of a mirrored stack is decided for both sides, and measured on one.
        if (!(decision instanceof NumberDecision number)
            || !number.measurable()
            || plain.contains(number.id())
            || number.id().startsWith("neck.strip.")) {
          continue;
        }
        double value = other(number, number.in(build.design()));
        tried++;
        both(build, number, value)
            .differing()
            .forEach(id -> different.add(build.name() + ": " + number.id() + " → " + id));
      }
    }
    assertThat(different).isEmpty();
    assertThat(tried).isGreaterThan(200);
  }
}

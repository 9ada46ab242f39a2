package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.NumberDecision;
import roughcut.finding.Finding;
import roughcut.measure.Quantity;
import roughcut.record.Build;

/** What a message names as the nearest that can be, can be; and what lies beyond it can't. */
class NearestThatCanTest {
  private static final Pattern NEAREST = Pattern.compile("(at most|at least|under) ([\\d.]+) mm");

  /** Messages write tenths. */
  private static final double WRITTEN = 0.06;

  private record Told(NumberDecision decision, String about, boolean most, double nearest) {}

  private static Stream<Finding> impossible(Build build) {
    Rooms rooms = Rooms.of(build);
    return Stream.concat(
        rooms.problems().stream(),
        rooms.neckPlan().told().findings().stream()
            .filter(f -> f.severity() == Finding.Severity.IMPOSSIBLE));
  }

  private static List<Told> told(Build build) {
    List<Told> all = new ArrayList<>();
    impossible(build)
        .forEach(
            f -> {
              Matcher m = NEAREST.matcher(f.words());
              if (m.find()
                  && Decisions.find(build.design(), f.where()).orElseThrow()
                      instanceof NumberDecision number) {
                all.add(
                    new Told(
                        number,
                        f.words().replaceAll("[\\d.]+", "#"),
                        !m.group(1).equals("at least"),
                        Double.parseDouble(m.group(2))));
              }
            });
    return all;
  }

  private static boolean still(Build build, Told told, double value) {
    Build tried = build.withDesign(told.decision().with(build.design(), value));
    return told(tried).stream()
        .anyMatch(t -> t.decision().equals(told.decision()) && t.about().equals(told.about()));
  }

  private static final List<NumberDecision> NUMBERS =
      Decisions.all().stream()
          .filter(d -> d instanceof NumberDecision)
          .map(d -> (NumberDecision) d)
          .toList();

  private static Design spoilt(Design design, NumberDecision number, double share) {
    double value = number.least() + share * (number.most() - number.least());
    return number.with(design, number.quantity() == Quantity.COUNT ? Math.rint(value) : value);
  }

  private final Set<String> seen = new TreeSet<>();
  private final List<String> wrong = new ArrayList<>();

  private void check(Build build, String how) {
    for (Told told : told(build)) {
      String of = told.decision().id() + ": " + told.about();
      double inside = told.nearest() + (told.most() ? -WRITTEN : WRITTEN);
      double beyond = told.nearest() + (told.most() ? WRITTEN : -WRITTEN);
      if (inside < told.decision().least() || inside > told.decision().most()) {
        continue;
      }
      seen.add(of);
      if (still(build, told, inside)) {
        wrong.add(how + " isn't cured: " + of + " " + told.nearest());
      }
      if (!still(build, told, beyond)) {
        wrong.add(how + " could be nearer: " + of + " " + told.nearest());
      }
    }
  }

  @Test
  void whatIsNamedCanBeAndWhatIsBeyondItCant() {
    Random random = new Random(12);
    for (Build demo : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Build build = demo.asDesigned();
      for (NumberDecision number : NUMBERS) {
        for (double share : new double[] {0, random.nextDouble(), 1}) {
          Design design = spoilt(build.design(), number, share);
          check(
              build.withDesign(design), demo.name() + ", " + number.id() + " " + number.in(design));
        }
      }
      for (int i = 0; i < 150; i++) {
        NumberDecision one = NUMBERS.get(random.nextInt(NUMBERS.size()));
        NumberDecision two = NUMBERS.get(random.nextInt(NUMBERS.size()));
        Design design = spoilt(build.design(), one, random.nextDouble());
        design = spoilt(design, two, random.nextDouble());
        check(
            build.withDesign(design),
            demo.name()
                + ", "
                + one.id()
                + " "
                + one.in(design)
                + ", "
                + two.id()
                + " "
                + two.in(design));
      }
    }
    assertThat(wrong).isEmpty();
    assertThat(seen).hasSizeGreaterThan(11);
  }
}

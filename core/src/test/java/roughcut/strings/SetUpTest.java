package roughcut.strings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Reading;

/** What is turned at set-up is what brings the string to where it is wanted. */
class SetUpTest {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 5, 4, 12, 0);

  private static Plan read(Build build, String id, double value) {
    return Plan.of(build.withReading(Reading.of(id, value, NOON)), Demo.shop());
  }

  private static double value(Plan plan, String id) {
    return plan.value(id).orElseThrow(() -> new AssertionError(id)).value();
  }

  /** Handbook 7: L = 640, 6 cents sharp: 2.22 mm back. */
  @Test
  void theHandbooksExample() {
    Plan plan = read(Heron.build(), "intonation.string.1.cents", 6);
    double length = value(plan, "intonation.string.1.move") * 1731.2 / 6;
    assertThat(length).isBetween(639.0, 645.0);
    assertThat(640 * Math.log(2) / 1200 * 6).isCloseTo(2.22, within(0.005));
    assertThat(value(plan, "intonation.string.1.move")).isCloseTo(2.22, within(0.02));
  }

  /**
   * By the string itself: with the saddle moved so, the fretted octave is an octave. A sharp fret
   * sounds as if it lay nearer to the bridge, by the same share whatever the string.
   */
  @Test
  void movedSoTheOctaveIsTrue() {
    Random random = new Random(5);
    for (int i = 0; i < 60; i++) {
      int string = 1 + random.nextInt(6);
      double cents = random.nextDouble() * 20 - 10;
      Plan plan = read(Heron.build(), "intonation.string." + string + ".cents", cents);
      double length = plan.stringPlan().bridge().saddles().get(string - 1).value();
      double move = value(plan, "intonation.string." + string + ".move");
      // Fretted: half the string, pressed sharp; the open string's octave: half of it.
      double fretted = (length / 2) / Math.pow(2, cents / 1200);
      double sharp = 1200 * Math.log((length + move) / 2 / (fretted + move)) / Math.log(2);
      assertThat(Math.abs(sharp)).as("cents left of " + cents).isLessThan(0.15);
      assertThat(Math.signum(move)).isEqualTo(Math.signum(cents));
    }
  }

  /** Half of what a saddle rises is over the octave: turned so, the action is as wanted. */
  @Test
  void turnsOfThePosts() {
    Plan plan = read(Heron.build(), "setup.action-12", 2.3);
    // Wanted 1.8: down by 1 mm at the saddle, one turn of a thread of 1 mm.
    assertThat(value(plan, "setup.action-12.turns")).isCloseTo(-1.0, within(1e-9));
    assertThat(value(read(Heron.build(), "setup.action-1", 0.6), "setup.nut-to-file"))
        .isCloseTo(0.15, within(1e-9));
    assertThat(Heron.with().value("setup.action-12.turns"))
        .as("nothing before a reading")
        .isEmpty();
  }

  /** What is left is the travel from where the saddle stands; over it, it is said. */
  @Test
  void aMoveBeyondTheTravelIsSaid() {
    Plan plan = Heron.with();
    Bridge bridge = plan.stringPlan().bridge();
    for (int string = 1; string <= 6; string++) {
      String id = "intonation.string." + string;
      Plan back = read(Heron.build(), id + ".cents", 0.01);
      Plan front = read(Heron.build(), id + ".cents", -0.01);
      double all = value(back, id + ".left") + value(front, id + ".left");
      assertThat(all)
          .as("both ways together are the travel")
          .isCloseTo(bridge.rear().value() - bridge.forward().value(), within(1e-6));
      double cents = (value(back, id + ".left") + 0.3) * 1731.2 / 643;
      assertThat(read(Heron.build(), id + ".cents", cents).findings())
          .anyMatch(f -> f.words().contains("needs its saddle") && f.words().contains("back"));
    }
    assertThat(plan.findings()).noneMatch(f -> f.words().contains("needs its saddle"));
  }

  @Test
  void aMoveComesFromTheReading() {
    Plan plan = read(Heron.build(), "intonation.string.2.cents", 4);
    Value move = plan.value("intonation.string.2.move").orElseThrow();
    assertThat(move.fromMeasured()).isTrue();
  }

  private static List<String> advice(String id, double value) {
    return read(Heron.build(), id, value).stringPlan().setUp().advice().stream()
        .map(a -> a.what().toString() + ": " + a.words().toString())
        .toList();
  }

  /** Wanted: relief 0.2, action 1.8 over a thread of 1, 0.45 at fret 1. */
  @Test
  void whatToTurnIsSaidInWords() {
    assertThat(advice("setup.relief", 0.3))
        .containsExactly("truss rod: tighten a little: too much relief");
    assertThat(advice("setup.relief", 0.1))
        .containsExactly("truss rod: loosen a little: too straight");
    assertThat(advice("setup.relief", 0.22)).containsExactly("truss rod: relief is on target");
    assertThat(advice("setup.action-12", 2.3)).containsExactly("treble post: 1.00 turns down");
    assertThat(advice("setup.action-12-bass", 1.5)).containsExactly("bass post: 0.60 turns up");
    assertThat(advice("setup.action-12-bass", 1.8)).containsExactly("bass post: on target");
    assertThat(advice("setup.action-1", 0.6))
        .containsExactly("nut: file off 0.15 mm in steps, and measure again");
    assertThat(advice("setup.action-1", 0.4))
        .containsExactly("nut: low enough: any lower and it buzzes");
    assertThat(Heron.with().stringPlan().setUp().advice()).isEmpty();
  }

  /**
   * Relief moves the action, the action moves octaves: told in that order, whatever was read first.
   */
  @Test
  void adviceStandsInTheOrderOfWork() {
    Build build = Heron.build();
    for (String id : List.of("setup.action-1", "setup.action-12", "setup.relief")) {
      build = build.withReading(Reading.of(id, 1, NOON));
    }
    assertThat(Plan.of(build, Demo.shop()).stringPlan().setUp().advice())
        .extracting(a -> a.what().toString())
        .containsExactly("truss rod", "treble post", "nut");
  }
}

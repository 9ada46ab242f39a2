package roughcut.strings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.Heron;
import roughcut.plan.Rooms;
import roughcut.record.Build;
import roughcut.shop.StringSpec;

/**
 * Strings by what a string is: wire of a weight, stretched between two points, pressed and bent.
 */
class StringPhysicsTest {
  /** Music wire: g/cm³ and MPa. */
  private static final double STEEL = 7850;

  private static final double ELASTICITY = 200_000;

  private static Rooms rooms(String... settings) {
    Build heron = Heron.build().asDesigned();
    return Rooms.of(heron.withDesign(Heron.set(heron.design(), settings)));
  }

  private static double value(Rooms rooms, String id) {
    return rooms.value(id).orElseThrow(() -> new AssertionError(id)).value();
  }

  /**
   * A metre of wire, cut into a thousand discs and weighed; wound wire as rings with air between.
   */
  private static double weighed(double gauge, double core, double wrapDensity) {
    double steel = disc(core) * STEEL * 1e-6;
    double ring = (disc(gauge) - disc(core)) * Math.PI / 4;
    return steel + ring * wrapDensity * 1e-6;
  }

  /** A metre of round bar by adding up thin rings, mm³. */
  private static double disc(double diameter) {
    int rings = 4_000;
    double width = diameter / 2 / rings;
    double sum = 0;
    for (int i = 0; i < rings; i++) {
      sum += 2 * Math.PI * (i + 0.5) * width * width;
    }
    return sum * 1_000; // of a metre, mm³
  }

  /**
   * A wound string's core where it isn't listed, by the handbook's rule and worked by hand: a
   * guitar string of 1.07 mm has 0.19 + 0.2408, a bass string of 2.54 mm 0.9906, a hair of winding
   * at most.
   */
  @ParameterizedTest
  @CsvSource({
    "guitar, 1.07, 0.43075",
    "guitar, 0.61, 0.32725",
    "guitar, 0.25, 0.2375",
    "bass, 2.54, 0.9906",
    "bass, 1.14, 0.4446"
  })
  void aCoreThatIsNotListedIsEstimated(String kind, double gauge, double core) {
    Rooms rooms = rooms("strings.kind=" + kind, "string.6.gauge=" + gauge, "string.6.core=0");
    assertThat(rooms.build().design().strings().get(5).wound()).isTrue();
    assertThat(value(rooms, "string.6.core-estimate")).isCloseTo(core, within(1e-9));
    Rooms listed = rooms("strings.kind=" + kind, "string.6.gauge=" + gauge, "string.6.core=0.2");
    assertThat(listed.value("string.6.core-estimate")).as("listed, it counts").isEmpty();
  }

  @Test
  void aStringWeighsWhatItsWireWeighs() {
    Rooms rooms = rooms();
    List<StringSpec> strings = rooms.build().design().strings();
    int wound = 0;
    for (int i = 1; i <= strings.size(); i++) {
      StringSpec spec = strings.get(i - 1);
      double mass = value(rooms, "string." + i + ".mass");
      if (!spec.wound()) {
        assertThat(mass).isCloseTo(weighed(spec.gauge(), spec.gauge(), 0), within(mass * 1e-3));
      } else {
        wound++;
        double core = rooms.stringPlan().pull().cores().get(i - 1).value();
        assertThat(core).isBetween(0.2 * spec.gauge(), 0.95 * spec.gauge());
        double lighter = weighed(spec.gauge(), core, 8_000);
        double heavier = weighed(spec.gauge(), core, 9_000);
        assertThat(mass).as("wrapped in nickel or bronze").isBetween(lighter, heavier);
      }
    }
    assertThat(wound).isPositive();
  }

  /** A wave runs to the bridge and back once a period: by that alone it has its tension. */
  @Test
  void aStringIsPulledSoThatAWaveRunsThereAndBackInAPeriod() {
    Rooms rooms = rooms("scale.length=650");
    double sum = 0;
    for (int i = 1; i <= 6; i++) {
      double tension = value(rooms, "string." + i + ".tension");
      double kilograms = value(rooms, "string." + i + ".mass") / 1_000;
      double speed = Math.sqrt(tension / kilograms);
      double pitch = rooms.build().design().strings().get(i - 1).pitch();
      double way = 2 * rooms.stringPlan().pull().scales().get(i - 1).value() / 1_000;
      assertThat(way / speed).as("seconds there and back").isCloseTo(1 / pitch, within(1e-9));
      sum += tension;
    }
    assertThat(value(rooms, "strings.total-tension")).isCloseTo(sum, within(1e-9));
  }

  /** Pressed at the octave, it is longer by Pythagoras, tighter by its steel, sharper, set back. */
  @Test
  void pressingStretchesAndStiffnessShortens() {
    for (String action : List.of("1.2", "1.8", "2.6")) {
      Rooms rooms = rooms("strings.action-12=" + action);
      double down = Double.parseDouble(action);
      for (int i = 1; i <= 6; i++) {
        double length = rooms.stringPlan().pull().scales().get(i - 1).value();
        double core = rooms.stringPlan().pull().cores().get(i - 1).value();
        double tension = value(rooms, "string." + i + ".tension");
        double longer = 2 * Math.sqrt(length * length / 4 + down * down) - length;
        double tighter = ELASTICITY * (Math.PI * core * core / 4) * longer / length;
        // Pitch goes with the root of the tension, length against it: half of the share.
        double back = length * tighter / (2 * tension);
        double found = value(rooms, "string." + i + ".compensation.stretch");
        assertThat(found).isCloseTo(back, within(back * 0.06));
        double stiff = value(rooms, "string." + i + ".compensation.stiffness");
        double bending = Math.sqrt(ELASTICITY * Math.PI * Math.pow(core, 4) / 64 / tension);
        assertThat(stiff / bending).as("the same for all strings").isBetween(0.0, 4.0);
      }
    }
    Rooms low = rooms("strings.action-12=1");
    Rooms high = rooms("strings.action-12=3");
    for (int i = 1; i <= 6; i++) {
      String id = "string." + i + ".compensation.";
      assertThat(value(high, id + "stretch") / value(low, id + "stretch"))
          .as("with the square of the action")
          .isCloseTo(9, within(0.01));
      assertThat(value(high, id + "stiffness")).isEqualTo(value(low, id + "stiffness"));
    }
  }
}

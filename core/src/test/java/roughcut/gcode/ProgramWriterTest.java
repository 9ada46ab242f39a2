package roughcut.gcode;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;

/** What is written is read back as it was meant, by a reader that knows nothing of it. */
class ProgramWriterTest {
  private static ProgramWriter writer(String... heading) {
    return new ProgramWriter(List.of(heading), 18_000, 1200, 600, 6);
  }

  private static List<Step.Move> read(String text) {
    Program program = Program.read(text, Zeros.WORK, false);
    assertThat(program.faults()).as(text).isEmpty();
    return program.moves();
  }

  @Test
  void aProgramIsPlainAndSaysWhatItIs() {
    ProgramWriter writer = writer("Körper “A” (5° × 3 mm³)");
    writer.all(
        List.of(
            new Leg.Straight(new Point3(1, -0.0001, 6), Leg.Pace.RAPID),
            new Leg.Straight(new Point3(1, 0, 0.2), Leg.Pace.RAPID),
            new Leg.Straight(new Point3(11, 0, -1), Leg.Pace.ENTERING),
            new Leg.Straight(new Point3(11, 10, -1), Leg.Pace.CUTTING),
            new Leg.Round(new Point3(1, 10, -1), new Point(6, 10), Math.PI, Leg.Pace.CUTTING)));
    assertThat(writer.end(6).lines())
        .containsExactly(
            "%",
            "(Korper 'A' '5 deg x 3 mm3')",
            "G21 G90 G17",
            "G40 G49 G80",
            "G54",
            "G0 Z6.000",
            "S18000 M3",
            "G4 P4",
            "G0 X1.000 Y0.000",
            "G0 Z0.200",
            "G1 X11.000 Z-1.000 F600",
            "G1 Y10.000 F1200",
            "G3 X1.000 Y10.000 I-5.000 J0.000",
            "G0 Z6.000",
            "M5",
            "M30",
            "%");
  }

  @Test
  void longCommentsAreParted() {
    String words = "cut ".repeat(60).strip();
    List<String> lines = writer(words).end(6).lines().filter(l -> l.startsWith("(")).toList();
    assertThat(lines).hasSizeGreaterThan(2).allMatch(l -> l.length() <= 72 && l.endsWith(")"));
    assertThat(String.join(" ", lines).replaceAll("[()]", "")).isEqualTo(words);
  }

  /**
   * Rounded to thousandths, the end of a tiny arc may be its start: that would be a full circle.
   */
  @Test
  void noArcBecomesACircle() {
    Random random = new Random(8);
    for (int n = 0; n < 400; n++) {
      double radius = Math.pow(10, -1 + 3 * random.nextDouble());
      double sweep =
          (random.nextBoolean() ? 1 : -1) * Math.pow(10, -5 + 5.49 * random.nextDouble());
      double from = random.nextDouble() * 7;
      Point centre = new Point(random.nextDouble() * 100, random.nextDouble() * 100);
      double z = -random.nextDouble();
      Point3 start = at(centre, radius, from, -1);
      Point3 end = at(centre, radius, from + sweep, z);
      List<Leg> legs = new ArrayList<>();
      legs.add(new Leg.Straight(new Point3(start.x(), start.y(), 6), Leg.Pace.RAPID));
      legs.add(new Leg.Straight(start, Leg.Pace.ENTERING));
      legs.add(new Leg.Round(end, centre, sweep, Leg.Pace.CUTTING));
      ProgramWriter writer = writer();
      writer.all(legs);
      List<Step.Move> moves = read(writer.end(6));
      double length =
          moves.stream()
              .filter(m -> !m.rapid())
              .skip(1)
              .mapToDouble(m -> m.from().flat().distance(m.to().flat()))
              .sum();
      assertThat(length)
          .as("radius %s, sweep %s", radius, sweep)
          .isCloseTo(radius * Math.abs(sweep), within(0.02 + 0.01 * radius * Math.abs(sweep)));
    }
  }

  private static Point3 at(Point centre, double radius, double angle, double z) {
    return new Point3(
        centre.x() + radius * Math.cos(angle), centre.y() + radius * Math.sin(angle), z);
  }
}

package roughcut.gcode;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.geometry.Point3;

/** A program's text is read as a controller reads it. */
class ProgramTest {
  private static final String BEGIN = "G21 G90 G17\nG0 X0 Y0 Z5\nM3 S12000\n";

  private static Program read(String text) {
    return Program.read(text, Zeros.WORK, false);
  }

  private static List<Step.Move> moves(String body) {
    Program program = read(BEGIN + body + "\nM30\n");
    assertThat(program.faults()).isEmpty();
    return program.moves().stream().skip(1).toList();
  }

  private static Point3 end(String body) {
    List<Step.Move> moves = moves(body);
    return moves.get(moves.size() - 1).to();
  }

  private static void close(Point3 is, double x, double y, double z) {
    assertThat(is.distance(new Point3(x, y, z))).as("%s", is).isLessThan(1e-9);
  }

  private static List<String> faults(String text) {
    return read(text).faults().stream().map(f -> f.line() + ": " + f.words().toString()).toList();
  }

  @Test
  void wordsHoldUntilOthersComeAndSpacesAndCommentsDont() {
    Program program =
        read(
            "%\nO100 (a (1) comment)\n".replace("(1)", "1")
                + "n10g21 g9 0 ; small letters, spaces\n"
                + "N20 G0 X 1 0 Y-.5 Z+5.\nM3 S10000\nG1 Z-1 F300\nX20\nY10 F600\nM30\n%\nG1 X999\n");
    assertThat(program.faults()).isEmpty();
    List<Step.Move> moves = program.moves();
    assertThat(moves).hasSize(4);
    close(moves.get(0).to(), 10, -0.5, 5);
    assertThat(moves.get(0).rapid()).isTrue();
    assertThat(moves.get(0).speed()).isZero();
    close(moves.get(3).to(), 20, 10, -1);
    assertThat(moves.get(2).feed()).isEqualTo(300);
    assertThat(moves.get(3).feed()).isEqualTo(600);
    assertThat(moves.get(3).speed()).isEqualTo(10000);
    assertThat(moves.get(3).line()).isEqualTo(8);
  }

  @Test
  void inchesAndWaysFromWhereItStands() {
    close(end("G20 G1 X1 F10"), 25.4, 0, 5);
    assertThat(moves("G20 G1 X1 F10").get(0).feed()).isCloseTo(254, within(1e-9));
    close(end("G91 G0 X5\nX5 Y-2\nZ1"), 10, -2, 6);
    close(end("G91 G0 X5\nG90 X5"), 5, 0, 5);
  }

  /** A quarter, half and whole circle; its centre on the left going anticlockwise. */
  @Test
  void arcsByTheirCentre() {
    List<Step.Move> quarter = moves("G1 X10 F500\nG3 X0 Y10 I-10 J0");
    for (Step.Move m : quarter.subList(1, quarter.size())) {
      assertThat(Math.hypot(m.to().x(), m.to().y())).isCloseTo(10, within(1e-9));
      assertThat(m.to().x()).isBetween(-1e-9, 10.0);
      // No chord is further than a hundredth inside.
      Point3 middle = m.from().towards(m.to(), 0.5);
      assertThat(Math.hypot(middle.x(), middle.y())).isGreaterThan(10 - 0.0101);
    }
    close(quarter.get(quarter.size() - 1).to(), 0, 10, 5);
    assertThat(length(moves("G1 X10 F500\nG2 X0 Y10 I-10 J0")) - 10)
        .as("clockwise the long way")
        .isCloseTo(15 * Math.PI, within(0.05));
    assertThat(length(moves("G1 X10 F500\nG3 I-10")) - 10)
        .as("back where it began is once round")
        .isCloseTo(20 * Math.PI, within(0.05));
    assertThat(length(moves("G1 X10 F500\nG3 I-10 P3")) - 10).isCloseTo(60 * Math.PI, within(0.15));
    close(end("G1 X10 F500\nG3 I-10 Z2"), 10, 0, 2);
    assertThat(length(moves("G90.1 G1 X10 F500\nG3 X0 Y10 I0 J0")) - 10)
        .as("its centre as a place")
        .isCloseTo(5 * Math.PI, within(0.05));
  }

  @Test
  void arcsByTheirRadius() {
    assertThat(length(moves("G1 X10 F500\nG3 X0 Y10 R10")) - 10)
        .isCloseTo(5 * Math.PI, within(0.05));
    assertThat(length(moves("G1 X10 F500\nG3 X0 Y10 R-10")) - 10)
        .isCloseTo(15 * Math.PI, within(0.05));
    List<Step.Move> clockwise = moves("G1 X10 F500\nG2 X0 Y10 R10");
    Step.Move some = clockwise.get(clockwise.size() / 2);
    assertThat(Math.hypot(some.to().x() - 10, some.to().y() - 10))
        .as("clockwise round the other corner")
        .isCloseTo(10, within(1e-9));
  }

  /** In each plane the third axis goes along, and anticlockwise is as seen from its end. */
  @Test
  void arcsStandUprightToo() {
    List<Step.Move> zx = moves("G18 G1 X10 F500\nG3 X0 Z-5 I-10 K0");
    for (Step.Move m : zx.subList(1, zx.size())) {
      assertThat(Math.hypot(m.to().x(), m.to().z() - 5)).isCloseTo(10, within(1e-9));
      assertThat(m.to().z()).as("from x towards −z, seen from +y").isLessThan(5 + 1e-9);
    }
    List<Step.Move> yz = moves("G19 G1 Y10 F500\nG3 Y0 Z15 J-10 K0");
    for (Step.Move m : yz.subList(1, yz.size())) {
      assertThat(Math.hypot(m.to().y(), m.to().z() - 5)).isCloseTo(10, within(1e-9));
      assertThat(m.to().z()).as("from y towards z, seen from +x").isGreaterThan(5 - 1e-9);
    }
  }

  /** R and centre are two ways to say one arc. */
  @Test
  void anyArcIsTheSameByRadiusAndByCentre() {
    Random random = new Random(11);
    for (int i = 0; i < 200; i++) {
      double radius = 2 + random.nextDouble() * 40;
      double a = random.nextDouble() * 2 * Math.PI;
      double sweep = 0.1 + random.nextDouble() * (2 * Math.PI - 0.2);
      boolean clockwise = random.nextBoolean();
      double b = clockwise ? a - sweep : a + sweep;
      double dx = radius * (Math.cos(b) - Math.cos(a));
      double dy = radius * (Math.sin(b) - Math.sin(a));
      String word = clockwise ? "G2" : "G3";
      String by = String.format(java.util.Locale.ROOT, "G91 %s X%.6f Y%.6f F900 ", word, dx, dy);
      String centre =
          String.format(
              java.util.Locale.ROOT, "I%.6f J%.6f", -radius * Math.cos(a), -radius * Math.sin(a));
      String r = String.format(java.util.Locale.ROOT, "R%.6f", sweep > Math.PI ? -radius : radius);
      List<Step.Move> one = moves(by + centre);
      List<Step.Move> two = moves(by + r);
      assertThat(length(one)).isCloseTo(radius * sweep, within(0.02 + radius * sweep * 0.002));
      Step.Move middle = one.get(one.size() / 2);
      Step.Move other = two.get(two.size() / 2);
      if (one.size() == two.size() && Math.abs(sweep - Math.PI) > 0.01) {
        assertThat(middle.to().distance(other.to())).as(by + centre + r).isLessThan(0.02);
      }
    }
  }

  private static double length(List<Step.Move> moves) {
    return moves.stream().mapToDouble(m -> m.from().distance(m.to())).sum();
  }

  @Test
  void holesAreDrilledInPecksAndRowsOfThemRemember() {
    List<Step.Move> plain = moves("G81 X10 Y10 Z-8 R2 F100\nX20\nG80");
    assertThat(plain.stream().filter(m -> !m.rapid()).map(m -> m.to().z()))
        .containsExactly(-8.0, -8.0);
    assertThat(plain.get(plain.size() - 1).to().z()).as("back to where it began").isEqualTo(5);
    assertThat(end("G99 G81 X10 Y10 Z-8 R2 F100\nX20").z()).as("back to R").isEqualTo(2);
    List<Step.Move> pecks = moves("G83 X10 Y10 Z-8 R2 Q4 F100\nG80");
    assertThat(pecks.stream().filter(m -> !m.rapid()).map(m -> m.to().z()))
        .containsExactly(-2.0, -6.0, -8.0);
    assertThat(pecks.stream().filter(Step.Move::rapid).map(m -> m.to().z()))
        .as("out of the hole after each")
        .contains(2.0, -1.5, -5.5);
    assertThat(moves("G73 X10 Y10 Z-8 R2 Q4 F100\nG80").stream().filter(Step.Move::rapid))
        .as("chips are only broken")
        .noneMatch(m -> m.from().z() < 0 && m.to().z() == 2 && m.from().z() > -7);
    List<Step.Move> row = moves("G91 G81 X10 Z-6 R-3 L3 F100\nG80");
    assertThat(row.stream().filter(m -> !m.rapid()).map(Step.Move::to))
        .containsExactly(new Point3(10, 0, -4), new Point3(20, 0, -4), new Point3(30, 0, -4));
  }

  @Test
  void zerosAndHomeAreTheMachines() {
    Zeros zeros =
        new Zeros(
            Map.of(54, new Point3(100, 50, -60), 55, new Point3(300, 50, -60)),
            Optional.of(new Point3(0, 0, 0)));
    Program program =
        Program.read("G21 G90\nG0 Z5\nX10\nG55 X10\nG53 Z-1\nG28 Z20\nM30\n", zeros, false);
    assertThat(program.faults()).isEmpty();
    List<Step.Move> moves = program.moves();
    close(moves.get(0).from(), 0, 0, 0);
    close(moves.get(0).to(), 0, 0, -55);
    close(moves.get(1).to(), 110, 0, -55);
    close(moves.get(2).to(), 310, 0, -55);
    close(moves.get(3).to(), 310, 0, -1);
    close(moves.get(4).to(), 310, 0, -40);
    close(moves.get(5).to(), 0, 0, 0);
    assertThat(faults(BEGIN + "G56 G0 X1\nM30")).containsExactly("4: G56 isn't set up.");
    assertThat(faults(BEGIN + "G28\nM30")).containsExactly("4: The machine's home isn't known.");
  }

  @Test
  void blocksWithASlashAreLeftOutWhereTheSwitchIsOn() {
    String text = BEGIN + "/G0 X10\nG0 Y10\nM30";
    assertThat(read(text).moves()).hasSize(3);
    assertThat(Program.read(text, Zeros.WORK, true).moves()).hasSize(2);
  }

  @Test
  void waitingChangesAndPausesAreSteps() {
    Program program = read(BEGIN + "M5\nT2 M6\nM0\nG4 P1.5\nM30");
    assertThat(program.faults()).isEmpty();
    assertThat(program.steps())
        .contains(new Step.ToolChange(5, 2), new Step.Pause(6), new Step.Dwell(7, 1.5));
  }

  /** Each with its line, and the rest of the program is still read. */
  @Test
  void whatCantBeUnderstoodIsSaidWithItsLine() {
    assertThat(faults(BEGIN + "G1 X#1\nM30"))
        .containsExactly("4: Variables and calculations aren't understood.");
    assertThat(faults(BEGIN + "G0 X1 X2\nM30")).containsExactly("4: X stands twice in one block.");
    assertThat(faults(BEGIN + "G0 G1 X1 F9\nM30"))
        .containsExactly("4: G1 contradicts another word of its block.");
    assertThat(faults(BEGIN + "G43.4 X1\nM30"))
        .anyMatch(f -> f.equals("4: G43.4 isn't understood."));
    assertThat(faults(BEGIN + "G41 D1\nM30"))
        .contains("4: G41 isn't understood.", "4: D1 isn't understood.");
    assertThat(faults(BEGIN + "M98 P100\nM30")).containsExactly("4: M98 isn't understood.");
    assertThat(faults(BEGIN + "G0 X\nM30")).containsExactly("4: X has no number after it.");
    assertThat(faults(BEGIN + "G0 X1 (open\nM30"))
        .containsExactly("4: A comment isn't closed on its line.");
    assertThat(faults(BEGIN + "G0 X1 (a (b))\nM30"))
        .containsExactly("4: A comment begins within a comment.");
    assertThat(faults(BEGIN + "G1 X1\nM30"))
        .containsExactly("4: It cuts without a feed: F is missing.");
    assertThat(faults(BEGIN + "G3 X10 Y10 I3 F100\nM30"))
        .containsExactly(
            "4: The arc doesn't close: its radius is 3.000 mm at the start and 12.207 mm at the "
                + "end.");
    assertThat(faults(BEGIN + "G3 X10 R3 F100\nM30"))
        .containsExactly(
            "4: The arc's radius of 3.000 mm is too small for ends that are 10.000 mm apart.");
    assertThat(faults(BEGIN + "G3 X10 F100\nM30"))
        .containsExactly(
            "4: An arc needs its centre in the plane that is chosen, or a radius as R.");
    assertThat(faults(BEGIN + "G83 X1 Z-5 R1 F100\nM30"))
        .containsExactly("4: A drilling cycle with pecks needs their depth as Q.");
    assertThat(faults(BEGIN + "G81 X1 Z-5 R1 F100\nG80\nX5\nM30"))
        .containsExactly("6: Axes are given after G80 ended all motion.");
    assertThat(faults(BEGIN + "G0 X1"))
        .containsExactly("4: The program has no end: M2 or M30 is missing.");
    assertThat(faults("G1 X1 F100\nM30"))
        .containsExactly(
            "1: Neither G20 nor G21 is given before the first move. Millimetres are assumed.",
            "1: Neither G90 nor G91 is given before the first move. G90 is assumed.",
            "1: It cuts from a place that isn't known yet: X, Y and Z need a G0 before.");
    assertThat(faults("hello\nM30")).isNotEmpty();
    assertThat(faults("{\"format\": 1}\n\u0000\n")).isNotEmpty();
  }

  /** Whatever is thrown at it, it ends, and what it gives are places. */
  @Test
  void noTextHangsIt() {
    String signs = "GMXYZIJKRFSTPQLN0123456789.-+ ()/%;#\n\nG1 G2 X1 Y2 ";
    Random random = new Random(5);
    for (int i = 0; i < 3000; i++) {
      StringBuilder text = new StringBuilder(BEGIN);
      for (int c = 0; c < 80; c++) {
        text.append(signs.charAt(random.nextInt(signs.length())));
      }
      Program program = read(text.toString());
      assertThat(program.moves())
          .allMatch(m -> !Double.isNaN(m.to().x() + m.to().y() + m.to().z() + m.from().length()));
    }
    assertThat(faults(BEGIN + "G91 G81 X1 Z-1 R0 F9 L99999999\nM30"))
        .anyMatch(f -> f.contains("moves"));
  }
}

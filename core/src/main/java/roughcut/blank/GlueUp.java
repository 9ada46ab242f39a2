package roughcut.blank;

import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.MASS;
import static roughcut.measure.Quantity.RATIO;
import static roughcut.measure.Quantity.SECONDS;
import static roughcut.measure.Worked.in;

import java.util.List;
import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.design.Strip;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;
import roughcut.shop.Glue;
import roughcut.shop.GlueBook;
import roughcut.shop.SpeciesBook;

/**
 * Gluing the neck's strips together: whether the faces are spread and the clamps closed before the
 * glue grabs, in how many stages it is done when not, how much glue, how many clamps (handbook page
 * 3).
 *
 * @param time spreading and closing all faces at once
 * @param open what the glue allows at today's temperature
 * @param stages fewest glue-ups that each stay within the open time; 0 when not even one face can
 *     be glued
 * @param clamps the larger of the two counts
 */
public record GlueUp(
    Glue glue,
    Worked faces,
    Worked time,
    Worked open,
    Worked stages,
    Worked mass,
    Worked byForce,
    Worked bySpacing,
    Worked clamps,
    Given owned) {
  /** Seconds to spread a face, whatever its size, and for each 100 cm². */
  private static final double FACE_SECONDS = 10;

  private static final double AREA_SECONDS = 12;
  private static final double CLOSING_SECONDS = 60;
  private static final double CLAMP_SECONDS = 12;

  public static GlueUp of(Givens givens, Worked length, Worked depth, Ledger ledger) {
    List<Strip> strips = givens.design().neckStack().strips();
    Glue glue = GlueBook.get(givens.get(Decisions.GLUE).word());
    Given temperature = givens.get(Decisions.TEMPERATURE);
    Given count = Given.decided("strips.count", "Strips in the stack", strips.size(), COUNT);
    Worked faces =
        ledger.put(
            "glue.faces", "Faces to glue", COUNT, strips.size() - 1, "n − 1", in("n", count));
    Worked area =
        ledger.put(
            "glue.face-area",
            "Area of one face, cm²",
            RATIO,
            length.value() * depth.value() / 100,
            "L · D / 100",
            in("L", length),
            in("D", depth));

    Given pressure =
        Given.decided("glue.pressure", "Pressure for this wood, MPa", pressure(strips), RATIO);
    Given force = givens.get(Decisions.CLAMP_FORCE);
    Worked byForce =
        ledger.put(
            "clamps.by-force",
            "Clamps by force",
            COUNT,
            strips.size() == 1
                ? 0
                : Math.ceil(area.value() * 100 * pressure.value() / 1000 / force.value() - 1e-9),
            strips.size() == 1 ? "0" : "ceil(A · 100 · P / 1000 / F − 0.000000001)",
            in("A", area),
            in("P", pressure),
            in("F", force));
    Worked bySpacing = bySpacing(givens, strips, length, ledger);
    Worked clamps =
        ledger.put(
            "clamps.needed",
            "Clamps needed",
            COUNT,
            Math.max(byForce.value(), bySpacing.value()),
            "max(c_f, c_s)",
            in("c_f", byForce),
            in("c_s", bySpacing));

    Worked time =
        ledger.put(
            "glue.time",
            "Spreading and closing",
            SECONDS,
            time(faces.value(), area.value(), clamps.value()),
            "N · (10 + 12 · A / 100) + 60 + 12 · c",
            in("N", faces),
            in("A", area),
            in("c", clamps));
    Given openAt20 =
        Given.decided(
            "glue.open-at-20", "Open time of " + glue.name() + " at 20 °C", glue.open(), SECONDS);
    Worked open =
        ledger.put(
            "glue.open-time",
            "Open time at this temperature",
            SECONDS,
            glue.openAt(temperature.value()),
            openFormula(glue, temperature.value()),
            in("o", openAt20),
            in("T", temperature));
    int most = mostFaces(area.value(), clamps.value(), open.value());
    Given allowed =
        Given.decided("glue.faces-at-once", "Faces that can be glued at once", most, COUNT);
    Worked stages =
        ledger.put(
            "glue.stages",
            "Stages of the glue-up",
            COUNT,
            faces.value() == 0 || most == 0 ? 0 : Math.ceil(faces.value() / most),
            faces.value() == 0 || most == 0 ? "0" : "ceil(N / c)",
            in("N", faces),
            in("c", allowed));
    Given coverage = Given.decided("glue.coverage", "Coverage, g/m²", glue.coverage(), RATIO);
    Worked mass =
        ledger.put(
            "glue.mass",
            "Glue to mix or pour",
            MASS,
            faces.value() * area.value() / 10_000 * glue.coverage() * 1.1,
            "N · A / 10000 · q · 1.1",
            in("N", faces),
            in("A", area),
            in("q", coverage));
    return new GlueUp(
        glue,
        faces,
        time,
        open,
        stages,
        mass,
        byForce,
        bySpacing,
        clamps,
        givens.get(Decisions.CLAMPS));
  }

  private static Worked bySpacing(Givens givens, List<Strip> strips, Worked length, Ledger ledger) {
    Given pad = givens.get(Decisions.CLAMP_PAD);
    Given caul = givens.get(Decisions.CAUL);
    Given outer =
        Given.decided(
            "strip.outer",
            "Outer strip",
            Math.min(strips.get(0).thickness(), strips.get(strips.size() - 1).thickness()),
            LENGTH);
    return ledger.put(
        "clamps.by-spacing",
        "Clamps by spacing",
        COUNT,
        strips.size() == 1
            ? 0
            : Math.ceil(length.value() / (pad.value() + 2 * (caul.value() + outer.value())) - 1e-9),
        strips.size() == 1 ? "0" : "ceil(L / (pad + 2 · (caul + s)) − 0.000000001)",
        in("L", length),
        in("pad", pad),
        in("caul", caul),
        in("s", outer));
  }

  private static double time(double faces, double area, double clamps) {
    return faces * (FACE_SECONDS + AREA_SECONDS * area / 100)
        + CLOSING_SECONDS
        + CLAMP_SECONDS * clamps;
  }

  /** How many faces can be spread and closed within the open time. */
  private static int mostFaces(double area, double clamps, double open) {
    double forFaces = open - CLOSING_SECONDS - CLAMP_SECONDS * clamps;
    return (int)
        Math.max(0, Math.floor(forFaces / (FACE_SECONDS + AREA_SECONDS * area / 100) + 1e-9));
  }

  /** Clamping pressure by the densest wood in the stack, MPa: 0.7 softer, 1.0 medium, 1.4 dense. */
  static double pressure(List<Strip> strips) {
    double density =
        strips.stream().mapToDouble(s -> SpeciesBook.get(s.species()).density()).max().orElse(600);
    return density < 500 ? 0.7 : density <= 700 ? 1.0 : 1.4;
  }

  private static String openFormula(Glue glue, double temperature) {
    if (temperature < glue.least()) {
      return "0";
    }
    if (glue.warmthLengthens()) {
      return "o · 1.5^((T − 20) / 10)";
    }
    return temperature > 20 ? "o · 2^(−(T − 20) / 10)" : "o · 1.5^((20 − T) / 10)";
  }

  /** Whether everything can be glued at once in the time there is. */
  public boolean inTime() {
    return time.value() <= open.value();
  }

  public boolean tooCold() {
    return open.value() == 0;
  }
}

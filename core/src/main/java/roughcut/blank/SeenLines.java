package roughcut.blank;

import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import roughcut.geometry.Outline;
import roughcut.geometry.RootSearch;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;

/**
 * What will be seen of each glue line when the neck is carved and fitted: its length on the carved
 * back from the nut to where the body or the pocket hides it, and its length on the head (handbook
 * page 3, "What will be seen").
 *
 * @param line counted from 1 at the bass side
 * @param back length seen on back and sides
 * @param head length seen on the head's face, 0 under a face veneer
 * @param stretches from and to, along x, where it is seen on the back
 */
public record SeenLines(int line, Value back, Value head, List<double[]> stretches) {
  private static final int PIECES = 96;
  private static final int FEW_PIECES = 8;

  /**
   * All lines.
   *
   * @param halfWidth of the neck at x
   * @param seenTo from here on the pocket hides the back, or the neck ends, mm from the nut line
   * @param headFace the head from above, the break at x = 0 and the tip to the right
   * @param provenance what shapes strips, back and head
   * @param veneered whether a face veneer hides the head's lines
   */
  public static List<SeenLines> of(
      NeckBlank blank,
      DoubleUnaryOperator halfWidth,
      Value seenTo,
      Outline headFace,
      boolean veneered,
      Provenance provenance,
      ValueRegistry registry) {
    List<SeenLines> all = new ArrayList<>();
    for (int line = 1; line < blank.strips().size(); line++) {
      GlueFace face = blank.strips().get(line).lower();
      List<double[]> stretches = stretches(face, halfWidth, seenTo.value());
      double back = stretches.stream().mapToDouble(s -> s[1] - s[0]).sum();
      double head =
          veneered ? 0 : headFace.spans(face.nut()).stream().mapToDouble(s -> s[1] - s[0]).sum();
      all.add(
          new SeenLines(
              line,
              registry.find(
                  "seen.line." + line + ".back",
                  Text.of("Glue line {line} visible on the back", line),
                  LENGTH,
                  back,
                  Text.of("found by following the line along the carved back"),
                  provenance.with(seenTo)),
              registry.find(
                  "seen.line." + line + ".head",
                  Text.of("Glue line {line} visible on the headstock face", line),
                  LENGTH,
                  head,
                  Text.of("found by following the line along the headstock outline"),
                  provenance),
              stretches));
    }
    return all;
  }

  private static List<double[]> stretches(
      GlueFace face, DoubleUnaryOperator halfWidth, double seenTo) {
    DoubleUnaryOperator inside = x -> halfWidth.applyAsDouble(x) - Math.abs(face.at(x));
    List<Double> ends = new ArrayList<>();
    ends.add(0.0);
    ends.addAll(
        RootSearch.of(inside, 0, seenTo, face.straight() ? FEW_PIECES : PIECES, Precision.NEAR));
    ends.add(seenTo);
    List<double[]> stretches = new ArrayList<>();
    for (int i = 1; i < ends.size(); i++) {
      double a = ends.get(i - 1);
      double b = ends.get(i);
      if (b - a > Precision.NEAR && inside.applyAsDouble((a + b) / 2) > 0) {
        stretches.add(new double[] {a, b});
      }
    }
    return stretches;
  }
}

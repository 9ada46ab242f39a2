package roughcut.blank;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.BlankDecisions;
import roughcut.design.BlankStep;
import roughcut.design.Clamping;
import roughcut.design.Decisions;
import roughcut.design.PartDecisions;
import roughcut.design.Strip;
import roughcut.measure.ComputedValue;
import roughcut.measure.DecidedValue;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Woods;

/**
 * Gluing the neck's strips together, and the pins that keep them from creeping.
 *
 * @param steps what is glued after the stack, step by step, each by itself; words and job
 * @param pins where pins stand in waste; empty when there is none
 */
public record GlueUp(GlueJob job, List<Assembly> steps, Optional<Pins> pins) {
  /** What keeps the strips in place where no pin can stand. */
  public static final Text WITHOUT_PINS =
      Text.of("no waste for pins: use end stops or grains of salt");

  /** A later step that glues something: its number among the steps, and what is joined. */
  public record Assembly(int number, Text words, GlueJob job) {}

  /**
   * Locating pins, one at each end, through the stack from side to side.
   *
   * @param fromHeadEnd from the blank's head end, mm
   * @param fromHeelEnd from the blank's heel end, mm
   * @param diameter mm
   */
  public record Pins(double fromHeadEnd, double fromHeelEnd, double diameter) {}

  /** Wood that a pin's bore leaves to the blank's end and to the outline, mm. */
  private static final double PIN_CLEAR = 2;

  public static GlueUp of(
      EffectiveInputs inputs, Woods woods, BlankTree tree, ValueRegistry registry) {
    Value length = tree.length();
    Value depth = tree.depth();
    List<Strip> strips = inputs.neckStrips();
    Value count = TableValue.of(BlankKeys.STRIPS_COUNT, strips.size(), Text.of("counted"));
    Value faces = registry.put(BlankKeys.GLUE_FACES, "n − 1", in("n", count));
    Value outer =
        ComputedValue.of(
            BlankKeys.GLUE_OUTER,
            "min(a, b)",
            in("a", inputs.get(PartDecisions.stripThickness(1))),
            in("b", inputs.get(PartDecisions.stripThickness(strips.size()))));
    GlueJob job =
        GlueJob.of(
            inputs,
            new GlueJob.Faces(
                "glue",
                "clamps",
                faces,
                length,
                depth,
                densest(strips, woods),
                outer,
                Clamping.CLAMPS,
                veneers(strips)),
            registry);
    return new GlueUp(
        job,
        steps(inputs, woods, tree, registry),
        strips.size() == 1 ? Optional.empty() : pins(inputs));
  }

  private static int veneers(List<Strip> strips) {
    return (int) strips.stream().filter(Strip::veneer).count();
  }

  /** Every step's own joint: leaves to each other, a turned half, a cap, wings, a block. */
  private static List<Assembly> steps(
      EffectiveInputs inputs, Woods woods, BlankTree tree, ValueRegistry registry) {
    List<Value> strips = new ArrayList<>();
    for (int i = 1; i <= inputs.neckStrips().size(); i++) {
      strips.add(inputs.get(PartDecisions.stripThickness(i)));
    }
    Provenance provenance = Provenance.of(strips).with(tree.length(), tree.depth());
    List<Assembly> all = new ArrayList<>();
    List<BlankNode> nodes = tree.afterSteps();
    for (int i = 0; i < nodes.size(); i++) {
      BlankStep step = inputs.design().neckSteps().get(i);
      BlankNode node = nodes.get(i);
      boolean flat =
          switch (step.kind()) {
            case CAPPED, HEEL_BLOCK -> true;
            case OPENED, TURNED, WINGED -> false;
          };
      int faces =
          switch (step.kind()) {
            case WINGED -> 2;
            case OPENED -> step.thickness() > 0 ? 2 : 1;
            case TURNED, CAPPED, HEEL_BLOCK -> 1;
          };
      double length = step.length() > 0 ? step.length() : node.length();
      String prefix = "glue.step." + (i + 1);
      all.add(
          new Assembly(
              i + 1,
              node.name(),
              GlueJob.of(
                  inputs,
                  new GlueJob.Faces(
                      prefix,
                      "clamps.step." + (i + 1),
                      TableValue.of(
                          prefix + ".joints",
                          Text.of("Joints in this step"),
                          faces,
                          COUNT,
                          Text.of("counted")),
                      SearchedValue.of(
                          prefix + ".length",
                          Text.of("Joint length"),
                          length,
                          LENGTH,
                          Text.of("found from the piece"),
                          provenance),
                      SearchedValue.of(
                          prefix + ".depth",
                          Text.of("Joint width"),
                          flat ? node.width() : node.depth(),
                          LENGTH,
                          Text.of("found from the piece"),
                          provenance),
                      densest(inputs.neckStrips(), woods),
                      step.thickness() > 0
                          ? DecidedValue.of(
                              prefix + ".outer",
                              Text.of("Outermost piece"),
                              step.thickness(),
                              LENGTH)
                          : SearchedValue.of(
                              prefix + ".outer",
                              Text.of("Outermost piece"),
                              node.width() / 2,
                              LENGTH,
                              Text.of("found from the piece"),
                              provenance),
                      Clamping.CLAMPS),
                  registry)));
    }
    return List.copyOf(all);
  }

  static double densest(List<Strip> strips, Woods woods) {
    return strips.stream().mapToDouble(s -> woods.get(s.species()).density()).max().orElse(600);
  }

  /**
   * Waste is what is trimmed off: the end trim at the heel, and at the head the end trim and the
   * tip's.
   */
  private static Optional<Pins> pins(EffectiveInputs inputs) {
    double diameter = inputs.get(BlankDecisions.PIN_DIAMETER).value();
    double end = inputs.get(BlankDecisions.END_TRIM).value();
    double tip = end + inputs.get(Decisions.SCARF_TRIM).value();
    double needed = diameter + 2 * PIN_CLEAR;
    return end < needed ? Optional.empty() : Optional.of(new Pins(tip / 2, end / 2, diameter));
  }
}

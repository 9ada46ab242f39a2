package roughcut.blank;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.DENSITY;

import java.util.List;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Shop;

/**
 * What finished neck and body weigh, as far as they are designed: each strip's share of the carved
 * neck in its own wood, the head, the fretboard; the body's outline by its thickness. What was on
 * the scale takes the estimate's place (handbook page 3, "Weight").
 *
 * @param body before anything is cut into it
 * @param neckAt where the neck balances, from the nut line, mm
 * @param headAt where the head does
 */
public record Weights(Value neck, Value body, double neckAt, double headAt, Provenance provenance) {
  /** How finely the neck is sliced, mm. */
  private static final double SLICE = 5;

  /**
   * A bar let into the neck.
   *
   * @param volume of its channel, mm³
   * @param grams that it weighs
   * @param x of its middle, from the nut line, mm
   */
  public record LetIn(double volume, double grams, double x) {}

  /** Area of the neck's section at x between two offsets from the centre line, mm². */
  public interface Section {
    double area(double x, double from, double to);
  }

  /**
   * Works both out.
   *
   * @param headArea of the head seen square to its face, mm²
   * @param fretboardHeight mean height of the fretboard over the glue line at x, mm
   * @param letIn rod and bars
   * @param provenance what shapes the neck
   */
  public static Weights of(
      EffectiveInputs inputs,
      Shop shop,
      NeckBlank blank,
      Section section,
      double headArea,
      FretboardTaper taper,
      java.util.function.DoubleUnaryOperator fretboardHeight,
      List<LetIn> letIn,
      BodyBlank body,
      Provenance provenance,
      ValueRegistry registry) {
    double heelEnd = inputs.get(Decisions.HEEL_END).value();
    double grams = 0;
    double moment = 0;
    double density = 0;
    for (PlacedStrip strip : blank.strips()) {
      double own = BodyBlank.density(shop, strip.strip().species());
      density += own / blank.strips().size();
      for (double x = SLICE / 2; x < heelEnd; x += SLICE) {
        double slice = Math.min(SLICE, heelEnd - (x - SLICE / 2));
        double piece = own * section.area(x, strip.from(x), strip.to(x)) * slice / 1e6;
        grams += piece;
        moment += piece * x;
      }
    }
    double head = headArea * inputs.get(Decisions.HEAD_THICKNESS).value() * density / 1e6;
    double board = 0;
    double end = taper.end().value();
    double boardDensity = BodyBlank.density(shop, inputs.get(Decisions.FRETBOARD_SPECIES).word());
    for (double x = SLICE / 2; x < end; x += SLICE) {
      double slice = Math.min(SLICE, end - (x - SLICE / 2));
      double piece = taper.width(x) * fretboardHeight.applyAsDouble(x) * slice * boardDensity / 1e6;
      board += piece;
      moment += piece * x;
    }
    double headAt = -inputs.get(Decisions.HEAD_LENGTH).value() / 2;
    moment += head * headAt;
    double bars = 0;
    double wood = blank.strips().isEmpty() ? 0 : density;
    for (LetIn bar : letIn) {
      double gained = bar.grams() - bar.volume() * wood / 1e6;
      bars += gained;
      moment += gained * bar.x();
    }
    double core =
        body.winged()
            ? blank.width().value() * Math.max(0, heelEnd - body.outline().joint().value()) / 100
            : 0;
    double all = grams + head + board + bars;
    return new Weights(
        neck(inputs, grams, head, board, bars, provenance, registry),
        body(shop, body, core, provenance, registry),
        all > 0 ? moment / all : 0,
        headAt,
        provenance);
  }

  private static Value neck(
      EffectiveInputs inputs,
      double shaft,
      double head,
      double board,
      double bars,
      Provenance provenance,
      ValueRegistry registry) {
    Value weighed = inputs.get(BodyDecisions.NECK_WEIGHED);
    if (weighed.value() > 0) {
      return registry.put(BlankKeys.NECK_MASS, "m", in("m", weighed));
    }
    return registry.put(
        BlankKeys.NECK_MASS.called("Neck with headstock and fretboard, estimated"),
        "m_s + m_h + m_f + m_r",
        in(
            "m_s",
            SearchedValue.of(
                BlankKeys.NECK_SHAFT_MASS,
                shaft,
                Text.of("found by adding up slices"),
                provenance)),
        in(
            "m_h",
            SearchedValue.of(
                BlankKeys.NECK_HEAD_MASS, head, Text.of("found by adding up slices"), provenance)),
        in(
            "m_f",
            SearchedValue.of(
                BlankKeys.NECK_FRETBOARD_MASS,
                board,
                Text.of("found by adding up slices"),
                provenance)),
        in(
            "m_r",
            SearchedValue.of(
                BlankKeys.NECK_BARS_MASS, bars, Text.of("found by adding them up"), provenance)));
  }

  private static Value body(
      Shop shop, BodyBlank body, double coreArea, Provenance provenance, ValueRegistry registry) {
    Value backDensity =
        TableValue.of(
            "body.density",
            Text.of("Density of {back}", body.backWood().name()),
            BodyBlank.density(shop, body.backWood().id()),
            DENSITY,
            Text.of("wood table"));
    Value topDensity =
        TableValue.of(
            "body.top-density",
            Text.of("Density of {top}", body.topWood().name()),
            BodyBlank.density(shop, body.topWood().id()),
            DENSITY,
            Text.of("wood table"));
    // A through-neck's core is the neck's own weight.
    Value core =
        SearchedValue.of(
            BlankKeys.BODY_CORE_AREA,
            coreArea,
            Text.of("found from the blank in the body"),
            provenance);
    return registry.put(
        BlankKeys.BODY_SLAB_MASS,
        "(A − c) · ((t − t_top − v) · ρ_b + (t_top + v) · ρ_t) / 10000",
        in("c", core),
        in("A", body.outline().area()),
        in("t", body.thickness()),
        in("t_top", body.top()),
        in("v", body.accent()),
        in("ρ_b", backDensity),
        in("ρ_t", topDensity));
  }
}

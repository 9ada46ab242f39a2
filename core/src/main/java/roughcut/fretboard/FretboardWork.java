package roughcut.fretboard;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.CENTS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.GaugeLight;
import roughcut.design.StringDecisions;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.MultiscaleLayout;
import roughcut.layout.StringSpread;
import roughcut.measure.Precision;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * Everything about the fretboard beside its slots: the two wishes for a conical radius, the radius
 * gauge read, a template of another scale, pins, a shaped inlay, and the nut's shift (handbook page
 * 5).
 *
 * @param coneEnd radius at the end of a true cone under the strings
 * @param evenEnd radius at the end for an edge of even thickness
 * @param gauge what the light under the gauge means
 * @param template the owned template against this scale; empty without one
 * @param nut what its kind asks for
 * @param blank what it is sawn from
 * @param notchLeft wood from an end notch to the last slot; empty without one
 * @param octaveCents what the real octave fret would do to its note on the drawn scale
 * @param shiftCents by fret, what a moved nut edge does; empty when it isn't moved
 */
public record FretboardWork(
    Value coneEnd,
    Value evenEnd,
    GaugeReading gauge,
    Optional<TemplateCheck> template,
    Optional<Inlay> inlay,
    List<Value> shiftCents,
    NutSeat nut,
    FretboardBlank blank,
    Optional<Value> notchLeft,
    Optional<Value> octaveCents) {

  private static final double GAUGE_STEP = 20;

  /** The eye sees light from about here on, mm. */
  private static final double SEEN = 0.03;

  /** What a radius gauge says, in words and mm, and what gauges of near radii would show. */
  public record GaugeReading(Value gap, double board, Text meaning, List<GaugeGap> near) {
    public GaugeReading {
      near = List.copyOf(near);
    }
  }

  /** The gap that a gauge of another radius would show, mm. */
  public record GaugeGap(double radius, double gap) {}

  /** A shaped inlay's depth window over its extent, and the slots that it crosses. */
  public record Inlay(Value least, Value most, Value corner, List<Integer> slotsCrossed) {
    /** What would give it a depth; empty when it has one. */
    public Optional<Text> trouble() {
      return least.value() <= most.value()
          ? Optional.empty()
          : Optional.of(Text.of("no depth works: use a thicker inlay, or a thicker fretboard"));
    }

    /** Whether slots are cut again through it. */
    public Text crosses() {
      return slotsCrossed.isEmpty()
          ? Text.of("no slot")
          : Text.of("slots {slots}, sawn again after gluing", slotsCrossed);
    }
  }

  public FretboardWork {
    shiftCents = List.copyOf(shiftCents);
  }

  public static FretboardWork of(
      EffectiveInputs inputs,
      FretLayout frets,
      FretboardTaper taper,
      StringSpread strings,
      FretboardRadius radius,
      ValueRegistry registry) {
    Value nut = inputs.get(Decisions.RADIUS_NUT);
    double end = taper.end().value();
    double spreadEnd = strings.offset(1, end) - strings.offset(strings.count(), end);
    Value wide =
        SearchedValue.of(
            FretboardKeys.STRINGS_SPREAD_END,
            spreadEnd,
            Text.of("found along the outer strings"),
            strings.outer().with(taper.end()));
    Value width = taper.endWidth();
    // Strings on one line, or crossed by margins that leave no room, lie on no cone.
    boolean single = strings.count() == 1 || strings.spread().value() < Precision.TOUCHING;
    Value cone =
        registry.put(
            FretboardKeys.RADIUS_CONE_END,
            single ? "R" : "R · s_end / s_nut",
            in("R", nut),
            in("s_end", wide),
            in("s_nut", strings.spread()));
    Value even =
        registry.put(
            FretboardKeys.RADIUS_EVEN_END,
            "R · (w_end / w_nut)^2",
            in("R", nut),
            in("w_end", width),
            in("w_nut", taper.nutWidth()));
    NutSeat seat = NutSeat.of(inputs, taper, registry);
    return new FretboardWork(
        cone,
        even,
        gauge(inputs, taper, radius, registry),
        TemplateCheck.of(inputs, frets),
        inlay(inputs, frets, radius, registry),
        shift(inputs, frets, registry),
        seat,
        FretboardBlank.of(inputs, taper, frets.fan(), seat, registry),
        notch(inputs, registry),
        octave(inputs, frets, registry));
  }

  private static GaugeReading gauge(
      EffectiveInputs inputs,
      FretboardTaper taper,
      FretboardRadius radius,
      ValueRegistry registry) {
    Value gauge = inputs.get(FretboardDecisions.GAUGE);
    Value at = inputs.get(FretboardDecisions.GAUGE_AT);
    double x = Math.min(at.value(), taper.end().value());
    Value board =
        SearchedValue.of(
            FretboardKeys.GAUGE_BOARD_RADIUS,
            radius.radius(x),
            Text.of("found between the radii at nut and end"),
            radius.provenance().with(at));
    Value width =
        SearchedValue.of(
            FretboardKeys.GAUGE_BOARD_WIDTH,
            taper.width(x),
            Text.of("found along the taper"),
            taper.provenance().with(at, taper.end()));
    double half = width.value() / 2;
    Value worked =
        registry.put(
            FretboardKeys.GAUGE_GAP,
            "abs((G − √(max(0, G^2 − (w / 2)^2))) − (R − √(max(0, R^2 − (w / 2)^2))))",
            in("G", gauge),
            in("R", board),
            in("w", width));
    GaugeLight light = inputs.get(FretboardDecisions.GAUGE_LIGHT);
    return new GaugeReading(
        worked,
        board.value(),
        meaning(light, worked.value(), gauge.value() < board.value()),
        near(board.value(), half));
  }

  private static double gap(double gauge, double board, double half) {
    return Math.abs(FretboardRadius.drop(gauge, half) - FretboardRadius.drop(board, half));
  }

  /** Gauges around the board's own radius, in even steps. */
  private static List<GaugeGap> near(double board, double half) {
    List<GaugeGap> gaps = new ArrayList<>();
    double middle = Math.rint(board / GAUGE_STEP) * GAUGE_STEP;
    for (int step = -2; step <= 2; step++) {
      double gauge = middle + step * GAUGE_STEP;
      if (gauge > half) {
        gaps.add(new GaugeGap(gauge, gap(gauge, board, half)));
      }
    }
    return gaps;
  }

  /**
   * What the light says: the gauge tells of its own radius, so that no light is a fit only where
   * the board is wanted as round as the gauge, and light is none of a fault where it isn't.
   *
   * @param own light that this gauge shows on a finished board there, mm
   * @param rounder whether the gauge is rounder than the board is wanted there
   */
  private static Text meaning(GaugeLight light, double own, boolean rounder) {
    boolean fits = own < SEEN;
    boolean expected = !fits && light == (rounder ? GaugeLight.CENTRE : GaugeLight.EDGES);
    Text.Arg finished = Text.length(own, 2);
    return switch (light) {
      case NONE ->
          fits
              ? Text.of(
                  "Radius matches the gauge and the plan there. Check along the fretboard as well")
              : Text.of(
                  "Radius matches the gauge, but not the plan there: a finished fretboard shows "
                      + "a gap under this gauge");
      case CENTRE ->
          expected
              ? Text.of(
                  "this gauge is rounder than the plan. A gap of {finished} at the centre is "
                      + "right. More: sand the edges. Less: sand the crown",
                  finished)
              : (fits
                  ? Text.of(
                      "the fretboard is flatter than the gauge, or has a flat strip on the "
                          + "crown: sand the edges more")
                  : Text.of(
                      "the fretboard is flatter than the gauge, or has a flat strip on the "
                          + "crown: sand the edges more, until they show a gap of {finished}",
                      finished));
      case EDGES ->
          expected
              ? Text.of(
                  "this gauge is flatter than the plan. A gap of {finished} at the edges is "
                      + "right. More: sand the crown. Less: sand the edges",
                  finished)
              : (fits
                  ? Text.of(
                      "the fretboard is rounder than the gauge: sand the crown, which drops by "
                          + "about the gap, or accept it")
                  : Text.of(
                      "the fretboard is rounder than the gauge: sand the crown, which drops by "
                          + "about the gap, or accept it; a finished one shows a gap of "
                          + "{finished} at the centre",
                      finished));
    };
  }

  private static Optional<Inlay> inlay(
      EffectiveInputs inputs, FretLayout frets, FretboardRadius radius, ValueRegistry registry) {
    int fret = (int) inputs.get(FretboardDecisions.INLAY_FRET).value();
    if (fret < 1 || fret > frets.frets().size()) {
      return Optional.empty();
    }
    double before = fret == 1 ? 0 : frets.frets().get(fret - 2).x();
    double x = (before + frets.frets().get(fret - 1).x()) / 2;
    Value thickness = inputs.get(FretboardDecisions.INLAY_THICKNESS);
    Value sanding = inputs.get(FretboardDecisions.SANDING);
    Value crown = inputs.get(Decisions.FRETBOARD_THICKNESS);
    double half = inputs.get(FretboardDecisions.INLAY_WIDTH).value() / 2;
    double length = inputs.get(FretboardDecisions.INLAY_LENGTH).value();
    Value drop =
        SearchedValue.of(
            FretboardKeys.INLAY_DROP,
            FretboardRadius.drop(radius.radius(x), half),
            Text.of("found from the radius there"),
            radius
                .provenance()
                .and(frets.provenance())
                .with(
                    inputs.get(FretboardDecisions.INLAY_FRET),
                    inputs.get(FretboardDecisions.INLAY_WIDTH)));
    List<Integer> crossed = new ArrayList<>();
    for (FretLayout.Fret f : frets.frets()) {
      if (Math.abs(f.x() - x) < length / 2 + Math.abs(f.slant()) * half) {
        crossed.add(f.number());
      }
    }
    return Optional.of(
        new Inlay(
            registry.put(
                FretboardKeys.INLAY_DEPTH_MIN,
                "s + e + σ",
                in("s", drop),
                in("e", inputs.get(FretboardDecisions.MARKER_LEDGE)),
                in("σ", sanding)),
            registry.put(
                FretboardKeys.INLAY_DEPTH_MAX,
                "min(m + σ, t_b + σ − 1)",
                in("m", thickness),
                in("σ", sanding),
                in("t_b", crown)),
            registry.put(
                FretboardKeys.INLAY_CORNER_RADIUS,
                "d / 2",
                in("d", inputs.get(FretboardDecisions.INLAY_CUTTER))),
            List.copyOf(crossed)));
  }

  /** An adjuster that stands up at the end wants a notch; the last slot must keep clear of it. */
  private static Optional<Value> notch(EffectiveInputs inputs, ValueRegistry registry) {
    Value length = inputs.get(FretboardDecisions.NOTCH_LENGTH);
    Value past = inputs.get(Decisions.FRETBOARD_PAST_LAST);
    if (length.value() == 0) {
      return Optional.empty();
    }
    return Optional.of(
        registry.put(FretboardKeys.FRETBOARD_NOTCH_LEFT, "p − l", in("p", past), in("l", length)));
  }

  /** The octave fret of the real neck against the drawn scale, were the bridge put by that. */
  private static Optional<Value> octave(
      EffectiveInputs inputs, FretLayout frets, ValueRegistry registry) {
    Value measured = inputs.get(StringDecisions.NUT_TO_OCTAVE);
    if (measured.value() == 0) {
      return Optional.empty();
    }
    double drawn = MultiscaleLayout.drawn(inputs);
    return Optional.of(
        registry.put(
            FretboardKeys.FRET_OCTAVE_CENTS,
            "1200 · log2(L / 2 / (L / 2 − min(m − L / 2, L / 2 − 1)))",
            in(
                "L",
                SearchedValue.of(
                    FretboardKeys.SCALE_DRAWN,
                    drawn,
                    Text.of("found halfway between the outer strings"),
                    MultiscaleLayout.drawnProvenance(inputs))),
            in("m", measured)));
  }

  /** Moving the nut's edge shifts every fret against the string. */
  private static List<Value> shift(
      EffectiveInputs inputs, FretLayout frets, ValueRegistry registry) {
    Value moved = inputs.get(FretboardDecisions.NUT_SHIFT);
    List<Value> cents = new ArrayList<>();
    if (moved.value() == 0) {
      return cents;
    }
    for (FretLayout.Fret fret : frets.frets()) {
      cents.add(
          registry.put(
              "fret." + fret.number() + ".nut-cents",
              Text.of("Fret {fret} against the open string, nut moved", fret.number()),
              CENTS,
              "−1200 · log2(L / (L − δ))",
              in("L", frets.scale()),
              in("δ", moved)));
    }
    return cents;
  }
}

package roughcut.rout;

import static roughcut.measure.ComputedValue.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.blank.BodyBlank;
import roughcut.blank.Weights;
import roughcut.body.BodySurface;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.Fitting;
import roughcut.design.OperationId;
import roughcut.design.RoutDecisions;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.shop.Shop;

/**
 * What the finished body and the whole instrument weigh, and where it would balance: the slab less
 * everything that is cut and carved from it, the neck, and the hardware as listed. What was on the
 * scale takes the estimate's place (handbook page 3, "Weight").
 *
 * @param body finished, g
 * @param instrument all of it, g
 * @param balance where it balances, from the nut line
 * @param behind how far behind the front strap button that is, or the longer horn's front without
 *     one; less than 0 lets the head sink
 */
public record BodyMass(Value body, Value instrument, Value balance, Value behind) {
  /**
   * What comes off a body before relief bores, which keep clear of everything else.
   *
   * @param cut by all its cuts
   * @param gone of that, by those that are made
   * @param carved by edges, contours and carving
   * @param density of its back's wood, kg/m³
   * @param cap of its top's wood, kg/m³
   * @param thick how thick top and veneer are together, mm
   */
  record Uncut(
      RemovedWood cut,
      RemovedWood gone,
      RemovedWood carved,
      double density,
      double cap,
      double thick) {
    /** What all of that weighs, g. */
    double grams() {
      RemovedWood all = cut.plus(carved);
      return (all.all() * density + all.cap() * (cap - density)) / 1e6;
    }
  }

  static Uncut uncut(CutBody cutBody, BodyBlank body, Shop shop) {
    double density = BodyBlank.density(shop, body.backWood().id());
    double cap = BodyBlank.density(shop, body.topWood().id());
    double thick = cap == density ? 0 : cutBody.cap();
    List<Cut> made = made(cutBody);
    List<Cut> toCome = new ArrayList<>(cutBody.cuts);
    toCome.removeAll(made);
    Optional<Cut> top = RemovedWood.cap(cutBody, thick);
    RemovedWood gone = RemovedWood.by(cutBody, List.of(), made, top, "gone");
    return new Uncut(
        gone.plus(RemovedWood.by(cutBody, made, toCome, top, "to come")),
        gone,
        carved(cutBody, cutBody.surface, thick),
        density,
        cap,
        thick);
  }

  private static RemovedWood carved(CutBody cutBody, BodySurface surface, double thick) {
    return cutBody.memo.block(
        List.of("carved", surface == cutBody.surface, thick),
        List.of(surface),
        () -> RemovedWood.carved(surface, thick));
  }

  private static List<Cut> made(CutBody cutBody) {
    return cutBody.cuts.stream()
        .filter(c -> cutBody.inputs.done(OperationId.cut(c.row())))
        .toList();
  }

  private static double volume(List<Cut> cuts) {
    return cuts.stream().mapToDouble(Cut::volume).sum();
  }

  /** The bores that were worked out to bring the body to its weight. */
  private static List<Cut> relief(CutBody cutBody) {
    return cutBody.cuts.stream()
        .filter(c -> c.kind() == CutKind.RELIEF && c.row().equals("relief"))
        .filter(c -> cutBody.inputs.design().fitting(c.name()).isEmpty())
        .toList();
  }

  static BodyMass of(
      CutBody cutBody,
      BodyBlank body,
      Weights weights,
      Uncut before,
      double saddle,
      ValueRegistry registry) {
    Value mass = body(cutBody, weights, before, registry);
    now(cutBody, body, mass, before, registry);
    Value other = cutBody.inputs.get(RoutDecisions.OTHER_MASS);
    Value share = cutBody.inputs.get(RoutDecisions.OTHER_AT);
    double fitted = 0;
    double moment = 0;
    for (Fitting fitting : cutBody.inputs.design().fittings()) {
      double own = fitting.listed().mass();
      fitted += own;
      moment +=
          own
              * cutBody
                  .cut(fitting.name())
                  .map(Cut::middleX)
                  .orElse((cutBody.surface.from() + saddle) / 2);
    }
    Value hardware =
        SearchedValue.of(
            RoutKeys.FITTINGS_MASS, fitted, Text.of("found by adding them up"), Provenance.NONE);
    Value instrument =
        registry.put(
            RoutKeys.INSTRUMENT_MASS,
            "m_b + m_n + m_f + m_o",
            in("m_b", mass),
            in("m_n", weights.neck()),
            in("m_f", hardware),
            in("m_o", other));
    Value bodyAt =
        SearchedValue.of(
            RoutKeys.BODY_BALANCE_X,
            bodyMiddle(cutBody, body, before),
            Text.of("found by balancing what is left"),
            cutBody.everything());
    Value neckAt =
        SearchedValue.of(
            RoutKeys.NECK_BALANCE_X,
            weights.neckAt(),
            Text.of("found by balancing its slices"),
            weights.provenance());
    Value fittedAt =
        SearchedValue.of(
            RoutKeys.FITTINGS_BALANCE_X,
            fitted > 0 ? moment / fitted : 0,
            Text.of("found by balancing them"),
            cutBody.everything());
    Value headAt =
        SearchedValue.of(
            RoutKeys.TUNERS_X,
            weights.headAt(),
            Text.of("found halfway along the head"),
            Provenance.of(cutBody.inputs.get(Decisions.HEAD_LENGTH)));
    Value bridgeAt =
        SearchedValue.of(
            RoutKeys.BRIDGE_X,
            saddle,
            Text.of("found at the saddle line"),
            cutBody.surface.provenance());
    Value balance =
        registry.put(
            RoutKeys.BALANCE_X,
            "(m_b · x_b + m_n · x_n + m_f · x_f + m_o · (k · x_t + (1 − k) · x_s)) / max(1, M)",
            in("m_b", mass),
            in("x_b", bodyAt),
            in("m_n", weights.neck()),
            in("x_n", neckAt),
            in("m_f", hardware),
            in("x_f", fittedAt),
            in("m_o", other),
            in("k", share),
            in("x_t", headAt),
            in("x_s", bridgeAt),
            in("M", instrument));
    Value strap =
        SearchedValue.of(
            RoutKeys.STRAP_FRONT,
            strap(cutBody),
            Text.of("found on the body’s edge"),
            cutBody.everything());
    return new BodyMass(
        mass,
        instrument,
        balance,
        registry.put(RoutKeys.BALANCE_BEHIND_STRAP, "x − x_s", in("x", balance), in("x_s", strap)));
  }

  /** Where it hangs in front: the foremost strap button, or the longer horn's front. */
  private static double strap(CutBody cutBody) {
    return cutBody.cuts.stream()
        .filter(c -> c.kind() == CutKind.STRAP)
        .mapToDouble(Cut::middleX)
        .min()
        .orElse(cutBody.surface.edge().shape().bounds().left());
  }

  private static Value body(
      CutBody cutBody, Weights weights, Uncut before, ValueRegistry registry) {
    Value weighed = cutBody.inputs.get(BodyDecisions.BODY_WEIGHED);
    if (weighed.value() > 0) {
      return registry.put(RoutKeys.BODY_MASS, "m", in("m", weighed));
    }
    Value cut =
        SearchedValue.of(
            RoutKeys.BODY_CUT_VOLUME,
            (before.cut().all() + volume(relief(cutBody))) / 1000,
            Text.of("found by adding up the cuts"),
            cutBody.everything());
    Value carved =
        SearchedValue.of(
            RoutKeys.BODY_CARVED_VOLUME,
            before.carved().all() / 1000,
            Text.of("found by adding up slices"),
            cutBody.surface.provenance());
    return registry.put(
        RoutKeys.BODY_MASS.called("Body, finished, estimated"),
        "max(0, m − ((v + c) · ρ + u · (ρ_t − ρ)) / 1000)",
        in("m", weights.body()),
        in("v", cut),
        in("c", carved),
        in("u", ofCap(cutBody, before.cut().plus(before.carved()))),
        in("ρ_t", capDensity(before)),
        in("ρ", density(before)));
  }

  /** What the body weighs now, where wood is still to come off it; untold when it was weighed. */
  private static void now(
      CutBody cutBody, BodyBlank body, Value mass, Uncut before, ValueRegistry registry) {
    List<Cut> made = made(cutBody);
    boolean begun = !made.isEmpty() || !cutBody.state.isFinished();
    if (!begun || cutBody.inputs.get(BodyDecisions.BODY_WEIGHED).value() > 0) {
      return;
    }
    List<Cut> bores = relief(cutBody);
    RemovedWood cutting = before.cut().less(before.gone());
    double toCome = cutting.all() + volume(bores.stream().filter(b -> !made.contains(b)).toList());
    double ring =
        cutBody.surface.edge().length()
            * cutBody.state.outside().value()
            * cutBody.thickness().value();
    RemovedWood shaping =
        before
            .carved()
            .less(carved(cutBody, cutBody.surfaceNow, before.thick()))
            .plus(new RemovedWood(ring, 0));
    registry.put(
        RoutKeys.BODY_MASS_NOW,
        "m + ((v + c + A · s / 10) · ρ + u · (ρ_t − ρ)) / 1000",
        in("m", mass),
        in(
            "v",
            SearchedValue.of(
                RoutKeys.BODY_CUT_TO_COME,
                toCome / 1000,
                Text.of("found by adding up the cuts that are not made yet"),
                cutBody.everything())),
        in(
            "c",
            SearchedValue.of(
                RoutKeys.BODY_SHAPE_TO_COME,
                shaping.all() / 1000,
                Text.of("found by adding up slices"),
                cutBody.surfaceNow.provenance())),
        in("u", ofCap(cutBody, cutting.plus(shaping))),
        in("ρ_t", capDensity(before)),
        in("A", body.outline().area()),
        in("s", cutBody.state.stock()),
        in("ρ", density(before)));
  }

  private static Value ofCap(CutBody cutBody, RemovedWood removed) {
    return SearchedValue.of(
        RoutKeys.BODY_CAP_VOLUME,
        removed.cap() / 1000,
        Text.of("found by adding up what lies in top and veneer"),
        cutBody.everything());
  }

  private static Value capDensity(Uncut before) {
    return TableValue.of(RoutKeys.BODY_CAP_DENSITY, before.cap(), Text.of("wood table"));
  }

  private static Value density(Uncut before) {
    return TableValue.of(RoutKeys.BODY_DENSITY, before.density(), Text.of("wood table"));
  }

  /** The slab's middle, moved by what was cut from it. */
  private static double bodyMiddle(CutBody cutBody, BodyBlank body, Uncut before) {
    double slabVolume = body.outline().area().value() * 100 * cutBody.thickness().value();
    double moment = slabVolume * cutBody.surface.edge().shape().centre().x();
    double left = slabVolume;
    for (Cut cut : cutBody.cuts) {
      double volume = cut.volume();
      moment -= volume * cut.middleX();
      left -= volume;
    }
    return left > 1 ? moment / left : cutBody.surface.edge().shape().centre().x();
  }
}

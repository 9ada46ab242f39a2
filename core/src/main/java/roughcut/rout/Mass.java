package roughcut.rout;

import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.blank.BodyBlank;
import roughcut.blank.Weights;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.Fitting;
import roughcut.design.OperationId;
import roughcut.design.RoutDecisions;
import roughcut.measure.Basis;
import roughcut.measure.Found;
import roughcut.measure.Known;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
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
public record Mass(Value body, Value instrument, Value balance, Value behind) {
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
      Removed cut, Removed gone, Removed carved, double density, double cap, double thick) {
    /** What all of that weighs, g. */
    double grams() {
      Removed all = cut.plus(carved);
      return (all.all() * density + all.cap() * (cap - density)) / 1e6;
    }
  }

  static Uncut uncut(CutSlab slab, BodyBlank body, Shop shop) {
    double density = BodyBlank.density(shop, body.backWood().id());
    double cap = BodyBlank.density(shop, body.topWood().id());
    double thick = cap == density ? 0 : slab.cap();
    List<Cut> made = made(slab);
    List<Cut> toCome = new ArrayList<>(slab.cuts);
    toCome.removeAll(made);
    Optional<Cut> top = Removed.cap(slab, thick);
    Removed gone = Removed.by(slab, List.of(), made, top, "gone");
    return new Uncut(
        gone.plus(Removed.by(slab, made, toCome, top, "to come")),
        gone,
        slab.memo.block(
            List.of("carved", thick),
            List.of(slab.surface),
            () -> Removed.carved(slab.surface, thick)),
        density,
        cap,
        thick);
  }

  private static List<Cut> made(CutSlab slab) {
    return slab.cuts.stream().filter(c -> slab.givens.done(OperationId.cut(c.row()))).toList();
  }

  private static double volume(List<Cut> cuts) {
    return cuts.stream().mapToDouble(Cut::volume).sum();
  }

  /** The bores that were worked out to bring the body to its weight. */
  private static List<Cut> relief(CutSlab slab) {
    return slab.cuts.stream()
        .filter(c -> c.kind() == CutKind.RELIEF && c.row().equals("relief"))
        .filter(c -> slab.givens.design().fitting(c.name()).isEmpty())
        .toList();
  }

  static Mass of(
      CutSlab slab, BodyBlank body, Weights weights, Uncut before, double saddle, Ledger ledger) {
    Value mass = body(slab, weights, before, ledger);
    now(slab, body, mass, before, ledger);
    Value other = slab.givens.get(RoutDecisions.OTHER_MASS);
    Value share = slab.givens.get(RoutDecisions.OTHER_AT);
    double fitted = 0;
    double moment = 0;
    for (Fitting fitting : slab.givens.design().fittings()) {
      double own = fitting.listed().mass();
      fitted += own;
      moment +=
          own
              * slab.cut(fitting.name())
                  .map(Cut::middleX)
                  .orElse((slab.surface.from() + saddle) / 2);
    }
    Value hardware =
        Found.of(RoutKeys.FITTINGS_MASS, fitted, "found by adding them up", Basis.NONE);
    Value instrument =
        ledger.put(
            RoutKeys.INSTRUMENT_MASS,
            "m_b + m_n + m_f + m_o",
            in("m_b", mass),
            in("m_n", weights.neck()),
            in("m_f", hardware),
            in("m_o", other));
    Value bodyAt =
        Found.of(
            RoutKeys.BODY_BALANCE_X,
            bodyMiddle(slab, body, before),
            "found by balancing what is left",
            slab.everything());
    Value neckAt =
        Found.of(
            RoutKeys.NECK_BALANCE_X,
            weights.neckAt(),
            "found by balancing its slices",
            weights.basis());
    Value fittedAt =
        Found.of(
            RoutKeys.FITTINGS_BALANCE_X,
            fitted > 0 ? moment / fitted : 0,
            "found by balancing them",
            slab.everything());
    Value headAt =
        Found.of(
            RoutKeys.TUNERS_X,
            weights.headAt(),
            "found halfway along the head",
            Basis.of(slab.givens.get(Decisions.HEAD_LENGTH)));
    Value bridgeAt =
        Found.of(RoutKeys.BRIDGE_X, saddle, "found at the saddle line", slab.surface.basis());
    Value balance =
        ledger.put(
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
        Found.of(RoutKeys.STRAP_FRONT, strap(slab), "found on the body’s edge", slab.everything());
    return new Mass(
        mass,
        instrument,
        balance,
        ledger.put(RoutKeys.BALANCE_BEHIND_STRAP, "x − x_s", in("x", balance), in("x_s", strap)));
  }

  /** Where it hangs in front: the foremost strap button, or the longer horn's front. */
  private static double strap(CutSlab slab) {
    return slab.cuts.stream()
        .filter(c -> c.kind() == CutKind.STRAP)
        .mapToDouble(Cut::middleX)
        .min()
        .orElse(slab.surface.edge().shape().bounds().left());
  }

  private static Value body(CutSlab slab, Weights weights, Uncut before, Ledger ledger) {
    Value weighed = slab.givens.get(BodyDecisions.BODY_WEIGHED);
    if (weighed.value() > 0) {
      return ledger.put(RoutKeys.BODY_MASS, "m", in("m", weighed));
    }
    Value cut =
        Found.of(
            RoutKeys.BODY_CUT_VOLUME,
            (before.cut().all() + volume(relief(slab))) / 1000,
            "found by adding the cuts up",
            slab.everything());
    Value carved =
        Found.of(
            RoutKeys.BODY_CARVED_VOLUME,
            before.carved().all() / 1000,
            "found by adding slices up",
            slab.surface.basis());
    return ledger.put(
        RoutKeys.BODY_MASS.called("Body, finished, estimated"),
        "max(0, m − ((v + c) · ρ + u · (ρ_t − ρ)) / 1000)",
        in("m", weights.body()),
        in("v", cut),
        in("c", carved),
        in("u", ofCap(slab, before.cut().plus(before.carved()))),
        in("ρ_t", capDensity(before)),
        in("ρ", density(before)));
  }

  /** What the body weighs now, where wood is still to come off it; untold when it was weighed. */
  private static void now(CutSlab slab, BodyBlank body, Value mass, Uncut before, Ledger ledger) {
    List<Cut> made = made(slab);
    boolean begun = !made.isEmpty() || !slab.state.isFinished();
    if (!begun || slab.givens.get(BodyDecisions.BODY_WEIGHED).value() > 0) {
      return;
    }
    List<Cut> bores = relief(slab);
    Removed cutting = before.cut().less(before.gone());
    double toCome = cutting.all() + volume(bores.stream().filter(b -> !made.contains(b)).toList());
    double ring =
        slab.surface.edge().length() * slab.state.outside().value() * slab.thickness().value();
    Removed shaping =
        before
            .carved()
            .less(Removed.carved(slab.surface.at(slab.state), before.thick()))
            .plus(new Removed(ring, 0));
    ledger.put(
        RoutKeys.BODY_MASS_NOW,
        "m + ((v + c + A · s / 10) · ρ + u · (ρ_t − ρ)) / 1000",
        in("m", mass),
        in(
            "v",
            Found.of(
                RoutKeys.BODY_CUT_TO_COME,
                toCome / 1000,
                "found by adding up the cuts that are not made yet",
                slab.everything())),
        in(
            "c",
            Found.of(
                RoutKeys.BODY_SHAPE_TO_COME,
                shaping.all() / 1000,
                "found by adding slices up",
                slab.surface.at(slab.state).basis())),
        in("u", ofCap(slab, cutting.plus(shaping))),
        in("ρ_t", capDensity(before)),
        in("A", body.outline().area()),
        in("s", slab.state.stock()),
        in("ρ", density(before)));
  }

  private static Value ofCap(CutSlab slab, Removed removed) {
    return Found.of(
        RoutKeys.BODY_CAP_VOLUME,
        removed.cap() / 1000,
        "found by adding up what lies in top and veneer",
        slab.everything());
  }

  private static Value capDensity(Uncut before) {
    return Known.of(RoutKeys.BODY_CAP_DENSITY, before.cap(), "the table of woods");
  }

  private static Value density(Uncut before) {
    return Known.of(RoutKeys.BODY_DENSITY, before.density(), "the table of woods");
  }

  /** The slab's middle, moved by what was cut from it. */
  private static double bodyMiddle(CutSlab slab, BodyBlank body, Uncut before) {
    double slabVolume = body.outline().area().value() * 100 * slab.thickness().value();
    double moment = slabVolume * slab.surface.edge().shape().centre().x();
    double left = slabVolume;
    for (Cut cut : slab.cuts) {
      double volume = cut.volume();
      moment -= volume * cut.middleX();
      left -= volume;
    }
    return left > 1 ? moment / left : slab.surface.edge().shape().centre().x();
  }
}

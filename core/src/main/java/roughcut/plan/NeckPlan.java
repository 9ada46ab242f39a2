package roughcut.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.blank.BodyBlank;
import roughcut.blank.NeckBlank;
import roughcut.blank.Weights;
import roughcut.design.NeckDecisions;
import roughcut.design.NumberDecision;
import roughcut.fretboard.FretPins;
import roughcut.fretboard.Slots;
import roughcut.layout.FretLayout;
import roughcut.measure.Basis;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.memo.Memo;
import roughcut.neck.AccessBore;
import roughcut.neck.BlankReach;
import roughcut.neck.Carving;
import roughcut.neck.Channel;
import roughcut.neck.NeckDetails;
import roughcut.neck.NeckKeys;
import roughcut.neck.NeckShape;
import roughcut.neck.RodAccess;
import roughcut.neck.RodChannel;
import roughcut.neck.ScarfJoint;
import roughcut.neck.ScarfMarks;
import roughcut.neck.Splines;
import roughcut.neck.StepDown;
import roughcut.neck.Stiffeners;
import roughcut.neck.ThroughCore;
import roughcut.neck.TunerLayout;
import roughcut.neck.UnderFretboard;
import roughcut.record.Givens;
import roughcut.shop.Shop;
import roughcut.strings.Heights;
import roughcut.strings.NutWork;
import roughcut.thin.NeckThinSpots;

/**
 * The neck: its stack, its shape, its head, what is cut into it and how it is carved.
 *
 * @param following what stands in decisions' places from now on, by their ids: a through-neck ends
 *     where its body does
 * @param core of a through-neck; empty for one that ends in a heel
 * @param pins that keep the fretboard in place while it is glued
 * @param side blank outside the neck's outline, each side
 * @param spare stock of the shaft below the finished back where it is deepest
 * @param reach how deep the blank's wood reaches along the neck, heel or core included
 * @param rearranged whether steps of gluing turn or part the strips, so that they lie otherwise
 *     than listed
 */
public record NeckPlan(
    Map<String, Value> following,
    Optional<ThroughCore> core,
    NeckBlank blank,
    NeckShape shape,
    HeadPlan head,
    RodChannel rod,
    NeckDetails details,
    NutWork nut,
    List<FretPins> pins,
    Value side,
    Value spare,
    BlankReach reach,
    boolean rearranged,
    Told told) {

  static NeckPlan of(
      Ground before, LayoutPlan layout, FretboardPlan fretboard, StringPlan strings, Memo memo) {
    Ledger ledger = new Ledger();
    Optional<ThroughCore> core =
        ThroughCore.of(
            before.givens(), layout.outline(), layout.taper(), strings.heights(), ledger);
    Map<String, Value> following = core.map(c -> c.standsIn(before.givens())).orElse(Map.of());
    Ground ground = before.with(following);
    Givens givens = ground.givens();
    FretLayout frets = layout.frets();
    NeckBlank blank = memo.same("neck blank", NeckBlank.of(givens, layout.taper(), ledger));
    NeckShape shape =
        memo.same(
            "neck shape",
            NeckShape.of(givens, frets, layout.taper(), blank, strings.heights().seat(), core));
    HeadPlan head = HeadPlan.of(givens, layout, shape, ledger);
    RodChannel rod = memo.same("rod", RodChannel.of(givens, shape, ledger), RodChannel::alike);
    NeckDetails details =
        details(givens, fretboard, strings, blank, shape, head, rod, frets, ledger, memo);
    NeckThinSpots.Left left =
        NeckThinSpots.of(
            ground.shop(), frets, blank, shape, head.stock(shape.shaft()), rod, details, ledger);
    return new NeckPlan(
        following,
        core,
        blank,
        shape,
        head,
        rod,
        details,
        NutWork.of(
            givens,
            frets,
            layout.strings(),
            fretboard.radius(),
            head.tuners().tuners().stream().map(TunerLayout.Tuner::breakAngle).toList(),
            ledger),
        UnderFretboard.pins(givens, frets, layout.taper(), rod, details.stiffeners(), ledger),
        left.side(),
        left.shaft(),
        reach(givens, shape, head, core),
        givens.design().rearranged(),
        Told.of(
            ledger,
            left.spots(),
            List.of(
                NeckProblems.of(givens, frets, shape, details),
                ScarfProblems.of(givens, head.scarf(), head.tuners()),
                ChannelProblems.access(
                    givens,
                    Optional.ofNullable(ledger.values().get(NeckKeys.ACCESS_BACK_LEAST.id()))))));
  }

  private static NeckDetails details(
      Givens givens,
      FretboardPlan fretboard,
      StringPlan strings,
      NeckBlank blank,
      NeckShape shape,
      HeadPlan head,
      RodChannel rod,
      FretLayout frets,
      Ledger ledger,
      Memo memo) {
    Optional<Stiffeners> stiffeners =
        Optional.ofNullable(Stiffeners.of(givens, shape, rod, ledger))
            .map(s -> memo.same("stiffeners", s, Stiffeners::alike));
    Optional<ScarfJoint> scarf = head.scarf();
    // A head in one piece is weakest where its short grain begins, at the break.
    Optional<Splines> splines =
        scarf.isPresent() || head.shortGrain()
            ? Splines.of(givens, scarf, shape, rod, ledger)
            : Optional.empty();
    return new NeckDetails(
        head.flat(),
        StepDown.of(givens, shape.head()),
        head.volute(),
        scarf.map(s -> ScarfMarks.of(givens, s, head.face(), shape, blank, ledger)),
        splines,
        stiffeners,
        switch (rod.reach()) {
          case HEAD_BORE -> AccessBore.of(givens, shape.head(), shape, rod, ledger);
          case HEAD_POCKET, HEEL, FRETBOARD_END -> Optional.empty();
        },
        keyWay(givens, fretboard.slots(), strings.heights(), shape, head, rod, ledger),
        head.tuners(),
        Carving.of(
            givens,
            frets,
            shape,
            head.stock(shape.shaft()),
            fretboard.radius().edgeAtEnd(),
            ledger));
  }

  private static Optional<RodAccess> keyWay(
      Givens givens,
      Slots slots,
      Heights heights,
      NeckShape shape,
      HeadPlan head,
      RodChannel rod,
      Ledger ledger) {
    return switch (rod.reach()) {
      case HEAD_BORE -> Optional.empty();
      case HEAD_POCKET ->
          Optional.of(RodAccess.headPocket(givens, shape, head.face(), head.tuners(), ledger));
      case HEEL -> Optional.of(RodAccess.heelBore(givens, shape, rod, heights, ledger));
      case FRETBOARD_END -> Optional.of(RodAccess.fretboardEnd(givens, shape, rod, slots, ledger));
    };
  }

  /** How deep the blank has to be; empty when the shaft's depth will do. */
  Optional<Value> deep() {
    return deep(head, core);
  }

  private static Optional<Value> deep(HeadPlan head, Optional<ThroughCore> core) {
    Optional<Value> ofCore = core.map(ThroughCore::fromStrips);
    return ofCore.isEmpty()
        ? head.deep()
        : head.deep().filter(h -> h.value() >= ofCore.get().value()).or(() -> ofCore);
  }

  /** How deep the shaft's wood is. */
  public Value stock() {
    return head.stock(shape.shaft());
  }

  private static BlankReach reach(
      Givens givens, NeckShape shape, HeadPlan head, Optional<ThroughCore> core) {
    Value shaft = shape.shaft();
    // A through-neck's shaft is sawn out of the core's depth; any other is as deep as was planed.
    Value base =
        core.isEmpty()
            ? head.stock(shaft)
            : deep(head, core).filter(d -> d.value() > shaft.value()).orElse(shaft);
    return BlankReach.of(givens, base, shape.heelEnd(), core);
  }

  /** What is cut into the neck for bars, rod first. */
  static List<Channel> channels(RodChannel rod, Optional<Stiffeners> stiffeners) {
    List<Channel> all = new ArrayList<>(List.of(rod.channel()));
    stiffeners.ifPresent(s -> all.addAll(List.of(s.bass(), s.treble())));
    return all;
  }

  /** What shapes those channels. */
  Basis channelled() {
    return channelled(rod, details.stiffeners());
  }

  static Basis channelled(RodChannel rod, Optional<Stiffeners> stiffeners) {
    return rod.basis().and(stiffeners.map(Stiffeners::basis).orElse(Basis.NONE));
  }

  /** Density of its heaviest wood, kg/m³. */
  double density(Shop shop) {
    return density(blank, shop);
  }

  static double density(NeckBlank blank, Shop shop) {
    return blank.strips().stream()
        .mapToDouble(s -> BodyBlank.density(shop, s.strip().species()))
        .max()
        .orElse(0);
  }

  /** Rod and bars with what they weigh. */
  List<Weights.LetIn> letIn(Givens givens) {
    List<Weights.LetIn> bars = new ArrayList<>();
    bars.add(bar(givens, rod.channel(), NeckDecisions.ROD_MASS));
    details
        .stiffeners()
        .ifPresent(
            s -> {
              bars.add(bar(givens, s.bass(), NeckDecisions.STIFFENER_MASS));
              bars.add(bar(givens, s.treble(), NeckDecisions.STIFFENER_MASS));
            });
    return bars;
  }

  private static Weights.LetIn bar(Givens givens, Channel channel, NumberDecision mass) {
    return new Weights.LetIn(
        channel.volume(), givens.get(mass).value(), (channel.from() + channel.to()) / 2);
  }
}

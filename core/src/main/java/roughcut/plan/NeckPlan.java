package roughcut.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.blank.BodyBlank;
import roughcut.blank.NeckBlank;
import roughcut.blank.Weights;
import roughcut.clearance.NeckClearances;
import roughcut.design.NeckDecisions;
import roughcut.design.NumberDecision;
import roughcut.fretboard.FretPins;
import roughcut.fretboard.Slots;
import roughcut.layout.FretLayout;
import roughcut.measure.Provenance;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.memo.Memo;
import roughcut.neck.AccessBore;
import roughcut.neck.BlankReach;
import roughcut.neck.Carving;
import roughcut.neck.Channel;
import roughcut.neck.Headless;
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
import roughcut.neck.Tenon;
import roughcut.neck.ThroughCore;
import roughcut.neck.UnderFretboard;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Shop;
import roughcut.strings.BehindNut;
import roughcut.strings.Heights;
import roughcut.strings.NutWork;

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
    ChapterResult told) {

  static NeckPlan of(
      PlanInputs before,
      LayoutPlan layout,
      FretboardPlan fretboard,
      StringPlan strings,
      Memo memo) {
    ValueRegistry registry = new ValueRegistry();
    Optional<ThroughCore> core =
        ThroughCore.of(
            before.inputs(), layout.outline(), layout.taper(), strings.heights(), registry);
    Map<String, Value> following =
        new LinkedHashMap<>(core.map(c -> c.standsIn(before.inputs())).orElse(Map.of()));
    EffectiveInputs plain = before.with(Map.copyOf(following)).inputs();
    following.putAll(Headless.standsIn(before.inputs(), layout.frets(), layout.taper()));
    PlanInputs given = before.with(following);
    EffectiveInputs inputs = given.inputs();
    FretLayout frets = layout.frets();
    NeckBlank blank = memo.same("neck blank", NeckBlank.of(inputs, layout.taper(), registry));
    NeckShape shape =
        memo.same(
            "neck shape",
            NeckShape.of(inputs, frets, layout.taper(), blank, strings.heights().seat(), core));
    HeadPlan head = HeadPlan.of(inputs, plain, layout, shape, registry);
    RodChannel rod = memo.same("rod", RodChannel.of(inputs, shape, registry), RodChannel::alike);
    NeckDetails details =
        details(inputs, fretboard, strings, blank, shape, head, rod, frets, registry, memo);
    NeckClearances.Left left =
        NeckClearances.of(
            given.shop(), frets, blank, shape, head.stock(shape.shaft()), rod, details, registry);
    return new NeckPlan(
        following,
        core,
        blank,
        shape,
        head,
        rod,
        details,
        NutWork.of(
            inputs,
            frets,
            layout.strings(),
            fretboard.radius(),
            head.headpiece().isPresent() ? BehindNut.HEADPIECE : BehindNut.POSTS,
            head.breakAngles(),
            registry),
        UnderFretboard.pins(
            inputs, frets, layout.taper(), shape, rod, details.stiffeners(), registry),
        left.side(),
        left.shaft(),
        reach(inputs, shape, head, core),
        inputs.design().rearranged(),
        ChapterResult.of(
            registry,
            left.spots(),
            List.of(
                NeckProblems.of(inputs, frets, shape, details),
                HeadProblems.of(inputs, head, rod.reach(), layout.taper().halfWidth(0)),
                ScarfProblems.of(inputs, head.scarf(), head.tuners()),
                ChannelProblems.access(
                    inputs,
                    Optional.ofNullable(registry.values().get(NeckKeys.ACCESS_BACK_LEAST.id()))))));
  }

  private static NeckDetails details(
      EffectiveInputs inputs,
      FretboardPlan fretboard,
      StringPlan strings,
      NeckBlank blank,
      NeckShape shape,
      HeadPlan head,
      RodChannel rod,
      FretLayout frets,
      ValueRegistry registry,
      Memo memo) {
    Optional<Stiffeners> stiffeners =
        Optional.ofNullable(Stiffeners.of(inputs, shape, rod, registry))
            .map(s -> memo.same("stiffeners", s, Stiffeners::alike));
    Optional<ScarfJoint> scarf = head.scarf();
    // A head in one piece is weakest where its short grain begins, at the break.
    Optional<Splines> splines =
        scarf.isPresent() || head.shortGrain()
            ? Splines.of(inputs, scarf, shape, rod, registry)
            : Optional.empty();
    return new NeckDetails(
        head.flat(),
        StepDown.of(inputs, shape.head()),
        head.volute(),
        scarf.map(s -> ScarfMarks.of(inputs, s, head.face(), shape, blank, registry)),
        splines,
        stiffeners,
        switch (rod.reach()) {
          case HEAD_BORE ->
              head.headpiece().isPresent()
                  ? Optional.empty()
                  : AccessBore.of(inputs, shape.head(), shape, rod, registry);
          case HEAD_POCKET, HEEL, FRETBOARD_END -> Optional.empty();
        },
        keyWay(inputs, fretboard.slots(), strings.heights(), shape, head, rod, registry),
        head.tuners(),
        head.headpiece(),
        Tenon.of(inputs, shape, channels(rod, stiffeners), registry),
        Carving.of(
            inputs,
            frets,
            shape,
            head.stock(shape.shaft()),
            fretboard.radius().edgeAtEnd(),
            registry));
  }

  private static Optional<RodAccess> keyWay(
      EffectiveInputs inputs,
      Slots slots,
      Heights heights,
      NeckShape shape,
      HeadPlan head,
      RodChannel rod,
      ValueRegistry registry) {
    return switch (rod.reach()) {
      case HEAD_BORE -> Optional.empty();
      case HEAD_POCKET ->
          head.headpiece().isPresent()
              ? Optional.empty()
              : Optional.of(
                  RodAccess.headPocket(inputs, shape, head.face(), head.tuners(), registry));
      case HEEL -> Optional.of(RodAccess.heelBore(inputs, shape, rod, heights, registry));
      case FRETBOARD_END ->
          Optional.of(RodAccess.fretboardEnd(inputs, shape, rod, slots, registry));
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
      EffectiveInputs inputs, NeckShape shape, HeadPlan head, Optional<ThroughCore> core) {
    Value shaft = shape.shaft();
    // A through-neck's shaft is sawn out of the core's depth; any other is as deep as was planed.
    Value base =
        core.isEmpty()
            ? head.stock(shaft)
            : deep(head, core).filter(d -> d.value() > shaft.value()).orElse(shaft);
    return BlankReach.of(inputs, base, shape.heelEnd(), core);
  }

  /** What is cut into the neck for bars, rod first. */
  static List<Channel> channels(RodChannel rod, Optional<Stiffeners> stiffeners) {
    List<Channel> all = new ArrayList<>(List.of(rod.channel()));
    stiffeners.ifPresent(s -> all.addAll(List.of(s.bass(), s.treble())));
    return all;
  }

  /** What shapes those channels. */
  Provenance channelled() {
    return channelled(rod, details.stiffeners());
  }

  static Provenance channelled(RodChannel rod, Optional<Stiffeners> stiffeners) {
    return rod.provenance().and(stiffeners.map(Stiffeners::provenance).orElse(Provenance.NONE));
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
  List<Weights.LetIn> letIn(EffectiveInputs inputs) {
    List<Weights.LetIn> bars = new ArrayList<>();
    bars.add(bar(inputs, rod.channel(), NeckDecisions.ROD_MASS));
    details
        .stiffeners()
        .ifPresent(
            s -> {
              bars.add(bar(inputs, s.bass(), NeckDecisions.STIFFENER_MASS));
              bars.add(bar(inputs, s.treble(), NeckDecisions.STIFFENER_MASS));
            });
    return bars;
  }

  private static Weights.LetIn bar(EffectiveInputs inputs, Channel channel, NumberDecision mass) {
    return new Weights.LetIn(
        channel.volume(), inputs.get(mass).value(), (channel.from() + channel.to()) / 2);
  }
}

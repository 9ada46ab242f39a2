package roughcut.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import roughcut.bench.Operation;
import roughcut.bench.Operations;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.Fitting;
import roughcut.design.FittingTraits;
import roughcut.design.FretboardDecisions;
import roughcut.design.NeckDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.OperationId;
import roughcut.design.PartDecisions;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.fretboard.FretboardKeys;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Measurables;
import roughcut.record.Reading;
import roughcut.rout.CutKind;
import roughcut.shop.FinishBook;
import roughcut.shop.GlueBook;

/**
 * Everything that an instrument takes besides its wood: hardware and what is used up. What was
 * measured is in hand, and what an operation has taken needs nobody to get it any more.
 */
public final class HardwareNeeds {
  /**
   * One thing.
   *
   * @param what it is and how much of it
   * @param why it is wanted, or what for
   * @param inHand whether it was measured, so that it is there
   */
  public record Need(Text what, Text why, boolean inHand) {}

  private final Plan plan;
  private final Units units;
  private final Set<OperationId> operations;
  private final List<Need> all = new ArrayList<>();

  private HardwareNeeds(Plan plan, Units units) {
    this.plan = plan;
    this.units = units;
    this.operations =
        Operations.of(plan).stream().map(o -> new OperationId(o.id())).collect(Collectors.toSet());
  }

  /** What is still to be put in or used up, hardware first. */
  public static List<Need> of(Plan plan, Units units) {
    HardwareNeeds needs = new HardwareNeeds(plan, units);
    needs.hardware();
    needs.fittings();
    needs.frets();
    needs.supplies();
    return List.copyOf(needs.all);
  }

  /** The hardware among it: what is bought once and measured. */
  public static List<Need> hardware(Plan plan, Units units) {
    HardwareNeeds needs = new HardwareNeeds(plan, units);
    needs.hardware();
    needs.fittings();
    return List.copyOf(needs.all);
  }

  private void hardware() {
    int strings = plan.stringSet().size();
    if (plan.details().headpiece().isPresent()) {
      part(
          OperationId.HEADPIECE_FIT,
          Text.of("headpiece for {strings} strings", strings),
          NeckDecisions.HEADPIECE_STRINGS,
          NeckDecisions.HEADPIECE_HEIGHT,
          NeckDecisions.HEADPIECE_SPREAD,
          NeckDecisions.HEADPIECE_SCREW);
    } else {
      part(
          OperationId.TUNERS_FIT,
          handed(Text.of("{strings} tuners", strings)),
          NeckDecisions.TUNER_POST,
          NeckDecisions.TUNER_BUSHING,
          NeckDecisions.TUNER_BODY);
    }
    part(
        OperationId.BRIDGE_FIT,
        handed(Text.raw(plan.stringPlan().bridge().kind().name())),
        StringDecisions.BRIDGE_POSTS,
        StringDecisions.BRIDGE_FORWARD,
        StringDecisions.BRIDGE_LOW,
        StringDecisions.BRIDGE_HIGH);
    if (operations.contains(OperationId.ROD_CHANNEL)) {
      part(
          OperationId.BOARD_GLUE,
          Text.of("truss rod with its key"),
          Decisions.ROD_LENGTH,
          Decisions.ROD_WIDTH,
          Decisions.ROD_DEPTH);
    }
    if (operations.contains(OperationId.STIFFENER_CHANNELS)) {
      part(
          OperationId.BOARD_GLUE,
          Text.of("stiffeners"),
          NeckDecisions.STIFFENER_WIDTH,
          NeckDecisions.STIFFENER_DEPTH);
    }
    part(OperationId.NUT_SHAPE, handed(Text.of("nut blank")), Decisions.NUT_THICKNESS);
    plan.cuts()
        .bolts()
        .ifPresent(
            b ->
                part(
                    OperationId.NECK_SCREW_ON,
                    Text.of(
                        "{size} neck {given}",
                        b.places().size(),
                        plan.given(RoutDecisions.BOLT_KIND).label()),
                    RoutDecisions.BOLT_DIAMETER,
                    RoutDecisions.BOLT_HEAD));
  }

  private void fittings() {
    for (Fitting fitting : plan.build().design().fittings()) {
      List<FittingTraits.Trait> sizes =
          fitting.type().traits().stream().filter(FittingTraits.Trait::hardware).toList();
      if (!sizes.isEmpty() && !done(OperationId.WIRING_SOLDER)) {
        boolean inHand = sizes.stream().anyMatch(t -> read(fitting.id(t.key())));
        all.add(
            new Need(
                Text.of("{fitting}, {listed}", fitting.words(), fitting.listed().name()),
                inHand ? Text.of("measured") : Text.of("none measured yet"),
                inHand));
      }
    }
  }

  private void frets() {
    if (!done(OperationId.STRINGS_ON)) {
      boolean inHand =
          IntStream.rangeClosed(1, plan.stringSet().size())
              .anyMatch(i -> read(PartDecisions.gauge(i)));
      all.add(
          new Need(
              Text.of("{size} strings", plan.stringSet().size()),
              Text.of("as planned at the bridge"),
              inHand));
    }
    plan.value(FretboardKeys.WIRE_TOTAL.id())
        .filter(v -> !done(OperationId.FRETS_PRESS))
        .ifPresent(
            v ->
                all.add(
                    new Need(
                        Text.of("fret wire, {v}", Text.shown(v)),
                        Text.of("with some to spare"),
                        read(FretboardDecisions.WIRE_TANG_WIDTH))));
    int dots = plan.fretboard().markers().dots().size();
    if (dots > 0 && !done(OperationId.BOARD_DOTS)) {
      all.add(
          new Need(
              Text.of("{dots} position dots, and rod for the side dots", dots),
              Text.of("set before radiusing"),
              read(FretboardDecisions.MARKER_DIAMETER)));
    }
  }

  private void supplies() {
    List<Operation> glued =
        Operations.of(plan).stream()
            .filter(o -> !o.clamped().isEmpty() && !plan.log().isDone(o.id()))
            .toList();
    if (!glued.isEmpty()) {
      double mass =
          glued.stream()
              .flatMap(o -> o.poured().stream())
              .map(plan::value)
              .flatMap(Optional::stream)
              .mapToDouble(Value::value)
              .sum();
      String glue = GlueBook.get(plan.given(BlankDecisions.GLUE).word()).name();
      all.add(
          new Need(
              mass > 0
                  ? Text.of(
                      "{glue}, {mass} for blanks alone", glue, Text.shown(mass, Quantity.MASS))
                  : Text.raw(glue),
              Text.of(
                  "for: {operations}",
                  Text.joined(glued.stream().map(Operation::title).toList(), "; ")),
              false));
    }
    if (!plan.cuts().covers().isEmpty()) {
      supply(
          OperationId.COVERS_MAKE,
          Text.of("{size} cavity covers with screws", plan.cuts().covers().size()),
          Text.of("sawn to fit their ledges"));
    }
    boolean cavities =
        plan.cuts().cuts().stream()
            .anyMatch(c -> c.kind() == CutKind.CAVITY || c.kind() == CutKind.PICKUP);
    if (cavities) {
      supply(
          OperationId.WIRING_SHIELD,
          Text.of("copper foil or shielding paint"),
          Text.of("for the cavities"));
      supply(
          OperationId.WIRING_SOLDER,
          Text.of("hook-up wire and solder"),
          Text.of("for pickups, controls and jack"));
    }
    int grit = FinishBook.get(plan.given(RoutDecisions.FINISH).word()).grit();
    supply(
        OperationId.FINISH_SAND,
        Text.of("sandpaper to {grit}", grit),
        Text.of("for body and neck"));
    supply(
        OperationId.FINISH_COATS,
        Text.raw(FinishBook.get(plan.given(RoutDecisions.FINISH).word()).name()),
        Text.of("for its coats"));
  }

  /** Bought for the hand that plays it; nothing is said of the usual one. */
  private Text handed(Text what) {
    return switch (plan.given(Decisions.HAND)) {
      case RIGHT -> what;
      case LEFT -> Text.of("{what}, left-handed", what);
    };
  }

  /** Something that is fitted by an operation, in hand once any of its sizes was measured. */
  private void part(OperationId fittedBy, Text what, NumberDecision... sizes) {
    if (!done(fittedBy)) {
      boolean inHand = false;
      for (NumberDecision size : sizes) {
        inHand |= read(size);
      }
      all.add(new Need(what, inHand ? Text.of("measured") : Text.of("none measured yet"), inHand));
    }
  }

  /** Something that an operation uses up. */
  private void supply(OperationId usedBy, Text what, Text why) {
    if (operations.contains(usedBy) && !done(usedBy)) {
      all.add(new Need(what, why, false));
    }
  }

  private boolean done(OperationId operation) {
    return plan.log().isDone(operation);
  }

  private boolean read(NumberDecision decision) {
    return read(decision.id());
  }

  private boolean read(String id) {
    Reading reading = plan.build().measured().get(id);
    return reading != null && Measurables.find(plan.build().design(), id).isPresent();
  }
}

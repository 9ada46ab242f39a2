package roughcut.rout;

import static roughcut.measure.ComputedValue.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import roughcut.blank.BodyBlank;
import roughcut.blank.NeckBlank;
import roughcut.blank.Weights;
import roughcut.body.BodySurface;
import roughcut.design.BodyDecisions;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.NeckJoint;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.fretboard.Slots;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Prism;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.memo.Memo;
import roughcut.neck.Channel;
import roughcut.neck.NeckShape;
import roughcut.part.BodyState;
import roughcut.record.EffectiveInputs;
import roughcut.shop.FittingKind;
import roughcut.shop.Shop;
import roughcut.strings.Bridge;
import roughcut.strings.Heights;

/**
 * Everything that is cut into the body, in the order of work: pocket and bolts, bridge, pickups,
 * controls, edge, channels, plates, relief.
 *
 * @param surface of the finished body
 * @param surfaceNow of the body as it is
 * @param state the body as it is now
 * @param parts hardware as solids
 * @param covers of cavities, for the offcut
 * @param pocket none on a through-neck
 * @param bolts none unless bolted
 * @param mass what it all weighs
 * @param reliefMet whether relief bores bring it to the target
 * @param routs how each step of each rout is made, in the order of work
 * @param indexHoles on which templates and body are pinned
 * @param binding how far in from the edge binding is let in; 0 without any, mm
 * @param neckSeating how the neck's own places lie on the body
 * @param problems what can't be, and where
 * @param levelTops names of controls over which all of the top is left
 * @param bases what shapes cuts and parts, by their names
 */
public record BodyCuts(
    BodySurface surface,
    BodySurface surfaceNow,
    BodyState state,
    List<Cut> cuts,
    List<HardwareSolid> parts,
    List<CavityCover> covers,
    Optional<Pocket> pocket,
    Optional<Bolts> bolts,
    List<Pickup> pickups,
    FretAccess fretAccess,
    BodyMass mass,
    boolean reliefMet,
    List<RoutPlan> routs,
    List<IndexHole> indexHoles,
    double binding,
    NeckSeating neckSeating,
    List<CutProblem> problems,
    Set<String> levelTops,
    Map<String, Provenance> bases) {
  private static final double BOARD = 6;

  public BodyCuts {
    cuts = List.copyOf(cuts);
    parts = List.copyOf(parts);
    covers = List.copyOf(covers);
    pickups = List.copyOf(pickups);
    routs = List.copyOf(routs);
    indexHoles = List.copyOf(indexHoles);
    problems = List.copyOf(problems);
  }

  /** What can't be of a fitting, or else of what it holds or leads to; the first of several. */
  public Optional<Finding> problem(Design design, Fitting fitting) {
    Stream<Fitting> held = fitting.with().stream().flatMap(name -> design.fitting(name).stream());
    return Stream.concat(Stream.of(fitting), held)
        .flatMap(
            f ->
                problems.stream()
                    .map(CutProblem::finding)
                    .filter(p -> p.where().startsWith(f.id(""))))
        .findFirst();
  }

  /** What the cuts are worked out from. */
  public record From(
      EffectiveInputs inputs,
      Shop shop,
      FretLayout frets,
      FretboardTaper taper,
      StringSpread strings,
      NeckShape neck,
      Heights heights,
      Slots slots,
      Bridge bridge,
      List<Channel> channels,
      Provenance channelled,
      NeckBlank blank,
      double heelDensity,
      BodyBlank body,
      Weights weights,
      Memo memo) {}

  public static BodyCuts of(From f, ValueRegistry registry) {
    BodySurface surface =
        f.memo.block(
            "body surface",
            List.of(f.frets, f.body.outline()),
            () -> BodySurface.of(f.inputs, f.frets, f.body.outline()));
    CutBuilder builder = new CutBuilder(new BodyStock(f.inputs, registry, surface, f.shop, f.memo));
    registry.put(RoutKeys.BODY_PLANED_TO, "t", in("t", builder.thickness()));
    if (!builder.state.isFinished() && builder.state.stock().value() > 0) {
      registry.put(builder.state.stock());
    }
    registry.put(
        RoutKeys.BODY_THICKNESS_FINISHED,
        "t + 2 · f",
        in("t", builder.thickness()),
        in("f", f.inputs.get(RoutDecisions.FILM)));
    NeckJoint fixing = f.inputs.get(BodyDecisions.NECK_JOINT);
    Optional<Pocket> pocket =
        switch (fixing) {
          case BOLT_ON, SET_NECK -> Optional.of(pocket(f, builder));
          case THROUGH -> Optional.empty();
        };
    Optional<Bolts> bolts =
        switch (fixing) {
          case BOLT_ON -> pocket.map(p -> bolts(f, builder, p));
          case SET_NECK, THROUGH -> Optional.empty();
        };
    Value boardEnd = f.taper.end();
    builder.making(
        "fretboard",
        List.of(f.taper),
        () -> f.taper.provenance().with(boardEnd, f.neck.joint()),
        () -> fretboard(builder, f.taper));
    NeckSeating seating =
        f.memo.block(
            "seated",
            List.of(f.heights, f.neck, f.frets),
            () ->
                NeckSeating.of(
                    f.inputs, f.heights, f.neck.joint().value(), f.frets.scale().value()));
    builder.making(
        "bridge",
        List.of(f.bridge, f.heights, seating),
        () ->
            f.bridge
                .provenance()
                .and(f.heights.provenance(), seating.provenance())
                .with(f.inputs.get(StringDecisions.BRIDGE_ANCHOR)),
        () -> new BridgeRouts(builder, f.bridge, seating).all());
    FittingCuts fittings =
        new FittingCuts(
            builder, new Pickup.Under(f.frets, f.strings, f.heights, seating, boardEnd));
    fittings.all();
    List<CavityCover> covers = fittings.covers();
    BodyMass.Uncut before =
        f.memo.block(
            "uncut",
            List.of(f.body, surface, builder.state),
            builder::now,
            () -> {
              builder.cuts();
              return BodyMass.uncut(builder.done(), f.body, f.shop);
            });
    double target = f.inputs.get(RoutDecisions.MASS_TARGET).value();
    double now = f.weights.body().value() - before.grams();
    ReliefBores relief =
        builder.making(
            "relief",
            List.of(f.weights, before),
            builder::everything,
            () ->
                ReliefBores.of(
                    builder,
                    target > 0 ? now - target : 0,
                    Provenance.of(f.weights.body()),
                    before.density()));
    check(builder);
    unknownKinds(builder);
    CutBody all = builder.done();
    DrillStops.tell(all);
    return new BodyCuts(
        surface,
        builder.surfaceNow,
        builder.state,
        all.cuts,
        all.parts,
        covers,
        pocket,
        bolts,
        fittings.pickups(),
        FretAccess.of(f.neck.joint(), f.body.outline(), f.frets, f.taper, registry),
        BodyMass.of(all, f.body, f.weights, before, f.frets.scale().value(), registry),
        relief.met(),
        RoutPlan.all(all, f.shop, before.density(), pocket.map(Pocket::tilt)),
        IndexHole.all(all),
        f.body.binding().map(b -> b.channelWidth().value()).orElse(0.0),
        seating,
        all.problems,
        Set.copyOf(builder.levelTops),
        all.bases);
  }

  private static Pocket pocket(From f, CutBuilder builder) {
    return builder.making(
        "pocket",
        List.of(f.neck, f.heights, f.taper),
        () -> f.neck.provenance().and(f.heights.provenance(), f.taper.provenance()),
        () -> Pocket.of(builder, f.neck, f.heights));
  }

  private static Bolts bolts(From f, CutBuilder builder, Pocket pocket) {
    List<Object> from = new ArrayList<>(List.of(f.neck, f.heights, f.slots, f.blank, pocket));
    from.addAll(f.channels);
    return builder.making(
        "bolts",
        from,
        () ->
            f.neck
                .provenance()
                .and(
                    f.heights.provenance(),
                    f.channelled,
                    builder.provenance(pocket.cut()),
                    builder.surface.heights()),
        () -> Bolts.of(builder, pocket, f.neck, f.heights, f.slots, f.heelDensity, f.channels));
  }

  /** The fretboard where it lies over the body, so that rings and plates keep off it. */
  private static void fretboard(CutBuilder builder, FretboardTaper taper) {
    double from = builder.surface.from();
    double to = taper.end().value();
    if (to <= from + 1) {
      return;
    }
    Outline shape =
        Outline.of(
            new Point(from, -taper.halfWidth(from)),
            new Point(to, -taper.halfWidth(to)),
            new Point(to, taper.halfWidth(to)),
            new Point(from, taper.halfWidth(from)));
    if (taper.halfWidth(to) > 1 && taper.halfWidth(from) > 1) {
      builder.add(
          new HardwareSolid(
              "fretboard",
              Text.of("fretboard"),
              "fretboard",
              new Prism(shape.corners(), -BOARD, -Precision.TOUCHING, 0),
              shape,
              true));
    }
  }

  /** Kinds that aren't in the book count with the sizes of the usual one, and that is said. */
  private static void unknownKinds(CutBuilder builder) {
    for (Fitting fitting : builder.inputs.design().fittings()) {
      FittingKind counted = fitting.listed();
      if (!counted.id().equals(fitting.kind())) {
        builder.addProblem(
            fitting.id("kind"),
            Message.of(
                    Text.of(
                        "{fitting}: “{kind}” is not in this program's list.",
                        fitting.words().capital(),
                        fitting.kind()))
                .why(Text.of("It is planned as “{counted}”.", counted.name()))
                .fix(Text.of("Choose its type.")),
            new Point(builder.surface.from(), 0));
      }
    }
  }

  /** Routs deeper than the body is thick, or outside its outline. */
  private static void check(CutBuilder builder) {
    for (Cut cut : builder.cuts()) {
      Point at = cut.shapes().get(0).centre();
      boolean through = cut.kind().ends() == CutKind.Ends.THROUGH;
      if (!through
          && !cut.steps().isEmpty()
          && cut.depth() >= builder.thickness().value() + builder.surface.riseAt(at.x())) {
        String own = "rout." + cut.name() + ".depth";
        builder.addProblem(
            cut.kind() == CutKind.POCKET ? Topic.BODY : Topic.ROUTS,
            cut.kind() == CutKind.POCKET
                ? BodyDecisions.BODY_THICKNESS.id()
                : builder
                            .inputs
                            .decided(FittingDecisions.depth(builder.inputs.design(), cut.name()))
                            .value()
                        > 0
                    ? own
                    : cut.changedBy().get(0),
            Message.of(
                    Text.of(
                        "The {cut} is {depth} deep, and the body {thickness} thick.",
                        cut.words(),
                        Text.length(cut.depth(), 1),
                        Text.length(builder.thickness().value(), 1)))
                .fix(Text.of("Make it less deep, or use a thicker body.")),
            at);
      }
      boolean open = cut.kind() == CutKind.POCKET || cut.from() == CutFrom.EDGE;
      if (!open
          && cut.shapes().stream()
              .noneMatch(
                  o -> o.corners().stream().anyMatch(builder.surface.edge().shape()::contains))) {
        builder.addProblem(
            cut.changedBy().get(0),
            Message.of(Text.of("The cut for the {cut} is outside the body outline.", cut.words()))
                .fix(Text.of("Move it onto the body.")),
            at);
      }
    }
  }

  /** What shapes a cut. */
  public Provenance provenance(Cut cut) {
    return bases.getOrDefault(cut.name(), Provenance.NONE);
  }

  /** What shapes a piece of hardware and places it. */
  public Provenance provenance(HardwareSolid part) {
    return bases.getOrDefault(CutBody.PART + part.id(), Provenance.NONE);
  }

  /** The cut of that name. */
  public Optional<Cut> cut(String name) {
    return cuts.stream().filter(c -> c.name().equals(name)).findFirst();
  }

  /** How a rout's steps are made, the widest first. */
  public List<RoutPlan> plansOf(String cut) {
    return routs.stream().filter(r -> r.cut().name().equals(cut)).toList();
  }

  /** The cut that a fitting makes; none for one that only covers or that could not be made. */
  public Optional<Cut> cutOf(Fitting fitting) {
    return cut(fitting.name());
  }
}

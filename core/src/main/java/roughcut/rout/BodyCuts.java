package roughcut.rout;

import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roughcut.blank.BodyBlank;
import roughcut.blank.NeckBlank;
import roughcut.blank.Weights;
import roughcut.body.BodySurface;
import roughcut.design.BodyDecisions;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.NeckJoint;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.finding.Topic;
import roughcut.fretboard.Slots;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Prism;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.measure.Basis;
import roughcut.measure.Ledger;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.memo.Memo;
import roughcut.neck.Channel;
import roughcut.neck.NeckShape;
import roughcut.part.BodyState;
import roughcut.record.Givens;
import roughcut.shop.FittingKind;
import roughcut.shop.Shop;
import roughcut.strings.Bridge;
import roughcut.strings.Heights;

/**
 * Everything that is cut into the body, in the order of work: pocket and bolts, bridge, pickups,
 * controls, edge, channels, plates, relief.
 *
 * @param surface of the finished body
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
 * @param seated how the neck's own places lie on the body
 * @param troubles what can't be, and where
 * @param levelTops names of controls over which all of the top is left
 * @param bases what shapes cuts and parts, by their names
 */
public record BodyCuts(
    BodySurface surface,
    BodyState state,
    List<Cut> cuts,
    List<Part> parts,
    List<Cover> covers,
    Optional<Pocket> pocket,
    Optional<Bolts> bolts,
    List<Pickup> pickups,
    Reach reach,
    Mass mass,
    boolean reliefMet,
    List<RoutPlan> routs,
    List<IndexHole> indexHoles,
    double binding,
    Seated seated,
    List<Trouble> troubles,
    Set<String> levelTops,
    Map<String, Basis> bases) {
  private static final double BOARD = 6;

  public BodyCuts {
    cuts = List.copyOf(cuts);
    parts = List.copyOf(parts);
    covers = List.copyOf(covers);
    pickups = List.copyOf(pickups);
    routs = List.copyOf(routs);
    indexHoles = List.copyOf(indexHoles);
    troubles = List.copyOf(troubles);
  }

  /** What the cuts are worked out from. */
  public record From(
      Givens givens,
      Shop shop,
      FretLayout frets,
      FretboardTaper taper,
      StringSpread strings,
      NeckShape neck,
      Heights heights,
      Slots slots,
      Bridge bridge,
      List<Channel> channels,
      Basis channelled,
      NeckBlank blank,
      double heelDensity,
      BodyBlank body,
      Weights weights,
      Memo memo) {}

  public static BodyCuts of(From f, Ledger ledger) {
    BodySurface surface =
        f.memo.block(
            "body surface",
            List.of(f.frets, f.body.outline()),
            () -> BodySurface.of(f.givens, f.frets, f.body.outline()));
    Cutting slab = new Cutting(new Slab(f.givens, ledger, surface, f.shop, f.memo));
    ledger.put(RoutKeys.BODY_PLANED_TO, "t", in("t", slab.thickness()));
    if (!slab.state.isFinished() && slab.state.stock().value() > 0) {
      ledger.put(slab.state.stock());
    }
    ledger.put(
        RoutKeys.BODY_THICKNESS_FINISHED,
        "t + 2 · f",
        in("t", slab.thickness()),
        in("f", f.givens.get(RoutDecisions.FILM)));
    NeckJoint fixing = f.givens.get(BodyDecisions.NECK_JOINT);
    Optional<Pocket> pocket =
        switch (fixing) {
          case BOLT_ON, SET_NECK -> Optional.of(pocket(f, slab));
          case THROUGH -> Optional.empty();
        };
    Optional<Bolts> bolts =
        switch (fixing) {
          case BOLT_ON -> pocket.map(p -> bolts(f, slab, p));
          case SET_NECK, THROUGH -> Optional.empty();
        };
    Value boardEnd = f.taper.end();
    slab.making(
        "fretboard",
        List.of(f.taper),
        () -> f.taper.basis().with(boardEnd, f.neck.joint()),
        () -> fretboard(slab, f.taper));
    Seated seated =
        f.memo.block(
            "seated",
            List.of(f.heights, f.neck, f.frets),
            () -> Seated.of(f.givens, f.heights, f.neck.joint().value(), f.frets.scale().value()));
    slab.making(
        "bridge",
        List.of(f.bridge, f.heights, seated),
        () ->
            f.bridge
                .basis()
                .and(f.heights.basis(), seated.basis())
                .with(f.givens.get(StringDecisions.BRIDGE_ANCHOR)),
        () -> new BridgeRouts(slab, f.bridge, seated).all());
    FittingCuts fittings =
        new FittingCuts(slab, new Pickup.Under(f.frets, f.strings, f.heights, seated, boardEnd));
    fittings.all();
    List<Cover> covers = fittings.covers();
    Mass.Uncut before =
        f.memo.block(
            "uncut",
            List.of(f.body, surface, slab.state),
            slab::now,
            () -> {
              slab.cuts();
              return Mass.uncut(slab.done(), f.body, f.shop);
            });
    double target = f.givens.get(RoutDecisions.MASS_TARGET).value();
    double now = f.weights.body().value() - before.grams();
    Relief relief =
        slab.making(
            "relief",
            List.of(f.weights, before),
            slab::everything,
            () ->
                Relief.of(
                    slab,
                    target > 0 ? now - target : 0,
                    Basis.of(f.weights.body()),
                    before.density()));
    check(slab);
    unknownKinds(slab);
    CutSlab all = slab.done();
    Stops.tell(all);
    return new BodyCuts(
        surface,
        slab.state,
        all.cuts,
        all.parts,
        covers,
        pocket,
        bolts,
        fittings.pickups(),
        Reach.of(f.neck.joint(), f.body.outline(), f.frets, f.taper, ledger),
        Mass.of(all, f.body, f.weights, before, f.frets.scale().value(), ledger),
        relief.met(),
        RoutPlan.all(all, f.shop, before.density(), pocket.map(Pocket::tilt)),
        IndexHole.all(all),
        f.body.binding().map(b -> b.channelWidth().value()).orElse(0.0),
        seated,
        all.troubles,
        Set.copyOf(slab.levelTops),
        all.bases);
  }

  private static Pocket pocket(From f, Cutting slab) {
    return slab.making(
        "pocket",
        List.of(f.neck, f.heights, f.taper),
        () -> f.neck.basis().and(f.heights.basis(), f.taper.basis()),
        () -> Pocket.of(slab, f.neck, f.heights));
  }

  private static Bolts bolts(From f, Cutting slab, Pocket pocket) {
    List<Object> from = new ArrayList<>(List.of(f.neck, f.heights, f.slots, f.blank, pocket));
    from.addAll(f.channels);
    return slab.making(
        "bolts",
        from,
        () ->
            f.neck
                .basis()
                .and(
                    f.heights.basis(),
                    f.channelled,
                    slab.basis(pocket.cut()),
                    slab.surface.heights()),
        () -> Bolts.of(slab, pocket, f.neck, f.heights, f.slots, f.heelDensity, f.channels));
  }

  /** The fretboard where it lies over the body, so that rings and plates keep off it. */
  private static void fretboard(Cutting slab, FretboardTaper taper) {
    double from = slab.surface.from();
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
      slab.add(
          new Part(
              "fretboard",
              "fretboard",
              "fretboard",
              new Prism(shape.corners(), -BOARD, -0.01, 0),
              shape,
              true));
    }
  }

  /** Kinds that aren't in the book count with the sizes of the usual one, and that is said. */
  private static void unknownKinds(Cutting slab) {
    for (Fitting fitting : slab.givens.design().fittings()) {
      FittingKind counted = fitting.listed();
      if (!counted.id().equals(fitting.kind())) {
        slab.trouble(
            fitting.id("kind"),
            fitting.words()
                + ": “"
                + fitting.kind()
                + "” is no kind in this program's list; it counts as “"
                + counted.name()
                + "” until another is chosen",
            new Point(slab.surface.from(), 0));
      }
    }
  }

  /** Routs deeper than the body is thick, or outside its outline. */
  private static void check(Cutting slab) {
    for (Cut cut : slab.cuts()) {
      Point at = cut.shapes().get(0).centre();
      boolean through = cut.kind().ends() == CutKind.Ends.THROUGH;
      if (!through
          && !cut.steps().isEmpty()
          && cut.depth() >= slab.thickness().value() + slab.surface.riseAt(at.x())) {
        String own = "rout." + cut.name() + ".depth";
        slab.trouble(
            cut.kind() == CutKind.POCKET ? Topic.BODY : Topic.ROUTS,
            cut.kind() == CutKind.POCKET
                ? BodyDecisions.BODY_THICKNESS.id()
                : slab.givens
                            .wanted(FittingDecisions.depth(slab.givens.design(), cut.name()))
                            .value()
                        > 0
                    ? own
                    : cut.changedBy().get(0),
            "the "
                + cut.words()
                + " is deeper than the body is thick; under "
                + Text.mm(slab.thickness().value(), 1),
            at);
      }
      boolean open = cut.kind() == CutKind.POCKET || cut.from() == CutFrom.EDGE;
      if (!open
          && cut.shapes().stream()
              .noneMatch(o -> o.corners().stream().anyMatch(slab.surface.edge().shape()::holds))) {
        slab.trouble(
            cut.changedBy().get(0), "the " + cut.words() + " lies outside the body's outline", at);
      }
    }
  }

  /** What shapes a cut. */
  public Basis basis(Cut cut) {
    return bases.getOrDefault(cut.name(), Basis.NONE);
  }

  /** What shapes a piece of hardware and places it. */
  public Basis basis(Part part) {
    return bases.getOrDefault(CutSlab.PART + part.id(), Basis.NONE);
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

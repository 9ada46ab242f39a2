package roughcut.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import roughcut.blank.BlankReadiness;
import roughcut.blank.BlankTree;
import roughcut.blank.BoardLayout;
import roughcut.blank.BodyBlank;
import roughcut.blank.BodyMarks;
import roughcut.blank.FaceCheck;
import roughcut.blank.GlueUp;
import roughcut.blank.HeadWings;
import roughcut.blank.MillingPasses;
import roughcut.blank.Movement;
import roughcut.blank.NeckBlank;
import roughcut.blank.NeckRips;
import roughcut.blank.PlanerAdvice;
import roughcut.blank.SeenLines;
import roughcut.blank.Weights;
import roughcut.blank.WoodPart;
import roughcut.blank.WoodParts;
import roughcut.design.BlankDecisions;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyFace;
import roughcut.design.Build;
import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.design.HeadMaking;
import roughcut.design.NeckDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.RodReach;
import roughcut.fretboard.FretPins;
import roughcut.fretboard.FretboardRadius;
import roughcut.fretboard.FretboardWork;
import roughcut.fretboard.Markers;
import roughcut.fretboard.Slots;
import roughcut.geometry.Outline;
import roughcut.layout.BodyOutline;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.measure.Basis;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.measure.Worked;
import roughcut.neck.AccessBore;
import roughcut.neck.Carving;
import roughcut.neck.Channel;
import roughcut.neck.ChannelRouting;
import roughcut.neck.FlatHead;
import roughcut.neck.HeadComparison;
import roughcut.neck.HeadLine;
import roughcut.neck.HeadOutline;
import roughcut.neck.NeckDetails;
import roughcut.neck.NeckShape;
import roughcut.neck.OnePieceHead;
import roughcut.neck.RodAccess;
import roughcut.neck.RodChannel;
import roughcut.neck.RoutedBlank;
import roughcut.neck.ScarfJoint;
import roughcut.neck.ScarfMarks;
import roughcut.neck.Splines;
import roughcut.neck.Stiffeners;
import roughcut.neck.ThroughCore;
import roughcut.neck.TunerLayout;
import roughcut.neck.UnderFretboard;
import roughcut.neck.Volute;
import roughcut.rout.BodyCuts;
import roughcut.rout.Cut;
import roughcut.rout.Part;
import roughcut.shop.Shop;
import roughcut.strings.Bridge;
import roughcut.strings.Compensation;
import roughcut.strings.Heights;
import roughcut.strings.NutWork;
import roughcut.strings.StringPull;
import roughcut.thin.ThinSpots;

/** Works a plan out, part after part in the order in which one needs the other. */
final class Planner {
  private final Build build;
  private final Shop shop;
  private Givens givens;
  private final Ledger ledger = new Ledger();

  Planner(Build build, Shop shop) {
    this.build = build;
    this.shop = shop;
    this.givens = new Givens(build);
  }

  Plan plan() {
    FretLayout frets = FretLayout.of(givens, ledger);
    FretboardTaper taper = FretboardTaper.of(givens, frets, ledger);
    StringSpread strings = StringSpread.of(givens, frets, ledger);
    FretboardRadius radius = FretboardRadius.of(givens, taper, ledger);
    StringPull pull = StringPull.of(givens, strings, ledger);
    Compensation compensation = Compensation.of(givens, strings, pull, ledger);
    Bridge bridge = Bridge.of(givens, frets, taper, strings, compensation, ledger);
    Heights heights = Heights.of(givens, frets, strings, radius, bridge.kind(), ledger);
    BodyOutline outline = BodyOutline.of(givens, taper, ledger);
    Optional<ThroughCore> core = ThroughCore.of(givens, outline, heights, ledger);
    givens = core.isPresent() ? core.get().standingIn(givens) : givens;
    NeckBlank blank = NeckBlank.of(givens, taper, ledger);
    NeckShape neck = NeckShape.of(givens, frets, taper, blank);
    HeadLine head = neck.head();
    HeadLine angled = HeadLine.angled(givens);
    OnePieceHead onePiece =
        OnePieceHead.of(angled, neck.heelEnd(), givens.get(BlankDecisions.END_TRIM), ledger);
    FlatHead flatHead = FlatHead.of(givens, head, neck.heelEnd(), ledger);
    Volute volute = Volute.of(givens, head, taper, ledger);
    // The scarf's numbers are there for comparing, even when the head is made otherwise.
    Optional<ScarfJoint> joint =
        angled.flat() ? Optional.empty() : Optional.of(ScarfJoint.of(givens, angled, ledger));
    HeadMaking making = givens.get(NeckDecisions.HEAD_MAKING);
    Optional<ScarfJoint> scarf = making.scarfed() ? joint : Optional.empty();
    Slots slots = Slots.of(givens, frets, taper, radius, ledger);
    Markers markers = Markers.of(givens, frets, taper, radius, ledger);
    Value sideDots = Markers.sideDots(givens, slots, frets.basis(), ledger);
    FretboardWork work = FretboardWork.of(givens, frets, taper, strings, radius, ledger);
    RodChannel rod = RodChannel.of(givens, neck, ledger);
    Optional<Stiffeners> stiffeners = Optional.ofNullable(Stiffeners.of(givens, neck, rod, ledger));
    Optional<AccessBore> access =
        rod.reach() == RodReach.HEAD_BORE
            ? AccessBore.of(givens, head, neck, rod, ledger)
            : Optional.empty();
    Optional<ScarfMarks> marks =
        scarf.map(s -> ScarfMarks.of(givens, s, head, neck, blank, ledger));
    // A head in one piece is weakest where its short grain begins, at the break.
    Optional<Splines> splines =
        scarf.isPresent() || making.sawnAtAngle() && joint.isPresent()
            ? Splines.of(
                givens,
                scarf.map(ScarfJoint::middleX).orElse(0.0),
                scarf.map(s -> Basis.of(s.bevel(), s.run()).and(head.basis())).orElse(Basis.NONE),
                neck,
                rod,
                ledger)
            : Optional.empty();
    Outline headFace = headFace(taper, head);
    TunerLayout tuners = TunerLayout.of(givens, head, strings, headFace, ledger);
    Optional<RodAccess> keyWay =
        switch (rod.reach()) {
          case HEAD_BORE -> Optional.empty();
          case HEAD_POCKET ->
              Optional.of(RodAccess.headPocket(givens, neck, headFace, tuners, ledger));
          case HEEL -> Optional.of(RodAccess.heelBore(givens, neck, rod, heights, ledger));
          case FRETBOARD_END ->
              Optional.of(RodAccess.fretboardEnd(givens, neck, rod, slots, ledger));
        };
    NutWork nut =
        NutWork.of(
            givens,
            frets,
            strings,
            radius,
            tuners.tuners().stream().map(TunerLayout.Tuner::breakAngle).toList(),
            ledger);
    List<FretPins> pins = UnderFretboard.pins(givens, frets, taper, rod, stiffeners, ledger);
    Value blankLength =
        making.stepped()
            ? flatHead.length()
            : scarf.map(ScarfJoint::blankLength).orElse(onePiece.length());
    Optional<Value> headDeep =
        making.sawnAtAngle() && joint.isPresent()
            ? Optional.of(onePiece.depth())
            : making.stepped() ? Optional.of(flatHead.depth()) : Optional.empty();
    Optional<Value> deep = core.isEmpty() ? headDeep : core.get().deeper(headDeep);
    // A scarfed shaft is as deep as it was planed; any other blank is at least that, and its
    // head's.
    Value stock =
        headDeep
            .filter(d -> !making.scarfed() && d.value() > neck.shaft().value())
            .orElse(neck.shaft());
    Carving carving = Carving.of(givens, frets, neck, stock, ledger);
    BlankTree tree = BlankTree.of(givens, blankLength, deep, blank.width().value(), ledger);
    ChannelRouting routing =
        ChannelRouting.of(
            givens,
            rod,
            stiffeners,
            RoutedBlank.of(givens, blank, tree.length(), density(blank)),
            ledger);
    Outline neckShape = NeckStock.outline(givens, tree, taper, headFace);
    Optional<Outline> nested = nested(neckShape);
    Basis necked = taper.basis().and(neck.basis()).with(tree.length());
    NeckRips rips = NeckRips.of(givens, shop, tree, nested, necked, ledger);
    GlueUp glueUp = GlueUp.of(givens, tree, ledger);
    stackWidth(blank);
    HeadWings wings =
        HeadWings.of(
            givens,
            blank,
            head.basis(),
            head.at(HeadOutline.widestAt(head.length().value()), 0).x(),
            ledger);
    Movement.of(givens, blank, ledger);
    MillingPasses milling = MillingPasses.of(givens, ledger);
    FaceCheck faceCheck = FaceCheck.of(givens, ledger);
    BodyBlank body = BodyBlank.of(givens, shop, outline, ledger);
    List<SeenLines> seen = seen(blank, taper, neck, headFace);
    List<WoodPart> parts = WoodParts.of(givens, tree, rips, wings, taper, body, neckShape);
    BoardLayout boards =
        BoardLayout.of(
            parts,
            shop.boards(),
            build.design().placements(),
            rips.laid(parts, givens.get(BlankDecisions.JOINTING).value()),
            givens.get(Decisions.SAW_KERF).value());
    boards.yield(
        shop.boards(),
        necked.and(blank.basis()).with(tree.depth(), body.length(), body.width(), body.back()),
        ledger);
    Weights weights =
        Weights.of(
            givens,
            shop,
            blank,
            neck::woodArea,
            headFace.area(),
            taper,
            radius::meanHeight,
            letIn(rod, stiffeners),
            body,
            neckBasis(neck, blank, taper, radius, rod, stiffeners),
            ledger);
    NeckDetails details =
        new NeckDetails(
            flatHead,
            volute,
            marks,
            splines,
            stiffeners,
            access,
            keyWay,
            tuners,
            carving,
            routing,
            HeadComparison.of(
                givens,
                shop,
                blank,
                new HeadComparison.Sizes(
                    joint.map(j -> j.blankLength().value()).orElse(onePiece.length().value()),
                    neck.shaft().nominal(),
                    onePiece.length().value(),
                    onePiece.depth().value(),
                    flatHead.length().value(),
                    flatHead.depth().value(),
                    OnePieceHead.grain(angled, rips.mostRunOut(), ledger)
                        .map(Value::value)
                        .orElse(Double.POSITIVE_INFINITY),
                    neck.heelThickness().value())));
    BodyCuts cuts =
        BodyCuts.of(
            new BodyCuts.From(
                givens,
                shop,
                frets,
                taper,
                strings,
                neck,
                heights,
                slots,
                bridge,
                channels(rod, stiffeners),
                rod.basis().and(stiffeners.map(Stiffeners::basis).orElse(Basis.NONE)),
                density(blank),
                body,
                weights),
            ledger);
    List<BodyMarks> bodyMarks = BodyMarks.of(build.design(), shop, body, boards, covers(cuts));
    var thin =
        ThinSpots.of(
            shop, ledger, givens, frets, strings, blank, neck, rod, radius, tree, details, slots,
            cuts, sideDots);
    return new Plan(
        build,
        shop,
        frets,
        taper,
        strings,
        blank,
        neck,
        onePiece,
        scarf,
        rod,
        details,
        headFace,
        radius,
        new FretboardPlan(slots, markers, sideDots, work, pins),
        new StringPlan(pull, compensation, bridge, heights, nut),
        tree,
        rips,
        wings,
        glueUp,
        milling,
        faceCheck,
        body,
        seen,
        parts,
        boards,
        bodyMarks,
        weights,
        cuts,
        ledger.values(),
        thin,
        Stream.of(
                Problems.of(
                    givens, frets, taper, strings, neck, details, bridge, body.outline(), cuts),
                BlankReadiness.of(
                    givens,
                    shop,
                    rips,
                    boards,
                    glueUp,
                    blank,
                    value("blank.side-spare"),
                    value("shaft.spare"),
                    value("heel.spare")),
                BlankReadiness.ofBody(body, boards, bodyMarks, shop),
                PlanerAdvice.of(givens, shop.planer()),
                Readiness.of(markers, work, heights, bridge, cuts))
            .flatMap(List::stream)
            .toList(),
        new Drawn(build, shop));
  }

  /** What makes the neck as heavy as it is. */
  private Basis neckBasis(
      NeckShape neck,
      NeckBlank blank,
      FretboardTaper taper,
      FretboardRadius radius,
      RodChannel rod,
      Optional<Stiffeners> stiffeners) {
    return neck.basis()
        .and(
            blank.basis(),
            taper.basis(),
            radius.basis(),
            rod.basis(),
            stiffeners.map(Stiffeners::basis).orElse(Basis.NONE))
        .with(
            radius.crown(),
            givens.get(Decisions.HEAD_WIDTH),
            givens.get(NeckDecisions.ROD_MASS),
            givens.get(NeckDecisions.STIFFENER_MASS));
  }

  private static List<Channel> channels(RodChannel rod, Optional<Stiffeners> stiffeners) {
    List<Channel> all = new ArrayList<>(List.of(rod.channel()));
    stiffeners.ifPresent(s -> all.addAll(List.of(s.bass(), s.treble())));
    return all;
  }

  /** The outline of a neck that is sawn from one piece; strips are ripped side by side. */
  private Optional<Outline> nested(Outline neckShape) {
    boolean piece =
        givens.design().neckStack().size() == 1 && givens.design().neckSteps().isEmpty();
    return piece ? Optional.of(neckShape) : Optional.empty();
  }

  private List<Weights.LetIn> letIn(RodChannel rod, Optional<Stiffeners> stiffeners) {
    List<Weights.LetIn> bars = new ArrayList<>();
    bars.add(bar(rod.channel(), NeckDecisions.ROD_MASS));
    stiffeners.ifPresent(
        s -> {
          bars.add(bar(s.bass(), NeckDecisions.STIFFENER_MASS));
          bars.add(bar(s.treble(), NeckDecisions.STIFFENER_MASS));
        });
    return bars;
  }

  private Weights.LetIn bar(Channel channel, NumberDecision mass) {
    return new Weights.LetIn(
        channel.volume(), givens.get(mass).value(), (channel.from() + channel.to()) / 2);
  }

  /** Routs that open a face, and what lies on the top, as they hide marks in the wood. */
  private static BodyMarks.Covers covers(BodyCuts cuts) {
    List<Outline> top = new ArrayList<>();
    List<Outline> back = new ArrayList<>();
    for (Cut cut : cuts.cuts()) {
      if (cut.from().opens(BodyFace.TOP)) {
        top.addAll(cut.shapes());
      } else if (cut.from().opens(BodyFace.BACK)) {
        back.addAll(cut.shapes());
      }
    }
    cuts.parts().stream().filter(Part::above).forEach(p -> top.add(p.outline()));
    return new BodyMarks.Covers(top, back);
  }

  private double density(NeckBlank blank) {
    return blank.strips().stream()
        .mapToDouble(s -> BodyBlank.density(shop, s.strip().species()))
        .max()
        .orElse(0);
  }

  private double value(String id) {
    return ledger.values().get(id).value();
  }

  private void stackWidth(NeckBlank blank) {
    ledger.put(
        "stack.width",
        blank.width().label(),
        blank.width().quantity(),
        "W",
        Worked.in("W", blank.width()));
  }

  /** The head seen square to its face, the break at x = 0 and the tip to the right. */
  private Outline headFace(FretboardTaper taper, HeadLine head) {
    return new Outline(
        HeadOutline.of(
            taper.halfWidth(0), head.length().value(), givens.get(Decisions.HEAD_WIDTH).value()));
  }

  /** A bolted or glued neck's back is seen up to the body; a through-neck's to its end. */
  private List<SeenLines> seen(
      NeckBlank blank, FretboardTaper taper, NeckShape neck, Outline headFace) {
    boolean through = givens.get(BodyDecisions.NECK_JOINT).runsThrough();
    Value seenTo = through ? neck.heelEnd() : neck.joint();
    return SeenLines.of(
        blank,
        neck::halfWidth,
        seenTo,
        headFace,
        givens.get(Decisions.HEAD_VENEER).value() > 0,
        blank
            .basis()
            .and(neck.basis())
            .with(givens.get(Decisions.HEAD_WIDTH), givens.get(Decisions.HEAD_VENEER)),
        ledger);
  }
}

package roughcut.plan;

import java.util.List;
import java.util.Optional;
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
import roughcut.design.Build;
import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.design.NeckFixing;
import roughcut.fretboard.FretboardRadius;
import roughcut.geometry.Outline;
import roughcut.layout.BodyOutline;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;
import roughcut.neck.HeadLine;
import roughcut.neck.HeadOutline;
import roughcut.neck.NeckShape;
import roughcut.neck.OnePieceHead;
import roughcut.neck.RodChannel;
import roughcut.neck.ScarfJoint;
import roughcut.shop.Shop;
import roughcut.thin.ThinSpots;

/** Works a plan out, part after part in the order in which one needs the other. */
final class Planner {
  private final Build build;
  private final Shop shop;
  private final Givens givens;
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
    NeckBlank blank = NeckBlank.of(givens, taper, ledger);
    NeckShape neck = NeckShape.of(givens, frets, taper, blank.halfWidth());
    HeadLine head = neck.head();
    OnePieceHead onePiece = OnePieceHead.of(head, neck.heelEnd(), ledger);
    Optional<ScarfJoint> scarf =
        head.flat() ? Optional.empty() : Optional.of(ScarfJoint.of(givens, head, ledger));
    FretboardRadius radius = FretboardRadius.of(givens, taper, ledger);
    RodChannel rod = RodChannel.of(givens, neck, ledger);
    Worked blankLength = scarf.map(ScarfJoint::blankLength).orElse(onePiece.length());
    BlankTree tree = BlankTree.of(givens, blankLength, blank.width().value(), ledger);
    NeckRips rips = NeckRips.of(givens, shop, tree, ledger);
    GlueUp glueUp = GlueUp.of(givens, tree.length(), tree.depth(), ledger);
    stackWidth(blank);
    HeadWings wings = HeadWings.of(givens, blank.width(), ledger);
    Movement.of(givens, blank.width(), ledger);
    MillingPasses milling = MillingPasses.of(givens, ledger);
    FaceCheck faceCheck = FaceCheck.of(givens, ledger);
    BodyBlank body = BodyBlank.of(givens, shop, BodyOutline.of(givens, taper, ledger), ledger);
    Outline headFace = headFace(taper, head);
    List<SeenLines> seen = seen(blank, taper, neck, headFace);
    List<WoodPart> parts =
        WoodParts.of(
            givens,
            tree,
            rips,
            wings,
            taper,
            body,
            NeckStock.outline(givens, tree, taper, headFace));
    BoardLayout boards =
        BoardLayout.of(
            parts,
            shop.boards(),
            build.design().placements(),
            rips.laid(parts, givens.get(BlankDecisions.JOINTING).value()),
            givens.get(Decisions.SAW_KERF).value());
    boards.yield(shop.boards(), ledger);
    List<BodyMarks> marks = BodyMarks.of(build.design(), shop, body, boards);
    Weights weights =
        Weights.of(
            givens,
            shop,
            blank,
            neck::woodArea,
            headFace.area(),
            taper,
            radius::meanHeight,
            body,
            ledger);
    var thin = ThinSpots.of(shop, ledger, frets, strings, blank, neck, rod, radius, tree);
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
        radius,
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
        marks,
        weights,
        BlankReadiness.of(
            rips,
            glueUp,
            blank,
            value("blank.side-spare"),
            value("shaft.spare"),
            value("heel.spare")),
        BlankReadiness.ofBody(body, boards, marks, shop),
        PlanerAdvice.of(givens, shop.planer()),
        ledger.values(),
        thin,
        Problems.of(givens, frets, taper, strings));
  }

  private double value(String id) {
    return ledger.values().get(id).value();
  }

  private void stackWidth(NeckBlank blank) {
    ledger.put(
        "stack.width",
        blank.width().label(),
        blank.width().quantity(),
        blank.width().value(),
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
    boolean through = givens.get(BodyDecisions.NECK_FIXING) == NeckFixing.THROUGH;
    Given seenTo = through ? neck.heelEnd() : neck.joint();
    return SeenLines.of(
        blank,
        neck::halfWidth,
        seenTo,
        headFace,
        givens.get(Decisions.HEAD_VENEER).value() > 0,
        ledger);
  }
}

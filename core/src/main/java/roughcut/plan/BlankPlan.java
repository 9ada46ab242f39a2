package roughcut.plan;

import java.util.List;
import java.util.Optional;
import roughcut.blank.BlankKeys;
import roughcut.blank.BlankReadiness;
import roughcut.blank.BlankTree;
import roughcut.blank.BoardLayout;
import roughcut.blank.BodyBlank;
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
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.fretboard.FretboardRadius;
import roughcut.geometry.Outline;
import roughcut.measure.Basis;
import roughcut.measure.Ledger;
import roughcut.measure.Quantity;
import roughcut.measure.Value;
import roughcut.measure.ValueKey;
import roughcut.measure.Worked;
import roughcut.memo.Memo;
import roughcut.neck.ChannelRouting;
import roughcut.neck.HeadComparison;
import roughcut.neck.HeadLine;
import roughcut.neck.NeckShape;
import roughcut.neck.OnePieceHead;
import roughcut.neck.RoutedBlank;
import roughcut.record.Givens;
import roughcut.record.Measurables;
import roughcut.shop.Shop;
import roughcut.thin.BlankThinSpots;

/**
 * Blanks and boards: what wood is wanted, how it is sawn, milled and glued, and what it weighs.
 *
 * @param routing how the channels are routed into the neck's blank
 * @param ways to make the head, beside each other
 * @param seen where glue lines are seen
 * @param parts every rough part wanted from the rack
 * @param boards where those parts lie on the rack's boards
 */
public record BlankPlan(
    BlankTree tree,
    ChannelRouting routing,
    NeckRips rips,
    HeadWings wings,
    GlueUp glueUp,
    MillingPasses milling,
    FaceCheck faceCheck,
    BodyBlank body,
    List<HeadComparison.Way> ways,
    List<SeenLines> seen,
    List<WoodPart> parts,
    BoardLayout boards,
    Weights weights,
    Told told) {

  static BlankPlan of(
      Ground ground, LayoutPlan layout, FretboardPlan fretboard, NeckPlan neck, Memo memo) {
    return new Maker(ground, layout, fretboard, neck, memo).make();
  }

  /** Makes it, part after part. */
  private static final class Maker {
    private final LayoutPlan layout;
    private final FretboardPlan fretboard;
    private final NeckPlan neck;
    private final Givens givens;
    private final Shop shop;
    private final Memo memo;
    private final Ledger ledger = new Ledger();

    Maker(Ground ground, LayoutPlan layout, FretboardPlan fretboard, NeckPlan neck, Memo memo) {
      this.memo = memo;
      this.layout = layout;
      this.fretboard = fretboard;
      this.neck = neck;
      this.givens = ground.givens();
      this.shop = ground.shop();
    }

    BlankPlan make() {
      NeckBlank blank = neck.blank();
      BlankTree tree =
          BlankTree.of(
              givens,
              shop.woods(),
              neck.head().blankLength(),
              neck.deep(),
              blank.width().value(),
              ledger);
      ChannelRouting routing =
          ChannelRouting.of(
              givens,
              neck.rod(),
              neck.details().stiffeners(),
              RoutedBlank.of(
                  givens, blank, length(tree, neck.head().blankLength()), neck.density(shop)),
              ledger);
      Outline outline =
          NeckStock.outline(givens, tree, layout.taper(), neck.head().face().outline());
      Basis outlined = layout.taper().basis().and(neck.shape().basis()).with(tree.length());
      NeckRips rips = NeckRips.of(givens, shop, tree, nested(outline), outlined, ledger);
      GlueUp glueUp = GlueUp.of(givens, shop.woods(), tree, ledger);
      ledger.put(
          blank.width().as(new ValueKey("stack.width", blank.width().label(), Quantity.LENGTH)));
      HeadWings wings = wings();
      Movement.of(givens, shop.woods(), blank, ledger);
      MillingPasses milling = MillingPasses.of(givens, ledger);
      FaceCheck faceCheck = FaceCheck.of(givens, ledger);
      BodyBlank body =
          memo.same("body blank", BodyBlank.of(givens, shop, layout.outline(), ledger));
      List<SeenLines> seen = seen();
      List<WoodPart> parts = WoodParts.of(givens, tree, rips, wings, layout.taper(), body, outline);
      BoardLayout boards = memo.same("boards", boards(parts, rips));
      boards.yield(
          shop.boards(),
          outlined.and(blank.basis()).with(tree.depth(), body.length(), body.width(), body.back()),
          ledger);
      Weights weights = memo.same("weights", weights(body));
      List<HeadComparison.Way> ways = ways(rips);
      BlankThinSpots.Left left = BlankThinSpots.of(shop, neck.shape(), neck.reach(), tree, ledger);
      return new BlankPlan(
          tree,
          routing,
          rips,
          wings,
          glueUp,
          milling,
          faceCheck,
          body,
          ways,
          seen,
          parts,
          boards,
          weights,
          Told.of(
              ledger,
              left.spots(),
              List.of(
                  BlankProblems.of(givens, neck.head().blankLength()),
                  ChannelProblems.fences(givens, routing),
                  BlankReadiness.of(
                      givens,
                      shop,
                      rips,
                      boards,
                      glueUp,
                      blank,
                      new BlankReadiness.Spare(
                          neck.side(), neck.spare(), left.heel(), left.heelX(), left.block())),
                  PlanerAdvice.of(givens, shop.planer()))));
    }

    /** How long the blank is: as it was read, or as its strips are sawn. */
    private Value length(BlankTree tree, Value wanted) {
      Optional<Value> read = givens.read(Measurables.BLANK_LENGTH, tree.length());
      read.ifPresent(
          now ->
              ledger.put(
                  BlankKeys.BLANK_LENGTH_SPARE,
                  "L_now − L",
                  Worked.in("L_now", now),
                  Worked.in("L", wanted)));
      return read.orElse(tree.length());
    }

    /** The outline of a neck that is sawn from one piece; strips are ripped side by side. */
    private Optional<Outline> nested(Outline outline) {
      boolean piece =
          givens.design().neckStack().size() == 1 && givens.design().neckSteps().isEmpty();
      return piece ? Optional.of(outline) : Optional.empty();
    }

    private HeadWings wings() {
      HeadLine head = neck.shape().head();
      Basis shaped =
          head.basis().and(layout.taper().basis()).with(givens.get(Decisions.HEAD_WIDTH));
      return HeadWings.of(
          givens,
          neck.blank(),
          neck.head().face().outline(),
          d -> head.at(d, 0).x(),
          shaped,
          ledger);
    }

    /** A bolted or glued neck's back is seen up to the body; a through-neck's to its end. */
    private List<SeenLines> seen() {
      NeckShape shape = neck.shape();
      Value veneer = givens.get(Decisions.HEAD_VENEER);
      return SeenLines.of(
          neck.blank(),
          shape::halfWidth,
          switch (givens.get(BodyDecisions.NECK_JOINT)) {
            case THROUGH -> shape.heelEnd();
            case BOLT_ON, SET_NECK -> shape.joint();
          },
          neck.head().face().outline(),
          veneer.value() > 0,
          neck.blank().basis().and(shape.basis()).with(givens.get(Decisions.HEAD_WIDTH), veneer),
          ledger);
    }

    private BoardLayout boards(List<WoodPart> parts, NeckRips rips) {
      return BoardLayout.of(
          parts,
          shop.boards(),
          shop.woods(),
          givens.design().placements(),
          rips.laid(parts, givens.get(BlankDecisions.JOINTING).value()),
          rips.gone(givens.get(BlankDecisions.JOINTING).value()),
          givens.get(Decisions.SAW_KERF).value());
    }

    private Weights weights(BodyBlank body) {
      FretboardRadius radius = fretboard.radius();
      Basis heavy =
          neck.shape()
              .basis()
              .and(neck.blank().basis(), layout.taper().basis(), radius.basis(), neck.channelled())
              .with(
                  radius.crown(),
                  givens.get(Decisions.HEAD_WIDTH),
                  givens.get(NeckDecisions.ROD_MASS),
                  givens.get(NeckDecisions.STIFFENER_MASS));
      return Weights.of(
          givens,
          shop,
          neck.blank(),
          neck.shape()::woodArea,
          neck.head().face().outline().area(),
          layout.taper(),
          radius::meanHeight,
          neck.letIn(givens),
          body,
          heavy,
          ledger);
    }

    private List<HeadComparison.Way> ways(NeckRips rips) {
      HeadPlan head = neck.head();
      OnePieceHead onePiece = head.onePiece();
      return HeadComparison.of(
          givens,
          shop,
          neck.blank(),
          new HeadComparison.Sizes(
              head.joint().map(j -> j.blankLength().value()).orElse(onePiece.length().value()),
              neck.shape().shaft().nominal(),
              onePiece.length().value(),
              onePiece.depth().value(),
              head.flat().length().value(),
              head.flat().depth().value(),
              OnePieceHead.grain(HeadLine.angled(givens), rips.mostRunOut(), ledger)
                  .map(Value::value)
                  .orElse(Double.POSITIVE_INFINITY),
              neck.shape().heelThickness().value()));
    }
  }
}

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
import roughcut.blank.NeckBlank;
import roughcut.blank.NeckRips;
import roughcut.blank.PlanerAdvice;
import roughcut.blank.SeenLines;
import roughcut.blank.Weights;
import roughcut.blank.WoodMovement;
import roughcut.blank.WoodPart;
import roughcut.blank.WoodParts;
import roughcut.clearance.BlankClearances;
import roughcut.design.BlankDecisions;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.fretboard.FretboardRadius;
import roughcut.geometry.Outline;
import roughcut.measure.ComputedValue;
import roughcut.measure.Provenance;
import roughcut.measure.Quantity;
import roughcut.measure.Value;
import roughcut.measure.ValueKey;
import roughcut.measure.ValueRegistry;
import roughcut.memo.Memo;
import roughcut.neck.ChannelRouting;
import roughcut.neck.HeadComparison;
import roughcut.neck.HeadLine;
import roughcut.neck.NeckShape;
import roughcut.neck.OnePieceHead;
import roughcut.neck.RoutedBlank;
import roughcut.record.EffectiveInputs;
import roughcut.record.Measurables;
import roughcut.shop.Shop;

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
    ChapterResult told) {

  static BlankPlan of(
      PlanInputs inputs, LayoutPlan layout, FretboardPlan fretboard, NeckPlan neck, Memo memo) {
    return new Maker(inputs, layout, fretboard, neck, memo).make();
  }

  /** Makes it, part after part. */
  private static final class Maker {
    private final LayoutPlan layout;
    private final FretboardPlan fretboard;
    private final NeckPlan neck;
    private final EffectiveInputs inputs;
    private final Shop shop;
    private final Memo memo;
    private final ValueRegistry registry = new ValueRegistry();

    Maker(PlanInputs inputs, LayoutPlan layout, FretboardPlan fretboard, NeckPlan neck, Memo memo) {
      this.memo = memo;
      this.layout = layout;
      this.fretboard = fretboard;
      this.neck = neck;
      this.inputs = inputs.inputs();
      this.shop = inputs.shop();
    }

    BlankPlan make() {
      NeckBlank blank = neck.blank();
      BlankTree tree =
          BlankTree.of(
              inputs,
              shop.woods(),
              neck.head().blankLength(),
              neck.deep(),
              blank.width().value(),
              registry);
      ChannelRouting routing =
          ChannelRouting.of(
              inputs,
              neck.rod(),
              neck.details().stiffeners(),
              RoutedBlank.of(
                  inputs, blank, length(tree, neck.head().blankLength()), neck.density(shop)),
              registry);
      Outline outline =
          NeckStock.outline(inputs, tree, layout.taper(), neck.head().face().outline());
      Provenance outlined =
          layout.taper().provenance().and(neck.shape().provenance()).with(tree.length());
      NeckRips rips = NeckRips.of(inputs, shop, tree, nested(outline), outlined, registry);
      GlueUp glueUp = GlueUp.of(inputs, shop.woods(), tree, registry);
      registry.put(
          blank.width().as(new ValueKey("stack.width", blank.width().label(), Quantity.LENGTH)));
      HeadWings wings = wings();
      WoodMovement.of(inputs, shop.woods(), blank, registry);
      MillingPasses milling = MillingPasses.of(inputs, registry);
      FaceCheck faceCheck = FaceCheck.of(inputs, registry);
      BodyBlank body =
          memo.same("body blank", BodyBlank.of(inputs, shop, layout.outline(), registry));
      List<SeenLines> seen = seen();
      List<WoodPart> parts = WoodParts.of(inputs, tree, rips, wings, layout.taper(), body, outline);
      BoardLayout boards = memo.same("boards", boards(parts, rips));
      boards.yield(
          shop.boards(),
          outlined
              .and(blank.provenance())
              .with(tree.depth(), body.length(), body.width(), body.back()),
          registry);
      Weights weights = memo.same("weights", weights(body));
      List<HeadComparison.Way> ways = ways(rips);
      BlankClearances.Left left =
          BlankClearances.of(shop, neck.shape(), neck.reach(), tree, registry);
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
          ChapterResult.of(
              registry,
              left.spots(),
              List.of(
                  BlankProblems.of(inputs, neck.head().blankLength()),
                  ChannelProblems.fences(inputs, routing),
                  BlankReadiness.of(
                      inputs,
                      shop,
                      rips,
                      boards,
                      glueUp,
                      blank,
                      new BlankReadiness.Spare(
                          neck.side(), neck.spare(), left.heel(), left.heelX(), left.block())),
                  PlanerAdvice.of(inputs, shop.planer()))));
    }

    /** How long the blank is: as it was read, or as its strips are sawn. */
    private Value length(BlankTree tree, Value wanted) {
      Optional<Value> read = inputs.read(Measurables.BLANK_LENGTH, tree.length());
      read.ifPresent(
          now ->
              registry.put(
                  BlankKeys.BLANK_LENGTH_SPARE,
                  "L_now − L",
                  ComputedValue.in("L_now", now),
                  ComputedValue.in("L", wanted)));
      return read.orElse(tree.length());
    }

    /** The outline of a neck that is sawn from one piece; strips are ripped side by side. */
    private Optional<Outline> nested(Outline outline) {
      boolean piece =
          inputs.design().neckStack().size() == 1 && inputs.design().neckSteps().isEmpty();
      return piece ? Optional.of(outline) : Optional.empty();
    }

    private HeadWings wings() {
      HeadLine head = neck.shape().head();
      Provenance shaped =
          head.provenance().and(layout.taper().provenance()).with(inputs.get(Decisions.HEAD_WIDTH));
      return HeadWings.of(
          inputs,
          neck.blank(),
          neck.head().face().outline(),
          d -> head.at(d, 0).x(),
          shaped,
          registry);
    }

    /** A bolted or glued neck's back is seen up to the body; a through-neck's to its end. */
    private List<SeenLines> seen() {
      NeckShape shape = neck.shape();
      Value veneer = inputs.get(Decisions.HEAD_VENEER);
      return SeenLines.of(
          neck.blank(),
          shape::halfWidth,
          switch (inputs.get(BodyDecisions.NECK_JOINT)) {
            case THROUGH -> shape.heelEnd();
            case BOLT_ON, SET_NECK -> shape.joint();
          },
          neck.head().face().outline(),
          veneer.value() > 0,
          neck.blank()
              .provenance()
              .and(shape.provenance())
              .with(inputs.get(Decisions.HEAD_WIDTH), veneer),
          registry);
    }

    private BoardLayout boards(List<WoodPart> parts, NeckRips rips) {
      return BoardLayout.of(
          parts,
          shop.boards(),
          shop.woods(),
          inputs.design().placements(),
          rips.laid(parts, inputs.get(BlankDecisions.JOINTING).value()),
          rips.gone(inputs.get(BlankDecisions.JOINTING).value()),
          inputs.get(Decisions.SAW_KERF).value());
    }

    private Weights weights(BodyBlank body) {
      FretboardRadius radius = fretboard.radius();
      Provenance heavy =
          neck.shape()
              .provenance()
              .and(
                  neck.blank().provenance(),
                  layout.taper().provenance(),
                  radius.provenance(),
                  neck.channelled())
              .with(
                  radius.crown(),
                  inputs.get(Decisions.HEAD_WIDTH),
                  inputs.get(NeckDecisions.ROD_MASS),
                  inputs.get(NeckDecisions.STIFFENER_MASS));
      return Weights.of(
          inputs,
          shop,
          neck.blank(),
          neck.shape()::woodArea,
          neck.head().face().outline().area(),
          layout.taper(),
          radius::meanHeight,
          neck.letIn(inputs),
          body,
          heavy,
          registry);
    }

    private List<HeadComparison.Way> ways(NeckRips rips) {
      HeadPlan head = neck.head();
      OnePieceHead onePiece = head.onePiece();
      return HeadComparison.of(
          inputs,
          shop,
          neck.blank(),
          new HeadComparison.Sizes(
              head.joint().map(j -> j.blankLength().value()).orElse(onePiece.length().value()),
              neck.shape().shaft().nominal(),
              onePiece.length().value(),
              onePiece.depth().value(),
              head.flat().length().value(),
              head.flat().depth().value(),
              head.headlessLength().value(),
              OnePieceHead.grain(head.angled(), rips.mostRunOut(), registry)
                  .map(Value::value)
                  .orElse(Double.POSITIVE_INFINITY),
              neck.shape().heelThickness().value()),
          !head.angled().flat());
    }
  }
}

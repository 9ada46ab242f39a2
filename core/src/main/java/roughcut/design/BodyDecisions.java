package roughcut.design;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.MASS;
import static roughcut.measure.Quantity.PERCENT;
import static roughcut.measure.Quantity.RATIO;

import java.util.List;
import roughcut.measure.Text;

/** Decided about the body and its blank. */
public final class BodyDecisions {
  static final DecisionBook BOOK = new DecisionBook();

  public static final ChoiceDecision<NeckJoint> NECK_JOINT =
      BOOK.choice(
          "neck.fixing",
          "Neck joint",
          NeckJoint.values(),
          "A neck-through runs to the end of the body and carries its wings.");
  public static final NumberDecision TENON_WIDTH =
      BOOK.number("tenon.width", "Tenon width", LENGTH, 0, 0, 120, 0.5)
          .result(
              "Across the tenon at the body edge. 0 leaves it as wide as the neck.",
              OperationId.TENON_SAW);
  public static final NumberDecision TENON_DEPTH =
      BOOK.number("tenon.depth", "Tenon depth", LENGTH, 0, 0, 100, 0.5)
          .result(
              "From the neck top to the underside of the tenon. 0 leaves it as deep as the heel.",
              OperationId.TENON_SAW);
  public static final NumberDecision BODY_THICKNESS =
      BOOK.number("body.thickness", "Body thickness", LENGTH, 44, 20, 100, 0.5)
          .result("Finished, including the top.", OperationId.BODY_TO_THICKNESS);
  public static final NumberDecision BODY_TOP =
      BOOK.number("body.top-thickness", "Top thickness", LENGTH, 5.5, 0, 40, 0.5)
          .result("0 for none.", OperationId.TOP_JOINT);
  public static final NumberDecision BODY_ACCENT =
      BOOK.number("body.accent", "Accent veneer", LENGTH, 0.6, 0, 10, 0.1).inHand("0 for none.");
  public static final NumberDecision BODY_SANDING =
      BOOK.number("body.sanding", "Body sanding", LENGTH, 0.4, 0, 5, 0.1)
          .hint("Still to be sanded off after gluing, both faces together.");
  public static final NumberDecision BODY_BLANK_LENGTH =
      BOOK.number("body.blank-length", "Body blank length", LENGTH, 490, 200, 900, 5)
          .followsPlan()
          .stage("Along the centre line. Empty: what outline and trim need.");
  public static final NumberDecision BODY_BLANK_WIDTH =
      BOOK.number("body.blank-width", "Body blank width", LENGTH, 360, 100, 700, 5)
          .followsPlan()
          .stage("Across. Empty: what outline and trim need.");
  public static final ChoiceDecision<BodyBack> BODY_BACK =
      BOOK.choice(
          "body.back",
          "Body construction",
          BodyBack.values(),
          "What the back of the body is made of.");
  public static final ChoiceDecision<HalfArrangement> BODY_HALVES =
      BOOK.choice(
          "body.halves",
          "Second half",
          List.of(HalfArrangement.values()),
          "Four ways to turn the second half beside the first.",
          HalfArrangement.OPENED);
  public static final ChoiceDecision<WoodChoice> BODY_SPECIES =
      BOOK.wood("body.species", "Body wood", "Of the back.", new WoodChoice("elm", Text.of("elm")));
  public static final ChoiceDecision<WoodChoice> TOP_SPECIES =
      BOOK.wood(
          "body.top-species",
          "Top wood",
          "The top, bookmatched from two leaves.",
          new WoodChoice("pear", Text.of("pear")));
  public static final ChoiceDecision<Clamping> TOP_CLAMPING =
      BOOK.choice(
          "top.clamping",
          "Top glued with",
          Clamping.values(),
          "A vacuum bag presses evenly, but lightly. For veneers and tops only.");
  public static final NumberDecision BODY_LENGTH =
      BOOK.number("body.length", "Body length", LENGTH, 395, 150, 700, 5)
          .hint("From the body edge at the neck to its end, on the centre line.");
  public static final NumberDecision BODY_LOWER =
      BOOK.number("body.lower-width", "Lower bout", LENGTH, 330, 100, 600, 5)
          .hint("Width at the widest place behind the bridge.");
  public static final NumberDecision BODY_WAIST =
      BOOK.number("body.waist-width", "Waist", LENGTH, 232, 60, 550, 5)
          .hint("Width at the narrowest place.");
  public static final NumberDecision BODY_UPPER =
      BOOK.number("body.upper-width", "Upper bout", LENGTH, 272, 80, 550, 5)
          .hint("Width at the widest place in front of the waist.");
  public static final NumberDecision BODY_HORN_BASS =
      BOOK.number("body.horn-bass", "Bass horn length", LENGTH, 52, 0, 200, 1)
          .hint("Beyond the body edge at the neck, towards the headstock.");
  public static final NumberDecision BODY_HORN_TREBLE =
      BOOK.number("body.horn-treble", "Treble horn length", LENGTH, 24, 0, 200, 1)
          .hint("Beyond the body edge at the neck, towards the headstock.");
  public static final NumberDecision BODY_SLANT =
      BOOK.number("body.slant", "Waist offset", LENGTH, 16, -60, 60, 1)
          .hint("How much nearer the neck the waist is on the treble side.");
  public static final NumberDecision BODY_LAID_X =
      BOOK.number("body.laid-x", "Outline along the blank", LENGTH, 20, -300, 600, 1)
          .hint("From the headstock end of the blank to the front of the outline.");
  public static final NumberDecision BODY_LAID_Y =
      BOOK.number("body.laid-y", "Outline across the blank", LENGTH, 0, -200, 200, 1)
          .hint("Its centre line from the middle of the blank, towards the treble side.");
  public static final NumberDecision BODY_LAID_TURN =
      BOOK.number("body.laid-turn", "Outline rotation", ANGLE, 0, -20, 20, 0.5)
          .hint("On the blank. Above 0 its end turns to the treble side. A centre joint needs 0.");
  public static final NumberDecision BODY_WEIGHED =
      BOOK.number("body.weighed", "Measured body weight", MASS, 0, 0, 20000, 10)
          .stage("Replaces the estimate once weighed.");
  public static final NumberDecision NECK_WEIGHED =
      BOOK.number("neck.weighed", "Measured neck weight", MASS, 0, 0, 10000, 10)
          .stage("Replaces the estimate once weighed.");
  public static final NumberDecision BINDING_LAYERS =
      BOOK.number("binding.layers", "Binding layers", COUNT, 0, 0, 8, 1).hint("0 for no binding.");
  public static final NumberDecision BINDING_LAYER =
      BOOK.number("binding.layer-width", "Binding layer width", FINE_LENGTH, 1.5, 0.2, 10, 0.1)
          .inHand("Of one layer, across the edge.");
  public static final NumberDecision BINDING_HEIGHT =
      BOOK.number("binding.height", "Binding height", LENGTH, 6, 1, 60, 0.5)
          .inHand("Down the edge, from the top.");
  public static final ChoiceDecision<WoodChoice> BINDING_SPECIES =
      BOOK.wood(
          "binding.species",
          "Binding wood",
          "Dense straight-grained wood bends best.",
          new WoodChoice("boxwood", Text.of("boxwood")));

  public static final NumberDecision BEND_FACTOR =
      BOOK.number("binding.bend-factor", "Bending radius ÷ thickness", RATIO, 30, 5, 200, 1)
          .hint("Smallest radius of a heated strip over its thickness; try an offcut.");
  public static final NumberDecision BINDING_SPARE =
      BOOK.number("binding.spare", "Spare binding", PERCENT, 5, 0, 100, 1)
          .hint("For the overlap, and to hold it by.");
  public static final NumberDecision TOP_LEAF_1 =
      BOOK.number("top.leaf-1", "First leaf as sawn", LENGTH, 0, 0, 60, 0.1)
          .result("Measure it once it is sawn.", OperationId.TOP_RESAW);
  public static final NumberDecision TOP_LEAF_2 =
      BOOK.number("top.leaf-2", "Second leaf as sawn", LENGTH, 0, 0, 60, 0.1)
          .result("Measure it once it is sawn.", OperationId.TOP_RESAW);
  public static final NumberDecision BODY_TRIM =
      BOOK.number("body.trim", "Trim beside the outline", LENGTH, 5, 0, 50, 1)
          .hint("Wood left outside the outline all round.");

  private BodyDecisions() {}
}

package roughcut.design;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.DENSITY;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.RATIO;

/** Decided about strings, bridge and heights. */
public final class StringDecisions {
  static final DecisionBook BOOK = new DecisionBook();

  public static final NumberDecision SCALE_BASS =
      BOOK.number("scale.bass", "Bass-side scale", LENGTH, 0, 0, 1300, 1)
          .hint("Along the outer bass string. 0 uses the scale length.");
  public static final NumberDecision SCALE_TREBLE =
      BOOK.number("scale.treble", "Treble-side scale", LENGTH, 0, 0, 1300, 1)
          .hint("Along the outer treble string. 0 uses the scale length.");
  public static final NumberDecision SCALE_SQUARE =
      BOOK.number("scale.perpendicular-fret", "Straight fret", RATIO, 0, 0, 72, 0.5)
          .hint("The fret that is square to the centre line; 0 is the nut.");
  public static final ChoiceDecision<StringKind> STRING_KIND =
      BOOK.choice(
          "strings.kind",
          "String type",
          StringKind.values(),
          "Sets cores and stiffness at the ends.");
  public static final NumberDecision WRAP_DENSITY =
      BOOK.number("strings.wrap-density", "Winding density", DENSITY, 8000, 5000, 12000, 100)
          .hint("kg/m³: 8000 for plated steel, 8900 for pure nickel.");
  public static final NumberDecision ACTION_NUT =
      BOOK.number("strings.action-nut", "Action at fret 1", FINE_LENGTH, 0.45, 0.05, 3, 0.05)
          .hint("From fret top to string, at the nut slot.");
  public static final NumberDecision ACTION_12 =
      BOOK.number("strings.action-12", "Action at fret 12", FINE_LENGTH, 1.8, 0.3, 6, 0.05)
          .hint("From fret top to string, at the octave fret.");
  public static final NumberDecision RELIEF =
      BOOK.number("setup.relief-wanted", "Target relief", FINE_LENGTH, 0.2, 0, 2, 0.05)
          .hint("Halfway between fret 1 and the body, strings at pitch.");
  public static final NumberDecision POST_THREAD =
      BOOK.number("bridge.post-thread", "Bridge post thread", FINE_LENGTH, 1, 0.2, 4, 0.05)
          .inHand("Height gained per turn.");
  public static final NumberDecision SPREAD_X =
      BOOK.number("strings.spread-x", "Check spacing at", LENGTH, 590, 0, 1300, 1)
          .hint("From the nut line, for example where a pickup goes.");
  public static final NumberDecision POLE_SPREAD =
      BOOK.number("strings.pole-spread", "Pole spacing", LENGTH, 50, 5, 200, 0.5)
          .inHand("Between the outer poles.");
  public static final ChoiceDecision<CompensationBy> COMPENSATION =
      BOOK.choice(
          "compensation.by",
          "Compensation method",
          CompensationBy.values(),
          "An estimate. Your own table is better.");
  public static final NumberDecision STRAIGHT_TREBLE =
      BOOK.number("compensation.treble", "Compensation, string 1", FINE_LENGTH, 1.5, -5, 20, 0.1)
          .hint("Of string 1 on a straight saddle.");
  public static final NumberDecision STRAIGHT_ANGLE =
      BOOK.number("compensation.angle", "Compensation angle", ANGLE, 2.5, -15, 15, 0.1)
          .hint("Of a straight saddle from square.");

  /** Whether bass and treble side have scales of their own. */
  public static boolean fanned(Design design) {
    return SCALE_BASS.in(design) > 0 || SCALE_TREBLE.in(design) > 0;
  }

  public static final ChoiceDecision<BridgeChoice> BRIDGE =
      BOOK.choice(
          "bridge.kind",
          "Bridge type",
          BridgeChoice.all(),
          "Listed in general sizes. Enter the measured sizes below.",
          BridgeChoice.all().get(0));
  public static final NumberDecision BRIDGE_PLACE =
      BOOK.number("bridge.place", "Position in range", RATIO, 0.5, 0, 1, 0.05)
          .hint("0 is the front of the possible range, 1 the back.");
  public static final NumberDecision BRIDGE_FORWARD =
      BOOK.number("bridge.forward", "Saddle travel, forward", LENGTH, -100, -100, 60, 0.5)
          .inHand("Front limit of the saddle from the datum. −100 uses the listed one.");
  public static final NumberDecision BRIDGE_REAR =
      BOOK.number("bridge.rear", "Saddle travel, back", LENGTH, -100, -100, 80, 0.5)
          .inHand("Rear limit of the saddle from the datum. −100 uses the listed one.");
  public static final NumberDecision BRIDGE_POSTS =
      BOOK.number("bridge.posts", "Stud or screw spacing", LENGTH, 0, 0, 200, 0.1)
          .inHand("Centre to centre. 0 uses the listed spacing.");
  public static final NumberDecision BRIDGE_SLANT =
      BOOK.number("bridge.slant", "Bass post offset", LENGTH, -100, -100, 60, 0.5)
          .inHand("How much further back the bass post is. −100 uses the listed offset.");
  public static final NumberDecision BRIDGE_LOW =
      BOOK.number("bridge.height-least", "Lowest saddle height", LENGTH, 0, 0, 60, 0.5)
          .inHand("Above the body. 0 uses the listed height.");
  public static final NumberDecision BRIDGE_HIGH =
      BOOK.number("bridge.height-most", "Highest saddle height", LENGTH, 0, 0, 80, 0.5)
          .inHand("Above the body. 0 uses the listed height.");
  public static final NumberDecision BRIDGE_ANCHOR =
      BOOK.number("bridge.anchor-back", "String anchor distance", LENGTH, 0, 0, 200, 0.5)
          .inHand(
              "From the saddles back to where the strings go down. 0 uses the listed distance.");
  public static final NumberDecision NUT_TO_OCTAVE =
      BOOK.number("neck.nut-to-octave", "Nut to fret 12", FINE_LENGTH, 0, 0, 700, 0.1)
          .result(
              "From the nut line to the centre of the octave fret, along the centre line.",
              OperationId.BOARD_SLOTS);

  public static final NumberDecision STRING_LINE_OFF =
      BOOK.number("strings.line-off", "String line offset at bridge", FINE_LENGTH, 0, -20, 20, 0.1)
          .assembly(
              "Where the seated neck really points: off the body centre line at the saddle "
                  + "line. Positive towards the treble side.",
              OperationId.cut("pocket"));

  public static final ChoiceDecision<SolveFor> SOLVE_FOR =
      BOOK.choice(
          "heights.solve-for",
          "Calculate",
          SolveFor.values(),
          "One of the three follows from the other two.");
  public static final NumberDecision SADDLE_HEIGHT =
      BOOK.number("saddle.height", "Saddle height", LENGTH, 17, 2, 60, 0.1)
          .inHand(
              "For a bridge with fixed saddles: above the body at the neck end, at the crown "
                  + "string.");
  public static final NumberDecision EXPOSED =
      BOOK.number("pocket.exposed", "Fretboard above body", LENGTH, 1, -15, 25, 0.1)
          .assembly(
              "From the body top to the underside of the fretboard at the body edge, neck "
                  + "seated. Negative when it is let in.",
              OperationId.cut("pocket"));
  public static final NumberDecision ANGLE_DECIDED =
      BOOK.number("neck.angle", "Neck angle", ANGLE, 0, -5, 10, 0.1)
          .assembly(
              "Between the seated neck and the body top. Positive tilts the neck back.",
              OperationId.cut("pocket"));
  public static final ChoiceDecision<AngleMade> ANGLE_MADE =
      BOOK.choice(
          "neck.angle-made",
          "Neck angle made by",
          AngleMade.values(),
          "Pocket depths, passes and work order follow.");
  public static final NumberDecision CARVE_RISE =
      BOOK.number("body.carve-rise", "Top rise at the bridge", LENGTH, 0, -10, 30, 0.5)
          .result("On a carved top, above its height at the neck end.", OperationId.BODY_CARVE);
  public static final NumberDecision STANDING =
      BOOK.number("proof.standing", "Fretboard height, neck seated", FINE_LENGTH, 0, 0, 60, 0.05)
          .assembly(
              "From the body top to the crown of the fretboard at the body edge.",
              OperationId.cut("pocket"));
  public static final NumberDecision STRAIGHTEDGE =
      BOOK.number(
              "proof.straightedge",
              "Straightedge height at saddle line",
              FINE_LENGTH,
              0,
              0,
              60,
              0.05)
          .assembly(
              "From the body top to a straightedge laid along the frets, neck seated.",
              OperationId.cut("pocket"));

  private StringDecisions() {}
}

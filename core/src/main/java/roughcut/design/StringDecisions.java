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
          .hint("Along the outer bass string; 0 is the scale length.");
  public static final NumberDecision SCALE_TREBLE =
      BOOK.number("scale.treble", "Treble-side scale", LENGTH, 0, 0, 1300, 1)
          .hint("Along the outer treble string; 0 is the scale length.");
  public static final NumberDecision SCALE_SQUARE =
      BOOK.number("scale.perpendicular-fret", "Straight fret", RATIO, 0, 0, 72, 0.5)
          .hint("The fret that stays square to the centre line; 0 is the nut.");
  public static final ChoiceDecision<StringKind> STRING_KIND =
      BOOK.choice(
          "strings.kind", "Strings are for", StringKind.values(), "Sets cores and end stiffness.");
  public static final NumberDecision WRAP_DENSITY =
      BOOK.number("strings.wrap-density", "Wrap's density", DENSITY, 8000, 5000, 12000, 100)
          .hint("kg/m³: 8000 for plated steel, 8900 for pure nickel.");
  public static final NumberDecision ACTION_NUT =
      BOOK.number("strings.action-nut", "Action at fret 1", FINE_LENGTH, 0.45, 0.05, 3, 0.05)
          .hint("Under the string at the nut's slot, over the plane of the frets.");
  public static final NumberDecision ACTION_12 =
      BOOK.number("strings.action-12", "Action at fret 12", FINE_LENGTH, 1.8, 0.3, 6, 0.05)
          .hint("Under the string, over the octave fret.");
  public static final NumberDecision RELIEF =
      BOOK.number("setup.relief-wanted", "Relief wanted", FINE_LENGTH, 0.2, 0, 2, 0.05)
          .hint("Halfway between fret 1 and the body, strings at pitch.");
  public static final NumberDecision POST_THREAD =
      BOOK.number("bridge.post-thread", "Thread of the posts", FINE_LENGTH, 1, 0.2, 4, 0.05)
          .inHand("Height that one turn gives.");
  public static final NumberDecision SPREAD_X =
      BOOK.number("strings.spread-x", "Spacing looked at", LENGTH, 590, 0, 1300, 1)
          .hint("From the nut line: a pickup's place.");
  public static final NumberDecision POLE_SPREAD =
      BOOK.number("strings.pole-spread", "Pole spacing", LENGTH, 50, 5, 200, 0.5)
          .inHand("Between the outer poles.");
  public static final ChoiceDecision<CompensationBy> COMPENSATION =
      BOOK.choice(
          "compensation.by",
          "Compensation",
          CompensationBy.values(),
          "An estimate; the maker's own table knows better.");
  public static final NumberDecision STRAIGHT_TREBLE =
      BOOK.number("compensation.treble", "Compensation, string 1", FINE_LENGTH, 1.5, -5, 20, 0.1)
          .hint("Compensation of the first string on a straight saddle.");
  public static final NumberDecision STRAIGHT_ANGLE =
      BOOK.number("compensation.angle", "Compensation's angle", ANGLE, 2.5, -15, 15, 0.1)
          .hint("Of a straight saddle to the square.");

  /** Whether bass and treble side have scales of their own. */
  public static boolean fanned(Design design) {
    return SCALE_BASS.in(design) > 0 || SCALE_TREBLE.in(design) > 0;
  }

  public static final ChoiceDecision<BridgeChoice> BRIDGE =
      BOOK.choice(
          "bridge.kind",
          "Bridge",
          BridgeChoice.all(),
          "In general sizes; what is measured in hand goes in below.",
          BridgeChoice.all().get(0));
  public static final NumberDecision BRIDGE_PLACE =
      BOOK.number("bridge.place", "Place in its window", RATIO, 0.5, 0, 1, 0.05)
          .hint("0 is the window's front, 1 its back.");
  public static final NumberDecision BRIDGE_FORWARD =
      BOOK.number("bridge.forward", "Saddle travel, forward", LENGTH, -100, -100, 60, 0.5)
          .inHand("Saddle's front limit from the datum; −100 takes the kind's own.");
  public static final NumberDecision BRIDGE_REAR =
      BOOK.number("bridge.rear", "Saddle travel, back", LENGTH, -100, -100, 80, 0.5)
          .inHand("Saddle's rear limit from the datum; −100 takes the kind's own.");
  public static final NumberDecision BRIDGE_POSTS =
      BOOK.number("bridge.posts", "Stud or screw spacing", LENGTH, 0, 0, 200, 0.1)
          .inHand("Between the posts' middles; 0 takes the kind's own.");
  public static final NumberDecision BRIDGE_SLANT =
      BOOK.number("bridge.slant", "Bass side further back", LENGTH, -100, -100, 60, 0.5)
          .inHand("Of the posts; −100 takes the kind's own.");
  public static final NumberDecision BRIDGE_LOW =
      BOOK.number("bridge.height-least", "Saddles, lowest", LENGTH, 0, 0, 60, 0.5)
          .inHand("Over the body; 0 takes the kind's own.");
  public static final NumberDecision BRIDGE_HIGH =
      BOOK.number("bridge.height-most", "Saddles, highest", LENGTH, 0, 0, 80, 0.5)
          .inHand("Over the body; 0 takes the kind's own.");
  public static final NumberDecision BRIDGE_ANCHOR =
      BOOK.number("bridge.anchor-back", "Anchored behind", LENGTH, 0, 0, 200, 0.5)
          .inHand("Where the strings go down, behind the saddles; 0 takes the kind's own.");
  public static final NumberDecision NUT_TO_OCTAVE =
      BOOK.number("neck.nut-to-octave", "Nut to fret 12", FINE_LENGTH, 0, 0, 700, 0.1)
          .result(
              "From the nut line to the middle of the octave fret, along the centre line.",
              OperationId.BOARD_SLOTS);

  public static final NumberDecision STRING_LINE_OFF =
      BOOK.number("strings.line-off", "String line off at the bridge", FINE_LENGTH, 0, -20, 20, 0.1)
          .assembly(
              "Where the seated neck really points: off the body's centre line at the saddle line, treble positive.",
              OperationId.cut("pocket"));

  public static final ChoiceDecision<SolveFor> SOLVE_FOR =
      BOOK.choice(
          "heights.solve-for",
          "Work out the",
          SolveFor.values(),
          "One of the three follows from the other two.");
  public static final NumberDecision SADDLE_HEIGHT =
      BOOK.number("saddle.height", "Saddle height", LENGTH, 17, 2, 60, 0.1)
          .inHand(
              "Of a bridge in hand whose saddles don't move: over the body's top at the neck end, at the crown string.");
  public static final NumberDecision EXPOSED =
      BOOK.number("pocket.exposed", "Fretboard above body", LENGTH, 1, -15, 25, 0.1)
          .assembly(
              "From the body's top to the fretboard's underside at the body's edge, neck seated; negative when it is let in.",
              OperationId.cut("pocket"));
  public static final NumberDecision ANGLE_DECIDED =
      BOOK.number("neck.angle", "Neck angle", ANGLE, 0, -5, 10, 0.1)
          .assembly(
              "Between the seated neck and the body's top; leaning back is positive.",
              OperationId.cut("pocket"));
  public static final ChoiceDecision<AngleMade> ANGLE_MADE =
      BOOK.choice(
          "neck.angle-made",
          "Neck angle made by",
          AngleMade.values(),
          "Pocket depths, passes and the order of work follow.");
  public static final NumberDecision CARVE_RISE =
      BOOK.number("body.carve-rise", "Rise at the bridge", LENGTH, 0, -10, 30, 0.5)
          .result("On a carved top, over its height at the neck end.", OperationId.BODY_CARVE);
  public static final NumberDecision STANDING =
      BOOK.number("proof.standing", "Fretboard height, seated", FINE_LENGTH, 0, 0, 60, 0.05)
          .assembly(
              "From the body's top to the fretboard's crown at the body's edge, neck seated.",
              OperationId.cut("pocket"));
  public static final NumberDecision STRAIGHTEDGE =
      BOOK.number("proof.straightedge", "Straightedge at saddle line", FINE_LENGTH, 0, 0, 60, 0.05)
          .assembly(
              "From the body's top at the saddle line to a straightedge laid along the frets, neck seated.",
              OperationId.cut("pocket"));

  private StringDecisions() {}
}

package roughcut.design;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.MASS;
import static roughcut.measure.Quantity.RATIO;

import roughcut.measure.Text;

/** Decided about head, channels, access and carving. */
public final class NeckDecisions {
  static final DecisionBook BOOK = new DecisionBook();

  /** Share of its channel that a rod fills with steel, and densities, g/cm³. */
  private static final double ROD_FILL = 0.55;

  private static final double STEEL = 7.85;
  private static final double CARBON = 1.6;

  public static final ChoiceDecision<HeadMaking> HEAD_MAKING =
      BOOK.choice(
          "head.made",
          "Headstock",
          HeadMaking.values(),
          "A scarf has full-length grain; one piece has no joint; a flat head has no angle.");
  public static final NumberDecision HEAD_STEP =
      BOOK.number("head.step", "Headstock step", LENGTH, 8, 0, 40, 0.5)
          .result("How much lower its face lies than the neck's top.", OperationId.HEAD_STEP_DOWN);
  public static final NumberDecision STEP_RADIUS =
      BOOK.number("head.step-radius", "Radius of the step", LENGTH, 25, 1, 200, 1)
          .hint("Of the drum or cutter that leaves the way down to the face.");
  public static final NumberDecision DRUM_HEIGHT =
      BOOK.number("drum.height", "Drum's height", LENGTH, 90, 10, 400, 5)
          .hint("A head wider than the drum is tall takes two turns.");
  public static final NumberDecision SPLINES =
      BOOK.number("spline.count", "Splines", COUNT, 0, 0, 5, 1)
          .hint("Across the scarf joint; 0 for none.");
  public static final NumberDecision SPLINE_WIDTH =
      BOOK.number("spline.width", "Spline width", LENGTH, 3, 1, 15, 0.5).inHand("Across.");
  public static final NumberDecision SPLINE_DEPTH =
      BOOK.number("spline.depth", "Spline depth", LENGTH, 8, 1, 30, 0.5)
          .inHand("From the neck's top at the middle of the joint.");
  public static final NumberDecision SPLINE_OFFSET =
      BOOK.number("spline.offset", "Splines apart", LENGTH, 12, 2, 40, 0.5)
          .hint("Between the middles of two.");

  public static final NumberDecision TUNERS_TREBLE =
      BOOK.number("tuner.treble-side", "Tuners, treble side", COUNT, 3, 0, 18, 1)
          .hint("The rest stand at the bass side; 0 puts all in line.");
  public static final ChoiceDecision<TunerRule> TUNER_RULE =
      BOOK.choice(
          "tuner.rule",
          "Tuners stand",
          TunerRule.values(),
          "Straight strings keep their tuning best.");
  public static final ChoiceDecision<WoodChoice> VENEER_SPECIES =
      BOOK.wood(
          "head.veneer-species",
          "Face veneer's wood",
          "What is seen of the headstock where it has a face veneer.",
          new WoodChoice("bog-oak", Text.of("bog oak")));
  public static final NumberDecision TUNER_FIRST =
      BOOK.number("tuner.first", "First tuner", LENGTH, 42, 5, 300, 1)
          .hint("Along the headstock's face, from the break line to the first post.");
  public static final NumberDecision TUNER_SPACING =
      BOOK.number("tuner.spacing", "Between tuners", LENGTH, 42, 8, 120, 1)
          .hint("From post to post along the headstock.");
  public static final NumberDecision TUNER_STAGGER =
      BOOK.number("tuner.stagger", "Treble side further", LENGTH, 0, -60, 60, 1)
          .hint("How much further from the nut the treble side's tuners stand.");
  public static final NumberDecision TUNER_OFFSET =
      BOOK.number("tuner.line-offset", "Line from the centre", LENGTH, 22, 0, 100, 0.5)
          .hint("Of a line of tuners at the first post, when they stand along a line.");
  public static final NumberDecision TUNER_SLOPE =
      BOOK.number("tuner.line-slope", "Line slopes", ANGLE, 0, -30, 30, 0.5)
          .hint("Outwards towards the tip; negative inwards.");
  public static final NumberDecision TUNER_POST =
      BOOK.number("tuner.post", "Tuner post", FINE_LENGTH, 6, 2, 15, 0.1).inHand("Diameter.");
  public static final NumberDecision TUNER_BUSHING =
      BOOK.number("tuner.bushing", "Tuner bushing", FINE_LENGTH, 10, 4, 25, 0.1)
          .inHand("Across the tuner's own bush or shaft.");
  public static final NumberDecision TUNER_BUSHING_DEPTH =
      BOOK.number("tuner.bushing-depth", "Bushing reaches", LENGTH, 8, 1, 30, 0.5)
          .inHand("Into the headstock's face.");
  public static final NumberDecision TUNER_BODY =
      BOOK.number("tuner.body", "Tuner body", LENGTH, 15, 5, 60, 0.5)
          .inHand("Along the row, at the back.");
  public static final NumberDecision TUNER_GRIP_LEAST =
      BOOK.number("tuner.grip-least", "Grip, least", LENGTH, 11, 3, 40, 0.5)
          .inHand("Thinnest head that the tuner clamps.");
  public static final NumberDecision TUNER_GRIP_MOST =
      BOOK.number("tuner.grip-most", "Grip, most", LENGTH, 17, 3, 60, 0.5)
          .inHand("Thickest head that the tuner clamps.");
  public static final NumberDecision TUNER_WRAP =
      BOOK.number("tuner.wrap-height", "String on the post", LENGTH, 5, 0, 25, 0.5)
          .inHand("Height of the wrap over the headstock's face.");

  public static final ChoiceDecision<RodReach> ROD_REACH =
      BOOK.choice("rod.worked-from", "Adjuster is at", RodReach.values(), "Where the key goes in.");
  public static final ChoiceDecision<RodActing> ROD_ACTING =
      BOOK.choice(
          "rod.acting",
          "Truss rod acts",
          RodActing.values(),
          "A rod in a curved channel pulls against the strings only.");
  public static final NumberDecision ROD_DEPTH_MIDDLE =
      BOOK.number("rod.deeper-middle", "Deeper in the middle", LENGTH, 0, -10, 20, 0.5)
          .result(
              "How much a curved channel gains halfway; 0 for a straight one.",
              OperationId.ROD_CHANNEL);
  public static final ChoiceDecision<ChannelBottom> ROD_BOTTOM =
      BOOK.choice("rod.bottom", "Channel's bottom", ChannelBottom.values(), "As the cutter is.");
  public static final NumberDecision ROD_BED =
      BOOK.number("rod.bed", "Bed under the rod", LENGTH, 0, 0, 5, 0.1)
          .hint("Sleeve, tape or a dab against rattle, within the channel's depth.");
  public static final NumberDecision ROD_CAP =
      BOOK.number("rod.cap", "Cap over the rod", LENGTH, 0, 0, 10, 0.1)
          .hint("Veneer or strip over the rod, flush with the top; within the channel's depth.");
  public static final NumberDecision ROD_ADJUSTER_LENGTH =
      BOOK.number("rod.adjuster-length", "Adjuster's length", LENGTH, 0, 0, 80, 0.5)
          .inHand("Of the wider or deeper end; 0 for none.");
  public static final NumberDecision ROD_ADJUSTER_WIDTH =
      BOOK.number("rod.adjuster-width", "Adjuster's width", LENGTH, 8, 2, 30, 0.1)
          .inHand("Channel at the adjuster.");
  public static final NumberDecision ROD_ADJUSTER_DEPTH =
      BOOK.number("rod.adjuster-depth", "Adjuster's depth", LENGTH, 10.4, 2, 40, 0.1)
          .inHand("Channel at the adjuster.");
  public static final NumberDecision ROD_AXIS =
      BOOK.number("rod.axis-depth", "Adjuster's axis", LENGTH, 5, 0, 40, 0.1)
          .inHand("Below the neck's top: at the break line, or at the adjuster at its other end.");
  public static final NumberDecision ACCESS_BORE =
      BOOK.number("access.bore", "Access hole", LENGTH, 6, 1, 25, 0.5)
          .hint("Diameter of the bore, or of the groove that the key turns in.");
  public static final NumberDecision ACCESS_TILT =
      BOOK.number("access.tilt", "Drill tilted up", ANGLE, 0, -5, 30, 0.5)
          .hint("Out of the neck's own line, so that the chuck clears the headstock.");
  public static final NumberDecision ACCESS_PILOT =
      BOOK.number("access.pilot", "Pilot", LENGTH, 3, 0.5, 15, 0.5)
          .hint("Diameter, drilled first.");
  public static final NumberDecision ACCESS_CHUCK =
      BOOK.number("access.chuck", "Drill's chuck", LENGTH, 36, 5, 80, 1)
          .hint("Diameter; it has to clear the headstock's face.");
  public static final NumberDecision KEY_SIZE =
      BOOK.number("access.key", "Hex key size", LENGTH, 4, 1, 15, 0.1)
          .inHand("Its widest, over the corners.");

  public static final NumberDecision HEAD_POCKET_LENGTH =
      BOOK.number("access.pocket-length", "Headstock pocket, long", LENGTH, 30, 5, 150, 1)
          .hint("From the break line along the headstock's face.");
  public static final NumberDecision HEAD_POCKET_WIDTH =
      BOOK.number("access.pocket-width", "Headstock pocket, wide", LENGTH, 12, 3, 60, 0.5)
          .hint("Across, between its walls.");
  public static final NumberDecision HEAD_POCKET_DEPTH =
      BOOK.number("access.pocket-depth", "Headstock pocket, deep", LENGTH, 8, 1, 30, 0.5)
          .result("From the headstock's wood, square to its face.", OperationId.ROD_ACCESS);
  public static final NumberDecision HEAD_POCKET_LAP =
      BOOK.number("access.cover-lap", "Cover laps over", LENGTH, 5, 1, 30, 0.5)
          .hint("Beyond the pocket at its sides and its end.");
  public static final NumberDecision ACCESS_WELL =
      BOOK.number("access.well", "Well at the adjuster", LENGTH, 20, 2, 80, 1)
          .hint("Along the neck, from the rod's end; the bore from the heel comes into it.");
  public static final NumberDecision BIT_HELD =
      BOOK.number("access.bit-held", "Bit length in chuck", LENGTH, 30, 5, 100, 1)
          .hint("What of a bit doesn't reach into the wood.");

  public static final NumberDecision ROD_MASS =
      BOOK.number("rod.mass", "Truss rod weighs", MASS, 0, 0, 1000, 5)
          .follows(
              d ->
                  Decisions.ROD_LENGTH.in(d)
                      * Decisions.ROD_WIDTH.in(d)
                      * Decisions.ROD_DEPTH.in(d)
                      * ROD_FILL
                      * STEEL
                      / 1000,
              Decisions.ROD_LENGTH,
              Decisions.ROD_WIDTH,
              Decisions.ROD_DEPTH)
          .inHand("Empty for steel that fills a little over half of its channel.");
  public static final NumberDecision STIFFENERS =
      BOOK.number("stiffener.count", "Stiffeners", COUNT, 2, 0, 2, 2)
          .hint("One each side of the rod, or none.");
  public static final NumberDecision STIFFENER_WIDTH =
      BOOK.number("stiffener.width", "Stiffener width", LENGTH, 3.2, 1, 15, 0.1)
          .inHand("Of its channel.");
  public static final NumberDecision STIFFENER_DEPTH =
      BOOK.number("stiffener.depth", "Stiffener depth", LENGTH, 6, 1, 30, 0.1)
          .inHand("Of its channel, from the neck's top.");
  public static final NumberDecision STIFFENER_HEAD =
      BOOK.number("stiffener.offset-head", "Stiffener, head end", LENGTH, 11, 2, 60, 0.5)
          .hint("Its middle from the centre line.");
  public static final NumberDecision STIFFENER_HEEL =
      BOOK.number("stiffener.offset-heel", "Stiffener, heel end", LENGTH, 14, 2, 60, 0.5)
          .hint("Its middle from the centre line.");
  public static final NumberDecision STIFFENER_START =
      BOOK.number("stiffener.start", "Stiffener begins", LENGTH, 20, 0, 300, 1)
          .hint("From the nut line.");
  public static final NumberDecision STIFFENER_LENGTH =
      BOOK.number("stiffener.length", "Stiffener length", LENGTH, 400, 20, 1200, 5)
          .inHand("End to end.");

  public static final NumberDecision STIFFENER_MASS =
      BOOK.number("stiffener.mass", "A stiffener weighs", MASS, 0, 0, 500, 1)
          .follows(
              d ->
                  STIFFENER_LENGTH.in(d)
                      * STIFFENER_WIDTH.in(d)
                      * STIFFENER_DEPTH.in(d)
                      * CARBON
                      / 1000,
              STIFFENER_LENGTH,
              STIFFENER_WIDTH,
              STIFFENER_DEPTH)
          .inHand(
              "Each. Empty for carbon that fills its channel; titanium weighs near three times as much.");

  public static final ChoiceDecision<ChannelMachine> CHANNEL_MACHINE =
      BOOK.choice(
          "channel.machine",
          "Channels cut with",
          ChannelMachine.values(),
          "A fence wants a true edge, before the outline; a railed jig is sighted on the centre line.");
  public static final NumberDecision CHANNEL_CUTTER =
      BOOK.number("channel.cutter", "Rod channel's cutter", LENGTH, 6.4, 1, 30, 0.1)
          .follows(d -> Math.min(6.4, Decisions.ROD_WIDTH.in(d)), Decisions.ROD_WIDTH)
          .inHand("Diameter; empty for the usual one, no wider than the channel.");
  public static final NumberDecision STIFFENER_CUTTER =
      BOOK.number("stiffener.cutter", "Stiffener's cutter", LENGTH, 3.2, 1, 30, 0.1)
          .follows(
              d -> Math.min(CHANNEL_CUTTER.in(d), STIFFENER_WIDTH.in(d)),
              CHANNEL_CUTTER,
              STIFFENER_WIDTH)
          .inHand("Diameter; empty for one as wide as the channel, up to the rod's cutter.");
  public static final NumberDecision JIG_BASE =
      BOOK.number("channel.base", "Router's base", LENGTH, 76, 10, 200, 0.5)
          .inHand("From the cutter's middle to the base's edge.");

  public static final NumberDecision EXPONENT_TREBLE =
      BOOK.number("neck.profile-exponent-treble", "Treble side differs", RATIO, 0, -2, 2, 0.1)
          .hint("Added to the profile exponent at the treble side; 0 is symmetrical.");
  public static final NumberDecision SHOULDER =
      BOOK.number("neck.shoulder", "Straight shoulder", LENGTH, 0, 0, 15, 0.5)
          .hint("Height of the straight side under the fretboard.");
  public static final NumberDecision CARVE_ROUNDS =
      BOOK.number("carve.rounds", "Rounds of facets", COUNT, 3, 1, 4, 1)
          .hint("Bevels a side: one, then two more, then four more.");
  public static final NumberDecision CARVE_STATION =
      BOOK.number("carve.station", "One more station", LENGTH, 0, 0, 1000, 1)
          .hint("Facet lines there too, from the nut line; 0 for none.");
  public static final NumberDecision REST_DAYS =
      BOOK.number("carve.rest-days", "Rest after carving", COUNT, 3, 0, 60, 1)
          .hint("Days; wood moves when wood is taken off.");
  public static final NumberDecision BOW =
      BOOK.number("carve.bow", "Bow after resting", FINE_LENGTH, 0, -3, 3, 0.05)
          .stage("Gap under a straightedge along the fretboard, halfway; hollow is positive.");
  public static final NumberDecision BOW_ROD =
      BOOK.number("carve.rod-takes", "Rod takes out", FINE_LENGTH, 0.5, 0, 3, 0.05)
          .hint("How much bow the rod draws straight; a single-acting one takes out no back-bow.");

  private NeckDecisions() {}
}

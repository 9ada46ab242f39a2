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

  /** A headpiece's outer screws stand so far apart, as a share of the nut's width. */
  private static final double SCREWED = 0.4;

  private static final double STEEL = 7.85;
  private static final double CARBON = 1.6;

  public static final ChoiceDecision<HeadMaking> HEAD_MAKING =
      BOOK.choice(
          "head.made",
          "Headstock construction",
          HeadMaking.values(),
          "A scarf has full-length grain, one piece has no joint, a flat headstock has "
              + "no angle, a headless neck is tuned at the bridge.");
  public static final NumberDecision HEAD_STEP =
      BOOK.number("head.step", "Headstock step", LENGTH, 8, 0, 40, 0.5)
          .result("How far its face is below the neck top.", OperationId.HEAD_STEP_DOWN);
  public static final NumberDecision HEAD_STUB =
      BOOK.number("head.stub", "Neck past the nut", LENGTH, 26, 8, 120, 0.5)
          .result(
              "From the back of the nut to the end of a headless neck.", OperationId.HEAD_OUTLINE);
  public static final NumberDecision HEADPIECE_STRINGS =
      BOOK.number("headpiece.strings", "Strings held behind the nut", LENGTH, 14, 3, 80, 0.5)
          .inHand("From the back of the nut to where the headpiece holds the strings.");
  public static final NumberDecision HEADPIECE_HEIGHT =
      BOOK.number("headpiece.height", "String height at the headpiece", LENGTH, 5, 0, 25, 0.5)
          .inHand("Above the wood on which the headpiece is screwed.");
  public static final NumberDecision HEADPIECE_SCREWS =
      BOOK.number("headpiece.screws", "Headpiece screws", COUNT, 3, 1, 12, 1)
          .inHand("In one row across the neck.");
  public static final NumberDecision HEADPIECE_SCREWS_AT =
      BOOK.number("headpiece.screws-at", "Headpiece screws behind the nut", LENGTH, 19, 2, 100, 0.5)
          .inHand("From the back of the nut to the row of screws.");
  public static final NumberDecision HEADPIECE_SPREAD =
      BOOK.number("headpiece.spread", "Headpiece screws, outer to outer", LENGTH, 17, 0, 120, 0.5)
          .follows(d -> Math.rint(SCREWED * Decisions.NUT_WIDTH.in(d)), Decisions.NUT_WIDTH)
          .inHand(
              "Centre to centre. Empty: two fifths of the nut width, where the carved neck is thick.");
  public static final NumberDecision HEADPIECE_SCREW =
      BOOK.number("headpiece.screw", "Headpiece screw diameter", FINE_LENGTH, 3, 1, 8, 0.1)
          .inHand("Over the thread.");
  public static final NumberDecision HEADPIECE_BITE =
      BOOK.number("headpiece.bite", "Headpiece screws in the wood", LENGTH, 8, 3, 40, 0.5)
          .inHand("Length below the headpiece.");
  public static final NumberDecision HEADPIECE_MASS =
      BOOK.number("headpiece.mass", "Headpiece weight", MASS, 60, 0, 1000, 5)
          .inHand("With its screws; a part of the weight of other hardware.");
  public static final NumberDecision STEP_RADIUS =
      BOOK.number("head.step-radius", "Step radius", LENGTH, 25, 1, 200, 1)
          .hint("Of the drum or cutter that shapes the ramp down to the face.");
  public static final NumberDecision DRUM_HEIGHT =
      BOOK.number("drum.height", "Drum height", LENGTH, 90, 10, 400, 5)
          .hint("A headstock wider than the drum takes two turns.");
  public static final NumberDecision SPLINES =
      BOOK.number("spline.count", "Number of splines", COUNT, 0, 0, 5, 1)
          .hint("Across the scarf joint; 0 for none.");
  public static final NumberDecision SPLINE_WIDTH =
      BOOK.number("spline.width", "Spline width", LENGTH, 3, 1, 15, 0.5).inHand("Across the neck.");
  public static final NumberDecision SPLINE_DEPTH =
      BOOK.number("spline.depth", "Spline depth", LENGTH, 8, 1, 30, 0.5)
          .inHand("From the neck top at the middle of the joint.");
  public static final NumberDecision SPLINE_OFFSET =
      BOOK.number("spline.offset", "Spline spacing", LENGTH, 12, 2, 40, 0.5)
          .hint("Centre to centre.");

  public static final NumberDecision TUNERS_TREBLE =
      BOOK.number("tuner.treble-side", "Tuners on treble side", COUNT, 3, 0, 18, 1)
          .hint("The others are on the bass side. 0 puts all in line.");
  public static final ChoiceDecision<TunerRule> TUNER_RULE =
      BOOK.choice(
          "tuner.rule",
          "Tuner arrangement",
          TunerRule.values(),
          "Straight strings keep their tuning best.");
  public static final ChoiceDecision<WoodChoice> VENEER_SPECIES =
      BOOK.wood(
          "head.veneer-species",
          "Face veneer wood",
          "Seen on the headstock where it has a face veneer.",
          new WoodChoice("bog-oak", Text.of("bog oak")));
  public static final NumberDecision HEAD_OUTLINE_TURN =
      BOOK.number("head.outline-turn", "Headstock outline direction", ANGLE, 0, -360, 360, 1)
          .hint("Turn it until its end towards the neck is at the nut.");
  public static final ChoiceDecision<YesNo> HEAD_OUTLINE_FLIP =
      BOOK.choice(
          "head.outline-flip",
          "Headstock outline flipped",
          YesNo.values(),
          "Swaps bass and treble side.");
  public static final NumberDecision HEAD_OUTLINE_ASIDE =
      BOOK.number("head.outline-aside", "Headstock outline shift sideways", LENGTH, 0, -60, 60, 0.5)
          .hint("0 puts the middle of its end at the nut on the centre line.");
  public static final NumberDecision TUNER_FIRST =
      BOOK.number("tuner.first", "First tuner position", LENGTH, 42, 5, 300, 1)
          .hint("Along the headstock face, from the break line to the first post.");
  public static final NumberDecision TUNER_SPACING =
      BOOK.number("tuner.spacing", "Tuner spacing", LENGTH, 42, 8, 120, 1)
          .hint("From post to post along the headstock.");
  public static final NumberDecision TUNER_STAGGER =
      BOOK.number("tuner.stagger", "Treble row offset", LENGTH, 0, -60, 60, 1)
          .hint("How much further from the nut the treble side's tuners are.");
  public static final NumberDecision TUNER_OFFSET =
      BOOK.number("tuner.line-offset", "Tuner line from centre", LENGTH, 22, 0, 100, 0.5)
          .hint("Distance at the first post, for tuners along a line.");
  public static final NumberDecision TUNER_SLOPE =
      BOOK.number("tuner.line-slope", "Tuner line slope", ANGLE, 0, -30, 30, 0.5)
          .hint("Positive outwards towards the tip, negative inwards.");
  public static final NumberDecision TUNER_EDGE =
      BOOK.number("tuner.edge-distance", "Tuner from headstock edge", LENGTH, 14, 5, 60, 0.5)
          .hint("From the edge to the middle of the post, for tuners along the edge.");
  public static final NumberDecision TUNER_POST =
      BOOK.number("tuner.post", "Tuner post diameter", FINE_LENGTH, 6, 2, 15, 0.1)
          .inHand("Of the post.");
  public static final NumberDecision TUNER_BUSHING =
      BOOK.number("tuner.bushing", "Tuner bushing diameter", FINE_LENGTH, 10, 4, 25, 0.1)
          .inHand("Of the tuner's own bushing or shaft.");
  public static final NumberDecision TUNER_BUSHING_DEPTH =
      BOOK.number("tuner.bushing-depth", "Bushing depth", LENGTH, 8, 1, 30, 0.5)
          .inHand("Into the headstock face.");
  public static final NumberDecision TUNER_BODY =
      BOOK.number("tuner.body", "Tuner body width", LENGTH, 15, 5, 60, 0.5)
          .inHand("Along the row, at the back.");
  public static final NumberDecision TUNER_GRIP_LEAST =
      BOOK.number("tuner.grip-least", "Thinnest headstock clamped", LENGTH, 11, 3, 40, 0.5)
          .inHand("By the tuners.");
  public static final NumberDecision TUNER_GRIP_MOST =
      BOOK.number("tuner.grip-most", "Thickest headstock clamped", LENGTH, 17, 3, 60, 0.5)
          .inHand("By the tuners.");
  public static final NumberDecision TUNER_WRAP =
      BOOK.number("tuner.wrap-height", "String height on post", LENGTH, 5, 0, 25, 0.5)
          .inHand("Of the wrap above the headstock face.");

  public static final ChoiceDecision<RodReach> ROD_REACH =
      BOOK.choice(
          "rod.worked-from", "Adjuster is at", RodReach.values(), "The end where the key goes in.");
  public static final ChoiceDecision<RodActing> ROD_ACTING =
      BOOK.choice(
          "rod.acting",
          "Truss rod action",
          RodActing.values(),
          "A rod in a curved channel only pulls against the strings.");
  public static final NumberDecision ROD_DEPTH_MIDDLE =
      BOOK.number("rod.deeper-middle", "Channel curve depth", LENGTH, 0, -10, 20, 0.5)
          .result(
              "How much deeper a curved channel is halfway; 0 for a straight one.",
              OperationId.ROD_CHANNEL);
  public static final ChoiceDecision<ChannelBottom> ROD_BOTTOM =
      BOOK.choice(
          "rod.bottom",
          "Channel bottom",
          ChannelBottom.values(),
          "Flat or round, like the cutter.");
  public static final NumberDecision ROD_BED =
      BOOK.number("rod.bed", "Bed under the rod", LENGTH, 0, 0, 5, 0.1)
          .hint("Sleeve, tape or a dab against rattle; included in the channel depth.");
  public static final NumberDecision ROD_CAP =
      BOOK.number("rod.cap", "Cap over the rod", LENGTH, 0, 0, 10, 0.1)
          .hint("Veneer or strip over the rod, flush with the top; included in the channel depth.");
  public static final NumberDecision ROD_ADJUSTER_LENGTH =
      BOOK.number("rod.adjuster-length", "Adjuster length", LENGTH, 0, 0, 80, 0.5)
          .inHand("Of the wider or deeper end; 0 for none.");
  public static final NumberDecision ROD_ADJUSTER_WIDTH =
      BOOK.number("rod.adjuster-width", "Adjuster width", LENGTH, 8, 2, 30, 0.1)
          .inHand("Channel width at the adjuster.");
  public static final NumberDecision ROD_ADJUSTER_DEPTH =
      BOOK.number("rod.adjuster-depth", "Adjuster depth", LENGTH, 10.4, 2, 40, 0.1)
          .inHand("Channel depth at the adjuster.");
  public static final NumberDecision ROD_AXIS =
      BOOK.number("rod.axis-depth", "Adjuster axis depth", LENGTH, 5, 0, 40, 0.1)
          .inHand("Below the neck top: at the break line, or at an adjuster at the other end.");
  public static final NumberDecision ACCESS_BORE =
      BOOK.number("access.bore", "Access hole diameter", LENGTH, 6, 1, 25, 0.5)
          .hint("Of the hole, or of the groove that the key turns in.");
  public static final NumberDecision ACCESS_TILT =
      BOOK.number("access.tilt", "Drill tilt", ANGLE, 0, -5, 30, 0.5)
          .hint("Upwards from the line of the neck, so that the chuck clears the headstock.");
  public static final NumberDecision ACCESS_PILOT =
      BOOK.number("access.pilot", "Access pilot diameter", LENGTH, 3, 0.5, 15, 0.5)
          .hint("Drilled first.");
  public static final NumberDecision ACCESS_CHUCK =
      BOOK.number("access.chuck", "Drill chuck diameter", LENGTH, 36, 5, 80, 1)
          .hint("It has to clear the headstock face.");
  public static final NumberDecision KEY_SIZE =
      BOOK.number("access.key", "Hex key size", LENGTH, 4, 1, 15, 0.1)
          .inHand("Across the corners.");

  public static final NumberDecision HEAD_POCKET_LENGTH =
      BOOK.number("access.pocket-length", "Headstock pocket length", LENGTH, 30, 5, 150, 1)
          .hint("From the break line along the headstock face.");
  public static final NumberDecision HEAD_POCKET_WIDTH =
      BOOK.number("access.pocket-width", "Headstock pocket width", LENGTH, 12, 3, 60, 0.5)
          .hint("Between its walls.");
  public static final NumberDecision HEAD_POCKET_DEPTH =
      BOOK.number("access.pocket-depth", "Headstock pocket depth", LENGTH, 8, 1, 30, 0.5)
          .result("From the wood of the headstock, square to its face.", OperationId.ROD_ACCESS);
  public static final NumberDecision HEAD_POCKET_LAP =
      BOOK.number("access.cover-lap", "Cover overlap", LENGTH, 5, 1, 30, 0.5)
          .hint("Beyond the sides and end of the pocket.");
  public static final NumberDecision ACCESS_WELL =
      BOOK.number("access.well", "Adjuster recess length", LENGTH, 20, 2, 80, 1)
          .hint("Along the neck from the rod end. The hole from the heel meets it.");
  public static final NumberDecision BIT_HELD =
      BOOK.number("access.bit-held", "Bit length in the chuck", LENGTH, 30, 5, 100, 1)
          .hint("The part of the bit that can't go into the wood.");

  public static final NumberDecision ROD_MASS =
      BOOK.number("rod.mass", "Truss rod weight", MASS, 0, 0, 1000, 5)
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
          .inHand("Empty: steel that fills a little over half of its channel.");
  public static final NumberDecision STIFFENERS =
      BOOK.number("stiffener.count", "Number of stiffeners", COUNT, 2, 0, 2, 2)
          .hint("One on each side of the rod, or none.");
  public static final NumberDecision STIFFENER_WIDTH =
      BOOK.number("stiffener.width", "Stiffener width", LENGTH, 3.2, 1, 15, 0.1)
          .inHand("Of its channel.");
  public static final NumberDecision STIFFENER_DEPTH =
      BOOK.number("stiffener.depth", "Stiffener depth", LENGTH, 6, 1, 30, 0.1)
          .inHand("Of its channel, from the neck top.");
  public static final NumberDecision STIFFENER_HEAD =
      BOOK.number("stiffener.offset-head", "Stiffener at head end", LENGTH, 11, 2, 60, 0.5)
          .hint("Centre of the stiffener from the centre line.");
  public static final NumberDecision STIFFENER_HEEL =
      BOOK.number("stiffener.offset-heel", "Stiffener at heel end", LENGTH, 14, 2, 60, 0.5)
          .hint("Centre of the stiffener from the centre line.");
  public static final NumberDecision STIFFENER_START =
      BOOK.number("stiffener.start", "Stiffener start", LENGTH, 20, 0, 300, 1)
          .hint("From the nut line.");
  public static final NumberDecision STIFFENER_LENGTH =
      BOOK.number("stiffener.length", "Stiffener length", LENGTH, 400, 20, 1200, 5)
          .inHand("End to end.");

  public static final NumberDecision STIFFENER_MASS =
      BOOK.number("stiffener.mass", "Stiffener weight", MASS, 0, 0, 500, 1)
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
              "Each. Empty: carbon that fills its channel. Titanium weighs nearly three "
                  + "times as much.");

  public static final ChoiceDecision<ChannelMachine> CHANNEL_MACHINE =
      BOOK.choice(
          "channel.machine",
          "Channels cut with",
          ChannelMachine.values(),
          "A fence needs a true edge, before the outline is cut. A railed jig is sighted "
              + "on the centre line.");
  public static final NumberDecision CHANNEL_CUTTER =
      BOOK.number("channel.cutter", "Rod channel cutter", LENGTH, 6.4, 1, 30, 0.1)
          .follows(d -> Math.min(6.4, Decisions.ROD_WIDTH.in(d)), Decisions.ROD_WIDTH)
          .inHand("Diameter. Empty: the usual one, no wider than the channel.");
  public static final NumberDecision STIFFENER_CUTTER =
      BOOK.number("stiffener.cutter", "Stiffener cutter", LENGTH, 3.2, 1, 30, 0.1)
          .follows(
              d -> Math.min(CHANNEL_CUTTER.in(d), STIFFENER_WIDTH.in(d)),
              CHANNEL_CUTTER,
              STIFFENER_WIDTH)
          .inHand("Diameter. Empty: as wide as the channel, up to the rod cutter.");
  public static final NumberDecision JIG_BASE =
      BOOK.number("channel.base", "Router base radius", LENGTH, 76, 10, 200, 0.5)
          .inHand("From the centre of the cutter to the edge of the base.");

  public static final NumberDecision EXPONENT_TREBLE =
      BOOK.number("neck.profile-exponent-treble", "Treble side difference", RATIO, 0, -2, 2, 0.1)
          .hint("Added to the profile exponent on the treble side; 0 is symmetrical.");
  public static final NumberDecision SHOULDER =
      BOOK.number("neck.shoulder", "Straight shoulder", LENGTH, 0, 0, 15, 0.5)
          .hint("Height of the straight side below the fretboard.");
  public static final NumberDecision CARVE_ROUNDS =
      BOOK.number("carve.rounds", "Rounds of facets", COUNT, 3, 1, 4, 1)
          .hint("Bevels per side: one, then two more, then four more.");
  public static final NumberDecision CARVE_STATION =
      BOOK.number("carve.station", "Extra station", LENGTH, 0, 0, 1000, 1)
          .hint("Facet lines there too, from the nut line; 0 for none.");
  public static final NumberDecision REST_DAYS =
      BOOK.number("carve.rest-days", "Rest after carving", COUNT, 3, 0, 60, 1)
          .hint("In days. Wood moves when you remove wood.");
  public static final NumberDecision BOW =
      BOOK.number("carve.bow", "Bow after resting", FINE_LENGTH, 0, -3, 3, 0.05)
          .stage("Gap halfway under a straightedge along the fretboard. Positive is hollow.");
  public static final NumberDecision BOW_ROD =
      BOOK.number("carve.rod-takes", "Rod correction", FINE_LENGTH, 0.5, 0, 3, 0.05)
          .hint("How much bow the rod can straighten. A single-acting rod can't correct back-bow.");

  private NeckDecisions() {}
}

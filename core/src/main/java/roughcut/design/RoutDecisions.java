package roughcut.design;

import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.MASS;
import static roughcut.measure.Quantity.RATIO;

import roughcut.shop.BridgeBook;
import roughcut.shop.BridgeCuts;
import roughcut.shop.FinishBook;

/** Decided about the neck pocket, its bolts, the bridge's cuts, and how things are cut. */
public final class RoutDecisions {
  static final DecisionBook BOOK = new DecisionBook();

  public static final ChoiceDecision<PocketFinish> POCKET_FINISH =
      BOOK.choice(
          "pocket.finish",
          "Finish in the pocket",
          PocketFinish.values(),
          "Masked, or the film takes up some of the clearance.");
  public static final NumberDecision POCKET_CLEARANCE =
      BOOK.number("pocket.clearance", "Clearance per side", FINE_LENGTH, 0.1, 0, 2, 0.05)
          .follows(d -> POCKET_FINISH.in(d) == PocketFinish.GOES_IN ? 0.2 : 0.1)
          .hint("0.1 without finish in the pocket, 0.2 with.");
  public static final NumberDecision POCKET_TIGHT =
      BOOK.number("pocket.tight", "First cut undersize by", FINE_LENGTH, 0.2, 0, 2, 0.05)
          .hint("Per side. Then try the neck and ease it.");
  public static final NumberDecision POCKET_RADIUS =
      BOOK.number("pocket.corner-radius", "Pocket corner radius", LENGTH, 6.35, 0, 25, 0.05)
          .hint("The radius of the cutter that leaves it.");
  public static final NumberDecision POCKET_RADIUS_BASS =
      BOOK.number(
              "pocket.corner-radius-bass", "Pocket corner, bass side", LENGTH, 6.35, 0, 25, 0.05)
          .follows(d -> POCKET_RADIUS.in(d), POCKET_RADIUS)
          .hint("Its own radius where the corners differ.");
  public static final ChoiceDecision<PocketCorner> POCKET_CORNERS =
      BOOK.choice(
          "pocket.corners",
          "Corner fit",
          PocketCorner.values(),
          "A pocket's corners take the radius of the cutter.");
  public static final ChoiceDecision<BoltKind> BOLT_KIND =
      BOOK.choice("bolt.kind", "Bolt type", BoltKind.values(), "What holds a bolted neck.");
  public static final NumberDecision BOLT_COUNT =
      BOOK.number("bolt.count", "Number of bolts", COUNT, 4, 1, 8, 1)
          .hint("In pairs; an odd one is last, on the centre line.");
  public static final NumberDecision BOLT_DIAMETER =
      BOOK.number("bolt.diameter", "Bolt diameter", LENGTH, 4.5, 2, 12, 0.1)
          .inHand("Of the shank.");
  public static final NumberDecision BOLT_PLATE =
      BOOK.number("bolt.plate", "Plate or washer", LENGTH, 2, 0, 12, 0.1)
          .inHand("Thickness under the bolt head.");
  public static final NumberDecision BOLT_COUNTERBORE =
      BOOK.number("bolt.counterbore", "Counterbore depth", LENGTH, 0, 0, 60, 0.5)
          .hint("How deep the bolt head or ferrule sits in the back.");
  public static final NumberDecision BOLT_HEAD =
      BOOK.number("bolt.head", "Bolt head diameter", LENGTH, 9, 3, 30, 0.1)
          .inHand("Of what fits in the counterbore.");
  public static final NumberDecision BOLT_BITE =
      BOOK.number("bolt.bite", "Thread in the heel", LENGTH, 16, 4, 60, 0.5)
          .hint("How far the thread goes into the neck.");
  public static final NumberDecision BOLT_CLEARANCE =
      BOOK.number("bolt.clearance", "Bolt clearance in body", FINE_LENGTH, 0.3, 0, 5, 0.1)
          .hint("How much wider than the shank, so that the screw pulls the heel down.");
  public static final ChoiceDecision<BoltReach> BOLT_REACH =
      BOOK.choice(
          "bolt.reach",
          "Bolt tip",
          BoltReach.values(),
          "Whether it goes through the glue line is your choice.");
  public static final NumberDecision BOLT_FIRST =
      BOOK.number("bolt.first", "First bolts from body edge", LENGTH, 14, 4, 200, 0.5)
          .hint("Along the neck, from the body edge.");
  public static final NumberDecision BOLT_ALONG =
      BOOK.number("bolt.along", "Bolt pair spacing", LENGTH, 40, 5, 200, 0.5)
          .hint("Along the centre line.");
  public static final NumberDecision BOLT_ACROSS =
      BOOK.number("bolt.across", "First bolts, spacing", LENGTH, 34, 0, 120, 0.5).hint("Across.");
  public static final NumberDecision BOLT_ACROSS_END =
      BOOK.number("bolt.across-end", "Last bolts, spacing", LENGTH, 34, 0, 120, 0.5)
          .hint("Across; less for a stepped heel that is carved.");
  public static final NumberDecision INSERT_BORE =
      BOOK.number("insert.bore", "Insert hole diameter", LENGTH, 8, 3, 20, 0.1)
          .inHand("For inserts.");
  public static final NumberDecision INSERT_LENGTH =
      BOOK.number("insert.length", "Insert length", LENGTH, 13, 4, 40, 0.5).inHand("For inserts.");

  public static final NumberDecision POST_BORE =
      BOOK.number("bridge.post-bore", "Bridge stud hole", LENGTH, 0, 0, 30, 0.1)
          .inHand("A press fit for the bushing. 0 uses the listed size.");
  public static final NumberDecision POST_DEPTH =
      BOOK.number("bridge.post-depth", "Stud hole depth", LENGTH, 0, 0, 60, 0.5)
          .inHand("The bushing length. 0 uses the listed size.");
  public static final NumberDecision POST_SINK =
      BOOK.number("bridge.post-sink", "Set below the top by", FINE_LENGTH, 0.4, 0, 5, 0.1)
          .hint("The sanding still to come.");
  public static final NumberDecision STUD_PILOT =
      BOOK.number("bridge.stud-pilot", "Stud pilot hole", LENGTH, 3, 1, 8, 0.1)
          .hint("Finds the place, square to the face, before the large bit; at most half of it.");
  public static final ChoiceDecision<YesNo> STRUNG_THROUGH =
      BOOK.choice(
          "bridge.strung-through",
          "Strings through the body",
          YesNo.values(),
          "Holes from the top through to ferrules in the back.");
  public static final NumberDecision STRING_BORE =
      BOOK.number("bridge.string-bore", "String hole diameter", LENGTH, 3, 1, 10, 0.1)
          .hint("From the top through.");
  public static final NumberDecision FERRULE_BORE =
      BOOK.number("ferrule.bore", "Ferrule hole diameter", LENGTH, 8, 3, 20, 0.1)
          .inHand("From the back.");
  public static final NumberDecision FERRULE_DEPTH =
      BOOK.number("ferrule.depth", "Ferrule hole depth", LENGTH, 10, 1, 40, 0.5)
          .inHand("From the back.");
  public static final NumberDecision SPRING_LENGTH =
      BOOK.number("springs.length", "Spring rout length", LENGTH, 0, 0, 200, 1)
          .inHand("Along the strings, towards the neck. 0 uses the listed size.");

  public static final NumberDecision BRIDGE_TOP_FROM =
      BOOK.number("bridge.top-from", "Upper rout start", LENGTH, 0, -100, 100, 0.5)
          .follows(d -> bridge(d).top().from())
          .inHand("Behind the datum; negative in front of it. Empty: as listed.");
  public static final NumberDecision BRIDGE_TOP_ALONG =
      BOOK.number("bridge.top-along", "Upper rout length", LENGTH, 0, 0, 250, 0.5)
          .follows(d -> bridge(d).top().along())
          .inHand("Along the strings. Empty: as listed.");
  public static final NumberDecision BRIDGE_TOP_ACROSS =
      BOOK.number("bridge.top-across", "Upper rout width", LENGTH, 0, 0, 250, 0.5)
          .follows(d -> bridge(d).top().width())
          .inHand("Across the strings. Empty: as listed.");
  public static final NumberDecision BRIDGE_BLOCK_FROM =
      BOOK.number("bridge.block-from", "Block rout start", LENGTH, 0, -100, 150, 0.5)
          .follows(d -> bridge(d).block().from())
          .inHand("Behind the datum. Empty: as listed.");
  public static final NumberDecision BRIDGE_BLOCK_ALONG =
      BOOK.number("bridge.block-along", "Block rout length", LENGTH, 0, 0, 150, 0.5)
          .follows(d -> bridge(d).block().along())
          .inHand("Along the strings. Empty: as listed.");
  public static final NumberDecision BRIDGE_BLOCK_ACROSS =
      BOOK.number("bridge.block-across", "Block rout width", LENGTH, 0, 0, 200, 0.5)
          .follows(d -> bridge(d).block().width())
          .inHand("Across the strings. Empty: as listed.");
  public static final NumberDecision SPRINGS_ACROSS =
      BOOK.number("springs.across", "Spring rout width", LENGTH, 0, 0, 200, 0.5)
          .follows(d -> bridge(d).springs().width())
          .inHand("Across the springs. Empty: as listed.");

  public static final ChoiceDecision<BodyFace> STOCK_FROM =
      BOOK.choice(
          "body.stock-from",
          "Last planed face",
          BodyFace.values(),
          "The face from which the body is planed to its thickness.");
  public static final ChoiceDecision<FinishChoice> FINISH =
      BOOK.choice(
          "finish.kind",
          "Finish",
          FinishChoice.all(),
          "Number of coats, time between them and film thickness. Test it on scrap first.",
          FinishChoice.all().get(1));
  public static final NumberDecision FILM =
      BOOK.number("finish.film", "Finish film thickness", FINE_LENGTH, 0.15, 0, 1, 0.05)
          .follows(d -> FinishBook.get(FINISH.in(d).word()).film())
          .inHand(
              "Measured with a caliper on a piece of scrap. Counts in pockets, holes and ferrules.");
  public static final NumberDecision TEMPLATE_THICKNESS =
      BOOK.number("template.thickness", "Template thickness", LENGTH, 12, 3, 40, 0.5)
          .inHand("Where a rout has no template yet.");
  public static final NumberDecision TEMPLATE_BUSH =
      BOOK.number("template.bush", "Guide bush diameter", LENGTH, 0, 0, 60, 0.1)
          .inHand("Outer diameter. 0 follows the template with a bearing cutter.");
  public static final ChoiceDecision<WasteRemoval> WASTE =
      BOOK.choice(
          "waste.removal",
          "Waste removal",
          WasteRemoval.values(),
          "Drilling is quiet and quick; the router then only cleans up.");
  public static final NumberDecision OWN_FACTOR =
      BOOK.number("passes.factor", "Depth of pass factor", RATIO, 1, 0.2, 1, 0.05)
          .hint("Multiplies the deepest pass of the rule. Lower it for figured wood.");
  public static final NumberDecision LAST_PASS =
      BOOK.number("passes.last", "Maximum last pass", LENGTH, 1, 0, 6, 0.5)
          .hint("For a clean floor; 0 if it doesn't matter.");
  public static final NumberDecision MASS_TARGET =
      BOOK.number("body.mass-target", "Target body weight", MASS, 0, 0, 10000, 50)
          .hint("0 for no target. Otherwise relief holes are placed until it is met.");
  public static final NumberDecision RELIEF_DIAMETER =
      BOOK.number("relief.diameter", "Relief hole bit", LENGTH, 35, 8, 80, 1)
          .hint("Diameter of the bit for relief holes.");
  public static final NumberDecision RELIEF_LEFT =
      BOOK.number("relief.left", "Floor under relief holes", LENGTH, 8, 3, 40, 0.5)
          .hint("Wood below their floors.");
  public static final NumberDecision RELIEF_CLEAR =
      BOOK.number("relief.clear", "Relief hole clearance", LENGTH, 8, 2, 40, 0.5)
          .hint("From everything else and from each other.");
  public static final NumberDecision RELIEF_EDGE =
      BOOK.number("relief.edge", "Relief holes from edge", LENGTH, 14, 4, 60, 0.5)
          .hint("Least wood to the outline.");
  public static final NumberDecision OTHER_MASS =
      BOOK.number("hardware.other-mass", "Weight of other hardware", MASS, 520, 0, 3000, 10)
          .inHand("Everything not listed among the fittings.");
  public static final NumberDecision OTHER_AT =
      BOOK.number("hardware.tuners-share", "Of which tuners", RATIO, 0.45, 0, 1, 0.05)
          .hint("Share of the tuners; the rest counts at the bridge.");

  private RoutDecisions() {}

  /** What the chosen kind of bridge wants cut, as listed. */
  private static BridgeCuts bridge(Design design) {
    return BridgeBook.get(StringDecisions.BRIDGE.in(design).word()).cuts();
  }
}

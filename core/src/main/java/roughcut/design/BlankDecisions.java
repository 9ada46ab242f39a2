package roughcut.design;

import static roughcut.measure.Quantity.CELSIUS;
import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.DENSITY;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.FORCE;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.PERCENT;
import static roughcut.measure.Quantity.PRESSURE;
import static roughcut.measure.Quantity.SECONDS;

import roughcut.measure.Text;
import roughcut.shop.Saw;

/** Decided at the boards: ripping, gluing, planing. */
public final class BlankDecisions {
  static final DecisionBook BOOK = new DecisionBook();

  public static final NumberDecision RESAW_KERF =
      BOOK.number("resaw.kerf", "Resawing kerf", LENGTH, 1, 0, Saw.MOST_KERF, 0.1)
          .follows(d -> Decisions.SAW_KERF.in(d), Decisions.SAW_KERF)
          .inHand("Of the saw that resaws boards. Empty: as the rip saw.");
  public static final NumberDecision SCARF_KERF =
      BOOK.number("scarf.kerf", "Scarf kerf", LENGTH, 1, 0, Saw.MOST_KERF, 0.1)
          .follows(d -> Decisions.SAW_KERF.in(d), Decisions.SAW_KERF)
          .inHand("Of the saw that cuts the scarf. Empty: as the rip saw.");
  public static final NumberDecision SAW_ALLOWANCE =
      BOOK.number("saw.allowance", "Planing allowance", LENGTH, 1, 0, Saw.MOST_ALLOWANCE, 0.1)
          .hint("What planing removes from each sawn face; depends on the saw.");
  public static final NumberDecision JOINTING =
      BOOK.number("rip.jointing", "First edge jointing", LENGTH, 1, 0, 20, 0.5)
          .hint("Lost from the board width before the first strip.");
  public static final NumberDecision FLATTENING =
      BOOK.number("blank.flattening", "Flattening, per face", LENGTH, 1, 0, 10, 0.1)
          .hint("Planed off each face after gluing.");
  public static final NumberDecision END_TRIM =
      BOOK.number("blank.end-trim", "Trim at each end", LENGTH, 10, 0, 100, 1)
          .hint("Waste for snipe, pins and squaring.");
  public static final NumberDecision GLUE_FACE =
      BOOK.number("glue.spread-face", "Glue time per face", SECONDS, 10, 1, 600, 1)
          .hint("To start each face; time for its area is added.");
  public static final NumberDecision GLUE_AREA =
      BOOK.number("glue.spread-area", "Glue time per dm²", SECONDS, 12, 0, 600, 1)
          .hint("With a roller; a brush takes longer.");
  public static final NumberDecision GLUE_BEGIN =
      BOOK.number("glue.begin", "Time before clamping", SECONDS, 60, 0, 1800, 5)
          .hint("For laying up, pins, parting film and cauls.");
  public static final NumberDecision GLUE_CLAMP =
      BOOK.number("glue.each-clamp", "Time per clamp", SECONDS, 12, 0, 600, 1)
          .hint("To position and tighten it.");
  public static final NumberDecision GLUE_SPARE =
      BOOK.number("glue.spare", "Glue waste", PERCENT, 10, 0, 100, 1)
          .hint("What stays in the cup and on the roller.");
  public static final NumberDecision WING_TRIM =
      BOOK.number("head.wing-trim", "Wing trim", LENGTH, 3, 0, 20, 0.5)
          .hint("Left outside the headstock outline when a wing is glued on.");
  public static final ChoiceDecision<GlueChoice> GLUE =
      BOOK.choice(
          "glue.kind",
          "Glue",
          GlueChoice.all(),
          "Each has its own open time and temperature range.",
          GlueChoice.all().get(0));
  public static final NumberDecision TEMPERATURE =
      BOOK.number("shop.temperature", "Shop temperature", CELSIUS, 18, -10, 45, 1)
          .hint("Of shop and wood. Glue cures by it.");
  public static final NumberDecision CLAMPS =
      BOOK.number("clamp.owned", "Clamps owned", COUNT, 10, 0, 200, 1)
          .hint("Those that reach around this blank.");
  public static final NumberDecision CLAMP_FORCE =
      BOOK.number("clamp.force", "Force of one clamp", FORCE, 4, 0.1, 50, 0.5)
          .hint("Tightened by hand.");

  /** From this density on a wood is medium, kg/m³ (handbook page 3). */
  private static final double MEDIUM = 500;

  /** Over this one it is dense, kg/m³. */
  private static final double DENSE = 700;

  public static final NumberDecision PRESSURE_SOFT =
      BOOK.number("clamp.pressure-soft", "Pressure for light wood", PRESSURE, 0.7, 0.1, 3, 0.1)
          .hint(
              Text.of(
                  "Where the densest wood of a joint is under {light}.",
                  Text.shown(MEDIUM, DENSITY)));
  public static final NumberDecision PRESSURE_MEDIUM =
      BOOK.number("clamp.pressure-medium", "Pressure for medium wood", PRESSURE, 1, 0.1, 3, 0.1)
          .hint(
              Text.of(
                  "Where the densest wood of a joint is between {light} and {heavy}.",
                  Text.shown(MEDIUM, DENSITY),
                  Text.shown(DENSE, DENSITY)));
  public static final NumberDecision PRESSURE_DENSE =
      BOOK.number("clamp.pressure-dense", "Pressure for dense wood", PRESSURE, 1.4, 0.1, 3, 0.1)
          .hint(
              Text.of(
                  "Where the densest wood of a joint is over {heavy}.",
                  Text.shown(DENSE, DENSITY)));
  public static final NumberDecision CLAMP_PAD =
      BOOK.number("clamp.pad", "Clamp pad length", LENGTH, 40, 5, 300, 5).hint("Along the blank.");
  public static final NumberDecision CAUL =
      BOOK.number("clamp.caul", "Caul thickness", LENGTH, 20, 0, 200, 5)
          .hint("Spreads the force of each clamp at 45°.");
  public static final NumberDecision MOISTURE_NOW =
      BOOK.number("moisture.now", "Current moisture", PERCENT, 10, 2, 30, 0.5)
          .stage("Of the wood, with a meter.");
  public static final NumberDecision MOISTURE_LATER =
      BOOK.number("moisture.later", "Later moisture", PERCENT, 8, 2, 30, 0.5)
          .hint("Heated rooms dry wood to about 8 %.");
  public static final NumberDecision MILL_FROM =
      BOOK.number("mill.from", "Current thickness", LENGTH, 19, 1, 300, 0.1)
          .stage("Of the piece at the planer.");
  public static final NumberDecision MILL_TO =
      BOOK.number("mill.to", "Target thickness", LENGTH, 16, 0.5, 300, 0.1)
          .hint("Never planed thinner.");
  public static final NumberDecision MILL_BITE =
      BOOK.number("mill.bite", "Depth of a pass", LENGTH, 1, 0.05, 10, 0.1)
          .stage("What the planer is set to. F2 enters what it really removed.");
  public static final NumberDecision MILL_FINISH =
      BOOK.number("mill.finish", "Finishing pass", LENGTH, 0.2, 0, 2, 0.05)
          .hint("The last, light pass.");
  public static final NumberDecision RESAW_ALLOWANCE =
      BOOK.number(
              "saw.resaw-allowance", "Resawing allowance", LENGTH, 1.5, 0, Saw.MOST_ALLOWANCE, 0.1)
          .hint("Left on each resawn face, for blade wander.");
  public static final NumberDecision NECK_COPIES =
      BOOK.number("neck.copies", "Number of necks", COUNT, 1, 1, 6, 1)
          .hint("Cut from the same boards, nested where that saves wood.");
  public static final NumberDecision PIN_DIAMETER =
      BOOK.number("pin.diameter", "Locating pin diameter", LENGTH, 5, 1, 15, 0.5)
          .hint("Diameter of the pins that keep the stack from creeping.");
  public static final NumberDecision MILL_LENGTH =
      BOOK.number("mill.length", "Piece length", LENGTH, 740, 20, 3000, 10)
          .stage("Of the piece at the planer.");
  public static final NumberDecision MILL_WIDTH =
      BOOK.number("mill.width", "Piece width", LENGTH, 60, 5, 800, 5)
          .stage("Of the piece at the planer.");
  public static final ChoiceDecision<FaceUse> FACE_USE =
      BOOK.choice(
          "check.face",
          "Use of the face",
          FaceUse.values(),
          "A glue face must be flatter than a face to measure from.");
  public static final NumberDecision CHECK_LENGTH =
      BOOK.number("check.length", "Straightedge length", LENGTH, 600, 50, 3000, 50)
          .hint("Length over which you looked for the gap.");
  public static final NumberDecision CHECK_GAP =
      BOOK.number("check.gap", "Gap under straightedge", FINE_LENGTH, 0, 0, 10, 0.05)
          .stage("Feeler gauge under the straightedge at its widest gap.");
  public static final NumberDecision CHECK_WIND =
      BOOK.number("check.wind", "Twist", FINE_LENGTH, 0, 0, 20, 0.05)
          .stage("Difference between two winding sticks over that length.");
  public static final NumberDecision CHECK_SQUARE_HEIGHT =
      BOOK.number("check.square-height", "Edge height", LENGTH, 25, 2, 300, 1)
          .hint("Height over which you checked squareness.");
  public static final NumberDecision CHECK_SQUARE_GAP =
      BOOK.number("check.square-gap", "Gap at the square", FINE_LENGTH, 0, 0, 10, 0.05)
          .stage("Between edge and square at its widest.");

  public static final ChoiceDecision<CoreLaid> CORE_LAID =
      BOOK.choice(
          "core.laid",
          "Blank orientation",
          CoreLaid.values(),
          "Along the neck it is deepest at the body end; level with the body it is "
              + "deepest at the nut.");

  private BlankDecisions() {}

  /** The clamping pressure that counts, by the density of the densest wood of a joint, kg/m³. */
  public static NumberDecision pressure(double density) {
    return density < MEDIUM ? PRESSURE_SOFT : density <= DENSE ? PRESSURE_MEDIUM : PRESSURE_DENSE;
  }
}

package roughcut.design;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.RATIO;

/** Decided about the body's outline in detail, its edges and what is carved off its faces. */
public final class SurfaceDecisions {
  static final DecisionBook BOOK = new DecisionBook();

  public static final ChoiceDecision<YesNo> OUTLINE_MIRROR =
      BOOK.choice(
          "outline.mirror",
          "Sides alike",
          YesNo.values(),
          "Both sides alike, horns and waist too.");
  public static final ChoiceDecision<OutlineSizes> OUTLINE_SIZES =
      BOOK.choice(
          "outline.sizes",
          "Widths are taken",
          OutlineSizes.values(),
          "Across the widest and narrowest places of the curve; or at its points, as builds begun"
              + " before format 4 have it.");
  public static final NumberDecision OUTLINE_SCALE =
      BOOK.number("outline.scale", "Times its size", RATIO, 1, 0.01, 100, 0.01)
          .hint("1 takes an imported outline as large as it was drawn.");
  public static final NumberDecision OUTLINE_TURN =
      BOOK.number("outline.turn", "Turned", ANGLE, 0, -360, 360, 1)
          .hint("Until the neck's end points to the headstock.");
  public static final ChoiceDecision<YesNo> OUTLINE_FLIP =
      BOOK.choice("outline.flip", "Turned over", YesNo.values(), "Bass and treble swapped.");
  public static final NumberDecision OUTLINE_ALONG =
      BOOK.number("outline.along", "Moved along", LENGTH, 0, -300, 300, 0.5)
          .hint("0 has its edge at the neck where the body begins.");
  public static final NumberDecision OUTLINE_ASIDE =
      BOOK.number("outline.aside", "Moved aside", LENGTH, 0, -300, 300, 0.5)
          .hint("0 has its middle on the centre line.");

  public static final NumberDecision ROUND_TOP =
      BOOK.number("edge.round-top", "Top round-over", LENGTH, 3, 0, 25, 0.5)
          .hint("Radius; 0 leaves it square.");
  public static final NumberDecision ROUND_BACK =
      BOOK.number("edge.round-back", "Back round-over", LENGTH, 3, 0, 25, 0.5)
          .hint("Radius; 0 leaves it square.");
  public static final NumberDecision ARM_DEPTH =
      BOOK.number("arm.depth", "Arm contour, deep", LENGTH, 0, 0, 60, 0.5)
          .hint("Taken off the top at the outermost place; 0 for none.");
  public static final NumberDecision ARM_REACH =
      BOOK.number("arm.reach", "Arm, reaches in", LENGTH, 70, 5, 300, 1)
          .hint("From the outermost place inwards.");
  public static final NumberDecision ARM_TURN =
      BOOK.number("arm.turn", "Arm, faces", ANGLE, -50, -180, 180, 1)
          .hint("The way it falls: 0 towards the end, −90 to the bass side.");
  public static final NumberDecision BELLY_DEPTH =
      BOOK.number("belly.depth", "Belly contour, deep", LENGTH, 0, 0, 60, 0.5)
          .hint("Taken off the back at the edge; 0 for none.");
  public static final NumberDecision BELLY_REACH =
      BOOK.number("belly.reach", "Belly, reaches in", LENGTH, 70, 5, 300, 1)
          .hint("From the edge inwards.");
  public static final NumberDecision BELLY_LENGTH =
      BOOK.number("belly.length", "Belly, long", LENGTH, 190, 20, 600, 5).hint("Along the edge.");
  public static final NumberDecision BELLY_TURN =
      BOOK.number("belly.turn", "Belly, faces", ANGLE, -100, -180, 180, 1)
          .hint("The way it falls: −90 to the bass side.");
  public static final NumberDecision HEEL_CARVE_DEPTH =
      BOOK.number("heel-carve.depth", "Heel carve, deep", LENGTH, 0, 0, 60, 0.5)
          .hint("Taken off the back at the neck's treble corner; 0 for none.");
  public static final NumberDecision HEEL_CARVE_REACH =
      BOOK.number("heel-carve.reach", "Heel carve, reaches in", LENGTH, 45, 5, 200, 1)
          .hint("From that corner inwards.");
  public static final NumberDecision HEEL_CARVE_LENGTH =
      BOOK.number("heel-carve.length", "Heel carve, wide", LENGTH, 110, 20, 300, 5)
          .hint("Along the edge.");
  public static final NumberDecision HEEL_CARVE_TURN =
      BOOK.number("heel-carve.turn", "Heel carve, faces", ANGLE, 150, -180, 180, 1)
          .hint("The way it falls: 180 towards the headstock, 90 to the treble side.");
  public static final NumberDecision CARVE_DROP =
      BOOK.number("carve.drop", "Top carved down by", LENGTH, 0, 0, 30, 0.5)
          .hint("Than the flat middle; 0 for a flat top.");
  public static final NumberDecision CARVE_WIDTH =
      BOOK.number("carve.width", "Carve, from the edge", LENGTH, 60, 5, 200, 1)
          .hint("How far in it runs before it is flat.");
  public static final NumberDecision CARVE_LEDGE =
      BOOK.number("carve.ledge", "Carve, ledge", LENGTH, 6, 0, 40, 0.5)
          .hint("Flat strip along the edge that sets the depth.");

  private SurfaceDecisions() {}
}

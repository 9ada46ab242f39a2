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
          "Symmetrical",
          YesNo.values(),
          "Both sides alike, including horns and waist.");
  public static final ChoiceDecision<OutlineSizes> OUTLINE_SIZES =
      BOOK.choice(
          "outline.sizes",
          "Widths measured",
          OutlineSizes.values(),
          "Across the widest and narrowest places of the curve, or at its points, as in "
              + "builds from before format 4.");
  public static final NumberDecision OUTLINE_SCALE =
      BOOK.number("outline.scale", "Outline scale", RATIO, 1, 0.01, 100, 0.01)
          .hint("1 keeps a drawn outline at its own size.");
  public static final NumberDecision OUTLINE_TURN =
      BOOK.number("outline.turn", "Outline direction", ANGLE, 0, -360, 360, 1)
          .hint("Turn it until the neck end points to the headstock.");
  public static final ChoiceDecision<YesNo> OUTLINE_FLIP =
      BOOK.choice("outline.flip", "Outline flipped", YesNo.values(), "Swaps bass and treble side.");
  public static final NumberDecision OUTLINE_ALONG =
      BOOK.number("outline.along", "Outline shift along", LENGTH, 0, -300, 300, 0.5)
          .hint("0 puts its neck edge at the body edge.");
  public static final NumberDecision OUTLINE_ASIDE =
      BOOK.number("outline.aside", "Outline shift sideways", LENGTH, 0, -300, 300, 0.5)
          .hint("0 centres it on the centre line.");

  public static final NumberDecision ROUND_TOP =
      BOOK.number("edge.round-top", "Top round-over", LENGTH, 3, 0, 25, 0.5)
          .hint("Radius; 0 leaves the edge square.");
  public static final NumberDecision ROUND_BACK =
      BOOK.number("edge.round-back", "Back round-over", LENGTH, 3, 0, 25, 0.5)
          .hint("Radius; 0 leaves the edge square.");
  public static final NumberDecision ARM_DEPTH =
      BOOK.number("arm.depth", "Arm contour depth", LENGTH, 0, 0, 60, 0.5)
          .hint("Removed from the top at the outermost place; 0 for none.");
  public static final NumberDecision ARM_REACH =
      BOOK.number("arm.reach", "Arm contour reach", LENGTH, 70, 5, 300, 1)
          .hint("From the outermost place inwards.");
  public static final NumberDecision ARM_TURN =
      BOOK.number("arm.turn", "Arm contour direction", ANGLE, -50, -180, 180, 1)
          .hint("The way it falls: 0 towards the body end, −90 to the bass side.");
  public static final NumberDecision BELLY_DEPTH =
      BOOK.number("belly.depth", "Belly contour depth", LENGTH, 0, 0, 60, 0.5)
          .hint("Removed from the back at the edge; 0 for none.");
  public static final NumberDecision BELLY_REACH =
      BOOK.number("belly.reach", "Belly contour reach", LENGTH, 70, 5, 300, 1)
          .hint("From the edge inwards.");
  public static final NumberDecision BELLY_LENGTH =
      BOOK.number("belly.length", "Belly contour length", LENGTH, 190, 20, 600, 5)
          .hint("Along the edge.");
  public static final NumberDecision BELLY_TURN =
      BOOK.number("belly.turn", "Belly contour direction", ANGLE, -100, -180, 180, 1)
          .hint("The way it falls: −90 to the bass side.");
  public static final NumberDecision HEEL_CARVE_DEPTH =
      BOOK.number("heel-carve.depth", "Heel carve depth", LENGTH, 0, 0, 60, 0.5)
          .hint("Removed from the back at the treble corner of the neck; 0 for none.");
  public static final NumberDecision HEEL_CARVE_REACH =
      BOOK.number("heel-carve.reach", "Heel carve reach", LENGTH, 45, 5, 200, 1)
          .hint("From that corner inwards.");
  public static final NumberDecision HEEL_CARVE_LENGTH =
      BOOK.number("heel-carve.length", "Heel carve width", LENGTH, 110, 20, 300, 5)
          .hint("Along the edge.");
  public static final NumberDecision HEEL_CARVE_TURN =
      BOOK.number("heel-carve.turn", "Heel carve direction", ANGLE, 150, -180, 180, 1)
          .hint("The way it falls: 180 towards the headstock, 90 to the treble side.");
  public static final NumberDecision CARVE_DROP =
      BOOK.number("carve.drop", "Carved top drop", LENGTH, 0, 0, 30, 0.5)
          .hint("How much lower the edge is than the flat middle; 0 for a flat top.");
  public static final NumberDecision CARVE_WIDTH =
      BOOK.number("carve.width", "Carve reach", LENGTH, 60, 5, 200, 1)
          .hint("How far it runs in from the edge before it is flat.");
  public static final NumberDecision CARVE_LEDGE =
      BOOK.number("carve.ledge", "Carve ledge", LENGTH, 6, 0, 40, 0.5)
          .hint("Flat strip along the edge that sets the depth.");

  private SurfaceDecisions() {}
}

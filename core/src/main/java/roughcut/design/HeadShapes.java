package roughcut.design;

import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;

/** A headstock's outline that was drawn elsewhere, as decisions. */
public final class HeadShapes {
  /** How an outline is put to the neck; another one begins as it was drawn. */
  private static final Set<String> PLACING =
      Set.of(
          NeckDecisions.HEAD_OUTLINE_TURN.id(),
          NeckDecisions.HEAD_OUTLINE_FLIP.id(),
          NeckDecisions.HEAD_OUTLINE_ASIDE.id());

  /** What brings a tip that points up to the left, in the plan's own sides, degrees. */
  private static final double LAID_DOWN = 90;

  private HeadShapes() {}

  /**
   * The design with that headstock, as large as it was drawn where a headstock may be so large:
   * length and width stretch it from there. One that is higher than long was drawn upright, its tip
   * above, and is laid down.
   */
  public static Design set(Design design, DrawnOutline drawn) {
    Bounds b = new Outline(drawn.path()).bounds();
    boolean upright = b.height() > b.width();
    Design next = plain(design).withDrawn(DrawnPart.HEAD, Optional.of(drawn));
    if (upright) {
      next = NeckDecisions.HEAD_OUTLINE_TURN.with(next, LAID_DOWN);
    }
    double length = within(Decisions.HEAD_LENGTH, Math.max(b.width(), b.height()));
    double width = within(Decisions.HEAD_WIDTH, Math.min(b.width(), b.height()));
    return Decisions.HEAD_WIDTH.with(Decisions.HEAD_LENGTH.with(next, length), width);
  }

  /** The design with the program's own curve as its headstock. */
  public static Design plain(Design design) {
    TreeMap<String, Double> numbers = new TreeMap<>(design.numbers());
    numbers.keySet().removeAll(PLACING);
    TreeMap<String, String> choices = new TreeMap<>(design.choices());
    choices.keySet().removeAll(PLACING);
    return design
        .withNumbers(numbers)
        .withChoices(choices)
        .withDrawn(DrawnPart.HEAD, Optional.empty());
  }

  private static double within(NumberDecision decision, double size) {
    // Two decimals are finer than anybody saws, and can be read in a field.
    double shown = Math.round(size * 100) / 100.0;
    return Math.max(decision.least(), Math.min(decision.most(), shown));
  }
}

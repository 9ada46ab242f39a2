package roughcut.design;

import java.util.Optional;
import java.util.Set;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.measure.InvalidValue;

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

  /** Where it is looked how wide its end towards the neck is, as a share of its length. */
  private static final double NEAR_NUT = 0.005;

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
    return OutlinePlacing.without(design, PLACING).withDrawn(DrawnPart.HEAD, Optional.empty());
  }

  /**
   * The design with a headstock drawn where it lies: the break line at x = 0, its tip before.
   *
   * @throws InvalidValue where it is larger or smaller than a headstock may be: it isn't stretched
   */
  public static Design redrawn(Design design, DrawnOutline drawn) {
    Outline outline = new Outline(drawn.path());
    Bounds b = outline.bounds();
    Design next = plain(design).withDrawn(DrawnPart.HEAD, Optional.of(drawn));
    next = Decisions.HEAD_LENGTH.with(next, shown(b.width()));
    next = Decisions.HEAD_WIDTH.with(next, shown(b.height()));
    return NeckDecisions.HEAD_OUTLINE_ASIDE.with(next, middle(outline));
  }

  /** Where the middle of the end at the nut lies across, from where its sides run on to. */
  public static double middle(Outline outline) {
    Bounds b = outline.bounds();
    double step = NEAR_NUT * b.width();
    return 2 * middle(outline, b, b.right() - step) - middle(outline, b, b.right() - 2 * step);
  }

  /** The middle of what is widest there. */
  private static double middle(Outline outline, Bounds b, double at) {
    double widest = -1;
    double middle = (b.low() + b.high()) / 2;
    for (double[] span : outline.spans(at, true)) {
      if (span[1] - span[0] > widest) {
        widest = span[1] - span[0];
        middle = (span[0] + span[1]) / 2;
      }
    }
    return middle;
  }

  private static double within(NumberDecision decision, double size) {
    return Math.max(decision.least(), Math.min(decision.most(), shown(size)));
  }

  /** Two decimals are finer than anybody saws, and can be read in a field. */
  private static double shown(double size) {
    return Math.round(size * 100) / 100.0;
  }
}

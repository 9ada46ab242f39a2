package roughcut.blank;

import java.util.List;
import java.util.Optional;
import roughcut.design.PartDecisions;
import roughcut.geometry.Outline;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Board;
import roughcut.shop.Species;

/**
 * The strips of one wood sawn from one board: a rough strip is the finished thickness and the
 * planing of both faces, and between two strips the saw takes its kerf (handbook page 3). Strips
 * that are sawn off their boards already need no more wood.
 *
 * @param wood as the shop knows it
 * @param board the board that they come from, or empty when the rack has none
 * @param onEdge whether they are sawn with the board's width as their depth
 * @param strips numbers of the strips in the stack, from 1 at the bass side, still to be sawn
 * @param roughs what each takes of the board's width, mm, in the same order
 * @param thicks what each takes of the board's thickness, mm
 * @param done numbers of the strips that are cut already
 * @param notRecorded those of them of which nobody noted which board they were sawn off
 * @param from the width there is to rip from, after jointing the first edge; null while it isn't
 *     known
 * @param need width that the strips and the kerfs between them take
 * @param most how many of the widest strip the width gives; null where none is left to saw
 * @param missing width that is missing, 0 when all come out; null while the width isn't known
 * @param cuts where each strip lies on the board
 */
public record RipPlan(
    Species wood,
    Optional<Board> board,
    boolean onEdge,
    List<Integer> strips,
    List<Double> roughs,
    List<Double> thicks,
    List<Integer> done,
    List<Integer> notRecorded,
    Value from,
    Value rough,
    Value need,
    Value most,
    Value missing,
    RipLayout cuts) {

  /** Id of the wood. */
  public String species() {
    return wood.id();
  }

  /** Whether all strips come out of the board; false while that isn't known. */
  public boolean fits() {
    return strips.isEmpty() || missing != null && missing.value() <= 0;
  }

  /** Whether ripping was begun, so that only a width that was left is known. */
  public boolean partly() {
    return from != null && partly(wood, from);
  }

  /** Whether a wood's width is that which ripping left. */
  static boolean partly(Species wood, Value from) {
    return from.id().equals(PartDecisions.widthLeft(wood.id()).id());
  }

  /**
   * How many strips of one rough thickness a width gives: ⌊(B + k) / (r + k)⌋, a hair's rounding
   * forgiven.
   */
  public static int strips(double from, double rough, double kerf) {
    return (int) Math.floor((from + kerf) / (rough + kerf) + Precision.SAME);
  }

  /** Width that strips take: their rough thicknesses and the kerfs between them. */
  public static double need(List<Double> rough, double kerf) {
    return rough.stream().mapToDouble(r -> r).sum() + kerf * Math.max(0, rough.size() - 1);
  }

  /** Most that any of them takes of the board's thickness, mm. */
  public double thickest() {
    return thicks.stream().mapToDouble(t -> t).max().orElse(0);
  }

  /** Whether it is known where on a board they lie. */
  public boolean lies() {
    return board.isPresent() && from != null && (!partly() || board.get().unmeasured().isEmpty());
  }

  /** What was sawn off the board's width before the first of these strips, mm. */
  public double sawnOff(double jointing) {
    return partly() && board.isPresent() && board.get().width().isPresent()
        ? Math.max(0, board.get().width().getAsDouble() - from.value())
        : jointing;
  }

  /**
   * The plan.
   *
   * @param nth which share of this wood it is, 1 first
   */
  static RipPlan of(
      EffectiveInputs inputs,
      Species wood,
      RipShare share,
      int nth,
      RipShare.Sizes sizes,
      BlankTree tree,
      Optional<Outline> nested,
      Provenance provenance,
      ValueRegistry registry) {
    return new RipPlanning(inputs, wood, share, nth, sizes, tree, registry)
        .plan(nested, provenance);
  }
}

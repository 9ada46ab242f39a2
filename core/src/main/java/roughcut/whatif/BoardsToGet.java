package roughcut.whatif;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import roughcut.blank.WoodPart;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.shop.Board;

/**
 * Boards that would give an instrument the wood it lacks, in sizes that are sold. Each is tried on
 * the plan before it is offered.
 */
public final class BoardsToGet {
  /** What timber yards cut to, mm. */
  private static final double LENGTH_STEP = 50;

  private static final double WIDTH_STEP = 10;
  private static final double THICKNESS_STEP = 5;

  /** Wider than that a board is seldom found, mm. */
  private static final double WIDEST = 260;

  /** So many parts are cut from one length, one behind the other. */
  private static final int MOST_LENGTHS = 4;

  private BoardsToGet() {}

  /** A board for each wood that is missing; none where what is there only has to be measured. */
  public static List<Board> of(Plan plan) {
    List<Board> all = new ArrayList<>();
    Plan now = plan;
    for (String wood : lacking(plan)) {
      Optional<Board> board = fitting(now, wood);
      if (board.isPresent()) {
        all.add(board.get());
        now = with(now, board.get());
      }
    }
    return all;
  }

  /** What is offered: a wood and three sizes. */
  public static Text words(Plan plan, Board board) {
    return Text.of(
        "Add {wood} {width} × {thickness} × {length}",
        plan.wood(board.species()).name(),
        size(board.width()),
        size(board.thickness()),
        Text.shown(board.length().orElseThrow(), Quantity.ROUGH_LENGTH));
  }

  private static Text.Arg size(OptionalDouble mm) {
    return Text.figure(mm.orElseThrow(), Quantity.ROUGH_LENGTH);
  }

  private static Set<String> lacking(Plan plan) {
    Set<String> woods = new LinkedHashSet<>();
    plan.rips().plans().stream().filter(r -> !r.fits()).forEach(r -> woods.add(r.species()));
    plan.boards().homeless().stream()
        .filter(h -> !h.part().small())
        .forEach(h -> woods.add(h.part().species()));
    woods.removeIf(
        wood ->
            plan.shop().boards().stream()
                .anyMatch(b -> b.species().equals(wood) && b.unmeasured().isPresent()));
    return woods;
  }

  private static Plan with(Plan plan, Board board) {
    return Plan.of(plan.build(), plan.shop().addBoard(board));
  }

  /** The narrowest board, then the shortest, with which nothing of that wood is missing. */
  private static Optional<Board> fitting(Plan plan, String wood) {
    List<WoodPart> parts =
        plan.parts().stream().filter(p -> p.species().equals(wood) && !p.small()).toList();
    double length = up(parts.stream().mapToDouble(WoodPart::length).max().orElse(0), LENGTH_STEP);
    double widest = up(parts.stream().mapToDouble(WoodPart::width).max().orElse(0), WIDTH_STEP);
    double thick =
        up(parts.stream().mapToDouble(WoodPart::thickness).max().orElse(0), THICKNESS_STEP);
    if (length == 0) {
      return Optional.empty();
    }
    String name = plan.shop().freeName(wood);
    for (double width = widest; width <= Math.max(widest, WIDEST); width += 2 * WIDTH_STEP) {
      for (int times = 1; times <= MOST_LENGTHS; times++) {
        Board board =
            Board.unknown(name, wood)
                .withLength(OptionalDouble.of(up(times * length + times - 1, LENGTH_STEP)))
                .withWidth(OptionalDouble.of(width))
                .withThickness(OptionalDouble.of(thick));
        if (!lacking(with(plan, board)).contains(wood)) {
          return Optional.of(board);
        }
      }
    }
    return Optional.empty();
  }

  private static double up(double mm, double step) {
    return Math.ceil(mm / step) * step;
  }
}

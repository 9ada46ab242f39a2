package roughcut.blank;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import roughcut.design.BlankDecisions;
import roughcut.design.BlankStep;
import roughcut.design.Decisions;
import roughcut.design.OperationId;
import roughcut.design.PartDecisions;
import roughcut.design.Strip;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.Value;
import roughcut.record.DoneOperation;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Board;

/**
 * Which strips of one wood come from which board, and how they are sawn from it: side by side with
 * the board's thickness as their depth, or on edge, with its width as their depth and its thickness
 * as theirs (handbook page 3: a part fits in some allowed orientation).
 *
 * @param board that they come from; empty when the rack has none
 * @param onEdge whether their depth is sawn from the board's width
 * @param open numbers of strips in the stack still to be sawn, once for each neck
 * @param done numbers of those of this wood that are sawn, told with the first share
 * @param off numbers of those that are off this board, and not off its label's width
 */
record RipShare(
    Optional<Board> board,
    boolean onEdge,
    List<Integer> open,
    List<Integer> done,
    List<Integer> off) {
  RipShare {
    open = List.copyOf(open);
    done = List.copyOf(done);
    off = List.copyOf(off);
  }

  /** What strips of a stack measure before they are planed, mm. */
  static final class Sizes {
    private final EffectiveInputs inputs;
    private final List<Strip> stack;
    private final double allowance;
    private final double flattening;
    private final double depth;
    private final double length;

    Sizes(EffectiveInputs inputs, BlankTree tree) {
      this.inputs = inputs;
      this.stack = inputs.neckStrips();
      this.allowance = inputs.get(BlankDecisions.SAW_ALLOWANCE).value();
      this.flattening = inputs.get(BlankDecisions.FLATTENING).value();
      this.depth = tree.depth().value();
      this.length = tree.length().value();
    }

    /** All that sizes them. */
    Provenance provenance() {
      List<Value> all = new ArrayList<>();
      for (int i = 1; i <= stack.size(); i++) {
        all.add(inputs.get(PartDecisions.stripThickness(i)));
        if (stack.get(i - 1).tapered()) {
          all.add(inputs.get(PartDecisions.stripHeelThickness(i)));
        }
        if (stack.get(i - 1).bow() > 0) {
          all.add(inputs.get(PartDecisions.stripBow(i)));
        }
      }
      return Provenance.of(all);
    }

    private double thick(int number) {
      Strip strip = stack.get(number - 1);
      boolean middle = 2 * number - 1 == stack.size();
      return Math.max(strip.thickness(), strip.heelThickness()) + (middle ? 2 : 1) * strip.bow();
    }

    /** What it takes of a board's width. */
    double across(int number, boolean onEdge) {
      return onEdge
          ? depth + 2 * Math.max(0, allowance - flattening)
          : thick(number) + 2 * allowance + jointed(inputs, number);
    }

    /** What it takes of a board's thickness. */
    double through(int number, boolean onEdge) {
      return onEdge ? thick(number) + 2 * flattening + jointed(inputs, number) : depth;
    }

    /** Whether it was noted which board a strip was sawn off. */
    boolean noted(int number) {
      return inputs
          .cutAt(DoneOperation.stripSawn(number))
          .filter(cut -> cut.keySet().stream().anyMatch(BlankKeys.BOARD_WIDTH::names))
          .isPresent();
    }

    /** Sawn off a board that is still listed as wide as it was then. */
    List<Integer> off(Board board, List<Integer> done) {
      return done.stream()
          .filter(
              n ->
                  inputs
                      .cutAt(DoneOperation.stripSawn(n))
                      .map(cut -> cut.get(BlankKeys.BOARD_WIDTH.id(board.id())))
                      .filter(w -> Math.abs(w - board.width().orElse(0)) < Precision.NEAR)
                      .isPresent())
          .toList();
    }

    /** Numbers of the strips of a wood that are sawn. */
    List<Integer> done(String species) {
      return IntStream.rangeClosed(1, stack.size())
          .filter(n -> stack.get(n - 1).species().equals(species))
          .filter(n -> inputs.done(OperationId.stripSawn(n)))
          .boxed()
          .toList();
    }

    /** What strips took of a board from its jointed edge on; empty where none did. */
    Optional<BoardLayout.Gone> gone(Board board) {
      List<Integer> off = off(board, done(board.species()));
      double kerf = inputs.get(Decisions.SAW_KERF).value();
      double wide =
          inputs.get(BlankDecisions.JOINTING).value()
              + off.stream().mapToDouble(n -> across(n, false) + kerf).sum();
      return off.isEmpty()
          ? Optional.empty()
          : Optional.of(new BoardLayout.Gone(board.id(), 0, 0, length, wide));
    }

    /** Those that come out of a board, sawn so; all where all do. */
    private List<Integer> from(
        Board board, boolean onEdge, List<Integer> open, List<Integer> done) {
      if (board.unmeasured().isPresent() || board.length().getAsDouble() < length) {
        return List.of();
      }
      double thick = board.thickness().getAsDouble();
      List<Integer> fit =
          open.stream().filter(n -> through(n, onEdge) <= thick + Precision.NEAR).toList();
      double jointing = inputs.get(BlankDecisions.JOINTING).value();
      RipLayout layout =
          RipLayout.of(
              Optional.of(board),
              0,
              board.width().getAsDouble() - jointing,
              jointing,
              strips(fit, onEdge),
              strips(off(board, done), onEdge),
              inputs.get(Decisions.SAW_KERF).value(),
              length);
      return layout.cuts().stream().map(RipLayout.Cut::strip).toList();
    }

    RipLayout.Strips strips(List<Integer> numbers, boolean onEdge) {
      return new RipLayout.Strips(numbers, numbers.stream().map(n -> across(n, onEdge)).toList());
    }
  }

  /** Leaves of an opened blank are joined at the first strip's outer face, which is shot for it. */
  static double jointed(EffectiveInputs inputs, int number) {
    return opens(inputs, number) ? inputs.get(BlankDecisions.JOINTING).value() : 0;
  }

  /** Whether a strip's outer face becomes the joint of an opened blank. */
  static boolean opens(EffectiveInputs inputs, int number) {
    return number == 1 && !inputs.design().neckSteps(BlankStep.Kind.OPENED).isEmpty();
  }

  /**
   * The strips of one wood shared out.
   *
   * @param first the board that is taken, or would be first
   * @param others that may be taken besides; tried only where no board alone is enough
   */
  static List<RipShare> of(
      EffectiveInputs inputs,
      Sizes sizes,
      String species,
      Optional<Board> first,
      List<Board> others) {
    List<Integer> open = new ArrayList<>();
    List<Integer> done = sizes.done(species);
    List<Strip> stack = inputs.neckStrips();
    int copies = (int) inputs.get(BlankDecisions.NECK_COPIES).value();
    for (int i = 1; i <= stack.size(); i++) {
      if (stack.get(i - 1).species().equals(species) && !done.contains(i)) {
        open.addAll(Collections.nCopies(copies, i));
      }
    }
    boolean piece = stack.size() == 1 && inputs.design().neckSteps().isEmpty();
    if (first.isEmpty() || piece) {
      return List.of(new RipShare(first, false, open, done, List.of()));
    }
    RipShare one = on(sizes, first.get(), open, done);
    boolean alone =
        one.holds(sizes, open)
            || open.isEmpty()
            // A board that is begun is used up; before that the maker is asked to take another.
            || done.isEmpty()
                && others.stream().anyMatch(b -> on(sizes, b, open, done).holds(sizes, open));
    return alone
        ? List.of(one)
        : shared(sizes, first.get(), others, open, done).orElse(List.of(one));
  }

  /** All of them on one board, side by side unless they only come out of a thin one on edge. */
  private static RipShare on(Sizes sizes, Board board, List<Integer> open, List<Integer> done) {
    boolean edge =
        board.thickness().orElse(Double.POSITIVE_INFINITY) < sizes.depth - Precision.NEAR
            && sizes.from(board, true, open, done).size() == open.size();
    return new RipShare(Optional.of(board), edge, open, done, sizes.off(board, done));
  }

  private boolean holds(Sizes sizes, List<Integer> all) {
    return board.isPresent() && sizes.from(board.get(), onEdge, all, done).size() == all.size();
  }

  /** Board after board, each with as many as it gives; empty where all together don't do. */
  private static Optional<List<RipShare>> shared(
      Sizes sizes, Board first, List<Board> others, List<Integer> open, List<Integer> done) {
    List<Board> boards = new ArrayList<>(List.of(first));
    boards.addAll(others);
    List<RipShare> shares = new ArrayList<>();
    List<Integer> left = new ArrayList<>(open);
    for (Board board : boards) {
      List<Integer> off = sizes.off(board, done);
      List<Integer> flat = sizes.from(board, false, left, done);
      boolean edge = flat.isEmpty();
      List<Integer> taken = edge ? sizes.from(board, true, left, done) : flat;
      if (!taken.isEmpty() || !off.isEmpty()) {
        List<Integer> sorted = taken.stream().sorted().toList();
        List<Integer> told = shares.isEmpty() ? done : List.of();
        shares.add(new RipShare(Optional.of(board), edge, sorted, told, off));
        sorted.forEach(n -> left.remove(n));
      }
      if (left.isEmpty()) {
        return Optional.of(shares);
      }
    }
    return Optional.empty();
  }
}

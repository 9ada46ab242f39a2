package roughcut.design;

import java.util.List;
import java.util.function.Function;
import roughcut.measure.Text;

/**
 * What a reading is of, and so what follows from it (handbook page 7, "Four kinds of reading"). A
 * reading of a result or of the assembly is never a wish for the cut that made it: that cut is as
 * it is, and everything else adapts.
 */
public sealed interface ReadingKind {
  /** A part that is bought or owned: its real size stands in the listed one's place. */
  record PartInHand(Text where) implements ReadingKind {
    @Override
    public <T> T fold(
        Function<PartInHand, T> part,
        Function<Stage, T> stage,
        Function<Result, T> result,
        Function<Assembly, T> assembly) {
      return part.apply(this);
    }
  }

  /** How far the work has come: cuts still to come measure from it. */
  record Stage(Text where) implements ReadingKind {
    @Override
    public <T> T fold(
        Function<PartInHand, T> part,
        Function<Stage, T> stage,
        Function<Result, T> result,
        Function<Assembly, T> assembly) {
      return stage.apply(this);
    }
  }

  /**
   * What a cut has made: that cut is fixed for good.
   *
   * @param madeBy ids of the operations of which it is the result
   */
  record Result(Text where, List<OperationId> madeBy) implements ReadingKind {
    public Result {
      madeBy = List.copyOf(madeBy);
    }

    @Override
    public <T> T fold(
        Function<PartInHand, T> part,
        Function<Stage, T> stage,
        Function<Result, T> result,
        Function<Assembly, T> assembly) {
      return result.apply(this);
    }
  }

  /**
   * How parts stand to each other once they are put together: solved for what can still adapt.
   *
   * @param madeBy ids of the operations that brought it about
   */
  record Assembly(Text where, List<OperationId> madeBy) implements ReadingKind {
    public Assembly {
      madeBy = List.copyOf(madeBy);
    }

    @Override
    public <T> T fold(
        Function<PartInHand, T> part,
        Function<Stage, T> stage,
        Function<Result, T> result,
        Function<Assembly, T> assembly) {
      return assembly.apply(this);
    }
  }

  /** Where and how it is taken, in one sentence that every screen and sheet shares. */
  Text where();

  /** Answers for each kind; whoever asks has to know all four. */
  <T> T fold(
      Function<PartInHand, T> part,
      Function<Stage, T> stage,
      Function<Result, T> result,
      Function<Assembly, T> assembly);

  /** Operations of which it says how they came out; none for what was there before. */
  default List<OperationId> madeBy() {
    return fold(p -> List.of(), s -> List.of(), Result::madeBy, Assembly::madeBy);
  }

  /** Whether it says how that operation came out. */
  default boolean madeBy(String operation) {
    return madeBy().stream().anyMatch(o -> o.text().equals(operation));
  }

  /** What it is of, in the maker's words. */
  default String words() {
    return fold(
        p -> "part in hand",
        s -> "stage of the work",
        r -> "finished cut",
        a -> "assembled instrument");
  }
}

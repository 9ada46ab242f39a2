package roughcut.gcode;

import java.util.Optional;
import java.util.function.Function;
import roughcut.geometry.Point3;

/** What a machine does after the other while a program runs. */
public sealed interface Step {
  /** Of the program's text, from 1. */
  int line();

  /** It as a move; empty for what isn't one. */
  default Optional<Move> move() {
    return fold(Optional::of, d -> Optional.empty(), c -> Optional.empty(), p -> Optional.empty());
  }

  /** One answer for each kind. */
  <T> T fold(
      Function<Move, T> move,
      Function<Dwell, T> dwell,
      Function<ToolChange, T> change,
      Function<Pause, T> pause);

  /**
   * The cutter goes straight from place to place; an arc is many of them, {@link
   * roughcut.geometry.Arcs#CHORD_ERROR} from it.
   *
   * @param from its tip in machine coordinates, mm; the same as {@code to} where it wasn't known
   * @param rapid as fast as the machine goes, not meant to cut
   * @param feed mm a minute; of no meaning for a rapid one
   * @param speed of the spindle, turns a minute; 0 while it stands
   */
  record Move(int line, Point3 from, Point3 to, boolean rapid, double feed, double speed)
      implements Step {
    @Override
    public <T> T fold(
        Function<Move, T> move,
        Function<Dwell, T> dwell,
        Function<ToolChange, T> change,
        Function<Pause, T> pause) {
      return move.apply(this);
    }
  }

  /**
   * It waits.
   *
   * @param seconds how long
   */
  record Dwell(int line, double seconds) implements Step {
    @Override
    public <T> T fold(
        Function<Move, T> move,
        Function<Dwell, T> dwell,
        Function<ToolChange, T> change,
        Function<Pause, T> pause) {
      return dwell.apply(this);
    }
  }

  /**
   * Another cutter goes in.
   *
   * @param tool by its number
   */
  record ToolChange(int line, int tool) implements Step {
    @Override
    public <T> T fold(
        Function<Move, T> move,
        Function<Dwell, T> dwell,
        Function<ToolChange, T> change,
        Function<Pause, T> pause) {
      return change.apply(this);
    }
  }

  /** It stops until somebody lets it go on. */
  record Pause(int line) implements Step {
    @Override
    public <T> T fold(
        Function<Move, T> move,
        Function<Dwell, T> dwell,
        Function<ToolChange, T> change,
        Function<Pause, T> pause) {
      return pause.apply(this);
    }
  }
}

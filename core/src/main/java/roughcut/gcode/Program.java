package roughcut.gcode;

import java.util.List;

/**
 * What a program's text makes a machine do.
 *
 * @param steps in their order
 * @param faults what couldn't be understood or done as written, by line; what follows one is only
 *     as good as a guess
 */
public record Program(List<Step> steps, List<Fault> faults) {
  public Program {
    steps = List.copyOf(steps);
    faults = List.copyOf(faults);
  }

  /** Its moves alone, in their order. */
  public List<Step.Move> moves() {
    return steps.stream().flatMap(s -> s.move().stream()).toList();
  }

  /**
   * Reads a text as a controller would: word by word, nothing taken for granted.
   *
   * @param skip whether blocks with a slash before them are left out
   */
  public static Program read(String text, Zeros zeros, boolean skip) {
    return new Interpreter(zeros).run(BlockReader.read(text), skip);
  }
}

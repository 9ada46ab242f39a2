package roughcut.layout;

import roughcut.design.Decisions;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;

/**
 * Which strings run close together and are pressed as one: a pair is a course, counted from string
 * 1; what is left over at the bass side is a smaller one. Where all would be one course, each runs
 * alone.
 *
 * @param strings how many there are
 * @param each how many run in a course
 * @param atNut between the centres of neighbours in a course, at the nut
 * @param atSaddle the same at the saddle line
 */
public record Courses(int strings, int each, Value atNut, Value atSaddle) {
  static Courses of(EffectiveInputs inputs) {
    int strings = inputs.design().strings().size();
    int each = (int) inputs.get(Decisions.COURSE_STRINGS).value();
    return new Courses(
        strings,
        each < strings ? each : 1,
        inputs.get(Decisions.COURSE_AT_NUT),
        inputs.get(Decisions.COURSE_AT_SADDLE));
  }

  boolean paired() {
    return each > 1;
  }

  /** How many courses there are; as many as strings where each runs alone. */
  public int count() {
    return (strings + each - 1) / each;
  }

  /** The course that a string runs in, both counted from 1 at the treble side. */
  public int of(int string) {
    return (string - 1) / each + 1;
  }

  /** Whether two strings run in one course. */
  public boolean together(int one, int other) {
    return of(one) == of(other);
  }

  /** Whether a string is the first of its course. */
  boolean begins(int string) {
    return (string - 1) % each == 0;
  }

  /** How many steps within courses lie between string 1 and this one. */
  int stepsBefore(int string) {
    return string - of(string);
  }
}

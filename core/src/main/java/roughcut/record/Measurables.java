package roughcut.record;

import java.util.List;
import java.util.Optional;

/** What is read of parts on their way (handbook page 8, "A part is a history"). */
public final class Measurables {
  public static final Measurable BODY_THICKNESS =
      Measurable.length(
          "body.now-thickness",
          "Body's thickness now",
          1,
          200,
          "As thick as it is, while it is not yet planed to its thickness.");
  public static final Measurable BODY_OUTSIDE =
      Measurable.length(
          "body.now-outside",
          "Outside its line by",
          0,
          100,
          "From its edge to the drawn line, while it is not yet sawn and trimmed to it.");
  public static final Measurable NECK_1 =
      Measurable.length(
          "neck.now-1",
          "Neck at fret 1 now",
          1,
          80,
          "With the fretboard, by caliper at the middle of the back.");
  public static final Measurable NECK_12 =
      Measurable.length(
          "neck.now-12",
          "Neck at the octave now",
          1,
          80,
          "With the fretboard, by caliper at the middle of the back.");

  private static final List<Measurable> ALL =
      List.of(BODY_THICKNESS, BODY_OUTSIDE, NECK_1, NECK_12);

  private Measurables() {}

  public static List<Measurable> all() {
    return ALL;
  }

  public static Optional<Measurable> find(String id) {
    return ALL.stream().filter(m -> m.id().equals(id)).findFirst();
  }
}

package roughcut.shop;

import java.util.List;

/** Body shapes of our own that ship with the program, to start from. */
public final class BodyShapeBook {
  /** Main measures of a shape, mm. */
  public record BodyShape(
      String name,
      double length,
      double upper,
      double waist,
      double lower,
      double hornBass,
      double hornTreble,
      double slant) {}

  private static final List<BodyShape> ALL = CsvTable.read("bodies.csv", BodyShape.class);

  private BodyShapeBook() {}

  public static List<BodyShape> all() {
    return ALL;
  }
}

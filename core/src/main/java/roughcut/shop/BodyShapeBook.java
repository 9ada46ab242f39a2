package roughcut.shop;

import static roughcut.shop.CsvTable.number;

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

  private static final List<BodyShape> ALL =
      CsvTable.read("bodies.csv").stream()
          .map(
              row ->
                  new BodyShape(
                      row.get("name"),
                      number(row, "length"),
                      number(row, "upper"),
                      number(row, "waist"),
                      number(row, "lower"),
                      number(row, "horn_bass"),
                      number(row, "horn_treble"),
                      number(row, "slant")))
          .toList();

  private BodyShapeBook() {}

  public static List<BodyShape> all() {
    return ALL;
  }
}

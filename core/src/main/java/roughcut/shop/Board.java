package roughcut.shop;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roughcut.measure.InvalidValue;
import roughcut.measure.NamedKind;
import roughcut.measure.Precision;
import roughcut.measure.Text;

/**
 * A board in the rack. A dimension that wasn't measured yet is empty, and nothing is computed as if
 * it were known.
 *
 * @param id stable word, unique in the rack
 * @param species id of its wood, possibly one that the program doesn't know
 * @param length along the grain, mm
 * @param width mm
 * @param thickness mm
 * @param moisture %
 * @param runOut angle of the grain to the face, degrees
 * @param irreplaceable to be cut last, to fit its replaceable mate
 * @param mass weighed, g
 * @param price in the maker's money
 */
public record Board(
    String id,
    String species,
    OptionalDouble length,
    OptionalDouble width,
    OptionalDouble thickness,
    OptionalDouble moisture,
    Grain grain,
    double runOut,
    List<BoardMark> marks,
    boolean irreplaceable,
    OptionalDouble mass,
    OptionalDouble price,
    String note) {
  /** How the growth rings stand in the board. */
  public enum Grain implements NamedKind {
    FLAT,
    RIFT,
    QUARTER
  }

  private static final double LONGEST = 10_000;

  public Board {
    marks = List.copyOf(marks);
    if (id == null || !id.matches("[\\p{L}\\p{N}][\\p{L}\\p{N} ._-]{0,39}")) {
      throw new InvalidValue(
          Text.of("a board needs a short name of letters and digits, not “{id}”", id));
    }
    check(Text.of("length"), length);
    check(Text.of("width"), width);
    check(Text.of("thickness"), thickness);
    for (BoardMark mark : marks) {
      checkInside(id, mark, length, width);
    }
    if (!(runOut >= 0 && runOut <= 45)) {
      throw new InvalidValue(Text.of("{id}: the grain runout is between 0 and 45°", id));
    }
    if (mass.isPresent() && !(mass.getAsDouble() > 0 && mass.getAsDouble() < 1e6)) {
      throw new InvalidValue(Text.of("{id}: a weighed board weighs more than nothing", id));
    }
    if (price.isPresent() && !(price.getAsDouble() >= 0 && price.getAsDouble() < 1e7)) {
      throw new InvalidValue(Text.of("{id}: a price is 0 or more, and under ten millions", id));
    }
    if (moisture.isPresent() && !(moisture.getAsDouble() >= 0 && moisture.getAsDouble() <= 200)) {
      throw new InvalidValue(Text.of("{id}: moisture is between 0 and 200 %", id));
    }
  }

  private static void check(Text side, OptionalDouble mm) {
    if (mm.isPresent() && !(mm.getAsDouble() > 0 && mm.getAsDouble() <= LONGEST)) {
      throw new InvalidValue(
          Text.of(
              "a board's {side} is more than 0 and at most {most}", side, Text.length(LONGEST, 0)));
    }
  }

  private static void checkInside(
      String id, BoardMark mark, OptionalDouble length, OptionalDouble width) {
    if (mark.x() < 0
        || mark.y() < 0
        || length.isPresent() && mark.x() + mark.length() > length.getAsDouble() + Precision.NEAR
        || width.isPresent() && mark.y() + mark.width() > width.getAsDouble() + Precision.NEAR) {
      throw new InvalidValue(
          Text.of(
              "{id}: the mark “{words}” is outside the board; it must start at 0 or more and end "
                  + "within {length} × {width}",
              id,
              mark.words(),
              side(length, Text.of("the length")),
              side(width, Text.of("the width"))));
    }
  }

  private static Object side(OptionalDouble mm, Text unknown) {
    return mm.isPresent() ? Text.length(mm.getAsDouble(), 0) : unknown;
  }

  /** A board of which only its wood is known. */
  public static Board unknown(String id, String species) {
    return new Board(
        id,
        species,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        Grain.FLAT,
        0,
        List.of(),
        false,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        "");
  }

  public Board withId(String next) {
    return copy(next, species, length, width, thickness, moisture, grain, marks);
  }

  public Board withSpecies(String next) {
    return copy(id, next, length, width, thickness, moisture, grain, marks);
  }

  public Board withLength(OptionalDouble next) {
    return copy(id, species, next, width, thickness, moisture, grain, marks);
  }

  public Board withWidth(OptionalDouble next) {
    return copy(id, species, length, next, thickness, moisture, grain, marks);
  }

  public Board withThickness(OptionalDouble next) {
    return copy(id, species, length, width, next, moisture, grain, marks);
  }

  public Board withMoisture(OptionalDouble next) {
    return copy(id, species, length, width, thickness, next, grain, marks);
  }

  public Board withGrain(Grain next) {
    return copy(id, species, length, width, thickness, moisture, next, marks);
  }

  public Board withMarks(List<BoardMark> next) {
    return copy(id, species, length, width, thickness, moisture, grain, next);
  }

  private Board copy(
      String id,
      String species,
      OptionalDouble length,
      OptionalDouble width,
      OptionalDouble thickness,
      OptionalDouble moisture,
      Grain grain,
      List<BoardMark> marks) {
    return new Board(
        id,
        species,
        length,
        width,
        thickness,
        moisture,
        grain,
        runOut,
        marks,
        irreplaceable,
        mass,
        price,
        note);
  }

  public Board withRunOut(double degrees) {
    return rest(degrees, irreplaceable, mass, price, note);
  }

  public Board withIrreplaceable(boolean next) {
    return rest(runOut, next, mass, price, note);
  }

  public Board withMass(OptionalDouble next) {
    return rest(runOut, irreplaceable, next, price, note);
  }

  public Board withPrice(OptionalDouble next) {
    return rest(runOut, irreplaceable, mass, next, note);
  }

  public Board withNote(String next) {
    return rest(runOut, irreplaceable, mass, price, next);
  }

  private Board rest(
      double runOut,
      boolean irreplaceable,
      OptionalDouble mass,
      OptionalDouble price,
      String note) {
    return new Board(
        id,
        species,
        length,
        width,
        thickness,
        moisture,
        grain,
        runOut,
        marks,
        irreplaceable,
        mass,
        price,
        note);
  }

  /** The first dimension that nobody has measured, in words. */
  public Optional<Text> unmeasured() {
    return length.isEmpty()
        ? Optional.of(Text.of("length"))
        : width.isEmpty()
            ? Optional.of(Text.of("width"))
            : thickness.isEmpty() ? Optional.of(Text.of("thickness")) : Optional.empty();
  }

  /**
   * Density from its weight where it was weighed and measured, kg/m³; otherwise its wood's mean.
   */
  public double density(Woods woods) {
    if (mass.isPresent() && unmeasured().isEmpty()) {
      return mass.getAsDouble()
          / (length.getAsDouble() * width.getAsDouble() * thickness.getAsDouble())
          * 1e6;
    }
    return woods.get(species).density();
  }
}

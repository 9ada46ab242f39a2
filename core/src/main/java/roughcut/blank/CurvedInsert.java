package roughcut.blank;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.Arcs;
import roughcut.measure.DecidedValue;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;

/**
 * A hand-fitted curved joint: the faces' radii, ordinates to mark them by, and what is left of the
 * straight neighbour where the curve is deepest (handbook page 3, "Against the outline").
 *
 * @param line the joint's glue line, counted from 1 at the bass side
 * @param swelling the strip whose face is bowed
 * @param neighbour the strip that is cut out for it
 * @param radius of the swelling strip's face
 * @param outerRadius of the neighbour's face: the same, and more by any veneer bent between
 * @param left of the neighbour at its thinnest
 * @param ordinates distance from the nut line and height over the chord, every 50 mm
 */
public record CurvedInsert(
    int line,
    PlacedStrip swelling,
    PlacedStrip neighbour,
    Value radius,
    Value outerRadius,
    Value left,
    List<Ordinate> ordinates) {
  private static final double STEP = 50;

  /** A place on the curve: {@code x} from the nut line, {@code height} over the straight line. */
  public record Ordinate(double x, double height) {}

  public CurvedInsert {
    ordinates = List.copyOf(ordinates);
  }

  static List<CurvedInsert> all(
      List<PlacedStrip> strips, Provenance provenance, ValueRegistry registry) {
    List<CurvedInsert> found = new ArrayList<>();
    for (int line = 1; line < strips.size(); line++) {
      GlueFace face = strips.get(line).lower();
      // A veneer's far face is bowed too; the joint is told once, at the swelling strip.
      PlacedStrip inside = face.bow() > 0 ? strips.get(line - 1) : strips.get(line);
      if (!face.straight() && inside.strip().bow() > 0) {
        found.add(one(line, face, strips, provenance, registry));
      }
    }
    return found;
  }

  private static CurvedInsert one(
      int line,
      GlueFace face,
      List<PlacedStrip> strips,
      Provenance provenance,
      ValueRegistry registry) {
    int outwards = face.bow() > 0 ? 1 : -1;
    int index = face.bow() > 0 ? line : line - 1;
    double veneers = 0;
    while (index > 0 && index < strips.size() - 1 && strips.get(index).strip().veneer()) {
      veneers += strips.get(index).strip().thickness();
      index += outwards;
    }
    PlacedStrip neighbour = strips.get(index);
    Value chord =
        SearchedValue.of(
            BlankKeys.INSERT_CHORD, face.heelEnd(), Text.of("found at the heel end"), provenance);
    Value bow =
        SearchedValue.of(
            "joint." + line + ".bow",
            Text.of("Bow of the joint"),
            Math.abs(face.bow()),
            LENGTH,
            Text.of("found by placing the strips side by side"),
            provenance);
    Value veneer =
        DecidedValue.of(
            "joint." + line + ".veneers", Text.of("Veneers in the joint"), veneers, FINE_LENGTH);
    double middle = face.heelEnd() / 2;
    Value straight =
        SearchedValue.of(
            "joint." + line + ".neighbour",
            Text.of("Strip beside it before the curve is cut"),
            neighbour.to(middle) - neighbour.from(middle) + bow.value(),
            LENGTH,
            Text.of("found by placing the strips side by side"),
            provenance);
    String id = "joint." + line;
    Value radius =
        registry.put(
            id + ".radius",
            Text.of("Radius of the curved joint, inner face"),
            LENGTH,
            "(c^2 / 4 + s^2) / (2 · s)",
            in("c", chord),
            in("s", bow));
    Value outer =
        registry.put(
            id + ".outer-radius",
            Text.of("Radius of the curved joint, outer face"),
            LENGTH,
            "R + v",
            in("R", radius),
            in("v", veneer));
    Value left =
        registry.put(
            id + ".left",
            Text.of("Thinnest place beside the curved joint"),
            LENGTH,
            "t − s",
            in("t", straight),
            in("s", bow));
    List<Ordinate> ordinates = new ArrayList<>();
    for (double x = STEP; x < chord.value(); x += STEP) {
      ordinates.add(new Ordinate(x, Arcs.ordinate(chord.value(), bow.value(), x)));
    }
    PlacedStrip swelling = face.bow() > 0 ? strips.get(line - 1) : strips.get(line);
    return new CurvedInsert(line, swelling, neighbour, radius, outer, left, ordinates);
  }
}

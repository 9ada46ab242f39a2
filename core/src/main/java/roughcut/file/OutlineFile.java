package roughcut.file;

import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.geometry.ArcFinder;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.geometry.Similarity;
import roughcut.measure.Precision;
import roughcut.measure.Refused;
import roughcut.measure.Text;
import roughcut.measure.Units;

/**
 * A body's or a headstock's outline read from a drawing, SVG or DXF: its largest path, in mm.
 *
 * @param outline as it was drawn, its y turned upwards
 * @param said what is to be said about unit and size, in words
 * @param unitSuspicion whether the unit is in doubt
 */
public record OutlineFile(DrawnOutline outline, Text said, boolean unitSuspicion) {
  /** Larger files are not read, bytes. */
  static final long LARGEST = 4_000_000;

  /** More corners are not taken in. */
  static final int MOST_POINTS = 60_000;

  /** A path whose ends come this near each other counts as closed, mm. */
  private static final double CLOSED = 0.05;

  /** Corners nearer than this to the line between their neighbours aren't needed, mm. */
  private static final double FINE = 0.01;

  /**
   * A path as read.
   *
   * @param points in the file's units, y upwards
   * @param closed whether the file says so
   */
  record Drawn(List<Point> points, boolean closed) {
    double gap() {
      return closed ? 0 : points.get(0).distance(points.get(points.size() - 1));
    }

    /** Of the box round it, which a path that crosses itself has too. */
    double size() {
      Bounds b = new Outline(points).bounds();
      return b.width() * b.height();
    }
  }

  /**
   * What a reader found.
   *
   * @param curves arcs and curves that points of the paths lie on
   * @param perUnit mm in one unit of the file
   * @param unit as the file says it; empty when it doesn't
   * @param left how many splines say no curve, by points alone or by numbers that make none
   */
  record Sheet(List<Drawn> paths, List<Segment> curves, double perUnit, String unit, int left) {
    /** What is to be said of them. */
    Text leftSaid() {
      return left == 1
          ? Text.of(
              "one spline skipped because too little is known about it: save with control points, "
                  + "or as polylines")
          : Text.of(
              "{count} splines skipped because too little is known about them: save with control "
                  + "points, or as polylines",
              left);
    }
  }

  /**
   * How many millimetres a unit of the file may turn out to be at most: how finely its curves have
   * to be followed. A file that says no unit may have been drawn in inches.
   */
  static double mostPerUnit(double perUnit, String unit) {
    return unit.isEmpty() ? Math.max(perUnit, Units.INCH) : perUnit;
  }

  /**
   * Reads one.
   *
   * @throws FileTrouble in words: too large, made to harm, no path in it
   */
  public static OutlineFile read(java.nio.file.Path file, DrawnPart part) throws FileException {
    String name = file.getFileName().toString();
    byte[] bytes;
    try {
      if (Files.size(file) > LARGEST) {
        throw new FileException(
            Text.of(
                "{name} is {size} MB, more than an outline needs; the maximum is 4",
                name,
                Files.size(file) / 1_000_000));
      }
      bytes = Files.readAllBytes(file);
    } catch (IOException e) {
      throw new FileException(Text.of("{name} can't be read: {why}", name, Refused.why(e)), e);
    }
    return read(name, bytes, part);
  }

  static OutlineFile read(String name, byte[] bytes, DrawnPart part) throws FileException {
    String lower = name.toLowerCase(Locale.ROOT);
    if (lower.endsWith(".svg")) {
      return found(name, SvgPaths.read(bytes, name), part);
    }
    if (lower.endsWith(".dxf")) {
      return found(name, DxfPaths.read(bytes, name), part);
    }
    throw new FileException(Text.of("{name}: an outline must be an SVG or DXF file", name));
  }

  private static OutlineFile found(String name, Sheet sheet, DrawnPart part) throws FileException {
    Drawn best = null;
    for (Drawn path : sheet.paths()) {
      if (path.points().size() >= 3 && (best == null || path.size() > best.size())) {
        best = path;
      }
    }
    if (best == null || best.size() == 0) {
      throw new FileException(
          sheet.left() == 0
              ? Text.of("{name}: there is no closed path in it", name)
              : Text.of(
                  "{name}: there is no closed path in it; {splines}", name, sheet.leftSaid()));
    }
    double perUnit = sheet.perUnit();
    Bounds b = new Outline(best.points()).bounds();
    double longest = Math.max(b.width(), b.height());
    boolean doubt = false;
    Text said;
    if (sheet.unit().isEmpty()) {
      boolean inches = !part.plausible(longest) && part.plausible(longest * Units.INCH);
      perUnit = inches ? Units.INCH : part.plausible(longest) ? 1 : perUnit;
      doubt = true;
      said =
          Text.of(
              perUnit == 1
                  ? "{file}: no unit given: read as mm, {length} long"
                  : perUnit == Units.INCH
                      ? "{file}: no unit given: read as inches, {length} long"
                      : "{file}: no unit given: read as the points of its program, {length} long",
              name,
              Text.length(longest * perUnit, 1));
    } else {
      double size = longest * perUnit;
      doubt = !part.plausible(size);
      said =
          Text.of(
              "{file}: drawn in {unit}, {length} long", name, sheet.unit(), Text.length(size, 1));
      if (doubt) {
        said = Text.of("{size}: {doubt}", said, unlikely(size, part));
      }
    }
    double gap = best.gap() * perUnit;
    return new OutlineFile(
        drawn(name, sheet, scaled(name, best.points(), perUnit), perUnit, gap > CLOSED ? gap : 0),
        sheet.left() == 0 ? said : Text.of("{size}; {splines}", said, sheet.leftSaid()),
        doubt);
  }

  /** Why no body has a size, and what it would be in the other unit, where that is more likely. */
  private static Text unlikely(double size, DrawnPart part) {
    return part.plausible(size * Units.INCH)
        ? Text.of(
            "no {part} has that size, so the unit may be wrong; read as inches it would be {length}",
            part.words(),
            Text.length(size * Units.INCH, 1))
        : part.plausible(size / Units.INCH)
            ? Text.of(
                "no {part} has that size, so the unit may be wrong; read as mm it would be {length}",
                part.words(),
                Text.length(size / Units.INCH, 1))
            : Text.of("no {part} has that size, so the unit may be wrong", part.words());
  }

  /** The outline with those of the file's curves that it runs along. */
  private static DrawnOutline drawn(
      String name, Sheet sheet, List<Point> corners, double perUnit, double open) {
    Bounds around = new Outline(corners).bounds().expanded(1);
    Similarity size = Similarity.sizing(perUnit);
    List<Segment> near =
        sheet.curves().stream()
            .filter(s -> s.length() * perUnit > CLOSED)
            .map(s -> s.through(size))
            .filter(s -> around.contains(s.start()) && around.contains(s.end()))
            .toList();
    List<Segment> round = ArcFinder.of(near, FINE / 4);
    List<Segment> curves = Path.along(corners, round, 2.5 * FINE).curves();
    boolean few = curves.size() <= DrawnOutline.MOST_CORNERS;
    return new DrawnOutline(name, corners, few ? curves : List.of(), open);
  }

  private static List<Point> scaled(String name, List<Point> points, double perUnit)
      throws FileException {
    List<Coordinate> line = new ArrayList<>();
    for (Point p : points) {
      Coordinate next = new Coordinate(p.x() * perUnit, p.y() * perUnit);
      if (!DrawnOutline.reaches(next.x) || !DrawnOutline.reaches(next.y)) {
        throw new FileException(Text.of("{name} has a point far outside any body", name));
      }
      if (line.isEmpty() || line.get(line.size() - 1).distance(next) > Precision.NEAR) {
        line.add(next);
      }
    }
    line.add(new Coordinate(line.get(0)));
    Coordinate[] fewer =
        DouglasPeuckerSimplifier.simplify(
                new GeometryFactory().createLineString(line.toArray(Coordinate[]::new)), FINE)
            .getCoordinates();
    List<Point> corners = new ArrayList<>();
    for (int i = 0; i < fewer.length - 1; i++) {
      corners.add(new Point(fewer[i].x, fewer[i].y));
    }
    if (corners.size() > 1
        && corners.get(0).distance(corners.get(corners.size() - 1)) < CLOSED / 10) {
      corners.remove(corners.size() - 1);
    }
    if (corners.size() < 3 || corners.size() > DrawnOutline.MOST_CORNERS) {
      throw new FileException(
          Text.of(
              "{name}: its outline has {count} corners; 3 to {most}",
              name,
              corners.size(),
              DrawnOutline.MOST_CORNERS));
    }
    return corners;
  }
}

package roughcut.file;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import roughcut.geometry.Arc;
import roughcut.geometry.Arcs;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.measure.Precision;
import roughcut.measure.Refused;
import roughcut.measure.Text;
import roughcut.measure.Units;

/**
 * The paths of a DXF drawing: polylines with their bulges, circles, ellipses, splines, and lines
 * and arcs that meet end to end. Files aren't trusted: limited size and count.
 */
final class DxfPaths {
  /** Ends of lines and arcs that come this near each other meet, in the file's units. */
  private static final double MEET = 0.02;

  private static final int LONGEST_VALUE = 2000;
  private static final int MOST_LOOSE = 6000;

  /** A group: its code and what stands under it. */
  private record Group(int code, String value) {}

  /** An entity: its kind and its groups. */
  private record Entity(String kind, List<Group> groups) {
    double number(int code, double otherwise) {
      for (Group group : groups) {
        if (group.code == code) {
          return SvgPathData.number(group.value);
        }
      }
      return otherwise;
    }

    List<Double> numbers(int code) {
      List<Double> all = new ArrayList<>();
      for (Group group : groups) {
        if (group.code == code) {
          all.add(SvgPathData.number(group.value));
        }
      }
      return all;
    }
  }

  private final String name;
  private final List<OutlineFile.Drawn> paths = new ArrayList<>();
  private final List<List<Point>> loose = new ArrayList<>();
  private final List<Segment> curves = new ArrayList<>();
  private double perUnit = 1;
  private String unit = "";
  private int points;
  private int left;

  private DxfPaths(String name) {
    this.name = name;
  }

  static OutlineFile.Sheet read(byte[] bytes, String name) throws FileException {
    DxfPaths reader = new DxfPaths(name);
    try {
      reader.entities(reader.groups(new String(bytes, StandardCharsets.UTF_8)));
      reader.chain();
    } catch (IllegalArgumentException e) {
      throw new FileException(Text.of("{name}: {why}", name, Refused.why(e)), e);
    }
    return new OutlineFile.Sheet(
        reader.paths, reader.curves, reader.perUnit, reader.unit, reader.left);
  }

  private List<Group> groups(String text) throws FileException {
    List<Group> groups = new ArrayList<>();
    String[] lines = text.split("\\r\\n|\\n|\\r", -1);
    if (lines.length > 8 * OutlineFile.MOST_POINTS) {
      throw new FileException(
          Text.of("{name} has {lines} lines, far more than an outline needs", name, lines.length));
    }
    for (int i = 0; i + 1 < lines.length; i += 2) {
      String code = lines[i].strip();
      if (code.length() > 5 || !code.matches("-?\\d+")) {
        throw new FileException(
            Text.of(
                "{name} is not a DXF drawing: line {line} should be a group code", name, (i + 1)));
      }
      if (lines[i + 1].length() > LONGEST_VALUE) {
        throw new FileException(
            Text.of("{name}: line {line} is longer than any drawing needs", name, (i + 2)));
      }
      groups.add(new Group(Integer.parseInt(code), lines[i + 1].strip()));
    }
    return groups;
  }

  private void entities(List<Group> groups) throws FileException {
    for (int i = 0; i + 1 < groups.size(); i++) {
      if (groups.get(i).value.equals("$INSUNITS") && groups.get(i).code == 9) {
        units(groups.get(i + 1).value);
      }
    }
    List<Point> polyline = null;
    List<Double> bulges = new ArrayList<>();
    boolean closed = false;
    for (int i = 0; i < groups.size(); ) {
      if (groups.get(i).code != 0) {
        i++;
        continue;
      }
      int end = i + 1;
      while (end < groups.size() && groups.get(end).code != 0) {
        end++;
      }
      Entity entity =
          new Entity(groups.get(i).value.toUpperCase(Locale.ROOT), groups.subList(i + 1, end));
      i = end;
      switch (entity.kind) {
        case "POLYLINE" -> {
          polyline = new ArrayList<>();
          bulges = new ArrayList<>();
          closed = ((int) entity.number(70, 0) & 1) == 1;
        }
        case "VERTEX" -> {
          if (polyline != null) {
            polyline.add(new Point(entity.number(10, 0), entity.number(20, 0)));
            bulges.add(entity.number(42, 0));
          }
        }
        case "SEQEND" -> {
          if (polyline != null) {
            polyline(polyline, bulges, closed);
          }
          polyline = null;
        }
        default -> entity(entity);
      }
    }
  }

  private void units(String value) {
    switch (value) {
      case "1" -> {
        perUnit = Units.INCH;
        unit = "inches";
      }
      case "4" -> unit = "mm";
      case "5" -> {
        perUnit = 10;
        unit = "cm";
      }
      case "6" -> {
        perUnit = 1000;
        unit = "m";
      }
      default -> {}
    }
  }

  private void entity(Entity e) throws FileException {
    Point centre = new Point(e.number(10, 0), e.number(20, 0));
    switch (e.kind) {
      case "LWPOLYLINE" -> lightPolyline(e);
      case "LINE" -> loose.add(count(List.of(centre, new Point(e.number(11, 0), e.number(21, 0)))));
      case "CIRCLE" -> closed(arc(centre, e.number(40, 0), 0, 2 * Math.PI));
      case "ARC" -> {
        double from = Math.toRadians(e.number(50, 0));
        loose.add(
            count(
                arc(
                    centre,
                    e.number(40, 0),
                    from,
                    from + way(from, Math.toRadians(e.number(51, 360))))));
      }
      case "ELLIPSE" -> ellipse(e, centre);
      case "SPLINE" -> spline(e);
      default -> {}
    }
  }

  private void lightPolyline(Entity e) throws FileException {
    List<Point> corners = new ArrayList<>();
    List<Double> bulges = new ArrayList<>();
    double x = 0;
    for (Group group : e.groups) {
      if (group.code == 10) {
        x = SvgPathData.number(group.value);
      } else if (group.code == 20) {
        corners.add(new Point(x, SvgPathData.number(group.value)));
        bulges.add(0.0);
      } else if (group.code == 42 && !bulges.isEmpty()) {
        bulges.set(bulges.size() - 1, SvgPathData.number(group.value));
      }
    }
    polyline(corners, bulges, ((int) e.number(70, 0) & 1) == 1);
  }

  private double most() {
    return OutlineFile.mostPerUnit(perUnit, unit);
  }

  /** An arc as fine in mm as any other, whatever the file's unit. */
  private List<Point> arc(Point centre, double radius, double from, double to) {
    double sweep = to - from;
    if (radius > 0 && sweep != 0 && Math.abs(sweep) <= 2 * Math.PI) {
      curves.add(new Arc(centre, radius, from, sweep));
    }
    return Arcs.arc(new Point(0, 0), radius * most(), from, to).stream()
        .map(p -> centre.plus(p.x() / most(), p.y() / most()))
        .toList();
  }

  /** Corners with bulges: the tangent of a quarter of each arc's angle. */
  private void polyline(List<Point> corners, List<Double> bulges, boolean closed)
      throws FileException {
    if (corners.isEmpty()) {
      return;
    }
    List<Point> run = new ArrayList<>(List.of(corners.get(0)));
    int pieces = closed ? corners.size() : corners.size() - 1;
    for (int i = 0; i < pieces; i++) {
      if (run.size() > OutlineFile.MOST_POINTS) {
        count(run);
      }
      Point a = corners.get(i);
      Point b = corners.get((i + 1) % corners.size());
      double bulge = bulges.get(i);
      if (Math.abs(bulge) > Precision.SAME && a.distance(b) > Precision.SAME) {
        double half = a.distance(b) / 2;
        double radius = half * (1 + bulge * bulge) / (2 * bulge);
        double up = radius - bulge * half;
        Point middle = a.towards(b, 0.5);
        Point centre =
            middle.plus(-(b.y() - a.y()) / (2 * half) * up, (b.x() - a.x()) / (2 * half) * up);
        double from = Math.atan2(a.y() - centre.y(), a.x() - centre.x());
        List<Point> arc = arc(centre, Math.abs(radius), from, from + 4 * Math.atan(bulge));
        run.addAll(arc.subList(1, arc.size()));
      } else {
        run.add(b);
      }
    }
    if (closed) {
      run.remove(run.size() - 1);
      closed(run);
    } else {
      loose.add(count(run));
    }
  }

  private void closed(List<Point> run) throws FileException {
    count(run);
    if (run.size() >= 3) {
      paths.add(new OutlineFile.Drawn(run, true));
    }
  }

  private List<Point> count(List<Point> run) throws FileException {
    points += run.size();
    if (loose.size() > MOST_LOOSE) {
      throw new FileException(
          Text.of(
              "{name} has more than {most} separate lines, far more than an outline needs",
              name,
              MOST_LOOSE));
    }
    if (points > OutlineFile.MOST_POINTS) {
      throw new FileException(
          Text.of(
              "{name} has more than {most} corners, far more than an outline needs",
              name,
              OutlineFile.MOST_POINTS));
    }
    return run;
  }

  /** The way round from one angle to another, anticlockwise: more than 0, once round at most. */
  private static double way(double from, double to) {
    double way = (to - from) % (2 * Math.PI);
    return way <= 0 ? way + 2 * Math.PI : way;
  }

  private void ellipse(Entity e, Point centre) throws FileException {
    double ax = e.number(11, 1);
    double ay = e.number(21, 0);
    double ratio = e.number(40, 1);
    double from = e.number(41, 0);
    double to = e.number(42, 2 * Math.PI);
    double way = way(from, to);
    new Arc(new Point(0, 0), 1, from, way)
        .cubics()
        .forEach(
            c ->
                curves.add(
                    c.through(
                        p ->
                            centre.plus(
                                ax * p.x() - ay * ratio * p.y(),
                                ay * p.x() + ax * ratio * p.y()))));
    List<Point> run = new ArrayList<>();
    double longest = Math.hypot(ax, ay) * Math.max(1, Math.abs(ratio)) * most();
    double step = 2 * Math.acos(Math.max(0.5, 1 - Arcs.CHORD_ERROR / longest));
    int pieces = (int) Math.min(OutlineFile.MOST_POINTS, Math.ceil(way / step));
    for (int i = 0; i <= pieces; i++) {
      double t = from + way * i / pieces;
      run.add(
          centre.plus(
              ax * Math.cos(t) - ay * ratio * Math.sin(t),
              ay * Math.cos(t) + ax * ratio * Math.sin(t)));
    }
    if (Math.abs(way - 2 * Math.PI) < Precision.NEAR) {
      closed(run);
    } else {
      loose.add(count(run));
    }
  }

  private void spline(Entity e) throws FileException {
    DxfSpline spline =
        DxfSpline.of(
                (int) e.number(71, 3), e.numbers(40), e.numbers(10), e.numbers(20), e.numbers(41))
            .orElse(null);
    if (spline == null) {
      left++;
      return;
    }
    List<Point> run = spline.points(Arcs.CHORD_ERROR / most(), OutlineFile.MOST_POINTS);
    curves.addAll(spline.cubics());
    boolean closed = ((int) e.number(70, 0) & 1) == 1;
    if (closed && run.size() >= 3) {
      closed(run);
    } else if (run.size() > 1) {
      loose.add(count(run));
    }
  }

  /** Joins lines, arcs and open curves end to end. */
  private void chain() {
    double meet = MEET / perUnit;
    while (!loose.isEmpty()) {
      List<Point> run = new ArrayList<>(loose.remove(loose.size() - 1));
      boolean grown = true;
      while (grown && run.get(0).distance(run.get(run.size() - 1)) > meet) {
        grown = false;
        Point end = run.get(run.size() - 1);
        for (int i = 0; i < loose.size() && !grown; i++) {
          List<Point> next = loose.get(i);
          boolean ahead = next.get(0).distance(end) <= meet;
          if (ahead || next.get(next.size() - 1).distance(end) <= meet) {
            List<Point> way = new ArrayList<>(loose.remove(i));
            if (!ahead) {
              java.util.Collections.reverse(way);
            }
            run.addAll(way.subList(1, way.size()));
            grown = true;
          }
        }
      }
      if (run.size() >= 3) {
        boolean closed = run.get(0).distance(run.get(run.size() - 1)) <= meet;
        paths.add(new OutlineFile.Drawn(run, closed));
      }
    }
  }
}

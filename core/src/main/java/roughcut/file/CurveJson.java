package roughcut.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.Arc;
import roughcut.geometry.Cubic;
import roughcut.geometry.Line;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.measure.Text;

/**
 * The curves of a drawn outline as JSON: an arc by its centre, radius, and in radians where it
 * begins and how far it runs; a cubic curve by its four points.
 */
final class CurveJson implements Segment.Cases<Void, RuntimeException> {
  private final ArrayNode all;

  private CurveJson(ArrayNode all) {
    this.all = all;
  }

  static void write(List<Segment> curves, ArrayNode all) {
    CurveJson writer = new CurveJson(all);
    curves.forEach(c -> c.fold(writer));
  }

  @Override
  public Void line(Line line) {
    return null; // between two corners it is straight without being told
  }

  @Override
  public Void arc(Arc arc) {
    place(all.addObject().putArray("arc"), arc.centre())
        .add(arc.radius())
        .add(arc.from())
        .add(arc.sweep());
    return null;
  }

  @Override
  public Void cubic(Cubic cubic) {
    ArrayNode four = all.addObject().putArray("cubic");
    place(place(place(place(four, cubic.a()), cubic.b()), cubic.c()), cubic.d());
    return null;
  }

  private static ArrayNode place(ArrayNode array, Point p) {
    return array.add(p.x()).add(p.y());
  }

  /**
   * Reads them.
   *
   * @param where what they belong to, for what is wrong with one
   */
  static List<Segment> read(JsonNode all, BuildJson reader, String where) throws FileException {
    List<Segment> curves = new ArrayList<>();
    for (JsonNode curve : all) {
      String place = where + ", curve " + (curves.size() + 1);
      boolean round = curve.has("arc");
      JsonNode told = curve.path(round ? "arc" : "cubic");
      int count = round ? 5 : 8;
      if (!told.isArray() || told.size() != count) {
        throw new FileException(
            Text.of("{place} is neither an arc of 5 numbers nor a cubic curve of 8", place));
      }
      double[] n = new double[count];
      for (int i = 0; i < count; i++) {
        n[i] = reader.number(told.path(i), place);
      }
      curves.add(round ? arc(n, place) : cubic(n));
    }
    return curves;
  }

  private static Arc arc(double[] n, String place) throws FileException {
    if (!(n[2] > 0) || n[4] == 0 || Math.abs(n[4]) > 2 * Math.PI) {
      throw new FileException(
          Text.of("{place} is an arc without a radius, or longer than a full circle", place));
    }
    return new Arc(new Point(n[0], n[1]), n[2], n[3], n[4]);
  }

  private static Cubic cubic(double[] n) {
    return new Cubic(
        new Point(n[0], n[1]), new Point(n[2], n[3]), new Point(n[4], n[5]), new Point(n[6], n[7]));
  }
}

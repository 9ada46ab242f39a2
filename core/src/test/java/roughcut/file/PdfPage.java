package roughcut.file;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;
import roughcut.geometry.Point;

/** What a page shows, read by PDFBox's own engine: in millimetres from its lower left corner. */
final class PdfPage extends PDFGraphicsStreamEngine {
  private static final double POINT = 25.4 / 72;
  private final List<List<Point>> lines = new ArrayList<>();
  private final Map<String, Point> words = new LinkedHashMap<>();
  private static final int BITS = 200;
  private int curves;
  private boolean mirrored;
  private Point now = new Point(0, 0);

  PdfPage(PDPage page) throws IOException {
    super(page);
    processPage(page);
  }

  /** Each line's points. */
  List<List<Point>> lines() {
    return lines;
  }

  /** Where each letter stands first; none is mirrored. */
  Map<String, Point> words() {
    if (mirrored) {
      throw new AssertionError("a word is mirrored");
    }
    return words;
  }

  /** Straight stretches, each from x, y to x, y, mm. */
  List<double[]> strokes() {
    List<double[]> all = new ArrayList<>();
    for (List<Point> line : lines) {
      for (int i = 1; i < line.size(); i++) {
        Point a = line.get(i - 1);
        Point b = line.get(i);
        all.add(new double[] {a.x(), a.y(), b.x(), b.y()});
      }
    }
    return all;
  }

  /** How long each of them is, mm. */
  List<Double> lengths() {
    return strokes().stream().map(s -> Math.hypot(s[2] - s[0], s[3] - s[1])).toList();
  }

  private static Point mm(double x, double y) {
    return new Point(x * POINT, y * POINT);
  }

  @Override
  public void moveTo(float x, float y) {
    now = mm(x, y);
    lines.add(new ArrayList<>(List.of(now)));
  }

  @Override
  public void lineTo(float x, float y) {
    now = mm(x, y);
    lines.get(lines.size() - 1).add(now);
  }

  @Override
  public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
    Point from = now;
    for (int i = 1; i <= BITS; i++) {
      double t = (double) i / BITS;
      double u = 1 - t;
      double a = u * u * u;
      double b = 3 * u * u * t;
      double c = 3 * u * t * t;
      double d = t * t * t;
      now =
          new Point(
              a * from.x() + POINT * (b * x1 + c * x2 + d * x3),
              a * from.y() + POINT * (b * y1 + c * y2 + d * y3));
      lines.get(lines.size() - 1).add(now);
    }
    curves++;
  }

  /** How many curved stretches it has. */
  int curves() {
    return curves;
  }

  @Override
  public Point2D getCurrentPoint() {
    return new Point2D.Double(now.x() / POINT, now.y() / POINT);
  }

  @Override
  protected void showGlyph(Matrix at, PDFont font, int code, Vector displacement)
      throws IOException {
    mirrored |= at.createAffineTransform().getDeterminant() <= 0;
    words.putIfAbsent(font.toUnicode(code), mm(at.getTranslateX(), at.getTranslateY()));
  }

  @Override
  public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {}

  @Override
  public void drawImage(PDImage image) {}

  @Override
  public void clip(int rule) {}

  @Override
  public void closePath() {}

  @Override
  public void endPath() {}

  @Override
  public void strokePath() {}

  @Override
  public void fillPath(int rule) {}

  @Override
  public void fillAndStrokePath(int rule) {}

  @Override
  public void shadingFill(COSName name) {}
}

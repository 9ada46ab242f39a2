package roughcut.file;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;
import roughcut.drawing.CompoundMarks;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.geometry.Bounds;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.measure.Units;

/**
 * A drawing as PDF at full size over as many sheets as it needs: first a page map with a 100 mm and
 * a 4 in bar to check the printer by, then the tiles, overlapping, with crosses to lay them over
 * each other.
 */
public final class PdfWriter {
  /** PDF's unit in millimetres: 1/72 in. */
  static final double POINTS_PER_MM = 72 / 25.4;

  /** No line is wider, on the page map neither, mm. */
  private static final double WIDEST_PEN = 2;

  private final PDDocument document;
  private final Units units;

  private final PDType0Font regular;
  private final PDType0Font bold;
  private final Tiling tiling;
  private final Drawing drawing;

  private PdfWriter(PDDocument document, Drawing drawing, Paper paper, Units units)
      throws IOException {
    this.document = document;
    this.units = units;
    this.drawing = drawing;
    this.tiling = Tiling.of(drawing, paper);

    this.regular = font("B612-Regular.ttf");
    this.bold = font("B612-Bold.ttf");
  }

  /**
   * A drawing as a PDF.
   *
   * @param units of what is said on the page map
   */
  public static byte[] write(Drawing drawing, Paper paper, Units units) {
    try (PDDocument document = new PDDocument()) {
      PdfWriter writer = new PdfWriter(document, drawing, paper, units);
      if (writer.tiling.sheets() > 1) {
        writer.map();
      }
      for (Tiling.Tile tile : writer.tiling.tiles()) {
        writer.tile(tile);
      }
      document.getDocumentInformation().setTitle(drawing.title());
      document.getDocumentInformation().setCreator("Rough Cut");
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private PDType0Font font(String name) throws IOException {
    try (InputStream in = PdfWriter.class.getResourceAsStream("/roughcut/fonts/" + name)) {
      return PDType0Font.load(document, in);
    }
  }

  /** A page whose content is written in millimetres from its lower left corner. */
  private PDPageContentStream page() throws IOException {
    Paper paper = tiling.paper();
    PDPage page =
        new PDPage(
            new PDRectangle(
                (float) (paper.width() * POINTS_PER_MM), (float) (paper.height() * POINTS_PER_MM)));
    document.addPage(page);
    PDPageContentStream content = new PDPageContentStream(document, page);
    content.transform(Matrix.getScaleInstance((float) POINTS_PER_MM, (float) POINTS_PER_MM));
    return content;
  }

  private void map() throws IOException {
    try (PDPageContentStream content = page()) {
      Paper paper = tiling.paper();
      double top = paper.height() - Tiling.MARGIN;
      text(content, bold, drawing.title(), Tiling.MARGIN, top - 6, 6, Color.BLACK);
      text(
          content,
          regular,
          Text.of("Page map, not to scale. {pages}", tiling.words()).in(units),
          Tiling.MARGIN,
          top - 14,
          3.6,
          Color.BLACK);
      text(
          content,
          regular,
          Text.of(
                  "Check the printer: both bars must measure what they say before you cut "
                      + "anything from these sheets.")
              .in(units),
          Tiling.MARGIN,
          top - 20,
          3.6,
          Color.BLACK);
      bars(content, top - 32, 2);
      Bounds all = tiling.covered();
      double scale =
          Math.min(
              (paper.width() - 2 * Tiling.MARGIN) / all.width(),
              (top - 44 - Tiling.MARGIN - 8) / all.height());
      content.saveGraphicsState();
      content.transform(
          new Matrix(
              (float) scale,
              0,
              0,
              (float) scale,
              (float) (Tiling.MARGIN - all.left() * scale),
              (float) (top - 44 - all.high() * scale)));
      marks(content, 1 / scale, all);
      for (Tiling.Tile tile : tiling.tiles()) {
        frame(content, tile, scale);
      }
      content.restoreGraphicsState();
      if (tiling.tiles().stream().anyMatch(Tiling.Tile::laid)) {
        text(
            content,
            regular,
            Text.of(
                    "Overlap the sheets by {overlap} so that the crosses meet.",
                    Text.length(Tiling.OVERLAP, 0))
                .in(units),
            Tiling.MARGIN,
            Tiling.MARGIN,
            3.6,
            Color.BLACK);
      }
    }
  }

  private void frame(PDPageContentStream content, Tiling.Tile tile, double scale)
      throws IOException {
    Bounds b = tile.shows();
    pen(content, new Color(0x1F5C73), 0.2 / scale);
    content.addRect((float) b.left(), (float) b.low(), (float) b.width(), (float) b.height());
    content.stroke();
    text(
        content,
        bold,
        tile.name(),
        b.left() + 5 / scale,
        b.low() + 5 / scale,
        5 / scale,
        new Color(0x1F5C73));
  }

  private void tile(Tiling.Tile tile) throws IOException {
    try (PDPageContentStream content = page()) {
      Bounds b = tile.shows();
      content.saveGraphicsState();
      content.addRect(
          (float) Tiling.MARGIN,
          (float) Tiling.MARGIN,
          (float) tiling.tileWidth(),
          (float) tiling.tileHeight());
      content.clip();
      content.transform(
          Matrix.getTranslateInstance(
              (float) (Tiling.MARGIN - b.left()), (float) (Tiling.MARGIN - b.low())));
      marks(content, 1, b);
      if (tile.laid()) {
        crosses(content, tile.group());
      }
      content.restoreGraphicsState();
      text(
          content,
          regular,
          Text.of("{drawing} · sheet {name} · full size", drawing.title(), tile.name()).in(units),
          Tiling.MARGIN,
          5,
          3,
          Color.DARK_GRAY);
      if (tiling.sheets() == 1) {
        // There is no page map that has them.
        bars(content, tiling.paper().height() - Tiling.MARGIN / 2 - 1, 1.2);
      }
    }
  }

  /**
   * A cross in the middle of every place where tiles overlap, at the same spot of the drawing on
   * each of them.
   */
  private void crosses(PDPageContentStream content, int group) throws IOException {
    pen(content, Color.BLACK, 0.13);
    for (Tiling.Tile tile : tiling.tiles().stream().filter(t -> t.group() == group).toList()) {
      Bounds b = tile.shows();
      double half = Tiling.OVERLAP / 2;
      for (Point p :
          List.of(
              new Point(b.left() + half, b.low() + half),
              new Point(b.right() - half, b.low() + half),
              new Point(b.left() + half, b.high() - half),
              new Point(b.right() - half, b.high() - half))) {
        line(content, p.plus(-4, 0), p.plus(4, 0));
        line(content, p.plus(0, -4), p.plus(0, 4));
      }
    }
  }

  /** What a printer is checked by, in both systems. */
  private void bars(PDPageContentStream content, double y, double tick) throws IOException {
    bar(content, Tiling.MARGIN, y, tick, 100, "100 mm");
    bar(content, Tiling.MARGIN + 125, y, tick, 4 * Units.INCH, "4 in");
  }

  private void bar(
      PDPageContentStream content, double x, double y, double tick, double length, String label)
      throws IOException {
    pen(content, Color.BLACK, 0.4);
    line(content, new Point(x, y), new Point(x + length, y));
    pen(content, Color.BLACK, 0.2);
    line(content, new Point(x, y - tick), new Point(x, y + tick));
    line(content, new Point(x + length, y - tick), new Point(x + length, y + tick));
    text(content, regular, label, x + length + 2, y - 1.2, 3.6, Color.BLACK);
  }

  /**
   * All marks that are seen; widths and text are {@code thickness} times as large, so that a small
   * map stays legible.
   *
   * @param seen what the page shows of the drawing
   */
  private void marks(PDPageContentStream content, double thickness, Bounds seen)
      throws IOException {
    Drawer drawer = new Drawer(content, thickness, seen);
    for (Mark mark : drawing.marks()) {
      mark.fold(drawer);
    }
    dash(content, new double[0]);
  }

  /** Draws what may fall on what is seen of a page. */
  private final class Drawer implements CompoundMarks.OnPaper<IOException> {
    private final PDPageContentStream content;
    private final double thickness;
    private final Bounds seen;

    Drawer(PDPageContentStream content, double thickness, Bounds seen) {
      this.content = content;
      this.thickness = thickness;
      this.seen = seen;
    }

    private boolean touches(Mark mark) {
      return mark.stretches().stream().anyMatch(s -> s.expanded(WIDEST_PEN).distance(seen) <= 0);
    }

    @Override
    public Void fill(Mark.Fill fill) throws IOException {
      if (touches(fill)) {
        content.setNonStrokingColor(Color.decode(fill.fill()));
        PdfTrace.of(content, fill.shape().path());
        content.fill();
      }
      return null;
    }

    @Override
    public Void stroke(Mark.Stroke stroke) throws IOException {
      if (touches(stroke)) {
        pen(
            content,
            Color.decode(stroke.role().colour()),
            stroke.role().pen().width() * Math.min(thickness, 2));
        dash(content, stroke.role().dash().lengths());
        PdfTrace.of(content, stroke.path());
        content.stroke();
      }
      return null;
    }

    /** Words may reach as far as if all letters were square. */
    @Override
    public Void words(Mark.Text text) throws IOException {
      Point at = text.at();
      double room = (text.text().length() + 1) * text.size().height();
      if (new Bounds(at.x(), at.y(), at.x(), at.y()).expanded(room).distance(seen) <= 0) {
        write(content, text);
      }
      return null;
    }
  }

  private void write(PDPageContentStream content, Mark.Text text) throws IOException {
    PDType0Font font = text.size() == Mark.Size.TITLE ? bold : regular;
    double size = text.size().height();
    double width = font.getStringWidth(shown(font, text.text())) / 1000 * size;
    content.saveGraphicsState();
    content.transform(
        Matrix.getRotateInstance(
            Math.toRadians(text.turn()), (float) text.at().x(), (float) text.at().y()));
    text(
        content,
        font,
        text.text(),
        -width * text.anchor().before(),
        0,
        size,
        Color.decode(text.role().colour()));
    content.restoreGraphicsState();
  }

  private static void line(PDPageContentStream content, Point a, Point b) throws IOException {
    PdfTrace.of(content, Path.straight(List.of(a, b), false));
    content.stroke();
  }

  private static void pen(PDPageContentStream content, Color colour, double width)
      throws IOException {
    content.setStrokingColor(colour);
    content.setLineWidth((float) width);
  }

  private static void dash(PDPageContentStream content, double[] lengths) throws IOException {
    float[] pattern = new float[lengths.length];
    for (int i = 0; i < lengths.length; i++) {
      pattern[i] = (float) lengths[i];
    }
    content.setLineDashPattern(pattern, 0);
  }

  private static void text(
      PDPageContentStream content,
      PDType0Font font,
      String text,
      double x,
      double y,
      double size,
      Color colour)
      throws IOException {
    content.setNonStrokingColor(colour);
    content.beginText();
    content.setFont(font, (float) size);
    content.newLineAtOffset((float) x, (float) y);
    content.showText(shown(font, text));
    content.endText();
  }

  /** The text with a question mark for letters that the font doesn't have. */
  private static String shown(PDType0Font font, String text) {
    StringBuilder shown = new StringBuilder();
    text.codePoints()
        .forEach(
            c -> {
              try {
                font.encode(new String(Character.toChars(c)));
                shown.appendCodePoint(c);
              } catch (IOException | IllegalArgumentException e) {
                shown.append('?');
              }
            });
    return shown.toString();
  }
}

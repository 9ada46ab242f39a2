package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import roughcut.Heron;
import roughcut.drawing.Drawing;
import roughcut.drawing.FretboardDrawing;
import roughcut.drawing.Mark;
import roughcut.drawing.Role;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.measure.Units;

/**
 * What is written lies the right way round: a shape that is like no turned or mirrored one of
 * itself, with three marks on it, read by readers that aren't this program's. A fanned fretboard
 * that comes out mirrored is lost wood.
 */
class WritersTest {
  private static final List<Point> FLAG =
      List.of(
          new Point(10, 5),
          new Point(90, 5),
          new Point(90, 25),
          new Point(40, 25),
          new Point(40, 60),
          new Point(10, 60));
  private static final double AREA = 80 * 20 + 30 * 35;
  private static final Map<String, Point> LANDMARKS =
      Map.of("A", new Point(12, 7), "B", new Point(87, 22), "C", new Point(13, 57));

  /** What a file shows: lines in millimetres, y up as it is seen, and where each word begins. */
  private record Seen(List<List<Point>> lines, Map<String, Point> words) {
    List<Point> largest() {
      return lines.stream()
          .max(Comparator.comparingDouble(l -> Math.abs(Rings.directed(l))))
          .orElseThrow();
    }
  }

  private static Drawing flag() {
    List<Mark> marks = new ArrayList<>();
    marks.add(new Mark.Stroke(Role.OUTLINE, FLAG, true));
    LANDMARKS.forEach(
        (word, at) ->
            marks.add(
                new Mark.Text(Role.NOTE, at, word, Mark.Anchor.START, Mark.Size.SMALL, 0, null)));
    return new Drawing("flag", marks, new Bounds(0, 0, 100, 70));
  }

  private static void sameFlag(Seen seen) {
    assertThat(Rings.directed(seen.largest())).isCloseTo(AREA, within(0.2));
    Point corner = seen.largest().get(0);
    double dx = corner.x() - FLAG.get(0).x();
    double dy = corner.y() - FLAG.get(0).y();
    LANDMARKS.forEach(
        (word, at) -> {
          assertThat(seen.words().get(word).x() - dx).as(word).isCloseTo(at.x(), within(0.05));
          assertThat(seen.words().get(word).y() - dy).as(word).isCloseTo(at.y(), within(0.05));
        });
  }

  /** By the JDK's XML and another library's paths; y runs down in a file and up on a drawing. */
  private static Seen svg(byte[] file) throws Exception {
    Document xml =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(file));
    List<List<Point>> lines = new ArrayList<>();
    Map<String, Point> words = new LinkedHashMap<>();
    var all = xml.getElementsByTagName("*");
    for (int i = 0; i < all.getLength(); i++) {
      Element e = (Element) all.item(i);
      if (e.getTagName().equals("path")) {
        lines.addAll(
            lines(
                AWTPathProducer.createShape(
                    new StringReader(e.getAttribute("d")), PathIterator.WIND_NON_ZERO)));
      } else if (e.getTagName().equals("text")) {
        assertThat(e.getAttribute("transform"))
            .as("no word is turned over")
            .doesNotContain("scale");
        words.put(
            e.getTextContent(),
            new Point(
                Double.parseDouble(e.getAttribute("x")), -Double.parseDouble(e.getAttribute("y"))));
      }
    }
    return new Seen(
        lines.stream().map(l -> l.stream().map(p -> new Point(p.x(), -p.y())).toList()).toList(),
        words);
  }

  private static List<List<Point>> lines(Shape shape) {
    List<List<Point>> all = new ArrayList<>();
    double[] c = new double[6];
    for (PathIterator it = shape.getPathIterator(null, 0.01); !it.isDone(); it.next()) {
      int kind = it.currentSegment(c);
      if (kind == PathIterator.SEG_MOVETO) {
        all.add(new ArrayList<>());
      }
      if (kind != PathIterator.SEG_CLOSE) {
        all.get(all.size() - 1).add(new Point(c[0], c[1]));
      }
    }
    return all;
  }

  /** Group codes, two lines each: what any reader of this format begins with. */
  private static Seen dxf(byte[] file) {
    String[] text = new String(file, StandardCharsets.US_ASCII).split("\r?\n");
    List<List<Point>> lines = new ArrayList<>();
    Map<String, Point> words = new LinkedHashMap<>();
    String entity = "";
    double x = 0;
    double y = 0;
    Point first = null;
    for (int i = 0; i + 1 < text.length; i += 2) {
      int code = Integer.parseInt(text[i].strip());
      String value = text[i + 1].strip();
      if (code == 0) {
        entity = value;
        if (value.equals("POLYLINE")) {
          lines.add(new ArrayList<>());
        }
        if (value.equals("LINE")) {
          lines.add(new ArrayList<>());
        }
      } else if (code == 10 || code == 11 && entity.equals("LINE")) {
        x = Double.parseDouble(value);
      } else if (code == 20 || code == 21 && entity.equals("LINE")) {
        y = Double.parseDouble(value);
        first = new Point(x, y);
        if (entity.equals("VERTEX") || entity.equals("LINE")) {
          lines.get(lines.size() - 1).add(first);
        }
      } else if (code == 1 && entity.equals("TEXT")) {
        words.put(value, first);
      } else if (code == 71 && entity.equals("TEXT")) {
        assertThat(value).as("no word is mirrored").isEqualTo("0");
      }
    }
    return new Seen(lines, words);
  }

  private static Seen pdf(byte[] file, int page) throws IOException {
    try (PDDocument document = Loader.loadPDF(file)) {
      PdfPage shown = new PdfPage(document.getPage(page));
      return new Seen(shown.lines(), shown.words());
    }
  }

  @Test
  void anSvgIsTheRightWayRound() throws Exception {
    sameFlag(svg(SvgWriter.write(flag())));
  }

  @Test
  void aDxfIsTheRightWayRound() {
    sameFlag(dxf(DxfWriter.write(flag())));
  }

  @Test
  void aPdfIsTheRightWayRoundAtFullSize() throws Exception {
    byte[] file = PdfWriter.write(flag(), Paper.A4, Units.MM);
    int pages;
    try (PDDocument document = Loader.loadPDF(file)) {
      pages = document.getNumberOfPages();
    }
    sameFlag(pdf(file, pages - 1));
  }

  /**
   * Bass is the longer side of this fan: near the nut it reaches further to the head, everywhere.
   */
  @Test
  void aFannedFretboardIsNotMirrored() throws Exception {
    Drawing board =
        FretboardDrawing.sheet(Heron.with("scale.bass=680", "scale.treble=640"), Units.MM);
    List<Double> drawn = leans(board.lines().map(Mark.Stroke::points).toList());
    assertThat(drawn).hasSizeGreaterThan(20);
    assertThat(drawn.get(0)).as("its bass end is further from a nut that is square").isLessThan(-2);
    assertThat(drawn.get(drawn.size() - 1)).isLessThan(-30);
    for (Seen seen : List.of(svg(SvgWriter.write(board)), dxf(DxfWriter.write(board)))) {
      List<Double> read = leans(seen.lines());
      assertThat(read).hasSameSizeAs(drawn);
      for (int i = 0; i < read.size(); i++) {
        assertThat(read.get(i)).as("slot %d", i).isCloseTo(drawn.get(i), within(0.05));
      }
    }
  }

  /**
   * How much further to the head lines across the board reach below than above, by their places.
   */
  private static List<Double> leans(List<List<Point>> lines) {
    return lines.stream()
        .filter(l -> l.size() == 2)
        .filter(l -> Math.abs(l.get(0).y() - l.get(1).y()) > 30)
        .filter(l -> l.get(0).y() * l.get(1).y() < 0)
        .sorted(Comparator.comparingDouble(l -> l.get(0).x() + l.get(1).x()))
        .map(
            l -> {
              Point below = l.get(0).y() < 0 ? l.get(0) : l.get(1);
              Point above = l.get(0).y() < 0 ? l.get(1) : l.get(0);
              return above.x() - below.x();
            })
        .toList();
  }
}

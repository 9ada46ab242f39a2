package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.PathIterator;
import java.io.ByteArrayInputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.drawing.Role;
import roughcut.drawing.Sheet;
import roughcut.geometry.Arc;
import roughcut.geometry.Bounds;
import roughcut.geometry.Cubic;
import roughcut.geometry.Outline;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.geometry.Spline;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/**
 * Curves reach paper and machines as curves: bores as circles, round corners as arcs, the body's
 * line as curves, and what a reader of another hand makes of them goes round the same wood.
 */
class CurvesWrittenTest {
  private static final Arc BORE = Arc.circle(new Point(31, -7.5), 3.25);

  /** A kidney: two discs and a bar joined, a bite taken out of them. */
  private static Outline kidney() {
    Outline joined =
        Outline.union(
            List.of(
                Shapes.slot(new Point(10, 10), new Point(60, 22), 9),
                Shapes.circle(new Point(62, 30), 16),
                Shapes.rounded(new Point(22, 26), 34, 22, 4, 25)));
    return joined.difference(Shapes.circle(new Point(40, 40), 11)).get(0);
  }

  private static Path leaf() {
    return Spline.through(
        List.of(
            new Point(0, -60),
            new Point(40, -95),
            new Point(110, -70),
            new Point(95, -52),
            new Point(30, -40)),
        14,
        true);
  }

  private static Drawing drawing() {
    List<Mark> marks = new ArrayList<>();
    marks.add(new Mark.Stroke(Role.OUTLINE, kidney().path()));
    marks.add(new Mark.Stroke(Role.OUTLINE, leaf()));
    marks.add(new Mark.Stroke(Role.EDGE, Path.of(List.of(BORE), true)));
    marks.add(
        new Mark.Stroke(
            Role.EDGE, Path.of(List.of(new Arc(new Point(80, -10), 6, 2.5, -2.2)), false)));
    return new Drawing("curves", marks, new Bounds(-10, -110, 120, 60));
  }

  private static Document xml(byte[] file) throws Exception {
    return DocumentBuilderFactory.newInstance()
        .newDocumentBuilder()
        .parse(new ByteArrayInputStream(file));
  }

  /** By another library's paths, flattened to a thousandth. */
  private static List<Point> ring(String data) throws Exception {
    List<Point> ring = new ArrayList<>();
    double[] c = new double[6];
    PathIterator it =
        AWTPathProducer.createShape(new StringReader(data), PathIterator.WIND_NON_ZERO)
            .getPathIterator(null, 0.0005);
    for (; !it.isDone(); it.next()) {
      if (it.currentSegment(c) != PathIterator.SEG_CLOSE) {
        ring.add(new Point(c[0], -c[1]));
      }
    }
    return ring;
  }

  private static double number(Element e, String name) {
    return Double.parseDouble(e.getAttribute(name));
  }

  @Test
  void anSvgHasCirclesArcsAndCurves() throws Exception {
    Document svg = xml(SvgWriter.write(drawing()));
    NodeList circles = svg.getElementsByTagName("circle");
    assertThat(circles.getLength()).isEqualTo(1);
    Element bore = (Element) circles.item(0);
    assertThat(number(bore, "cx")).isEqualTo(31);
    assertThat(number(bore, "cy")).isEqualTo(7.5);
    assertThat(number(bore, "r")).isEqualTo(3.25);
    NodeList paths = svg.getElementsByTagName("path");
    String kidney = ((Element) paths.item(0)).getAttribute("d");
    String leaf = ((Element) paths.item(1)).getAttribute("d");
    String arc = ((Element) paths.item(2)).getAttribute("d");
    assertThat(kidney).contains(" A").doesNotContain("C").hasSizeLessThan(900);
    assertThat(leaf.split("C")).hasSize(5);
    assertThat(Rings.directed(ring(kidney))).isCloseTo(kidney().path().directedArea(), within(0.2));
    assertThat(Rings.directed(ring(leaf))).isCloseTo(leaf().directedArea(), within(0.2));
    // The arc runs clockwise from 2.5 to 0.3, over its top.
    List<Point> over = ring(arc);
    assertThat(over.stream().mapToDouble(Point::y).max().orElseThrow())
        .isCloseTo(-4, within(0.002));
    assertThat(over.get(0).x()).isCloseTo(80 + 6 * Math.cos(2.5), within(1e-3));
    assertThat(over.get(over.size() - 1).y()).isCloseTo(-10 + 6 * Math.sin(0.3), within(1e-3));
  }

  /** An entity of a DXF as its group codes, corners of a polyline with their bulges. */
  private record Entity(String name, List<double[]> corners, java.util.Map<Integer, String> codes) {
    double at(int code) {
      return Double.parseDouble(codes.get(code));
    }

    /** Each bulge as its arc's points, by its rise over the chord. */
    List<Point> ring() {
      List<Point> ring = new ArrayList<>();
      for (int i = 0; i < corners.size(); i++) {
        double[] a = corners.get(i);
        double[] b = corners.get((i + 1) % corners.size());
        ring.add(new Point(a[0], a[1]));
        double dx = b[0] - a[0];
        double dy = b[1] - a[1];
        double chord = Math.hypot(dx, dy);
        double rise = a[2] * chord / 2;
        double radius = a[2] == 0 ? 0 : (chord * chord / 4 + rise * rise) / (2 * rise);
        for (int k = 1; k < 200 && a[2] != 0; k++) {
          // Heights over the chord, to the right of the way where the arc turns left.
          double x = chord * k / 200 - chord / 2;
          double flat = Math.sqrt(radius * radius - x * x);
          double up = Math.signum(radius) * flat - (radius - rise);
          ring.add(
              new Point(
                  a[0] + dx * k / 200 + dy / chord * up, a[1] + dy * k / 200 - dx / chord * up));
        }
      }
      return ring;
    }
  }

  private static List<Entity> dxf(byte[] file) {
    String[] text = new String(file, StandardCharsets.US_ASCII).split("\r?\n");
    List<Entity> all = new ArrayList<>();
    boolean entities = false;
    boolean vertex = false;
    for (int i = 0; i + 1 < text.length; i += 2) {
      int code = Integer.parseInt(text[i].strip());
      String value = text[i + 1].strip();
      entities |= value.equals("ENTITIES");
      if (!entities) {
        continue;
      }
      if (code == 0) {
        vertex = value.equals("VERTEX");
        if (vertex) {
          all.get(all.size() - 1).corners.add(new double[3]);
        } else if (!value.equals("SEQEND")) {
          all.add(new Entity(value, new ArrayList<>(), new java.util.HashMap<>()));
        }
      } else if (vertex) {
        List<double[]> corners = all.get(all.size() - 1).corners;
        int place = code == 10 ? 0 : code == 20 ? 1 : code == 42 ? 2 : -1;
        if (place >= 0) {
          corners.get(corners.size() - 1)[place] = Double.parseDouble(value);
        }
      } else if (!all.isEmpty()) {
        all.get(all.size() - 1).codes.putIfAbsent(code, value);
      }
    }
    return all;
  }

  private static List<Entity> named(List<Entity> all, String name) {
    return all.stream().filter(e -> e.name.equals(name)).toList();
  }

  @Test
  void aDxfHasCirclesArcsAndItsUnit() {
    byte[] file = DxfWriter.write(drawing());
    assertThat(new String(file, StandardCharsets.US_ASCII))
        .contains("$INSUNITS\r\n70\r\n4\r\n")
        .contains("$MEASUREMENT\r\n70\r\n1\r\n");
    List<Entity> all = dxf(file);
    Entity bore = named(all, "CIRCLE").get(0);
    assertThat(new double[] {bore.at(10), bore.at(20), bore.at(40)})
        .containsExactly(31, -7.5, 3.25);
    Entity arc = named(all, "ARC").get(0);
    assertThat(arc.at(50)).isCloseTo(Math.toDegrees(0.3), within(1e-6));
    assertThat(arc.at(51)).isCloseTo(Math.toDegrees(2.5), within(1e-6));
    Entity kidney = named(all, "POLYLINE").get(0);
    Entity leaf = named(all, "POLYLINE").get(1);
    assertThat(kidney.corners.size()).isLessThan(26);
    assertThat(Rings.directed(kidney.ring()))
        .isCloseTo(kidney().path().directedArea(), within(0.05));
    // A curve's arcs stray five thousandths at most, along a line of so much length.
    assertThat(Rings.directed(leaf.ring()))
        .isCloseTo(leaf().directedArea(), within(0.005 * leaf().length()));
    assertThat(leaf.corners.size()).isBetween(8, 90);
  }

  /** The neck's side, for a machine or a printed gauge: its drum and its heel are round. */
  @Test
  void theNecksBackIsRoundWhereItsDrumAndHeelAre() {
    Plan plan = Heron.with("volute.drum-radius=23.5", "heel.blend-radius=61");
    List<Double> radii = new ArrayList<>();
    for (Entity line : named(dxf(DxfWriter.write(Sheet.PLAN.of(plan, Units.MM))), "POLYLINE")) {
      for (int i = 1; i < line.corners.size(); i++) {
        double[] a = line.corners.get(i - 1);
        double[] b = line.corners.get(i);
        double chord = Math.hypot(b[0] - a[0], b[1] - a[1]);
        double bulge = Math.abs(a[2]);
        if (bulge > 1e-9) {
          radii.add(Math.round(chord * (1 + bulge * bulge) / (4 * bulge) * 1e3) / 1e3);
        }
      }
    }
    assertThat(radii).contains(23.5, 61.0);
  }

  /** A closed curve of one stretch stays closed, and a line of no length isn't there. */
  @Test
  void aDxfHasNoLineWithoutLength() {
    Point tip = new Point(0, 0);
    Path drop = Path.of(List.of(new Cubic(tip, new Point(40, 30), new Point(40, -30), tip)), true);
    List<Mark> marks =
        List.of(
            new Mark.Stroke(Role.EDGE, List.of(tip, tip), false), new Mark.Stroke(Role.EDGE, drop));
    List<Entity> all = dxf(DxfWriter.write(new Drawing("drop", marks, new Bounds(0, 0, 1, 1))));
    assertThat(named(all, "LINE")).isEmpty();
    assertThat(named(all, "POLYLINE")).hasSize(1);
    Entity written = named(all, "POLYLINE").get(0);
    assertThat(written.codes.get(70)).isEqualTo("1");
    assertThat(Rings.directed(written.ring()))
        .isCloseTo(drop.directedArea(), within(0.005 * drop.length()));
  }

  @Test
  void aPdfHasCurves() throws Exception {
    byte[] file = PdfWriter.write(drawing(), Paper.A4, Units.MM);
    try (PDDocument document = Loader.loadPDF(file)) {
      PdfPage page = new PdfPage(document.getPage(document.getNumberOfPages() - 1));
      assertThat(page.curves()).isGreaterThan(20);
      List<Double> areas = page.lines().stream().map(Rings::directed).toList();
      for (double wanted :
          List.of(kidney().path().directedArea(), leaf().directedArea(), Math.PI * 3.25 * 3.25)) {
        assertThat(areas).anySatisfy(a -> assertThat(a).isCloseTo(wanted, within(0.3)));
      }
    }
  }

  /** Every line of every template and body sheet, as another reader finds it in both files. */
  @ParameterizedTest
  @ValueSource(strings = {"Heron", "Bittern", "Avocet", "Dunlin", "Dotterel"})
  void demosReachTheMachineAsTheyAre(String demo) throws Exception {
    Plan plan =
        Plan.of(
            Demo.builds(LocalDate.of(2026, 5, 4)).stream()
                .filter(b -> b.name().equals(demo))
                .findFirst()
                .orElseThrow(),
            Demo.shop());
    for (Sheet sheet : List.of(Sheet.TEMPLATES, Sheet.BODY_TOP, Sheet.HEAD)) {
      Drawing drawing = sheet.of(plan, Units.MM);
      List<Path> drawn = drawing.lines().map(Mark.Stroke::path).toList();
      List<Double> areas =
          drawn.stream()
              .filter(Path::closed)
              .filter(p -> p.circle().isEmpty())
              .map(p -> new Outline(p.points()).area())
              .toList();
      List<Double> svg = new ArrayList<>();
      NodeList paths = xml(SvgWriter.write(drawing)).getElementsByTagName("path");
      for (int i = 0; i < paths.getLength(); i++) {
        Element e = (Element) paths.item(i);
        if (e.getAttribute("fill").equals("none") && e.getAttribute("d").endsWith("Z")) {
          svg.add(Math.abs(Rings.directed(ring(e.getAttribute("d")))));
        }
      }
      List<Entity> dxf = dxf(DxfWriter.write(drawing));
      List<Entity> closed =
          named(dxf, "POLYLINE").stream().filter(e -> e.codes.get(70).equals("1")).toList();
      assertThat(svg).as("%s %s", demo, sheet).hasSameSizeAs(areas);
      assertThat(closed).hasSameSizeAs(areas);
      for (int i = 0; i < areas.size(); i++) {
        double within = 0.02 * 4 * Math.sqrt(areas.get(i)) + 0.5;
        assertThat(svg.get(i)).isCloseTo(areas.get(i), within(within));
        assertThat(Math.abs(Rings.directed(closed.get(i).ring())))
            .isCloseTo(areas.get(i), within(within));
      }
      long circles = drawn.stream().filter(p -> p.circle().isPresent()).count();
      assertThat(named(dxf, "CIRCLE")).hasSize((int) circles);
    }
  }
}

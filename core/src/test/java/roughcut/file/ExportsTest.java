package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import roughcut.Heron;
import roughcut.drawing.Drawing;
import roughcut.drawing.Shading;
import roughcut.drawing.Sheet;
import roughcut.drawing.SheetDrawing;
import roughcut.measure.Units;
import roughcut.plan.Plan;

class ExportsTest {
  @TempDir Path folder;

  private final Plan plan = Heron.with();
  private final Drawing sheet = SheetDrawing.of(plan, Units.MM);

  @Test
  void theFretTableIsTheOneAskedFor() throws Exception {
    Exports.write(plan, new PageSetup(Paper.A4, Shading.LINES, Units.MM), folder);
    List<String> lines = Files.readAllLines(folder.resolve("frets.csv"));
    assertThat(lines.get(0)).isEqualTo("fret,from_nut_mm,from_previous_mm,fretboard_width_mm");
    assertThat(lines).hasSize(23);
    assertThat(lines.get(12)).startsWith("12,320.0000,");
    String[] last = lines.get(22).split(",");
    assertThat(Double.parseDouble(last[1])).isCloseTo(460.4061, within(5e-5));
    assertThat(Double.parseDouble(last[3]))
        .isCloseTo(plan.taper().width(plan.frets().last().x()), within(5e-5));
    assertThat(folder.resolve("plan.svg")).exists();
    assertThat(folder.resolve("plan.dxf")).exists();
    assertThat(folder.resolve("plan.pdf")).exists();
  }

  @Test
  void theSvgHasEveryFretInMillimetresAtFullSize() throws Exception {
    DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
    factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
    Element svg =
        factory
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(SvgWriter.write(sheet)))
            .getDocumentElement();
    String[] box = svg.getAttribute("viewBox").split(" ");
    assertThat(svg.getAttribute("width")).as("one unit is one millimetre").isEqualTo(box[2] + "mm");
    List<double[]> frets = new ArrayList<>();
    NodeList paths = svg.getElementsByTagName("path");
    for (int i = 0; i < paths.getLength(); i++) {
      Element path = (Element) paths.item(i);
      if (path.getAttribute("class").equals("fret")) {
        String[] ends = path.getAttribute("d").replaceAll("[ML]", "").trim().split("\\s+");
        frets.add(
            new double[] {
              number(ends[0], 0), number(ends[0], 1), number(ends[1], 0), number(ends[1], 1)
            });
      }
    }
    for (int k = 1; k <= 22; k++) {
      double x = plan.frets().frets().get(k - 1).x();
      double half = plan.taper().halfWidth(x);
      assertThat(frets)
          .as("fret " + k)
          .anySatisfy(
              f -> {
                assertThat(f[0]).isCloseTo(x, within(1e-3));
                assertThat(f[2]).isCloseTo(x, within(1e-3));
                assertThat(Math.abs(f[3] - f[1])).isCloseTo(2 * half, within(1e-3));
              });
    }
  }

  private static double number(String pair, int index) {
    return Double.parseDouble(pair.split(",")[index]);
  }

  @Test
  void theDxfHasTheSameFretsOnTheirLayer() {
    String[] lines = new String(DxfWriter.write(sheet), StandardCharsets.US_ASCII).split("\r\n");
    assertThat(lines.length % 2).as("pairs of code and value").isZero();
    assertThat(lines[lines.length - 1]).isEqualTo("EOF");
    List<double[]> frets = new ArrayList<>();
    String layer = "";
    double[] ends = null;
    for (int i = 0; i < lines.length; i += 2) {
      int code = Integer.parseInt(lines[i]);
      String value = lines[i + 1];
      if (code == 0) {
        if (ends != null && layer.equals("FRET")) {
          frets.add(ends);
        }
        ends = value.equals("LINE") ? new double[4] : null;
      } else if (code == 8) {
        layer = value;
      } else if (ends != null && (code == 10 || code == 20 || code == 11 || code == 21)) {
        ends[code % 10 * 2 + (code / 10 - 1)] = Double.parseDouble(value);
      }
    }
    assertThat(frets.size()).isGreaterThanOrEqualTo(44);
    for (int k = 1; k <= 22; k++) {
      double x = plan.frets().frets().get(k - 1).x();
      double half = plan.taper().halfWidth(x);
      assertThat(frets)
          .as("fret " + k)
          .anySatisfy(
              f -> {
                assertThat(f[0]).isCloseTo(x, within(1e-3));
                assertThat(f[1]).isCloseTo(-half, within(1e-3));
                assertThat(f[2]).isCloseTo(x, within(1e-3));
                assertThat(f[3]).isCloseTo(half, within(1e-3));
              });
    }
    assertThat(String.join("\n", lines)).contains("AC1009").doesNotContain("LWPOLYLINE");
  }

  @Test
  void thePdfsBarsMeasureAsTheySay() throws Exception {
    for (Paper paper : Paper.values()) {
      try (PDDocument pdf = Loader.loadPDF(PdfWriter.write(sheet, paper, Units.MM))) {
        PdfPage bars = new PdfPage(pdf.getPage(0));
        assertThat(bars.lengths())
            .as("100 mm bar")
            .anySatisfy(l -> assertThat(l).isCloseTo(100, within(0.005)));
        assertThat(bars.lengths())
            .as("4 in bar")
            .anySatisfy(l -> assertThat(l).isCloseTo(4 * 25.4, within(0.005)));
        String text = new PDFTextStripper().getText(pdf);
        assertThat(text).contains("100 mm").contains("4 in").contains("Heron");
        assertThat(pdf.getNumberOfPages()).isEqualTo(1 + Tiling.of(sheet, paper).tiles().size());
      }
    }
  }

  @Test
  void theTilesShowTheDrawingAtFullSize() throws Exception {
    double first = plan.frets().at(1);
    Tiling tiling = Tiling.of(sheet, Paper.A4);
    try (PDDocument pdf = Loader.loadPDF(PdfWriter.write(sheet, Paper.A4, Units.MM))) {
      Tiling.Tile tile = tiling.tiles().get(0);
      double nut = (Tiling.MARGIN - tile.shows().left());
      PdfPage lines = new PdfPage(pdf.getPage(1));
      double wanted = nut + first;
      double half = plan.taper().halfWidth(first);
      assertThat(lines.strokes())
          .as("fret 1 on the first tile")
          .anySatisfy(
              l -> {
                assertThat(l[0]).isCloseTo(wanted, within(0.007));
                assertThat(l[2]).isCloseTo(wanted, within(0.007));
                assertThat(Math.abs(l[3] - l[1])).isCloseTo(2 * half, within(0.007));
              });
    }
  }

  @Test
  void aFannedFretboardIsTheSameInEveryFormat() throws Exception {
    Plan fanned = Heron.with("scale.bass=686", "scale.treble=660", "scale.perpendicular-fret=8");
    Exports.write(fanned, new PageSetup(Paper.A4, Shading.LINES, Units.MM), folder);
    List<String> table = Files.readAllLines(folder.resolve("fretboard.csv"));
    assertThat(table).hasSize(23);
    String svg = Files.readString(folder.resolve("fretboard.svg"));
    List<Double> dxf =
        Files.readAllLines(folder.resolve("fretboard.dxf")).stream()
            .filter(line -> line.strip().matches("-?\\d+\\.\\d+"))
            .map(line -> Double.valueOf(line.strip()))
            .toList();
    Drawing drawing = Sheet.FRETBOARD.of(fanned, Units.MM);
    Tiling.Tile tile = Tiling.of(drawing, Paper.A4).tiles().get(0);
    try (PDDocument pdf = Loader.loadPDF(folder.resolve("fretboard.pdf").toFile())) {
      List<double[]> lines = new PdfPage(pdf.getPage(1)).strokes();
      for (String row : table.subList(1, table.size())) {
        String[] cells = row.split(",");
        int fret = Integer.parseInt(cells[0]);
        assertThat(Double.parseDouble(cells[2]))
            .isCloseTo(Heron.value(fanned, "slot." + fret + ".depth-flat"), within(5e-5));
        double bassX = Double.parseDouble(cells[6]);
        double bassY = Double.parseDouble(cells[7]);
        double trebleX = Double.parseDouble(cells[8]);
        double trebleY = Double.parseDouble(cells[9]);
        assertThat(Math.abs(bassY)).isCloseTo(fanned.taper().halfWidth(bassX), within(1e-4));
        assertThat(trebleY).isCloseTo(fanned.taper().halfWidth(trebleX), within(1e-4));
        assertThat(svg)
            .contains("M" + trimmed(cells[6]) + ",")
            .contains("L" + trimmed(cells[8]) + ",");
        assertThat(dxf).anyMatch(n -> Math.abs(n - bassX) < 1e-4);
        assertThat(dxf).anyMatch(n -> Math.abs(n - trebleX) < 1e-4);
        if (trebleX < tile.shows().right() - 1 && bassX < tile.shows().right() - 1) {
          double left = (Tiling.MARGIN - tile.shows().left());
          assertThat(lines)
              .as("fret " + fret)
              .anySatisfy(
                  l -> {
                    assertThat(l[0]).isCloseTo(left + bassX, within(0.007));
                    assertThat(l[2]).isCloseTo(left + trebleX, within(0.007));
                    assertThat(Math.abs(l[3] - l[1])).isCloseTo((trebleY - bassY), within(0.007));
                  });
        }
      }
    }
  }

  /** As the SVG puts numbers down: without trailing noughts. */
  private static String trimmed(String number) {
    return number.replaceFirst("\\.?0+$", "");
  }

  @Test
  void tilesCoverTheDrawingAndOverlap() {
    Tiling tiling = Tiling.of(sheet, Paper.LETTER);
    assertThat(tiling.covered().left()).isLessThanOrEqualTo(sheet.bounds().left());
    assertThat(tiling.covered().right()).isGreaterThanOrEqualTo(sheet.bounds().right());
    assertThat(tiling.covered().low()).isLessThanOrEqualTo(sheet.bounds().low());
    assertThat(tiling.tiles().get(1).shows().left())
        .isCloseTo(tiling.tiles().get(0).shows().right() - Tiling.OVERLAP, within(1e-9));
  }
}

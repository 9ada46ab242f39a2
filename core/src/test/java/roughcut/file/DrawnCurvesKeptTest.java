package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Design;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.design.SurfaceDecisions;
import roughcut.drawing.Drawing;
import roughcut.drawing.Sheet;
import roughcut.geometry.Arc;
import roughcut.geometry.Cubic;
import roughcut.geometry.Line;
import roughcut.geometry.Segment;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** Arcs and curves of a drawn body stay what they are: read, saved, placed, and written again. */
class DrawnCurvesKeptTest {
  /** A slab with one end half a circle of 160, a round waist of 40 and a curved lower side. */
  private static final String SVG =
      "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"500mm\" height=\"400mm\""
          + " viewBox=\"0 0 500 400\"><path d=\"M 40,30 L 260,30 A 160,160 0 0 1 260,350"
          + " L 200,350 A 40,40 0 0 0 120,350 C 90,350 60,330 40,300 Z\"/></svg>";

  private static final String DXF =
      String.join(
          "\n",
          "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nENTITIES",
          "0\nPOLYLINE\n66\n1\n70\n0",
          "0\nVERTEX\n10\n40\n20\n-30",
          "0\nVERTEX\n10\n260\n20\n-30\n42\n-1",
          "0\nVERTEX\n10\n260\n20\n-350",
          "0\nVERTEX\n10\n200\n20\n-350\n42\n1",
          "0\nVERTEX\n10\n120\n20\n-350\n0\nSEQEND",
          "0\nSPLINE\n71\n3\n40\n0\n40\n0\n40\n0\n40\n0\n40\n1\n40\n1\n40\n1\n40\n1",
          "10\n120\n20\n-350\n10\n90\n20\n-350\n10\n60\n20\n-330\n10\n40\n20\n-300",
          "0\nLINE\n10\n40\n20\n-300\n11\n40\n21\n-30",
          "0\nENDSEC\n0\nEOF\n");

  private static DrawnOutline drawn(String name) throws Exception {
    String text = name.endsWith("svg") ? SVG : DXF;
    return OutlineFile.read(name, text.getBytes(StandardCharsets.UTF_8), DrawnPart.BODY).outline();
  }

  private static List<Arc> arcs(List<Segment> segments) {
    return segments.stream().filter(s -> s instanceof Arc).map(Arc.class::cast).toList();
  }

  private static void known(List<Segment> segments, double scale) {
    assertThat(segments).hasSize(6);
    List<Arc> arcs = arcs(segments);
    assertThat(arcs).hasSize(2);
    Arc end = arcs.get(0).radius() > arcs.get(1).radius() ? arcs.get(0) : arcs.get(1);
    Arc waist = arcs.get(0) == end ? arcs.get(1) : arcs.get(0);
    assertThat(end.radius()).isCloseTo(160 * scale, within(0.001));
    assertThat(waist.radius()).isCloseTo(40 * scale, within(0.001));
    assertThat(Math.abs(end.sweep())).isCloseTo(Math.PI, within(1e-4));
    assertThat(end.sweep() * waist.sweep()).isNegative();
    assertThat(segments.stream().filter(s -> s instanceof Cubic)).hasSize(1);
    assertThat(segments.stream().filter(s -> s instanceof Line)).hasSize(3);
  }

  @ParameterizedTest
  @CsvSource({"a.svg", "a.dxf"})
  void aDrawingsCurvesAreTakenInAsTheyAre(String name) throws Exception {
    DrawnOutline outline = drawn(name);
    known(outline.path().segments(), 1);
    Cubic side =
        (Cubic)
            outline.path().segments().stream()
                .filter(s -> s instanceof Cubic)
                .findFirst()
                .orElseThrow();
    // Its middle by hand: an eighth of the ends, three of the handles.
    double x = (120 + 3 * 90 + 3 * 60 + 40) / 8.0;
    double y = -(350 + 3 * 350 + 3 * 330 + 300) / 8.0;
    assertThat(side.at(0.5).x()).isCloseTo(x, within(0.01));
    assertThat(side.at(0.5).y()).isCloseTo(y, within(0.01));
    // Half a disc, a slab, less half a disc, less what the curve leaves of the corner.
    double corner = 80 * 50 - (80 * 50 * 0.65);
    double whole = 220 * 320 + Math.PI * 160 * 160 / 2 - Math.PI * 40 * 40 / 2;
    assertThat(Math.abs(outline.path().directedArea())).isBetween(whole - 2 * corner, whole);
  }

  @ParameterizedTest
  @CsvSource({"a.svg, 1, 0, NO", "a.dxf, 0.9, 17, YES", "a.svg, 1.1, 180, YES"})
  void theyAreSavedPlacedAndWrittenAgain(
      String name, double scale, double turn, String flip, @TempDir Path folder) throws Exception {
    Build heron = Heron.build().asDesigned();
    Design design = heron.design().withDrawn(Optional.of(drawn(name)));
    design = SurfaceDecisions.OUTLINE_SCALE.with(design, scale);
    design = SurfaceDecisions.OUTLINE_TURN.with(design, turn);
    design = SurfaceDecisions.OUTLINE_FLIP.with(design, roughcut.design.YesNo.valueOf(flip));
    Path file = folder.resolve("b.roughcut.json");
    BuildFile.at(file).save(heron.withDesign(design));
    Build read = BuildFile.open(file).build();
    assertThat(read.design().drawn()).isEqualTo(design.drawn());
    Plan plan = Plan.of(read, Demo.shop());
    known(plan.body().outline().shape().path().segments(), scale);
    Drawing sheet = Sheet.BODY_TOP.of(plan, Units.MM);
    String svg = new String(SvgWriter.write(sheet), StandardCharsets.UTF_8);
    assertThat(svg).contains(" A" + SvgWriter.number(160 * scale) + ",");
    // And read once more from what was written: the same wood.
    DrawnOutline again =
        OutlineFile.read("again.svg", SvgWriter.write(sheet), DrawnPart.BODY).outline();
    assertThat(Math.abs(again.path().directedArea()))
        .isCloseTo(Math.abs(plan.body().outline().shape().path().directedArea()), within(0.5));
    assertThat(arcs(again.path().segments()))
        .anySatisfy(a -> assertThat(a.radius()).isCloseTo(160 * scale, within(0.002)));
  }

  /** A circle that another program wrote as four curves is a circle again; an oval isn't. */
  @Test
  void roundCurvesAreArcsAgain() throws Exception {
    String circle =
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"400mm\" viewBox=\"0 0 400 400\">"
            + "<ellipse cx=\"200\" cy=\"200\" rx=\"150\" ry=\"150\"/></svg>";
    OutlineFile read =
        OutlineFile.read("c.svg", circle.getBytes(StandardCharsets.UTF_8), DrawnPart.BODY);
    assertThat(read.outline().path().circle())
        .hasValueSatisfying(a -> assertThat(a.radius()).isCloseTo(150, within(0.001)));
    OutlineFile oval =
        OutlineFile.read(
            "c.svg",
            circle.replace("ry=\"150\"", "ry=\"149\"").getBytes(StandardCharsets.UTF_8),
            DrawnPart.BODY);
    assertThat(oval.outline().path().circle()).isEmpty();
    assertThat(arcs(oval.outline().path().segments())).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"arc\":[1,2,0,1,2]}|without a radius",
        "{\"arc\":[1,2,5,1,7]}|longer than a full circle",
        "{\"arc\":[1,2,5,1]}|neither an arc",
        "{\"cubic\":[1,2,3,4,5,6,7,\"x\"]}|curve 1",
        "{\"bow\":[1]}|neither an arc"
      })
  void aSpoiltCurveIsRefusedAtItsPlace(String curve, String words, @TempDir Path folder)
      throws Exception {
    Build heron = Heron.build().asDesigned();
    Path file = folder.resolve("b.roughcut.json");
    BuildFile.at(file)
        .save(heron.withDesign(heron.design().withDrawn(Optional.of(drawn("a.svg")))));
    String text = Files.readString(file);
    int body = text.indexOf("\"drawnOutline\"");
    int curves = text.indexOf('[', text.indexOf("\"curves\"", body)) + 1;
    Files.writeString(file, text.substring(0, curves) + curve + "," + text.substring(curves));
    assertThatThrownBy(() -> BuildFile.open(file).build())
        .isInstanceOf(FileException.class)
        .hasMessageContaining("drawnOutline, curve 1")
        .hasMessageContaining(words);
  }
}

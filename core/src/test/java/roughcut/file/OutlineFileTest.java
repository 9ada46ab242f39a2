package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.DrawnPart;
import roughcut.drawing.Sheet;
import roughcut.finding.Finding;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;

@Timeout(60)
class OutlineFileTest {
  @TempDir Path folder;

  private OutlineFile read(String name, String text) throws IOException, FileException {
    Path file = folder.resolve(name);
    Files.writeString(file, text);
    return OutlineFile.read(file, DrawnPart.BODY);
  }

  private static String svg(String attributes, String inside) {
    return "<?xml version=\"1.0\"?><svg xmlns=\"http://www.w3.org/2000/svg\" "
        + attributes
        + ">"
        + inside
        + "</svg>";
  }

  private static Bounds size(OutlineFile file) {
    return new Outline(file.outline().corners()).bounds();
  }

  @Test
  void anSvgInMillimetresComesAsLargeAsItWasDrawn() throws Exception {
    OutlineFile read =
        read(
            "a.svg",
            svg(
                "width=\"500mm\" height=\"400mm\" viewBox=\"0 0 500 400\"",
                "<rect x=\"10\" y=\"10\" width=\"5\" height=\"5\"/>"
                    + "<path d=\"M50 50 h400 v300 h-400 z\"/>"));
    assertThat(size(read).width()).isCloseTo(400, within(1e-6));
    assertThat(size(read).height()).isCloseTo(300, within(1e-6));
    assertThat(read.outline().open()).isZero();
    assertThat(read.unitSuspicion()).isFalse();
    assertThat(read.said().toString()).contains("mm").contains("400.0");
  }

  @Test
  void anSvgInInchesAndOneInDotsAreScaled() throws Exception {
    OutlineFile inches =
        read(
            "a.svg",
            svg(
                "width=\"20in\" height=\"16in\" viewBox=\"0 0 2000 1600\"",
                "<polygon points=\"0,0 1500,0 1500,1000 0,1000\"/>"));
    assertThat(size(inches).width()).isCloseTo(15 * 25.4, within(1e-6));
    OutlineFile bare = read("b.svg", svg("", "<circle cx=\"0\" cy=\"0\" r=\"200\"/>"));
    assertThat(bare.unitSuspicion()).isTrue();
    assertThat(bare.said().toString()).contains("no unit given: read as mm");
    assertThat(size(bare).width()).isCloseTo(400, within(0.1));
    OutlineFile small = read("c.svg", svg("", "<circle cx=\"0\" cy=\"0\" r=\"8\"/>"));
    assertThat(small.said().toString()).contains("inches");
    assertThat(size(small).width()).isCloseTo(16 * 25.4, within(0.1));
  }

  /** The same rectangle told in each unit, with and without a size of the whole drawing. */
  @Test
  void lengthsWithUnitsOfTheirOwnAreThatLong() throws Exception {
    String[][] told = {
      {"400mm", "300mm"},
      {"40cm", "30cm"},
      {"15.748031496062992in", "11.811023622047244in"},
      {"1133.8582677165355pt", "850.3937007874016pt"},
      {"94.48818897637796pc", "70.86614173228347pc"},
    };
    for (String[] size : told) {
      String rectangle =
          "<rect x=\"0\" y=\"1in\" width=\"" + size[0] + "\" height=\"" + size[1] + " \"/>";
      for (String whole :
          new String[] {"", "width=\"100%\"", "width=\"40em\"", "width=\"500mm\""}) {
        OutlineFile read = read("a.svg", svg(whole, rectangle));
        assertThat(size(read).width()).as(size[0]).isCloseTo(400, within(1e-6));
        assertThat(size(read).height()).as(size[1]).isCloseTo(300, within(1e-6));
        assertThat(read.unitSuspicion()).as(whole).isFalse();
      }
      // Twice as large on paper as its own units are: they count as they do for everything else.
      OutlineFile doubled =
          read(
              "a.svg",
              svg(
                  "width=\"508mm\" viewBox=\"0 0 960 960\"",
                  "<rect width=\"200mm\" height=\"150mm\"/><circle r=\"1\"/>"));
      assertThat(size(doubled).width()).isCloseTo(400, within(1e-6));
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"12em", "50%", "3 furlongs", "mm", "1e400mm", "0x10"})
  void aLengthThatCantBeReadIsSaidWithItsLine(String width) {
    assertThatThrownBy(
            () -> read("a.svg", svg("", "\n<rect width=\"" + width + "\" height=\"9\"/>")))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("line 2");
  }

  @Test
  void aWrongUnitIsSuspected() throws Exception {
    OutlineFile read =
        read(
            "a.svg",
            svg(
                "width=\"20mm\" height=\"20mm\" viewBox=\"0 0 20 20\"",
                "<path d=\"M0 0 H16 V12 H0 Z\"/>"));
    assertThat(read.unitSuspicion()).isTrue();
    assertThat(read.said().toString()).contains("the unit may be wrong").contains("406.4");
    Build build = Heron.build().asDesigned();
    Plan plan =
        Plan.of(
            build.withDesign(build.design().withDrawn(Optional.of(read.outline()))), Demo.shop());
    assertThat(plan.problems())
        .extracting(Finding::where)
        .as("said at its place")
        .contains("outline.scale");
  }

  @Test
  void groupsTurnAndCurvesAreFollowed() throws Exception {
    OutlineFile read =
        read(
            "a.svg",
            svg(
                "width=\"600mm\" height=\"600mm\" viewBox=\"0 0 600 600\"",
                "<g transform=\"translate(300,300) rotate(90)\"><g transform=\"scale(2)\">"
                    + "<path d=\"M-100,0 A100 50 0 0 1 100 0 A100 50 0 0 1 -100 0 z\"/></g></g>"));
    assertThat(size(read).width()).isCloseTo(200, within(0.05));
    assertThat(size(read).height()).isCloseTo(400, within(0.05));
    assertThat(new Outline(read.outline().corners()).area())
        .isCloseTo(Math.PI * 200 * 100, within(30.0));
    OutlineFile curves =
        read(
            "b.svg",
            svg(
                "width=\"600mm\" height=\"600mm\" viewBox=\"0 0 600 600\"",
                "<path d=\"m0,0c0-100 300-100,300 0s-10,200 -150,200q-150 0-150-100t0-100z\"/>"));
    assertThat(new Outline(curves.outline().corners()).crossing()).isEmpty();
    assertThat(size(curves).width()).isBetween(290.0, 330.0);
  }

  private static String dxf(String... groups) {
    return String.join("\n", groups) + "\n0\nEOF\n";
  }

  /** Points that a curve goes through say no curve; that it is left out is told. */
  @Test
  void aSplineByPointsAloneIsToldAsLeftOut() throws Exception {
    String points = "0\nSPLINE\n70\n8\n71\n3\n74\n3\n11\n0\n21\n0\n11\n50\n21\n90\n11\n100\n21\n0";
    String square =
        "0\nLWPOLYLINE\n70\n1\n10\n0\n20\n0\n10\n400\n20\n0\n10\n400\n20\n300\n10\n0\n20\n300";
    OutlineFile read = read("a.dxf", dxf(points, square, points));
    assertThat(read.said().toString()).contains("2 splines skipped");
    assertThat(size(read).width()).isEqualTo(400);
    assertThat(read("b.dxf", dxf(square)).said().toString()).doesNotContain("left out");
    assertThatThrownBy(() -> read("c.dxf", dxf(points)))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("one spline skipped");
  }

  @Test
  void aDxfPolylineWithBulges() throws Exception {
    // two half circles of 150 on the ends of a 200 long rectangle
    OutlineFile read =
        read(
            "a.dxf",
            dxf(
                "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nENTITIES",
                "0\nLWPOLYLINE\n90\n4\n70\n1",
                "10\n0\n20\n0\n10\n200\n20\n0\n42\n1\n10\n200\n20\n300\n10\n0\n20\n300\n42\n1"));
    assertThat(size(read).width()).isCloseTo(500, within(0.05));
    assertThat(new Outline(read.outline().corners()).area())
        .isCloseTo(200 * 300 + Math.PI * 150 * 150, within(20.0));
  }

  @Test
  void dxfLinesAndArcsAreJoinedEndToEnd() throws Exception {
    OutlineFile read =
        read(
            "a.dxf",
            dxf(
                "9\n$INSUNITS\n70\n1",
                "0\nLINE\n10\n0\n20\n0\n11\n14\n21\n0",
                "0\nLINE\n10\n14\n20\n10\n11\n0\n21\n10",
                "0\nARC\n10\n14\n20\n5\n40\n5\n50\n270\n51\n90",
                "0\nLINE\n10\n0\n20\n10\n11\n0\n21\n0"));
    assertThat(read.outline().open()).isZero();
    assertThat(size(read).width()).isCloseTo(19 * 25.4, within(0.05));
    assertThat(read.said().toString()).contains("inches");
  }

  @Test
  void whatTheProgramWritesItReads() throws Exception {
    Plan plan = Heron.with();
    Path file = folder.resolve("plan.dxf");
    Files.write(file, DxfWriter.write(Sheet.BODY_TOP.of(plan, Units.MM)));
    OutlineFile read = OutlineFile.read(file, DrawnPart.BODY);
    Outline body = plan.body().outline().shape();
    assertThat(new Outline(read.outline().corners()).area())
        .isCloseTo(body.area(), within(body.area() * 0.001));
    Path svg = folder.resolve("plan.svg");
    Files.write(svg, SvgWriter.write(Sheet.BODY_TOP.of(plan, Units.MM)));
    assertThat(new Outline(OutlineFile.read(svg, DrawnPart.BODY).outline().corners()).area())
        .isCloseTo(body.area(), within(body.area() * 0.001));
  }

  @Test
  void aDrawnOutlineIsPutInItsPlaceAndSaved() throws Exception {
    OutlineFile read =
        read(
            "a.svg",
            svg(
                "width=\"500mm\" height=\"400mm\" viewBox=\"0 0 500 400\"",
                "<ellipse cx=\"220\" cy=\"190\" rx=\"200\" ry=\"160\"/>"));
    Build build = Heron.build().asDesigned();
    Build drawn = build.withDesign(build.design().withDrawn(Optional.of(read.outline())));
    Plan plan = Plan.of(drawn, Demo.shop());
    assertThat(plan.body().outline().bounds().left()).isCloseTo(432, within(0.1));
    assertThat(plan.body().outline().bounds().width()).isCloseTo(400, within(0.1));
    assertThat(plan.body().outline().bounds().high())
        .as("its middle on the centre line")
        .isCloseTo(160, within(0.1));
    Path file = folder.resolve("b.roughcut.json");
    BuildFile.at(file).save(drawn);
    Build back = BuildFile.open(file).build();
    assertThat(back.design().drawn().equals(drawn.design().drawn())).isTrue();
    assertThat(back.design().fittings()).isEqualTo(drawn.design().fittings());
    BuildFile again = BuildFile.open(file).file();
    again.save(build);
    assertThat(BuildFile.open(file).build().design().drawn().isEmpty())
        .as("and taken out again")
        .isTrue();
  }

  @Test
  void anOpenPathIsClosedAndSaid() throws Exception {
    OutlineFile read =
        read(
            "open.svg",
            svg(
                "width=\"500mm\" height=\"400mm\" viewBox=\"0 0 500 400\"",
                "<path d=\"M0 0 H400 V300 H0 V12\"/>"));
    assertThat(read.outline().open()).isCloseTo(12, within(1e-6));
    Build build = Heron.build().asDesigned();
    Plan plan =
        Plan.of(
            build.withDesign(build.design().withDrawn(Optional.of(read.outline()))), Demo.shop());
    assertThat(plan.problems())
        .anyMatch(
            p ->
                p.where().equals("outline.turn")
                    && p.words().contains("12.0 mm apart")
                    && p.words().contains("open.svg"));
  }

  @Test
  void anOutlineThatCrossesItselfIsDrawnAndSaid() throws Exception {
    OutlineFile read =
        read(
            "eight.svg",
            svg(
                "width=\"500mm\" height=\"400mm\" viewBox=\"0 0 500 400\"",
                "<polygon points=\"0,0 400,300 400,0 0,300\"/>"));
    Build build = Heron.build().asDesigned();
    Plan plan =
        Plan.of(
            build.withDesign(build.design().withDrawn(Optional.of(read.outline()))), Demo.shop());
    assertThat(plan.problems()).anyMatch(p -> p.words().contains("crosses itself"));
    assertThat(plan.body().outline().raw().corners()).hasSize(4);
    assertThat(Sheet.BODY_TOP.of(plan, Units.MM).marks())
        .anyMatch(m -> m.role() == roughcut.drawing.Role.STOP);
  }

  @ParameterizedTest
  @ValueSource(strings = {"a.svg", "a.dxf", "a.txt"})
  void filesThatAreNoDrawingsAreRefusedInWords(String name) {
    assertThatThrownBy(() -> read(name, "just some words\n"))
        .isInstanceOf(FileException.class)
        .hasMessageContaining(name);
    assertThatThrownBy(() -> read(name, "")).isInstanceOf(FileException.class);
  }

  @Test
  void outsideEntitiesAreRefused() {
    assertThatThrownBy(
            () ->
                read(
                    "a.svg",
                    "<?xml version=\"1.0\"?><!DOCTYPE svg [<!ENTITY x SYSTEM \"file:///etc/passwd\">]>"
                        + "<svg xmlns=\"http://www.w3.org/2000/svg\"><path d=\"&x;\"/></svg>"))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("entities");
    assertThatThrownBy(
            () ->
                read(
                    "b.svg",
                    "<!DOCTYPE s [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;\">]>"
                        + "<svg>&b;&b;&b;</svg>"))
        .isInstanceOf(FileException.class);
  }

  @Test
  void aMillionPointsAreRefused() {
    StringBuilder many = new StringBuilder("M0 0");
    for (int i = 0; i < 1_000_000; i++) {
      many.append('h').append(i % 2);
    }
    assertThatThrownBy(() -> read("a.svg", svg("", "<path d=\"" + many + "z\"/>")))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("more than");
    StringBuilder lines = new StringBuilder();
    for (int i = 0; i < 30_000; i++) {
      lines.append("0\nLINE\n10\n").append(i).append("\n20\n0\n11\n").append(i).append("\n21\n9\n");
    }
    assertThatThrownBy(() -> read("a.dxf", lines.toString()))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("more than");
  }

  @Test
  void deepNestsAndEndlessNumbersAreRefused() {
    assertThatThrownBy(
            () ->
                read(
                    "a.svg",
                    svg("", "<g>".repeat(5000) + "<path d=\"M0 0h9v9z\"/>" + "</g>".repeat(5000))))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("nested deeper")
        .hasMessageContaining("line");
    assertThatThrownBy(
            () -> read("b.svg", svg("", "<path d=\"M0 0h" + "9".repeat(100_000) + "z\"/>")))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("a number of more than");
    assertThatThrownBy(
            () ->
                read(
                    "c.svg",
                    svg("width=\"" + "7".repeat(5000) + "mm\"", "<path d=\"M0 0h9v9z\"/>")))
        .isInstanceOf(FileException.class);
    assertThatThrownBy(
            () -> read("a.dxf", "0\nCIRCLE\n10\n" + "1".repeat(900_000) + "\n20\n0\n40\n100\n"))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("longer than");
    assertThatThrownBy(() -> read("d.svg", svg("", "<path d=\"M0 0L1e300 0L0 1e300z\"/>")))
        .isInstanceOf(FileException.class);
    assertThatThrownBy(() -> read("e.svg", " ".repeat(4_500_000)))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("MB");
  }

  @Test
  void brokenPathsAreToldWithTheirLine() {
    assertThatThrownBy(() -> read("a.svg", svg("", "\n\n<path d=\"M0 0 L 10 frog\"/>")))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("“f”")
        .hasMessageContaining("line 3");
    assertThatThrownBy(() -> read("b.svg", "<svg><g></svg>"))
        .isInstanceOf(FileException.class)
        .hasMessageContaining("broken (line 1");
  }
}

package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.drawing.Shading;
import roughcut.drawing.Sheet;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** Sheets are line drawings unless the maker wants them coloured; nothing else differs. */
class ShadingTest {
  private static PageSetup setup(Shading shading) {
    return new PageSetup(Paper.A4, shading, Units.MM);
  }

  private static List<Mark> withoutWood(Drawing drawing) {
    return drawing.marks().stream().filter(m -> m.wood().isEmpty()).toList();
  }

  @Test
  void onlyWoodDiffersAndItStillHidesWhatLiesUnderIt() {
    int pieces = 0;
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build, Demo.shop());
      for (Sheet sheet : Sheet.values()) {
        Drawing lines = setup(Shading.LINES).drawing(sheet, plan);
        Drawing coloured = setup(Shading.WOOD).drawing(sheet, plan);
        assertThat(lines.marks()).hasSameSizeAs(coloured.marks());
        assertThat(withoutWood(lines)).isEqualTo(withoutWood(coloured));
        assertThat(lines.bounds()).isEqualTo(coloured.bounds());
        assertThat(lines.pieces()).isEqualTo(coloured.pieces());
        for (int i = 0; i < lines.marks().size(); i++) {
          if (lines.marks().get(i).wood().isPresent()) {
            Mark.Fill white = lines.marks().get(i).wood().get();
            Mark.Fill tinted = coloured.marks().get(i).wood().orElseThrow();
            assertThat(white.shape()).as("in its place, and as large").isEqualTo(tinted.shape());
            assertThat(white.fill()).isEqualTo("#FFFFFF");
            assertThat(white.figure()).isNull();
            pieces++;
          }
        }
      }
    }
    assertThat(pieces).isGreaterThan(100);
  }

  /** By another reader: how dark the pages are when they are painted. */
  @Test
  void aBodysSheetInLinesTakesAFractionOfTheInk() throws IOException {
    Plan plan = Heron.with();
    for (Sheet sheet : List.of(Sheet.BODY_TOP, Sheet.BODY_BACK, Sheet.PLAN)) {
      double lines = ink(setup(Shading.LINES).pdf(sheet, plan));
      double coloured = ink(setup(Shading.WOOD).pdf(sheet, plan));
      assertThat(lines).as("%s has lines at all", sheet).isGreaterThan(0.001);
      assertThat(lines).as("%s", sheet).isLessThan(coloured / 3);
    }
  }

  private static double ink(byte[] pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      PDFRenderer renderer = new PDFRenderer(document);
      double dark = 0;
      for (int page = 1; page < document.getNumberOfPages(); page++) {
        BufferedImage image = renderer.renderImageWithDPI(page, 40);
        for (int x = 0; x < image.getWidth(); x++) {
          for (int y = 0; y < image.getHeight(); y++) {
            int rgb = image.getRGB(x, y);
            dark += 1 - ((rgb >> 16 & 255) + (rgb >> 8 & 255) + (rgb & 255)) / 765.0;
          }
        }
      }
      return dark / (331 * 468) / document.getNumberOfPages();
    }
  }
}

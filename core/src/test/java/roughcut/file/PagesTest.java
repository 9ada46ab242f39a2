package roughcut.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.drawing.Sheet;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** A page writes only what it shows: nothing that belongs on it is left out. */
class PagesTest {
  private static final float DPI = 100;

  /** Every line of the drawing leaves ink on every page that it crosses, where it crosses it. */
  @Test
  void everyLineIsInkedOnEveryPageThatItCrosses() throws Exception {
    int looked = 0;
    for (roughcut.record.Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build, Demo.shop());
      for (Sheet sheet : List.of(Sheet.PLAN, Sheet.BODY_TOP)) {
        Drawing drawing = sheet.of(plan, Units.MM);
        Tiling tiling = Tiling.of(drawing, Paper.A4);
        byte[] bytes = PdfWriter.write(drawing, Paper.A4, Units.MM);
        try (PDDocument pdf = Loader.loadPDF(bytes)) {
          PDFRenderer renderer = new PDFRenderer(pdf);
          for (int i = 0; i < tiling.tiles().size(); i += 2) {
            Tiling.Tile tile = tiling.tiles().get(i);
            BufferedImage page = renderer.renderImageWithDPI(i + 1, DPI);
            looked += inked(drawing, tile.shows(), page);
          }
        }
      }
    }
    assertThat(looked).isGreaterThan(3000);
  }

  private static int inked(Drawing drawing, Bounds shows, BufferedImage page) {
    int looked = 0;
    for (int i = 0; i < drawing.marks().size(); i++) {
      Mark mark = drawing.marks().get(i);
      if (!(mark instanceof Mark.Stroke path) || path.role().dash().lengths().length > 0) {
        continue;
      }
      List<Point> line = new ArrayList<>(path.points());
      if (path.closed()) {
        line.add(line.get(0));
      }
      for (int k = 1; k < line.size(); k++) {
        Point p = line.get(k - 1).towards(line.get(k), 0.5);
        if (!shows.expanded(-2).contains(p) || line.get(k - 1).distance(line.get(k)) < 1) {
          continue;
        }
        if (covered(drawing, i, p)) {
          continue;
        }
        double x = (p.x() - shows.left() + Tiling.MARGIN) * DPI / 25.4;
        double y = page.getHeight() - (p.y() - shows.low() + Tiling.MARGIN) * DPI / 25.4;
        assertThat(dark(page, (int) x, (int) y)).as("%s at %s", path.role(), p).isTrue();
        looked++;
      }
    }
    return looked;
  }

  /**
   * Whether something that is drawn later lies over a place: a fretboard over the neck's strips.
   */
  private static boolean covered(Drawing drawing, int mark, Point p) {
    return drawing.marks().stream()
        .skip(mark + 1L)
        .anyMatch(m -> m instanceof Mark.Fill fill && fill.shape().buffer(0.3).contains(p));
  }

  private static boolean dark(BufferedImage page, int x, int y) {
    for (int dx = -2; dx <= 2; dx++) {
      for (int dy = -2; dy <= 2; dy++) {
        int at = page.getRGB(x + dx, y + dy);
        if ((at & 0xff) < 235 || (at >> 8 & 0xff) < 235) {
          return true;
        }
      }
    }
    return false;
  }
}

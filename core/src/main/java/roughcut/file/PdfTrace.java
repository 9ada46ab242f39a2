package roughcut.file;

import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import roughcut.geometry.Arc;
import roughcut.geometry.Cubic;
import roughcut.geometry.Line;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;

/** Lays a path on a page, to be stroked or filled. PDF knows no arcs: cubics instead. */
final class PdfTrace implements Segment.Cases<Void, IOException> {
  private final PDPageContentStream content;

  private PdfTrace(PDPageContentStream content) {
    this.content = content;
  }

  static void of(PDPageContentStream content, Path path) throws IOException {
    Point begin = path.segments().isEmpty() ? path.points().get(0) : path.segments().get(0).start();
    content.moveTo((float) begin.x(), (float) begin.y());
    PdfTrace trace = new PdfTrace(content);
    for (Segment segment : path.segments()) {
      segment.fold(trace);
    }
    if (path.closed()) {
      content.closePath();
    }
  }

  @Override
  public Void line(Line line) throws IOException {
    content.lineTo((float) line.b().x(), (float) line.b().y());
    return null;
  }

  @Override
  public Void arc(Arc arc) throws IOException {
    for (Cubic piece : arc.cubics()) {
      cubic(piece);
    }
    return null;
  }

  @Override
  public Void cubic(Cubic cubic) throws IOException {
    content.curveTo(
        (float) cubic.b().x(),
        (float) cubic.b().y(),
        (float) cubic.c().x(),
        (float) cubic.c().y(),
        (float) cubic.d().x(),
        (float) cubic.d().y());
    return null;
  }
}
